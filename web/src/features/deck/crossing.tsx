import { isClosedZone, zonesOfPlace } from '@dagboek/core/rules';
import { placeNow, type TripState } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useState } from 'react';
import { Link } from 'react-router';
import { useNames, useRules } from '../../asked/names.ts';
import { useFormat } from '../../asked/format.ts';
import { useWrite } from '../../asked/use-write.ts';
import { Row } from '../../frame/page.tsx';
import { usePositionSource } from '../../devices/position.ts';
import { Trouble } from '../../ui/trouble.tsx';
import { LineKey } from '../../ui/key.tsx';

/** Where the boat is when that is not where it set out for, and, while the position source is followed, that it has crossed into another zone. */
export function Crossing({ trip }: { trip: TripState }) {
  const rules = useRules();
  const names = useNames();
  const { time, zone: tz } = useFormat();
  const { fix, failed } = usePositionSource(trip);
  const { write } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  if (!rules) return null;
  const held = placeNow(trip);
  const noted = zonesOfPlace(rules, held.zone, held.position);
  const seen = fix ? zonesOfPlace(rules, held.zone, fix.position) : null;
  const crossed = seen !== null && !seen.outside && seen.zone !== noted.zone;
  const closed = (id: string): boolean => isClosedZone(rules, id);
  const note = async (): Promise<void> => {
    if (!fix || !seen) return;
    const r = await write('trip.moved', trip.id, {
      zone: seen.zone,
      position: [fix.position[0], fix.position[1]],
      by: 'position source',
    });
    setTrouble(r.ok ? null : r.why);
  };
  if (crossed)
    return (
      <Row className="crossing pad" time={<b>{fix ? time(stamp(Date.parse(fix.at), tz)) : ''}</b>}>
        <p role="alert">
          <b className={closed(seen.zone) ? 'closed' : undefined}>
            {closed(seen.zone)
              ? `In ${names.zone(seen.zone)}: nothing may be kept here.`
              : `Now in ${names.zone(seen.zone)}.`}
          </b>{' '}
          Your position says so; the log still says {names.zone(noted.zone)}.{' '}
          <LineKey onClick={() => void note()}>Note the move to {names.zone(seen.zone)}</LineKey>
        </p>
        <Trouble says={trouble} />
      </Row>
    );
  return (
    <Held
      closed={closed(noted.zone)}
      failed={failed}
      zone={names.zone(noted.zone)}
      since={held.since ? time(held.since) : ''}
    />
  );
}

/** Where the log says it is, where that is to be said: in closed water, or when nothing else tells. */
function Held({ closed, failed, zone, since }: { closed: boolean; failed: boolean; zone: string; since: string }) {
  if (closed)
    return (
      <Row className="crossing pad" time={<b>{since}</b>}>
        <p role="status">
          <b className="closed">In {zone}: nothing may be kept here.</b> Stop fishing, or set where you are on{' '}
          <Link className="line-key" to="/plan/map">
            the map
          </Link>
        </p>
      </Row>
    );
  if (failed)
    return (
      <Row className="crossing pad">
        <p role="status">
          No position; the log says {zone}.{' '}
          <Link className="line-key" to="/plan/map">
            Set it by hand
          </Link>
        </p>
      </Row>
    );
  return null;
}
