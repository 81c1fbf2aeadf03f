import type { Bodied } from '../heat/index.ts';
import { fishBody } from '../heat/index.ts';
import { CHART_SPREAD } from './charts.ts';
import type { KitchenTimes } from './kitchen-learned.ts';
import { type Around, type Course, cookThrough, cookUntil, reachedC } from './cook-through.ts';
import { type Cooked, USUAL } from './flesh-in-fire.ts';
import type { Fire } from './fire.ts';
import type { Method, Setting } from './method.ts';
import { settingTrouble } from './methods.ts';
import { type Piece, pieceBody, pieceTrouble, THICKNESS_SD, type ThicknessBy } from './piece.ts';
import { aroundOf, type StageAsked, stagesTrouble } from './stages.ts';
import { hotAgainS, type Rounds, roundsOf, type RoundsAsked } from './rounds.ts';
import { besideTheRule, type RulesOfThumb, rulesOfThumb } from './rules-of-thumb.ts';

/** What is asked: one of `pieces` alike in its fire, until its middle has come to `toC`. */
export interface CookingAsked {
  readonly method: Method;
  readonly setting: Setting;
  readonly piece: Piece;
  readonly pieces: number;
  readonly startC: number;
  readonly toC: number;
  readonly thicknessBy: ThicknessBy;
  /** Why the middle comes to `toC` in the fire and nothing is left to coasting: worms may be alive, or who eats is at risk. Left out: it may coast. */
  readonly inTheFire?: string;
  /** What is known of the kitchen that it is cooked in; left out: nothing, it is as the charts say. */
  readonly kitchen?: Pick<KitchenTimes, 'times' | 'sd'>;
  /** Other fires before and after it, in their order, each for its own time; left out: none. */
  readonly stages?: readonly StageAsked[];
  /** The kind, for the body of a whole fish; null: as round as it is usual. */
  readonly species: Bodied | null;
}

/** When it is pulled, where it coasts to, and how sure that is. Times since it was laid in, s. */
export interface Cooking {
  readonly ok: true;
  readonly course: Course;
  /** What its middle comes to as far as that may be counted on, degC; `course.peakC` is what it may come to. */
  readonly reachesC: number;
  /** Nine in ten of such pieces are ready between these, s. */
  readonly lowS: number;
  readonly highS: number;
  /** How much later each of these makes it, s, for so much of it as is not known: thickness, start, heat. */
  readonly because: { readonly thicknessS: number; readonly startS: number; readonly heatS: number };
  /** So long on each side in its own fire, in order, s; one number where it is not turned. */
  readonly sidesS: readonly number[];
  readonly rules: RulesOfThumb;
  /** How the time lies to the rule by thickness; null where there is none. */
  readonly besideRule: ReturnType<typeof besideTheRule>;
}
export type CookingReckoned = Cooking | { readonly ok: false; readonly why: string };

/** What is not known of a start temperature, K, and of the heat that goes over, in shares: standard deviations. Of the charts’ own spread. */
const [START_SD, HEAT_SD] = [1.5, 0.12];
/** What one piece differs by from the next in the same kitchen, in shares of the time, 1 sd. Our own assumption. */
export const PIECE_SD = 0.06;
const NINE_IN_TEN = 1.645;
/** No piece starts colder or warmer, degC. */
const START_C = [-30, 45] as const;

/** So long a piece is let rest, and a whole fish, s: longer it is cold outside. */
const RESTS_S = { piece: 180, whole: 480 } as const;

/**
 * Pieces of fish were measured to warm on by some 3 to 8 K off the fire, whole ones by 5 to 12: no more is counted on. Sources:
 * docs/sources.md, the kitchen.
 */
const COASTS_K = { piece: 8, whole: 12 } as const;

/** So far it may be counted on to warm on. What stays raw in the middle is not to pass what was asked: all of it counts. */
function coastMostK({ method, piece, inTheFire }: CookingAsked): number {
  if (method.middle === 'raw') return Infinity;
  if (inTheFire || method.heat!.atOnce) return 0;
  return piece.cut === 'whole' ? COASTS_K.whole : COASTS_K.piece;
}

const fireOf = (a: CookingAsked): Fire => ({
  restMostS: a.piece.cut === 'whole' ? RESTS_S.whole : RESTS_S.piece,
  coastMostK: coastMostK(a),
  ...a.method.heat!.fire(a.setting),
});

/** The same in a kitchen that takes so many times as long. */
export const stretched = (c: Course, times = 1): Course =>
  times === 1
    ? c
    : {
        ...c,
        atS: c.atS.map((s) => s * times),
        inS: c.inS * times,
        outS: c.outS * times,
        pulledS: c.pulledS * times,
        peakS: c.peakS * times,
      };

/** So long it is in its own fire, s. */
export const staysS = ({ inS, outS }: Course): number => outS - inS;

const around = (a: CookingAsked): Around => aroundOf(a.stages ?? [], a.setting, a.kitchen?.times);

/** With other heat transfer by a factor. */
const scaled = (fire: Fire, by: number): Fire => ({
  ...fire,
  surface: { ...fire.surface, h: fire.surface.h * by },
  ...(fire.other ? { other: { ...fire.other, h: fire.other.h * by } } : {}),
});

const allScaled = ({ before, after, ...more }: Around, by: number): Around => ({
  ...more,
  before: before.map((s) => ({ ...s, fire: scaled(s.fire, by) })),
  after: after.map((s) => ({ ...s, fire: scaled(s.fire, by) })),
});

const cookedOf = (a: CookingAsked, thicker = 1): Cooked => {
  const piece = { ...a.piece, thicknessMm: a.piece.thicknessMm * thicker };
  const exponent = a.species && piece.cut === 'whole' ? fishBody(a.species, piece.massG).exponent : 1;
  return { body: pieceBody(piece, exponent), pieces: a.pieces, startC: a.startC };
};

/** Colder than this there is ice in it, degC. */
const ICE_C = -1;
/** Sources: NFPA and fire brigades on frying what is frozen. */
export const FROZEN_IN_OIL =
  'Never lay frozen fish in hot oil: its ice makes the oil boil over and catch fire. Thaw it in the fridge and dry it, then enter what it starts at.';

/** What is wrong with what is asked, in a sentence; null when nothing. */
export function cookingTrouble(a: CookingAsked): string | null {
  const { heat } = a.method;
  if (!heat) return `${a.method.name}: this way uses no heat.`;
  if (!(a.pieces >= 1) || a.pieces > 200) return 'Enter how many pieces there are.';
  if (!(a.startC >= START_C[0] && a.startC <= START_C[1]))
    return `The fish’s starting temperature must be between ${START_C[0]}° and ${START_C[1]}°.`;
  if (heat.of === 'the oil' && a.startC < ICE_C) return FROZEN_IN_OIL;
  if (!(a.toC > 5 && a.toC < 95)) return 'The temperature of the middle must be between 5° and 95°.';
  if (a.startC >= a.toC)
    return `Its middle is at ${Math.round(a.startC)}° already, and should reach ${Math.round(a.toC)}°: start with colder fish, or choose a warmer middle.`;
  return pieceTrouble(a.piece) ?? settingTrouble(heat, a.setting) ?? stagesTrouble(a.stages ?? [], a.setting);
}

/** Shorter in its own fire is not at all, s: the others have done it. */
const LEAST_STAY_S = 15;

/**
 * How long it cooks by conduction, with the band of what is not known: each of thickness, start and heat is moved by a standard deviation
 * and the times they make are put together as independent.
 */
export function reckonCooking(a: CookingAsked): CookingReckoned {
  const trouble = cookingTrouble(a);
  if (trouble) return { ok: false, why: trouble };
  const fire = fireOf(a);
  const what = cookedOf(a);
  const stages = around(a);
  const plain = cookUntil(what, fire, a.toC, USUAL, undefined, stages);
  if (!plain)
    return {
      ok: false,
      why:
        a.method.id === 'poach, heat off'
          ? `So little liquid cools down too much: the middle never reaches ${Math.round(a.toC)}°. Use more liquid, or leave the heat on.`
          : `The middle never reaches ${Math.round(a.toC)}° like this: use more heat, or thinner pieces.`,
    };
  if (a.stages?.length && staysS(plain) < LEAST_STAY_S)
    return {
      ok: false,
      why: `The other fires alone bring the middle to ${Math.round(plain.peakC)}°: make them shorter, or leave one out.`,
    };
  const times = a.kitchen?.times ?? 1;
  const course = stretched(plain, times);
  const stays = staysS(course);
  const wait = (c: Course | null): number => times * (c ? c.pulledS - plain.pulledS : plain.pulledS / 2);
  const other = (what: Cooked, fire: Fire, by = stages): number =>
    wait(cookUntil(what, fire, a.toC, USUAL, staysS(plain) * 1.15, by));
  const thicknessS = other(cookedOf(a, 1 + THICKNESS_SD[a.thicknessBy]), fire);
  const startS = other({ ...what, startC: a.startC - START_SD }, fire);
  // Kitchens differ at least as much as their charts do; one that was learned, as much as is still not known of it and of the piece.
  const heatS = a.kitchen
    ? course.pulledS * Math.hypot(a.kitchen.sd, PIECE_SD)
    : Math.max(
        other(what, scaled(fire, 1 - HEAT_SD), allScaled(stages, 1 - HEAT_SD)),
        (course.pulledS * CHART_SPREAD) / NINE_IN_TEN,
      );
  const half = NINE_IN_TEN * Math.hypot(thicknessS, startS, heatS);
  const turns = [0, ...(fire.turns ?? []), 1];
  const rules = rulesOfThumb(a.method, a.piece);
  return {
    ok: true,
    course,
    reachesC: reachedC(course, fire),
    // A time is off by a factor rather than by minutes: what is late is later than what is early is early. Other fires last as they are set.
    lowS: course.pulledS - stays + stays / (1 + half / stays),
    highS: course.pulledS + half,
    because: { thicknessS, startS, heatS },
    sidesS: turns.slice(1).map((t, i) => (t - turns[i]!) * stays),
    rules,
    besideRule: besideTheRule(course.pulledS, rules),
  };
}

/**
 * What becomes of it when it stays in its own fire for so many seconds, whatever was asked for. `turnedAsFor`: it is turned when it would be in so many
 * seconds, and stays on its last side. RangeError for what `cookingTrouble` tells.
 */
export function cookFor(a: CookingAsked, seconds: number, turnedAsFor = seconds): Course {
  const trouble = cookingTrouble(a);
  if (trouble) throw new RangeError(trouble);
  const fire = fireOf(a);
  const turns = fire.turns?.map((t) => (t * turnedAsFor) / seconds);
  const times = a.kitchen?.times ?? 1;
  return stretched(
    cookThrough(cookedOf(a), turns ? { ...fire, turns } : fire, seconds / times, USUAL, around(a)),
    times,
  );
}

/** How many pieces go into its fire at once, by the vessel and by what its bath bears. RangeError for what `cookingTrouble` tells. */
export function roundsOfCooking(a: CookingAsked, rounds: RoundsAsked): Rounds {
  const trouble = cookingTrouble(a);
  if (trouble) throw new RangeError(trouble);
  return roundsOf(cookedOf(a), fireOf(a), rounds, a.method.heat!.floorC ?? null);
}

/** How long after a round its bath is as hot again as it was set, s. */
export const betweenRoundsS = (a: CookingAsked, { course }: Cooking): number => hotAgainS(fireOf(a), course.bathEndC);
