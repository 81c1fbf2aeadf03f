import { join } from 'node:path';
import { Book, type Entry, validateEntry } from '@dagboek/journal/log';
import { ReadLog, sayLine } from './storage/read-log.ts';
import { byScript } from './common/by-script.ts';
import { Config } from './common/config.ts';
import { backupsOf, lookAtBackup } from './storage/backup.ts';
import { closeDataSource, openDataSource } from './storage/data-source.ts';
import { BOOK_FILE } from './storage/look-at-folder.ts';
import { missingPictures, prove } from './storage/prove.ts';
import { EntryRow } from './storage/rows.ts';

const MOST_TOLD = 40;
const KINDS = [
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

/** What the file of a book says of itself: SQLite's own check, and every line as it was taken, known and in its place. */
async function troublesOfFile(folder: string): Promise<{ entries: readonly Entry[]; troubles: string[] }> {
  const source = await openDataSource(folder);
  const troubles: string[] = [];
  const [file] = (await source.query('PRAGMA quick_check')) as { quick_check: string }[];
  if (file?.quick_check !== 'ok') troubles.push(`The file is damaged: ${file?.quick_check ?? 'no answer'}.`);
  const rows = await source.manager.find(EntryRow, { order: { seq: 'ASC' } });
  await closeDataSource(source);
  const log = new ReadLog();
  for (const r of rows) log.take(r);
  for (const d of log.damaged) troubles.push(`Not as it was taken, or not to be read: ${sayLine(d)}, id ${d.id}.`);
  rows.forEach((r, i) => {
    if (r.seq !== (rows[i - 1]?.seq ?? 0) + 1) troubles.push(`Entries are missing before number ${r.seq}.`);
  });
  for (const e of log.entries) {
    const read = validateEntry(e, Number.MAX_SAFE_INTEGER);
    if (!read.ok) troubles.push(`Entry ${e.id} (${e.kind}): ${read.why}`);
  }
  return { entries: log.entries, troubles };
}

/** What is wrong with what lies beside it: pictures that are nowhere, and copies that are not as they were made. */
function troublesBeside(folder: string): string[] {
  const pictures = missingPictures(folder, prove(join(folder, BOOK_FILE)).photos);
  return [
    ...pictures.map((p) => `A picture that the book speaks of is nowhere: ${p}.`),
    ...backupsOf(folder).flatMap((b) => {
      try {
        return lookAtBackup(b).troubles.map((t) => `The copy ${b}: ${t}`);
      } catch (e) {
        return [e instanceof Error ? e.message : String(e)];
      }
    }),
  ];
}

/**
 * `npm run check-book`: reads a book's whole log and says whether all is well with it: SQLite's own check of the file, every
 * entry as it was taken and one that this version knows, none missing between the first and the last, the same book whether it
 * is folded at once or entry by entry, every picture there, and every copy as it was made.
 */
await byScript(Config.from(process.env), async ({ data }) => {
  const { entries, troubles } = await troublesOfFile(data);
  const atOnce = Book.EMPTY.withEntries(entries);
  const oneByOne = entries.reduce((b, e) => b.withEntries([e]), Book.EMPTY);
  const dump = (b: Book, k: (typeof KINDS)[number]): string =>
    JSON.stringify(b.allAny(k).sort((x, y) => (x.id < y.id ? -1 : 1)));
  for (const k of KINDS)
    if (dump(atOnce, k) !== dump(oneByOne, k))
      troubles.push(`Folded at once and entry by entry, what is kept of ${k} differs.`);
  troubles.push(...troublesBeside(data));
  console.log(
    `${entries.length} entries, ${atOnce.countOf('trip')} trips, ${atOnce.countOf('fish')} lines of fish. ${troubles.length === 0 ? 'All is well.' : `${troubles.length} troubles:`}`,
  );
  for (const t of troubles.slice(0, MOST_TOLD)) console.log(t);
  process.exitCode = troubles.length === 0 ? 0 : 1;
});
