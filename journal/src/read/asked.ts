import type { RulePack } from '@dagboek/core/rules';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { Units } from '@dagboek/core/units';
import type { Book } from '../log/book/book.ts';

/**
 * What a question is asked of and with: made once on each side, in the browser by `useAsked`, on the server by `askedOf`, with
 * the species and rules that the book itself holds among them. A question takes the part of it that it reads (`Asks`).
 */
export interface Asked<S = SpeciesFacts> {
  readonly book: Book;
  /** A species by its id; null where none of that id is known. */
  readonly species: (id: string | null) => S | null;
  /** The rules that the book goes by; null where it keeps to waters that no pack knows. */
  readonly rules: RulePack | null;
  /** IANA name of the time zone of the book's waters. */
  readonly zone: string;
  /** The civil day, YYYY-MM-DD, of an instant with its offset, in that zone. */
  readonly day: (at: string) => string;
  /** The instant for which it is asked, epoch ms. */
  readonly nowMs: number;
  /** In which units sentences are written. */
  readonly units: Units;
}

/** The part of what is asked with that one question reads: `Asks<'book' | 'nowMs'>`. */
export type Asks<K extends keyof Asked, S = SpeciesFacts> = Pick<Asked<S>, K>;
