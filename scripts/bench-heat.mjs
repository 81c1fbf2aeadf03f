import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run bench:heat`: how exact the conduction solver is, and how fast. */
ensureInstalled();
ensureBuilt();
run('bench', process.execPath, ['packs/dist/bench-heat.js']);
