import { resolve } from 'node:path';
import { byScript } from './common/by-script.ts';
import { Config } from './common/config.ts';
import { noteAtDoor } from './common/door-log.ts';
import { backupsOf, lookAtBackup, restore } from './storage/backup.ts';
import { BookTrouble } from './common/book-trouble.ts';

/** One copy in a line: how many entries, or what is wrong with it. */
function say(backup: string): string {
  try {
    const { proven, troubles } = lookAtBackup(backup);
    return `${backup}  ${proven.entries} entries${troubles.length > 0 ? `. ${troubles.join(' ')}` : ', as it was made'}`;
  } catch (e) {
    if (!(e instanceof BookTrouble)) throw e;
    return `${backup}  cannot be used: ${e.message}`;
  }
}

/** `npm run restore -- <backup>`: puts a backup in the place of the book of DAGBOEK_DATA, which is set aside. Without one it lists them. Stop the server first. */
await byScript(Config.from(process.env), ({ data }) => {
  const args = process.argv.slice(2);
  const asked = args.find((a) => !a.startsWith('--'));
  if (asked === undefined) {
    const list = backupsOf(data);
    console.log(list.length > 0 ? 'Choose one: npm run restore -- <folder>' : `There is no backup in ${data}.`);
    for (const b of list) console.log(say(b));
    return;
  }
  const at = new Date().toISOString();
  const { entries, aside, missing } = restore(data, resolve(asked), at, args.includes('--anyway'));
  noteAtDoor(data, { at, what: 'restored', name: resolve(asked), count: entries });
  console.log(
    `The book in ${data} holds ${entries} entries again.${aside ? ` What was there before lies in ${aside}.` : ''}`,
  );
  if (missing.length > 0)
    console.log(
      `${missing.length} pictures that it speaks of are nowhere: ${missing.slice(0, 20).join(', ')}${missing.length > 20 ? ' …' : ''}. Phones that have them send them again.`,
    );
});
