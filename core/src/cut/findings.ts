import type { Penalty } from '../fresh/index.ts';
import { type Finding, type FindingOf, penaltyOf } from './finding.ts';

/** What follows from a find, in sentences of its own; nothing where nothing does. */
export interface Follows {
  /** For how long it keeps. */
  readonly keeping?: string;
  readonly cooking?: string;
  readonly raw?: string;
  /** It is cooked through, whatever was frozen. */
  readonly cook?: boolean;
  /** It is not eaten. */
  readonly bin?: string;
}
export interface Find extends Follows {
  readonly is: string;
}
/** Something to look for when a fish is opened. A name stands in the log for ever. */
export interface FindKind {
  readonly of: FindingOf;
  readonly ask: string;
  readonly finds: readonly Find[];
  /** Any words of one's own beside the ones offered. */
  readonly own?: boolean;
  readonly counted?: boolean;
  readonly where?: readonly string[];
}

const COOK_WORMS =
  'Cook it through: 60° in the middle for a minute kills round worms and tapeworm; acid, salt and smoke do not. Whoever is allergic to them may react to dead ones too.';
/** The minute at 60 degC of the EU is written for worms other than flukes. Source: Regulation (EC) 853/2004 Annex III VIII ch. III D. */
const COOK_FLUKES =
  'Cook it through: 63° in the middle, held, and better 70° for two minutes. Acid, salt, smoke and frost end no flukes.';
const NOT_RAW_WORMS = 'Worms were seen: not raw, however it was frozen; there may be more than were found.';

/**
 * What can be found, and what follows. Sources: Codex CXC 52 (parasites, gut, bruises); Regulation (EC) 853/2004 Annex III (visible
 * parasites); FAO Fisheries Technical Paper 348 (gaping, gut enzymes).
 */
export const FINDINGS = [
  {
    of: 'stomach',
    ask: 'In the stomach',
    own: true,
    finds: [
      { is: 'sand eels' },
      { is: 'small fish' },
      { is: 'crabs' },
      { is: 'shrimps' },
      { is: 'squid' },
      { is: 'insects' },
      { is: 'mussels' },
      { is: 'bristle worms' },
      { is: 'nothing' },
      { is: 'too far gone to tell' },
    ],
  },
  { of: 'sex', ask: 'Sex', finds: [{ is: 'hen' }, { is: 'cock' }] },
  {
    of: 'roe',
    ask: 'Roe or milt',
    finds: [
      { is: 'not begun' },
      { is: 'starting' },
      {
        is: 'ripe',
        // Source: poison centres on barbel cholera; FDA Hazards Guide, ch. 6.
        cooking:
          'Eat roe only of a kind whose roe you know. The roe of the barbel and some others is poisonous, cooked as well.',
      },
      { is: 'spent', cooking: 'A spent fish is lean and soft: soup, cakes or pie rather than the pan.' },
    ],
  },
  {
    of: 'worms',
    ask: 'Worms',
    counted: true,
    where: ['in the flesh', 'in the belly lining', 'in the gut'],
    finds: [
      { is: 'none seen' },
      { is: 'round worms', cooking: COOK_WORMS, raw: NOT_RAW_WORMS, cook: true },
      { is: 'tapeworm', cooking: COOK_WORMS, raw: NOT_RAW_WORMS, cook: true },
      {
        is: 'flukes',
        cooking: COOK_FLUKES,
        raw: 'Flukes stand freezing: never raw.',
        cook: true,
      },
      { is: 'worms, kind not known', cooking: COOK_FLUKES, raw: NOT_RAW_WORMS, cook: true },
    ],
  },
  {
    of: 'gut',
    ask: 'The gut',
    finds: [
      { is: 'whole' },
      {
        is: 'pierced',
        keeping: 'What a gut lets out eats into the flesh: about six tenths of its time are left. Use it first.',
        cooking: 'Wipe it, and cut away what is dyed or soft.',
        raw: 'Not raw: germs of the gut are on the flesh.',
        cook: true,
      },
      {
        is: 'burst by itself',
        keeping: 'It had fed, and its gut went by itself: about six tenths of its time are left. Use it first.',
        cooking: 'Cut the belly flaps away where they are soft.',
        raw: 'Not raw: germs of the gut are on the flesh.',
        cook: true,
      },
    ],
  },
  {
    of: 'flesh',
    ask: 'The flesh',
    finds: [
      { is: 'firm' },
      {
        is: 'gaping',
        cooking: 'It falls into flakes: bake, stew, or make cakes of it rather than fry it.',
        raw: 'Gaping flesh gives no slices.',
      },
      {
        is: 'soft',
        keeping: 'Soft flesh is old or spent: use it first.',
        cooking: 'Soup, cakes or pie.',
        raw: 'Not raw.',
        cook: true,
      },
      {
        is: 'milky or jellied',
        bin: 'Flesh that turns to milk or jelly is ill or long dead: it is not eaten.',
      },
    ],
  },
  {
    of: 'smell',
    ask: 'The smell',
    finds: [
      { is: 'of the sea' },
      { is: 'of mud', cooking: 'Skin and dark line off; an hour in salted or sour water draws some of it.' },
      { is: 'strong', keeping: 'Use it today.', raw: 'Not raw.', cook: true },
      {
        is: 'sour or rotten',
        bin: 'It smells spoilt: it is not eaten. A fish without a smell may still hold histamine.',
      },
      { is: 'of ammonia', bin: 'Ammonia after soaking means a ray or shark is too old: it is not eaten.' },
    ],
  },
  {
    of: 'damage',
    ask: 'Damage',
    finds: [
      { is: 'none' },
      { is: 'bruise', keeping: 'Blood in the flesh spoils first.', cooking: 'Cut the bruise away.' },
      {
        is: 'wound of spear or gaff',
        keeping: 'Germs went in with it: use that side first.',
        cooking: 'Cut it away a thumb wide.',
        raw: 'Nothing raw from around the wound.',
      },
      {
        is: 'bite of another animal',
        keeping: 'Germs went in with it: use it first.',
        cooking: 'Cut it away a hand wide.',
        raw: 'Not raw.',
        cook: true,
      },
      {
        is: 'sores or growths',
        bin: 'A fish with sores or growths is ill: it is not eaten. Some authorities want to know.',
      },
    ],
  },
] as const satisfies readonly FindKind[];

/** A kind of find by its name. */
export const findKind = (of: string): FindKind | undefined => FINDINGS.find((k) => k.of === of);

/** What follows from a find; nothing from one that a newer version knows, or in words of one's own. */
export const whatFollows = (f: Finding): Follows => findKind(f.of)?.finds.find((x) => x.is === f.is) ?? {};

/** All that follows from several finds, each sentence once. */
export interface AllThatFollows {
  readonly keeping: readonly string[];
  readonly cooking: readonly string[];
  readonly raw: readonly string[];
  readonly bin: readonly string[];
  readonly penalties: readonly Penalty[];
  /** Cooked through, whatever was frozen. */
  readonly cook: boolean;
}
/** What follows from several findings together, each sentence once. */
export function allThatFollows(finds: readonly Finding[]): AllThatFollows {
  const all = finds.map(whatFollows);
  const said = (of: 'keeping' | 'cooking' | 'raw' | 'bin'): string[] => [...new Set(all.flatMap((f) => f[of] ?? []))];
  return {
    keeping: said('keeping'),
    cooking: said('cooking'),
    raw: said('raw'),
    bin: said('bin'),
    penalties: [...new Set(finds.flatMap((f) => penaltyOf(f) ?? []))],
    cook: all.some((f) => f.cook === true),
  };
}
