import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import {
  type AmountKind,
  celsius,
  CUSTOMARY,
  fahrenheit,
  fieldUnit,
  heavyNumber,
  lengthNumber,
  massParts,
  METRIC,
  readAmount,
  readUnits,
  sayDepth,
  sayDepths,
  sayDifference,
  sayDistance,
  sayGrams,
  sayGramsRange,
  sayHeavy,
  sayLength,
  sayMass,
  sayShortLength,
  sayTemperature,
  sayTime,
  sayVolume,
  shortLength,
  typedElsewhere,
  writeAmount,
} from './index.ts';

describe('how amounts are said', () => {
  it('says lengths to a tenth of a cm, inches by quarters or by hundredths', () => {
    expect([lengthNumber(440), lengthNumber(440, CUSTOMARY)]).toEqual(['44.0', '17.32']);
    expect([sayLength(438.15), sayLength(438.15, CUSTOMARY)]).toEqual(['43.8 cm', '17 1/4 in']);
    expect([shortLength(440), shortLength(438.15, CUSTOMARY), shortLength(304.8, CUSTOMARY)]).toEqual([
      '44',
      '17 1/4',
      '12',
    ]);
    expect([sayShortLength(380), sayShortLength(380, CUSTOMARY)]).toEqual(['38 cm', '14.96 in']);
  });
  it('rounds what is still missing up, so that it is enough', () => {
    expect([sayDifference(5.2), sayDifference(6), sayDifference(5.2, CUSTOMARY)]).toEqual([
      '0.6 cm',
      '0.6 cm',
      '0.21 in',
    ]);
    expect(sayDifference(25.4, CUSTOMARY)).toBe('1.00 in');
  });
  it.each([
    [790, '790 g', '1 lb 11.9 oz'],
    [999.6, '1000 g', '2 lb 3.3 oz'],
    [1310, '1.31 kg', '2 lb 14.2 oz'],
    [453.59237, '454 g', '1 lb'],
    [453.5, '454 g', '1 lb'],
    [350, '350 g', '12.3 oz'],
    [0, '0 g', '0 oz'],
    [5550, '5.55 kg', '12 lb 4 oz'],
    [-30, '-30 g', '−1.1 oz'],
  ])('says %p g as %p and %p', (g, metric, customary) => {
    expect([sayMass(g), sayMass(g, CUSTOMARY)]).toEqual([metric, customary]);
  });
  it('never says sixteen ounces', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 30_000, noNaN: true }), (g) => {
        const said = sayMass(g, CUSTOMARY);
        expect(said).toMatch(/^(\d+ lb|(\d+ lb )?(\d|1[0-5])(\.\d)? oz)$/);
        const back = readAmount('mass', said, CUSTOMARY)?.value ?? Number.NaN;
        expect(Math.abs(back - g)).toBeLessThan(g >= 4535 ? 14.5 : 1.5);
      }),
    );
  });
  it('keeps the grams of a kitchen scale whatever their number', () => {
    expect([sayGrams(1240.4), sayGrams(1240, CUSTOMARY)]).toEqual(['1240 g', '2 lb 11.7 oz']);
    expect(massParts(1240)).toEqual(['1.24', 'kg']);
    expect([sayGramsRange(400.4, 520), sayGramsRange(400, 520, CUSTOMARY)]).toEqual([
      '400 to 520 g',
      '14.1 oz to 1 lb 2.3 oz',
    ]);
    expect([sayDepths(5, 40), sayDepths(5, 40, CUSTOMARY)]).toEqual(['5 to 40 m', '16 to 131 ft']);
  });
  it('says ice, water, boxes, ways and hours', () => {
    expect([sayHeavy(8), sayHeavy(8, CUSTOMARY), heavyNumber(1.256)]).toEqual(['8 kg', '17.6 lb', '1.26']);
    expect([sayTemperature(12.5), sayTemperature(12.5, CUSTOMARY), sayTemperature(-20)]).toEqual([
      '12.5°',
      '54.5°F',
      '−20°',
    ]);
    expect([sayVolume(52), sayVolume(52, CUSTOMARY)]).toEqual(['52 l', '13.7 gal']);
    expect([sayDistance(2), sayDistance(1.852, CUSTOMARY)]).toEqual(['2 km', '1 nm']);
    expect(['00:05', '12:00', '14:20', '23:59'].map((t) => sayTime(t, CUSTOMARY))).toEqual([
      '12:05 am',
      '12:00 pm',
      '2:20 pm',
      '11:59 pm',
    ]);
    expect(sayTime('14:20')).toBe('14:20');
  });
  it('knows where both scales of temperature meet', () => {
    expect([fahrenheit(-40), celsius(-40), fahrenheit(100), celsius(32)]).toEqual([-40, -40, 212, 0]);
  });
});

describe('what is typed', () => {
  const value = (kind: AmountKind, text: string, units = METRIC): number | undefined =>
    readAmount(kind, text, units)?.value;
  it.each([
    ['length', '44', METRIC, 440, null],
    ['length', '44,5', METRIC, 445, null],
    ['length', '17.25', CUSTOMARY, 438.15, '17.25 in'],
    ['length', '17 1/4', CUSTOMARY, 438.15, '17.25 in'],
    ['length', '17¼"', METRIC, 438.15, '17.25 in'],
    ['length', '½ in', METRIC, 12.7, '0.5 in'],
    ['length', '1 ft 5', METRIC, 431.8, '1 ft 5 in'],
    ['length', '1\'5"', METRIC, 431.8, '1 ft 5 in'],
    ['length', '440 mm', CUSTOMARY, 440, '440 mm'],
    ['length', '44 cm', CUSTOMARY, 440, null],
    ['mass', '790', METRIC, 790, null],
    ['mass', '1.31 kg', METRIC, 1310, '1.31 kg'],
    ['mass', '46.2', CUSTOMARY, 1309.75, '46.2 oz'],
    ['mass', '2 lb 14.2 oz', METRIC, 1309.75, '2 lb 14.2 oz'],
    ['mass', '2lb 14', CUSTOMARY, 1304.08, '2 lb 14 oz'],
    ['heavy', '8', METRIC, 8, null],
    ['heavy', '20', CUSTOMARY, 9.07, '20 lb'],
    ['temperature', '12,5', METRIC, 12.5, null],
    ['temperature', '54', CUSTOMARY, 12.22, '54 °F'],
    ['temperature', '54 F', METRIC, 12.22, '54 °F'],
    ['temperature', '−2°', METRIC, -2, null],
    ['volume', '14', CUSTOMARY, 53, '14 gal'],
    ['volume', '52 litres', CUSTOMARY, 52, null],
  ] as const)('reads %s %p', (kind, text, units, kept, typed) => {
    expect(readAmount(kind, text, units)).toMatchObject({ value: kept, typed });
  });
  it.each([
    ['length', 'long'],
    ['length', '44 kg'],
    ['length', '1.2.3'],
    ['length', '17 1/'],
    ['length', '1/0'],
    ['length', '1 ft 5 oz'],
    ['length', '1 cm 5 mm'],
    ['mass', '2 lb 14 in'],
    ['temperature', '12 K'],
    ['mass', '4 5'],
  ] as const)('takes %s %p for none', (kind, text) => {
    expect(value(kind, text)).toBeNaN();
  });
  it('takes nothing for nothing', () => expect(readAmount('length', '  ')).toBeNull());
  it('says whether a unit was named beside the field’s own', () => {
    expect(readAmount('length', '17 in', METRIC)?.named).toBe(true);
    expect(readAmount('length', '44 cm', METRIC)?.named).toBe(false);
    expect(readAmount('length', '44', METRIC)?.named).toBe(false);
  });
  it('writes into a field what it reads out of it', () => {
    const kinds: AmountKind[] = ['length', 'mass', 'heavy', 'temperature', 'volume'];
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.integer({ min: 1, max: 99_999 }),
        fc.boolean(),
        (kind, n, customary) => {
          const units = customary ? CUSTOMARY : METRIC;
          const typed = String(n / 10);
          const kept = value(kind, typed, units) ?? Number.NaN;
          expect(Math.abs(Number(writeAmount(kind, kept, units)) - n / 10)).toBeLessThan(0.051);
        },
      ),
    );
    expect([writeAmount('length', 440), writeAmount('length', 440, CUSTOMARY)]).toEqual(['44', '17.32']);
    expect([fieldUnit('mass'), fieldUnit('mass', CUSTOMARY), fieldUnit('temperature', CUSTOMARY)]).toEqual([
      'g',
      'oz',
      '°F',
    ]);
  });
  it('tells how it was typed only to those who read another unit', () => {
    expect(typedElsewhere('length', '17.25 in', METRIC)).toBe('17.25 in');
    expect(typedElsewhere('length', '17.25 in', CUSTOMARY)).toBeNull();
    expect(typedElsewhere('mass', '2 lb 14 oz', CUSTOMARY)).toBeNull();
    expect(typedElsewhere('mass', '2 lb', CUSTOMARY)).toBeNull();
    expect(typedElsewhere('mass', '1.31 kg', CUSTOMARY)).toBe('1.31 kg');
    expect(typedElsewhere('mass', undefined, CUSTOMARY)).toBeNull();
    expect(typedElsewhere('mass', '1.31 kg', METRIC)).toBeNull();
    expect(typedElsewhere('temperature', '54 °F', METRIC)).toBe('54 °F');
    expect(typedElsewhere('temperature', '54 °F', CUSTOMARY)).toBeNull();
  });
});

describe('what was chosen', () => {
  it('takes what it does not know for the usual', () => {
    expect(readUnits(null)).toEqual(METRIC);
    expect(readUnits('in')).toEqual(METRIC);
    expect(readUnits({ length: 'in', mass: 'stone', clock: '12' })).toEqual({ ...METRIC, length: 'in', clock: '12' });
    expect(readUnits(CUSTOMARY)).toEqual(CUSTOMARY);
  });
});

it('depths of water, in metres, feet and fathoms', () => {
  const imperial = { ...METRIC, length: 'in' } as const;
  expect(readAmount('depth', '24')).toEqual({ value: 24, typed: null, named: false });
  expect(readAmount('depth', '5 fathoms')).toEqual({ value: 9.14, typed: '5 fathom', named: true });
  expect(readAmount('depth', '80', imperial)).toMatchObject({ value: 24.38, typed: '80 ft' });
  expect([fieldUnit('depth'), fieldUnit('depth', imperial), writeAmount('depth', 24.38, imperial)]).toEqual([
    'm',
    'ft',
    '80',
  ]);
  expect([sayDepth(24), sayDepth(24, imperial), sayDepths(5, 40, imperial)]).toEqual(['24 m', '79 ft', '16 to 131 ft']);
});
