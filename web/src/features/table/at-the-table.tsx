import { type DinnerDish, type DinnerState, wholeOnPlate } from '@dagboek/journal';
import { useAsked } from '../../asked/asked.ts';
import { TakeApart } from '../../fish/take-apart.tsx';

/** A dish of whole fish as it comes to the table: how it is taken apart and goes round. Nothing of pieces. */
export function AtTheTable({ d, dish, nowMs }: { d: DinnerState; dish: DinnerDish; nowMs: number }) {
  const whole = wholeOnPlate(useAsked(nowMs), d, dish);
  if (!whole) return null;
  return <TakeApart summary={`${dish.name}: taking it apart at the table`} species={whole.species} round={whole} />;
}
