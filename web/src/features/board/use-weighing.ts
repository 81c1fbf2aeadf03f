import { routeOf, type StageOf, weighingStep } from '@dagboek/core/cut';
import { type CutState, judgeWeighing, severalPieces } from '@dagboek/journal';
import { useState } from 'react';
import type { Species } from '../../asked/catalogue.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { asTyped, inField, sayGrams, typedAmount, units } from '../../asked/units.ts';

/** Pieces that were laid on the scale and not written yet, g; they survive a reload, and go when the weighing is written. */
function useLaid(cut: string, stage: string): [readonly number[], (laid: readonly number[]) => void] {
  const [all, setAll] = useKept<Readonly<Record<string, readonly number[]>>>('on-the-scale', {});
  const key = `${cut} ${stage}`;
  return [
    all[key] ?? [],
    (laid) =>
      setAll(
        Object.fromEntries([
          ...Object.entries(all).filter(([k]) => k !== key),
          ...(laid.length > 0 ? [[key, laid] as const] : []),
        ]),
      ),
  ];
}

/** One weighing of a cut: what stands in its field, what is said of it, and the writing of it. */
export function useWeighing(
  cut: CutState,
  species: Species,
  stage: Pick<StageOf, 'stage'>['stage'],
  /** What was known of the fish before, g, and whether by the scale: an estimate is never what stands in the field. */
  known: number | null,
  weighed: boolean,
) {
  const { write } = useUndoWrite();
  const { book } = useBook();
  const suggested = stage === 'round' && weighed ? known : null;
  const [asked, setAsked] = useState<string | null>(null);
  const [value, setValue] = useState(suggested ? inField('mass', Math.round(suggested)) : '');
  const [error, setError] = useState<string | null>(null);
  const [laid, setLaid] = useLaid(cut.id, stage);
  const set = (v: string): void => {
    setValue(v);
    setError(null);
    setAsked(null);
  };
  const sum = laid.reduce((g, x) => g + x, 0);
  const readValue = (): ReturnType<typeof typedAmount> => {
    // What is typed for one of several pieces is no reading of the weight that was suggested for all.
    const read = typedAmount('mass', value, suggested === null || laid.length > 0 ? undefined : Math.round(suggested));
    if (read && !Number.isNaN(read.value)) return read;
    setError(`Give the weight, for example ${sayGrams(668)}.`);
    return null;
  };
  /** Keeps what is in the field as one piece of several, and empties the field for the next. */
  const lay = (): void => {
    const read = readValue();
    if (!read) return;
    if (!(read.value >= 1)) return setError('Enter a weight above 0.');
    const judged = judgeWeighing(cut, species, stage, sum + read.value, known, units);
    if (judged && 'cannot' in judged) return setError(judged.cannot);
    if (laid.length >= 59) return setError('At most 60 pieces in one weighing.');
    setLaid([...laid, read.value]);
    set('');
  };
  /** Whether it was written. */
  const weigh = async (): Promise<boolean> => {
    const all = laid.length > 0 && value.trim() === '';
    const read = all ? { value: 0, typed: null, named: false } : readValue();
    if (!read) return false;
    const pieces = laid.length === 0 ? [] : all ? laid : [...laid, read.value];
    const massG = sum + read.value;
    const judged = judgeWeighing(cut, species, stage, massG, known, units);
    if (judged && 'cannot' in judged) {
      setError(judged.cannot);
      return false;
    }
    if (judged && asked !== judged.asks) {
      setAsked(judged.asks);
      return false;
    }
    const r = await write('cut.weighed', cut.id, {
      stage,
      massG,
      ...(pieces.length > 1 ? { pieces: [...pieces] } : asTyped({ massG: read })),
    });
    if (!r.ok) setError(r.why);
    else setLaid([]);
    return r.ok;
  };
  /** Goes on without it: that it was not weighed is a line too. */
  const pass = async (): Promise<boolean> => {
    const step = weighingStep(routeOf(cut.route), stage);
    const r = step ? await write('cut.stepped', cut.id, { step }) : null;
    if (r && !r.ok) setError(r.why);
    return r?.ok ?? false;
  };
  return {
    pass,
    /** About what it may weigh, g, where nobody weighed it; beside the field, and never in it. */
    estimateG: stage === 'round' && !weighed ? known : null,
    value,
    set,
    error,
    asked,
    weigh,
    suggested,
    several: severalPieces(book, cut, stage),
    laid,
    lay,
    sum,
    empty: value.trim() === '' && laid.length === 0,
    unlay: () => setLaid(laid.slice(0, -1)),
  };
}
export type WeighingInHand = ReturnType<typeof useWeighing>;
