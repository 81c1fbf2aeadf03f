import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { Injectable, type OnApplicationShutdown, type OnModuleInit } from '@nestjs/common';
import type { HomeNetwork, JoinCode, JoinedDevice } from '@dagboek/journal';
import type { DataSource, Repository } from 'typeorm';
import { Clock } from '../common/clock.ts';
import { Config } from '../common/config.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { JoinCodes } from './join-code.ts';
import { JoinedDeviceRow, openDoorFile } from './joined-device.ts';

/** When a device was seen is written down no more often than this, ms. */
const SEEN_EVERY_MS = 10 * 60_000;

const REFUSED = {
  wrong: 'That is not the code on the server’s screen. Read it once more: it changes with each device that joins.',
  'none shown': 'No code is shown now. Ask for one at the server’s screen: All, then Phones; it holds for ten minutes.',
  'too many wrong':
    'Ten wrong codes were tried, and nobody can join until a new one is shown at the server’s screen: All, then Phones.',
} as const;

const proofOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Where a server keeps what belongs to this machine's door, and not to the book. */
export const doorFolder = (data: string): string => join(data, 'door');

/** Who was let in from the network, and the code that lets in the next one. */
@Injectable()
export class DoorService implements OnModuleInit, OnApplicationShutdown {
  /** Set by the server once it listens there. */
  home: HomeNetwork | null = null;
  private readonly codes = new JoinCodes(() => performance.now());
  private source: DataSource | null = null;
  /** Those that are in, by what they show. */
  private readonly inside = new Map<string, JoinedDeviceRow>();

  constructor(
    private readonly config: Config,
    private readonly clock: Clock,
  ) {}

  async onModuleInit(): Promise<void> {
    if (!this.config.lan) return;
    const folder = doorFolder(this.config.data);
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    this.source = await openDoorFile(folder);
    for (const row of await this.rows().find()) if (row.out === null) this.inside.set(row.proof, row);
  }

  async onApplicationShutdown(): Promise<void> {
    await this.source?.destroy();
  }

  showCode(): JoinCode {
    return this.codes.show();
  }

  code(): JoinCode | null {
    return this.codes.current();
  }

  /** Lets a device in that shows the code. Answers with what it is to show from now on. Throws ProblemException. */
  async join(code: string, name: string): Promise<{ readonly token: string; readonly name: string }> {
    const tried = this.codes.try(code);
    if (tried !== 'right') throw new ProblemException(tried === 'wrong' ? 400 : 429, REFUSED[tried], 'code');
    const token = randomBytes(32).toString('base64url');
    const now = this.now();
    const row = { id: randomUUID(), name, proof: proofOf(token), joined: now, seen: now, out: null };
    await this.rows().insert(row);
    this.inside.set(row.proof, row);
    return { token, name };
  }

  /** The device that shows this, while it is in; null for any other. Notes that it was seen. */
  whoShows(token: string | null): JoinedDeviceRow | null {
    const row = token === null ? undefined : this.inside.get(proofOf(token));
    if (!row) return null;
    if (this.clock.nowMs() - Date.parse(row.seen) > SEEN_EVERY_MS) {
      row.seen = this.now();
      void this.rows()
        .update({ id: row.id }, { seen: row.seen })
        .catch(() => undefined);
    }
    return row;
  }

  /** Everyone who was ever let in: those inside first, the latest first. */
  async devices(): Promise<JoinedDevice[]> {
    if (!this.source) return [];
    const rows = await this.rows().find();
    return rows
      .map((r) => ({
        id: r.id,
        name: r.name,
        joined: r.joined,
        seen: this.inside.get(r.proof)?.seen ?? r.seen,
        out: r.out,
      }))
      .sort((a, b) => Number(a.out !== null) - Number(b.out !== null) || b.joined.localeCompare(a.joined));
  }

  /** From now on this device is answered no more, until it joins again. Nothing that it wrote goes. Throws ProblemException. */
  async putOut(id: string): Promise<void> {
    const row = await this.rows().findOneBy({ id });
    if (!row) throw new ProblemException(404, 'No such device was let in. Open the list anew.');
    // First in memory: whoever is put out must not write one more line while the file is written.
    this.inside.delete(row.proof);
    if (row.out === null) await this.rows().update({ id }, { out: this.now() });
  }

  private now(): string {
    return new Date(this.clock.nowMs()).toISOString();
  }

  private rows(): Repository<JoinedDeviceRow> {
    if (!this.source)
      throw new ProblemException(
        404,
        'This server is reached from its own machine alone: it was started without --lan.',
      );
    return this.source.getRepository(JoinedDeviceRow);
  }
}
