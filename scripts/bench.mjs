import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run bench`: speed, as ratios, in one run on temporary databases. */
ensureInstalled();
ensureBuilt();
run('bench', process.execPath, ['server/dist/bench.js']);
run('rules', process.execPath, ['packs/dist/bench-rules.js']);
