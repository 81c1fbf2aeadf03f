import { homedir } from 'node:os';
import { join, resolve } from 'node:path';

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
  ) {}

  /** Throws a sentence when a value cannot be. */
  static from(env: Readonly<Record<string, string | undefined>>): Config {
    const port = Number(env['DAGBOEK_PORT'] ?? 4310);
    if (!Number.isInteger(port) || port < 0 || port > 65_535)
      throw new Error(`DAGBOEK_PORT must be a whole number up to 65535, and is "${env['DAGBOEK_PORT']}".`);
    const now = env['DAGBOEK_NOW'] ?? null;
    if (now !== null && Number.isNaN(Date.parse(now)))
      throw new Error(`DAGBOEK_NOW must be a time such as 2026-09-12T14:20:00+01:00, and is "${now}".`);
    return new Config(
      env['DAGBOEK_HOST'] ?? '127.0.0.1',
      port,
      env['DAGBOEK_DATA'] ?? join(homedir(), '.dagboek'),
      now,
      env['DAGBOEK_CLOCK'] === 'still',
      env['DAGBOEK_DEMO'] === '1',
      env['DAGBOEK_WEB'] ? resolve(env['DAGBOEK_WEB']) : null,
      env['DAGBOEK_LOG'] ?? 'warn',
      env['DAGBOEK_ACCEPT_LOSS'] === '1',
    );
  }
}
