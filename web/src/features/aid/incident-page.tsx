import { aidCard, HOT_WATER, saySoak } from '@dagboek/core/harm';
import { type IncidentState, SIGNS, soakOf } from '@dagboek/journal';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useCatalogueIfHere } from '../../asked/catalogue.ts';
import { useCrew } from '../../asked/crew.ts';
import { WhenFacts } from '../../asked/facts-here.tsx';
import { useFormatIfHere } from '../../asked/format.ts';
import { degrees } from '../../asked/units.ts';
import { useWrite, type WriteResult } from '../../asked/use-write.ts';
import { CallKey, CallStrip } from '../../frame/emergency-number.tsx';
import { MissingPage } from '../../frame/missing-page.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { StruckBanner } from '../../frame/struck-banner.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { LogLines } from '../../lines/log-lines.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Chips } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Foot } from '../../ui/foot.tsx';
import { KeyLink } from '../../ui/key.tsx';
import { NowTime } from '../../ui/now-time.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useNow } from '../../ui/use-now.ts';
import { CardOfIncident } from './card-of-incident.tsx';
import { SoakPanel, useBowl } from './soak-panel.tsx';

const SIGN_WORDS = {
  easing: ['Less pain', 'Less pain.'],
  'the same': ['The same', 'No change.'],
  worse: ['Worse', 'Worse.'],
} as const;

/** Someone is hurt: the clock, what to do, how it goes, all with its time. */
export function IncidentPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const incident = book.getAny('incident', id);
  if (!incident) return <MissingPage />;
  return <Incident incident={incident} />;
}

function Incident({ incident }: { incident: IncidentState }) {
  const { book } = useBook();
  const format = useFormatIfHere();
  const time = (at: string): string => format?.time(at) ?? '';
  // Nothing may lie over a key here: a line is struck in the log below.
  const { write, amend } = useWrite();
  const { members } = useCrew();
  const bowl = useBowl(incident);
  const now = useNow(1000);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const [text, setText] = useState('');
  const worse = incident.notes.findLast((n) => n.sign !== null)?.sign === 'worse';
  const card = aidCard(incident.card);
  const culprit = useCatalogueIfHere()?.byId(incident.by) ?? null;
  const soak = soakOf(incident, now, bowl.waterC);
  const done = (r: WriteResult): void => {
    setTrouble(r.ok || r.why === '' ? null : r.why);
    if (!r.ok) return;
    setAsking(false);
    setText('');
  };
  const topUp = (): void => void write('incident.soaked', incident.id, {}).then(done);
  const say = (): void => void write('incident.noted', incident.id, { text: text.trim() }).then(done);
  const end = (how: string): void => void write('incident.ended', incident.id, { how }).then(done);
  const title = culprit ? `${card?.title ?? 'Hurt'}: ${culprit.name}` : (card?.title ?? 'Hurt');
  return (
    <Page
      title={title}
      first={{ label: 'Since', value: time(incident.at) }}
      cells={[
        { label: format ? format.shortDay(format.day(incident.at)) : 'Card', value: title },
        { label: 'Who', value: (incident.who && book.getAny('member', incident.who)?.name) || 'not said' },
      ]}
    >
      <WhenFacts>
        <StruckBanner state={incident} />
      </WhenFacts>
      {card && !incident.ended && (
        <Row className="call-row">
          <CallStrip signs={card.call} />
        </Row>
      )}
      <Row
        className="pad open-entry"
        time={
          <>
            <NowTime>{time(incident.at)}</NowTime>
            <span>{incident.ended ? 'over' : card?.title.toLowerCase()}</span>
          </>
        }
      >
        {incident.ended ? (
          <p>
            <b>Over{format && `, ${format.timeBeside(incident.ended.at, incident.at)}`}:</b> {incident.ended.how}
          </p>
        ) : (
          card?.hotWater && <SoakPanel incident={incident} bowl={bowl} />
        )}
        <CardOfIncident card={card} incident={incident} soak={soak} culprit={culprit} />
        {!incident.ended && (
          <Foot
            above={
              <>
                <Trouble says={trouble} />
                {worse && (
                  <section className="alert alert-warning worse" role="alert">
                    <p>
                      <b>Worse: call for help now, if you have not.</b>
                    </p>
                    <CallKey />
                  </section>
                )}
              </>
            }
          >
            {card?.hotWater && (
              <DeckKey
                act
                name={soak ? 'Topped up' : 'Into hot water'}
                note={soak ? saySoak(soak).key : degrees(`tested first, ${HOT_WATER.leastC} to ${HOT_WATER.mostC}°`)}
                onClick={topUp}
              />
            )}
            {SIGNS.map((sign) => (
              <DeckKey
                key={sign}
                name={SIGN_WORDS[sign][0]}
                onClick={() =>
                  void write('incident.noted', incident.id, { sign, text: SIGN_WORDS[sign][1] }).then(done)
                }
              />
            ))}
          </Foot>
        )}
      </Row>
      <Row className="pad ruled">
        {!incident.ended && !incident.who && members.length > 0 && (
          <Chips
            label="Who is it?"
            options={members.map((m) => ({ value: m.id, text: m.name }))}
            value={null}
            onChange={(who) => void amend(incident, 'incident.begun', { who }).then(done)}
          />
        )}
        <h2>Notes</h2>
        <WhenFacts>
          <LogLines lines={incident.log} />
        </WhenFacts>
        <div className="keys">
          {!incident.ended && <DeckKey name="Note" onClick={() => setAsking(true)} />}
          {!incident.ended && <DeckKey name="It has ended" note="better" onClick={() => end('better')} />}
          {!incident.ended && (
            <DeckKey name="Seen by a doctor" note="ends this record" onClick={() => end('seen by a doctor')} />
          )}
          <KeyLink to={`/hurt/${incident.id}/sheet`} name="Sheet" note="for a doctor" />
          <KeyLink to="/hurt" name="All cards" />
          <KeyLink to="/deck" name="Back to the deck" note="timers keep running" />
        </div>
      </Row>
      <Dialog title="What was seen or done?" open={asking} onClose={() => setAsking(false)}>
        <textarea
          className="textarea"
          rows={3}
          aria-label="What was seen or done"
          placeholder="swollen to the wrist"
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <Trouble says={trouble} />
        <div className="keys">
          <DeckKey act name="Noted" onClick={say} />
        </div>
      </Dialog>
    </Page>
  );
}
