import type { StageOf } from '@dagboek/core/cut';
import { type CutState, judgeWeighing } from '@dagboek/journal';
import { useState } from 'react';
import type { Species } from '../kit/catalogue.ts';
import { useWrite } from '../kit/journal/use-write.ts';
import { asTyped, inField, sayGrams, typedAmount, units } from '../kit/units.ts';

/** One weighing of a cut: what stands in its field, what is said of it, and the writing of it. */
export function useWeighing(
  cut: CutState,
  species: Species,
  stage: Pick<StageOf, 'stage'>['stage'],
  /** What was known of the fish before, g. */
  known: number | null,
) {
  const { write } = useWrite();
  const suggested = stage === 'round' ? known : null;
  const [asked, setAsked] = useState<string | null>(null);
  const [value, setValue] = useState(suggested ? inField('mass', Math.round(suggested)) : '');
  const [error, setError] = useState<string | null>(null);
  const set = (v: string): void => {
    setValue(v);
    setError(null);
    setAsked(null);
  };
  /** Whether it was written. */
  const weigh = async (): Promise<boolean> => {
    const read = typedAmount('mass', value, suggested === null ? undefined : Math.round(suggested));
    if (!read || Number.isNaN(read.value)) {
      setError(`Give the weight, for example ${sayGrams(668)}.`);
      return false;
    }
    const massG = read.value;
    const judged = judgeWeighing(cut, species, stage, massG, known, units);
    if (judged && 'cannot' in judged) {
      setError(judged.cannot);
      return false;
    }
    if (judged && asked !== judged.asks) {
      setAsked(judged.asks);
      return false;
    }
    const r = await write('cut.weighed', cut.id, { stage, massG, ...asTyped({ massG: read }) });
    if (!r.ok) setError(r.why);
    return r.ok;
  };
  return { value, set, error, asked, weigh, suggested };
}
export type WeighingInHand = ReturnType<typeof useWeighing>;
