import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anEntry, at, idOf, landed, TRIP, tripStarted, wholeLine } from '../../builders.test-support.ts';
import { Book, custodyOf, type Entry, fieldsOf, KINDS, linesOf, sayEntry, validateEntry } from '../../index.ts';
import { SUBJECTS } from './index.ts';
import { METRIC } from '@dagboek/core/units';

const fish = idOf('a');
const names = {
  units: METRIC,
  member: () => 'Ilse',
  species: (id: string) => id,
  box: () => 'the box',
  store: () => 'the chest',
  zone: (id: string) => id,
};
/** An entry as a newer version of Dagboek may write it. */
const newer = (kind: string, facts: object, more: object = {}): Entry =>
  ({ ...anEntry('fish.noted', fish, { text: 'x' }, { at: at('12:25') }), kind, facts, ...more }) as Entry;

describe('an entry of a kind that this version does not know', () => {
  const sung = newer('fish.sung', { song: 'a shanty' });
  const b = Book.EMPTY.withEntries([tripStarted(), landed('a', '12:18'), sung]);

  test('is kept, stands in the log, and is shown as what it is', () => {
    expect(b.has(sung)).toBe(true);
    expect(b.get('fish', fish)?.log.map((l) => l.now.kind)).toEqual(['fish.landed', 'fish.sung']);
    expect(sayEntry(sung, names)).toBe('Written by a newer version of Dagboek (fish.sung).');
    expect(fieldsOf('fish.sung')).toEqual([]);
  });
  test('changes nothing else of its fish, and can be struck', () => {
    const without = Book.EMPTY.withEntries([tripStarted(), landed('a', '12:18')]).get('fish', fish);
    expect({ ...b.get('fish', fish), log: [] }).toEqual({ ...without, log: [] });
    const struck = b.withEntries([anEntry('log.struck', fish, {}, { strikes: sung.id, at: at('12:30') })]);
    expect(struck.get('fish', fish)?.log.find((l) => l.now.kind === 'fish.sung')?.struck).not.toBeNull();
  });
  test('about something of its own is kept too, and breaks nothing', () => {
    const line = newer('gear.bought', { what: 'a rod' }, { subject: idOf('rod') });
    const more = b.withEntries([line]);
    expect(more.has(line)).toBe(true);
    expect(more.all('fish')).toHaveLength(1);
  });
  test('is refused by the server with a sentence, so that it waits on the device', () => {
    expect(validateEntry(sung, Date.parse(at('13:00')))).toMatchObject({ ok: false, field: 'kind' });
  });
});

describe('facts of a shape that this version cannot read', () => {
  test('of a line change nothing, and the line says so', () => {
    const odd = newer('fish.named', { species: 'cod', orElse: 7 });
    const b = Book.EMPTY.withEntries([tripStarted(), landed('a', '12:18'), odd]);
    expect(b.get('fish', fish)).toMatchObject({ species: 'pollack', orElse: [] });
    expect(sayEntry(odd, names)).toMatch(/newer version/);
    expect(custodyOf(b, fish)?.knots).toHaveLength(1);
  });
  test('of any kind in any place never break a fold', () => {
    const odd = fc.record({
      kind: fc.constantFrom(...Object.keys(KINDS).filter((k) => k !== 'log.struck')),
      facts: fc.oneof(
        fc.constant({}),
        fc.record({ species: fc.anything(), count: fc.anything(), text: fc.anything(), trip: fc.anything() }),
      ),
    });
    fc.assert(
      fc.property(fc.array(odd, { maxLength: 6 }), (list) => {
        const all = [...wholeLine(), ...list.map((o, i) => newer(o.kind, o.facts, { id: idOf(`odd ${i}`) }))];
        const book = all.reduce((b, e) => b.withEntries([e]), Book.EMPTY);
        expect(book.size).toBe(all.length);
        expect(linesOf(all.filter((e) => e.subject === fish)).length).toBeGreaterThan(0);
        for (const e of all) expect(typeof sayEntry(e, names)).toBe('string');
      }),
      { numRuns: 200 },
    );
  });
});

test('every kind is declared under the word of its subject, and what begins a subject is one of its kinds', () => {
  for (const kind of Object.keys(KINDS))
    expect([kind, kind === 'log.struck' || kind.split('.')[0]! in SUBJECTS]).toEqual([kind, true]);
  for (const [name, s] of Object.entries(SUBJECTS)) {
    expect(s.begins.startsWith(`${name}.`)).toBe(true);
    expect(KINDS[s.begins as keyof typeof KINDS]).toMatchObject({ fold: 'begins' });
  }
  expect(TRIP).not.toBe(fish);
});
