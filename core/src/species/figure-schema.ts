import { array, object, pair, share, text } from '../schema/index.ts';

/** Numbers of a figure, in drawing units or on the body: wide enough for any fish, narrow enough to be drawn. */
const num = (minimum: number, maximum: number) => ({ type: 'number', minimum, maximum }) as const;
const whole = (maximum: number) => ({ type: 'integer', minimum: 0, maximum }) as const;
const flag = { type: 'boolean' } as const;
const NAME = { type: 'string', minLength: 1, maxLength: 80 } as const;
const COLOR = { type: 'string', pattern: '^#[0-9a-fA-F]{3}([0-9a-fA-F]{3})?$' } as const;
const HARM = { enum: ['harmless', 'sharp', 'venomous'] } as const;
const AT = num(-3, 3);
const PT = pair(AT);
const ANGLE = num(-720, 720);
const SIZE = num(0, 2);
const LENGTH = num(0.001, 2);
const PLACES = array(array(AT, 3, 3), 300);
const AREA = array(AT, 4, 4);
const OUTLINE = array(pair(num(-0.5, 2)), 60, 2);

const RIM = object({ width: num(0, 20), color: COLOR });
const BANDS = array(object({ at: AT, width: SIZE, color: COLOR, opacity: share }, ['at', 'width', 'color']), 20);
const PATCHES = array(
  object({ t: AT, at: AT, r: SIZE, color: COLOR, stretch: num(0.1, 10), opacity: share }, ['t', 'at', 'r', 'color']),
  20,
);
const SPOTS = object({ count: whole(400), r: num(0.0005, 1), color: COLOR, opacity: share }, ['count', 'r', 'color']);

const FIN = {
  name: NAME,
  on: { enum: ['dorsal', 'anal'] },
  from: num(-0.5, 1.5),
  to: num(-0.5, 1.5),
  spines: whole(60),
  soft: whole(200),
  free: whole(30),
  plain: flag,
  height: { anyOf: [SIZE, array(PT, 30, 1)] },
  lean: pair(ANGLE),
  notch: num(0, 1),
  filament: SIZE,
  follow: num(-2, 2),
  bow: num(-2, 2),
  round: num(0, 20),
  color: COLOR,
  harm: HARM,
  rim: RIM,
  bands: BANDS,
  patches: PATCHES,
  spots: SPOTS,
} as const;

const FAN = {
  at: PT,
  base: SIZE,
  length: LENGTH,
  angle: ANGLE,
  spread: num(0, 360),
  rays: whole(60),
  shape: array(PT, 30),
  spine: flag,
  harm: HARM,
  behind: flag,
  bow: num(-2, 2),
  round: num(0, 20),
  opacity: share,
  color: COLOR,
  rim: RIM,
  spots: SPOTS,
  bands: BANDS,
  patches: PATCHES,
} as const;

const EYE = object({ at: PT, r: num(0.001, 0.3), iris: COLOR, top: flag }, ['at', 'r']);
const SPINE = { at: PT, angle: ANGLE, length: LENGTH } as const;

const PATTERN = {
  type: { enum: ['bars', 'stripes', 'waves', 'spots', 'patch', 'mottle', 'worms'] },
  name: NAME,
  color: COLOR,
  opacity: share,
  fine: flag,
  apart: flag,
  at: array(AT, 100),
  u: PT,
  v: PT,
  width: SIZE,
  slant: num(-5, 5),
  wobble: num(0, 5),
  point: num(-2, 2),
  count: whole(600),
  amp: SIZE,
  area: AREA,
  r: pair(num(0.0005, 1)),
  gap: num(0.1, 20),
  toward: { enum: ['back'] },
  list: PLACES,
  points: array(PT, 200),
  halo: COLOR,
  haloSize: num(0, 10),
  haloOpacity: share,
  stretch: num(0.1, 10),
  rough: num(0, 5),
  angle: ANGLE,
  turn: ANGLE,
} as const;

/** JSON Schema of a whole figure, every list and number within bounds: what passes it can be drawn. */
export const FIGURE_SCHEMA = object(
  {
    id: NAME,
    name: text,
    latin: { type: 'string', maxLength: 600 },
    plan: { enum: ['round', 'flat', 'eel', 'ray', 'shark', 'squid'] },
    facing: { enum: ['left', 'right'] },
    description: text,
    body: object(
      {
        dorsal: OUTLINE,
        ventral: OUTLINE,
        snoutY: num(-1, 1),
        start: num(0, 0.9),
        bend: object({ amp: num(-1, 1), waves: num(0, 10), phase: ANGLE, head: num(0, 1) }, ['amp', 'waves']),
      },
      ['dorsal', 'ventral'],
    ),
    mouth: object(
      {
        y: AT,
        length: SIZE,
        angle: ANGLE,
        bow: AT,
        jaw: { enum: ['lower', 'upper', 'equal'] },
        by: AT,
        lip: SIZE,
        thick: SIZE,
        lipColor: COLOR,
        maxilla: flag,
        harm: HARM,
        teeth: object({ count: whole(100), size: SIZE, hidden: flag }, []),
        beak: SIZE,
        under: object({ u: AT, hidden: flag }, ['u']),
        barbels: array(object({ name: NAME, ...SPINE, bow: AT }, ['at', 'length']), 20),
      },
      ['length', 'jaw'],
    ),
    eye: EYE,
    eyes: array(EYE, 4),
    gill: object(
      {
        u: num(0, 1),
        slits: object({ count: whole(12), gap: SIZE, v: PT }),
        top: AT,
        mid: AT,
        low: AT,
        throat: AT,
        harm: HARM,
        preopercle: flag,
        spines: array(object({ ...SPINE, harm: HARM }, ['at', 'length']), 20),
        ridges: array(array(PT, 30, 2), 20),
      },
      ['u'],
    ),
    lateral: object(
      {
        path: array(PT, 60, 2),
        color: COLOR,
        underlay: COLOR,
        width: num(0, 20),
        bold: flag,
        opacity: share,
        scutes: object({ count: whole(200), size: SIZE, color: COLOR }, ['count', 'size']),
      },
      ['path'],
    ),
    fins: array(object(FIN, ['name', 'on', 'from', 'to', 'height']), 20),
    paired: {
      type: 'object',
      maxProperties: 10,
      additionalProperties: object(FAN, ['at', 'length', 'angle']),
    },
    finlets: array(object({ on: { enum: ['dorsal', 'anal'] }, from: AT, to: AT, count: whole(30), size: SIZE }), 10),
    freeRays: array(object(SPINE), 30),
    freeRayColor: COLOR,
    lobes: array(object({ name: NAME, points: array(PT, 100, 3), color: COLOR }, ['name', 'points']), 20),
    arms: array(
      object({ at: PT, angle: ANGLE, length: LENGTH, thick: SIZE, bend: ANGLE, club: flag }, [
        'at',
        'angle',
        'length',
        'thick',
      ]),
      20,
    ),
    mantle: PT,
    barb: object({ name: NAME, ...SPINE, harm: HARM }, ['at', 'length']),
    headSpines: array(object(SPINE), 60),
    tail: object(
      {
        shape: { enum: ['forked', 'lunate', 'emarginate', 'truncate', 'rounded', 'lopsided', 'none'] },
        lower: SIZE,
        notch: flag,
        span: SIZE,
        fork: num(-1, 2),
        round: num(0, 20),
        bow: AT,
        rays: whole(100),
        power: num(0.05, 20),
        soften: num(0, 20),
        color: COLOR,
        name: NAME,
        bands: BANDS,
        spots: SPOTS,
        rim: RIM,
      },
      ['shape'],
    ),
    colors: object({ back: COLOR, flank: COLOR, belly: COLOR, fin: COLOR }),
    pattern: array(object(PATTERN, ['type', 'color']), 30),
    skin: object(
      {
        scales: object({ size: num(0.004, 1), color: COLOR, opacity: share, v: PT }, ['size']),
        tubercles: object({ area: AREA, count: whole(600), r: pair(num(0.0005, 1)), color: COLOR, gap: num(0.1, 20) }, [
          'area',
          'count',
          'r',
        ]),
        thorns: PLACES,
        thornBase: COLOR,
        knobs: PLACES,
        flaps: array(object(SPINE), 60),
      },
      [],
    ),
    toxin: text,
    vent: num(0, 1),
    discEnd: num(0, 1),
    nostril: flag,
  },
  ['id', 'plan', 'body', 'colors'],
);

const HARMS = { type: 'object', maxProperties: 40, additionalProperties: HARM } as const;

/**
 * JSON Schema of a figure in a file: whole, or changes to the figure of another species, whose outcome is held against
 * `FIGURE_SCHEMA` when it is put together.
 */
export const FIGURE_FILE_SCHEMA = {
  type: 'object',
  required: ['id'],
  properties: {
    id: NAME,
    like: NAME,
    scale: object({ back: num(0.2, 5), belly: num(0.2, 5) }, []),
    fins: { type: ['object', 'array'] },
    addFins: array({ type: 'object' }, 20),
    harms: HARMS,
  },
  anyOf: [{ required: ['like'] }, { required: ['body', 'plan', 'colors'] }],
  if: { required: ['like'] },
  else: FIGURE_SCHEMA,
} as const;
