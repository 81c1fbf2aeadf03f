import 'fake-indexeddb/auto';
import { afterEach, expect, test } from '@jest/globals';
import { hasRoomFor, isFull, KEPT_FOR_LINES, layBallast, withLineRoom, withPictureRoom } from './room.ts';

const full = (): Error => Object.assign(new Error('full'), { name: 'QuotaExceededError' });
let dropped = 0;
/** A browser with so many bytes free; `copies`: what the service worker holds of them. */
const browser = (free: number | null, copies = 0): void => {
  dropped = 0;
  const held = { copies };
  const estimate = (): Promise<object> =>
    Promise.resolve(free === null ? {} : { quota: free + 1000 - (held.copies - copies), usage: 1000 });
  Object.defineProperty(globalThis, 'navigator', { configurable: true, value: { storage: { estimate } } });
  Object.defineProperty(globalThis, 'caches', {
    configurable: true,
    value: {
      delete: (name: string) => {
        const had = name === 'pictures' && held.copies > 0;
        dropped += had ? 1 : 0;
        held.copies = 0;
        return Promise.resolve(had);
      },
    },
  });
};
afterEach(() => browser(null));

test('a picture may not take the room that lines need; copies of what the server holds go first', async () => {
  browser(KEPT_FOR_LINES + 500);
  expect(await hasRoomFor(500)).toBe(true);
  expect(await hasRoomFor(501)).toBe(false);
  browser(KEPT_FOR_LINES + 500, 100);
  expect(await hasRoomFor(600)).toBe(true);
  expect(dropped).toBe(1);
  browser(KEPT_FOR_LINES + 500, 100);
  expect(await hasRoomFor(601)).toBe(false);
  // One that does not say is taken at its word when it fails.
  browser(null);
  expect(await hasRoomFor(1e12)).toBe(true);
});

/** Fails so many times for want of room. */
const needs = (failing: number) => {
  const did = { tries: 0 };
  const work = () => (++did.tries <= failing ? Promise.reject(full()) : Promise.resolve('kept'));
  return { did, work };
};

test('a line that found no room is written once more without copies and ballast, and only then fails', async () => {
  browser(0, 10);
  expect(await withLineRoom(needs(1).work)).toBe('kept');
  browser(0, 10);
  await expect(withLineRoom(needs(2).work)).rejects.toThrow('full');
  // No copies, no ballast: nothing is tried twice.
  browser(0);
  const bare = needs(1);
  await expect(withLineRoom(bare.work)).rejects.toThrow('full');
  expect(bare.did.tries).toBe(1);
  await layBallast();
  await layBallast();
  expect(await withLineRoom(needs(1).work)).toBe('kept');
  // Used up: until it is laid anew.
  await expect(withLineRoom(needs(1).work)).rejects.toThrow('full');
  await expect(withLineRoom(() => Promise.reject(new Error('another')))).rejects.toThrow('another');
});

test('a picture never uses the room that was laid by for lines', async () => {
  browser(0);
  await layBallast();
  await expect(withPictureRoom(needs(1).work)).rejects.toThrow('full');
  expect(await withLineRoom(needs(1).work)).toBe('kept');
  browser(0, 10);
  expect(await withPictureRoom(needs(1).work)).toBe('kept');
  expect([isFull(full()), isFull({ inner: full() }), isFull(new Error('x')), isFull(null)]).toEqual([
    true,
    true,
    false,
    false,
  ]);
});
