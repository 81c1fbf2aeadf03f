import { sayMass } from '@dagboek/core/units';
import { sayAsTyped } from './as-typed.ts';
import { kindOf, subjectOf } from './define-kind.ts';
import { choiceField, countField, massField, textField } from './field.ts';
import { FORMS, PackDiscarded, PackMoved, PackStored, PLACES, WRAPPINGS } from './larder.ts';

const kind = kindOf<'pack'>();

export const PACK = subjectOf<'pack', PackStored>({
  begins: 'pack.stored',
  readableWhenStruck: true,
  begin: (s) => ({
    number: s.number,
    what: s.what,
    species: s.species,
    form: s.form,
    massG: s.massG,
    pieces: s.pieces ?? null,
    wrapping: s.wrapping,
    storedAt: s.at,
    fish: s.fish,
    cut: s.cut ?? null,
    meal: s.meal ?? null,
    places: [{ place: s.place, at: s.at, about: s.about }],
    discarded: null,
  }),
  links: (s) => [
    ...s.fish.map((to) => ({ to, role: 'fish' as const })),
    ...(s.cut ? [{ to: s.cut, role: 'cut' as const }] : []),
    ...(s.meal ? [{ to: s.meal, role: 'meal' as const }] : []),
  ],
  hangsOn: (s) => ({ each: [s.cut, s.meal], all: s.fish }),
});

export const PACK_KINDS = {
  'pack.stored': kind({
    facts: PackStored,
    fold: 'begins',
    say: (p, { units }) =>
      `Pack ${p.number}: ${p.what}, ${sayMass(p.massG, units)}${sayAsTyped(p, ['massG'], 'mass', units)}, ${p.wrapping}, into the ${p.place}.`,
    fields: [
      textField('what', 'What is in it'),
      massField('massG', 'Weight'),
      countField('pieces', 'Pieces', { optional: true }),
      choiceField('form', 'Form', FORMS),
      choiceField('wrapping', 'Wrapped in', WRAPPINGS),
      choiceField('place', 'Where', PLACES),
    ],
  }),
  'pack.moved': kind({
    facts: PackMoved,
    fold: (s, m) => void s.places.push({ place: m.place, at: m.at, about: m.about }),
    say: (m) => (m.place === 'fridge' ? 'Out of the freezer, into the fridge to thaw.' : 'Into the freezer.'),
    fields: [choiceField('place', 'Where', PLACES)],
  }),
  'pack.discarded': kind({
    facts: PackDiscarded,
    fold: (s, d) => {
      s.discarded = { why: d.why, at: d.at, about: d.about };
    },
    say: (d) => `Thrown away: ${d.why}.`,
    fields: [textField('why', 'Why')],
  }),
};
