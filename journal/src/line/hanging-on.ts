import type { Kind } from '../kinds/index.ts';
import type { Logged } from '../logged.ts';
import type { Book } from '../state/book.ts';
import type { SubjectState } from '../state/states.ts';

/** The kinds of entries that begin a subject: to strike one takes the whole thing out of every count. */
const BEGINNINGS: ReadonlySet<string> = new Set<Kind>([
  'book.opened',
  'member.joined',
  'box.added',
  'trip.started',
  'fish.landed',
  'cut.started',
  'pack.stored',
  'meal.served',
]);

/** Whether a line is the one that its subject begins with, and still stands. */
export const isBeginning = (line: Logged): boolean => BEGINNINGS.has(line.first.kind) && line.struck === null;

/**
 * What would count nowhere any more if this subject were struck: all that hangs on it, and on that, in the order of the
 * line (fish, cuts, packs, meals). A lot hangs on a cut only when nothing else holds it up. For a person or a box: what
 * speaks of them, which stands all the same but would name nobody.
 */
export function hangingOn(book: Book, id: string): SubjectState[] {
  const self = [...(['member', 'box'] as const)].flatMap((k) => book.get(k, id) ?? [])[0];
  if (self) return speakingOf(book, id);
  const fallen = new Set([id]);
  const out: SubjectState[] = [];
  const falls = (s: SubjectState): boolean => {
    const all = (ids: readonly string[]): boolean => ids.length > 0 && ids.every((x) => fallen.has(x));
    switch (s.kind) {
      case 'fish':
        return fallen.has(s.trip);
      case 'cut':
        return all(s.fish);
      case 'pack':
        return (s.cut !== null && fallen.has(s.cut)) || (s.meal !== null && fallen.has(s.meal)) || all(s.fish);
      case 'meal':
        return all(s.packs.map((p) => p.pack));
      default:
        return false;
    }
  };
  const queue = [id];
  for (let at = queue.shift(); at !== undefined; at = queue.shift())
    for (const kind of ['fish', 'cut', 'pack', 'meal'] as const)
      for (const s of book.naming(kind, at))
        if (!fallen.has(s.id) && falls(s)) {
          fallen.add(s.id);
          out.push(s);
          queue.push(s.id);
        }
  return out;
}

function speakingOf(book: Book, id: string): SubjectState[] {
  return [
    ...book.all('trip').filter((t) => t.crew.includes(id) || t.box === id),
    ...book.all('fish').filter((f) => f.angler === id || f.iced?.box === id),
    ...book.all('cut').filter((c) => c.by === id),
    ...book.all('meal').filter((m) => m.cook === id || m.eaters.includes(id)),
  ];
}

const WORDS = {
  trip: ['trip', 'trips'],
  fish: ['fish', 'fish'],
  cut: ['cut', 'cuts'],
  pack: ['pack', 'packs'],
  meal: ['meal', 'meals'],
} as const;

/** "13 fish, 2 cuts and 1 meal"; empty when nothing hangs on it. Fish are counted as fish, not as lines. */
export function sayHanging(list: readonly SubjectState[]): string {
  const parts = (Object.keys(WORDS) as (keyof typeof WORDS)[]).flatMap((kind) => {
    const n = list.reduce((sum, s) => sum + (s.kind === kind ? (s.kind === 'fish' ? s.count : 1) : 0), 0);
    return n > 0 ? [`${n} ${WORDS[kind][n === 1 ? 0 : 1]}`] : [];
  });
  return parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1) ?? ''}`;
}
