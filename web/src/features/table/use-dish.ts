import { type DishAsked, DONE, type KitchenTimes } from '@dagboek/core/cook';
import { type FireAsked, fireAsked } from '@dagboek/journal';
import { useBookValue } from '../../offline/journal-context.tsx';
import { useCatalogue } from '../../asked/catalogue.ts';
import { type JobTold, useJob } from '../../offline/workers/use-job.ts';
import { typedNumber } from '../../ui/typed-number.ts';
import { typedAmount } from '../../asked/units.ts';
import type { NewMeal } from './use-new-meal.ts';

/** Middles of what is seared and stays raw: as it was, warm, or just set, degC. */
export const RAW_MIDDLES = { cold: 22, warm: 38, 'just set': 45 } as const;

/** What is asked of the fire for a new meal; null while there is none, or a number is none. */
export function dishAsked(
  m: NewMeal,
  species: DishAsked['species'],
  middle: number | null,
  fire: FireAsked['asked'],
): DishAsked | null {
  if (!m.method.heat || !m.usual || !m.main) return null;
  const read = (text: string | undefined, usual: number): number => {
    const n = text === undefined || text.trim() === '' ? usual : (typedNumber(text) ?? usual);
    return n;
  };
  const temperature = (text: string | undefined, usual: number): number =>
    text === undefined || text.trim() === '' ? usual : (typedAmount('temperature', text)?.value ?? usual);
  const asked: DishAsked = {
    method: m.method.id,
    setting: {
      mediumC: temperature(m.setting.c, m.usual.mediumC),
      amount: read(m.setting.amount, m.usual.amount),
      turns: read(m.setting.turns, m.usual.turns),
    },
    piece: {
      cut: m.main.cut,
      thicknessMm: read(m.setting.mm, m.main.thicknessMm),
      massG: m.main.pieceG,
      fat: m.main.fat,
      bone: m.main.bone,
      skin: m.main.skin,
      slashed: m.main.cut === 'whole' && (m.method.id === 'pan, whole' || m.method.id === 'grill, whole'),
    },
    pieces: m.main.all,
    rounds: { all: m.main.all, ...(m.lieMost === null ? {} : { lieMost: m.lieMost }) },
    ...(m.stages.length > 0 ? { stages: m.stages } : {}),
    startC: temperature(m.setting.start, m.main.startC),
    toC: m.method.middle === 'raw' ? (middle ?? RAW_MIDDLES.warm) : DONE[m.done].coreC,
    ...fire,
    thicknessBy: m.setting.mm?.trim() ? 'by ruler' : m.main.thicknessBy,
    species,
  };
  const numbers = [asked.setting.mediumC, asked.setting.amount, asked.piece.thicknessMm, asked.startC];
  return numbers.every((n) => Number.isFinite(n)) ? asked : null;
}

/** How long a new meal's fish takes, reckoned beside the page. */
export function useDish(
  m: NewMeal,
  middle: number | null,
): JobTold<'reckonDish'> & { readonly asked: DishAsked | null; readonly kitchen: KitchenTimes | null } {
  const { byId } = useCatalogue();
  const s = m.main ? byId(m.main.held.pack.species) : null;
  const mayBeRaw = m.raw.verdict === 'conditions met';
  const fire = useBookValue((book) => fireAsked(book, m.method, m.only, mayBeRaw, m.whole.name));
  const asked = dishAsked(m, s ? { shape: s.shape, weight: s.weight, fat: s.fat } : null, middle, fire.asked);
  return { ...useJob('reckonDish', asked), asked, kitchen: fire.learned };
}

export type Dish = ReturnType<typeof useDish>;
