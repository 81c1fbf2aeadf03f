import { describe, expect, test } from '@jest/globals';
import { anEntry, at, BOX, idOf, ILSE, tripStarted, wholeLine } from '../../builders.test-support.ts';
import { aRule } from '../../documents.test-support.ts';
import { isKind, KINDS, subjectKindOf, validateEntry } from '../../index.ts';

const NOW = Date.parse('2026-09-14T12:00:00+01:00');
const fish = idOf('f');
const good = anEntry('fish.measured', fish, { lengthMm: 440, lengthKind: 'total', method: 'board' });
const whyNot = (raw: unknown): { why: string; field?: string } => {
  const r = validateEntry(raw, NOW);
  if (r.ok) throw new Error('it was taken');
  return r;
};

describe('what an entry is', () => {
  test('a whole line of custody is taken, entry by entry', () => {
    for (const e of wholeLine()) expect(validateEntry(e, NOW)).toEqual({ ok: true, entry: e });
  });

  test.each([null, 7, 'fish', [], undefined])('%p is none', (raw) => {
    expect(whyNot(raw).why).toContain('An entry is an object');
  });

  test.each([
    ['id', 'x', 'UUID'],
    ['id', idOf('a').toUpperCase(), 'UUID'],
    ['subject', '', 'UUID'],
    ['amends', 'not-an-id', 'id of another entry'],
    ['at', '2026-09-12', 'time of the calendar with its offset'],
    ['at', '2026-09-12T14:20:00', 'time of the calendar with its offset'],
    ['at', '2026-13-45T14:20:00Z', 'time of the calendar with its offset'],
    ['at', '2026-02-31T12:00:00Z', 'time of the calendar with its offset'],
    ['written', '2026-09-12T24:00:00Z', 'time of the calendar with its offset'],
    ['at', '2026-09-12T12:00:00.1234567891Z', 'time of the calendar with its offset'],
    ['written', 12, 'time of the calendar with its offset'],
    ['member', '', 'short text'],
    ['device', 'd'.repeat(61), 'short text'],
    ['about', 'yes', 'true or false'],
    ['because', 7, 'text of at most 500'],
    ['facts', [], 'is an object'],
    ['facts', null, 'is an object'],
  ])('%s: %p is refused and named', (field, value, words) => {
    const r = whyNot({ ...good, [field]: value });
    expect(r.why).toContain(words);
    expect(r.field).toBe(field);
  });

  test('an unknown field beside the facts is refused and named', () => {
    expect(whyNot({ ...good, colour: 'green' })).toEqual({
      ok: false,
      why: 'This book does not know the field "colour".',
      field: 'colour',
    });
  });

  test('an unknown field among the facts is refused and named', () => {
    expect(whyNot({ ...good, facts: { ...good.facts, colour: 'green' } })).toMatchObject({ field: 'colour' });
  });

  test('an unknown kind is refused: a newer version may know it', () => {
    expect(whyNot({ ...good, kind: 'fish.sung' }).why).toContain('fish.sung');
    expect(whyNot({ ...good, kind: 'toString' }).field).toBe('kind');
  });

  test('what is still to come is refused, but clocks may differ by ten minutes', () => {
    expect(whyNot({ ...good, at: '2026-09-14T12:11:00+01:00' })).toMatchObject({ field: 'at' });
    expect(validateEntry({ ...good, at: '2026-09-14T12:09:00+01:00' }, NOW).ok).toBe(true);
  });

  test('an entry corrects or strikes, not both; striking goes with its own kind', () => {
    expect(whyNot({ ...good, amends: idOf('x'), strikes: idOf('y') }).field).toBe('strikes');
    expect(whyNot({ ...good, strikes: idOf('y') }).why).toContain('log.struck');
    expect(whyNot({ ...good, kind: 'log.struck', facts: {} }).why).toContain('log.struck');
    expect(validateEntry(anEntry('log.struck', fish, {}, { strikes: good.id }), NOW).ok).toBe(true);
  });

  test('facts of absurd size are refused', () => {
    expect(whyNot({ ...good, facts: { ...good.facts, x: 'x'.repeat(30_000) } }).why).toContain('too long');
  });
});

describe('facts of each kind', () => {
  const m = { lengthKind: 'total', method: 'board' } as const;
  test.each([
    ['fish.measured', { ...m, lengthMm: 0 }, 'lengthMm', 'above 0'],
    ['fish.measured', { ...m, lengthMm: -40 }, 'lengthMm', 'above 0'],
    ['fish.measured', { ...m, lengthMm: Number.NaN }, 'lengthMm', ''],
    ['fish.measured', { ...m, lengthMm: '440' }, 'lengthMm', ''],
    ['fish.measured', { ...m, lengthMm: 6000 }, 'lengthMm', 'unit'],
    ['fish.measured', { lengthMm: 440, lengthKind: 'nose', method: 'board' }, 'lengthKind', ''],
    ['fish.weighed', { massG: 0, how: 'scale' }, 'massG', 'above 0'],
    ['fish.weighed', { massG: 400, how: 'guess' }, 'how', 'weighed or estimated'],
    ['fish.landed', { trip: idOf('t'), angler: ILSE, count: 0 }, 'count', 'At least one'],
    ['fish.landed', { trip: idOf('t'), angler: ILSE, count: 1.5 }, 'count', 'whole fish'],
    ['fish.landed', { angler: ILSE, count: 1 }, 'trip', ''],
    ['fish.released', { reason: 'ugly' }, 'reason', 'why it was released'],
    ['fish.dispatched', {}, 'how', 'how it was killed'],
    ['fish.iced', { box: '', how: 'slurry' }, 'box', 'Choose the box'],
    ['trip.started', { waters: 'w', zone: 'z', from: 'boat', crew: [] }, 'crew', 'who is coming'],
    ['trip.started', { waters: 'w', zone: '', from: 'boat', crew: [ILSE] }, 'zone', 'Choose a zone'],
    ['trip.started', { waters: 'w', zone: 'z', from: 'boat', crew: [ILSE], iceKg: -1 }, 'iceKg', 'less than 0'],
    ['cut.started', { fish: [], route: 'wings', by: ILSE }, 'fish', 'at least one fish'],
    ['cut.weighed', { stage: 'boiled', massG: 4 }, 'stage', 'which stage'],
    [
      'pack.stored',
      { number: 1, what: '', species: 'p', form: 'fillets', massG: 9, wrapping: 'bag', place: 'fridge', fish: [] },
      'what',
      'what is in the pack',
    ],
    [
      'meal.served',
      { name: 'x', cook: ILSE, method: 'roasted', packs: [], eaters: [ILSE] },
      'packs',
      'at least one pack',
    ],
    [
      'meal.served',
      { name: 'x', cook: ILSE, method: 'roasted', packs: [{ pack: idOf('p'), massG: 0 }], eaters: [ILSE] },
      'packs.0.massG',
      'more than 0',
    ],
    [
      'meal.served',
      { name: 'x', cook: ILSE, method: 'roasted', packs: [{ pack: idOf('p'), massG: 5, salt: 1 }], eaters: [ILSE] },
      'packs.0.salt',
      'does not know',
    ],
    ['meal.rated', { eater: ILSE, mark: 6 }, 'mark', '1 to 5'],
    ['fish.noted', { text: '' }, 'text', 'note'],
    ['member.joined', { name: '' }, 'name', 'Enter a name'],
    ['box.added', { name: 'b', litres: 0 }, 'litres', 'at least 1 litre'],
  ])('%s with %j is refused at %s', (kind, facts, field, words) => {
    const r = whyNot({ ...good, kind, facts });
    expect(r.field).toBe(field);
    expect(r.why).toContain(words);
  });

  test.each([
    [{ bornOn: '2012-05-31', licences: [] }, true],
    [{ licences: [{ name: 'lake permit', until: '2026-12-31' }] }, true],
    [{ bornOn: '31 May 2012' }, false],
    [{ licences: [{ name: '', until: '2026-12-31' }] }, false],
    [{ licences: [{ name: 'lake permit', until: 'soon' }] }, false],
    [{ licences: 'all' }, false],
  ])('papers %j: taken %s', (papers, ok) => {
    const e = anEntry('member.joined', idOf('m'), { name: 'Marit', ...papers } as never, { at: at('12:00') });
    expect(validateEntry(JSON.parse(JSON.stringify(e)), Date.parse(at('13:00'))).ok).toBe(ok);
  });

  test.each([
    [aRule(), true],
    [aRule({ species: 'all' }), false],
    [aRule({ sentence: undefined }), false],
    [aRule({ most: 'two' }), false],
    [aRule({ most: undefined }), false],
    [aRule({ kind: 'bag' }), false],
    [aRule({ inForce: { from: '2026-02-31' } }), false],
    [aRule({ colour: 'green' }), false],
    [aRule({ kind: 'closedDays', most: undefined, days: ['Monday'] }), true],
    [aRule({ kind: 'closedDays', most: undefined, days: 3 }), false],
    [null, false],
  ])('a rule of one’s own %j: taken %s', (rule, ok) => {
    const e = anEntry('rule.set', idOf('r'), { waters: 'skerrow-isles', rule } as never, { at: at('12:00') });
    expect(validateEntry(JSON.parse(JSON.stringify(e)), Date.parse(at('13:00'))).ok).toBe(ok);
  });

  test('every kind has a subject, but the strike', () => {
    for (const kind of Object.keys(KINDS)) {
      expect(isKind(kind)).toBe(true);
      if (isKind(kind)) expect(subjectKindOf(kind) === null).toBe(kind === 'log.struck');
    }
    expect(validateEntry(tripStarted(), NOW).ok).toBe(true);
    expect(
      validateEntry(anEntry('fish.iced', fish, { box: BOX, how: 'slurry' }, { at: at('12:00'), about: true }), NOW).ok,
    ).toBe(true);
  });
});

test('fields of every object keep their names: __proto__ is one that nobody knows', () => {
  const packs = JSON.parse('[{ "pack": "x", "massG": 5, "__proto__": { "massG": 1 } }]') as unknown;
  const meal = { name: 'x', cook: ILSE, method: 'grilled', packs, eaters: [ILSE] };
  expect(whyNot({ ...good, kind: 'meal.served', facts: meal }).field).toBe('packs.0.__proto__');
  const facts = JSON.parse('{ "lengthMm": 440, "lengthKind": "total", "method": "board", "__proto__": {} }') as unknown;
  expect(whyNot({ ...good, facts }).field).toBe('__proto__');
  expect(whyNot({ ...good, facts: JSON.parse('{ "__proto__": { "lengthMm": 440 } }') as unknown }).field).toBe(
    '__proto__',
  );
  for (const name of ['constructor', 'toString', 'hasOwnProperty'])
    expect(whyNot({ ...good, facts: { ...good.facts, [name]: 1 } }).field).toBe(name);
  for (const list of [[null], ['x'], [[1]], {}, 'x', null])
    expect(whyNot({ ...good, kind: 'meal.served', facts: { ...meal, packs: list } }).field).toMatch(/^packs/);
});

test('facts that are nested without end are refused, however deep', () => {
  for (const deep of [13, 2000, 100_000]) {
    let facts: object = {};
    for (let i = 0; i < deep; i++) facts = i % 2 ? [facts] : { a: facts };
    expect(whyNot({ ...good, facts: { deep: facts } }).why).toMatch(/too deep/);
  }
});

describe('texts', () => {
  const said = (text: string, more: object = {}) =>
    validateEntry(anEntry('fish.noted', idOf('a'), { text }, more), Number.MAX_SAFE_INTEGER);
  test.each(['a\u0000b', 'Ilse\u202egpj.exe', 'x\u2028y', '\u001b[2J'])(
    'with signs that nobody sees are asked for anew: %j',
    (text) => {
      expect(said(text)).toMatchObject({
        ok: false,
        field: 'text',
        why: expect.stringContaining('invisible characters'),
      });
      expect(said('well', { because: text })).toMatchObject({ ok: false, field: 'because' });
    },
  );
  test('of several lines, in any writing, are taken', () => expect(said('naïve\n\tsecond, سمك 鯖 🐟').ok).toBe(true));
  test('a line that corrects or strikes itself is none', () => {
    const e = anEntry('fish.noted', idOf('a'), { text: 'x' });
    const why = { ok: false, why: 'An entry cannot correct itself or cross itself out.' };
    expect(validateEntry({ ...e, amends: e.id }, Number.MAX_SAFE_INTEGER)).toMatchObject(why);
    expect(
      validateEntry({ ...e, kind: 'log.struck', facts: {}, strikes: e.id }, Number.MAX_SAFE_INTEGER),
    ).toMatchObject(why);
  });
});
