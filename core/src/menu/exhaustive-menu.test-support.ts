import { allMayEat, COSTS, daysOf, type MenuPack, type MenuWishes, mercuryLimit, MERCURY_UNITS } from './index.ts';

const P = 160;
/** Leftovers are tried in fortieths of a plate; the larders of these tests hold whole fortieths. */
const STEP = 0.025;
const HEAVY = 1e4;

/** The cheapest plan by trying every one: waste in plates, and the rest of the cost. Null where there is none. Packs are eaten at once. */
export function byTryingAll(w: MenuWishes): { readonly waste: number; readonly rest: number } | null {
  let best: { waste: number; rest: number } | null = null;
  const at: (number | null)[] = [];
  const worth = (r: { waste: number; rest: number }): number => r.waste * HEAVY + r.rest;
  const go = (i: number): void => {
    if (i < w.packs.length) {
      for (const d of [null, ...daysOf(w.packs[i]!, w.days.length)]) {
        at[i] = d;
        go(i + 1);
      }
      return;
    }
    const r = costOf(w, at);
    if (r && (!best || worth(r) < worth(best))) best = r;
  };
  go(0);
  return best;
}

function costOf(w: MenuWishes, at: readonly (number | null)[]): { waste: number; rest: number } | null {
  const H = w.days.length;
  for (const l of w.locks) if (at[w.packs.findIndex((p) => p.id === l.pack)] !== l.day) return null;
  const out = w.packs.reduce((g, p, i) => g + (at[i] !== null && p.place === 'freezer' ? p.massG : 0), 0);
  if (w.freezerG !== null && out < w.freezerG) return null;
  let rest = 0;
  let waste = 0;
  w.packs.forEach((p, i) => {
    const d = at[i]!;
    const n = p.meatG / P;
    if (d === null) waste += p.lastDay < H ? n : 0;
    else {
      const pull = p.lastDay < H ? 0 : p.bestDay < H ? COSTS.best : Math.max(0.02, 1 / (2 + p.bestDay - H));
      const late = Math.min(COSTS.latest, COSTS.late * Math.max(0, d - p.bestDay));
      rest += n * (late + (p.place === 'fridge' ? COSTS.waits * d : 0) - pull);
    }
  });
  const on = (d: number): MenuPack[] => w.packs.filter((_, i) => at[i] === d);
  const kinds = w.days.map((_, d) => new Set(on(d).map((p) => p.species)));
  const mercuryAtMeals = new Map<string, number>();
  if (w.days.some((day, d) => on(d).some((p) => !allMayEat(day, p)))) return null;
  for (const [d, day] of w.days.entries())
    for (const s of kinds[d]!) {
      const p = on(d).find((x) => x.species === s)!;
      for (const e of day.eaters) {
        if (e.dislikes.includes(s)) rest += COSTS.disliked;
        mercuryAtMeals.set(e.id, (mercuryAtMeals.get(e.id) ?? 0) + MERCURY_UNITS[p.mercury] * e.plates);
      }
      if (d > 0 && kinds[d - 1]!.has(s)) rest += COSTS.nextDay;
    }
  for (const s of new Set(w.packs.map((p) => p.species)))
    rest += COSTS.third * Math.max(0, kinds.filter((k) => k.has(s)).length - 2);
  const cooked = (d: number): number => on(d).reduce((n, p) => n + p.meatG / P, 0);
  // On which days something is kept for the next: every choice is tried, with what it means for those who eat then.
  let best: { waste: number; rest: number } | null = null;
  for (let mask = 0; mask < 1 << H; mask++) {
    const keeps = (d: number): boolean => (mask & (1 << d)) !== 0;
    const mercury = new Map(mercuryAtMeals);
    let [own, forbidden] = [rest, false];
    for (let d = 0; d + 1 < H; d++) {
      if (!keeps(d)) continue;
      if (on(d).some((p) => !allMayEat(w.days[d + 1], p))) forbidden = true;
      for (const s of kinds[d]!)
        for (const e of w.days[d + 1]!.eaters) {
          if (e.dislikes.includes(s)) own += COSTS.disliked;
          const p = on(d).find((x) => x.species === s)!;
          mercury.set(e.id, (mercury.get(e.id) ?? 0) + MERCURY_UNITS[p.mercury] * e.plates);
        }
    }
    if (forbidden) continue;
    for (const e of new Map(w.days.flatMap((d) => d.eaters.map((y) => [y.id, y] as const))).values())
      own +=
        COSTS.mercury * Math.max(0, (mercury.get(e.id) ?? 0) - Math.max(0, mercuryLimit(e.atRisk) - e.mercuryUnits));
    const table = atTheTable(w, cooked, keeps);
    if (!table) continue;
    const all = { waste: waste + table.waste, rest: own + table.rest };
    if (!best || all.waste * HEAVY + all.rest < best.waste * HEAVY + best.rest) best = all;
  }
  return best;
}

/** What is eaten, left over and thrown away, by trying every fortieth of a plate. */
function atTheTable(
  w: MenuWishes,
  cooked: (d: number) => number,
  keeps: (d: number) => boolean,
): { waste: number; rest: number } | null {
  const round = (x: number): number => Math.round(x / STEP) * STEP;
  let states = new Map<number, { waste: number; rest: number }>([[0, { waste: 0, rest: 0 }]]);
  for (const [d, day] of w.days.entries()) {
    const need = day.eaters.reduce((n, e) => n + e.plates, 0) + day.guests;
    const next = new Map<number, { waste: number; rest: number }>();
    const reach = (carry: number, s: { waste: number; rest: number }): void => {
      const k = round(carry);
      const old = next.get(k);
      if (!old || s.waste * HEAVY + s.rest < old.waste * HEAVY + old.rest) next.set(k, s);
    };
    for (const [before, s] of states) {
      const have = cooked(d) + before;
      const served = need > 0 && day.fish !== 'no';
      if (day.fish !== 'yes' && cooked(d) === 0)
        reach(0, { waste: s.waste + before, rest: s.rest + COSTS.waste * before });
      if (!served) continue;
      for (let e = 0; e <= Math.min(have, need * 1.15) + 1e-9; e += STEP) {
        if (e < need * 0.6 - 1e-9) continue;
        const most = keeps(d) ? Math.min(cooked(d), have - e) : 0;
        for (let c = 0; c <= most + 1e-9; c += STEP) {
          const thrown = Math.max(0, have - e - c);
          reach(c, {
            waste: s.waste + thrown,
            rest:
              s.rest +
              COSTS.waste * thrown +
              COSTS.over * c +
              COSTS.short * Math.max(0, need - e) +
              (day.fish === 'either' ? COSTS.unasked : 0),
          });
        }
      }
    }
    states = next;
  }
  const all = [...states.values()].sort((a, b) => a.waste * HEAVY + a.rest - b.waste * HEAVY - b.rest);
  return all[0] ?? null;
}
