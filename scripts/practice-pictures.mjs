import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm run practice-pictures`: draws the practice pictures anew, after a change of the figures or the scenes. */
ensureInstalled();
run('packages of ours', process.execPath, ['node_modules/typescript/bin/tsc', '-b']);
run('pictures', process.execPath, ['packs/dist/practice/write-pictures.js', 'web/public/practice']);
