import { sayAll, wordFor } from '../units/index.ts';
import { solveSchedule } from './solve-schedule.ts';
import { type Kitchenwork, type Means, RESOURCES, sharedVessels } from './task.ts';

/** Thinking on what clashes, steps for each thing that is taken away. */
const CLASH_STEPS = 2_000_000;

/** What there is too little of at the hour that was asked for, in a sentence: the first thing without which all would be ready. Null: no one thing. */
export function sayShort(work: Kitchenwork): string | null {
  for (const r of RESOURCES) {
    const users = work.tasks.filter((t) => r.of(t) && t.minutes > 0);
    if (users.length === 0) continue;
    const means: Means = { ...work.means, [r.id]: users.length };
    if (solveSchedule({ ...work, means }, CLASH_STEPS).state !== 'found') continue;
    const has = r.has(work.means);
    const names = [...users].sort((a, b) => b.minutes - a.minutes).slice(0, 3);
    const need = users.reduce((m, t) => m + t.minutes, 0);
    return `${has} ${wordFor(has, r.one, r.more)} for ${need} min of ${sayAll([...names.map((t) => t.name.toLowerCase()), ...(users.length > 3 ? ['more'] : [])])} ${wordFor(has, 'is', 'are')} not enough for this time.`;
  }
  for (const { vessel, a, b } of sharedVessels(work.tasks)) {
    const tasks = work.tasks.map((t) => {
      const { vessel: own, ...free } = t;
      return own === vessel ? free : t;
    });
    if (solveSchedule({ ...work, tasks }, CLASH_STEPS).state !== 'found') continue;
    const dishes = [...new Set([...a, ...b].map((i) => work.tasks[i]!.dish))];
    return `${work.vessels?.[vessel] ?? vessel} cannot hold ${sayAll(dishes)} one after the other in this time.`;
  }
  return null;
}
