import { chanceAtLeast, DOUBT, judgeReading } from '../measure/index.ts';
import type { LengthKind } from '../species/index.ts';
import { daysBetween, inSpan, sayDate } from '../time/index.ts';
import { allowancesLeft, bagUsed, concerns } from './allowances.ts';
import type { CatchFacts, KeptFish, Rule, RulePack } from './rule.ts';
import { type Finding, OUTCOMES, type Outcome, stricter, type Verdict } from './verdict.ts';

/** A pack not checked for this many days warns. */
export const STALE_DAYS = 180;

export const LENGTH_WORDS: Readonly<Record<LengthKind, string>> = {
  total: 'total length',
  fork: 'fork length',
  discWidth: 'disc width',
  mantle: 'mantle length',
};

const cm = (mm: number): string => (Math.round(mm) / 10).toFixed(1).replace(/\.0$/, '');
const ORDINALS = ['0th', '1st', '2nd', '3rd'];
const ordinal = (n: number): string => ORDINALS[n] ?? `${n}th`;
const KIND_ORDER = ['retentionBan', 'closedSeason', 'minimumSize', 'dailyBag'];

type Said = Pick<Finding, 'outcome' | 'lead' | 'because'> & Partial<Pick<Finding, 'marginMm' | 'leastMm' | 'chance'>>;

function sizeSays(rule: Extract<Rule, { kind: 'minimumSize' }>, f: CatchFacts): Said {
  const least = cm(rule.leastMm);
  if (!f.length || f.length.kind !== rule.length)
    return {
      outcome: 'ask',
      lead: `${LENGTH_WORDS[rule.length][0]?.toUpperCase()}${LENGTH_WORDS[rule.length].slice(1)} needed:`,
      because: `the rule is at least ${least} cm. Measure it that way.`,
      leastMm: rule.leastMm,
    };
  const chance = chanceAtLeast(judgeReading(f.length.mm, f.length.method), rule.leastMm);
  const marginMm = f.length.mm - rule.leastMm;
  const shared = { marginMm, leastMm: rule.leastMm, chance };
  const which = f.count > 1 ? 'the shortest, ' : '';
  const inHundred = Math.round(chance * 100);
  if (chance > 1 - DOUBT)
    return {
      outcome: 'keep',
      lead: 'Long enough:',
      because: `${which}${cm(f.length.mm)} is ${cm(marginMm)} over ${least}.`,
      ...shared,
    };
  if (chance < DOUBT) {
    const odds = `${inHundred < 1 ? 'less than 1' : inHundred} in 100 that it is long enough`;
    return {
      outcome: 'letGo',
      lead: 'Too short:',
      because: `${which}${cm(f.length.mm)} is ${cm(-marginMm)} short of ${least}; ${odds}.`,
      ...shared,
    };
  }
  const side =
    marginMm === 0 ? `just ${least}` : `${cm(Math.abs(marginMm))} ${marginMm > 0 ? 'over' : 'short of'} ${least}`;
  return {
    outcome: 'measureAgain',
    lead: 'Too near to tell:',
    because: `${which}${cm(f.length.mm)} is ${side}, within what the ${f.length.method === 'eye' ? 'eye' : f.length.method} errs; ${inHundred} in 100 that it is long enough. If it stays so, let it go.`,
    ...shared,
  };
}

function bagSays(rule: Extract<Rule, { kind: 'dailyBag' }>, f: CatchFacts, kept: readonly KeptFish[]): Said {
  const used = bagUsed(rule, kept, f.anglerId, f.day);
  const after = used + f.count;
  if (after <= rule.most) {
    const left = rule.most - after;
    const place =
      f.count > 1 ? `${f.count} fish make ${after} of ${rule.most}` : `the ${ordinal(after)} of ${rule.most}`;
    return {
      outcome: 'keep',
      lead: `Counts for ${f.anglerName}:`,
      because: `${place}; ${left === 0 ? 'none' : left} left after it.`,
    };
  }
  if (used < rule.most)
    return {
      outcome: 'letGo',
      lead: 'Over the bag:',
      because: `${f.anglerName} may keep ${rule.most - used} more today, and this lot is ${f.count}. Note the rest as let go.`,
    };
  return { outcome: 'letGo', lead: 'Bag is full:', because: `${f.anglerName} has kept ${used} of ${rule.most} today.` };
}

function ruleSays(rule: Rule, f: CatchFacts, kept: readonly KeptFish[]): Said {
  switch (rule.kind) {
    case 'minimumSize':
      return sizeSays(rule, f);
    case 'dailyBag':
      return bagSays(rule, f, kept);
    case 'closedSeason':
      return inSpan(f.day, rule.closed)
        ? {
            outcome: 'letGo',
            lead: 'Closed season:',
            because: `closed from ${sayDate(rule.closed.from)} to ${sayDate(rule.closed.to)}.`,
          }
        : {
            outcome: 'keep',
            lead: 'Season',
            because: `open; closed from ${sayDate(rule.closed.from)} to ${sayDate(rule.closed.to)}.`,
          };
    case 'retentionBan':
      return { outcome: 'letGo', lead: 'May not be kept here:', because: rule.sentence };
  }
}

/**
 * Judges one fish or lot by every rule of a pack that is about it; the strictest outcome wins.
 * `kept`: what has been kept already, this fish not among it. `today`: civil day on which the screen is read, for the
 * staleness warning. Pure: the same facts give the same verdict for ever.
 */
export function judge(pack: RulePack, f: CatchFacts, kept: readonly KeptFish[], today: string = f.day): Verdict {
  const about = pack.rules.filter((r) => concerns(r, f));
  const findings: Finding[] = about.map((rule) => ({
    ruleId: rule.id,
    kind: rule.kind,
    source: rule.source,
    ...ruleSays(rule, f, kept),
  }));
  const rank = (o: Outcome): number => -OUTCOMES.indexOf(o);
  findings.sort(
    (a, b) =>
      rank(a.outcome) - rank(b.outcome) ||
      KIND_ORDER.indexOf(a.kind) - KIND_ORDER.indexOf(b.kind) ||
      a.ruleId.localeCompare(b.ruleId),
  );
  const outcome = findings.reduce<Outcome>((worst, x) => stricter(worst, x.outcome), 'keep');
  const missing = about.find((r) => r.kind === 'minimumSize' && (!f.length || f.length.kind !== r.length));
  return {
    outcome,
    findings,
    asks: missing?.kind === 'minimumSize' ? { fact: 'length', kind: missing.length } : null,
    allowances: allowancesLeft(pack, kept, f.speciesId, [f.anglerId], f.day),
    noRuleFound: about.length === 0,
    pack: {
      name: pack.name,
      version: pack.version,
      sample: pack.sample,
      checked: pack.checked,
      stale: daysBetween(pack.checked, today) > STALE_DAYS,
    },
  };
}

/** A verdict on a fish that is not settled: the strictest over what it may be, and which of them decided. */
export interface UnsettledVerdict {
  readonly verdict: Verdict;
  readonly decidedBy: string;
}

/**
 * Judges a fish that may be one of several species by each, and takes the strictest outcome; among equals the likeliest,
 * which comes first. A single candidate is judged as `judge` does. Throws RangeError without any.
 */
export function judgeUnsettled(
  pack: RulePack,
  candidates: readonly CatchFacts[],
  kept: readonly KeptFish[],
  today?: string,
): UnsettledVerdict {
  const judged = candidates.map((f) => ({ decidedBy: f.speciesId, verdict: judge(pack, f, kept, today ?? f.day) }));
  const first = judged[0];
  if (!first) throw new RangeError('judgeUnsettled: no candidate');
  return judged.reduce(
    (worst, x) => (OUTCOMES.indexOf(x.verdict.outcome) > OUTCOMES.indexOf(worst.verdict.outcome) ? x : worst),
    first,
  );
}
