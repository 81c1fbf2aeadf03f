import type { StepDue } from '@dagboek/core/cut';
import { Explained } from '../../ui/words/term.tsx';

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
    <ol className="step-list mx-0 mt-2.5 mb-0" aria-label="Steps before this weighing">
      {steps.map((s) => (
        <li
          className="py-[5px] px-0 border-b grid grid-cols-[30px_minmax(0,1fr)] border-rule in-[.step-list]:[&[data-state='now']]:font-bold in-[.step-list]:[&[data-state='done']]:text-ink-2"
          key={s.id}
          value={numberOf(s)}
          data-state={done.has(s.id) ? 'done' : s === at ? 'now' : 'to come'}
          aria-current={s === at ? 'step' : undefined}
        >
          <b>{numberOf(s)}</b>
          <span>
            <Explained text={s.todo} />
            {done.has(s.id) && <small className="font-normal"> Done.</small>}
            {s.spare && (
              <small className="font-normal">
                {' '}
                Do not cut: <Explained text={s.spare} />
              </small>
            )}
          </span>
        </li>
      ))}
    </ol>
  );
}
