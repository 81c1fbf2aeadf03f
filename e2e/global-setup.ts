import { cpSync, rmSync } from 'node:fs';
import { DEMO_TEMPLATE, endHost, startServer } from './server.ts';

/** Writes the demo season once; each test then starts from a copy. */
export default async function setup(): Promise<void> {
  // Both: what an earlier run left beside the file (its write-ahead log) would be read into the new one.
  for (const dir of [DEMO_TEMPLATE, `${DEMO_TEMPLATE}-whole`]) rmSync(dir, { recursive: true, force: true });
  const server = await startServer({ data: DEMO_TEMPLATE, demo: true });
  await server.stop();
  endHost();
  cpSync(DEMO_TEMPLATE, `${DEMO_TEMPLATE}-whole`, { recursive: true, force: true });
}
