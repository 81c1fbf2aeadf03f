import type { RuleKind, Verdict } from '@dagboek/core/rules';
import type { RELEASE_REASONS } from '../../log/facts/deck.ts';
import type { FishState } from '../../log/state/states.ts';

/** What is to be done next with a fish in hand. */
export type NextStep = 'dispatch' | 'bleed' | 'ice' | 'release' | 'measure' | 'name';

/**
 * The next step for a fish in hand. One begun is finished: a fish that was killed is bled, one that was bled goes onto ice.
 * Before there is a name, and where the rules are against it, it goes back; where they cannot tell they say what is asked.
 * `keepAnyway`: the user has said that it is kept, whatever the rules say.
 */
export function nextStep(fish: FishState, verdict: Verdict | null, keepAnyway: boolean): NextStep {
  if (fish.bled) return 'ice';
  if (fish.dispatched) return 'bleed';
  if (!fish.species) return 'release';
  if (keepAnyway) return 'dispatch';
  if (verdict?.outcome === 'letGo') return 'release';
  if (verdict?.asks?.fact === 'name') return 'name';
  return verdict?.outcome === 'measureAgain' ? 'measure' : 'dispatch';
}

/** What the open entry of a fish shows: what it is, its length, or what is done with it. */
export type DeckStep = 'name' | 'measure' | 'act';

/**
 * Where a fish in hand stands. A length is asked for before anything is done with it, or when a rule wants one of another kind;
 * `unmeasured`: the user has said that it is not measured now.
 */
export function deckStep(fish: FishState, verdict: Verdict | null, unmeasured: boolean): DeckStep {
  if (!fish.species) return 'name';
  const begun = fish.dispatched !== null || fish.bled !== null || fish.released !== null;
  if (begun || unmeasured) return 'act';
  return !fish.length || verdict?.asks?.fact === 'length' ? 'measure' : 'act';
}

type Reason = (typeof RELEASE_REASONS)[number];

/** Why a fish goes back, by the kind of the rule that is most against it; a new kind of rule must say its own. */
const REASON: Readonly<Record<RuleKind, Reason>> = {
  minimumSize: 'too short',
  maximumSize: 'may not be kept',
  keepSlot: 'may not be kept',
  releaseSlot: 'may not be kept',
  dailyBag: 'over the bag',
  possession: 'over the bag',
  yearlyBag: 'over the bag',
  overLength: 'over the bag',
  closedSeason: 'closed season',
  openSeason: 'closed season',
  closedDays: 'closed season',
  clockHours: 'closed season',
  sunHours: 'closed season',
  retentionBan: 'may not be kept',
  noTake: 'may not be kept',
  gearBan: 'may not be kept',
  licence: 'may not be kept',
  // These say something of a fish, and are never what sends it back.
  landAs: 'not needed',
  minimumFillet: 'not needed',
  noOffal: 'not needed',
  report: 'not needed',
  mustNotReturn: 'not needed',
  advice: 'not needed',
  exemption: 'not needed',
};

/** The reason to be offered when a fish goes back: the rule's, where one is against it, else by choice. */
export function releaseReason(fish: FishState, verdict: Verdict | null): Reason {
  if (!fish.species) return 'not sure what it is';
  const worst = verdict?.findings[0];
  if (!verdict || !worst || verdict.outcome === 'keep' || verdict.outcome === 'ask') return 'not needed';
  return verdict.outcome === 'measureAgain' ? 'too near to tell' : REASON[worst.kind];
}
