import type { Entry, SubjectKind } from '@dagboek/journal/log';
import { pick, type Rng } from '@dagboek/core/random';
import { JournalStore } from './journal-store.ts';
import { Keep } from './keep.ts';
import { newId } from './new-id.ts';
import { setBack } from './set-back.ts';
import type { Transport } from './transport.ts';

/**
 * Three devices and a server that everything happens to, for `npm run storm` and, shorter, for `npm test`. Nothing of the
 * application uses it.
 */
export interface StormServer {
  /** Which book it keeps. */
  readonly book: string;
  readonly transport: Transport;
  /** Keeps a copy of the book as it stands, and puts the last one back in its place. */
  copyAway(): Promise<void>;
  putBack(): Promise<void>;
  /** Serves another book at the same address, until it is called again. */
  swap(): Promise<void>;
  /** Ids of every entry it holds. */
  ids(): Promise<ReadonlySet<string>>;
}

/** What became of it. */
export interface DevicesTold {
  readonly histories: number;
  readonly written: number;
  readonly restored: number;
  readonly swapped: number;
  /** Lines that are neither on the server nor waiting on a device. */
  readonly lost: number;
  /** Histories after which the devices' books differ, or a line was refused. */
  readonly differ: number;
  readonly first: string | null;
}

const KINDS: readonly SubjectKind[] = ['trip', 'fish', 'cut', 'pack', 'meal', 'member', 'box'];
/** How far the clocks of the three are ahead, ms: one an hour fast, one three hours slow. */
const AHEAD_MS = [0, 3_600_000, -3 * 3_600_000];

interface Device {
  readonly name: string;
  readonly aheadMs: number;
  store: JournalStore;
  online: boolean;
  losesAnswers: boolean;
}

/** Lives through so many histories of so many steps. `dbs`: names the shelves, so that two runs do not meet. */
export async function stormOfDevices(
  server: StormServer,
  histories: number,
  steps: number,
  rng: Rng,
  dbs: string,
): Promise<DevicesTold> {
  let [written, restored, swapped, lost, differ] = [0, 0, 0, 0, 0];
  let first: string | null = null;
  for (let h = 0; h < histories; h++) {
    const told = await oneHistory(server, steps, rng, `${dbs}-${h}`);
    written += told.written;
    restored += told.restored;
    swapped += told.swapped;
    lost += told.lost.length;
    if (told.trouble) differ++;
    first ??= told.trouble ?? (told.lost.length > 0 ? `history ${h} lost ${told.lost.join(', ')}` : null);
  }
  return { histories, written, restored, swapped, lost, differ, first };
}

async function oneHistory(server: StormServer, steps: number, rng: Rng, shelf: string) {
  let movedMs = 0;
  let [restored, swapped, elsewhere] = [0, 0, false];
  const written: Entry[] = [];
  const stores: JournalStore[] = [];
  const open = async (d: Device, n: number): Promise<void> => {
    const transport: Transport = {
      ...server.transport,
      send: async (entries, seen) => {
        if (!d.online) return { ok: false, unreachable: true, why: 'No answer from the server.' };
        const sent = await server.transport.send(entries, seen);
        return d.losesAnswers ? { ok: false, unreachable: true, why: 'No answer from the server.' } : sent;
      },
      after: (...asked) => (d.online ? server.transport.after(...asked) : Promise.resolve({ unreached: null })),
    };
    if (n in stores) stores[n]?.close();
    const keep = await Keep.open(`${shelf}-${n}`);
    d.store = new JournalStore(keep, transport, () => Date.now() + movedMs + d.aheadMs);
    stores[n] = d.store;
    await d.store.load();
  };
  const devices: Device[] = AHEAD_MS.map((aheadMs, n) => ({
    name: `device ${n}`,
    aheadMs,
    store: null as unknown as JournalStore,
    online: true,
    losesAnswers: false,
  }));
  for (const [n, d] of devices.entries()) await open(d, n);
  for (let i = 0; i < steps; i++) {
    const d = pick(rng, devices);
    const does = rng();
    if (does < 0.45) {
      const e = anEntry(d, rng);
      written.push(e);
      await d.store.write([e]);
    } else if (does < 0.6) await d.store.flush();
    else if (does < 0.75) await d.store.pull();
    else if (does < 0.82) d.online = !d.online;
    else if (does < 0.87) d.losesAnswers = !d.losesAnswers;
    else if (does < 0.92) await open(d, devices.indexOf(d));
    else if (does < 0.95) await server.copyAway();
    else if (does < 0.975 && !elsewhere) {
      await settled(devices);
      await server.putBack();
      restored++;
    } else {
      await settled(devices);
      await server.swap();
      elsewhere = !elsewhere;
      swapped++;
    }
    movedMs += 20_000;
  }
  if (elsewhere) await server.swap();
  for (const d of devices) [d.online, d.losesAnswers] = [true, false];
  for (let round = 0; round < 4; round++) {
    movedMs += 400_000;
    for (const d of devices) {
      await d.store.flush();
      await d.store.pull();
      await d.store.flush();
      const early = d.store.getSnapshot().outbox.filter((i) => i.state === 'queued' && i.why !== undefined);
      const aheadMs = d.aheadMs + movedMs;
      if (early.length > 0)
        await d.store.replace(
          setBack(
            early.map((i) => i.entry),
            aheadMs,
          ),
          'by the server',
        );
      await d.store.flush();
    }
  }
  const held = await server.ids();
  const out = new Set(devices.flatMap((d) => d.store.getSnapshot().outbox.map((i) => i.entry.id)));
  const lost = written.filter((e) => !held.has(e.id) && !out.has(e.id)).map((e) => e.id);
  const trouble = troubleOf(devices);
  for (const s of stores) s.close();
  return { written: written.length, restored, swapped, lost, trouble };
}

/** No request is on its way while the server changes under it: that is what kills are for. */
const settled = (devices: readonly Device[]): Promise<unknown> => Promise.all(devices.map((d) => d.store.flush()));

function troubleOf(devices: readonly Device[]): string | null {
  const states = devices.map((d) => {
    const { book } = d.store.getSnapshot();
    return JSON.stringify([book.size, KINDS.map((k) => book.allAny(k))]);
  });
  const refused = devices.flatMap((d) =>
    d.store.getSnapshot().outbox.filter((i) => i.state === 'refused' || i.state === 'queued'),
  );
  if (refused.length > 0) return `a line waits or was refused: ${JSON.stringify(refused[0])}`;
  if (states.every((s) => s === states[0])) return null;
  const ids = devices.map(
    (d) =>
      new Set(
        d.store
          .getSnapshot()
          .book.entries()
          .map((e) => e.id),
      ),
  );
  const odd = devices.flatMap((d, n) =>
    d.store
      .getSnapshot()
      .book.entries()
      .filter((e) => ids.some((has) => !has.has(e.id)))
      .map((e) => `${n}: ${JSON.stringify(e)}`),
  );
  return `the books of the devices differ: ${[...new Set(odd)].slice(0, 3).join(' ')}`;
}

/** Something a device may write, about a few things, with corrections and strikes of what it knows. */
function anEntry(d: Device, rng: Rng): Entry {
  const nowMs = d.store.getSnapshot().book.size >= 0 ? Date.now() + d.aheadMs : 0;
  const at = new Date(Math.floor(nowMs / 1000) * 1000).toISOString().replace('.000Z', 'Z');
  const base = { id: newId(), at, written: at, member: 'nobody', device: d.name };
  const known = d.store.getSnapshot().book.entries();
  const target = known.length > 0 && rng() < 0.35 ? pick(rng, known) : null;
  if (target && rng() < 0.3)
    return { ...base, kind: 'log.struck', subject: target.subject, facts: {}, strikes: target.id };
  if (target && target.kind === 'fish.noted')
    return {
      ...base,
      kind: target.kind,
      subject: target.subject,
      facts: { text: `better ${rng()}` },
      amends: target.id,
    };
  const subject = `01940000-0000-7000-8000-00000000000${Math.floor(rng() * 6)}`;
  return rng() < 0.3
    ? {
        ...base,
        kind: 'fish.landed',
        subject,
        facts: { trip: subject, angler: 'nobody', count: 1 + Math.floor(rng() * 3) },
      }
    : { ...base, kind: 'fish.noted', subject, facts: { text: `note ${rng()}` } };
}

/** For a storm against a real server. */
export { httpTransport } from './transport.ts';
