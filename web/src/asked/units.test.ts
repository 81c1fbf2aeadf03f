import { describe, expect, it, test } from '@jest/globals';
import { CUSTOMARY } from '@dagboek/core/units';
import type { Field } from '@dagboek/journal';

// The units of a device are read once, when the page opens: here they are inches and pounds.
globalThis.localStorage = {
  getItem: (key: string) => (key === 'dagboek.units' ? JSON.stringify(CUSTOMARY) : null),
} as unknown as Storage;
const { amountTrouble, asTyped, inField, sayNamed, typedAmount, units } = await import('./units.ts');
const { draftOf, factsFrom } = await import('./draft.ts');
const { bodyOf, draftOfRule } = await import('../features/plan/rule-fields.ts');

describe('units of this device', () => {
  it('are those that were chosen', () => expect(units).toEqual(CUSTOMARY));
  it('leave an amount that was not touched as exact as it was', () => {
    expect(inField('mass', 1310)).toBe('46.2');
    expect(typedAmount('mass', '46.2', 1310)).toEqual({ value: 1310, typed: null, named: false });
    expect(typedAmount('mass', '46.3', 1310)).toMatchObject({ value: 1312.58, typed: '46.3 oz' });
  });
  it('keep what was typed beside what it comes to', () => {
    const read = { lengthMm: typedAmount('length', '17 1/4'), longestMm: null, massG: typedAmount('mass', '790 g') };
    expect(asTyped(read)).toEqual({ typed: { lengthMm: '17.25 in' } });
    expect(asTyped({ lengthMm: typedAmount('length', '44 cm') })).toEqual({});
  });
  it('say what another unit comes to, and what cannot be read', () => {
    expect(sayNamed('length', '44 cm')).toBe('17.32 in');
    expect(sayNamed('length', '17.32')).toBeNull();
    expect(sayNamed('length', 'long')).toBeNull();
    expect(amountTrouble('length', 'long', 'length')).toBe(
      '“long” cannot be read: length was not saved. Write it like 17 1/4.',
    );
    expect(amountTrouble('length', '', 'length')).toBeNull();
  });
});

test('a rule that is changed in inches keeps the length that was not touched', () => {
  const rule = {
    id: 'least',
    kind: 'minimumSize',
    species: ['pollack'],
    leastMm: 380,
    length: 'total',
    sentence: 's',
    source: 's',
  } as const;
  const draft = draftOfRule(rule);
  expect(draft['leastMm']).toBe('14.96');
  expect(bodyOf('minimumSize', draft, rule)['leastMm']).toBe(380);
  expect(bodyOf('minimumSize', { ...draft, leastMm: '15' }, rule)['leastMm']).toBe(381);
  expect(bodyOf('minimumSize', { ...draft, leastMm: 'long' }, rule)['leastMm']).toBeNaN();
});

describe('a correction of an amount', () => {
  const fields: Field[] = [
    { name: 'lengthMm', label: 'Length', type: 'amount', amount: 'length' },
    { name: 'note', label: 'Note', type: 'text' },
  ];
  const facts = { lengthMm: 440, note: 'by hand', typed: { lengthMm: '17.3 in', massG: '2 lb' } };
  it('changes nothing that stands as it stood', () => {
    const draft = draftOf(fields, facts);
    expect(draft).toEqual({ lengthMm: '17.32', note: 'by hand' });
    expect(factsFrom(fields, draft, facts)).toEqual(facts);
  });
  it('takes the new number with the way it was typed, and drops the old way', () => {
    expect(factsFrom(fields, { lengthMm: '18', note: 'x' }, facts)).toEqual({
      lengthMm: 457.2,
      note: 'x',
      typed: { lengthMm: '18 in', massG: '2 lb' },
    });
    expect(
      factsFrom(fields, { lengthMm: '46 cm', note: 'x' }, { lengthMm: 440, typed: { lengthMm: '17.3 in' } }),
    ).toEqual({ lengthMm: 460, note: 'x' });
  });
  it('is NaN, and so refused, when it cannot be read', () => {
    expect(factsFrom(fields, { lengthMm: 'long' }, facts)['lengthMm']).toBeNaN();
    expect(factsFrom(fields, { lengthMm: ' ' }, facts)['lengthMm']).toBeNaN();
  });
});
