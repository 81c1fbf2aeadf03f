import { amendLine, likedBefore, type MealState, standingLine } from '@dagboek/journal';
import { useId, useState } from 'react';
import { useNames } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { LineKey } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';

const MARKS = [1, 2, 3, 4, 5] as const;
type Side = 'mark' | 'fish' | 'doing';
const SIDES: readonly { readonly of: Side; readonly name: string }[] = [
  { of: 'mark', name: 'the whole' },
  { of: 'fish', name: 'the fish' },
  { of: 'doing', name: 'how it was done' },
];

/** Marks of each eater in one tap, a half with another; the fish and the doing apart, who wishes. */
export function MealMarks({ meal }: { meal: MealState }) {
  const names = useNames();
  const { book } = useBook();
  const { write, writeAll } = useWrite();
  const [apart, setApart] = useState(Object.keys(meal.sides).length > 0);
  const [trouble, setTrouble] = useState<string | null>(null);
  const before = likedBefore(book, meal);
  const give = async (eater: string, side: Side, value: number): Promise<void> => {
    const line = standingLine(meal, 'meal.rated', (f) => f.eater === eater);
    const r = line
      ? await writeAll([amendLine<'meal.rated'>(line, { [side]: value }, { atMs: nowMs() })])
      : // Of one side alone the whole is as good, until it is said.
        await write('meal.rated', meal.id, { eater, mark: value, ...(side === 'mark' ? {} : { [side]: value }) });
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <>
      <ul>
        {meal.eaters.map((e) => (
          <li className="py-1.5 px-0 border-b border-rule" key={e}>
            {SIDES.filter((s) => s.of === 'mark' || apart).map((s) => (
              <MarkRow
                key={s.of}
                label={`${names.member(e)}’s mark${s.of === 'mark' ? '' : ` for ${s.name}`}`}
                name={s.of === 'mark' ? names.member(e) : s.name}
                value={s.of === 'mark' ? (meal.marks[e] ?? null) : (meal.sides[e]?.[s.of] ?? null)}
                onChange={(v) => void give(e, s.of, v)}
              />
            ))}
          </li>
        ))}
      </ul>
      {before && (
        <p>
          {before.n} other meals of this species: {before.mean.toFixed(1)} overall.
        </p>
      )}
      <p>
        <LineKey aria-pressed={apart} onClick={() => setApart(!apart)}>
          {apart ? 'One rating only' : 'Rate fish and cooking separately'}
        </LineKey>
      </p>
      <Trouble says={trouble} />
    </>
  );
}

/** One to five, each a thumb wide, and a half more. */
function MarkRow({
  label,
  name,
  value,
  onChange,
}: {
  label: string;
  name: string;
  value: number | null;
  onChange: (v: number) => void;
}) {
  const id = useId();
  const whole = value === null ? null : Math.floor(value);
  const half = value !== null && value % 1 !== 0;
  return (
    <fieldset className="p-0 m-0 border-0 min-w-0 grid grid-cols-[minmax(0,1fr)_auto] items-center gap-y-0.5 gap-x-2">
      <legend className="sr-only">{label}</legend>
      <span className="font-semibold wrap-anywhere" aria-hidden="true">
        {name}
      </span>
      <span className="num text-[1.375rem]" aria-hidden="true">
        {value === null ? '–' : value}
      </span>
      <span className="mark-keys col-span-full grid grid-cols-[repeat(6,minmax(0,1fr))]">
        {MARKS.map((m) => (
          <label className="relative grid" key={m}>
            <input
              className="inset-0 absolute opacity-0 cursor-pointer"
              type="radio"
              name={id}
              aria-label={String(m)}
              checked={whole === m}
              onChange={() => onChange(m)}
            />
            <span>{m}</span>
          </label>
        ))}
        <label className="relative grid">
          <input
            className="inset-0 absolute opacity-0 cursor-pointer"
            type="checkbox"
            aria-label="and a half"
            checked={half}
            disabled={whole === null || whole === 5}
            onChange={() => whole !== null && onChange(half ? whole : whole + 0.5)}
          />
          <span>½</span>
        </label>
      </span>
    </fieldset>
  );
}
