import type { Penalty } from '../fresh/index.ts';
import { type Finding, type FindingOf, penaltyOf, SEX_WORDS } from './finding.ts';

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
  /** How it is said, where what the log stores is an older word. */
  readonly says?: string;
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
  'Cook it through: 60° in the middle for a minute kills round worms and tapeworm; acid, salt and smoke do not. People allergic to worms may react to dead ones too.';
/** The minute at 60 degC of the EU is written for worms other than flukes. Source: Regulation (EC) 853/2004 Annex III VIII ch. III D. */
const COOK_FLUKES =
  'Cook it through: 63° in the middle, held, and better 70° for two minutes. Acid, salt, smoke and freezing do not kill flukes reliably.';
const NOT_RAW_WORMS = 'Worms were seen: do not eat it raw, even after freezing. There may be more.';

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
  {
    of: 'sex',
    ask: 'Sex',
    finds: [
      { is: 'hen', says: SEX_WORDS.hen },
      { is: 'cock', says: SEX_WORDS.cock },
    ],
  },
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
          'Eat roe only from species whose roe you know. The roe of barbel and some others is poisonous, even cooked.',
      },
      { is: 'spent', cooking: 'A spent fish (after spawning) is lean and soft: use it for soup, fish cakes or pie.' },
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
        raw: 'Flukes can survive freezing: never eat it raw.',
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
        keeping: 'Gut contents spoil the flesh: about 60 % of its time is left. Use it first.',
        cooking: 'Wipe it, and cut away any flesh that is coloured or soft.',
        raw: 'Not raw: germs of the gut are on the flesh.',
        cook: true,
      },
      {
        is: 'burst by itself',
        keeping: 'It had fed, and the gut burst: about 60 % of its time is left. Use it first.',
        cooking: 'Cut away soft belly flaps.',
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
        cooking: 'It falls into flakes: bake or stew it or make fish cakes, rather than fry it.',
        raw: 'Gaping flesh cannot be sliced.',
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
        bin: 'Milky or jelly-like flesh comes from a sick or long-dead fish: do not eat it.',
      },
    ],
  },
  {
    of: 'smell',
    ask: 'The smell',
    finds: [
      { is: 'of the sea' },
      {
        is: 'of mud',
        cooking: 'Skin and dark line off; soaking for an hour in salted or acid water removes some of the taste.',
      },
      { is: 'strong', keeping: 'Use it today.', raw: 'Not raw.', cook: true },
      {
        is: 'sour or rotten',
        bin: 'It smells spoilt: do not eat it. A fish without a smell may still contain histamine.',
      },
      { is: 'of ammonia', bin: 'If a ray or shark smells of ammonia after soaking, it is too old: do not eat it.' },
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
        keeping: 'Germs entered with it: use that side first.',
        cooking: 'Cut it away a thumb wide.',
        raw: 'Nothing raw from around the wound.',
      },
      {
        is: 'bite of another animal',
        keeping: 'Germs entered with it: use it first.',
        cooking: 'Cut it away a hand wide.',
        raw: 'Not raw.',
        cook: true,
      },
      {
        is: 'sores or growths',
        bin: 'A fish with sores or growths is sick: do not eat it. Some authorities ask you to report it.',
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
