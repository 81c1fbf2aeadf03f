import type { StepDue } from '@dagboek/core/cut';

/** The steps that lead to a weighing, numbered as on the drawing; what is done is struck through with a tick. */
export function StepList({
  steps,
  at,
  done,
  numberOf,
}: {
  steps: readonly StepDue[];
  at: StepDue | null;
  done: ReadonlySet<string>;
  numberOf: (s: StepDue) => number;
}) {
  return (
    <ol className="step-list" aria-label="Steps to this weighing">
      {steps.map((s) => (
        <li
          key={s.id}
          value={numberOf(s)}
          data-state={done.has(s.id) ? 'done' : s === at ? 'now' : 'to come'}
          aria-current={s === at ? 'step' : undefined}
        >
          <b>{numberOf(s)}</b>
          <span>
            {s.todo}
            {done.has(s.id) && <small> Done.</small>}
            {s.spare && <small> Spare: {s.spare}</small>}
          </span>
        </li>
      ))}
    </ol>
  );
}
