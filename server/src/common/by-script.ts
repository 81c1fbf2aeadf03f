import type { Config } from './config.ts';
import { startTrouble } from './start-trouble.ts';

/** Runs a script of the book: what it writes is for its owner alone, and what goes wrong is said in a sentence where there is one. */
export async function byScript(config: Config, work: (config: Config) => Promise<void> | void): Promise<void> {
  process.umask(0o077);
  try {
    await work(config);
  } catch (e) {
    const why = startTrouble(e, config);
    if (why === null) throw e;
    console.error(why);
    process.exitCode = 1;
  }
}
