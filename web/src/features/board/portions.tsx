import { portions } from '@dagboek/core/cut';
import { plural } from '../../asked/format.ts';
import { Key } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { useKept } from '../../ui/use-kept.ts';
import { sayGrams } from '../../asked/units.ts';

/** What is on the board in packs of one dinner each: for how many heads, and what is left over. */
export function Portions({
  leftG,
  heads,
  onTake,
}: {
  leftG: number;
  /** Of the crew, until another number was typed here. */
  heads: number;
  onTake: (g: number) => void;
}) {
  const [text, setText] = useKept('board.heads', String(heads));
  const n = typedNumber(text);
  const fits = n !== null && Number.isInteger(n) && n >= 1 && n <= 60;
  const p = fits ? portions(leftG, n) : null;
  return (
    <div className="by-row">
      <Quantity label="One pack feeds" unit="heads" whole value={text} onChange={setText} />
      {p && (
        <p>
          {p.packs === 1 && p.oddG === 0
            ? `One pack of ${sayGrams(p.eachG)}.`
            : `${plural(p.packs, 'pack')} of ${sayGrams(p.eachG)}${p.oddG > 0 ? `, and ${sayGrams(p.oddG)} over` : ''}.`}
        </p>
      )}
      {p && p.eachG < Math.round(leftG) && (
        <Key small name={`Take ${sayGrams(p.eachG)}`} onClick={() => onTake(p.eachG)} />
      )}
    </div>
  );
}
