import type { Asks } from '../asked.ts';
import { epochMs, stamp } from '@dagboek/core/time';
import type { Entry } from '../../log/entry/entry.ts';
import type { Writing } from '../../log/book/writing.ts';
import { heldPack, type HeldPack } from './packs-held.ts';

/** No entry of a log has this id: it is of one that is not written yet. */
const NOT_WRITTEN = '00000000-0000-7000-8000-000000000000';

/**
 * The pack that a writing would put by, as the larder would hold it: what a form promises is reckoned by the same function as what is
 * written, with its own store, fish and dark line. Null where nothing of it would be held. `day`, `zone`: of the waters.
 */
export function packAsIf(
  asked: Asks<'book' | 'species' | 'day' | 'nowMs' | 'zone'>,
  writing: Writing,
): HeldPack | null {
  const { book, nowMs, zone } = asked;
  const at = stamp(writing.more?.atMs ?? nowMs, zone);
  const entry: Entry = {
    id: NOT_WRITTEN,
    kind: writing.kind,
    subject: writing.subject,
    at,
    written: stamp(Math.max(nowMs, epochMs(at)), zone),
    member: 'nobody',
    device: 'none',
    facts: JSON.parse(JSON.stringify(writing.facts)) as Record<string, unknown>,
  };
  // Aside: what is kept of the book itself is not thrown out for something that nobody wrote.
  const asIf = book.aside().withEntries([entry]);
  const pack = asIf.get('pack', writing.subject);
  return pack && heldPack({ ...asked, book: asIf }, pack);
}
