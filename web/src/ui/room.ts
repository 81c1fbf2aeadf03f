import { type IDBPDatabase, openDB } from 'idb';

/** Kept free for lines, which must go on when pictures have filled the device, bytes: some ten thousand of them. */
export const KEPT_FOR_LINES = 8 * 1024 * 1024;
/** Pictures that the server holds too, kept by the service worker to be looked at without a network. */
const COPIES = 'pictures';

/** Bytes that this page may still fill, as the browser reckons; null where it does not say. */
async function freeBytes(): Promise<number | null> {
  const said = await globalThis.navigator?.storage?.estimate?.().catch(() => null);
  return said?.quota === undefined || said.usage === undefined ? null : said.quota - said.usage;
}

/** Gives up the copies of pictures that the server holds too. Whether there were any. */
export async function dropCopies(): Promise<boolean> {
  return (await globalThis.caches?.delete(COPIES).catch(() => false)) ?? false;
}

/** Whether so many bytes may be kept, and room for lines is left; copies of what the server holds go first. */
export async function hasRoomFor(bytes: number): Promise<boolean> {
  const fits = async (): Promise<boolean> => {
    const free = await freeBytes();
    return free === null || free - bytes >= KEPT_FOR_LINES;
  };
  return (await fits()) || ((await dropCopies()) && (await fits()));
}

const BALLAST = 'dagboek-ballast';
/** Some thousands of lines. */
const BALLAST_BYTES = 4 * 1024 * 1024;
const openBallast = (): Promise<IDBPDatabase> =>
  openDB(BALLAST, 1, { upgrade: (d) => void d.createObjectStore('ballast') });

/**
 * Lays room by for lines, as bytes that are thrown out when a line finds none: not every browser says how much it has left.
 * Of chance, since what is alike would be packed small. Does nothing where it lies already, or there is no room even now.
 */
export async function layBallast(): Promise<void> {
  try {
    const db = await openBallast();
    if ((await db.count('ballast')) === 0) {
      const bytes = new Uint8Array(BALLAST_BYTES);
      // A browser gives so much chance at once.
      for (let at = 0; at < bytes.length; at += 65_536) crypto.getRandomValues(bytes.subarray(at, at + 65_536));
      await db.put('ballast', new Blob([bytes]), 'ballast');
    }
    db.close();
  } catch {
    // A device that is full already: the lines say so themselves.
  }
}

/** Throws the room laid by out, for lines. Whether there was any. */
async function dropBallast(): Promise<boolean> {
  try {
    const db = await openBallast();
    const had = (await db.count('ballast')) > 0;
    await db.clear('ballast');
    db.close();
    return had;
  } catch {
    return false;
  }
}

/** Does something for a picture; where the device is full, once more without the copies. Throws what it throws then. */
export async function withPictureRoom<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (e) {
    if (!isFull(e) || !(await dropCopies())) throw e;
    return work();
  }
}

/** Does something for a line; where the device is full, once more without the copies and without what was laid by. */
export async function withLineRoom<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (e) {
    if (!isFull(e)) throw e;
    const freed = [await dropCopies(), await dropBallast()];
    if (!freed.includes(true)) throw e;
    return work();
  }
}

/** Whether something failed for want of room: browsers name it so, on the error or on what caused it. */
export const isFull = (e: unknown): boolean =>
  (e as { name?: string } | null)?.name === 'QuotaExceededError' ||
  (e as { inner?: { name?: string } } | null)?.inner?.name === 'QuotaExceededError';
