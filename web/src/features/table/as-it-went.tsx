import { type DinnerState, kitchenOf, mealsOfDinner, plannedAndDone, type StepDone, workAsSet } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { plural, useFormat } from '../../asked/format.ts';
import { Row } from '../../frame/page.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { NOT_COMPUTED, useJob } from '../../offline/workers/use-job.ts';
import { ifKnown } from '../../ui/known.ts';
import { inSentence } from '../../ui/names-in-text.ts';

/** Later or earlier than planned, in words. */
const sayServed = (min: number): string =>
  Math.abs(min) < 2
    ? 'Served as planned.'
    : `Served ${plural(Math.abs(min), 'minute')} ${min > 0 ? 'later' : 'earlier'} than planned.`;

/** A dinner that is over: its steps as planned and as they went, one over the other. */
export function AsItWent({ d }: { d: DinnerState }) {
  const { book } = useBook();
  const meals = mealsOfDinner(book, d);
  const asked = useMemo(() => [{ id: d.id, work: workAsSet(d, kitchenOf(book, d.kitchen).vessels) }], [d, book]);
  const told = useJob('planKitchen', asked);
  const plan = ifKnown(told.answer)?.[0]?.plan ?? null;
  const went = plan ? plannedAndDone(d, plan) : null;
  const { slowest, servedLaterMin } = went ?? { slowest: null, servedLaterMin: null };
  return (
    <>
      <Row className="pad">
        <h2>{d.ended?.meal ? 'Served' : 'Given up'}</h2>
        {servedLaterMin !== null && (
          <p>
            <b>{sayServed(servedLaterMin)}</b>{' '}
            {slowest &&
              `Longest beyond its plan: ${inSentence(slowest.task.name)}, ${plural(slowest.longerMin ?? 0, 'minute')} more.`}
          </p>
        )}
        {meals.length > 1
          ? meals.map((m) => (
              <p key={m.meal.id}>
                <Link to={`/table/${m.meal.id}`}>{m.meal.name}: its marks and what to change</Link>
              </p>
            ))
          : d.ended?.meal && (
              <p>
                <Link to={`/table/${d.ended.meal}`}>The meal, its marks and what to change</Link>
              </p>
            )}
        {!went && (
          <p role="status">
            {told.answer.state === 'failed'
              ? NOT_COMPUTED[told.answer.why]
              : plan
                ? ''
                : 'Calculating how it was planned.'}
          </p>
        )}
        {went && (
          <p>
            <small>
              <span className="mr-1.5 inline-block h-2.5 w-6 border border-ink align-middle" aria-hidden />
              planned <span className="mr-1.5 ml-3 inline-block h-2.5 w-6 bg-teal align-middle" aria-hidden />
              done
            </small>
          </p>
        )}
      </Row>
      {went ? <Bars steps={went.steps} /> : <Plain d={d} />}
    </>
  );
}

/** Each step on one axis of hours: as it was planned above, as it went below. */
function Bars({ steps }: { steps: readonly StepDone[] }) {
  const { time, zone } = useFormat();
  const hour = (ms: number | null): string => (ms === null ? 'not noted' : time(stamp(ms, zone)));
  const all = steps.flatMap((s) => [s.planned.startMs, s.planned.endMs, s.begunMs, s.doneMs].flatMap((x) => x ?? []));
  const [from, to] = [Math.min(...all), Math.max(...all)];
  const at = (ms: number): string => `${((ms - from) / Math.max(1, to - from)) * 100}%`;
  const wide = (a: number, b: number): string => `${(Math.max(0, b - a) / Math.max(1, to - from)) * 100}%`;
  return steps.map(({ task, planned, begunMs, doneMs, longerMin }) => (
    <Row key={task.id} className="line" time={<b>{hour(begunMs ?? planned.startMs)}</b>}>
      <div className="py-2 px-0">
        <p>
          <b>{task.name}</b> <small>{task.dish}</small>
        </p>
        <div className="relative mt-1.5 h-6" aria-hidden>
          <span
            className="absolute top-0 h-2.5 min-w-1 border border-ink"
            style={{ left: at(planned.startMs), width: wide(planned.startMs, planned.endMs) }}
          />
          {begunMs !== null && doneMs !== null && (
            <span
              className="absolute top-3 h-2.5 min-w-1 bg-teal"
              style={{ left: at(begunMs), width: wide(begunMs, doneMs) }}
            />
          )}
        </div>
        <p>
          <small>
            Planned {hour(planned.startMs)} to {hour(planned.endMs)}, done {hour(begunMs)} to {hour(doneMs)}
            {longerMin !== null && longerMin !== 0
              ? `: ${plural(Math.abs(longerMin), 'minute')} ${longerMin > 0 ? 'longer' : 'shorter'}`
              : ''}
            .
          </small>
        </p>
      </div>
    </Row>
  ));
}

/** The steps as they went, while it is not known how they were planned. */
function Plain({ d }: { d: DinnerState }) {
  const { time, zone } = useFormat();
  const hour = (ms: number | undefined): string => (ms === undefined ? 'not noted' : time(stamp(ms, zone)));
  return [...d.tasks]
    .sort((a, b) => (d.begun[a.id] ?? Infinity) - (d.begun[b.id] ?? Infinity))
    .map((t) => (
      <Row key={t.id} className="line" time={<b>{hour(d.begun[t.id])}</b>}>
        <p className="py-2 px-0">
          <b>{t.name}</b> <small>{t.dish}</small>
          {d.done[t.id] !== undefined ? `, done ${hour(d.done[t.id])}` : ''}
        </p>
      </Row>
    ));
}
