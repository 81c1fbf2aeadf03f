import { sayMass, plural } from '@dagboek/core/units';
import { sayAsTyped } from '../facts/as-typed.ts';
import { kindOf, subjectOf } from './define-kind.ts';
import { choiceField, countField, massField, textField } from '../facts/field.ts';
import {
  FORMS,
  PackDiscarded,
  PackMoved,
  PackStored,
  PackTended,
  PartTaken,
  PackWeighed,
  PLACES,
  TAKEN_AS,
  WRAPPINGS,
} from '../facts/larder.ts';

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
    from: s.from ?? [],
    taken: [],
    weighed: [],
    tended: [],
    places: [{ place: s.place, store: s.store ?? null, at: s.at, about: s.about }],
    discarded: null,
  }),
  links: (s) => [
    ...s.fish.map((to) => ({ to, role: 'fish' as const })),
    ...(s.cut ? [{ to: s.cut, role: 'cut' as const }] : []),
    ...(s.meal ? [{ to: s.meal, role: 'meal' as const }] : []),
    ...s.from.map((f) => ({ to: f.pack, role: 'pack' as const })),
  ],
  hangsOn: (s) => ({ each: [s.cut, s.meal], all: s.fish }),
});

export const PACK_KINDS = {
  'pack.stored': kind({
    facts: PackStored,
    fold: 'begins',
    say: (p, names) =>
      `Pack ${p.number}: ${p.what}, ${sayMass(p.massG, names.units)}${sayAsTyped(p, ['massG'], 'mass', names.units)}, ${p.wrapping}, into ${p.store ? names.store(p.store) : `the ${p.place}`}.`,
    fields: [
      textField('what', 'What is in it'),
      massField('massG', 'Weight'),
      countField('pieces', 'Pieces', { optional: true }),
      choiceField('form', 'Form', FORMS),
      choiceField('wrapping', 'Wrapped in', WRAPPINGS),
      choiceField('place', 'Where', PLACES, { clears: ['store'] }),
    ],
  }),
  'pack.moved': kind({
    facts: PackMoved,
    fold: (s, m) => void s.places.push({ place: m.place, store: m.store ?? null, at: m.at, about: m.about }),
    say: (m, names) =>
      m.store
        ? `Into ${names.store(m.store)}.`
        : m.place === 'fridge'
          ? 'Out of the freezer, into the fridge to thaw.'
          : 'Into the freezer.',
    fields: [choiceField('place', 'Where', PLACES, { clears: ['store'] })],
  }),
  'pack.taken': kind({
    facts: PartTaken,
    fold: (s, t) =>
      void s.taken.push({
        massG: t.massG,
        pieces: t.pieces ?? null,
        is: t.is,
        why: t.why ?? null,
        at: t.at,
        about: t.about,
      }),
    say: (t, { units }) =>
      `Taken out: ${sayMass(t.massG, units)}${sayAsTyped(t, ['massG'], 'mass', units)}${t.pieces ? `, ${plural(t.pieces, 'piece')}` : ''}, ${t.is === 'bait' ? 'for bait' : t.is}${t.why ? `: ${t.why}` : ''}.`,
    fields: [
      massField('massG', 'Weight'),
      countField('pieces', 'Pieces', { optional: true }),
      choiceField('is', 'What happened to it', TAKEN_AS),
      textField('why', 'Why', { optional: true }),
    ],
  }),
  'pack.tended': kind({
    facts: PackTended,
    fold: (s, t) => void s.tended.push({ did: t.did, at: t.at, about: t.about }),
    say: (t) => (t.did === 'towel' ? 'Towel changed.' : 'Turned.'),
    fields: [],
  }),
  'pack.weighed': kind({
    facts: PackWeighed,
    fold: (s, w) => void s.weighed.push({ massG: w.massG, pieces: w.pieces ?? null, at: w.at, about: w.about }),
    say: (w, { units }) =>
      `Weighed again: ${sayMass(w.massG, units)}${sayAsTyped(w, ['massG'], 'mass', units)}${w.pieces ? `, ${plural(w.pieces, 'piece')}` : ''}.`,
    fields: [massField('massG', 'Weight'), countField('pieces', 'Pieces', { optional: true })],
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
