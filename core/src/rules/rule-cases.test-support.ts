import type { CatchFacts, KeptFish, Origin, Rule, RuleGear, RulePack } from './rule.ts';
import type { RuleNames } from './read-rule.ts';
import { capital } from './words.ts';

const DAY = '2026-09-12';
const rule = <R extends object>(r: R): R & { sentence: string; source: string } => ({
  sentence: 'As it stands there.',
  source: 'notice 1',
  ...r,
});
const least = (id: string, species: string, leastMm: number, more: object = {}): Rule =>
  rule({ id, kind: 'minimumSize' as const, species: [species], leastMm, length: 'total' as const, ...more });
const LEAST = least('least', 'pollack', 340);
const BAG: Rule = rule({ id: 'bag', kind: 'dailyBag' as const, species: ['pollack'], most: 2 });
const WINTER: Rule = rule({
  id: 'winter',
  kind: 'closedSeason' as const,
  species: ['pollack'],
  closed: { from: '12-01', to: '02-28' },
});
const INVASIVE: Rule = rule({ id: 'invasive', kind: 'mustNotReturn' as const, species: ['lionfish'] });

/** The rules of cases.md, by heading. */
export const RULES: Readonly<Record<string, readonly Rule[]>> = {
  least: [LEAST],
  'least-by-fork': [least('fork', 'bonito', 400, { length: 'fork' })],
  most: [rule({ id: 'most', kind: 'maximumSize' as const, species: ['cod'], mostMm: 800, length: 'total' as const })],
  slot: [
    rule({
      id: 'slot',
      kind: 'keepSlot' as const,
      species: ['bass'],
      fromMm: 420,
      toMm: 600,
      length: 'total' as const,
    }),
  ],
  breeders: [
    rule({
      id: 'breeders',
      kind: 'releaseSlot' as const,
      species: ['pike'],
      fromMm: 500,
      toMm: 800,
      length: 'total' as const,
    }),
  ],
  winter: [WINTER],
  spring: [
    rule({ id: 'spring', kind: 'closedSeason' as const, species: ['pike'], closed: { from: '03-15', to: '05-31' } }),
  ],
  open: [rule({ id: 'open', kind: 'openSeason' as const, species: ['trout'], open: { from: '04-01', to: '09-30' } })],
  days: [
    rule({
      id: 'days',
      kind: 'closedDays' as const,
      species: [],
      zones: ['burn'],
      days: ['Monday', 'Tuesday'] as const,
    }),
  ],
  bag: [BAG],
  'bag-of-boat': [
    rule({ id: 'boat', kind: 'dailyBag' as const, species: ['mackerel'], most: 10, per: 'boat' as const }),
  ],
  together: [rule({ id: 'flat', kind: 'dailyBag' as const, species: ['turbot', 'brill'], most: 2 })],
  possession: [rule({ id: 'possession', kind: 'possession' as const, species: [], most: 5, days: 3 })],
  yearly: [rule({ id: 'yearly', kind: 'yearlyBag' as const, species: ['salmon'], most: 3 })],
  'long-ones': [
    rule({ id: 'long', kind: 'overLength' as const, species: ['cod'], most: 1, overMm: 700, length: 'total' as const }),
  ],
  ban: [rule({ id: 'ban', kind: 'retentionBan' as const, species: ['tope'] })],
  'no-take': [rule({ id: 'hole', kind: 'noTake' as const, species: [], zones: ['hole'] })],
  'no-spear': [
    rule({ id: 'spear', kind: 'gearBan' as const, species: [], zones: ['estuary'], banned: ['spear', 'net'] as const }),
  ],
  'speared-least': [least('speared', 'pollack', 450, { gear: ['spear'] })],
  hours: [rule({ id: 'hours', kind: 'clockHours' as const, species: [], zones: ['tarn'], from: '06:00', to: '21:00' })],
  'night-hours': [rule({ id: 'night', kind: 'clockHours' as const, species: ['squid'], from: '20:00', to: '05:00' })],
  sun: [rule({ id: 'sun', kind: 'sunHours' as const, species: ['trout'], beforeSunriseMin: 60, afterSunsetMin: 60 })],
  duties: [
    rule({ id: 'head', kind: 'landAs' as const, species: ['cod'], form: 'with its head' as const }),
    rule({ id: 'fillet', kind: 'minimumFillet' as const, species: ['cod'], leastMm: 250 }),
    rule({ id: 'offal', kind: 'noOffal' as const, species: [], zones: ['tarn'], sentence: 'No guts into the tarn.' }),
    rule({ id: 'report', kind: 'report' as const, species: ['cod'], withinHours: 24, to: 'the shore office' }),
    rule({ id: 'advice', kind: 'advice' as const, species: ['cod'], sentence: 'Eat it at most twice a week' }),
  ],
  licence: [
    rule({
      id: 'licence',
      kind: 'licence' as const,
      species: ['salmon'],
      licence: 'salmon licence',
      ages: { from: 16 },
    }),
  ],
  invasive: [INVASIVE],
  'least and stocked': [
    least('least-trout', 'trout', 250),
    rule({
      id: 'stocked',
      kind: 'exemption' as const,
      species: ['trout'],
      from: ['least-trout'],
      origin: ['stocked', 'farmed'] as const,
    }),
  ],
  'least, bag and winter': [LEAST, BAG, WINTER],
  'invasive and winter': [INVASIVE, { ...WINTER, id: 'winter-lion', species: ['lionfish'] }],
  'old and new': [
    least('old', 'pollack', 300, { inForce: { to: '2025-12-31' } }),
    least('new', 'pollack', 380, { inForce: { from: '2026-01-01' } }),
  ],
};

export const NAMES: RuleNames = { species: (id) => id, zone: (id) => id };

export const PACK: RulePack = {
  id: 'cases',
  name: 'Rules of the cases',
  version: '1',
  authority: 'nobody',
  checked: '2026-06-01',
  sample: true,
  timeZone: 'Atlantic/Faroe',
  zones: ['reef', 'hole', 'estuary', 'tarn', 'burn'].map((id) => ({
    id,
    name: id,
    about: id,
    grounds: [],
    at: [-9.4, 58.9] as const,
  })),
  rules: [],
};

const find = (text: string, re: RegExp): string | undefined => re.exec(text)?.[1];
const SPECIES = /\b(pollack|cod|bass|pike|trout|turbot|brill|mackerel|squid|salmon|lionfish|tope|bonito)\b/g;

/** A fish out of the words of a case (see the head of cases.md). */
export function fishOf(words: string, species: string): CatchFacts {
  const cm = find(words, /(?:^|x\d+ | )(\d+(?:\.\d+)?) cm/);
  const holds = find(words, /holds ([a-z ]+? licence to \d{4}-\d\d-\d\d|none)/);
  const age = find(words, /aged (\d+)/);
  const speciesId = words.replace(/holds .*/, '').match(SPECIES)?.[0] ?? species;
  const licences =
    holds === undefined
      ? undefined
      : holds === 'none'
        ? []
        : [{ name: holds.split(' to ')[0] ?? '', until: holds.slice(-10) }];
  const who = /Tomas/.test(words) ? 'Tomas' : 'Wren';
  const time = find(words, / ?at (\d\d:\d\d)/);
  const longest = find(words, /to (\d+(?:\.\d+)?) cm/);
  return {
    speciesId,
    speciesName: capital(speciesId),
    zone: find(words, /(?<!also )in (\w+)/) ?? 'reef',
    alsoIn: [...words.matchAll(/also in (\w+)/g)].map((m) => m[1] ?? ''),
    day: find(words.replace(/holds .*/, ''), /(\d{4}-\d\d-\d\d)/) ?? DAY,
    ...(time ? { time } : {}),
    anglerId: who,
    anglerName: who,
    angler: { ...(age ? { age: Number(age) } : {}), ...(licences ? { licences } : {}) },
    boat: find(words, /aboard (\w+)/) ?? null,
    gear: (find(words, /with (rod|spear|net)/) as RuleGear | undefined) ?? null,
    origin: (find(words, /\b(stocked|wild|farmed)\b/) as Origin | undefined) ?? null,
    count: Number(find(words, /x(\d+)/) ?? 1),
    length: cm
      ? {
          mm: Math.round(Number(cm) * 10),
          kind: / fork/.test(words) ? 'fork' : / disc/.test(words) ? 'discWidth' : 'total',
          method: (find(words, /by (mat|tape|eye)/) as 'mat' | undefined) ?? 'board',
        }
      : null,
    longestMm: longest ? Number(longest) * 10 : null,
    conversions: speciesId === 'bonito' ? [{ from: 'total', to: 'fork', slope: 0.9, sdShare: 0.01 }] : [],
  };
}

/** What had been kept, out of the words of a case. */
export const keptOf = (words: string, species: string): KeptFish[] =>
  words
    .split(';')
    .filter((w) => w.trim() !== '')
    .map((w) => {
      const [speciesId = species, ...orElse] = w.match(SPECIES) ?? [];
      const cm = find(w, /(\d+(?:\.\d+)?) cm/);
      return {
        speciesId,
        orElse,
        anglerId: /Tomas/.test(w) ? 'Tomas' : 'Wren',
        boat: find(w, /aboard (\w+)/) ?? null,
        day: find(w, /(\d{4}-\d\d-\d\d)/) ?? DAY,
        count: Number(find(w, /^\s*(\d+)/) ?? 1),
        lengthMm: cm ? Number(cm) * 10 : null,
      };
    });
