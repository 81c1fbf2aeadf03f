import type { DinnerState } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { Link } from 'react-router';
import { useFormat } from '../../asked/format.ts';
import { Row } from '../../frame/page.tsx';

/** A dinner that is over: its steps as they went. */
export function AsItWent({ d }: { d: DinnerState }) {
  const { time, zone } = useFormat();
  const hour = (ms: number | undefined): string => (ms === undefined ? 'not noted' : time(stamp(ms, zone)));
  const went = [...d.tasks].sort((a, b) => (d.begun[a.id] ?? Infinity) - (d.begun[b.id] ?? Infinity));
  return (
    <>
      <Row className="pad">
        <h2>{d.ended?.meal ? 'Served' : 'Given up'}</h2>
        {d.ended?.meal && (
          <p>
            <Link to={`/table/${d.ended.meal}`}>The meal, its marks and what to change</Link>
          </p>
        )}
      </Row>
      {went.map((t) => (
        <Row key={t.id} className="line" time={<b>{hour(d.begun[t.id])}</b>}>
          <p className="py-2 px-0">
            <b>{t.name}</b> <small>{t.dish}</small>
            {d.done[t.id] !== undefined ? `, done ${hour(d.done[t.id])}` : ''}
          </p>
        </Row>
      ))}
    </>
  );
}
