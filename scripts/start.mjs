import { spawn } from 'node:child_process';
import { ensureBuilt } from './lib/ensure-built.mjs';
import { lanFlag } from './lib/lan-flag.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';

/**
 * `npm start`: a book of one's own, in DAGBOEK_DATA or else in the folder .dagboek of the home folder.
 * `npm start -- --lan`: phones of the same network come to it too.
 */
ensureInstalled();
ensureBuilt();
const server = spawn(process.execPath, ['server/dist/main.js'], {
  stdio: 'inherit',
  env: { ...process.env, DAGBOEK_WEB: 'web/dist', ...lanFlag() },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
