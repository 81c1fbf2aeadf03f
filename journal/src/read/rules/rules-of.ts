import {
  NO_PACK,
  ownWaters,
  type PackVersion,
  type Rule,
  type RulePack,
  ruleTrouble,
  withOwnRules,
  withVersions,
} from '@dagboek/core/rules';
import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { RulesState } from '../../log/state/states.ts';

/**
 * The rules that a book goes by: the pack of its waters among `shipped`, with the versions read from files and the rules of
 * one's own; for a book without a pack its own places and rules. Null while the pack is not known.
 * `deviceZone`: for own waters, which have no other; `today`: civil day. What does not hold together (written by another
 * version of Dagboek) is left out; it stays in the log. The same object until something of it changes.
 */
export function rulesOf(
  book: Book,
  shipped: readonly RulePack[] | undefined,
  deviceZone: string,
  today: string,
): RulePack | null {
  return book.reckoned('rules', ['book', 'rule', 'rules'], [shipped, deviceZone, today], () => {
    const opened = book.all('book')[0];
    const pack =
      shipped &&
      (packInForce(shipped, book.all('rules'), opened?.waters) ??
        (opened?.waters === NO_PACK ? ownWaters(opened.places, deviceZone, today) : null));
    if (!pack) return null;
    const own = book
      .all('rule')
      .filter((s) => s.waters === pack.id)
      .map((s) => ({ rule: s.rule as unknown as Rule, replaces: s.replaces, setAt: s.setAt }))
      .filter(({ rule }) => ruleTrouble(rule, pack) === null);
    return withOwnRules(pack, own);
  });
}

/** The pack of some waters with the versions read from files; one that came from a file alone begins with its first. */
function packInForce(
  shipped: readonly RulePack[],
  added: readonly RulesState[],
  waters: string | undefined,
): RulePack | null {
  // Of two versions from one day the later read counts, on whichever device, in whatever order they arrived.
  const inTurn = [...added].sort((a, b) => epochMs(a.addedAt) - epochMs(b.addedAt) || (a.id < b.id ? -1 : 1));
  const versions = inTurn.flatMap((s): PackVersion[] => {
    const pack = s.pack as unknown as RulePack;
    if (pack.id !== waters) return [];
    return [{ pack: { ...pack, rules: pack.rules.filter((r) => ruleTrouble(r, pack) === null) }, from: s.from }];
  });
  const first = shipped.find((p) => p.id === waters) ?? versions[0]?.pack;
  if (!first) return null;
  return withVersions(shipped.includes(first) ? first : { ...first, rules: [] }, versions);
}
