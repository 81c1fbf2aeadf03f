import { expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { isAbout, type Narrowing, passes } from './species-filter.ts';

const SPECIES = loadSpecies();
const ALL: Narrowing = { waters: null, build: null, danger: null, here: null, met: null };
const ids = (n: Partial<Narrowing>) => SPECIES.filter((s) => passes(s, { ...ALL, ...n })).map((s) => s.id);

test('nothing chosen lets all pass', () => expect(ids({})).toHaveLength(SPECIES.length));

test('waters, build, danger and what was met narrow the list, together too', () => {
  expect(ids({ waters: 'fresh' })).toEqual(expect.arrayContaining(['perch', 'eel', 'flounder']));
  expect(ids({ waters: 'fresh' })).not.toContain('pollack');
  expect(ids({ build: 'flat left' })).toEqual(expect.arrayContaining(['brill', 'turbot']));
  expect(ids({ build: 'flat left' })).not.toContain('plaice');
  expect(ids({ danger: 'venomous' })).toContain('stonefish');
  expect(ids({ danger: 'venomous' })).not.toContain('pike');
  expect(ids({ danger: 'poison' })).toContain('silver-cheeked-puffer');
  expect(ids({ danger: 'any', build: 'disc' })).toEqual(
    expect.arrayContaining(['common-stingray', 'spotted-ray', 'thornback-ray']),
  );
  expect(ids({ danger: 'venomous', build: 'disc' })).toEqual(['eagle-ray', 'common-stingray']);
  expect(ids({ met: new Set(['mackerel']) })).toEqual(['mackerel']);
});

test('in season here: on one of these grounds and in this month, over New Year too', () => {
  const whiting = SPECIES.find((s) => s.id === 'whiting')!;
  expect(whiting.months).toEqual([8, 4]);
  expect(isAbout(whiting, { grounds: ['sand'], month: 12 })).toBe(true);
  expect(isAbout(whiting, { grounds: ['sand'], month: 6 })).toBe(false);
  expect(isAbout(whiting, { grounds: ['lake'], month: 12 })).toBe(false);
  expect(ids({ here: { grounds: ['kelp reef'], month: 9 } })).not.toContain('lionfish');
});
