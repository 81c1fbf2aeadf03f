import { type ChildProcess, fork } from 'node:child_process';
import { createHash } from 'node:crypto';
import type { HomeNetwork } from '@dagboek/journal';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
/** The demo's season, written once a run; of this checkout alone, since another may be tested beside it. */
export const DEMO_TEMPLATE = join(
  tmpdir(),
  `dagboek-e2e-demo-${createHash('sha256')
    .update(import.meta.dirname)
    .digest('hex')
    .slice(0, 8)}`,
);
/** "Now" of every test, at which the demo season ends. */
export const DEMO_NOW = '2026-09-12T14:20:00+01:00';

export interface Server {
  readonly url: string;
  readonly port: number;
  /** How phones reach it, where it was started for them. */
  readonly home: HomeNetwork | null;
  /** Where a browser becomes the server's own screen. */
  readonly screen: string;
  /** Ends it in order, and waits until it has. */
  stop(): Promise<void>;
}

interface Told {
  readonly id: number;
  readonly url?: string;
  readonly port?: number;
  readonly home?: HomeNetwork | null;
  readonly screen?: string;
  readonly why?: string;
}

/** The process that serves the books of this worker: see server-host.mjs. */
let host: ChildProcess | null = null;
let asked = 0;

function ask(id: number, what: object): Promise<Told> {
  host ??= fork(join(ROOT, 'e2e/server-host.mjs'), { stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
  const child = host;
  return new Promise((resolve, reject) => {
    const end = (): void => {
      child.off('message', hear);
      child.off('exit', gone);
    };
    const hear = (told: Told): void => {
      if (told.id !== id) return;
      end();
      if (told.why === undefined) resolve(told);
      else reject(new Error(told.why));
    };
    const gone = (): void => {
      end();
      host = null;
      reject(new Error('the process that serves the books ended'));
    };
    child.on('message', hear);
    child.on('exit', gone);
    child.send({ id, ...what });
  });
}

/** Lets the worker end, once its tests have. */
export function endHost(): void {
  host?.disconnect();
  host = null;
}

/** The built application, on a free port unless one is given. */
export async function startServer(o: {
  data: string;
  demo?: boolean;
  port?: number;
  still?: boolean;
  /** Served to the network of the house too; here, its address is this machine's own. */
  lan?: boolean;
  /** Folder of another interface than the one that was built. */
  web?: string;
}): Promise<Server> {
  const id = ++asked;
  const env = {
    DAGBOEK_DATA: o.data,
    DAGBOEK_PORT: String(o.port ?? 0),
    DAGBOEK_WEB: o.web ?? join(ROOT, 'web/dist'),
    // One moment for every test: hours and seasons of the rules must not decide whether it passes.
    DAGBOEK_NOW: DEMO_NOW,
    ...(o.still ? { DAGBOEK_CLOCK: 'still' } : {}),
    ...(o.demo ? { DAGBOEK_DEMO: '1' } : {}),
    ...(o.lan ? { DAGBOEK_LAN: '1', DAGBOEK_LAN_ADDRESS: '127.0.0.1' } : {}),
  };
  const { url = '', port = 0, home = null, screen = '' } = await ask(id, { env });
  return { url, port, home, screen, stop: async () => void (await ask(id, { stop: true })) };
}
