import { useAsked } from '../../asked/asked.ts';
import type { CutStep } from '@dagboek/core/cut';
import { type CutState, offalOf, schoolsAt } from '@dagboek/journal';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Key } from '../../ui/key.tsx';
import { useNow } from '../../ui/use-now.ts';

/** How a step is done by the house, and the other schools one tap away, each with what speaks for it and what a rule forbids. */
export function SchoolKeys({ cut, step }: { cut: CutState; step: CutStep }) {
  const { book } = useBook();
  const { write } = useWrite();
  const asked = useAsked(useNow());
  const offal = offalOf(asked, cut.fish);
  const of = step.way;
  const schools = of && schoolsAt(book, cut, of, offal);
  if (!schools) return null;
  return (
    <details className="schools">
      <summary className="gap-1.5 min-h-11 flex items-center cursor-pointer before:content-['+'] before:font-bold in-[.schools[open]]:before:content-['−']">
        {schools.ask}: <b>{schools.now.is}</b>
        {schools.against ? ', not your usual way' : ''}
      </summary>
      <p>{schools.now.because}</p>
      {schools.forbidden.map((says) => (
        <p key={says} className="alert alert-error">
          {says}
        </p>
      ))}
      <div className="keys">
        {schools.others.map((s) => (
          <Key
            key={s.is}
            small
            name={`This time: ${s.is}`}
            note={s.because}
            onClick={() => void write('cut.way', cut.id, { of, is: s.is })}
          />
        ))}
      </div>
    </details>
  );
}
