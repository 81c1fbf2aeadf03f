import { resolve } from 'node:path';
import { Config } from './common/config.ts';
import { backupsOf, entriesIn, restore } from './storage/backup.ts';
import { BookTrouble } from './storage/book-trouble.ts';
import { BOOK_FILE } from './storage/look-at-folder.ts';

/** `npm run restore -- <backup>`: puts a backup in the place of the book of DAGBOEK_DATA, which is set aside. Without one it lists them. Stop the server first. */
const { data } = Config.from(process.env);
const [asked] = process.argv.slice(2);
try {
  if (asked === undefined) {
    const list = backupsOf(data);
    console.log(list.length > 0 ? 'Choose one: npm run restore -- <folder>' : `There is no backup in ${data}.`);
    for (const b of list) console.log(`${b}  ${entriesIn(`${b}/${BOOK_FILE}`)} entries`);
  } else {
    const { entries, aside } = restore(data, resolve(asked), new Date().toISOString());
    console.log(
      `The book in ${data} holds ${entries} entries again.${aside ? ` What was there before lies in ${aside}.` : ''}`,
    );
  }
} catch (e) {
  if (!(e instanceof BookTrouble)) throw e;
  console.error(e.message);
  process.exitCode = 1;
}
