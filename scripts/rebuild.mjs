import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run rebuild`: folds every projection anew from the log (of DAGBOEK_DATA) and says whether anything differed. */
ensureInstalled();
ensureBuilt();
run('rebuild', process.execPath, ['server/dist/rebuild.js']);
