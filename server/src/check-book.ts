import { Book, type Entry, validateEntry } from '@dagboek/journal';
import { Config } from './common/config.ts';
import { closeDataSource, openDataSource } from './storage/data-source.ts';
import { EntryRow } from './storage/rows.ts';

/**
 * `npm run check-book`: reads a book's whole log and says whether all is well with it: SQLite's own check of the file, every
 * entry one that this version knows, none missing between the first and the last, and the same book whether it is folded at
 * once or entry by entry.
 */
const config = Config.from(process.env);
const source = await openDataSource(config.data);
const troubles: string[] = [];
const [file] = (await source.query('PRAGMA quick_check')) as { quick_check: string }[];
if (file?.quick_check !== 'ok') troubles.push(`The file is damaged: ${file?.quick_check ?? 'no answer'}.`);
const rows = await source.manager.find(EntryRow, { order: { seq: 'ASC' } });
await closeDataSource(source);
const entries = rows.map((r) => JSON.parse(r.body) as Entry);
rows.forEach((r, i) => {
  if (r.seq !== (rows[i - 1]?.seq ?? 0) + 1) troubles.push(`Entries are missing before number ${r.seq}.`);
  const read = validateEntry(entries[i], Number.MAX_SAFE_INTEGER);
  if (!read.ok) troubles.push(`Entry ${r.id} (${r.kind}): ${read.why}`);
});
const atOnce = Book.EMPTY.withEntries(entries);
const oneByOne = entries.reduce((b, e) => b.withEntries([e]), Book.EMPTY);
const kinds = [
  'book',
  'member',
  'box',
  'trip',
  'fish',
  'cut',
  'pack',
  'store',
  'meal',
  'day',
  'dinner',
  'recipe',
  'incident',
  'species',
  'rule',
  'rules',
] as const;
const dump = (b: Book, k: (typeof kinds)[number]): string =>
  JSON.stringify(b.allAny(k).sort((x, y) => (x.id < y.id ? -1 : 1)));
for (const k of kinds)
  if (dump(atOnce, k) !== dump(oneByOne, k))
    troubles.push(`Folded at once and entry by entry, what is kept of ${k} differs.`);
console.log(
  `${entries.length} entries, ${atOnce.countOf('trip')} trips, ${atOnce.countOf('fish')} lines of fish. ${troubles.length === 0 ? 'All is well.' : `${troubles.length} troubles:`}`,
);
for (const t of troubles.slice(0, 40)) console.log(t);
process.exitCode = troubles.length === 0 ? 0 : 1;
