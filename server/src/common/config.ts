import { sayAny } from '@dagboek/core/units';
import { isInstant } from '@dagboek/core/time';
import { isPrivate } from './private-address.ts';
import { homedir } from 'node:os';
import { join, resolve } from 'node:path';

const LOGS = ['silent', 'error', 'warn', 'info', 'debug'];

/** The server in the network of the house or the boat. */
export interface LanConfig {
  /** Ports of the book (TLS) and of the page that teaches phones to trust it; 0 for any free one. */
  readonly port: number;
  readonly trustPort: number;
  /** The address to be told to phones, where it is not found by itself; null to look for it. */
  readonly address: string | null;
  /** PEM files of a certificate that was given, or null to make one. */
  readonly given: { readonly cert: string; readonly key: string } | null;
}

/** The network of the house as the environment sets it; null without DAGBOEK_LAN. Throws a sentence. */
function lanFrom(env: Readonly<Record<string, string | undefined>>, port: number): LanConfig | null {
  if (env['DAGBOEK_LAN'] !== '1') return null;
  const [cert, key] = [env['DAGBOEK_CERT'], env['DAGBOEK_CERT_KEY']];
  if (!cert !== !key)
    throw new Error('A certificate of your own needs both files: DAGBOEK_CERT and DAGBOEK_CERT_KEY, in PEM.');
  const own = env['DAGBOEK_LAN_PORT'] === undefined ? (port === 0 ? 0 : port + 1) : portIn(env, 'DAGBOEK_LAN_PORT', '');
  if (own > 65_534) throw new Error('DAGBOEK_LAN_PORT must leave room for the port after it.');
  const address = env['DAGBOEK_LAN_ADDRESS'] || null;
  if (address !== null && !isPrivate(address))
    throw new Error(
      `DAGBOEK_LAN_ADDRESS must be an address of this machine in the network of a house, such as 192.168.1.20, and is "${address}".`,
    );
  return { port: own, address, trustPort: own === 0 ? 0 : own + 1, given: cert && key ? { cert, key } : null };
}

/** A port that the environment sets. Throws a sentence. */
function portIn(env: Readonly<Record<string, string | undefined>>, name: string, usual: string): number {
  const typed = (env[name] ?? usual).trim();
  const port = /^\d{1,5}$/.test(typed) ? Number(typed) : Number.NaN;
  if (!Number.isInteger(port) || port < 0 || port > 65_535)
    throw new Error(`${name} is a whole number up to 65535. Now it is "${env[name]}".`);
  return port;
}

/** How long a joined device may be unseen. Throws a sentence. */
function daysIn(env: Readonly<Record<string, string | undefined>>): number {
  const typed = (env['DAGBOEK_DEVICE_DAYS'] ?? '365').trim();
  if (!/^[1-9]\d{0,3}$/.test(typed))
    throw new Error(`DAGBOEK_DEVICE_DAYS must be a number of days from 1 to 9999, and is "${typed}".`);
  return Number(typed);
}

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
    /** Reached from the network too, by devices that joined; null for this machine alone. */
    readonly lan: LanConfig | null = null,
    /** A joined device that was not seen for so many days is put out. */
    readonly deviceDays = 365,
  ) {}

  /** Throws a sentence when a value cannot be. */
  static from(env: Readonly<Record<string, string | undefined>>): Config {
    const port = portIn(env, 'DAGBOEK_PORT', '4310');
    const log = env['DAGBOEK_LOG'] ?? 'warn';
    if (!LOGS.includes(log)) throw new Error(`DAGBOEK_LOG must be one of ${sayAny(LOGS)}, and is "${log}".`);
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
      lanFrom(env, port),
      daysIn(env),
    );
  }
}
