import { sayAll, wordFor } from '../units/index.ts';
import { solveSchedule } from './solve-schedule.ts';
import { type Kitchenwork, RESOURCES, sharedVessels, type Task } from './task.ts';

/** Thinking on what clashes, steps for each thing that is taken away. */
const CLASH_STEPS = 2_000_000;

/** Thinking on two things at once, steps for each two. */
const PAIR_STEPS = 400_000;

/** Something that there could be more of. */
interface Short {
  /** Within a sentence: "1 cook", "the Large pot". */
  readonly name: string;
  /** The work if there were enough of it. */
  readonly enough: (work: Kitchenwork) => Kitchenwork;
  /** What is said where it alone is short. */
  readonly says: () => string;
}

/** Hands and places that the work takes. */
function shortOfMeans(work: Kitchenwork): Short[] {
  return RESOURCES.flatMap((r): Short[] => {
    const users = work.tasks.filter((t) => r.of(t) && t.minutes > 0);
    if (users.length === 0) return [];
    const has = r.has(work.means);
    const names = [...users].sort((a, b) => b.minutes - a.minutes).slice(0, 3);
    const need = users.reduce((m, t) => m + t.minutes, 0);
    return [
      {
        name: `${has} ${wordFor(has, r.one, r.more)}`,
        enough: (w) => ({ ...w, means: { ...w.means, [r.id]: users.length } }),
        says: () =>
          `${has} ${wordFor(has, r.one, r.more)} for ${need} min of ${sayAll([...names.map((t) => t.name.toLowerCase()), ...(users.length > 3 ? ['more'] : [])])} ${wordFor(has, 'is', 'are')} not enough for this time.`,
      },
    ];
  });
}

/** Vessels that two dishes share. */
function shortOfVessels(work: Kitchenwork): Short[] {
  const shared = new Map(sharedVessels(work.tasks).map((s) => [s.vessel, s]));
  return [...shared.values()].map(({ vessel, a, b }): Short => {
    const called = work.vessels?.[vessel] ?? vessel;
    const dishes = [...new Set([...a, ...b].map((i) => work.tasks[i]!.dish))];
    const free = (t: Task): Task => {
      const { vessel: own, ...rest } = t;
      return own === vessel ? rest : t;
    };
    return {
      name: `one ${called.toLowerCase()}`,
      enough: (w) => ({ ...w, tasks: w.tasks.map(free) }),
      says: () => `${called} cannot hold ${sayAll(dishes)} one after the other in this time.`,
    };
  });
}

/**
 * What there is too little of at the hour that was asked for, in a sentence: the first thing without which all would be ready, or the first two.
 * Null: no two things.
 */
export function sayShort(work: Kitchenwork): string | null {
  const all = [...shortOfMeans(work), ...shortOfVessels(work)];
  const helps = (w: Kitchenwork, steps: number): boolean => solveSchedule(w, steps).state === 'found';
  const one = all.find((s) => helps(s.enough(work), CLASH_STEPS));
  if (one) return one.says();
  for (const [i, a] of all.entries())
    for (const b of all.slice(i + 1))
      if (helps(b.enough(a.enough(work)), PAIR_STEPS)) return `${a.name} and ${b.name} are not enough for this time.`;
  return null;
}
