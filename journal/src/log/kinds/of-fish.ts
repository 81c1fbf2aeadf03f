import { GUT_PIERCED } from '@dagboek/core/handling';
import { lengthShown, lengthUnit, sayLength, sayMass, sayTemperature, sayAny } from '@dagboek/core/units';
import { sayAsTyped } from '../facts/as-typed.ts';
import {
  BLEED_CUTS,
  BLEED_MEDIA,
  DISPATCHES,
  FishBled,
  FishDiscarded,
  FishDispatched,
  FishIced,
  FishLanded,
  FishMeasured,
  FishMoved,
  FishNamed,
  FishNoted,
  FishRead,
  FishReleased,
  FishReported,
  FishWeighed,
  GEARS,
  HOOKS,
  ICINGS,
  LAYERS,
  METHODS,
  ORIGINS,
  RELEASE_REASONS,
  RELEASE_WORDS,
  RELEASE_STATES,
} from '../facts/deck.ts';
import { kindOf, subjectOf } from './define-kind.ts';
import {
  amountField,
  boxField,
  choiceField,
  lengthField,
  countField,
  massField,
  linesField,
  memberField,
  speciesField,
  textField,
} from '../facts/field.ts';
import { FishPictured } from '../facts/picture.ts';
import { CUT_WORDS, METHOD_WORDS } from '../facts/words.ts';

const kind = kindOf<'fish'>();
const LENGTH_WORDS = { total: '', fork: ' fork length', discWidth: ' disc width', mantle: ' mantle length' } as const;

export const FISH = subjectOf<'fish', FishLanded>({
  begins: 'fish.landed',
  readableWhenStruck: true,
  begin: (l) => ({
    number: l.number ?? null,
    trip: l.trip,
    angler: l.angler,
    count: l.count,
    species: l.species ?? null,
    orElse: [],
    seen: {},
    gear: l.gear ?? null,
    origin: l.origin ?? null,
    landed: { at: l.at, about: l.about },
    length: null,
    mass: null,
    released: null,
    discarded: null,
    dispatched: null,
    bled: null,
    iced: null,
    boxes: [],
    layer: null,
    reads: [],
    notes: [],
    reported: [],
    pictures: [],
  }),
  links: (s) => [{ to: s.trip, role: 'trip' }],
  hangsOn: (s) => ({ each: [s.trip] }),
});

export const FISH_KINDS = {
  'fish.landed': kind({
    facts: FishLanded,
    fold: 'begins',
    say: (l, names) =>
      `${l.count > 1 ? `${l.count} landed` : 'Landed'}${l.species ? `: ${names.species(l.species)}` : ''}${l.gear ? `, ${l.gear}` : ''}${l.origin ? `, ${l.origin}` : ''}. Caught by ${names.member(l.angler)}.`,
    fields: [
      memberField('angler', 'Caught by'),
      countField('count', 'How many'),
      speciesField('species', 'Species', { optional: true }),
      choiceField('gear', 'Gear', GEARS, { optional: true }),
      choiceField('origin', 'Wild or stocked', ORIGINS, { optional: true }),
    ],
  }),
  'fish.named': kind({
    facts: FishNamed,
    fold: (s, n) => {
      s.orElse = [...(n.orElse ?? [])];
      s.species = n.species;
      s.seen = n.seen ?? {};
    },
    say: (n, names) => `Named: ${sayAny([n.species, ...(n.orElse ?? [])].map(names.species))}.`,
    fields: [speciesField('species', 'Species', { clears: ['orElse', 'seen'] })],
  }),
  'fish.measured': kind({
    facts: FishMeasured,
    fold: (s, m) => {
      s.length = {
        mm: m.lengthMm,
        longestMm: m.longestMm ?? null,
        kind: m.lengthKind,
        method: m.method,
        sdMm: m.sdMm ?? null,
        at: m.at,
        about: m.about,
      };
    },
    say: (m, { units }) =>
      `Length ${lengthShown(m.lengthMm, units)}${m.longestMm ? ` to ${lengthShown(m.longestMm, units)}` : ''} ${lengthUnit(units)}${LENGTH_WORDS[m.lengthKind]}${sayAsTyped(m, ['lengthMm', 'longestMm'], 'length', units)}, ${METHOD_WORDS[m.method]}${m.sdMm ? `, good to ${sayLength(m.sdMm, units)}` : ''}.`,
    fields: [
      lengthField('lengthMm', 'Length'),
      lengthField('longestMm', 'Longest of the lot', { optional: true }),
      choiceField('lengthKind', 'Which length', Object.keys(LENGTH_WORDS), {
        words: { discWidth: 'disc width', mantle: 'mantle length' },
      }),
      choiceField('method', 'Measured with', METHODS, { clears: ['sdMm'] }),
    ],
  }),
  'fish.weighed': kind({
    facts: FishWeighed,
    fold: (s, w) => {
      s.mass = { g: w.massG, how: w.how, at: w.at, about: w.about };
    },
    say: (w, { units }) =>
      `Weight ${sayMass(w.massG, units)}${sayAsTyped(w, ['massG'], 'mass', units)}, ${w.how === 'scale' ? 'by the scale' : 'estimated from the length'}.`,
    fields: [massField('massG', 'Weight'), choiceField('how', 'How', ['scale', 'estimated'])],
  }),
  'fish.released': kind({
    facts: FishReleased,
    fold: (s, r) => {
      s.released = r;
    },
    say: (r) =>
      `Let go: ${RELEASE_WORDS[r.reason]}${r.state ? `; ${r.state}` : ''}${r.hook ? `; hook: ${r.hook}` : ''}.`,
    fields: [
      choiceField('reason', 'Why', RELEASE_REASONS, { words: RELEASE_WORDS }),
      choiceField('state', 'How was it?', RELEASE_STATES, { optional: true }),
      choiceField('hook', 'The hook', HOOKS, { optional: true }),
    ],
  }),
  'fish.discarded': kind({
    facts: FishDiscarded,
    fold: (s, d) => {
      s.discarded = { why: d.why, at: d.at, about: d.about };
    },
    say: (d) => `Thrown away: ${d.why}.`,
    fields: [textField('why', 'Why')],
  }),
  'fish.dispatched': kind({
    facts: FishDispatched,
    fold: (s, d) => {
      s.dispatched = d;
    },
    say: (d) =>
      `Killed, ${d.how}${d.signsSeen ? '; signs of a clean kill seen' : ''}${d.wired ? '; spinal wire' : ''}${d.gutPierced ? `; gut pierced: ${GUT_PIERCED}` : ''}.`,
    fields: [choiceField('how', 'How', DISPATCHES)],
  }),
  'fish.bled': kind({
    facts: FishBled,
    fold: (s, b) => {
      s.bled = b;
    },
    say: (b) => (b.cut === 'none' ? 'Not bled.' : `Bled, ${CUT_WORDS[b.cut]}${b.medium ? `, ${b.medium}` : ''}.`),
    fields: [
      choiceField('cut', 'Where it was cut', BLEED_CUTS),
      choiceField('medium', 'In what', BLEED_MEDIA, { optional: true }),
    ],
  }),
  'fish.iced': kind({
    facts: FishIced,
    fold: (s, i) => {
      s.iced = i;
      s.boxes.push({ box: i.box, how: i.how, at: i.at, about: i.about });
    },
    say: (i, names) => `Onto ice: ${i.how}, ${names.box(i.box)}.`,
    fields: [boxField('box', 'Box'), choiceField('how', 'How', ICINGS)],
  }),
  'fish.moved': kind({
    facts: FishMoved,
    fold: (s, m) => {
      if (!s.iced) return;
      const lies = { box: m.box, how: m.how ?? s.iced.how };
      s.iced = { ...s.iced, ...lies };
      s.boxes.push({ ...lies, at: m.at, about: m.about });
      s.layer = m.layer ?? null;
    },
    say: (m, names) =>
      `Moved to ${[names.box(m.box), ...(m.layer ? [`the ${m.layer}`] : []), ...(m.how ? [m.how] : [])].join(', ')}.`,
    fields: [
      boxField('box', 'Box'),
      choiceField('how', 'How', ICINGS, { optional: true }),
      choiceField('layer', 'Layer', LAYERS, { optional: true }),
    ],
  }),
  'fish.read': kind({
    facts: FishRead,
    fold: (s, r) => void s.reads.push({ c: r.c, at: r.at, about: r.about }),
    say: (r, { units }) =>
      `Thermometer in its middle: ${sayTemperature(r.c, units)}${sayAsTyped(r, ['c'], 'temperature', units)}.`,
    fields: [amountField('c', 'Read', 'temperature')],
  }),
  'fish.noted': kind({
    facts: FishNoted,
    fold: (s, n) => void s.notes.push({ text: n.text, at: n.at, about: n.about }),
    say: (n) => n.text,
    fields: [linesField('text', 'Remark')],
  }),
  'fish.reported': kind({
    facts: FishReported,
    fold: (s, r) => void s.reported.push(r),
    say: (r) => `Reported to ${r.to}.`,
    fields: [textField('to', 'To whom')],
  }),
  'fish.pictured': kind({
    facts: FishPictured,
    fold: (s, p) => void s.pictures.push(p),
    say: (p) => `Picture taken${p.reading ? ', with a board to measure by' : ''}.`,
    fields: [],
  }),
};
