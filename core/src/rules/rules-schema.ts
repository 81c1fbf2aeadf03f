import { array, object, positive, text } from '../schema/index.ts';
import { RULE_GEARS, type RuleKind, WEEKDAYS } from './rule.ts';

const ID = { type: 'string', minLength: 1, maxLength: 120 } as const;
/** A sentence of an authority may be long. */
const PROSE = { type: 'string', minLength: 1, maxLength: 2000 } as const;
const DAY = { type: 'string', pattern: '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$' } as const;
const MONTH_DAY = { type: 'string', pattern: '^(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$' } as const;
const TIME = { type: 'string', pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' } as const;
const COUNT = { type: 'integer', minimum: 0, maximum: 1_000_000 } as const;
const MM = { ...positive, maximum: 20_000 } as const;
const LENGTH = { enum: ['total', 'fork', 'discWidth', 'mantle'] } as const;
const PER = { enum: ['person', 'boat'] } as const;
const MINUTES = { type: 'number', minimum: -1440, maximum: 1440 } as const;
const SPAN = object({ from: MONTH_DAY, to: MONTH_DAY });
const GEARS = array({ enum: [...RULE_GEARS] }, RULE_GEARS.length, 1);
const YEARS = { type: 'integer', minimum: 0, maximum: 150 } as const;
const ORIGINS = array({ enum: ['wild', 'stocked', 'farmed'] }, 3, 1);

/** The fields of each kind of rule beside those that all have; `must`: those that it cannot do without. */
const OF_KIND: {
  readonly [K in RuleKind]: { readonly must?: Record<string, object>; readonly may?: Record<string, object> };
} = {
  minimumSize: { must: { leastMm: MM, length: LENGTH } },
  maximumSize: { must: { mostMm: MM, length: LENGTH } },
  keepSlot: { must: { fromMm: MM, toMm: MM, length: LENGTH } },
  releaseSlot: { must: { fromMm: MM, toMm: MM, length: LENGTH } },
  closedSeason: { must: { closed: SPAN } },
  openSeason: { must: { open: SPAN } },
  closedDays: { must: { days: array({ enum: [...WEEKDAYS] }, WEEKDAYS.length, 1) } },
  dailyBag: { must: { most: COUNT }, may: { per: PER } },
  possession: { must: { most: COUNT, days: { type: 'integer', minimum: 1, maximum: 3660 } }, may: { per: PER } },
  yearlyBag: { must: { most: COUNT }, may: { per: PER } },
  overLength: { must: { most: COUNT, overMm: MM, length: LENGTH }, may: { per: PER } },
  retentionBan: {},
  gearBan: { must: { banned: GEARS } },
  clockHours: { must: { from: TIME, to: TIME } },
  sunHours: { must: { beforeSunriseMin: MINUTES, afterSunsetMin: MINUTES } },
  noTake: {},
  landAs: { must: { form: { enum: ['whole', 'with its head', 'with a patch of skin'] } } },
  minimumFillet: { must: { leastMm: MM } },
  noOffal: {},
  report: { must: { withinHours: { ...positive, maximum: 87_600 }, to: text } },
  licence: { must: { licence: text } },
  mustNotReturn: {},
  advice: {},
  exemption: { must: { from: array(ID, 2000, 1) }, may: { origin: ORIGINS } },
};

const kinds = Object.entries(OF_KIND);
const ofAnyKind = Object.fromEntries(
  kinds.flatMap(([, { must, may }]) => Object.keys({ ...must, ...may })).map((k) => [k, {}]),
);

/** JSON Schema of one rule. */
export const RULE_SCHEMA = {
  ...object(
    {
      id: ID,
      formerly: ID,
      kind: { enum: kinds.map(([kind]) => kind) },
      species: array(ID, 1000),
      zones: array(ID, 1000),
      inForce: object({ from: DAY, to: DAY }, []),
      gear: GEARS,
      ages: object({ from: YEARS, to: YEARS }, []),
      sentence: PROSE,
      source: PROSE,
      ...ofAnyKind,
    },
    ['id', 'kind', 'species', 'sentence', 'source'],
  ),
  allOf: kinds.map(([kind, { must = {}, may = {} }]) => ({
    if: { properties: { kind: { const: kind } }, required: ['kind'] },
    then: { required: Object.keys(must), properties: { ...must, ...may } },
  })),
} as const;

const POINT = array({ type: 'number', minimum: -180, maximum: 180 }, 2, 2);
/** A closed line, [longitude, latitude]. */
export const RING = array(POINT, 5000, 4);

/** JSON Schema of a zone. */
export const ZONE_SCHEMA = object(
  { id: ID, name: text, about: PROSE, grounds: array(text, 50), at: POINT, bounds: RING },
  ['id', 'name', 'about', 'grounds'],
);

/** JSON Schema (draft 7) of a rule pack. */
export const RULES_SCHEMA = {
  $schema: 'http://json-schema.org/draft-07/schema#',
  title: 'A rule pack',
  ...object(
    {
      id: ID,
      name: text,
      version: text,
      authority: text,
      checked: DAY,
      sample: { type: 'boolean' },
      timeZone: text,
      coast: array(RING, 1000),
      zones: array(ZONE_SCHEMA, 1000, 1),
      rules: array(RULE_SCHEMA, 5000),
    },
    ['id', 'name', 'version', 'authority', 'checked', 'sample', 'timeZone', 'zones', 'rules'],
  ),
} as const;
