import { type CutStep, schoolOf, wayOf } from '@dagboek/core/cut';
import { type CutState, waysOf } from '@dagboek/journal';
import { useBook } from '../kit/journal/journal-context.tsx';
import { useWrite } from '../kit/journal/use-write.ts';
import { Key } from '../kit/ui/key.tsx';

/** How a step is done by the house, and the other schools one tap away, each with what speaks for it. */
export function SchoolKeys({ cut, step }: { cut: CutState; step: CutStep }) {
  const { book } = useBook();
  const { write } = useWrite();
  const way = step.way && wayOf(step.way);
  const of = step.way;
  if (!way || !of) return null;
  const now = schoolOf(waysOf(book, cut), of);
  const house = schoolOf(waysOf(book), of);
  return (
    <details className="schools">
      <summary>
        {way.ask}: <b>{now.is}</b>
        {now.is !== house.is ? ', against the house way' : ''}
      </summary>
      <p>{now.because}</p>
      <div className="keys">
        {way.schools
          .filter((s) => s.is !== now.is)
          .map((s) => (
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
