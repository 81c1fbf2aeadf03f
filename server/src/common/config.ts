import { isInstant } from '@dagboek/core/time';
import { homedir } from 'node:os';
import { join, resolve } from 'node:path';

const LOGS = ['silent', 'error', 'warn', 'info', 'debug'];

/** What the environment may set. Read once; nothing else reads process.env. */
export class Config {
  constructor(
    readonly host: string,
    readonly port: number,
    /** Folder of the book. */
    readonly data: string,
    /** A fixed "now" (ISO instant with offset), or null for the machine's own clock. */
    readonly now: string | null,
    /** A fixed clock stands still instead of running on from `now`. */
    readonly still: boolean,
    /** Fill an empty book with the made-up season of the Skerrow Isles. */
    readonly demo: boolean,
    /** Folder of the built interface, or null to serve the API alone. */
    readonly web: string | null,
    /** How much to log: warn, info, debug. */
    readonly log = 'warn',
    /** Go on with a book that lost the end of its log. */
    readonly acceptLoss = false,
    /** Names by which it may be asked, beside localhost and addresses of numbers. */
    readonly hosts: readonly string[] = [],
    /** Started by hand, at a screen: the log is for people. */
    readonly byHand = false,
  ) {}

  /** Throws a sentence when a value cannot be. */
  static from(env: Readonly<Record<string, string | undefined>>): Config {
    const typed = (env['DAGBOEK_PORT'] ?? '4310').trim();
    const port = /^\d{1,5}$/.test(typed) ? Number(typed) : Number.NaN;
    if (!Number.isInteger(port) || port < 0 || port > 65_535)
      throw new Error(`DAGBOEK_PORT must be a whole number up to 65535, and is "${env['DAGBOEK_PORT']}".`);
    const log = env['DAGBOEK_LOG'] ?? 'warn';
    if (!LOGS.includes(log)) throw new Error(`DAGBOEK_LOG must be one of ${LOGS.join(', ')}, and is "${log}".`);
    const now = env['DAGBOEK_NOW'] ?? null;
    if (now !== null && !isInstant(now))
      throw new Error(`DAGBOEK_NOW must be a time such as 2026-09-12T14:20:00+01:00, and is "${now}".`);
    return new Config(
      env['DAGBOEK_HOST'] ?? '127.0.0.1',
      port,
      env['DAGBOEK_DATA'] ?? join(homedir(), '.dagboek'),
      now,
      env['DAGBOEK_CLOCK'] === 'still',
      env['DAGBOEK_DEMO'] === '1',
      env['DAGBOEK_WEB'] ? resolve(env['DAGBOEK_WEB']) : null,
      log,
      env['DAGBOEK_ACCEPT_LOSS'] === '1',
      (env['DAGBOEK_HOSTS'] ?? '')
        .split(',')
        .map((h) => h.trim().toLowerCase())
        .filter((h) => h !== ''),
      process.stderr.isTTY,
    );
  }
}
