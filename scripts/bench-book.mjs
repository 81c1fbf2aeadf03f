import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run bench:book`: what a write, a verdict, a row and a day's bags cost as the book grows. */
ensureInstalled();
ensureBuilt();
run('bench', process.execPath, ['packs/dist/bench-book.js']);
