import { type Link, subjectDefinition } from '../kinds/index.ts';
import type { SubjectState } from '../state/states.ts';

/** What a state names, each once. */
export function linksOf(s: SubjectState): Link[] {
  const links = subjectDefinition(s.kind).links(s);
  if (links.length < 2) return links.map((l) => ({ from: s.id, ...l }));
  const seen = new Set<string>();
  return links.flatMap((l) => {
    const key = `${l.role} ${l.to}`;
    if (seen.has(key)) return [];
    seen.add(key);
    return [{ from: s.id, ...l }];
  });
}
