import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { Clock } from './common/clock.ts';
import { Config } from './common/config.ts';
import { createApp } from './create-app.ts';

export const NOW = '2026-09-14T12:00:00+01:00';

/** A folder of its own for a test's book. */
export const aFolder = (): string => mkdtempSync(join(tmpdir(), 'dagboek-test-'));

/** The real application on a real SQLite file, its clock standing still. */
export async function aServer(folder = aFolder(), acceptLoss = false): Promise<NestExpressApplication> {
  const app = await createApp(
    new Config('127.0.0.1', 0, folder, NOW, true, false, null, 'silent', acceptLoss),
    new Clock(Date.parse(NOW), true),
  );
  await app.init();
  return app;
}
