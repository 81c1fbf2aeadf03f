import { BLEEDS, KILLS } from '../handling/index.ts';
import { object, pair, positive, share, text, texts } from '../schema/index.ts';
import { BLADDERS } from './bladder.ts';
import { FIGURE_FILE_SCHEMA } from './figure-schema.ts';

const LENGTHS = { enum: ['total', 'fork', 'discWidth', 'mantle'] } as const;
const ID = { type: 'string', pattern: '^[a-z][a-z0-9-]*$', maxLength: 60 } as const;
const traitRow = {
  type: 'object',
  additionalProperties: { type: 'object', minProperties: 1, additionalProperties: share },
} as const;
const yields = pair(share);

const properties = {
  id: ID,
  name: text,
  latin: text,
  family: text,
  names: { type: 'object', additionalProperties: texts },
  range: text,
  waters: { type: 'array', minItems: 1, items: { enum: ['salt', 'brackish', 'fresh'] } },
  habitat: text,
  depthM: pair({ type: 'number', minimum: 0 }),
  lengthKinds: { type: 'array', minItems: 1, items: LENGTHS },
  usualMm: pair(positive),
  maxMm: positive,
  conversions: {
    type: 'array',
    items: object(
      {
        from: LENGTHS,
        to: LENGTHS,
        slope: positive,
        sdShare: positive,
        constantMm: { type: 'number' },
        sdMm: { type: 'number', minimum: 0 },
      },
      ['from', 'to', 'slope', 'sdShare'],
    ),
  },
  weight: object({ a: positive, b: { type: 'number', minimum: 2.5, maximum: 3.5 }, sdLog: positive }),
  shape: object({ depth: pair(positive), widthToDepth: positive }),
  ratios: object({ depth: pair(share), eye: pair(share), dorsal: pair(share), anal: pair(share) }, []),
  grounds: { type: 'object', additionalProperties: share },
  months: pair({ type: 'integer', minimum: 1, maximum: 12 }),
  keeping: {
    enum: [
      'lean white',
      'flat',
      'oily small',
      'large oily',
      'fresh-water lean',
      'salmonid',
      'warm reef',
      'ray',
      'shark',
      'cephalopod',
    ],
  },
  fat: { enum: ['lean', 'oily'] },
  iceDays: positive,
  yieldClass: text,
  yields: object({ gutted: yields, headed: yields, fillets: yields, trimmed: yields }, []),
  hazards: {
    type: 'array',
    items: object(
      {
        kind: { enum: ['venomous', 'sharp', 'bite', 'poison', 'electric', 'blood'] },
        part: text,
        where: text,
        does: text,
        grip: text,
        severity: { enum: ['slight', 'painful', 'serious', 'can kill'] },
      },
      ['kind', 'part', 'where', 'does', 'grip'],
    ),
  },
  grip: text,
  release: text,
  bladder: { enum: BLADDERS },
  aid: text,
  conservation: object({ note: text, asOf: { type: 'string', pattern: '^\\d{4}(-\\d\\d(-\\d\\d)?)?$' } }),
  dispatch: text,
  kills: { type: 'array', items: { enum: KILLS }, uniqueItems: true },
  bleeding: text,
  bleeds: { type: 'array', items: { enum: BLEEDS }, uniqueItems: true },
  raw: object({ verdict: { enum: ['never', 'cook', 'frozen first'] }, why: text }),
  histamine: { type: 'boolean' },
  ciguatera: { type: 'boolean' },
  mercury: { enum: ['low', 'some', 'high'] },
  eating: { ...texts, minItems: 1 },
  look: text,
  lookalikes: { type: 'array', items: object({ id: ID, trait: text, mark: text }) },
  forms: {
    type: 'array',
    minItems: 2,
    items: object({ id: ID, name: text, share, look: text, traits: traitRow, figure: { type: 'object' } }, [
      'id',
      'name',
      'share',
      'look',
      'traits',
    ]),
  },
  traits: traitRow,
  sources: { ...texts, minItems: 1 },
  confidence: { enum: ['sure', 'typical', 'check'] },
  toCheck: texts,
  figure: FIGURE_FILE_SCHEMA,
} as const;

const OPTIONAL = [
  'forms',
  'toCheck',
  'figure',
  'ratios',
  'release',
  'bladder',
  'aid',
  'conservation',
  'kills',
  'bleeds',
];

/** JSON Schema (draft 7) of one species. */
export const SPECIES_SCHEMA = {
  $schema: 'http://json-schema.org/draft-07/schema#',
  title: 'A species',
  ...object(
    properties,
    Object.keys(properties).filter((k) => !OPTIONAL.includes(k)),
  ),
} as const;

/** JSON Schema of a pack of species, as one file. */
export const PACK_SCHEMA = {
  $schema: 'http://json-schema.org/draft-07/schema#',
  title: 'A pack of species',
  ...object({ id: ID, name: text, about: text, species: { type: 'array', minItems: 1, maxItems: 500 } }),
} as const;
