import { aidCard, EMERGENCY_LINES, sayPositionAloud } from '@dagboek/core/harm';
import { placeAt, sayEntry } from '@dagboek/journal';
import { useState } from 'react';
import { sayDate } from '@dagboek/core/time';
import { useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { degrees } from '../../asked/units.ts';
import { PrintPage } from '../../frame/print-page.tsx';
import { useEmergencyNumber, useOtherNumbers } from '../../frame/emergency-number.tsx';

/** What happened, when, and what was done, on one page for a doctor. The place is the book's own: it stands there only where that is ticked. */
export function IncidentSheet() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const names = useNames();
  const { byId } = useCatalogue();
  const { time, timeBeside, day } = useFormat();
  const incident = book.getAny('incident', id);
  const [number] = useEmergencyNumber();
  const others = useOtherNumbers();
  const [withPlace, setWithPlace] = useState(false);
  if (!incident) return <MissingPage />;
  const trip = incident.trip ? book.getAny('trip', incident.trip) : null;
  const at = trip ? placeAt(trip, incident.at) : null;
  const card = aidCard(incident.card);
  const fish = byId(incident.by);
  const on = day(incident.at);
  const born = incident.who ? book.get('member', incident.who)?.bornOn : null;
  return (
    <PrintPage
      back={{ to: `/hurt/${incident.id}`, name: 'Back to it' }}
      title="For the doctor"
      aside={
        <>
          Notes made at the time, not by a doctor.
          <br />
          Crossed-out entries are shown, not removed.
        </>
      }
      cells={[
        ['Day', `${sayDate(on)} ${on.slice(0, 4)}`],
        ['At', time(incident.at)],
        ['Who', `${incident.who ? names.member(incident.who) : 'not said'}${born ? `, born ${born}` : ''}`],
        ['What', card?.title ?? incident.card],
        ['By', fish ? `${fish.name} (${fish.latin})` : 'not known'],
      ]}
      foot={[
        'Times by the clock of the waters.',
        incident.ended ? `Over ${timeBeside(incident.ended.at, incident.at)}` : 'Not over',
      ]}
    >
      <table className="w-full border-collapse">
        <thead>
          <tr>
            <th>Time</th>
            <th>Noted</th>
          </tr>
        </thead>
        <tbody>
          {incident.log.map((l) => (
            <tr key={l.first.id}>
              <td>{timeBeside(l.now.at, incident.at)}</td>
              <td>{l.struck ? <s>{sayEntry(l.now, names)}</s> : sayEntry(l.now, names)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        <b>To call:</b>{' '}
        {EMERGENCY_LINES.flatMap((l) => {
          const n = l.id === 'emergency' ? number : others[l.id];
          return n ? [`${l.name.toLowerCase()} ${n}`] : [];
        }).join(', ')}
        .
      </p>
      {at && (
        <>
          <label className="check print:hidden">
            <input
              type="checkbox"
              className="checkbox"
              checked={withPlace}
              onChange={(e) => setWithPlace(e.target.checked)}
            />
            Include the position
          </label>
          {withPlace && (
            <p>
              <b>Where:</b> {names.zone(at.zone)}
              {at.position ? `, ${sayPositionAloud(at.position)}` : ''}.
            </p>
          )}
        </>
      )}
      {fish && (
        <>
          <h2>What this fish does</h2>
          {fish.hazards.map((h) => (
            <p key={`${h.part} ${h.where}`}>
              {h.where} {h.does}
            </p>
          ))}
          {fish.aid && <p>{degrees(fish.aid)}</p>}
        </>
      )}
    </PrintPage>
  );
}
