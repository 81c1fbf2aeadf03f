import { type Point } from '@dagboek/core/measure/photo';
import { depthShare } from '@dagboek/core/species';
import type { Species } from '../../../asked/catalogue.ts';
import { LineKey } from '../../../ui/key.tsx';
import { bodyMarks, type MarkName, type Marks, type View } from './marks.ts';

const middle = (s: Species | null): number => (s ? depthShare(s.shape) : 0.25);

const withoutBody = (m: Marks): Marks =>
  Object.fromEntries(Object.entries(m).filter(([k]) => !['back', 'belly', 'eye', 'dorsal', 'anal'].includes(k)));

/** Keys of a picture: ends swapped, proportions, only the board, another picture. */
export function MarkingKeys({
  onMarks,
  marks,
  body,
  species,
  found,
  whole,
  setWhole,
  onOther,
}: {
  onMarks: (m: Marks) => void;
  marks: Readonly<Partial<Record<MarkName, Point>>>;
  body: boolean;
  species: Species | null;
  found: View | null;
  whole: boolean;
  setWhole: (to: boolean) => void;
  onOther: () => void;
}) {
  return (
    <div className="line-keys my-2 mx-0 gap-2 flex flex-wrap">
      <LineKey
        onClick={() =>
          onMarks({ ...marks, ...(marks.snout && marks.tail ? { snout: marks.tail, tail: marks.snout } : {}) })
        }
      >
        Swap snout and tail
      </LineKey>
      <LineKey
        aria-pressed={body}
        onClick={() => onMarks(body ? withoutBody(marks) : { ...marks, ...bodyMarks(marks, middle(species)) })}
      >
        {body ? 'Without proportions' : 'Proportions too, to identify it'}
      </LineKey>
      {found && (
        <LineKey aria-pressed={whole} onClick={() => setWhole(!whole)}>
          {whole ? 'Only the board' : 'The whole picture'}
        </LineKey>
      )}
      <LineKey onClick={onOther}>Another picture</LineKey>
    </div>
  );
}
