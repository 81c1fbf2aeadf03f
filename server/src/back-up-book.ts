import { Config } from './common/config.ts';
import { backUp } from './storage/backup.ts';
import { BookTrouble } from './storage/book-trouble.ts';
import { lookAtFolder } from './storage/look-at-folder.ts';

/** `npm run backup`: copies the book of DAGBOEK_DATA with its pictures into `backups` beneath it, and reads the copy again. The server may run. */
const { data } = Config.from(process.env);
try {
  lookAtFolder(data);
  const made = await backUp(data, new Date().toISOString());
  console.log(
    `${made.entries} entries and ${made.pictures} files of pictures are in ${made.folder}, read again and whole.`,
  );
  if (made.dropped.length > 0)
    console.log(`Taken away: ${made.dropped.join(', ')} (the newest seven are kept, and the last of each month).`);
} catch (e) {
  if (!(e instanceof BookTrouble)) throw e;
  console.error(e.message);
  process.exitCode = 1;
}
