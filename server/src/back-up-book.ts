import { Config } from './common/config.ts';
import { byScript } from './common/by-script.ts';
import { noteAtDoor } from './common/door-log.ts';
import { backUp } from './storage/backup.ts';
import { lookAtFolder } from './storage/look-at-folder.ts';

/** `npm run backup`: copies the book of DAGBOEK_DATA with its pictures into `backups` beneath it, and reads the copy again. The server may run. */
await byScript(Config.from(process.env), async ({ data }) => {
  lookAtFolder(data);
  const at = new Date().toISOString();
  const made = await backUp(data, at);
  noteAtDoor(data, { at, what: 'copied', name: made.folder, count: made.entries });
  console.log(
    `${made.entries} entries and ${made.pictures} files of pictures are in ${made.folder}, read again and whole.`,
  );
  if (made.damaged > 0)
    console.log(`${made.damaged} lines of the book itself are damaged: \`npm run check-book\` names them.`);
  if (made.missing > 0)
    console.log(`${made.missing} pictures that the book speaks of are nowhere: \`npm run check-book\` names them.`);
  if (made.dropped.length > 0)
    console.log(
      `Taken away: ${made.dropped.join(', ')} (the last of each of the newest seven days stay, and the last of each month).`,
    );
});
