import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run second-reading`: every sentence about harm, with its source and who should check it, into docs/. */
ensureInstalled();
ensureBuilt();
run('second reading', process.execPath, ['packs/dist/write-second-reading.js']);
