import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run bench:larder`: the plan of meals against oldest first. */
ensureInstalled();
ensureBuilt();
run('bench', process.execPath, ['packs/dist/bench-larder.js']);
