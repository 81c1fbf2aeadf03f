import 'fake-indexeddb/auto';
import { expect, test } from '@jest/globals';
import type { Entry } from '@dagboek/journal/log';
import { seeded } from '@dagboek/core/random';
import { stormOfDevices, type StormServer } from './devices-storm.test-support.ts';
import { FakeServer } from './fake-server.test-support.ts';

/** A server in memory with another one beside it. */
function servers(): StormServer {
  const [own, other] = [new FakeServer(Date.now), new FakeServer(Date.now)];
  for (const s of [own, other]) s.page = 50;
  let [here, kept] = [own, [] as Entry[]];
  return {
    book: 'own',
    transport: {
      // Another book at this address takes nothing: it answers 409, which is no last word.
      send: (entries, seen) =>
        here === own ? own.send(entries, seen) : Promise.resolve({ ok: false, unreachable: true, why: 'another book' }),
      after: (cursor, seen, limit) =>
        here === own ? own.after(cursor, seen, limit) : Promise.resolve({ unreached: 'another book' }),
      backUp: () => own.backUp(),
    },
    copyAway: async () => void (kept = [...own.log]),
    putBack: async () => void own.log.splice(0, own.log.length, ...kept),
    swap: async () => void (here = here === own ? other : own),
    ids: async () => new Set(own.log.map((e) => e.id)),
  };
}

test('three devices, skewed clocks, a server put back and swapped: no line is lost, and the books come to the same', async () => {
  const told = await stormOfDevices(servers(), 25, 40, seeded(20260912), 'storm');
  expect(told.first).toBeNull();
  expect(told).toMatchObject({ lost: 0, differ: 0 });
  expect(told.written).toBeGreaterThan(300);
  expect(told.restored).toBeGreaterThan(5);
  expect(told.swapped).toBeGreaterThan(5);
}, 60_000);
