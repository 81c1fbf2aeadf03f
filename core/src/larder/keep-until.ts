import { addDays, addMonths } from '../time/index.ts';
import { formFacts, type KeepsAs, type PackForm } from './pack-forms.ts';
import { WRAPPING_FACTS, type Wrapping } from './wrappings.ts';

export type PackPlace = 'fridge' | 'freezer';

/**
 * Keeping times by place. Raw fish in the fridge: authorities say 1-2 days; frozen at -18 degC by fat; cooked 2 days. Cured at home counts as
 * raw for the authority; hot-smoked at home 10 days at 3 degC or colder (US FDA Hazards Guide, ch. 13; PNW 238, Smoking fish at home), and
 * three where it is warmer: from 3.3 degC on a poison can grow in it (Clostridium botulinum), and Listeria does.
 */
export const KEEPING = {
  fridgeDays: {
    raw: { authority: 2, careful: 3 },
    offal: { authority: 2, careful: 2 },
    cured: { authority: 2, careful: 5 },
    smoked: { authority: 10, careful: 7 },
    cooked: { authority: 2, careful: 3 },
    stock: { authority: 2, careful: 3 },
  } satisfies Record<KeepsAs, { authority: number; careful: number }>,
  freezerMonths: {
    lean: { authority: 8, careful: 6 },
    oily: { authority: 3, careful: 2 },
    /** Fat, and soft: as oily fish at its shortest. */
    offal: { authority: 3, careful: 2 },
    cured: { authority: 2, careful: 2 },
    smoked: { authority: 2, careful: 2 },
    cooked: { authority: 3, careful: 2 },
    stock: { authority: 8, careful: 6 },
  },
  /** Hot-smoked fish that lies warmer than this, degC, keeps so many days only. */
  smokedColdC: 3.3,
  smokedWarmDays: 3,
  /** Of an oily fish with its dark line left in, the careful line: it turns rancid first. */
  darkLineFactor: 0.7,
  source: 'FDA cold storage chart; FSA chilling advice',
} as const;

export interface KeepUntil {
  /** The day by which the authority says to eat it. YYYY-MM-DD. */
  readonly authority: string;
  /** The careful keeper's line: in the fridge later (dry, towels changed), in the freezer earlier (quality). */
  readonly careful: string;
  /** The one to show first: the authority's in the fridge (safety), the careful one in the freezer (quality). */
  readonly eatBy: string;
}

/** How fresh the fish was when it went into the pack: share of its keeping time used, and that time on ice, days. */
export interface FreshAtPacking {
  readonly used: number;
  readonly iceDaysAllowed: number;
}

/** At the fridge's 4 degC a day costs (1 + 0.4)^2 days on ice (FAO Technical Paper 348). */
const FRIDGE_RATE = 1.96;
/** The first third of the keeping time is the best; freezing what is past it keeps what is left. */
const BEST = 1 / 3;

/** Share of the freezer's months that is left to a fish frozen so fresh. */
const freezerShare = (fresh: FreshAtPacking | undefined): number =>
  fresh ? Math.max(0, Math.min(1, (1 - fresh.used) / (1 - BEST))) : 1;

/** Days in the fridge until its keeping time is used up, whole, at most `most`. */
const fridgeDays = (most: number, fresh: FreshAtPacking | undefined): number =>
  fresh ? Math.max(0, Math.min(most, Math.floor((fresh.iceDaysAllowed * (1 - fresh.used)) / FRIDGE_RATE))) : most;

/** What was cooked, salted or smoked begins anew; raw fish goes on from the freshness already used. */
export const ofFreshness = (k: KeepsAs): boolean => k === 'raw' || k === 'offal';

/** The row of the freezer's table. */
export function frozenKind(form: PackForm, fat: 'lean' | 'oily'): keyof typeof KEEPING.freezerMonths {
  const { keepsAs } = formFacts(form);
  return keepsAs === 'raw' ? fat : keepsAs;
}

/**
 * How long a pack keeps, by the simple table. `day`: the civil day it went to its place. `fresh`: how fresh its fish was
 * then, since a pack's time starts from the freshness used and not from the day of packing; left out: as fresh as can be.
 * A loose bag halves the frozen time, vacuum lengthens it by a fifth. Thawed fish counts as fridge from that day, one day only.
 */
export function keepUntil(p: {
  place: PackPlace;
  form: PackForm;
  fat: 'lean' | 'oily';
  wrapping: Wrapping;
  day: string;
  thawed?: boolean;
  /** Whether the dark line was cut out of an oily fish; left out: nobody said, and the table stands. */
  darkLine?: 'out' | 'left' | null;
  fresh?: FreshAtPacking;
  /** The warmest that it lay in, degC; left out: as the table has it. */
  warmestC?: number;
}): KeepUntil {
  const { keepsAs } = formFacts(p.form);
  const raw = ofFreshness(keepsAs) ? p.fresh : undefined;
  if (p.place === 'fridge') {
    if (p.thawed) return { authority: addDays(p.day, 1), careful: addDays(p.day, 1), eatBy: addDays(p.day, 1) };
    const warm = keepsAs === 'smoked' && (p.warmestC ?? 0) > KEEPING.smokedColdC;
    const d = warm
      ? { authority: KEEPING.smokedWarmDays, careful: KEEPING.smokedWarmDays }
      : KEEPING.fridgeDays[keepsAs];
    const authority = addDays(p.day, fridgeDays(d.authority, raw));
    const careful = addDays(p.day, fridgeDays(d.careful, raw));
    return { authority, careful, eatBy: careful < authority ? careful : authority };
  }
  const kind = frozenKind(p.form, p.fat);
  const m = KEEPING.freezerMonths[kind];
  const dark = p.darkLine === 'left' && kind === 'oily' ? KEEPING.darkLineFactor : 1;
  const own = WRAPPING_FACTS[p.wrapping].factor;
  const factor = Math.min(1, own);
  const left = freezerShare(raw);
  const careful = addDays(p.day, Math.round(m.careful * 30.4 * own * left * dark));
  // Vacuum may better the careful line, never move it past the authority's.
  const authority =
    factor * left < 1 ? addDays(p.day, Math.round(m.authority * 30.4 * factor * left)) : addMonths(p.day, m.authority);
  return {
    authority,
    careful: careful < authority ? careful : authority,
    eatBy: careful < authority ? careful : authority,
  };
}
