import { ageOn } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';

/** Below and from these ages, years, somebody counts as at risk: the highly susceptible of US FDA Food Code 3-801.11, with its ages taken as 5 and 65. */
const [SMALL, OLD] = [5, 65];

/** Names of those who are at risk: said so, or by their age on a day. */
export function atRiskOf(book: Book, eaters: readonly string[], today: string): string[] {
  return eaters.flatMap((id) => {
    const m = book.getAny('member', id);
    if (!m) return [];
    const years = m.bornOn ? ageOn(m.bornOn, today) : null;
    return m.eats?.atRisk || (years !== null && (years < SMALL || years >= OLD)) ? [m.name] : [];
  });
}
