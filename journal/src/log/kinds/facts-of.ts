import type { Logged } from '../state/logged.ts';
import type { FactsOf, Kind } from './index.ts';

/** Facts of a line as its kind's class, or null when it is of another kind or cannot be read. */
export function factsOf<K extends Kind>(line: Logged, kind: K): FactsOf<K> | null {
  return line.now.kind === kind && line.apart === null ? (line.now.facts as unknown as FactsOf<K>) : null;
}
