import { sayAll } from '@dagboek/core/units';
import { isBan, type LonLat, readRule, type RulePack, zonesOfPlace } from '@dagboek/core/rules';
import { openTrip, placeNow, type TripState } from '@dagboek/journal';
import { sayDate, stamp } from '@dagboek/core/time';
import { useState } from 'react';
import { useNames, useRules } from '../../asked/names.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { usePositionSource } from '../../devices/position.ts';
import { Chips } from '../../ui/chips.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { NOW, type When, WhenField, whenMs } from '../../asked/when.tsx';
import { sayPosition, ZoneMap } from './zone-map.tsx';
import { KeyLink } from '../../ui/key.tsx';

/** The map of the waters: where the boat is by the position source or by hand, and what that changes. */
export function MapPage() {
  const { book } = useBook();
  const rules = useRules();
  const trip = openTrip(book);
  if (!rules)
    return (
      <Page title="Map" first={{ label: 'Map', value: 'none' }} cells={[]}>
        <Row className="pad">
          <h2>No map</h2>
          <p>This book has no rule pack, or the pack is not on this device yet. The zones come from it.</p>
        </Row>
      </Page>
    );
  return <Waters rules={rules} trip={trip} />;
}

function Waters({ rules, trip }: { rules: RulePack; trip: TripState | null }) {
  const names = useNames();
  const { time, zone: tz } = useFormat();
  const { write } = useWrite();
  const source = usePositionSource(trip);
  const held = trip ? placeNow(trip) : null;
  const [set, setSet] = useState<LonLat | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const byHand = set !== null || said !== null;
  const mark = set ?? (said ? null : (source.fix?.position ?? held?.position ?? null));
  const place = zonesOfPlace(rules, said ?? held?.zone ?? rules.zones[0]?.id ?? '', mark);
  const move = async (): Promise<void> => {
    if (!trip) return;
    const r = await write(
      'trip.moved',
      trip.id,
      {
        zone: place.zone,
        ...(mark ? { position: [mark[0], mark[1]] } : {}),
        by: byHand ? 'by hand' : 'position source',
      },
      { atMs: whenMs(when) },
    );
    setTrouble(r.ok ? null : r.why);
    if (r.ok) {
      setSet(null);
      setSaid(null);
      setWhen(NOW);
    }
  };
  return (
    <Page
      title="Map of the waters"
      first={{ label: 'Zones', value: rules.zones.length }}
      cells={[
        { label: 'Rules', value: rules.sample ? `${rules.name}, not law` : rules.name },
        { label: 'Checked', value: `${sayDate(rules.checked)} ${rules.checked.slice(0, 4)}` },
        { label: 'Trip', value: trip ? names.zone(held?.zone ?? trip.zone) : 'none open' },
      ]}
    >
      <Row>
        <div className="py-3.5 pr-4.5 pl-0 gap-5 grid grid-cols-[minmax(0,1fr)_370px] max-[901px]:grid-cols-[minmax(0,1fr)]">
          <div>
            <ZoneMap
              rules={rules}
              here={place.zone}
              mark={mark}
              onMark={(at) => {
                setSet(at);
                setSaid(null);
              }}
            />
          </div>
          <div>
            <h2>{names.zone(place.zone)}</h2>
            <p aria-live="polite">
              {mark ? sayPosition(mark) : 'No position; by zone only.'}
              {place.alsoIn.length > 0 &&
                ` It is inside ${sayAll(place.alsoIn.map(names.zone))}, whose rules apply too.`}
              {held?.since && !byHand && ` Since ${time(held.since)}.`}
            </p>
            {place.outside && (
              <p className="alert alert-warning">
                <b>Outside all drawn zones.</b> It counts as {names.zone(place.zone)} unless you choose another zone.
              </p>
            )}
            <WhatChanges rules={rules} zone={place.zone} />
            <fieldset className="pt-2 my-3.5 mx-0 border-t border-rule-2">
              <legend className="pr-2 font-semibold">Position source</legend>
              <label className="tick">
                <input type="checkbox" checked={source.followed} onChange={(e) => source.follow(e.target.checked)} />
                Follow the position on this device
              </label>
              <p className="hint">
                {!source.followed
                  ? 'Not asked. The position is simulated here: a boat drifting in the zone. A position never leaves this book.'
                  : source.failed
                    ? 'It does not answer. Set the mark by hand: tap the map, or move the mark with the arrow keys.'
                    : source.fix
                      ? `${source.fix.simulated ? 'Simulated' : 'Read'} at ${time(stamp(Date.parse(source.fix.at), tz))}, good to ${source.fix.goodToM} m.`
                      : trip
                        ? 'Asking it.'
                        : 'The position is asked for once a trip has started.'}
              </p>
            </fieldset>
            <Chips
              label="Or choose the zone by name"
              options={rules.zones.map((z) => ({ value: z.id, text: z.name }))}
              value={said ?? (byHand ? null : place.zone)}
              onChange={(z) => {
                setSaid(z);
                setSet(null);
              }}
            />
            {trip ? (
              <>
                <WhenField value={when} onChange={setWhen} />
                <Trouble says={trouble} />
                <div className="keys">
                  <DeckKey
                    act
                    name="We are here"
                    note={`saves ${names.zone(place.zone)}; later catches count there`}
                    onClick={() => void move()}
                  />
                  <KeyLink to="/deck" name="Back to the deck" />
                </div>
              </>
            ) : (
              <p className="hint">No trip has started: look around freely. Nothing is saved.</p>
            )}
          </div>
        </div>
      </Row>
    </Page>
  );
}

/** Rules that hold in this zone and not everywhere, as the data say them. */
function WhatChanges({ rules, zone }: { rules: RulePack; zone: string }) {
  const names = useNames();
  const own = rules.rules.filter((r) => r.zones?.includes(zone));
  if (own.length === 0) return <p>No special rules here; the general ones apply.</p>;
  return (
    <>
      <h3 className="mt-2.5">Special rules for this zone</h3>
      <ul className="plain-list">
        {own.map((r) => (
          <li key={r.id}>{isBan(r) ? <b>{readRule(r, names)}</b> : readRule(r, names)}</li>
        ))}
      </ul>
    </>
  );
}
