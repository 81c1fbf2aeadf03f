import { LENGTH_WORDS, type Rule, RULE_GEARS, type RuleKind, WEEKDAYS } from '@dagboek/core/rules';

/** One blank of a rule's sentence. `cm`: typed in centimetres, kept in mm. */
export type RuleField =
  | { readonly name: string; readonly label: string; readonly type: 'cm' | 'count' | 'text' | 'monthDay' | 'time' }
  | {
      readonly name: string;
      readonly label: string;
      readonly type: 'one';
      readonly options: readonly (readonly [string, string])[];
    }
  | { readonly name: string; readonly label: string; readonly type: 'many'; readonly options: readonly string[] };

const LENGTH: RuleField = { name: 'length', label: 'Which length', type: 'one', options: Object.entries(LENGTH_WORDS) };
const PER: RuleField = {
  name: 'per',
  label: 'For',
  type: 'one',
  options: [
    ['person', 'each person'],
    ['boat', 'the whole boat'],
  ],
};
const cm = (name: string, label: string): RuleField => ({ name, label, type: 'cm' });
const count = (name: string, label: string): RuleField => ({ name, label, type: 'count' });
const monthDay = (name: string, label: string): RuleField => ({ name, label, type: 'monthDay' });
const time = (name: string, label: string): RuleField => ({ name, label, type: 'time' });
const MOST = count('most', 'How many fish');

/** The kinds that can be written by hand, as one would say them, with their blanks. */
export const RULE_FORMS: readonly {
  readonly kind: RuleKind;
  readonly say: string;
  readonly fields: readonly RuleField[];
}[] = [
  {
    kind: 'minimumSize',
    say: 'at least so long',
    fields: [cm('leastMm', 'Least length'), LENGTH],
  },
  {
    kind: 'maximumSize',
    say: 'at most so long',
    fields: [cm('mostMm', 'Greatest length'), LENGTH],
  },
  {
    kind: 'keepSlot',
    say: 'kept only between two lengths',
    fields: [cm('fromMm', 'From'), cm('toMm', 'To'), LENGTH],
  },
  {
    kind: 'releaseSlot',
    say: 'let go between two lengths',
    fields: [cm('fromMm', 'From'), cm('toMm', 'To'), LENGTH],
  },
  { kind: 'dailyBag', say: 'no more than so many a day', fields: [MOST, PER] },
  {
    kind: 'possession',
    say: 'no more than so many over some days',
    fields: [MOST, count('days', 'Over how many days'), PER],
  },
  { kind: 'yearlyBag', say: 'no more than so many a year', fields: [MOST, PER] },
  {
    kind: 'overLength',
    say: 'no more than so many over a length',
    fields: [MOST, cm('overMm', 'Over'), LENGTH, PER],
  },
  {
    kind: 'closedSeason',
    say: 'closed for a part of the year',
    fields: [monthDay('closed.from', 'First closed day'), monthDay('closed.to', 'Last closed day')],
  },
  {
    kind: 'openSeason',
    say: 'open only for a part of the year',
    fields: [monthDay('open.from', 'First open day'), monthDay('open.to', 'Last open day')],
  },
  {
    kind: 'closedDays',
    say: 'closed on days of the week',
    fields: [{ name: 'days', label: 'Days', type: 'many', options: WEEKDAYS }],
  },
  {
    kind: 'clockHours',
    say: 'only between two hours',
    fields: [time('from', 'From'), time('to', 'To')],
  },
  {
    kind: 'sunHours',
    say: 'only by the sun',
    fields: [count('beforeSunriseMin', 'Minutes before sunrise'), count('afterSunsetMin', 'Minutes after sunset')],
  },
  {
    kind: 'gearBan',
    say: 'not with some gear',
    fields: [{ name: 'banned', label: 'Not with', type: 'many', options: RULE_GEARS }],
  },
  { kind: 'retentionBan', say: 'may not be kept', fields: [] },
  { kind: 'noTake', say: 'nothing may be taken', fields: [] },
  { kind: 'mustNotReturn', say: 'must not be put back alive', fields: [] },
  {
    kind: 'landAs',
    say: 'landed in some form',
    fields: [
      {
        name: 'form',
        label: 'Form',
        type: 'one',
        options: [
          ['whole', 'whole'],
          ['with its head', 'with its head'],
          ['with a patch of skin', 'with a patch of skin'],
        ],
      },
    ],
  },
  {
    kind: 'minimumFillet',
    say: 'no fillet shorter than',
    fields: [cm('leastMm', 'Least length')],
  },
  {
    kind: 'report',
    say: 'reported within some hours',
    fields: [{ name: 'to', label: 'To whom', type: 'text' }, count('withinHours', 'Within hours')],
  },
  { kind: 'advice', say: 'advice for the table', fields: [] },
];

/** What is typed, by the name of the blank. */
export type RuleDraft = Readonly<Record<string, string | readonly string[]>>;

const numeral = (s: string | readonly string[] | undefined): number =>
  typeof s === 'string' && /^\s*\d+([.,]\d+)?\s*$/.test(s) ? Number(s.replace(',', '.')) : Number.NaN;

/** The blanks of a kind filled from what is typed; a number that cannot be read is NaN, and is told by `ruleTrouble`. */
export function bodyOf(kind: RuleKind, draft: RuleDraft): Record<string, unknown> {
  const out: Record<string, unknown> = { kind };
  for (const f of RULE_FORMS.find((x) => x.kind === kind)?.fields ?? []) {
    const v = draft[f.name];
    const value =
      f.type === 'cm'
        ? Math.round(numeral(v) * 10)
        : f.type === 'count'
          ? numeral(v)
          : f.type === 'many'
            ? (v ?? [])
            : f.type === 'one'
              ? (v ?? f.options[0]?.[0])
              : (v ?? '');
    const [head = '', tail] = f.name.split('.');
    if (tail) out[head] = { ...(out[head] as object | undefined), [tail]: value };
    else out[head] = value;
  }
  if (out['per'] === 'person') delete out['per'];
  return out;
}

/** The typed form of a rule, to change it. */
export function draftOfRule(rule: Rule): RuleDraft {
  const out: Record<string, string | readonly string[]> = {};
  for (const f of RULE_FORMS.find((x) => x.kind === rule.kind)?.fields ?? []) {
    const v = f.name.split('.').reduce<unknown>((o, k) => (o as Record<string, unknown> | undefined)?.[k], rule);
    if (Array.isArray(v)) out[f.name] = v as string[];
    else if (typeof v === 'number') out[f.name] = String(f.type === 'cm' ? v / 10 : v);
    else if (typeof v === 'string') out[f.name] = v;
  }
  return out;
}
