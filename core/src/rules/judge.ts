import { daysBetween } from '../time/index.ts';
import { allowancesLeft, concerns } from './allowances.ts';
import { calledBy, conditionOf, exemptedBy } from './applies.ts';
import type { CatchFacts, KeptFish, Rule, RulePack } from './rule.ts';
import { kindOfRule, orderOf } from './rule-kinds.ts';
import { type Finding, OUTCOMES, type Outcome, stricter, type Verdict } from './verdict.ts';

/** A pack not checked for this many days warns. */
export const STALE_DAYS = 180;

/** Whether a rule says something of keeping this very fish; without any, to keep it is nobody's word. */
function saysWhatMayBeKept(r: Rule): boolean {
  const bearsOn = kindOfRule(r)?.bearsOn;
  return bearsOn === 'keeping' || (bearsOn === 'fishing' && r.species.length > 0);
}

const ASKS = {
  gear: ['How was it caught?', 'that decides whether this rule holds:'],
  age: ['How old is', 'that decides whether this rule holds:'],
} as const;

/** What a rule says, or the question that decides whether it holds for this fish at all; null when it does not. */
function finding(rule: Rule, f: CatchFacts, kept: readonly KeptFish[], pack: RulePack): Finding | null {
  const holds = conditionOf(rule, f);
  if (holds === false) return null;
  const said = kindOfRule(rule)?.says(rule, f, kept, pack);
  // A kind that only a newer version knows says nothing here; whoever reads packs leaves it out before.
  if (!said) return null;
  const head = { ruleId: rule.id, kind: rule.kind, source: rule.source };
  // A rule that would let it be kept need not be asked about.
  if (holds === true || said.outcome === 'keep' || (holds.fact !== 'gear' && holds.fact !== 'age'))
    return { ...head, ...said };
  const [lead, why] = ASKS[holds.fact];
  return {
    ...head,
    outcome: 'ask',
    lead: holds.fact === 'age' ? `${lead} ${f.anglerName}?` : lead,
    because: `${why} ${rule.sentence}`,
    asks: holds,
  };
}

/**
 * Judges one fish or lot by every rule of a pack that is about it; the strictest outcome wins.
 * `kept`: what has been kept already, this fish not among it. `today`: civil day on which the screen is read, for the
 * staleness warning. Pure: the same facts give the same verdict for ever.
 */
export function judge(pack: RulePack, f: CatchFacts, kept: readonly KeptFish[], today: string = f.day): Verdict {
  const exempted = exemptedBy(pack, f);
  const about = pack.rules.filter((r) => concerns(r, f) && !exempted.has(calledBy(r)));
  const findings = about.flatMap((rule) => {
    if (rule.kind === 'exemption' && conditionOf(rule, f) !== true) return [];
    if (rule.kind === 'exemption' && !rule.from.some((id) => exempted.has(id))) return [];
    return finding(rule, f, kept, pack) ?? [];
  });
  const rank = (o: Outcome): number => -OUTCOMES.indexOf(o);
  findings.sort(
    (a, b) => rank(a.outcome) - rank(b.outcome) || orderOf(a.kind) - orderOf(b.kind) || (a.ruleId < b.ruleId ? -1 : 1),
  );
  const outcome = findings.reduce<Outcome>((worst, x) => stricter(worst, x.outcome), 'keep');
  return {
    outcome,
    findings,
    asks: findings.find((x) => x.asks)?.asks ?? null,
    allowances: allowancesLeft(pack, kept, f.speciesId, [f.anglerId], f.day, f.boat ?? null).sort(
      (a, b) => orderOf(a.kind) - orderOf(b.kind) || (a.ruleId < b.ruleId ? -1 : 1),
    ),
    exempted: [...exempted].sort(),
    noRuleFound: !about.some(saysWhatMayBeKept),
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
 * which comes first. What cannot be undone needs a settled name: where one of them must be killed and another need not be,
 * it asks what it is. A single candidate is judged as `judge` does. Throws RangeError without any.
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
  const killed = judged.find((x) => x.verdict.outcome === 'mustNotReturn');
  const other = strictest(judged.filter((x) => x.verdict.outcome !== 'mustNotReturn'));
  if (killed && other) return nameFirst(killed, other, candidates);
  return strictest(judged) ?? first;
}

const strictest = (judged: readonly UnsettledVerdict[]): UnsettledVerdict | undefined =>
  judged.reduce<UnsettledVerdict | undefined>(
    (worst, x) => (!worst || OUTCOMES.indexOf(x.verdict.outcome) > OUTCOMES.indexOf(worst.verdict.outcome) ? x : worst),
    undefined,
  );

/** One name kills it, another does not: it waits, alive, until it has one. */
function nameFirst(
  killed: UnsettledVerdict,
  other: UnsettledVerdict,
  candidates: readonly CatchFacts[],
): UnsettledVerdict {
  const nameOf = (id: string): string => candidates.find((c) => c.speciesId === id)?.speciesName ?? id;
  const rule = killed.verdict.findings[0];
  const says = other.verdict.outcome === 'letGo' ? 'it must be released' : 'it may be released';
  const asks = { fact: 'name' } as const;
  const finding: Finding = {
    ruleId: rule?.ruleId ?? 'name',
    kind: 'mustNotReturn',
    source: rule?.source ?? '',
    outcome: 'ask',
    lead: 'What is it?',
    because: `as ${nameOf(killed.decidedBy).toLowerCase()} it must not go back alive, as ${nameOf(other.decidedBy).toLowerCase()} ${says}. Neither can be undone: identify it first, and keep it alive in water meanwhile.`,
    asks,
  };
  return {
    decidedBy: killed.decidedBy,
    verdict: { ...other.verdict, outcome: 'ask', asks, findings: [finding, ...other.verdict.findings] },
  };
}
