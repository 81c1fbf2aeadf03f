import type { Entry } from '../entry/entry.ts';
import { isKind, kindDefinition } from './index.ts';
import type { Names } from '../facts/names.ts';

export type { Names } from '../facts/names.ts';

/** One entry as a plain sentence, without its time and writer. Of a kind that this version does not know it says so. */
export function sayEntry(entry: Entry, names: Names): string {
  if (!isKind(entry.kind)) return sayNewer(entry.kind);
  try {
    const said: unknown = kindDefinition(entry.kind).say(entry.facts, names);
    return typeof said === 'string' ? said : sayNewer(entry.kind);
  } catch {
    return sayNewer(entry.kind);
  }
}

const sayNewer = (kind: string): string => `Written by a newer version of Dagboek (${kind.slice(0, 40)}).`;
