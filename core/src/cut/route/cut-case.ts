import { type Bodied, fishBody } from '../../heat/index.ts';
import type { Hazard } from '../../species/index.ts';
import type { Purpose } from './purpose.ts';
import type { WayChoice, Ways } from './way-names.ts';
import { schoolOf } from './ways.ts';

/** What is true of the fish in hand and decides whether a step is due. */
export type CaseFlag =
  'venomous' | 'scaly' | 'gutted' | 'thick' | 'dark line' | 'pin bones' | 'big head' | 'tough skin';
/** A step is due when all of its conditions hold. */
export type Condition = CaseFlag | `not ${CaseFlag}` | WayChoice;

/** What a species is to the one who cuts it, step by step. */
export interface StepSpecies extends Bodied {
  readonly yieldClass: string;
  readonly hazards: readonly Pick<Hazard, 'kind' | 'part'>[];
}

export interface CutCase {
  readonly ways: Ways;
  readonly flags: ReadonlySet<CaseFlag>;
}

const SCALY = /* @__PURE__ */ new Set(['cod', 'bass', 'bream', 'perch', 'salmonid']);
const DARK = /* @__PURE__ */ new Set(['mackerel', 'tuna']);
const NO_PIN_BONES = /* @__PURE__ */ new Set(['tuna', 'eel', 'shark', 'ray', 'squid', 'sole', 'turbot', 'none']);
const TOUGH = /* @__PURE__ */ new Set(['eel', 'shark', 'ray', 'sole', 'scorpion', 'gurnard']);
/** A fish thicker than this, m, is slashed: heat would be long on its way to the bone. */
const THICK_M = 0.035;
/** From so heavy on there is something in cheeks and throat, g. */
const BIG_HEAD_G = 1200;

/** Whether a spine of it holds venom; poison in its mouth or flesh is no matter of spines. */
export const hasVenomousSpines = (hazards: readonly Pick<Hazard, 'kind' | 'part'>[]): boolean =>
  hazards.some((h) => h.kind === 'venomous' && h.part !== 'mouth' && h.part !== 'flesh' && h.part !== 'skin');

/**
 * The case in hand. `massG`: of one fish, g; `gutted`: it was gutted before it came to the board. The dark line comes out by the
 * house way, or because it is meant to be frozen or eaten raw. Source: FAO Fisheries Technical Paper 348 (rancidity of dark muscle).
 */
export function cutCase(
  species: StepSpecies,
  of: { readonly massG: number; readonly gutted: boolean; readonly purpose: Purpose; readonly ways: Ways },
): CutCase {
  const flags = new Set<CaseFlag>();
  const put = (flag: CaseFlag, holds: boolean): void => void (holds && flags.add(flag));
  put('venomous', hasVenomousSpines(species.hazards));
  put('scaly', SCALY.has(species.yieldClass));
  put('gutted', of.gutted);
  put('thick', 2 * fishBody(species, of.massG).radiusM > THICK_M);
  put(
    'dark line',
    DARK.has(species.yieldClass) &&
      (schoolOf(of.ways, 'dark line').is === 'out always' || of.purpose === 'raw' || of.purpose === 'freezer'),
  );
  put('pin bones', !NO_PIN_BONES.has(species.yieldClass));
  put('big head', of.massG >= BIG_HEAD_G);
  put('tough skin', TOUGH.has(species.yieldClass));
  return { ways: of.ways, flags };
}

/** Whether a step with these conditions is due in a case. */
export const isDue = (conditions: readonly Condition[], c: CutCase): boolean =>
  conditions.every((x) =>
    typeof x !== 'string'
      ? schoolOf(c.ways, x.of).is === x.is
      : x.startsWith('not ')
        ? !c.flags.has(x.slice(4) as CaseFlag)
        : c.flags.has(x as CaseFlag),
  );
