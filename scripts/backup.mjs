import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run backup`: see server/src/back-up-book.ts. */
ensureInstalled();
ensureBuilt();
run('backup', process.execPath, ['server/dist/back-up-book.js', ...process.argv.slice(2)]);
