import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run check-book`: reads the whole log (of DAGBOEK_DATA) and says whether all is well with it. */
ensureInstalled();
ensureBuilt();
run('check of the book', process.execPath, ['server/dist/check-book.js']);
