import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import type { Trait } from '@dagboek/core/key';
import type { FigureFile } from '@dagboek/figure';
import {
  type Known,
  MOST_BYTES,
  readPack,
  resolveSpecies,
  type Species,
  type SpeciesFile,
  writeTraitMatrix,
} from './index.ts';

const read = (path: string): unknown =>
  JSON.parse(readFileSync(new URL(`../../packs/${path}`, import.meta.url), 'utf8'));
const TRAITS = (read('key/traits.json') as { traits: Trait[] }).traits;
const figure = (id: string): FigureFile | undefined => {
  try {
    return read(`figures/${id}.json`) as FigureFile;
  } catch {
    return undefined;
  }
};
const shippedFile = (id: string): SpeciesFile => read(`species/cold-coast/${id}.json`) as SpeciesFile;
const shipped: Species[] = ['pollack', 'greater-weever', 'mackerel'].map((id) =>
  resolveSpecies(shippedFile(id), { traits: TRAITS, pack: 'cold-coast', figure }),
);
const known = (more: Partial<Known> = {}): Known => ({ traits: TRAITS, shipped, own: [], inUse: {}, ...more });

/** A species of one's own, after pollack. */
const mine = (more: Partial<SpeciesFile> = {}): SpeciesFile => ({
  ...shippedFile('pollack'),
  id: 'skerrow-pollack',
  name: 'Skerrow pollack',
  lookalikes: [{ id: 'pollack', trait: 'colour', mark: 'It is greener.' }],
  figure: { id: 'skerrow-pollack', like: 'pollack', harms: { 'gill cover': 'harmless', mouth: 'harmless' } },
  ...more,
});
const packOf = (...species: unknown[]): string =>
  JSON.stringify({ id: 'my-coast', name: 'My coast', about: 'Fish of my coast.', species });
const tryPack = (text: string, k = known(), name = 'mine.json') => readPack(name, text.length, text, k);
const says = (text: string, k = known(), name = 'mine.json') =>
  tryPack(text, k, name)
    .faults.map((f) => f.say)
    .join('\n');

describe('a pack read from JSON', () => {
  test('tells what it would add', () => {
    const p = tryPack(packOf(mine()));
    expect(p.faults).toEqual([]);
    expect(p.pack).toMatchObject({ id: 'my-coast', name: 'My coast' });
    expect(p.changes.map((c) => [c.what, c.file.id])).toEqual([['added', 'skerrow-pollack']]);
    expect(p.removed).toEqual([]);
  });

  test('tells what it would change and take away against an earlier import', () => {
    const own = [mine(), mine({ id: 'old-fish', name: 'Old fish' })].map((file) => ({ pack: 'my-coast', file }));
    const p = tryPack(packOf(mine({ maxMm: 1400 })), known({ own }));
    expect(p.changes).toMatchObject([{ what: 'changed', fields: ['maxMm'] }]);
    expect(p.removed.map((r) => r.id)).toEqual(['old-fish']);
    expect(tryPack(packOf(mine()), known({ own: own.slice(0, 1) })).changes[0]?.what).toBe('same');
  });

  test('takes a single species as a pack of one', () => {
    expect(tryPack(JSON.stringify(mine())).changes).toHaveLength(1);
  });

  test('a missing field is named with its species', () => {
    const { grip, ...rest } = mine();
    void grip;
    expect(says(packOf(rest))).toBe('skerrow-pollack: the field "grip" is missing.');
    expect(says('{"id":"x-y","name":"X","species":[]}')).toContain('the field "about" is missing.');
  });

  test.each([
    [
      'a field that is not known',
      mine({ wings: 2 } as never),
      'there is no field "wings"; remove it or correct its name.',
    ],
    ['a word that is not allowed', mine({ fat: 'greasy' as never }), 'fat: one of lean, oily.'],
    [
      'probabilities that do not sum',
      mine({ traits: { ...mine().traits, tail: { forked: 0.5, straight: 0.2 } } }),
      'the states of trait "tail" sum to 0.7, not 1',
    ],
    [
      'a state that is not there',
      mine({ traits: { ...mine().traits, tail: { curly: 1 } } }),
      'trait "tail" has no state "curly"',
    ],
    [
      'a trait that is not there',
      mine({ traits: { ...mine().traits, whistle: { loud: 1 } } }),
      '"whistle" is not a trait of the key',
    ],
    [
      'silence about a trait without a usual state',
      mine({ traits: {} }),
      'say something of "plan" (What build is it?)',
    ],
    ['lengths the wrong way round', mine({ usualMm: [650, 350] }), 'usualMm: two lengths, the shorter first'],
    [
      'a lookalike nobody knows',
      mine({ lookalikes: [{ id: 'krill', trait: 'colour', mark: 'It is small.' }] }),
      'lookalikes: "krill" is in no catalogue.',
    ],
    [
      'a figure silent about harm',
      mine({ figure: { id: 'skerrow-pollack', like: 'pollack' } }),
      'say harmless, sharp or venomous of the gill cover, mouth',
    ],
    [
      'a figure like nothing',
      mine({ figure: { id: 'skerrow-pollack', like: 'krill' } }),
      'is like "krill", which is not there',
    ],
    [
      'a venomous fin that the words keep quiet',
      mine({
        figure: {
          id: 'skerrow-pollack',
          like: 'greater-weever',
          harms: { 'first dorsal': 'venomous', 'gill spines': 'sharp', 'gill cover': 'harmless', mouth: 'harmless' },
        },
      }),
      'the figure calls the first dorsal venomous, and no hazard speaks of it.',
    ],
    [
      'a hazard of a part that is not there',
      mine({ hazards: [{ kind: 'sharp', part: 'horn', where: 'A horn.', does: 'It pricks.', grip: 'Beware.' }] }),
      'the figure has no part "horn"',
    ],
    [
      'never raw without a poison',
      mine({ raw: { verdict: 'never', why: 'It is bad.' } }),
      'needs a hazard of the kind poison',
    ],
    [
      'the id of a fish that ships',
      mine({ id: 'pollack' }),
      'pollack ships with the book and is never overwritten: give yours another id, such as "pollack-own".',
    ],
  ])('%s is told', (_, file, say) => {
    const p = tryPack(packOf(file));
    expect(p.faults.map((f) => f.say).join('\n')).toContain(say);
    expect([p.pack, p.changes]).toEqual([null, []]);
  });

  test('duplicate ids', () => {
    expect(says(packOf(mine(), mine()))).toContain('skerrow-pollack is in this file twice');
  });

  test('an id of another pack of one’s own', () => {
    const own = [{ pack: 'other', file: mine() }];
    expect(says(packOf(mine()), known({ own }))).toContain('came with the pack "other": take that back first');
  });

  test('a species in use that the new file leaves out', () => {
    const own = [mine(), mine({ id: 'old-fish', name: 'Old fish' })].map((file) => ({ pack: 'my-coast', file }));
    const p = tryPack(packOf(mine()), known({ own, inUse: { 'old-fish': 3 } }));
    expect(p.faults[0]?.say).toBe(
      'This file leaves out Old fish, and 3 fish in the log carry that name. Keep it in the file, or change the species of those fish first.',
    );
    expect(p.removed).toEqual([]);
  });

  test('a 20 MB file is not even read', () => {
    expect(readPack('big.json', 20_000_000, '{', known()).faults[0]?.say).toBe(
      'big.json is 20 MB long, and at most 2 MB are read. Split the pack into smaller ones, and leave photographs out.',
    );
    expect(MOST_BYTES).toBe(2_000_000);
  });

  test('one species that would not fit an entry', () => {
    expect(
      says(
        packOf(
          mine({
            names: {
              de: Array.from({ length: 20 }, () => 'x'.repeat(600)),
              fr: Array.from({ length: 20 }, () => 'y'.repeat(600)),
            },
          }),
        ),
      ),
    ).toContain('is longer than 18000 letters');
  });

  test('what is no JSON, and what is empty', () => {
    expect(says('{"id": ')).toBe('mine.json is not JSON: it ends in the middle. Correct it, or export it again.');
    expect(says('[1,\n2,\n3 4]')).toBe('mine.json is not JSON, from line 3 on. Correct it, or export it again.');
    expect(says('{"id": tru}')).toBe('mine.json is not JSON. Correct it, or export it again.');
    expect(says('  ')).toBe('mine.json is empty. Choose the file of a pack.');
  });
});

describe('a trait matrix read from CSV', () => {
  const matrix = (lines: string[]): string => ['id,name,latin,like,tail,colour', ...lines].join('\n');
  const tryCsv = (text: string) => readPack('Bay fish.csv', text.length, text, known());

  test('takes the rest from the species it is like, marked to be checked, with no danger fewer', () => {
    const p = tryCsv(matrix(['bay-weever,Bay weever,Trachinus sp.,greater-weever,straight,"brown 0.7, yellow 0.3"']));
    expect(p.faults).toEqual([]);
    expect(p.pack).toMatchObject({ id: 'bay-fish', name: 'Bay fish' });
    const f = p.changes[0]?.file;
    expect(f).toMatchObject({
      id: 'bay-weever',
      confidence: 'check',
      traits: { tail: { straight: 1 }, colour: { brown: 0.7, yellow: 0.3 } },
    });
    expect(f?.hazards.filter((h) => h.kind === 'venomous')).toHaveLength(2);
    expect(f?.lookalikes[0]?.id).toBe('greater-weever');
  });

  test.each([
    [
      'semicolons',
      'id;name;latin;like\na;b;c;pollack',
      'Bay fish.csv separates its columns with semicolons. Save it with commas',
    ],
    ['tabs', 'id\tname\tlatin\tlike\na\tb\tc\tpollack', 'separates its columns with tabs'],
    ['a missing column', 'id,name,latin\na,b,c', 'has no column "like"'],
    [
      'a column that is no trait',
      'id,name,latin,like,hat\na,b,c,pollack,tall',
      'the column "hat" is not a trait of the key',
    ],
    [
      'a model nobody knows',
      matrix(['a-b,B,C,krill,straight,brown']),
      'line 2: like "krill" is not a species that comes with the app',
    ],
    ['a cell that is no state', matrix(['a-b,B,C,pollack,0.4,brown']), 'line 2, tail: "0.4" is no state'],
    ['a state that is not there', matrix(['a-b,B,C,pollack,curly,brown']), 'trait "tail" has no state "curly"'],
    [
      'probabilities that do not sum',
      matrix(['a-b,B,C,pollack,"straight 0.4, notched 0.4",brown']),
      'sum to 0.8, not 1',
    ],
  ])('%s: a sentence', (_, text, say) => {
    const p = tryCsv(text);
    expect(p.faults.map((f) => f.say).join('\n')).toContain(say);
    expect(p.changes).toEqual([]);
  });
});

test('a cell of a thousand blanks, and one that is no state, are said at once', () => {
  const head = 'id,name,latin,like,tail';
  for (const cell of ['x' + ' '.repeat(1000) + '!', ' '.repeat(3000) + '1', '0.5'.repeat(900), '1.2.3', 'round 7']) {
    const text = `${head}\nskerrow-ling,Skerrow ling,Molva,pollack,"${cell}"`;
    expect(readPack('matrix.csv', text.length, text, known()).faults.length).toBeGreaterThan(0);
  }
});

describe('a file that costs much', () => {
  const head = ['id', 'name', 'latin', 'like', ...TRAITS.map((t) => t.id)].join(',');
  const rows = (n: number): string =>
    [
      head,
      ...Array.from({ length: n }, (_, i) => `f-${i},Fish ${i},Piscis n,pollack${','.repeat(TRAITS.length)}`),
    ].join('\n');

  test('is turned down by the number of its species, before one of them is drawn', () => {
    const drawn: number[] = [];
    const read = (text: string) => readPack('f.csv', text.length, text, known(), (s) => drawn.push(s)).faults[0]?.say;
    expect(read(rows(501))).toContain('more than 500 species');
    expect(read(rows(20_000))).toContain('Split it');
    const many = packOf(...Array.from({ length: 501 }, () => ({ a: 1 })));
    expect(readPack('f.json', many.length, many, known(), (s) => drawn.push(s)).faults[0]?.say).toContain('501');
    expect(drawn).toEqual([]);
  });

  test('says how far it is, and ends at a dozen faults', () => {
    const drawn: number[] = [];
    const text = rows(4);
    expect(readPack('f.csv', text.length, text, known(), (s) => drawn.push(s)).changes).toHaveLength(4);
    expect(drawn).toEqual([0, 0.25, 0.5, 0.75]);
    const odd = packOf(...Array.from({ length: 400 }, () => ({ id: 'x' })));
    expect(tryPack(odd).faults).toHaveLength(12);
  });

  test('a name that a spreadsheet would take for a formula goes out harmless, and comes back as it was', () => {
    for (const name of ['=HYPERLINK(1)', '@fish', '+1', '-2', "'quoted"]) {
      const csv = writeTraitMatrix([{ ...shipped[0]!, id: 'odd', name }], TRAITS);
      const cell = csv.split('\r\n')[1]!.split(',')[1]!.replaceAll('"', '');
      expect(cell).not.toMatch(/^[=@+-]/);
      const back = readPack(
        'f.csv',
        csv.length,
        csv.replace(/odd(?=,[^,]*,[^,]*,odd)/, 'own-odd').replace(/,odd,/, ',pollack,'),
        known(),
      );
      expect(back.changes[0]?.file.name).toBe(name);
    }
  });
});
