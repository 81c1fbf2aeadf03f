import { asFirstKind, checkLength, checkWeight, expectedWeight, type MeasureCheck } from '@dagboek/core/measure';
import type { Verdict } from '@dagboek/core/rules';
import type { LengthKind, MeasureMethod } from '@dagboek/core/species';
import { type FishState, ownFit, type Writing } from '@dagboek/journal';
import { useState } from 'react';
import type { Species } from '../../asked/catalogue.ts';
import { asTyped, typedAmount, units } from '../../asked/units.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { MeasureFoot, type PadField } from './measure-foot.tsx';
import { MeasureHint } from './measure-hint.tsx';
import { MeasureWays } from './measure-ways.tsx';
import { isSettable, OwnError } from './own-error.tsx';
import { READ_OFF } from './read-off.ts';

const METHOD_KEY = 'dagboek.method';
/** A fish longer than so many times the longest known is a slip of the unit. */
const MOST_OF_MAX = 1.5;

/** With what it was measured, else what was used last on this device. */
const usualMethod = (fish: FishState): MeasureMethod =>
  [fish.length?.method, localStorage.getItem(METHOD_KEY) as MeasureMethod | null].find(
    (m) => m && READ_OFF.includes(m as (typeof READ_OFF)[number]),
  ) ?? 'board';

/** Length with its kind and method, and a weight by the scale or reckoned from the length. Odd figures ask once and do not block. */
export function MeasureForm({
  fish,
  species,
  wants,
  verdict = null,
  onDone,
  onUnmeasured,
  onGone,
}: {
  fish: FishState;
  species: Species;
  wants: LengthKind | null;
  verdict?: Verdict | null;
  /** Leaves it as it was; there is a length already. */
  onDone?: () => void;
  /** Goes on without a length. */
  onUnmeasured?: () => void;
  /** Released. */
  onGone?: () => void;
}) {
  const { writeAll } = useUndoWrite();

  const [field, setField] = useState<PadField>('length');
  const [kind, setKind] = useState<LengthKind>(wants ?? fish.length?.kind ?? species.lengthKinds[0] ?? 'total');
  const [method, setMethod] = useState<MeasureMethod>(usualMethod(fish));
  const [length, setLength] = useState('');
  const [longest, setLongest] = useState('');
  const [weight, setWeight] = useState('');
  const [error, setError] = useState<{ field: 'length' | 'longest' | 'weight' | 'form'; why: string } | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const read = { lengthMm: typedAmount('length', length), longestMm: typedAmount('length', longest) };
  const lengthMm = read.lengthMm?.value ?? null;
  const longestMm = read.longestMm?.value ?? null;
  const middleMm = lengthMm && longestMm && longestMm > lengthMm ? (lengthMm + longestMm) / 2 : lengthMm;
  const { book } = useBook();
  const own = ownFit(book, species);
  const ownSd = book.all('book')[0]?.errors[method];
  // Curves and greatest lengths are told of the species' first kind of length.
  const inFirst = middleMm && middleMm > 0 ? asFirstKind(species, middleMm, kind) : null;
  const usual =
    // Of a length that no such fish has, no weight is told.
    inFirst !== null && inFirst <= species.maxMm * MOST_OF_MAX
      ? own.fit && own.fish.length > 0
        ? own.fit.predict(inFirst)
        : expectedWeight(species, inFirst)
      : null;
  const check = (mm: number): MeasureCheck => {
    const first = mm > 0 ? asFirstKind(species, mm, kind) : mm;
    return checkLength(first === null ? null : species, first ?? mm, units);
  };
  const save = async (): Promise<void> => {
    setError(null);
    const first = check(lengthMm ?? Number.NaN);
    if (!first.ok) return setError({ field: 'length', why: first.why });
    const long = longestMm;
    if (long !== null) {
      const second = check(long);
      if (!second.ok) return setError({ field: 'longest', why: second.why });
      if (long < (lengthMm ?? 0))
        return setError({ field: 'longest', why: 'The longest is shorter than the shortest. Swap them?' });
    }
    const weighed = typedAmount('mass', weight);
    const massG = weighed?.value ?? null;
    let ask = first.ask ?? null;
    if (massG !== null) {
      const w = checkWeight(
        own.fit ? { ...species, weight: own.fit.weight } : species,
        inFirst,
        massG,
        fish.count,
        units,
      );
      if (!w.ok) return setError({ field: 'weight', why: w.why });
      ask ??= w.ask ?? null;
    }
    if (ask && asked !== ask) return setAsked(ask);
    const list: Writing[] = [
      {
        kind: 'fish.measured',
        subject: fish.id,
        facts: {
          lengthMm,
          lengthKind: kind,
          method,
          ...(ownSd !== undefined ? { sdMm: ownSd } : {}),
          ...(long !== null ? { longestMm: long } : {}),
          ...asTyped(read),
        },
      },
    ];
    if (massG !== null)
      list.push({
        kind: 'fish.weighed',
        subject: fish.id,
        facts: { massG, how: 'scale', ...asTyped({ massG: weighed }) },
      });
    const r = await writeAll(list);
    if (!r.ok) return setError({ field: 'form', why: r.why });
    localStorage.setItem(METHOD_KEY, method);
    onDone?.();
  };

  return (
    <>
      <form
        className="measure-form contents"
        onSubmit={(e) => {
          e.preventDefault();
          void save();
        }}
      >
        <MeasureHint usual={usual} weight={weight} fish={fish} own={own} kind={kind} />
        {(species.lengthKinds.length > 1 || kind !== 'total') && (
          <FigureView spec={species.figure} size={300} options={{ measure: kind }} />
        )}
        <MeasureWays method={method} setMethod={setMethod} species={species} kind={kind} setKind={setKind} />
        {isSettable(method) && <OwnError method={method} />}
        {asked && (
          <p className="alert alert-warning" role="alert">
            <b>Look again.</b> {asked} If it is right, tap once more.
          </p>
        )}
        <MeasureFoot
          fish={fish}
          asked={asked}
          onDone={onDone}
          onUnmeasured={onUnmeasured}
          onGone={onGone}
          verdict={verdict}
          usual={usual}
          setWeight={setWeight}
          species={species}
          wants={wants}
          error={error}
          book={book}
          field={field}
          length={length}
          setLength={setLength}
          longest={longest}
          setLongest={setLongest}
          weight={weight}
          kind={kind}
          setField={setField}
        />
      </form>
    </>
  );
}
