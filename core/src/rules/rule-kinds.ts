import { inSpan, sayDate, weekday } from '../time/index.ts';
import { bagSays } from './bag-rules.ts';
import { closedDaysSays, dutySays, gearBanSays, hoursSay, licenceSays, seasonSays } from './other-rules.ts';
import {
  type CatchFacts,
  type KeptFish,
  type Rule,
  RULE_GEARS,
  type RuleKind,
  type RulePack,
  WEEKDAYS,
} from './rule.ts';
import {
  lengthBlank,
  countBlank,
  manyBlank,
  monthDayBlank,
  oneBlank,
  type RuleForm,
  textBlank,
  timeBlank,
} from './rule-form.ts';
import { LENGTH_WORDS, sizeSays } from './size-rules.ts';
import type { Said } from './verdict.ts';
import { sayShortLength, sayTime, shortLength, type Units, wordFor } from '../units/index.ts';
import { andList } from './words.ts';

/** A rule of one kind. */
export type RuleOf<K extends RuleKind> = Extract<Rule, { kind: K }>;

/** A kind of rule, declared once. What is left out does not compile. */
export interface RuleKindDefinition<K extends RuleKind> {
  /** What it says of a fish that it is about. */
  readonly says: (rule: RuleOf<K>, f: CatchFacts, kept: readonly KeptFish[], pack: RulePack) => Said;
  /** What the rule itself says, without for whom, where and when: the middle of its sentence. `called`: another rule's name, by its id. */
  readonly read: (rule: RuleOf<K>, units: Units | undefined, called: (ruleId: string) => string) => string;
  /** What is wrong with its data, in a sentence that says what to do; null when they hold together. */
  readonly trouble: (rule: RuleOf<K>) => string | null;
  /** Whether it keeps a species from being kept on a day, whatever the fish. */
  readonly shuts: (rule: RuleOf<K>, day: string) => boolean;
  /** What it bears on: what may be kept (where it is for every species too), how or when one may fish, or nothing that decides. */
  readonly bearsOn: 'keeping' | 'fishing' | 'nothing';
  /** How it is written by hand; null when it is only read from a file. */
  readonly form: RuleForm | null;
}

const never = (): boolean => false;
const noTrouble = (): null => null;
const isMonthDay = (s: string): boolean => /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/.test(s);
const isTime = (s: string): boolean => /^([01]\d|2[0-3]):[0-5]\d$/.test(s);
const positive = (...list: number[]): boolean => list.every((n) => Number.isFinite(n) && n > 0);
const whole = (n: number): boolean => Number.isInteger(n) && n >= 0;
const fish = (n: number): string => wordFor(n, 'one fish', `${n} fish`);
const perWords = (per: 'person' | 'boat' | undefined): string => (per === 'boat' ? 'the boat' : 'a person');
const sunOffset = (min: number, later: string, earlier: string): string =>
  min === 0 ? '' : `${Math.abs(min)} min ${min > 0 ? later : earlier}`;

const LENGTH = oneBlank('length', 'Which length', Object.entries(LENGTH_WORDS));
const PER = oneBlank('per', 'For', [
  ['person', 'each person'],
  ['boat', 'the whole boat'],
]);
const MOST = countBlank('most', 'How many fish');
const SEASON_TROUBLE = 'Choose the first and the last day.';
const NO_LEAST = 'Enter the minimum length.';
const NO_COUNT = 'Enter how many, as a whole number.';

/** The two slots differ in which side of it is let go. */
const slot = (say: string, form: string): Omit<RuleKindDefinition<'keepSlot' | 'releaseSlot'>, 'says'> => ({
  read: (r, u) => `${say} from ${shortLength(r.fromMm, u)} to ${sayShortLength(r.toMm, u)} ${LENGTH_WORDS[r.length]}`,
  trouble: (r) => (positive(r.fromMm, r.toMm) && r.fromMm < r.toMm ? null : 'Enter two lengths, the shorter first.'),
  shuts: never,
  bearsOn: 'keeping',
  form: { say: form, fields: [lengthBlank('fromMm', 'From'), lengthBlank('toMm', 'To'), LENGTH] },
});

/** Every kind of rule, in the order in which findings of one outcome stand: bans first, then seasons and hours, sizes, allowances, papers, duties. */
export const RULE_KINDS: { readonly [K in RuleKind]: RuleKindDefinition<K> } = {
  mustNotReturn: {
    says: (r) => ({ outcome: 'mustNotReturn', lead: 'Must not be released alive:', because: r.sentence }),
    read: () => 'must not be released alive',
    trouble: noTrouble,
    shuts: never,
    bearsOn: 'keeping',
    form: { say: 'must not be released alive', fields: [] },
  },
  noTake: {
    says: (r) => ({ outcome: 'letGo', lead: 'No-take area:', because: `${r.sentence} Stop fishing here.` }),
    read: () => 'nothing may be taken',
    trouble: noTrouble,
    shuts: () => true,
    bearsOn: 'keeping',
    form: { say: 'nothing may be taken', fields: [] },
  },
  retentionBan: {
    says: (r) => ({ outcome: 'letGo', lead: 'May not be kept here:', because: r.sentence }),
    read: () => 'may not be kept',
    trouble: noTrouble,
    shuts: () => true,
    bearsOn: 'keeping',
    form: { say: 'may not be kept', fields: [] },
  },
  gearBan: {
    says: gearBanSays,
    read: (r) => `not with ${andList(r.banned, 'or')}`,
    trouble: (r) => (r.banned.length > 0 ? null : 'Choose the gear that is not allowed.'),
    shuts: never,
    bearsOn: 'fishing',
    form: { say: 'not with some gear', fields: [manyBlank('banned', 'Not with', RULE_GEARS)] },
  },
  closedSeason: {
    says: seasonSays,
    read: (r) => `closed from ${sayDate(r.closed.from)} to ${sayDate(r.closed.to)}, each year`,
    trouble: (r) => (isMonthDay(r.closed.from) && isMonthDay(r.closed.to) ? null : SEASON_TROUBLE),
    shuts: (r, day) => inSpan(day, r.closed),
    bearsOn: 'fishing',
    form: {
      say: 'closed for a part of the year',
      fields: [monthDayBlank('closed.from', 'First closed day'), monthDayBlank('closed.to', 'Last closed day')],
    },
  },
  openSeason: {
    says: seasonSays,
    read: (r) => `open only from ${sayDate(r.open.from)} to ${sayDate(r.open.to)}, each year`,
    trouble: (r) => (isMonthDay(r.open.from) && isMonthDay(r.open.to) ? null : SEASON_TROUBLE),
    shuts: (r, day) => !inSpan(day, r.open, 'after'),
    bearsOn: 'fishing',
    form: {
      say: 'open only for a part of the year',
      fields: [monthDayBlank('open.from', 'First open day'), monthDayBlank('open.to', 'Last open day')],
    },
  },
  closedDays: {
    says: closedDaysSays,
    read: (r) => `closed on ${andList(r.days)}`,
    trouble: (r) => (r.days.length > 0 ? null : 'Choose the days of the week.'),
    shuts: (r, day) => r.days.some((d) => d === weekday(day)),
    bearsOn: 'fishing',
    form: { say: 'closed on days of the week', fields: [manyBlank('days', 'Days', WEEKDAYS)] },
  },
  clockHours: {
    says: (r, f, _, pack) => hoursSay(r, f, pack),
    read: (r, u) => `only from ${sayTime(r.from, u)} to ${sayTime(r.to, u)}`,
    trouble: (r) => (isTime(r.from) && isTime(r.to) ? null : 'Write both times, such as 06:00.'),
    shuts: never,
    bearsOn: 'fishing',
    form: { say: 'only between two hours', fields: [timeBlank('from', 'From'), timeBlank('to', 'To')] },
  },
  sunHours: {
    says: (r, f, _, pack) => hoursSay(r, f, pack),
    read: (r) =>
      `only from ${sunOffset(r.beforeSunriseMin, 'before', 'after')} sunrise to ${sunOffset(r.afterSunsetMin, 'after', 'before')} sunset`,
    trouble: (r) =>
      Number.isFinite(r.beforeSunriseMin) && Number.isFinite(r.afterSunsetMin)
        ? null
        : 'Write the minutes before sunrise and after sunset; 0 for the sun itself.',
    shuts: never,
    bearsOn: 'fishing',
    form: {
      say: 'only by the sun',
      fields: [
        countBlank('beforeSunriseMin', 'Minutes before sunrise'),
        countBlank('afterSunsetMin', 'Minutes after sunset'),
      ],
    },
  },
  minimumSize: {
    says: sizeSays,
    read: (r, u) => `at least ${sayShortLength(r.leastMm, u)} ${LENGTH_WORDS[r.length]}`,
    trouble: (r) => (positive(r.leastMm) ? null : NO_LEAST),
    shuts: never,
    bearsOn: 'keeping',
    form: { say: 'minimum length', fields: [lengthBlank('leastMm', 'Minimum length'), LENGTH] },
  },
  maximumSize: {
    says: sizeSays,
    read: (r, u) => `at most ${sayShortLength(r.mostMm, u)} ${LENGTH_WORDS[r.length]}`,
    trouble: (r) => (positive(r.mostMm) ? null : 'Enter the maximum length in centimetres.'),
    shuts: never,
    bearsOn: 'keeping',
    form: { say: 'maximum length', fields: [lengthBlank('mostMm', 'Greatest length'), LENGTH] },
  },
  keepSlot: { says: sizeSays, ...slot('kept only', 'kept only between two lengths') },
  releaseSlot: { says: sizeSays, ...slot('let go', 'release between two lengths') },
  dailyBag: {
    says: bagSays,
    read: (r) => `no more than ${fish(r.most)} ${perWords(r.per)} a day`,
    trouble: (r) => (whole(r.most) ? null : NO_COUNT),
    shuts: never,
    bearsOn: 'keeping',
    form: { say: 'daily limit', fields: [MOST, PER] },
  },
  overLength: {
    says: bagSays,
    read: (r, u) =>
      `of those over ${sayShortLength(r.overMm, u)} ${LENGTH_WORDS[r.length]}, no more than ${fish(r.most)} ${perWords(r.per)} a day`,
    trouble: (r) => (whole(r.most) && positive(r.overMm) ? null : 'Write how many, and over which length.'),
    shuts: never,
    bearsOn: 'keeping',
    form: { say: 'limit over a length', fields: [MOST, lengthBlank('overMm', 'Over'), LENGTH, PER] },
  },
  possession: {
    says: bagSays,
    read: (r) => `no more than ${fish(r.most)} ${perWords(r.per)} in ${r.days} days`,
    trouble: (r) =>
      whole(r.most) && whole(r.days) && r.days > 0 ? null : 'Write how many, and over how many days, as whole numbers.',
    shuts: never,
    bearsOn: 'keeping',
    form: {
      say: 'limit over several days',
      fields: [MOST, countBlank('days', 'Over how many days'), PER],
    },
  },
  yearlyBag: {
    says: bagSays,
    read: (r) => `no more than ${fish(r.most)} ${perWords(r.per)} a calendar year`,
    trouble: (r) => (whole(r.most) ? null : NO_COUNT),
    shuts: never,
    bearsOn: 'keeping',
    form: { say: 'yearly limit', fields: [MOST, PER] },
  },
  licence: {
    says: licenceSays,
    read: (r) => `the ${r.licence} is needed`,
    trouble: (r) => (r.licence.trim() !== '' ? null : 'Write the name of the licence.'),
    shuts: never,
    bearsOn: 'fishing',
    form: { say: 'only with a licence', fields: [textBlank('licence', 'Name of the licence')] },
  },
  landAs: {
    says: dutySays,
    read: (r) => `landed ${r.form}`,
    trouble: noTrouble,
    shuts: never,
    bearsOn: 'fishing',
    form: {
      say: 'landed in some form',
      fields: [
        oneBlank('form', 'Form', [
          ['whole', 'whole'],
          ['with its head', 'with its head'],
          ['with a patch of skin', 'with a patch of skin'],
        ]),
      ],
    },
  },
  minimumFillet: {
    says: dutySays,
    read: (r, u) => `no fillet shorter than ${sayShortLength(r.leastMm, u)} aboard`,
    trouble: (r) => (positive(r.leastMm) ? null : NO_LEAST),
    shuts: never,
    bearsOn: 'fishing',
    form: { say: 'no fillet shorter than', fields: [lengthBlank('leastMm', 'Minimum length')] },
  },
  noOffal: {
    says: dutySays,
    read: () => 'no guts, heads or frames into the water',
    trouble: noTrouble,
    shuts: never,
    bearsOn: 'nothing',
    form: { say: 'no guts into the water', fields: [] },
  },
  report: {
    says: dutySays,
    read: (r) => `reported to ${r.to} within ${r.withinHours} hours`,
    trouble: (r) =>
      positive(r.withinHours) && r.to.trim() !== '' ? null : 'Write to whom, and within how many hours.',
    shuts: never,
    bearsOn: 'fishing',
    form: {
      say: 'reported within some hours',
      fields: [textBlank('to', 'To whom'), countBlank('withinHours', 'Within hours')],
    },
  },
  advice: {
    says: dutySays,
    read: (r) => `advice: ${r.sentence.replace(/\.$/, '')}`,
    trouble: noTrouble,
    shuts: never,
    bearsOn: 'nothing',
    form: { say: 'advice for the table', fields: [] },
  },
  exemption: {
    says: (r) => ({ outcome: 'keep', lead: 'Exempt:', because: r.sentence }),
    read: (r, _u, called) =>
      `${r.origin ? `${andList(r.origin, 'or')} fish are` : 'is'} exempt from ${andList(r.from.map(called))}`,
    trouble: (r) => (r.from.length > 0 ? null : 'Choose the rules it replaces.'),
    shuts: never,
    bearsOn: 'nothing',
    form: null,
  },
};

const ORDER = Object.keys(RULE_KINDS) as readonly RuleKind[];

/** The place of a kind among findings of one outcome. */
export const orderOf = (kind: RuleKind): number => ORDER.indexOf(kind);

/** The declaration of a rule's kind; null for one that only a newer version knows. */
export const kindOfRule = <R extends Rule>(rule: R): RuleKindDefinition<R['kind']> | null =>
  Object.hasOwn(RULE_KINDS, rule.kind) ? (RULE_KINDS[rule.kind] as unknown as RuleKindDefinition<R['kind']>) : null;

/** Kinds that can be written by hand, in the order in which they are offered: those that are met most come first. */
export const RULE_FORMS: readonly (RuleForm & { readonly kind: RuleKind })[] = (
  [
    'minimumSize',
    'maximumSize',
    'keepSlot',
    'releaseSlot',
    'dailyBag',
    'possession',
    'yearlyBag',
    'overLength',
    'closedSeason',
    'openSeason',
    'closedDays',
    ...ORDER,
  ] as const
)
  .filter((k, i, all) => all.indexOf(k) === i)
  .flatMap((kind) => {
    const { form } = RULE_KINDS[kind];
    return form ? [{ kind, ...form }] : [];
  });
