import { describe, expect, test } from '@jest/globals';
import { aRule, aRulePack, aSpecies } from '../../documents.test-support.ts';
import { anEntry, idOf } from '../../builders.test-support.ts';
import { MOST_FACTS_CHARS, validateEntry } from './validate.ts';
import { MOST_RULES_CHARS } from './of-own.ts';
import type { Kind } from './index.ts';

const answer = (kind: Kind, facts: object): string => {
  const e = anEntry(kind, idOf('x'), facts as never);
  const r = validateEntry(e, Date.parse(e.at) + 1000);
  return r.ok ? 'taken' : r.why;
};
const HASH = 'ab'.repeat(32);
const READING = {
  boardMm: [600, 200],
  corners: [
    [0.1, 0.3],
    [0.9, 0.3],
    [0.9, 0.7],
    [0.1, 0.7],
  ],
  points: { snout: [0.1, 0.5], tail: [0.8, 0.5] },
};
const picture = (more: object = {}): string =>
  answer('fish.pictured', { photo: HASH, width: 1600, height: 1200, ...more });

describe('a picture', () => {
  test.each<[string, object]>([
    ['alone', {}],
    ['with its clock', { takenAt: '2026-09-12T12:16:00' }],
    ['with a place', { position: [-9.4, 58.95] }],
    ['with a reading', { reading: READING }],
    ['with a point a little outside of it', { reading: { ...READING, points: { tail: [1.2, 0.5] } } }],
  ])('%s is taken', (_, more) => expect(picture(more)).toBe('taken'));

  test.each<[string, object, RegExp]>([
    ['named by a path', { photo: '../../etc/passwd' }, /64 hex digits/],
    ['named in capitals', { photo: HASH.toUpperCase() }, /64 hex digits/],
    ['of no width', { width: 0 }, /^Width: at least 1\.$/],
    ['with a place that is none', { position: [-9.4, 158] }, /longitude and a latitude/],
    ['with three corners', { reading: { ...READING, corners: READING.corners.slice(1) } }, /four corners/],
    ['with a point of another name', { reading: { ...READING, points: { wing: [0.5, 0.5] } } }, /four corners/],
    ['with a point far away', { reading: { ...READING, points: { tail: [9, 0.5] } } }, /four corners/],
    ['on a board of no size', { reading: { ...READING, boardMm: [0, 200] } }, /size of the board/],
    ['with a field nobody knows', { camera: 'a brand' }, /camera/],
  ])('%s is refused with a sentence', (_, more, says) => expect(picture(more)).toMatch(says));
});

describe('what is new of fish, trip and book', () => {
  test.each<[Kind, object]>([
    ['fish.measured', { lengthMm: 407, lengthKind: 'total', method: 'photo', sdMm: 9.2 }],
    ['fish.reported', { rule: 'salmon-report', to: 'the office' }],
    ['trip.moved', { zone: 'outer-bank', by: 'by hand' }],
    ['book.error', { method: 'mat', sdMm: 3 }],
    ['rules.added', { pack: aRulePack(), from: '2026-02-28' }],
    ['species.added', { pack: 'own', packName: 'Own', species: aSpecies() }],
  ])('%s %j is taken', (kind, facts) => expect(answer(kind, facts)).toBe('taken'));

  test.each<[Kind, object, RegExp]>([
    ['fish.measured', { lengthMm: 407, lengthKind: 'total', method: 'board', sdMm: 0 }, /0\.5 mm/],
    ['fish.measured', { lengthMm: 407, lengthKind: 'total', method: 'guess' }, /^Method: choose one/],
    ['fish.landed', { trip: 't', angler: 'a', count: 1, origin: 'stolen' }, /^Origin: choose one/],
    ['fish.reported', { rule: 'r', to: '' }, /to whom/],
    ['trip.moved', { zone: '', by: 'by hand' }, /Choose a zone/],
    ['trip.moved', { zone: 'z', by: 'a bird' }, /who says so/],
    ['book.error', { method: 'eye', sdMm: 30 }, /board, mat or tape/],
    ['book.error', { method: 'tape', sdMm: 400 }, /by eye/],
    ['rules.added', { pack: { id: 'p' }, from: '2026-02-28' }, /field "name" is missing/],
    ['rules.added', { pack: aRulePack(), from: '2026-02-31' }, /such as 2026-09-12/],
    ['rules.added', { pack: aRulePack({ rules: [null] }), from: '2026-02-28' }, /rules\.0: object, not null/],
    ['rules.added', { pack: aRulePack({ zones: [null] }), from: '2026-02-28' }, /zones\.0: object, not null/],
    ['rules.added', { pack: aRulePack({ timeZone: 'Skerrow/Time' }), from: '2026-02-28' }, /is not a time zone/],
    ['rules.added', { pack: aRulePack({ checked: '2026-02-31' }), from: '2026-02-28' }, /not a day of the calendar/],
    [
      'rules.added',
      { pack: aRulePack({ rules: [aRule({ inForce: { to: '2026-11-31' } })] }), from: '2026-02-28' },
      /not a day of the calendar/,
    ],
    ['species.added', { pack: 'own', packName: 'Own', species: aSpecies({ usualMm: 'long' }) }, /usualMm: array/],
    [
      'species.added',
      {
        pack: 'own',
        packName: 'Own',
        species: aSpecies({ figure: { id: 'x', like: 'pollack', scale: { back: -1 } } }),
      },
      /scale\.back/,
    ],
    ['member.joined', { name: 'Ilse', bornOn: '2012-02-31' }, /date of birth/],
    ['member.joined', { name: 'Ilse', licences: [{ name: 'permit', until: '2026-06-31' }] }, /last day/],
  ])('%s %j is refused with a sentence', (kind, facts, says) => expect(answer(kind, facts)).toMatch(says));

  test('a rule pack may be longer than anything else, and has an end too', () => {
    const pack = (chars: number): object => ({
      pack: aRulePack({
        rules: Array.from({ length: Math.ceil(chars / 1500) }, (_, i) =>
          aRule({ id: `r${i}`, sentence: 'x'.repeat(1400) }),
        ),
      }),
      from: '2026-02-28',
    });
    expect(answer('rules.added', pack(MOST_FACTS_CHARS * 2))).toBe('taken');
    expect(answer('rules.added', pack(MOST_RULES_CHARS))).toMatch(/too long/);
    expect(answer('fish.noted', { text: 'x'.repeat(MOST_FACTS_CHARS) })).toMatch(/too long/);
  });
});
