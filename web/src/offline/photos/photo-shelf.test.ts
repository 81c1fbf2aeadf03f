import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { hashOf, PhotoShelf, type SendPhoto } from './photo-shelf.ts';

let n = 0;
let book: string;
let held: Map<string, number>;
let answer: 'takes' | 'is away' | 'refuses';
/** The server breaks over a picture of this size. */
let broken: number | null;
const send: SendPhoto = async (hash, file) => {
  if (answer === 'is away') return { ok: false, unreachable: true, why: 'No answer from the server.' };
  if (file.size === broken) return { ok: false, unreachable: true, broke: true, why: 'The server has a problem.' };
  if (answer === 'refuses') return { ok: false, unreachable: false, why: 'This file is no picture.' };
  held.set(hash, file.size);
  return { ok: true };
};
beforeEach(() => {
  book = `photos-${n++}`;
  held = new Map();
  answer = 'takes';
  broken = null;
});
const open = (): Promise<PhotoShelf> => PhotoShelf.open(book, send);
const picture = (text: string): Blob => new Blob([text], { type: 'image/jpeg' });

describe('pictures on this device', () => {
  test('a picture is named by its content', async () => {
    // SHA-256 of "abc", from the standard.
    expect(await hashOf(picture('abc'))).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad');
  });

  test('with a server it is sent, and leaves the device', async () => {
    const shelf = await open();
    const hash = await shelf.keep(picture('a fish'));
    await shelf.send();
    expect(held.get(hash)).toBe(6);
    expect(shelf.getSnapshot()).toEqual([]);
  });

  test('without one it waits, survives a reload, and is sent when there is one', async () => {
    answer = 'is away';
    const hash = await (await open()).keep(picture('a fish'));
    const later = await open();
    expect(later.getSnapshot().map((w) => w.hash)).toEqual([hash]);
    await later.send();
    expect(later.getSnapshot()).toHaveLength(1);
    answer = 'takes';
    await later.send();
    expect(held.has(hash)).toBe(true);
    expect((await open()).getSnapshot()).toEqual([]);
  });

  test('one that the server breaks over waits, and holds no other', async () => {
    broken = 3;
    const shelf = await open();
    const odd = await shelf.keep(picture('odd'));
    const good = await shelf.keep(picture('a fish'));
    await shelf.send();
    await shelf.send();
    expect([...held.keys()]).toEqual([good]);
    expect(shelf.getSnapshot()).toEqual([expect.objectContaining({ hash: odd })]);
    broken = null;
    await shelf.send();
    expect(held.has(odd)).toBe(true);
  });

  test('what the server will not take stays here with its reason, and the next one goes', async () => {
    answer = 'refuses';
    const shelf = await open();
    await shelf.keep(picture('no fish'));
    await shelf.send();
    expect(shelf.getSnapshot()[0]?.why).toBe('This file is no picture.');
    const seen: number[] = [];
    shelf.subscribe(() => seen.push(shelf.getSnapshot().length));
    answer = 'takes';
    await shelf.keep(picture('a fish'));
    await shelf.send();
    expect(shelf.getSnapshot()).toEqual([]);
    expect(seen[0]).toBe(2);
  });

  test('the same picture kept twice is one', async () => {
    answer = 'is away';
    const shelf = await open();
    const [a, b] = [await shelf.keep(picture('a fish')), await shelf.keep(picture('a fish'))];
    expect(a).toBe(b);
    expect(shelf.getSnapshot()).toHaveLength(1);
  });

  test('when the network goes between two, the first is gone and the second waits', async () => {
    answer = 'is away';
    const shelf = await open();
    const first = await shelf.keep(picture('one'));
    const second = await shelf.keep(picture('two'));
    await shelf.send();
    let sent = 0;
    const flaky = await PhotoShelf.open(book, async (hash, file) =>
      ++sent > 1
        ? { ok: false, unreachable: true, why: 'cut off' }
        : send(hash, file).then(() => ({ ok: true as const })),
    );
    await flaky.send();
    expect(flaky.getSnapshot()).toHaveLength(1);
    expect([first, second]).toContain(flaky.getSnapshot()[0]?.hash);
  });
});
