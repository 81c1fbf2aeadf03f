import type { Book } from './state/book.ts';

/** Ids of entries that are struck now: by a strike that was not struck in its turn. */
export function standingStrikes(book: Book): ReadonlySet<string> {
  const strikes = new Map(book.entries().flatMap((e) => (e.strikes ? [[e.id, e.strikes] as const] : [])));
  const by = new Map<string, string[]>();
  for (const [id, target] of strikes) by.set(target, [...(by.get(target) ?? []), id]);
  const struck = (id: string, seen: ReadonlySet<string>): boolean =>
    (by.get(id) ?? []).some((s) => !seen.has(s) && !struck(s, new Set([...seen, s])));
  return new Set([...by.keys()].filter((id) => struck(id, new Set([id]))));
}
