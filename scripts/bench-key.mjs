import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run bench:key`: how useful the key is, and how fast. */
ensureInstalled();
ensureBuilt();
run('bench', process.execPath, ['packs/dist/bench-key.js']);
