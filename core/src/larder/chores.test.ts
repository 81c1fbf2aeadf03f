import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  byHour,
  type Chore,
  type ChoreDone,
  type ChorePack,
  choresOf,
  type ChoreStore,
  CHORES,
  thawChore,
} from './index.ts';

const ZONE = 'Atlantic/Faroe';
const HOUR = 3_600_000;
const ms = (s: string): number => Date.parse(`${s}:00+01:00`);
const pack = (more: Partial<ChorePack> = {}): ChorePack => ({
  id: 'p',
  sinceMs: ms('2026-09-12T18:30'),
  store: 'fridge',
  wrapping: 'cloth',
  raw: true,
  whole: false,
  ...more,
});
const store = (more: Partial<ChoreStore> = {}): ChoreStore => ({
  id: 's',
  is: 'freezer',
  packs: 3,
  sinceMs: ms('2026-08-01T12:00'),
  clock: false,
  ...more,
});
const at = (now: string, packs: ChorePack[], stores: ChoreStore[] = [], done: ChoreDone[] = [], ahead = 3): Chore[] =>
  choresOf({ packs, stores, done }, ms(now), ZONE, ahead);
const say = (list: readonly Chore[]): string[] => list.map((c) => `${c.of} ${c.day.slice(8)} ${c.slot} ${c.state}`);
const did = (of: ChoreDone['of'], when: string, subject = 'p'): ChoreDone => ({ of, subject, atMs: ms(when) });

describe('what the larder asks for', () => {
  test('towels, morning and evening for two days from the packing, not at once', () => {
    expect(say(at('2026-09-12T19:30', [pack()]))).toEqual([
      'towel 13 morning to come',
      'towel 13 evening to come',
      'towel 14 morning to come',
    ]);
    expect(say(at('2026-09-13T09:00', [pack()]))[0]).toBe('towel 13 morning due');
    // The evening's has come: the morning's is missed, and named.
    expect(say(at('2026-09-13T15:00', [pack()])).slice(0, 2)).toEqual([
      'towel 13 morning missed',
      'towel 13 evening due',
    ]);
    expect(say(at('2026-09-13T15:00', [pack()], [], [did('towel', '2026-09-13T07:10')]))[0]).toBe(
      'towel 13 morning done',
    );
    for (const none of [pack({ wrapping: 'vacuum' }), pack({ store: 'freezer' }), pack({ raw: false })])
      expect(at('2026-09-13T09:00', [none])).toEqual([]);
  });

  test('a tray of ice twice a day while something lies on it; on the rack whole fish are turned and weighed', () => {
    const tray = store({ is: 'ice tray', sinceMs: ms('2026-09-10T12:00') });
    expect(say(at('2026-09-12T09:00', [], [tray], [], 0))).toEqual([
      'ice 11 morning missed',
      'ice 11 evening missed',
      'ice 12 morning due',
      'ice 12 evening to come',
    ]);
    expect(at('2026-09-12T09:00', [], [{ ...tray, packs: 0 }])).toEqual([]);
    const whole = pack({ store: 'ageing rack', whole: true, wrapping: 'cloth' });
    expect(say(at('2026-09-13T09:00', [whole], [], [did('turn', '2026-09-13T08:30')], 0))).toEqual([
      'turn 13 morning done',
      'weigh 13 morning due',
    ]);
  });

  test('a freezer once a week from its last reading, each day while a clock runs in it', () => {
    const read = [did('read', '2026-09-09T08:10', 's')];
    expect(say(at('2026-09-12T09:00', [], [store()], read, 6))).toEqual(['read 16 morning to come']);
    expect(say(at('2026-09-18T09:00', [], [store()], read, 2))).toEqual(['read 18 morning due']);
    expect(say(at('2026-09-12T09:00', [], [store()], [], 2))).toEqual(['read 12 morning due']);
    expect(say(at('2026-09-12T09:00', [], [store({ clock: true })], read, 1))).toEqual([
      'read 11 morning missed',
      'read 12 morning due',
      'read 13 morning to come',
    ]);
  });

  test('a freezer is read by the last reading before now, of itself alone; on its day once its morning is near', () => {
    const once = (now: string, done: ChoreDone[], ahead = 9) => say(at(now, [], [store()], done, ahead));
    const read = (when: string, subject = 's') => did('read', when, subject);
    // The latest of several, in whatever order; what lies ahead by another clock does not count, another store's neither.
    expect(once('2026-09-12T09:00', [read('2026-09-10T08:00'), read('2026-09-08T08:00')])).toEqual([
      'read 17 morning to come',
    ]);
    expect(once('2026-09-12T09:00', [read('2026-09-08T08:00'), read('2026-09-20T08:00')])).toEqual([
      'read 15 morning to come',
    ]);
    expect(once('2026-09-12T09:00', [read('2026-09-10T08:00', 't'), did('ice', '2026-09-11T08:00', 's')])).toEqual([
      'read 12 morning due',
    ]);
    // Read today: done, and the next in a week; beyond what is asked for it is not told.
    expect(once('2026-09-12T09:00', [read('2026-09-12T08:10')])).toEqual([
      'read 12 morning done',
      'read 19 morning to come',
    ]);
    expect(once('2026-09-12T09:00', [read('2026-09-12T08:10')], 3)).toEqual(['read 12 morning done']);
    expect(once('2026-09-12T09:00', [read('2026-09-08T08:10')], 3)).toEqual(['read 15 morning to come']);
    expect(once('2026-09-12T09:00', [read('2026-09-09T08:10')], 3)).toEqual([]);
    // Five hours before eight.
    expect(once('2026-09-12T02:59', [])).toEqual(['read 12 morning to come']);
    expect(once('2026-09-12T03:00', [])).toEqual(['read 12 morning due']);
    expect(at('2026-09-12T09:00', [], [store({ packs: 0 })])).toEqual([]);
  });

  test('each only of its kind: a cloth in the fridge or on the tray, a raw whole fish on the rack', () => {
    const of = (more: Partial<ChorePack>) => [...new Set(at('2026-09-13T09:00', [pack(more)]).map((c) => c.of))];
    expect(of({})).toEqual(['towel']);
    expect(of({ store: 'ice tray' })).toEqual(['towel']);
    expect(of({ store: 'ageing rack' })).toEqual([]);
    expect(of({ store: 'ageing rack', whole: true })).toEqual(['turn', 'weigh']);
    expect(of({ store: 'ageing rack', whole: true, raw: false })).toEqual([]);
    expect(of({ whole: true })).toEqual(['towel']);
  });

  test('a towel counts from five hours before its hour until five before the next; what was put by at once rests', () => {
    const done = (when: string) => say(at('2026-09-13T20:00', [pack()], [], [did('towel', when)], 0));
    expect(done('2026-09-13T03:00')).toEqual(['towel 13 morning done', 'towel 13 evening due']);
    expect(done('2026-09-13T02:59')).toEqual(['towel 13 morning missed', 'towel 13 evening due']);
    expect(done('2026-09-13T13:59')).toEqual(['towel 13 morning done', 'towel 13 evening due']);
    expect(done('2026-09-13T14:00')).toEqual(['towel 13 morning missed', 'towel 13 evening done']);
    // Due five hours before, missed five before the next.
    const now = (when: string) => say(at(when, [pack()], [], [], 0))[0];
    expect([now('2026-09-13T02:59'), now('2026-09-13T03:00')]).toEqual([
      'towel 13 morning to come',
      'towel 13 morning due',
    ]);
    expect([now('2026-09-13T13:59'), now('2026-09-13T14:00')]).toEqual([
      'towel 13 morning due',
      'towel 13 morning missed',
    ]);
    // Exactly five hours after it was put by, and exactly two days after: both count.
    const from = (sinceMs: number) => say(at('2026-09-12T09:00', [pack({ sinceMs })], [], [], 2));
    expect(from(ms('2026-09-12T14:00'))[0]).toBe('towel 12 evening to come');
    expect(from(ms('2026-09-12T14:01'))[0]).toBe('towel 13 morning to come');
    expect(from(ms('2026-09-12T08:00')).at(-1)).toBe('towel 14 morning to come');
    const tray = store({ is: 'ice tray', sinceMs: ms('2026-09-12T14:00') });
    expect(say(at('2026-09-12T15:00', [], [tray], [], 0))).toEqual(['ice 12 evening due']);
    expect(say(at('2026-09-12T15:00', [], [{ ...tray, sinceMs: ms('2026-09-12T14:01') }], [], 0))).toEqual([]);
  });

  test('the clocks are put back in between: the hours stay those of the house', () => {
    const now = Date.parse('2026-10-24T12:00:00Z');
    const list = choresOf(
      { packs: [], stores: [store({ is: 'ice tray', sinceMs: now - 80 * HOUR })], done: [] },
      now,
      ZONE,
      2,
    );
    const hours = list.map((c) => new Date(c.atMs).toISOString().slice(5, 16));
    expect(hours.filter((h) => h.startsWith('10-24'))).toEqual(['10-24T07:00', '10-24T18:00']);
    expect(hours.filter((h) => h.startsWith('10-26'))).toEqual(['10-26T08:00', '10-26T19:00']);
  });

  test('any larder: in order, each once, nothing due that is not of its kind, done after it was done', () => {
    const packs = fc.array(
      fc.record({
        id: fc.constantFrom('a', 'b', 'c'),
        sinceMs: fc.integer({ min: ms('2026-09-01T00:00'), max: ms('2026-09-12T00:00') }),
        store: fc.constantFrom('fridge' as const, 'ice tray' as const, 'ageing rack' as const, 'freezer' as const),
        wrapping: fc.constantFrom('cloth', 'vacuum'),
        raw: fc.boolean(),
        whole: fc.boolean(),
      }),
      { maxLength: 3 },
    );
    fc.assert(
      fc.property(packs, fc.constantFrom(...CHORES), (list, of) => {
        const own = [...new Map(list.map((p) => [p.id, p])).values()];
        const before = choresOf({ packs: own, stores: [store()], done: [] }, ms('2026-09-12T09:00'), ZONE, 3);
        expect([...before].sort((a, b) => a.atMs - b.atMs).map((c) => c.atMs)).toEqual(before.map((c) => c.atMs));
        expect(new Set(before.map((c) => `${c.of}${c.subject}${c.atMs}`)).size).toBe(before.length);
        const due = before.find((c) => c.of === of && c.state === 'due');
        if (!due) return;
        const after = choresOf(
          { packs: own, stores: [store()], done: [{ of, subject: due.subject, atMs: ms('2026-09-12T09:01') }] },
          ms('2026-09-12T09:02'),
          ZONE,
          3,
        );
        const still = after.filter((c) => c.of === of && c.subject === due.subject && c.state === 'due');
        expect(still).toEqual([]);
      }),
    );
  });
});

describe('a pack that is to thaw', () => {
  const hour = ms('2026-09-12T21:00');
  const thaw = (now: string, done?: boolean): Chore => thawChore('p', '2026-09-12', hour, 21, ms(now), done);
  test('is due from five hours before its hour, and stays so until it is done', () => {
    expect(['15:59', '16:00', '21:00', '23:59'].map((t) => thaw(`2026-09-12T${t}`).state)).toEqual([
      'to come',
      'due',
      'due',
      'due',
    ]);
    expect([thaw('2026-09-12T12:00', true).state, thaw('2026-09-13T09:00', true).state]).toEqual(['done', 'done']);
  });
  test('is of the morning before two in the afternoon', () => {
    expect([8, 13, 14, 21].map((h) => thawChore('p', '2026-09-12', hour, h, hour).slot)).toEqual([
      'morning',
      'morning',
      'evening',
      'evening',
    ]);
  });
});

test('chores stand by their hours; of one hour by what they are and by what they are of', () => {
  const chore = (of: Chore['of'], subject: string, atMs: number): Chore => ({
    ...thawChore(subject, '2026-09-12', atMs, 8, 0),
    of,
  });
  const sorted = [
    chore('weigh', 'a', 1),
    chore('ice', 'b', 2),
    chore('towel', 'a', 2),
    chore('towel', 'b', 2),
    chore('ice', 'a', 3),
  ];
  fc.assert(
    fc.property(fc.shuffledSubarray(sorted, { minLength: sorted.length }), (list) => {
      expect([...list].sort(byHour)).toEqual(sorted);
    }),
  );
  expect(byHour(sorted[2]!, sorted[3]!)).toBeLessThan(0);
  expect(byHour(sorted[3]!, sorted[2]!)).toBeGreaterThan(0);
});
