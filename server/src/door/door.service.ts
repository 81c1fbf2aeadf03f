import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import type { ServerResponse } from 'node:http';
import { performance } from 'node:perf_hooks';
import { Injectable, Logger, type OnApplicationShutdown, type OnModuleInit } from '@nestjs/common';
import type { DoorEvent, HomeNetwork, JoinCode, JoinedDevice } from '@dagboek/journal/log';
import type { Request } from 'express';
import type { DataSource, Repository } from 'typeorm';
import { Clock } from '../common/clock.ts';
import { Config } from '../common/config.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { doorFolder, lastAtDoor, noteAtDoor } from '../common/door-log.ts';
import { JoinCodes } from './join-code.ts';
import { JoinedDeviceRow, openDoorFile } from './joined-device.ts';
import { isScreenKey, screenKey } from './screen-key.ts';
import { askedFromThisMachine, shownByScreen } from './who-asks.ts';

/** When a device was seen is written down no more often than this, ms. */
const SEEN_EVERY_MS = 10 * 60_000;
const DAY_MS = 86_400_000;
/** So many of the last events are told. */
const TOLD = 60;

const REFUSED = {
  wrong: 'That is not the code on the server’s screen. Read it once more: it changes with each device that joins.',
  longer:
    'That is not the code. Wrong ones were tried, so a longer code of twelve digits stands on the server’s screen now. Type that one.',
  'none shown': 'No code is shown now. Ask for one at the server’s screen: All, then Phones; it holds for ten minutes.',
} as const;

const proofOf = (token: string): string => createHash('sha256').update(token).digest('hex');
/** Told at one, ten, a hundred …: whoever tries codes without end fills no disk. */
const isTold = (wrong: number): boolean => /^10*$/.test(String(wrong));

/** What is said where something is asked that only the server's own screen may ask. */
export const notHere = (): ProblemException =>
  new ProblemException(
    403,
    'This is done at the server’s own screen: open the address that the terminal of that machine shows.',
  );

/** Who was let in from the network, and the code that lets in the next one. */
@Injectable()
export class DoorService implements OnModuleInit, OnApplicationShutdown {
  /** Set by the server once it listens there. */
  home: HomeNetwork | null = null;
  private readonly codes = new JoinCodes(() => performance.now());
  private readonly log = new Logger('Door');
  private source: DataSource | null = null;
  /** Those that are in, by what they show. */
  private readonly inside = new Map<string, JoinedDeviceRow>();
  /** What is being answered to each, by id: it ends when the device is put out. */
  private readonly answering = new Map<string, Set<ServerResponse>>();

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

  /** What a browser shows to count as the server's own screen; null where there is no door. */
  get screenKey(): string | null {
    return this.config.lan ? screenKey(this.config.data) : null;
  }

  /** Whether a request comes from the server's own screen. */
  isHere(req: Request): boolean {
    const key = this.screenKey;
    return askedFromThisMachine(req) && (key === null || isScreenKey(shownByScreen(req), key));
  }

  /** Throws where it is not asked at the server's own screen. */
  onlyHere(req: Request): void {
    if (!this.isHere(req)) throw notHere();
  }

  showCode(): JoinCode {
    return this.codes.show();
  }

  code(): JoinCode | null {
    return this.codes.current();
  }

  /** Lets a device in that shows the code. `from`: the address that asks. Answers with what it is to show from now on. Throws ProblemException. */
  async join(code: string, name: string, from: string): Promise<{ readonly token: string; readonly name: string }> {
    const tried = this.codes.try(code);
    if (tried !== 'right') {
      const wrong = this.codes.current()?.wrong ?? 0;
      if (tried !== 'none shown' && isTold(wrong)) this.note({ what: 'wrong codes', from, count: wrong });
      throw new ProblemException(tried === 'none shown' ? 429 : 400, REFUSED[tried], 'code');
    }
    const token = randomBytes(32).toString('base64url');
    const now = this.now();
    const row = {
      id: randomUUID(),
      name,
      proof: proofOf(token),
      joined: now,
      seen: now,
      out: null,
      feed: null,
      members: '',
    };
    await this.rows().insert(row);
    this.inside.set(row.proof, row);
    this.note({ what: 'joined', name, from });
    return { token, name };
  }

  /** The device that shows this, while it is in; null for any other. Notes that it was seen. */
  whoShows(token: string | null): JoinedDeviceRow | null {
    const row = token === null ? undefined : this.inside.get(proofOf(token));
    if (!row) return null;
    const unseenMs = this.clock.nowMs() - Date.parse(row.seen);
    if (unseenMs > this.config.deviceDays * DAY_MS) {
      void this.end(row, 'ended unseen');
      return null;
    }
    if (unseenMs > SEEN_EVERY_MS) {
      row.seen = this.now();
      this.save(row, { seen: row.seen });
    }
    return row;
  }

  /** Something is being answered to a device: it ends when the device is put out. */
  answers(device: JoinedDeviceRow, res: ServerResponse): void {
    const open = this.answering.get(device.id) ?? new Set();
    this.answering.set(device.id, open.add(res));
    res.once('close', () => open.delete(res));
  }

  /** The secret in the address of a device's calendar, made when it is first asked for. */
  feedOf(device: JoinedDeviceRow): string {
    if (device.feed === null) {
      device.feed = randomBytes(24).toString('base64url');
      this.save(device, { feed: device.feed });
    }
    return device.feed;
  }

  /** Whether a secret is that of the calendar of a device that is in. */
  isFeed(secret: string): boolean {
    const digest = proofOf(secret);
    return [...this.inside.values()].some((d) => d.feed !== null && proofOf(d.feed) === digest);
  }

  /** Notes for whom a device wrote. `named`: the people, by id, with their names. */
  wrote(id: string, named: ReadonlyMap<string, string>): void {
    const device = [...this.inside.values()].find((d) => d.id === id);
    if (!device) return;
    const known = device.members.split(' ').filter((m) => m !== '');
    const fresh = [...named].filter(([id]) => !known.includes(id));
    if (fresh.length === 0) return;
    // Whose device it is needs no telling; whoever comes after is told.
    for (const [, member] of known.length === 0 ? fresh.slice(1) : fresh)
      this.note({ what: 'wrote for another', name: device.name, member });
    device.members = [...known, ...fresh.map(([id]) => id)].join(' ');
    this.save(device, { members: device.members });
  }

  /** Everyone who was ever let in: those inside first, the latest first. `linesOf`: how many lines a device sent. */
  async devices(linesOf: (id: string) => number): Promise<JoinedDevice[]> {
    if (!this.source) return [];
    const rows = await this.rows().find();
    return rows
      .map((r) => ({
        id: r.id,
        name: r.name,
        joined: r.joined,
        seen: this.inside.get(r.proof)?.seen ?? r.seen,
        out: r.out,
        lines: linesOf(r.id),
      }))
      .sort((a, b) => Number(a.out !== null) - Number(b.out !== null) || b.joined.localeCompare(a.joined));
  }

  /** What a device is called; null for one that this door never let in. */
  async nameOf(id: string): Promise<string | null> {
    return this.source ? ((await this.rows().findOneBy({ id }))?.name ?? null) : null;
  }

  /** From now on this device is answered no more, until it joins again. Nothing that it wrote goes. Throws ProblemException. */
  async putOut(id: string, how: 'put out' | 'left' = 'put out'): Promise<void> {
    const row = await this.rows().findOneBy({ id });
    if (!row) throw new ProblemException(404, 'No such device was let in. Reload the list.');
    if (row.out === null) await this.end(row, how);
  }

  /** What happened last, the latest first. */
  told(): DoorEvent[] {
    return lastAtDoor(this.config.data, TOLD);
  }

  /** Notes what happened, for people: at the screen, and in the log of the server. */
  note(event: Omit<DoorEvent, 'at'>): void {
    noteAtDoor(this.config.data, { at: this.now(), ...event });
    const more = [event.name, event.member, event.count, event.from].filter((x) => x !== undefined).join(', ');
    if (event.what === 'wrong codes' && (event.count ?? 0) > 1) this.log.warn(`${event.what}: ${more}`);
    else this.log.log(`${event.what}: ${more}`);
  }

  private async end(row: JoinedDeviceRow, how: 'put out' | 'left' | 'ended unseen'): Promise<void> {
    // First in memory: whoever is put out must not write one more line while the file is written.
    this.inside.delete(row.proof);
    if (how !== 'left') for (const res of this.answering.get(row.id) ?? []) res.socket?.destroy();
    this.note({ what: how, name: row.name });
    await this.rows().update({ id: row.id }, { out: this.now(), feed: null });
  }

  private save(row: JoinedDeviceRow, part: Partial<JoinedDeviceRow>): void {
    void this.rows()
      .update({ id: row.id }, part)
      .catch(() => undefined);
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
