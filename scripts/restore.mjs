import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run restore`: see server/src/restore-book.ts. */
ensureInstalled();
ensureBuilt();
run('restore', process.execPath, ['server/dist/restore-book.js', ...process.argv.slice(2)]);
