import { existsSync } from 'node:fs';
import { run } from './run.mjs';

const PATHS = ['/usr/bin/chromium', '/usr/bin/chromium-browser'];

/** Chromium for the end-to-end tests: Debian's package, installed when we may; otherwise a sentence that says what to install. */
export function ensureChromium() {
  if (process.env.DAGBOEK_CHROMIUM && existsSync(process.env.DAGBOEK_CHROMIUM)) return process.env.DAGBOEK_CHROMIUM;
  const found = PATHS.find((p) => existsSync(p));
  if (found) return found;
  if (process.getuid?.() === 0 && existsSync('/etc/debian_version')) {
    run('package lists', 'apt-get', ['update', '-qq']);
    run('Chromium', 'apt-get', ['install', '-y', '-qq', 'chromium']);
    return PATHS[0];
  }
  console.error(
    'The end-to-end tests drive Chromium, and none is at /usr/bin/chromium. Install it (on Debian: apt-get install chromium), or name one in DAGBOEK_CHROMIUM.',
  );
  process.exit(1);
}
