import { stepWords, type StepTime } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Row } from '../../frame/page.tsx';
import { LineKey } from '../../ui/key.tsx';
import { degrees } from '../../asked/units.ts';
import { inSentence } from '../../ui/names-in-text.ts';
import { DishMark } from './dish-mark.tsx';
import { Link } from 'react-router';
import type { Dinner } from './use-dinner.ts';
import type { Beside } from './use-planned-together.ts';

const MIN_MS = 60_000;

/** Every step in the order of the clock, with what is done in it: begun and ended here too, and put earlier or later by five minutes. */
export function DinnerSteps({ dinner, onFail }: { dinner: Dinner; onFail: (why: string | null) => void }) {
  const { time, zone } = useFormat();
  const { book } = useBook();
  const { d, steps } = dinner;
  const hour = (ms: number): string => time(stamp(ms, zone));
  const words = (s: StepTime) => stepWords(book, d, s.task.id);
  const act = (p: Promise<{ ok: true } | { ok: false; why: string }>): void =>
    void p.then((r) => onFail(r.ok ? null : r.why));
  const lines = [
    ...steps.map((s) => ({ s, of: null as Beside | null })),
    ...dinner.besides.flatMap((b) =>
      b.steps.filter((s) => s.task.hands && s.is !== 'done').map((s) => ({ s, of: b as Beside | null })),
    ),
  ].sort((a, b) => a.s.startMs - b.s.startMs);
  return (
    <section aria-label="Steps">
      {lines.map(({ s, of }) =>
        of ? (
          <OtherStep key={`${of.d.id} ${s.task.id}`} s={s} of={of} hour={hour} />
        ) : (
          <Row
            key={s.task.id}
            className={`line dinner-step is-${s.is.replace(' ', '-')}`}
            time={
              <>
                <b>{hour(s.startMs)}</b>
                <span>{s.task.minutes} min</span>
              </>
            }
          >
            <div className="py-1.5 px-0 gap-2.5 grid grid-cols-[14px_minmax(0,1fr)_auto] items-start max-tablet:grid-cols-[14px_minmax(0,1fr)]">
              <DishMark
                n={Math.max(
                  0,
                  d.dishes.findIndex((x) => x.id === s.task.id.split('/')[0]),
                )}
                height={40}
                faded={s.is === 'done'}
              />
              <p>
                <b>{s.task.name}</b>{' '}
                <small className="text-ink-2">
                  {s.task.dish}
                  {words(s).vessel && `, ${inSentence(words(s).vessel!)}`}
                </small>
                {words(s).say && <span className="block text-ink-2">{degrees(words(s).say!)}</span>}
                {s.standsTooLong > 0 && (
                  <span className="alert alert-outline">
                    It will have waited {s.standsTooLong} min longer than it should.
                  </span>
                )}
              </p>
              <span className="dinner-keys flex flex-wrap gap-y-0.5 gap-x-3 justify-end max-tablet:col-[2] max-tablet:justify-start">
                {s.is === 'to come' && (
                  <>
                    <LineKey
                      aria-label={`${s.task.name} earlier`}
                      onClick={() => act(dinner.put(s.task.id, s.startMs - 5 * MIN_MS))}
                    >
                      earlier
                    </LineKey>
                    <LineKey
                      aria-label={`${s.task.name} later`}
                      onClick={() => act(dinner.put(s.task.id, s.startMs + 5 * MIN_MS))}
                    >
                      later
                    </LineKey>
                    {s.pinned && (
                      <LineKey
                        aria-label={`${s.task.name} where it fits best`}
                        onClick={() => act(dinner.put(s.task.id, null))}
                      >
                        let go
                      </LineKey>
                    )}
                    <LineKey aria-label={`Begin: ${s.task.name}`} onClick={() => act(dinner.begin(s))}>
                      begin
                    </LineKey>
                  </>
                )}
                {s.is === 'running' && (
                  <LineKey aria-label={`Done: ${s.task.name}`} onClick={() => act(dinner.finish(s))}>
                    done
                  </LineKey>
                )}
                {s.is !== 'to come' && (
                  <LineKey
                    aria-label={`${s.task.name}: undo that it is ${s.is === 'done' ? 'done' : 'begun'}`}
                    onClick={() => act(dinner.takeBack(s.task.id, s.is === 'done' ? 'done' : 'begun'))}
                  >
                    take back
                  </LineKey>
                )}
                {s.is === 'done' && <small>done {hour(s.endMs)}</small>}
              </span>
            </div>
          </Row>
        ),
      )}
    </section>
  );
}

/** What somebody has to do for another dinner meanwhile: it is begun there. */
const OtherStep = ({ s, of, hour }: { s: StepTime; of: Beside; hour: (ms: number) => string }) => (
  <Row
    className="line"
    time={
      <>
        <b>{hour(s.startMs)}</b>
        <span>{s.task.minutes} min</span>
      </>
    }
  >
    <p className="py-1.5 px-0 text-ink-2">
      {s.is === 'running' && 'Under way: '}
      {s.task.name}, for <Link to={`/table/dinner/${of.d.id}`}>{of.d.dishes[0]?.name ?? 'another dinner'}</Link>
    </p>
  </Row>
);
