import { type ChildProcess, spawn } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
export const DEMO_TEMPLATE = join(tmpdir(), 'dagboek-e2e-demo');
/** "Now" of every test, at which the demo season ends. */
export const DEMO_NOW = '2026-09-12T14:20:00+01:00';

export interface Server {
  readonly url: string;
  readonly port: number;
  /** SIGTERM, and waits until it is gone. */
  stop(): Promise<void>;
}

/** The built application as a process of its own, on a free port unless one is given. */
export function startServer(o: { data: string; demo?: boolean; port?: number; still?: boolean }): Promise<Server> {
  const env = {
    ...process.env,
    DAGBOEK_DATA: o.data,
    DAGBOEK_PORT: String(o.port ?? 0),
    DAGBOEK_WEB: join(ROOT, 'web/dist'),
    // One moment for every test: hours and seasons of the rules must not decide whether it passes.
    DAGBOEK_NOW: DEMO_NOW,
    ...(o.still ? { DAGBOEK_CLOCK: 'still' } : {}),
    ...(o.demo ? { DAGBOEK_DEMO: '1' } : {}),
  };
  const child: ChildProcess = spawn(process.execPath, [join(ROOT, 'server/dist/main.js')], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const gone = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  return new Promise((resolve, reject) => {
    let said = '';
    child.stdout?.on('data', (d: Buffer) => {
      said += String(d);
      const m = /(http:\/\/[\d.]+:(\d+))\/ /.exec(said);
      if (m?.[1]) resolve({ url: m[1], port: Number(m[2]), stop: async () => (child.kill('SIGTERM'), gone) });
    });
    child.once('exit', (code) => reject(new Error(`the server stopped with ${code}: ${said}`)));
  });
}
