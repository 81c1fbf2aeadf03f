import { sayFinding, WEIGHINGS } from '@dagboek/core/cut';
import {
  BYPRODUCT_USES,
  CutByproduct,
  CutFinding,
  CutFound,
  CutStarted,
  CutStepped,
  CutWay,
  CutWeighed,
  ROUTES,
} from '../facts/board.ts';
import { sayMass, type Units } from '@dagboek/core/units';
import { sayAsTyped } from '../facts/as-typed.ts';
import { kindOf, subjectOf } from './define-kind.ts';
import { choiceField, massField, linesField, memberField, textField } from '../facts/field.ts';
import { capital } from '../facts/words.ts';

const kind = kindOf<'cut'>();
/** The pieces of a weighing; none where its weight was corrected afterwards, since they make another. */
const piecesOf = (w: CutWeighed): readonly number[] => {
  const sum = (w.pieces ?? []).reduce((g, x) => g + x, 0);
  return Math.abs(sum - w.massG) < 0.5 ? (w.pieces ?? []) : [];
};
const sayPieces = (w: CutWeighed, units: Units | undefined): string => {
  const pieces = piecesOf(w);
  return pieces.length > 0 ? `, piece by piece: ${pieces.map((g) => sayMass(g, units)).join(', ')}` : '';
};
const STAGE_WORDS = { round: 'Whole', gutted: 'Gutted', fillets: 'Fillets', trimmed: 'Trimmed' } as const;

export const CUT = subjectOf<'cut', CutStarted>({
  begins: 'cut.started',
  readableWhenStruck: true,
  begin: (s) => ({
    startedAt: s.at,
    fish: s.fish,
    route: s.route,
    by: s.by,
    purpose: s.purpose ?? 'pan',
    stiff: s.stiff ?? null,
    expected: s.expected ?? [],
    ways: {},
    steps: [],
    stages: {},
    byproducts: [],
    found: [],
    findings: [],
  }),
  links: (s) => s.fish.map((to) => ({ to, role: 'fish' as const })),
  hangsOn: (s) => ({ all: s.fish }),
});

export const CUT_KINDS = {
  'cut.started': kind({
    facts: CutStarted,
    fold: 'begins',
    say: (c, names) => `Onto the board: ${c.route}, by ${names.member(c.by)}.`,
    fields: [choiceField('route', 'Cut', ROUTES), memberField('by', 'Who has the knife')],
  }),
  'cut.weighed': kind({
    facts: CutWeighed,
    fold: (s, w) => {
      s.stages = { ...s.stages, [w.stage]: { massG: w.massG, pieces: piecesOf(w), at: w.at, about: w.about } };
    },
    say: (w, { units }) =>
      `${STAGE_WORDS[w.stage]}: ${sayMass(w.massG, units)}${sayAsTyped(w, ['massG'], 'mass', units)}${sayPieces(w, units)}.`,
    fields: [massField('massG', 'Weight')],
  }),
  'cut.stepped': kind({
    facts: CutStepped,
    fold: (s, d, line) => void s.steps.push({ step: d.step, entryId: line.now.id, at: d.at, about: d.about }),
    // The name of a step tells what was done; a weighing that was passed over was not.
    say: (d) =>
      Object.hasOwn(WEIGHINGS, d.step)
        ? `${WEIGHINGS[d.step as keyof typeof WEIGHINGS].name}: not weighed.`
        : `${capital(d.step)}.`,
    fields: [],
  }),
  'cut.way': kind({
    facts: CutWay,
    fold: (s, w) => {
      s.ways = { ...s.ways, [w.of]: w.is };
    },
    say: (w) => `${capital(w.of)}, this time: ${w.is}.`,
    fields: [],
  }),
  'cut.byproduct': kind({
    facts: CutByproduct,
    fold: (s, b, line) =>
      void s.byproducts.push({
        what: b.what,
        massG: b.massG,
        use: b.use,
        entryId: line.now.id,
        at: b.at,
        about: b.about,
      }),
    say: (b, { units }) =>
      `${capital(b.what)}: ${sayMass(b.massG, units)}${sayAsTyped(b, ['massG'], 'mass', units)}, ${b.use === 'bin' ? 'thrown away' : b.use === 'the water' ? 'back to the water' : `for ${b.use}`}.`,
    fields: [textField('what', 'What'), massField('massG', 'Weight'), choiceField('use', 'For', BYPRODUCT_USES)],
  }),
  'cut.finding': kind({
    facts: CutFinding,
    fold: (s, f, line) =>
      void s.findings.push({
        of: f.of,
        is: f.is,
        count: f.count ?? null,
        where: f.where ?? null,
        photo: f.photo ?? null,
        entryId: line.now.id,
        at: f.at,
        about: f.about,
      }),
    say: (f) => `${capital(sayFinding(f))}${f.photo ? ', with a picture' : ''}.`,
    fields: [textField('is', 'What was found')],
  }),
  'cut.found': kind({
    facts: CutFound,
    fold: (s, f) => void s.found.push({ text: f.text, at: f.at, about: f.about }),
    say: (f) => f.text,
    fields: [linesField('text', 'What was found')],
  }),
};
