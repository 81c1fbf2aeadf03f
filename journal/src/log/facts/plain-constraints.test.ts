import { describe, expect, test } from '@jest/globals';
import { validateSync } from 'class-validator';
import { anEntry, idOf, ILSE } from '../../builders.test-support.ts';
import { KINDS } from '../kinds/index.ts';
import { sayConstraint, validateEntry } from '../../index.ts';

const why = (entry: ReturnType<typeof anEntry>): string => {
  const r = validateEntry(JSON.parse(JSON.stringify(entry)), Date.parse('2026-09-12T14:00:00Z'));
  return r.ok ? 'taken' : r.why;
};

describe('what is wrong with a field', () => {
  test('is said in words, with the number that counts', () => {
    expect(why(anEntry('member.joined', ILSE, { name: 'x'.repeat(300) }))).toBe('The name: at most 60 letters.');
    expect(why(anEntry('trip.noted', idOf('t'), { text: 'x'.repeat(5600) }))).toBe('The remark: at most 2000 letters.');
  });
  test('of what is missing it is said that it is missing', () => {
    expect(why(anEntry('member.joined', ILSE, {} as never))).toBe('Enter a name.');
    expect(
      sayConstraint({
        property: 'waters',
        value: undefined,
        constraints: { maxLength: 'waters must be shorter than or equal to 60 characters' },
      }),
    ).toBe('Waters: it is missing.');
  });
  test('a sentence of its own is said as it is', () => {
    const constraints = { min: 'Enter a length above 0.', isNumber: 'lengthMm must be a number' };
    expect(sayConstraint({ property: 'lengthMm', value: 0, constraints })).toBe('Enter a length above 0.');
  });
  test('whatever is thrown at whichever kind, no text of the library is said', () => {
    const odd = [null, -1e9, 1e12, 'x'.repeat(900), [], {}, [1, 2], [{}], true];
    for (const [kind, { facts }] of Object.entries(KINDS)) {
      const names = new Set(
        validateSync(new (facts as new () => object)(), { forbidUnknownValues: false }).map((e) => e.property),
      );
      for (const name of names)
        for (const v of odd) {
          const instance = Object.assign(new (facts as new () => object)(), { [name]: v });
          for (const e of validateSync(instance, { forbidUnknownValues: false }))
            if (e.constraints)
              expect([kind, name, sayConstraint(e)]).toEqual([
                kind,
                name,
                expect.not.stringMatching(/must|equal to|characters|each value|property/),
              ]);
        }
    }
  });
});
