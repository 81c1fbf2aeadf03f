import { rmSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { ensureBuilt } from './lib/ensure-built.mjs';
import { lanFlag } from './lib/lan-flag.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';

/** `npm run demo`: the application with the made-up season of the Skerrow Isles. `npm run demo -- --fresh` begins it anew. */
ensureInstalled();
ensureBuilt();
const data = process.env.DAGBOEK_DATA ?? '.dagboek/demo';
if (process.argv.includes('--fresh')) rmSync(data, { recursive: true, force: true });
const env = {
  DAGBOEK_NOW: '2026-09-12T14:20:00+01:00',
  ...process.env,
  DAGBOEK_DATA: data,
  DAGBOEK_DEMO: '1',
  DAGBOEK_WEB: 'web/dist',
  ...lanFlag(),
};
const server = spawn(process.execPath, ['server/dist/main.js'], { stdio: 'inherit', env });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
