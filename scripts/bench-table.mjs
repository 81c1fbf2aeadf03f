import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run bench:table`: the dinner back from its hour, and the probe. */
ensureInstalled();
ensureBuilt();
run('bench', process.execPath, ['packs/dist/bench-table.js']);
