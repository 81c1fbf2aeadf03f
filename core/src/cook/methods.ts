import type { Method, MethodHeat, Setting } from './method.ts';
import { WITHOUT_FIRE } from './ways/without-fire.ts';
import { DRY_HEAT } from './ways/dry-heat.ts';
import { WET_HEAT } from './ways/wet-heat.ts';
import { OIL_AND_EMBERS } from './ways/oil-and-embers.ts';

/** Every way to make fish ready. */
export const METHODS = [...WITHOUT_FIRE, ...DRY_HEAT, ...WET_HEAT, ...OIL_AND_EMBERS] as const;

export type MethodId = (typeof METHODS)[number]['id'];

/** A way by its id; null of one that this version does not know. */
export const methodOf = (id: string): Method | null => METHODS.find((m) => m.id === id) ?? null;

/** What is usually set. */
export const usualSetting = (heat: MethodHeat): Setting => ({
  mediumC: heat.usualC,
  amount: heat.amount?.usual ?? 1,
  turns: heat.turns[0] ?? 0,
});

/** What is wrong with a setting, in a sentence; null when nothing. */
export function settingTrouble(heat: MethodHeat, { mediumC, amount }: Setting): string | null {
  const [least, most] = heat.rangeC;
  if (!Number.isFinite(mediumC) || mediumC < least || mediumC > most)
    return `${heat.of.charAt(0).toUpperCase()}${heat.of.slice(1)} is between ${least}° and ${most}°.`;
  if (heat.amount && !(amount > 0 && amount <= 60))
    return heat.amount.is === 'l' ? 'Enter litres above 0.' : 'Enter the pan’s weight in kg, above 0.';
  return null;
}
