import { wordFor } from '@dagboek/core/units';
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { bookHeader, NO_ANSWER, notTaken } from '../reached.ts';
import { hasRoomFor, isFull, withPictureRoom } from '../../ui/room.ts';
import { timeoutMs } from '../transport.ts';

interface Shelf extends DBSchema {
  /** Pictures that the server does not hold yet, by their hash. `why`: what the server said of one it will not take. */
  waiting: { key: string; value: { hash: string; file: Blob; why?: string } };
}

/** Sends one picture. `unreachable`: try later; a sentence when the server will not take it. */
export type SendPhoto = (
  hash: string,
  file: Blob,
) => Promise<{ ok: true } | { ok: false; unreachable: boolean; broke?: boolean; why: string }>;

/** A picture that is on this device only. */
export interface WaitingPhoto {
  readonly hash: string;
  readonly file: Blob;
  /** Set when the server would not take it. */
  readonly why?: string;
}

/** SHA-256 of a file, hex: its name for ever. */
export async function hashOf(file: Blob): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', await file.arrayBuffer());
  return [...new Uint8Array(digest)].map((b) => b.toString(16).padStart(2, '0')).join('');
}

/** A picture that would take the room that entries need. */
class NoRoom extends Error {}

/** Why a picture was not kept, in one sentence or two, from what `keep` threw. */
export const whyNotKept = (e: unknown): string =>
  e instanceof NoRoom
    ? `The picture was not kept. ${e.message}`
    : 'The picture was not kept: the storage of this device is full or closed. Free some space, and try again.';

/** Pictures on this device: kept until the server holds them, sent when it can be reached. */
export class PhotoShelf {
  private waiting: readonly WaitingPhoto[] = [];
  private readonly listeners = new Set<() => void>();
  private sending: Promise<void> | null = null;

  private constructor(
    private readonly db: IDBPDatabase<Shelf>,
    private readonly sendOne: SendPhoto,
  ) {}

  /** Opens (or makes) the shelf of one book. */
  static async open(book: string, send: SendPhoto): Promise<PhotoShelf> {
    const db = await openDB<Shelf>(`dagboek-photos-${book}`, 1, {
      upgrade: (d) => void d.createObjectStore('waiting', { keyPath: 'hash' }),
    });
    const shelf = new PhotoShelf(db, send);
    shelf.set(await db.getAll('waiting'));
    return shelf;
  }

  readonly getSnapshot = (): readonly WaitingPhoto[] => this.waiting;
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /**
   * Keeps a picture on this device; resolves with its hash once it is safe here, and sends it after that. Throws an Error with
   * a sentence where it would take the room that lines need.
   */
  async keep(file: Blob): Promise<string> {
    if (!(await hasRoomFor(file.size))) throw new NoRoom(this.noRoom());
    const hash = await hashOf(file);
    try {
      await withPictureRoom(() => this.putDown(hash, file));
    } catch (e) {
      throw isFull(e) ? new NoRoom(this.noRoom()) : e;
    }
    this.set([...this.waiting.filter((w) => w.hash !== hash), { hash, file }]);
    void this.send();
    return hash;
  }

  private async putDown(hash: string, file: Blob): Promise<void> {
    const tx = this.db.transaction('waiting', 'readwrite', { durability: 'strict' });
    // A write that fails is told by the end of its transaction too.
    tx.store.put({ hash, file }).catch(() => undefined);
    await tx.done;
  }

  private noRoom(): string {
    const waits = this.waiting.length;
    const first =
      waits === 0
        ? 'Free some space'
        : `Send the ${wordFor(waits, 'waiting picture', `${waits} waiting pictures`)} first, or free some space`;
    return `There is no space for pictures on this device; other entries still work. ${first}; until then the picture stays in the camera.`;
  }

  /** Sends what waits, one by one, until nobody answers; one that the server breaks over holds no other. One sender at a time. */
  send(): Promise<void> {
    this.sending ??= this.sendAll().finally(() => {
      this.sending = null;
    });
    return this.sending;
  }

  private async sendAll(): Promise<void> {
    for (const { hash, file } of this.waiting) {
      const r = await this.sendOne(hash, file);
      if (r.ok) {
        await this.db.delete('waiting', hash);
        this.set(this.waiting.filter((w) => w.hash !== hash));
      } else if (r.broke) continue;
      else if (r.unreachable) return;
      else {
        await this.db.put('waiting', { hash, file, why: r.why });
        this.set(this.waiting.map((w) => (w.hash === hash ? { hash, file, why: r.why } : w)));
      }
    }
  }

  private set(waiting: readonly WaitingPhoto[]): void {
    this.waiting = waiting;
    for (const l of this.listeners) l();
  }
}

const LEAST_MS = 60_000;
/** The largest may take so long on the slowest line; what takes longer is begun anew. */
const MOST_MS = 45 * 60_000;

/** Through fetch, at this page's own address. */
export const httpSendPhoto =
  (book: string): SendPhoto =>
  async (hash, file) => {
    try {
      const res = await fetch(`/api/photos/${hash}`, {
        method: 'PUT',
        headers: { 'content-type': file.type.startsWith('image/') ? file.type : 'image/jpeg', ...bookHeader(book) },
        body: file,
        signal: AbortSignal.timeout(Math.min(MOST_MS, timeoutMs(file.size, LEAST_MS))),
      });
      if (res.ok) return { ok: true };
      return { ok: false, ...(await notTaken(res)) };
    } catch {
      return { ok: false, unreachable: true, why: NO_ANSWER };
    }
  };
