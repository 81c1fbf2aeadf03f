import { describe, expect, test } from '@jest/globals';
import type { RulePack } from '@dagboek/core/rules';
import { anEntry, at, BOX, idOf, ILSE, landed, TRIP, tripStarted } from '../../builders.test-support.ts';
import { aRulePack } from '../../documents.test-support.ts';
import { Book, type Entry, rulesOf, TRIED_DAYS, tryRule } from '../../index.ts';
import { METRIC } from '@dagboek/core/units';

const least = (id: string, leastMm: number, more: object = {}) => ({
  id,
  kind: 'minimumSize',
  species: ['pollack'],
  leastMm,
  length: 'total',
  sentence: `At least ${leastMm / 10} cm.`,
  source: 'notice',
  ...more,
});
const PACK = aRulePack({ rules: [least('least', 400)] }) as unknown as RulePack;
const opened = (waters: string): Entry =>
  anEntry('book.opened', idOf('book'), { name: 'Ours', waters, from: 'boat' } as never, { at: at('05:00') });
const ruleSet = (word: string, rule: object, replaces: string | undefined, time: string): Entry =>
  anEntry('rule.set', idOf(word), { waters: 'bay', rule, ...(replaces ? { replaces } : {}) } as never, {
    at: at(time),
  });
const TODAY = { inForce: { from: '2026-09-12' } };
const leasts = (book: Book, day = '2026-09-12'): number[] =>
  (rulesOf(book, [PACK], 'UTC', '2026-09-12')?.rules ?? []).flatMap((r) =>
    r.kind === 'minimumSize' && (r.inForce?.from ?? '') <= day && day <= (r.inForce?.to ?? '9') ? [r.leastMm] : [],
  );

describe('the rules a book goes by', () => {
  test('those of its waters; none while the pack is not here; own places without a pack', () => {
    const book = Book.EMPTY.withEntries([opened('bay')]);
    expect(leasts(book)).toEqual([400]);
    expect(rulesOf(book, undefined, 'UTC', '2026-09-12')).toBeNull();
    expect(rulesOf(Book.EMPTY.withEntries([opened('elsewhere')]), [PACK], 'UTC', '2026-09-12')).toBeNull();
    const own = Book.EMPTY.withEntries([opened('none')]);
    expect(rulesOf(own, [PACK], 'Pacific/Auckland', '2026-09-12')?.timeZone).toBe('Pacific/Auckland');
  });

  test('are the same object until something of them changes, whatever else is written', () => {
    const ask = (b: Book) => rulesOf(b, PACKS, 'UTC', '2026-09-12');
    const PACKS = [PACK];
    const book = Book.EMPTY.withEntries([opened('bay')]);
    const more = book.withEntries([tripStarted(), landed('a', '12:00')]);
    expect(ask(more)).toBe(ask(book));
    const changed = more.withEntries([ruleSet('mine', least('mine', 350, TODAY), 'least', '08:00')]);
    expect(ask(changed)).not.toBe(ask(more));
    expect(leasts(changed)).toEqual([350]);
  });

  test('a rule of one’s own changed twice in one day stands as it was written last', () => {
    const book = Book.EMPTY.withEntries([
      opened('bay'),
      ruleSet('one', least('one', 350, TODAY), 'least', '08:00'),
      ruleSet('two', least('two', 300, TODAY), 'one', '09:00'),
    ]);
    expect(leasts(book)).toEqual([300]);
    expect(leasts(book, '2026-09-01')).toEqual([400]);
  });

  test('in a book from before, where it took over from itself, it stands too, and so does what it took over from first', () => {
    const book = Book.EMPTY.withEntries([
      opened('bay'),
      ruleSet('same', least('same', 350, TODAY), 'least', '08:00'),
      ruleSet('same', least('same', 300, TODAY), 'same', '09:00'),
    ]);
    expect(leasts(book)).toEqual([300]);
    expect(leasts(book, '2026-09-01')).toEqual([400]);
  });

  test('of two versions read on one day the later read counts, in whatever order they arrived; what makes no sense is left out', () => {
    const version = (word: string, leastMm: number, time: string): Entry => {
      const rules = [least('least', leastMm), { id: 'odd', kind: 'from a newer version', species: [] }];
      return anEntry(
        'rules.added',
        idOf(word),
        { pack: { ...PACK, version: word, rules }, from: '2026-09-12' } as never,
        {
          at: at(time),
        },
      );
    };
    const [a, b] = [version('a', 330, '08:00'), version('b', 340, '09:00')];
    for (const list of [
      [a, b],
      [b, a],
    ])
      expect(leasts(Book.EMPTY.withEntries([opened('bay'), ...list]))).toEqual([340]);
  });
});

describe('a rule tried on past catches', () => {
  const names = {
    units: METRIC,
    member: () => 'Ilse',
    species: (id: string) => id,
    box: () => 'box',
    store: () => 'the chest',
    zone: (id: string) => id,
  };
  const byId = (id: string | null) => (id ? ({ id, lengthKinds: ['total'] } as never) : null);
  const fish = (word: string, mm: number, day: string, species: string): Entry[] => {
    const when = (time: string): string => `${day}T${time}:00+01:00`;
    return [
      anEntry('fish.landed', idOf(word), { trip: TRIP, angler: ILSE, count: 1 }, { at: when('12:00') }),
      anEntry('fish.named', idOf(word), { species }, { at: when('12:01') }),
      anEntry(
        'fish.measured',
        idOf(word),
        { lengthMm: mm, lengthKind: 'total', method: 'board' },
        { at: when('12:02') },
      ),
      anEntry('fish.iced', idOf(word), { box: BOX, how: 'slurry' }, { at: when('12:10') }),
    ];
  };
  const book = Book.EMPTY.withEntries([
    tripStarted(),
    ...fish('short', 430, '2026-09-12', 'pollack'),
    ...fish('long', 600, '2026-09-10', 'pollack'),
    ...fish('other', 300, '2026-09-11', 'cod'),
    ...fish('old', 430, '2026-07-01', 'pollack'),
  ]);
  const rule = least('new', 500, TODAY) as never;
  const replaced = PACK.rules[0]!;
  const tried = (r = rule) => [...tryRule(book, PACK, r, replaced, { byId, names }, '2026-09-12')];

  test('says what changes, the last first, and looks at no fish it cannot bear on', () => {
    expect(tried().map((t) => t && [t.fish.id, t.before, t.after])).toEqual([
      [idOf('short'), 'keep', 'letGo'],
      [idOf('long'), 'keep', 'keep'],
    ]);
    expect(tried()[0]?.because).toMatch(/43/);
    expect(TRIED_DAYS).toBe(31);
  });
  test('one for every species looks at all', () => {
    expect(tried({ ...(rule as object), species: [] } as never)).toHaveLength(3);
  });
  test('stops between two fish when it is no longer asked for', () => {
    const steps = tryRule(book, PACK, rule, replaced, { byId, names }, '2026-09-12');
    expect(steps.next().done).toBe(false);
    steps.return();
    expect(steps.next().done).toBe(true);
  });
});
