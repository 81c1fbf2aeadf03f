import { addDays, addMonths } from '../time/index.ts';

export type PackPlace = 'fridge' | 'freezer';
export type PackForm = 'whole' | 'fillets' | 'steaks' | 'wings' | 'stock' | 'roe' | 'cooked';
export type Wrapping = 'cloth' | 'box' | 'bag' | 'vacuum';

/** Keeping times by place. Raw fish in the fridge: authorities say 1-2 days; frozen at -18 degC by fat; cooked 2 days. */
export const KEEPING = {
  fridgeRawDays: { authority: 2, careful: 3 },
  fridgeCookedDays: { authority: 2, careful: 3 },
  freezerMonths: {
    lean: { authority: 8, careful: 6 },
    oily: { authority: 3, careful: 2 },
    cooked: { authority: 3, careful: 2 },
    stock: { authority: 8, careful: 6 },
  },
  wrappingFactor: { cloth: 0.5, box: 0.8, bag: 0.5, vacuum: 1.2 } satisfies Record<Wrapping, number>,
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

/**
 * How long a pack keeps, by the simple table. `day`: the civil day it went to its place.
 * A loose bag halves the frozen time, vacuum lengthens it by a fifth. Thawed fish counts as fridge from that day, one day only.
 */
export function keepUntil(p: {
  place: PackPlace;
  form: PackForm;
  fat: 'lean' | 'oily';
  wrapping: Wrapping;
  day: string;
  thawed?: boolean;
}): KeepUntil {
  if (p.place === 'fridge') {
    if (p.thawed) return { authority: addDays(p.day, 1), careful: addDays(p.day, 1), eatBy: addDays(p.day, 1) };
    const d = p.form === 'cooked' ? KEEPING.fridgeCookedDays : KEEPING.fridgeRawDays;
    const authority = addDays(p.day, d.authority);
    return { authority, careful: addDays(p.day, d.careful), eatBy: authority };
  }
  const kind = p.form === 'cooked' ? 'cooked' : p.form === 'stock' ? 'stock' : p.fat;
  const m = KEEPING.freezerMonths[kind];
  const factor = Math.min(1, KEEPING.wrappingFactor[p.wrapping]);
  const careful = addDays(p.day, Math.round(m.careful * 30.4 * KEEPING.wrappingFactor[p.wrapping]));
  // Vacuum may better the careful line, never move it past the authority's.
  const authority =
    factor < 1 ? addDays(p.day, Math.round(m.authority * 30.4 * factor)) : addMonths(p.day, m.authority);
  return {
    authority,
    careful: careful < authority ? careful : authority,
    eatBy: careful < authority ? careful : authority,
  };
}
