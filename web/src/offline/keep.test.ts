import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Entry } from '@dagboek/journal/log';
import { anEntry, idOf } from '../../../journal/src/builders.test-support.ts';
import { Keep } from './keep.ts';

const upTo = (last: number) => ({ last, digest: `d${last}` });
let n = 0;
let book: string;
beforeEach(() => {
  book = `shelf-${n++}`;
});
const lines = (from: number, many: number): Entry[] =>
  Array.from({ length: many }, (_, i) => anEntry('fish.noted', idOf('a'), { text: `line ${from + i}` }));
const ids = (list: readonly Entry[]): string[] => list.map((e) => e.id).sort();
/** What a shelf opened anew holds. */
const heldBy = async (): Promise<string[]> => ids((await (await Keep.open(book)).load()).entries);

describe('the shelf of a book', () => {
  test('keeps what came singly and what came together, and how far it brings us', async () => {
    const keep = await Keep.open(book);
    const [few, many] = [lines(0, 3), lines(3, 500)];
    await keep.catchUp(few, upTo(3));
    await keep.catchUp(many, upTo(503));
    const all = await (await Keep.open(book)).load();
    expect(ids(all.entries)).toEqual(ids([...few, ...many]));
    expect(all.cursor.last).toBe(503);
  });

  test('tidied, everything is still there, once; few lines stay as they lie', async () => {
    const keep = await Keep.open(book);
    const many = lines(0, 1200);
    for (let i = 0; i < many.length; i += 100) await keep.catchUp(many.slice(i, i + 100), upTo(i + 100));
    await keep.tidy();
    expect(await heldBy()).toEqual(ids(many));
    const more = lines(1200, 5);
    await keep.catchUp(more, upTo(1205));
    await keep.tidy();
    expect(await heldBy()).toEqual(ids([...many, ...more]));
  });

  test('read again, it gives what another tab put there, bundles too, and no bundle twice', async () => {
    const [one, two] = [await Keep.open(book), await Keep.open(book)];
    const first = lines(0, 300);
    await one.catchUp(first, upTo(300));
    expect((await two.load()).entries).toHaveLength(300);
    expect((await two.load()).entries).toEqual([]);
    const [together, alone] = [lines(300, 250), lines(550, 2)];
    await one.catchUp(together, upTo(550));
    await one.catchUp(alone, upTo(552));
    const news = await two.load();
    expect(ids(news.entries)).toEqual(ids([...together, ...alone]));
    expect(news.cursor.last).toBe(552);
  });

  test('a tab that tidies takes nothing from one that has not read it yet', async () => {
    const [one, two] = [await Keep.open(book), await Keep.open(book)];
    await two.load();
    const many = lines(0, 1100);
    for (let i = 0; i < many.length; i += 100) await one.catchUp(many.slice(i, i + 100), upTo(i + 100));
    await one.tidy();
    expect(ids((await two.load()).entries)).toEqual(ids(many));
  });
});
