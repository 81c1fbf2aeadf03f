import { spawnSync } from 'node:child_process';

/** Runs a command in the project's root, its output shown; ends this process with a sentence when it fails. */
export function run(what, command, args, env = {}) {
  const started = Date.now();
  const r = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } });
  if (r.status !== 0) {
    console.error(`\nStopped at: ${what}${r.error ? ` (${r.error.message})` : ''}.`);
    process.exit(r.status ?? 1);
  }
  console.log(`  ${what}: ${((Date.now() - started) / 1000).toFixed(1)} s`);
}
