import { sayAll } from '../units/index.ts';
/** What a task needs all the while it lasts. */
export interface Needs {
  /** Someone stands at it. */
  readonly hands: boolean;
  readonly place: 'ring' | 'oven' | 'grill' | null;
  /** What it is done in, by its id: it stays with the dish from the first such task to the last. Left out: nothing that others need. */
  readonly vessel?: string;
  /** Which time its dish takes the vessel, 1 if left out: between two times another may have it. */
  readonly turn?: number;
}

/** What a task waits for: another's end, or its start, so many minutes before at the least and at the most. */
export interface After {
  readonly task: string;
  readonly from: 'end' | 'start';
  readonly least: number;
  /** Null: it may wait as long as it likes. */
  readonly most: number | null;
}

/** One piece of work on the way to the table. Minutes are whole. */
export interface Task extends Needs {
  readonly id: string;
  /** The dish it is of. */
  readonly dish: string;
  readonly name: string;
  readonly minutes: number;
  readonly after: readonly After[];
  /** After it ends it stands at the most so long before it is served; null: it may. */
  readonly mayStand: number | null;
  /** How bad each minute of standing is, 1 usual. */
  readonly spoils: number;
  /** It starts so many minutes before serving and at no other time: put there by hand, or begun already. */
  readonly startsBefore?: number;
  /** Its dish is on the table so many minutes before the last one is; 0 if left out. It is over by then, and `mayStand` counts from there. */
  readonly servedBefore?: number;
}

/** What there is of each. */
export interface Means {
  readonly hands: number;
  readonly rings: number;
  readonly ovens: number;
  readonly grills: number;
}

/** What is to be done, with what, in how much time. */
export interface Kitchenwork {
  readonly tasks: readonly Task[];
  readonly means: Means;
  /** Minutes from now until the last of it is served; nothing starts earlier. */
  readonly within: number;
  /** What the vessels of its tasks are called, by their ids, for what is said of them. */
  readonly vessels?: Readonly<Record<string, string>>;
}

/** The dish that a task is of, apart from another of the same name (what stands before the stroke of its id), and its turn. */
const turnOf = (t: Task): string => `${t.id.includes('/') ? t.id.slice(0, t.id.indexOf('/')) : t.dish} ${t.turn ?? 1}`;

/** Two dishes in one vessel, or one that takes it twice: the tasks of one are all over before those of the other begin, since what is in it stays in it. */
export interface OneAfterOther {
  readonly vessel: string;
  readonly a: readonly number[];
  readonly b: readonly number[];
}

/** Every two dishes that share a vessel, by the places of their tasks. */
export function sharedVessels(tasks: readonly Task[]): OneAfterOther[] {
  const held = new Map<string, Map<string, number[]>>();
  tasks.forEach((t, i) => {
    if (t.vessel === undefined) return;
    const dishes = held.get(t.vessel) ?? held.set(t.vessel, new Map()).get(t.vessel)!;
    const turn = turnOf(t);
    (dishes.get(turn) ?? dishes.set(turn, []).get(turn)!).push(i);
  });
  return [...held].flatMap(([vessel, dishes]) => {
    const all = [...dishes.values()];
    return all.flatMap((a, i) => all.slice(i + 1).map((b) => ({ vessel, a, b })));
  });
}

/** Longest that is planned, min: curing and stock are begun the day before. */
export const MOST_MINUTES = 48 * 60;
/** More tasks are no dinner. */
export const MOST_TASKS = 80;

/** What a resource is called, and which tasks take it. */
export const RESOURCES = [
  { id: 'hands', one: 'cook', more: 'cooks', of: (t: Task) => t.hands, has: (m: Means) => m.hands },
  { id: 'rings', one: 'ring', more: 'rings', of: (t: Task) => t.place === 'ring', has: (m: Means) => m.rings },
  { id: 'ovens', one: 'oven', more: 'ovens', of: (t: Task) => t.place === 'oven', has: (m: Means) => m.ovens },
  { id: 'grills', one: 'grill', more: 'grills', of: (t: Task) => t.place === 'grill', has: (m: Means) => m.grills },
] as const;
export type ResourceId = (typeof RESOURCES)[number]['id'];

const isWhole = Number.isInteger;

/** What is wrong with the work itself, in a sentence; null when nothing. All times are whole minutes: the solver knows no others. */
export function workTrouble({ tasks, means, within }: Kitchenwork): string | null {
  if (!isWhole(within)) return 'Enter a serving time in whole minutes.';
  if (tasks.length > MOST_TASKS)
    return `That is ${tasks.length} tasks: more than ${MOST_TASKS} are no dinner. Take a dish less.`;
  const ids = new Set(tasks.map((t) => t.id));
  if (ids.size < tasks.length) return 'Two tasks have one name.';
  for (const t of tasks) {
    if (!Number.isInteger(t.minutes) || t.minutes < 0 || t.minutes > MOST_MINUTES)
      return `${t.name}: give whole minutes, up to two days.`;
    for (const a of t.after) {
      if (!ids.has(a.task)) return `${t.name} waits for something that is not there.`;
      if (!isWhole(a.least) || (a.most !== null && !isWhole(a.most)))
        return `${t.name} waits part of a minute: give whole minutes.`;
    }
    const hours = [t.mayStand ?? 0, t.startsBefore ?? 0, t.servedBefore ?? 0];
    if (hours.some((x) => !isWhole(x)) || (t.servedBefore ?? 0) < 0) return `${t.name}: give whole minutes.`;
  }
  for (const r of RESOURCES)
    if (r.has(means) < 1) {
      const t = tasks.find((x) => r.of(x) && x.minutes > 0);
      if (t) return `${t.name} needs ${r.one === 'oven' ? 'an' : 'a'} ${r.one}, and there is none.`;
    }
  const loop = loopIn(tasks);
  return loop ? `These wait for each other in a circle: ${sayAll(loop)}. One of them must begin.` : null;
}

/** Names of tasks that wait for each other in a circle; null when none do. */
function loopIn(tasks: readonly Task[]): string[] | null {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const seen = new Map<string, 'open' | 'done'>();
  const path: string[] = [];
  const visit = (t: Task): string[] | null => {
    if (seen.get(t.id) === 'done') return null;
    if (seen.get(t.id) === 'open') return path.slice(path.indexOf(t.name));
    seen.set(t.id, 'open');
    path.push(t.name);
    for (const a of t.after) {
      const found = visit(byId.get(a.task)!);
      if (found) return found;
    }
    path.pop();
    seen.set(t.id, 'done');
    return null;
  };
  for (const t of tasks) {
    const found = visit(t);
    if (found) return found;
  }
  return null;
}
