import type { LengthConversion, LengthKind, MeasureMethod } from '../species/index.ts';
import type { Units } from '../units/index.ts';
import type { YearlySpan } from '../time/index.ts';

export const RULE_GEARS = ['rod', 'spear', 'net', 'hand line'] as const;
export type RuleGear = (typeof RULE_GEARS)[number];
export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
export type Weekday = (typeof WEEKDAYS)[number];
/** Where a fish comes from, when it is not wild. */
export type Origin = 'wild' | 'stocked' | 'farmed';

interface RuleBase {
  readonly id: string;
  /** The id under which others name it, where a later version has taken that id for a rule of its own. */
  readonly formerly?: string;
  /** Species ids the rule is for; empty = every species. Several are counted together. */
  readonly species: readonly string[];
  /** Zones it holds in; left out = all waters of the pack. */
  readonly zones?: readonly string[];
  /** In force from and to (civil days, both included); left out = always. */
  readonly inForce?: { readonly from?: string; readonly to?: string };
  /** Only for fish caught so; left out = however caught. */
  readonly gear?: readonly RuleGear[];
  /** Only for people of these ages, both included, in years on the day; left out = everyone. */
  readonly ages?: { readonly from?: number; readonly to?: number };
  /** The rule in one plain sentence, as its author wrote it. */
  readonly sentence: string;
  /** Where it is written. */
  readonly source: string;
}

/** Whom an allowance counts for. */
export type Per = 'person' | 'boat';

/** A rule of any kind. Lengths in mm, times of day HH:MM in the waters' own zone. */
export type Rule = RuleBase &
  (
    | { readonly kind: 'minimumSize'; readonly leastMm: number; readonly length: LengthKind }
    | { readonly kind: 'maximumSize'; readonly mostMm: number; readonly length: LengthKind }
    /** Kept only from `fromMm` to `toMm`. */
    | { readonly kind: 'keepSlot'; readonly fromMm: number; readonly toMm: number; readonly length: LengthKind }
    /** Let go from `fromMm` to `toMm`: the breeders. */
    | { readonly kind: 'releaseSlot'; readonly fromMm: number; readonly toMm: number; readonly length: LengthKind }
    | { readonly kind: 'closedSeason'; readonly closed: YearlySpan }
    | { readonly kind: 'openSeason'; readonly open: YearlySpan }
    | { readonly kind: 'closedDays'; readonly days: readonly Weekday[] }
    /** Fish a civil day. `per` left out = person. */
    | { readonly kind: 'dailyBag'; readonly most: number; readonly per?: Per }
    /** Fish kept over the last `days` civil days, today among them. */
    | { readonly kind: 'possession'; readonly most: number; readonly days: number; readonly per?: Per }
    /** Fish a calendar year. */
    | { readonly kind: 'yearlyBag'; readonly most: number; readonly per?: Per }
    /** Of those longer than `overMm`, at most so many a day. */
    | {
        readonly kind: 'overLength';
        readonly most: number;
        readonly overMm: number;
        readonly length: LengthKind;
        readonly per?: Per;
      }
    | { readonly kind: 'retentionBan' }
    | { readonly kind: 'gearBan'; readonly banned: readonly RuleGear[] }
    /** Fishing only from `from` to `to`; may wrap over midnight. */
    | { readonly kind: 'clockHours'; readonly from: string; readonly to: string }
    /** Fishing only from so many minutes before sunrise to so many after sunset. */
    | { readonly kind: 'sunHours'; readonly beforeSunriseMin: number; readonly afterSunsetMin: number }
    | { readonly kind: 'noTake' }
    | { readonly kind: 'landAs'; readonly form: 'whole' | 'with its head' | 'with a patch of skin' }
    | { readonly kind: 'minimumFillet'; readonly leastMm: number }
    /** Nothing of a cleaned fish goes into the water: guts, frames, heads. */
    | { readonly kind: 'noOffal' }
    | { readonly kind: 'report'; readonly withinHours: number; readonly to: string }
    | { readonly kind: 'licence'; readonly licence: string }
    | { readonly kind: 'mustNotReturn' }
    /** How often to eat it: never decides. */
    | { readonly kind: 'advice' }
    /** Takes the rules named away for a fish of this origin, or for whoever `ages` and `gear` name. */
    | { readonly kind: 'exemption'; readonly from: readonly string[]; readonly origin?: readonly Origin[] }
  );

export type RuleKind = Rule['kind'];

/** A point: [longitude, latitude], degrees. */
export type LonLat = readonly [number, number];

export interface Zone {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  /** Kinds of ground in it, for what is likely there. */
  readonly grounds: readonly string[];
  /** A point within it, for the hours of the sun. */
  readonly at?: LonLat;
  /** Its bounds, a closed ring, clockwise as seen on a map with north up; left out = not drawn. */
  readonly bounds?: readonly LonLat[];
}

/** A file of rules: who made it, for what waters, when it was last checked. */
export interface RulePack {
  readonly id: string;
  readonly name: string;
  readonly version: string;
  readonly authority: string;
  readonly checked: string;
  /** True: invented rules. The interface says so wherever one of them judges a fish. */
  readonly sample: boolean;
  readonly timeZone: string;
  readonly zones: readonly Zone[];
  /** Coastlines for the map: closed rings, clockwise as seen with north up; left out = none drawn. */
  readonly coast?: readonly (readonly LonLat[])[];
  readonly rules: readonly Rule[];
}

/** A licence held: its first and last civil day; no first day: long since. */
export interface Licence {
  readonly name: string;
  readonly until: string;
  readonly from?: string;
}

/** What is known of the one who caught it; undefined = nobody has said. */
export interface AnglerFacts {
  /** Years on the day of the catch. */
  readonly age?: number;
  readonly licences?: readonly Licence[];
}

/** The fish to be judged, with what is known of it. Null or undefined = not known yet. */
export interface CatchFacts {
  readonly speciesId: string;
  readonly speciesName: string;
  readonly zone: string;
  /** Other zones the place lies in (a no-take area within a larger zone). */
  readonly alsoIn?: readonly string[];
  /** Civil day of the catch in the waters' own zone. */
  readonly day: string;
  /** Time of the catch, HH:MM in the waters' own zone. */
  readonly time?: string;
  readonly anglerId: string;
  readonly anglerName: string;
  readonly angler?: AnglerFacts;
  readonly boat?: string | null;
  readonly gear?: RuleGear | null;
  readonly origin?: Origin | null;
  /** 1 for a single fish, more for a lot. */
  readonly count: number;
  /** The reading; for a lot, its shortest fish. */
  readonly length: {
    readonly mm: number;
    readonly kind: LengthKind;
    readonly method: MeasureMethod;
    /** Error of this very reading, 1 sd; left out or null: that of the method. */
    readonly sdMm?: number | null;
  } | null;
  /** Of a lot, its longest. */
  readonly longestMm?: number | null;
  /** How one length of this species follows from another. */
  readonly conversions?: readonly LengthConversion[];
  /** In which units the verdict's sentences are said; left out: metric. It decides nothing. */
  readonly units?: Units;
}

/** A fish or lot that someone kept. */
export interface KeptFish {
  readonly speciesId: string;
  /** What else it may be, while it is not settled: it uses up the bag of each, and a bag for several of them once. */
  readonly orElse?: readonly string[];
  readonly anglerId: string;
  readonly boat?: string | null;
  readonly zone?: string;
  /** Larger zones that its place lies in too. */
  readonly alsoIn?: readonly string[];
  /** How it was caught; null or left out: nobody has said. */
  readonly gear?: RuleGear | null;
  readonly day: string;
  /** Civil day on which the last of it was eaten or thrown away; null or left out: it is still there. */
  readonly goneOn?: string | null;
  readonly count: number;
  readonly lengthMm?: number | null;
}
