import { useAsked } from '../../asked/asked.ts';
import { coreTemperatureOf, custodyOf, type FishState, freshnessOfFish, massOf } from '@dagboek/journal';
import { warmSide } from '@dagboek/core/fresh';
import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { CORE_HOW, sayCore } from '../../asked/core-words.ts';
import { CustodyHead, CustodyRow } from '../../fish/custody/custody-row.tsx';
import { UsedCell } from '../../fish/custody/used-cell.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { useFormat } from '../../asked/format.ts';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Row } from '../../frame/page.tsx';
import { Paged } from '../../frame/paged.tsx';
import { massParts, units } from '../../asked/units.ts';

/** Fish on ice as lines, the first put in first: how cold each is, its way so far, its clock where it is near. */
export function BoxFish({ lines, now }: { lines: readonly FishState[]; now: number }) {
  const { byId } = useCatalogue();
  const { book } = useBook();
  const asked = useAsked(now);
  const names = useNames();
  const format = useFormat();
  const { time, day, dayOfMs, shortDay } = format;
  const order = [...lines].sort((a, b) => Date.parse(a.iced?.at ?? '') - Date.parse(b.iced?.at ?? ''));
  if (order.length === 0) return null;
  return (
    <>
      <Row time="Iced" className="head-row">
        <div className="log-grid boxed min-h-6 text-cap text-ink-2 max-tablet:hidden">
          <span />
          <span>Fish</span>
          <span className="num-cell text-right whitespace-nowrap">weight</span>
          <CustodyHead />
          <span className="used text-right font-normal whitespace-nowrap">used</span>
        </div>
      </Row>
      <Paged items={order} keyOf={(f) => f.id} more="More fish">
        {(f) => {
          const s = byId(f.species);
          const fresh = freshnessOfFish(asked, f.id);
          const line = custodyOf(book, f.id);
          const mass = massOf(f, s);
          const core = coreTemperatureOf(asked, f.id);
          return (
            <>
              {fresh?.histamine && fresh.histamine.state !== 'within' && (
                <Row className="note-row">
                  <HistamineNote of={sayFish(f, names)} clock={fresh.histamine} />
                </Row>
              )}
              <Row
                time={
                  f.iced && (
                    <>
                      {f.iced.about ? '~' : ''}
                      {time(f.iced.at)}
                      {day(f.iced.at) !== dayOfMs(now) && <span>{shortDay(day(f.iced.at))}</span>}
                    </>
                  )
                }
                className="line"
              >
                <Link to={`/fish/${f.id}`} className="log-grid as-row boxed">
                  <span className="icon max-tablet:hidden">{s && <FigureView spec={s.figure} size={64} plain />}</span>
                  <span className="name font-semibold text-[1rem] leading-[1.15]">
                    {sayFish(f, names)}
                    {core && <small>{sayCore(core, format, now)}</small>}
                  </span>
                  <span className="num-cell text-right whitespace-nowrap">
                    {mass ? massParts(mass.g * f.count).join(' ') : ''}
                  </span>
                  {line && <CustodyRow line={line} fresh={fresh} />}
                  <UsedCell fresh={fresh} />
                </Link>
              </Row>
            </>
          );
        }}
      </Paged>
      <Row className="pad">
        <p className="hint">
          Used up: {warmSide(units)} {CORE_HOW}
        </p>
      </Row>
    </>
  );
}
