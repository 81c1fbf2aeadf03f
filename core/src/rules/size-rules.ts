import { certainMarginMm, convertLength, DOUBT, judgeReading, type JudgedLength } from '../measure/index.ts';
import { normalCdf } from '../stats/index.ts';
import type { LengthKind } from '../species/index.ts';
import type { CatchFacts, Rule } from './rule.ts';
import type { Said } from './verdict.ts';
import { sayBy, sayDifference, sayShortLength, shortLength, type Units } from '../units/index.ts';
import { capital } from './words.ts';

export const LENGTH_WORDS: Readonly<Record<LengthKind, string>> = {
  total: 'total length',
  fork: 'fork length',
  discWidth: 'disc width',
  mantle: 'mantle length',
};

/** Fish shorten by up to this share on ice within a day. */
const SHRINKS = 0.03;

type SizeRule = Extract<Rule, { kind: 'minimumSize' | 'maximumSize' | 'keepSlot' | 'releaseSlot' }>;

/** Where a rule lets one keep: from and to, mm; `inside` false when it lets one keep outside of them. */
function bounds(rule: SizeRule): { from: number; to: number; inside: boolean } {
  switch (rule.kind) {
    case 'minimumSize':
      return { from: rule.leastMm, to: Number.POSITIVE_INFINITY, inside: true };
    case 'maximumSize':
      return { from: 0, to: rule.mostMm, inside: true };
    case 'keepSlot':
      return { from: rule.fromMm, to: rule.toMm, inside: true };
    case 'releaseSlot':
      return { from: rule.fromMm, to: rule.toMm, inside: false };
  }
}

const sayBounds = (rule: SizeRule, u?: Units): string => {
  switch (rule.kind) {
    case 'minimumSize':
      return `at least ${sayShortLength(rule.leastMm, u)}`;
    case 'maximumSize':
      return `at most ${sayShortLength(rule.mostMm, u)}`;
    case 'keepSlot':
      return `from ${shortLength(rule.fromMm, u)} to ${sayShortLength(rule.toMm, u)}`;
    case 'releaseSlot':
      return `let go from ${shortLength(rule.fromMm, u)} to ${sayShortLength(rule.toMm, u)}`;
  }
};

/** The length that a rule asks for, measured or worked out from another with its error; null when neither can be. */
export function lengthAs(
  f: Pick<CatchFacts, 'length' | 'conversions'>,
  kind: LengthKind,
  mm = f.length?.mm,
): (JudgedLength & { readonly from: LengthKind | null; readonly readMm: number }) | null {
  if (!f.length || mm === undefined) return null;
  const read = judgeReading(mm, f.length.method, f.length.sdMm);
  if (f.length.kind === kind) return { ...read, from: null, readMm: mm };
  const { kind: from } = f.length;
  const c = f.conversions?.find((x) => x.from === from && x.to === kind);
  if (!c) return null;
  const lengthMm = convertLength(read.lengthMm, c);
  const sdMm = Math.hypot(read.sdMm * c.slope, c.sdShare * lengthMm, c.sdMm ?? 0);
  return { lengthMm, sdMm, from, readMm: lengthMm };
}

/** P(the true length lies from `from` to `to`); a reading without error counts the bounds themselves as within. */
function chanceWithin(l: JudgedLength, from: number, to: number): number {
  if (l.sdMm === 0) return l.lengthMm >= from && l.lengthMm <= to ? 1 : 0;
  const at = (x: number): number => (x === Number.POSITIVE_INFINITY ? 1 : normalCdf((x - l.lengthMm) / l.sdMm));
  return Math.max(0, at(to) - (from <= 0 ? 0 : at(from)));
}

/** Reading minus the nearest bound: above 0 on the side that may be kept, mm. */
function margin(mm: number, { from, to, inside }: ReturnType<typeof bounds>): number {
  const within = Math.min(from <= 0 ? Number.POSITIVE_INFINITY : mm - from, to - mm);
  return inside ? within : -within;
}

/** "2.4 over 34 cm", "1.1 under 34 cm", "just 34 cm". */
function saySide(mm: number, b: ReturnType<typeof bounds>, u?: Units): string {
  const nearest =
    b.from > 0 && (b.to === Number.POSITIVE_INFINITY || Math.abs(mm - b.from) <= Math.abs(mm - b.to)) ? b.from : b.to;
  const d = mm - nearest;
  if (d === 0) return `just ${sayShortLength(nearest, u)}`;
  return `${sayBy(Math.abs(d), u)} ${d > 0 ? 'over' : 'under'} ${sayShortLength(nearest, u)}`;
}

const WORDS: Readonly<Record<SizeRule['kind'], { good: string; bad: (over: boolean) => string; so: string }>> = {
  minimumSize: { good: 'Long enough:', bad: () => 'Too short:', so: 'long enough' },
  maximumSize: { good: 'Not too long:', bad: () => 'Too long:', so: 'short enough' },
  keepSlot: { good: 'Within the slot:', bad: (over) => (over ? 'Too long:' : 'Too short:'), so: 'within the slot' },
  releaseSlot: { good: 'Outside the slot:', bad: () => 'A breeding fish, release it:', so: 'outside the slot' },
};

/**
 * What a rule about length says of a fish, and of a lot by its shortest and its longest. A lot of which only the shortest is
 * known is asked about where a long one would go back; one whose lengths run across a slot of breeders goes back whole,
 * since those between its ends are not known.
 */
export function sizeSays(rule: SizeRule, f: CatchFacts): Said {
  const shortest = sizeOf(rule, f, lengthAs(f, rule.length), f.count > 1 ? 'the shortest, ' : '');
  if (f.count < 2 || !f.length) return shortest;
  if (!f.longestMm) {
    const bounded = rule.kind !== 'minimumSize';
    return bounded && (shortest.outcome === 'keep' || shortest.outcome === 'measureAgain')
      ? longestNeeded(rule.length, `the rule is ${sayBounds(rule, f.units)}`)
      : shortest;
  }
  const longest = sizeOf(rule, f, lengthAs(f, rule.length, f.longestMm), 'the longest, ');
  const order = ['keep', 'ask', 'measureAgain', 'letGo'];
  const stricter = order.indexOf(longest.outcome) > order.indexOf(shortest.outcome) ? longest : shortest;
  return stricter.outcome === 'keep' && rule.kind === 'releaseSlot' ? acrossSlot(rule, f, stricter) : stricter;
}

/** Both ends of a lot lie outside the slot: whatever lies between them may be within, unless the lot is only those two. */
function acrossSlot(rule: Extract<SizeRule, { kind: 'releaseSlot' }>, f: CatchFacts, kept: Said): Said {
  const [short, long] = [lengthAs(f, rule.length), lengthAs(f, rule.length, f.longestMm ?? undefined)];
  if (!short || !long || f.count < 3 || short.readMm >= rule.toMm || long.readMm <= rule.fromMm) return kept;
  return {
    outcome: 'letGo',
    lead: 'Some may be breeding fish:',
    because: `the lot runs from ${shortLength(short.readMm, f.units)} to ${shortLength(long.readMm, f.units)}, across ${shortLength(rule.fromMm, f.units)} to ${sayShortLength(rule.toMm, f.units)}, and those between are not known.`,
    change: 'noting them one by one, or as lots on one side of it',
  };
}

/** Asks for the longest of a lot; `why`: what the rule says. */
export const longestNeeded = (kind: LengthKind, why: string): Said => ({
  outcome: 'ask',
  lead: 'Length of the longest needed:',
  because: `${why}, and only the shortest was measured. Measure the longest too.`,
  asks: { fact: 'length', kind },
});

/** Asks for a length; `why`: what the rule says. */
export const lengthNeeded = (kind: LengthKind, why: string): Said => ({
  outcome: 'ask',
  lead: `${capital(LENGTH_WORDS[kind])} needed:`,
  because: `${why}. Measure it that way.`,
  asks: { fact: 'length', kind },
});

function sizeOf(rule: SizeRule, f: CatchFacts, l: ReturnType<typeof lengthAs>, which: string): Said {
  const least = rule.kind === 'minimumSize' ? { leastMm: rule.leastMm } : {};
  const needed: Said = { ...lengthNeeded(rule.length, `the rule is ${sayBounds(rule, f.units)}`), ...least };
  if (!l || !f.length) return needed;
  const b = bounds(rule);
  const within = chanceWithin(l, b.from, b.to);
  const chance = b.inside ? within : 1 - within;
  const marginMm = margin(l.readMm, b);
  const words = WORDS[rule.kind];
  const by = l.from
    ? `about ${shortLength(l.readMm, f.units)} by its ${LENGTH_WORDS[l.from]}, `
    : `${shortLength(l.readMm, f.units)} is `;
  const side = `${which}${by}${saySide(l.readMm, b, f.units)}`;
  const shared = { marginMm, chance, ...least };
  const inHundred = Math.round(chance * 100);
  const sure = certainMarginMm(l.sdMm);
  if (chance > 1 - DOUBT) {
    const shrunk = l.readMm * (1 - SHRINKS);
    const warning =
      b.inside && b.from > 0 && shrunk < b.from
        ? `On ice a fish shortens by 1 to 3 % within a day: it may measure ${sayShortLength(shrunk, f.units)} on the quay. Note its length now.`
        : undefined;
    return { outcome: 'keep', lead: words.good, because: `${side}.`, ...shared, ...(warning ? { warning } : {}) };
  }
  if (chance < DOUBT) {
    const odds = `${inHundred < 1 ? 'under 1 %' : `${inHundred} %`} chance that it is ${words.so}`;
    const over = b.inside && l.readMm > b.to;
    const change = changeOf(l.readMm, b, sure, f.units);
    return { outcome: 'letGo', lead: words.bad(over), because: `${side}; ${odds}.`, ...shared, change };
  }
  // A length that is only worked out is no ground for a doubtful verdict: the one the rule names can be read.
  if (l.from)
    return { ...needed, because: `${side}, too close to be sure from that. Measure it the way the rule says.` };
  return {
    outcome: 'measureAgain',
    lead: 'Too close to be sure:',
    because: `${side}, closer than the ${f.length.method === 'photo' ? 'picture' : f.length.method} can tell; ${inHundred} % chance that it is ${words.so}. If it stays like that, release it.`,
    ...shared,
    change: changeOf(l.readMm, b, sure, f.units),
  };
}

/** The least change of the reading that would settle it: "0.6 cm longer", with what the measure errs by. */
function changeOf(mm: number, b: ReturnType<typeof bounds>, sure: number, u?: Units): string {
  const longer = b.inside ? b.from + sure - mm : b.to + sure - mm;
  const shorter = b.inside ? mm - (b.to - sure) : mm - (b.from - sure);
  const options = [
    ...(longer > 0 && Number.isFinite(longer) ? [{ by: longer, say: 'longer' }] : []),
    ...(shorter > 0 && Number.isFinite(shorter) ? [{ by: shorter, say: 'shorter' }] : []),
  ].sort((x, y) => x.by - y.by);
  const [best] = options;
  return best ? `a reading ${sayDifference(best.by, u)} ${best.say}` : '';
}
