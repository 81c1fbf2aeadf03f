import { sayAll, plural } from '@dagboek/core/units';
import { beginsSomething } from '../../log/kinds/index.ts';
import { fallsWith } from '../../log/book/stands.ts';
import type { Logged } from '../../log/state/logged.ts';
import type { Book } from '../../log/book/book.ts';
import type { SubjectState } from '../../log/state/states.ts';

/** Whether a line is the one that its subject begins with, and still stands. */
export const isBeginning = (line: Logged): boolean => beginsSomething(line.first.kind) && line.struck === null;

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
  const queue = [id];
  for (let at = queue.shift(); at !== undefined; at = queue.shift())
    for (const kind of ['fish', 'cut', 'pack', 'meal'] as const)
      for (const s of book.naming(kind, at))
        if (!fallen.has(s.id) && fallsWith(s, (x) => fallen.has(x))) {
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
    return n > 0 ? [plural(n, WORDS[kind][0], WORDS[kind][1])] : [];
  });
  return sayAll(parts);
}
