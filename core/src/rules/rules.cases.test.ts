import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { judge, readRule, type Rule, stricter } from './index.ts';
import { fishOf, keptOf, NAMES, PACK, RULES } from './rule-cases.test-support.ts';

interface Row {
  readonly fish: string;
  readonly before: string;
  readonly outcome: string;
  readonly says: string;
}
interface Section {
  readonly name: string;
  readonly words: string;
  readonly rows: readonly Row[];
}

/** The tables of cases.md. */
function sections(): Section[] {
  const text = readFileSync(new URL('./cases.md', import.meta.url), 'utf8');
  return text
    .split(/^## /m)
    .slice(1)
    .map((part) => {
      const lines = part.split('\n');
      const rows = lines
        .filter((l) => l.startsWith('|'))
        .slice(2)
        .map((l) =>
          l
            .split('|')
            .slice(1, -1)
            .map((c) => c.trim()),
        )
        .map(([fish = '', before = '', outcome = '', says = '']) => ({ fish, before, outcome, says }));
      return { name: lines[0]?.trim() ?? '', words: lines.find((l) => /^[A-Z]/.test(l)) ?? '', rows };
    });
}

const SECTIONS = sections();

test('there are 150 cases and more, and every kind of rule is among them', () => {
  expect(SECTIONS.reduce((n, s) => n + s.rows.length, 0)).toBeGreaterThanOrEqual(150);
  const used = new Set(SECTIONS.flatMap((s) => RULES[s.name]?.map((r) => r.kind) ?? []));
  expect([...used].sort()).toEqual([
    'advice',
    'clockHours',
    'closedDays',
    'closedSeason',
    'dailyBag',
    'exemption',
    'gearBan',
    'keepSlot',
    'landAs',
    'licence',
    'maximumSize',
    'minimumFillet',
    'minimumSize',
    'mustNotReturn',
    'noOffal',
    'noTake',
    'openSeason',
    'overLength',
    'possession',
    'releaseSlot',
    'report',
    'retentionBan',
    'sunHours',
    'yearlyBag',
  ]);
});

describe.each(SECTIONS.map((s) => [s.name, s] as const))('%s', (name, s) => {
  const rules = RULES[name] ?? [];

  test('the heading is what the program reads out of the data', () => {
    expect(rules.map((r) => readRule(r, NAMES)).join(' ')).toBe(s.words);
  });

  test.each(s.rows.map((r) => [`${r.fish || 'a fish'}${r.before ? ` after ${r.before}` : ''}`, r] as const))(
    '%s',
    (_, r) => {
      const species = rules[0]?.species[0] ?? 'pollack';
      const v = judge({ ...PACK, rules }, fishOf(r.fish, species), keptOf(r.before, species));
      const said = v.findings.map((f) => `${f.lead} ${f.because}`).join(' ');
      expect([v.outcome, said]).toEqual([r.outcome, expect.any(String)]);
      if (r.says === 'nothing is said of it') expect(v.noRuleFound).toBe(true);
      else if (r.says === 'nothing more is said') expect(v.findings).toEqual([]);
      else expect(said).toContain(r.says);
    },
  );
});

describe('laws over rules of every kind', () => {
  const ALL = [
    ...new Map(
      Object.values(RULES)
        .flat()
        .map((r) => [r.id, r]),
    ).values(),
  ];
  const anyRules = fc.uniqueArray(fc.constantFrom(...ALL), { maxLength: 8, selector: (r) => r.id });
  const words = fc
    .record({
      species: fc.constantFrom('pollack', 'cod', 'trout', 'brill', 'salmon', 'lionfish', 'mackerel', 'bonito'),
      cm: fc.option(fc.integer({ min: 150, max: 1000 })),
      kind: fc.constantFrom('', ' fork'),
      day: fc.constantFrom('2026-02-28', '2026-03-29', '2026-06-21', '2026-09-12', '2026-12-31', '2028-02-29'),
      time: fc.constantFrom('', ' at 03:00', ' at 12:00', ' at 23:59'),
      zone: fc.constantFrom('reef', 'hole', 'estuary', 'tarn', 'burn'),
      gear: fc.constantFrom('', ' with rod', ' with spear'),
      who: fc.constantFrom('Wren', 'Wren aged 14', 'Tomas aged 40 holds none'),
      n: fc.integer({ min: 1, max: 3 }),
    })
    .map(
      (r) =>
        `${r.species} x${r.n} ${r.cm === null ? '' : `${r.cm / 10} cm${r.kind}`}${r.gear}${r.time} in ${r.zone} ${r.day} aboard Tern ${r.who}`,
    );
  const before = fc.constantFrom(
    '',
    '1 Wren 80 cm aboard Tern',
    '4 Wren aboard Tern; 6 Tomas mackerel aboard Tern',
    '3 Wren salmon 2026-01-02',
  );
  const verdict = (rules: readonly Rule[], fish: string, kept: string) =>
    judge({ ...PACK, rules }, fishOf(fish, 'pollack'), keptOf(kept, 'pollack'));

  test('adding a rule never makes the outcome milder, but for exemptions', () => {
    fc.assert(
      fc.property(
        anyRules,
        fc.constantFrom(...ALL.filter((r) => r.kind !== 'exemption')),
        words,
        before,
        (rules, extra, fish, kept) => {
          const others = rules.filter((r) => r.id !== extra.id);
          const few = verdict(others, fish, kept).outcome;
          const more = verdict([...others, extra], fish, kept).outcome;
          return stricter(few, more) === more;
        },
      ),
      { numRuns: 400 },
    );
  });

  test('the order of the rules does not matter, nor does judging again', () => {
    fc.assert(
      fc.property(anyRules, words, before, (rules, fish, kept) => {
        const v = verdict(rules, fish, kept);
        expect(verdict([...rules].reverse(), fish, kept)).toEqual(v);
        expect(verdict(rules, fish, kept)).toEqual(v);
      }),
      { numRuns: 300 },
    );
  });

  test('a fish that is released lowers no allowance: what is not kept is not counted', () => {
    fc.assert(
      fc.property(anyRules, words, (rules, fish) => {
        const kept = keptOf('1 Wren 80 cm aboard Tern; 2 Wren 60 cm aboard Tern', 'pollack');
        const f = fishOf(fish, 'pollack');
        const left = (list: typeof kept) => judge({ ...PACK, rules }, f, list).allowances.map((a) => a.left);
        const fewer = left(kept.slice(1));
        left(kept).forEach((n, i) => expect(fewer[i]).toBeGreaterThanOrEqual(n));
      }),
    );
  });

  test('the outcome is that of the strictest finding, and a question always says what is asked', () => {
    fc.assert(
      fc.property(anyRules, words, before, (rules, fish, kept) => {
        const v = verdict(rules, fish, kept);
        expect(v.findings[0]?.outcome ?? 'keep').toBe(v.outcome);
        for (const f of v.findings) {
          expect(f.lead.length + f.because.length).toBeGreaterThan(8);
          if (f.outcome === 'ask') expect(f.asks).toBeDefined();
        }
        if (v.outcome === 'ask') expect(v.asks).not.toBeNull();
      }),
      { numRuns: 300 },
    );
  });
});
