import { addDays, sayDate } from '../time/index.ts';
import { allowanceUsed, type AllowanceRule } from './allowances.ts';
import type { CatchFacts, KeptFish } from './rule.ts';
import { lengthAs, lengthNeeded, longestNeeded } from './size-rules.ts';
import { sayShortLength, shortLength } from '../units/index.ts';
import { DOUBT } from '../measure/index.ts';
import { normalCdf } from '../stats/index.ts';
import type { Said } from './verdict.ts';

const ORDINALS = ['0th', '1st', '2nd', '3rd'];
const ordinal = (n: number): string => {
  const tens = n % 100;
  return ORDINALS[n] ?? `${n}${tens > 10 && tens < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th')}`;
};

/** "today", "in 7 days", "this year". */
const when = (rule: AllowanceRule): string =>
  rule.kind === 'possession' ? `in ${rule.days} days` : rule.kind === 'yearlyBag' ? 'this year' : 'today';

/** When room comes free: after midnight, when the oldest of the window falls out, with the new year. */
function whenFree(rule: AllowanceRule, f: CatchFacts, kept: readonly KeptFish[]): string {
  if (rule.kind === 'yearlyBag') return `from 1 January ${Number(f.day.slice(0, 4)) + 1}`;
  if (rule.kind !== 'possession') return 'after midnight';
  for (let n = 1; n <= rule.days; n++) {
    const day = addDays(f.day, n);
    if (allowanceUsed(rule, kept, f, day) + f.count <= rule.most) return `from ${sayDate(day)}`;
  }
  return `from ${sayDate(addDays(f.day, rule.days))}`;
}

/** What an allowance says: which of how many this would be, or that it is full. */
export function bagSays(rule: AllowanceRule, f: CatchFacts, kept: readonly KeptFish[]): Said {
  const shorter = rule.kind === 'overLength' ? amongTheLong(rule, f) : null;
  if (shorter) return shorter;
  const used = allowanceUsed(rule, kept, f, f.day);
  const after = used + f.count;
  const boat = rule.per === 'boat' && f.boat;
  const whom = boat ? 'the boat' : f.anglerName;
  const over = rule.kind === 'overLength' ? ` over ${sayShortLength(rule.overMm, f.units)}` : '';
  if (after <= rule.most) {
    const left = rule.most - after;
    const place =
      f.count > 1 ? `${f.count} fish make ${after} of ${rule.most}` : `the ${ordinal(after)} of ${rule.most}`;
    const span = rule.kind === 'dailyBag' ? '' : `${over} ${when(rule)}`;
    return {
      outcome: 'keep',
      lead: `Counts for ${whom}:`,
      because: `${place}${span}; ${left === 0 ? 'none' : left} left.`,
    };
  }
  const full = { outcome: 'letGo', change: whenFree(rule, f, kept) } as const;
  if (used < rule.most)
    return {
      ...full,
      lead: 'Over the limit:',
      because: `${boat ? 'The boat' : whom} may keep ${rule.most - used} more${over} ${when(rule)}, and this lot is ${f.count}. Note the rest as released.`,
      change: `a lot of ${rule.most - used}`,
    };
  return {
    ...full,
    lead: 'Limit reached:',
    because: `${boat ? 'the boat' : whom} has kept ${used} of ${rule.most}${over} ${when(rule)}.`,
  };
}

/** Whether a fish counts among the long ones: nothing to say when it is surely shorter; asks when it is not measured. */
function amongTheLong(rule: Extract<AllowanceRule, { kind: 'overLength' }>, f: CatchFacts): Said | null {
  const l = lengthAs(f, rule.length, f.longestMm ?? f.length?.mm);
  // Of a lot known by its shortest alone, the others may be long.
  if (l && f.count > 1 && !f.longestMm && l.readMm <= rule.overMm)
    return longestNeeded(rule.length, `at most ${rule.most} may be over ${sayShortLength(rule.overMm, f.units)}`);
  if (!l) return lengthNeeded(rule.length, `at most ${rule.most} may be over ${sayShortLength(rule.overMm, f.units)}`);
  const chance = l.sdMm === 0 ? Number(l.lengthMm > rule.overMm) : 1 - normalCdf((rule.overMm - l.lengthMm) / l.sdMm);
  if (chance >= DOUBT) return null;
  return {
    outcome: 'keep',
    lead: 'Does not count as a long one:',
    because: `${shortLength(l.readMm, f.units)} is ${shortLength(rule.overMm - l.readMm, f.units)} under ${sayShortLength(rule.overMm, f.units)}.`,
  };
}
