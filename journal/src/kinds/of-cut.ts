import { BYPRODUCT_USES, CutByproduct, CutFound, CutStarted, CutWeighed, ROUTES } from './board.ts';
import { sayMass } from '@dagboek/core/units';
import { sayAsTyped } from './as-typed.ts';
import { kindOf, subjectOf } from './define-kind.ts';
import { choiceField, massField, linesField, memberField, textField } from './field.ts';
import { capital } from './words.ts';

const kind = kindOf<'cut'>();
const STAGE_WORDS = { round: 'Whole', gutted: 'Gutted', fillets: 'Fillets', trimmed: 'Trimmed' } as const;

export const CUT = subjectOf<'cut', CutStarted>({
  begins: 'cut.started',
  readableWhenStruck: true,
  begin: (s) => ({ startedAt: s.at, fish: s.fish, route: s.route, by: s.by, stages: {}, byproducts: [], found: [] }),
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
      s.stages = { ...s.stages, [w.stage]: { massG: w.massG, at: w.at, about: w.about } };
    },
    say: (w, { units }) =>
      `${STAGE_WORDS[w.stage]}: ${sayMass(w.massG, units)}${sayAsTyped(w, ['massG'], 'mass', units)}.`,
    fields: [massField('massG', 'Weight')],
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
      `${capital(b.what)}: ${sayMass(b.massG, units)}${sayAsTyped(b, ['massG'], 'mass', units)}, ${b.use === 'bin' ? 'thrown away' : `for ${b.use}`}.`,
    fields: [textField('what', 'What'), massField('massG', 'Weight'), choiceField('use', 'For', BYPRODUCT_USES)],
  }),
  'cut.found': kind({
    facts: CutFound,
    fold: (s, f) => void s.found.push({ text: f.text, at: f.at, about: f.about }),
    say: (f) => f.text,
    fields: [linesField('text', 'What was found')],
  }),
};
