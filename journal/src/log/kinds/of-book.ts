import {
  BOX_STANDS,
  BookError,
  BookOpened,
  BoxAdded,
  BoxDrained,
  BoxFilled,
  BoxLooked,
  BoxRead,
  BoxRetired,
  BoxStands,
  BoxTested,
  BoxWeighed,
  ICE_SEEN,
  MemberJoined,
  MemberLeft,
} from '../facts/book.ts';
import { WALLS } from '@dagboek/core/box';
import { BookWay } from '../facts/board.ts';
import { sayHeavy, sayLength, sayMass, sayTemperature, sayVolume, plural, sayAll } from '@dagboek/core/units';
import { sayAsTyped } from '../facts/as-typed.ts';
import { kindOf, subjectOf } from './define-kind.ts';
import { amountField, choiceField, lengthField, numberField, textField } from '../facts/field.ts';
import { BookRoom, MemberEats } from '../facts/day.ts';
import { BookKitchen, BookPantry } from '../facts/dinner.ts';
import { capital, METHOD_WORDS, sayIce } from '../facts/words.ts';

const ofBook = kindOf<'book'>();
const ofMember = kindOf<'member'>();
const ofBox = kindOf<'box'>();

export const BOOK = subjectOf<'book', BookOpened>({
  begins: 'book.opened',
  readableWhenStruck: true,
  begin: (s) => ({
    name: s.name,
    waters: s.waters,
    boat: s.boat ?? null,
    from: s.from,
    places: s.places ?? [],
    errors: {},
    ways: {},
    roomG: null,
    kitchens: [],
    pantry: [],
  }),
  links: () => [],
  hangsOn: () => ({}),
});

export const MEMBER = subjectOf<'member', MemberJoined>({
  begins: 'member.joined',
  readableWhenStruck: true,
  begin: (s) => ({
    name: s.name,
    role: s.role ?? '',
    bornOn: s.bornOn ?? null,
    licences: s.licences ?? null,
    eats: null,
    joinedAt: s.at,
    leftAt: null,
  }),
  links: () => [],
  hangsOn: () => ({}),
});

export const BOX = subjectOf<'box', BoxAdded>({
  begins: 'box.added',
  readableWhenStruck: true,
  begin: (s) => ({
    name: s.name,
    litres: s.litres,
    walls: s.walls ?? null,
    addedAt: s.at,
    retiredAt: null,
    ice: [],
    weighed: [],
    drained: [],
    read: [],
    stands: [],
    tests: [],
  }),
  links: () => [],
  hangsOn: () => ({}),
});

/** " Born 31 May 2012. Lake permit to 2026-12-31." after a member's name; nothing when nothing was said. */
function sayPapers(m: MemberJoined): string {
  const born = m.bornOn ? ` Born ${m.bornOn}.` : '';
  if (!m.licences) return born;
  return `${born}${m.licences.length === 0 ? ' No licence.' : m.licences.map((l) => ` ${capital(l.name)} to ${l.until}.`).join('')}`;
}

export const BOOK_KINDS = {
  'book.opened': ofBook({
    facts: BookOpened,
    fold: 'begins',
    say: (b) => `${b.name}, ${b.from === 'boat' ? `from ${b.boat ?? 'a boat'}` : 'from the shore'}.`,
    fields: [textField('name', 'Name of the book'), textField('boat', 'Boat', { optional: true })],
  }),
  'book.way': ofBook({
    facts: BookWay,
    fold: (s, w) => {
      s.ways = { ...s.ways, [w.of]: w.is };
    },
    say: (w) => `House way. ${capital(w.of)}: ${w.is}.`,
    fields: [],
  }),
  'book.error': ofBook({
    facts: BookError,
    fold: (s, e) => {
      s.errors = { ...s.errors, [e.method]: e.sdMm };
    },
    say: (e, { units }) =>
      `Lengths ${METHOD_WORDS[e.method]} are good to ${sayLength(e.sdMm, units)}${sayAsTyped(e, ['sdMm'], 'length', units)} from now on.`,
    fields: [lengthField('sdMm', 'Good to')],
  }),
  'member.joined': ofMember({
    facts: MemberJoined,
    fold: 'begins',
    say: (m) => `${m.name}${m.role ? `: ${m.role}` : ''}.${sayPapers(m)}`,
    fields: [textField('name', 'Name'), textField('role', 'Mostly does', { optional: true })],
  }),
  'member.eats': ofMember({
    facts: MemberEats,
    fold: (s, e) => {
      s.eats = {
        plates: e.plates,
        dislikes: e.dislikes ?? [],
        allergic: e.allergic ?? [],
        noFish: e.noFish ?? false,
        atRisk: e.atRisk ?? false,
      };
    },
    say: (e, names) => {
      const kinds = (ids: readonly string[]): string => sayAll(ids.map((id) => names.species(id).toLowerCase()));
      const dislikes = e.dislikes?.length ? ` Rather no ${kinds(e.dislikes)}.` : '';
      const allergic = e.allergic?.length ? ` Must not eat ${kinds(e.allergic)}.` : '';
      return `Eats ${plural(e.plates, 'plate')} at a meal.${dislikes}${allergic}${e.noFish ? ' No fish at all.' : ''}${e.atRisk ? ' At risk.' : ''}`;
    },
    fields: [numberField('plates', 'Plates at a meal', 'plates')],
  }),
  'book.kitchen': ofBook({
    facts: BookKitchen,
    fold: (s, k) => {
      const name = k.name?.trim() ?? '';
      const others = s.kitchens.filter((x) => x.name !== name);
      s.kitchens = k.gone ? others : [...others, { name, means: k.means, vessels: k.vessels }];
    },
    say: ({ name, gone, means: m, vessels }) =>
      gone
        ? `No kitchen any more: ${name ?? 'at home'}.`
        : `${name ? `Kitchen, ${name}` : 'The kitchen'}: ${m.hands} at work, ${m.rings} rings, ${m.ovens} in the oven, ${m.grills} on the grill; ${vessels.length} pans and pots.`,
    fields: [],
  }),
  'book.pantry': ofBook({
    facts: BookPantry,
    fold: (s, p) => {
      s.pantry = p.has;
    },
    say: (p) => (p.has.length === 0 ? 'Nothing is always in the house.' : `Always in the house: ${sayAll(p.has)}.`),
    fields: [],
  }),
  'book.room': ofBook({
    facts: BookRoom,
    fold: (s, r) => {
      s.roomG = r.massG > 0 ? r.massG : null;
    },
    say: (r, { units }) =>
      r.massG > 0
        ? `${sayMass(r.massG, units)} should come out of the freezer in the planned days.`
        : 'No freezer space is needed.',
    fields: [],
  }),
  'member.left': ofMember({
    facts: MemberLeft,
    fold: (s, l) => {
      s.leftAt = l.at;
    },
    say: () => 'No longer comes along.',
    fields: [],
  }),
  'box.added': ofBox({
    facts: BoxAdded,
    fold: 'begins',
    say: (b, { units }) =>
      `${capital(b.name)}, ${sayVolume(b.litres, units)}${sayAsTyped(b, ['litres'], 'volume', units)}${b.walls ? `, ${b.walls}` : ''}.`,
    fields: [
      textField('name', 'Name'),
      amountField('litres', 'Holds', 'volume'),
      choiceField('walls', 'Walls', WALLS, { optional: true }),
    ],
  }),
  'box.filled': ofBox({
    facts: BoxFilled,
    fold: (s, f) =>
      void s.ice.push({ kg: f.kg, seen: null, ...(f.seaL ? { seaL: f.seaL } : {}), at: f.at, about: f.about }),
    say: (f, { units }) =>
      `${sayIce({ kg: f.kg, seen: null, ...(f.seaL ? { seaL: f.seaL } : {}) }, units)}${sayAsTyped(f, ['kg'], 'heavy', units)}.`,
    fields: [amountField('kg', 'Ice', 'heavy'), amountField('seaL', 'Sea water', 'volume', { optional: true })],
  }),
  'box.looked': ofBox({
    facts: BoxLooked,
    fold: (s, l) => void s.ice.push({ kg: null, seen: l.ice, at: l.at, about: l.about }),
    say: (l) => `Under the lid: ${sayIce({ kg: null, seen: l.ice })}.`,
    fields: [choiceField('ice', 'Ice', ICE_SEEN)],
  }),
  'box.weighed': ofBox({
    facts: BoxWeighed,
    fold: (s, w) => void s.weighed.push({ kg: w.kg, at: w.at, about: w.about }),
    say: (w, { units }) => `Ice weighed: ${sayHeavy(w.kg, units)}${sayAsTyped(w, ['kg'], 'heavy', units)}.`,
    fields: [amountField('kg', 'Ice', 'heavy')],
  }),
  'box.drained': ofBox({
    facts: BoxDrained,
    fold: (s, d) => void s.drained.push({ kg: d.kg ?? null, at: d.at, about: d.about }),
    say: (d, { units }) =>
      `Water drained${d.kg === undefined ? '' : `: ${sayHeavy(d.kg, units)}${sayAsTyped(d, ['kg'], 'heavy', units)}`}.`,
    fields: [amountField('kg', 'Water', 'heavy', { optional: true })],
  }),
  'box.read': ofBox({
    facts: BoxRead,
    fold: (s, r) => void s.read.push({ c: r.c, at: r.at, about: r.about }),
    say: (r, { units }) =>
      `Thermometer in the box: ${sayTemperature(r.c, units)}${sayAsTyped(r, ['c'], 'temperature', units)}.`,
    fields: [amountField('c', 'Read', 'temperature')],
  }),
  'box.stands': ofBox({
    facts: BoxStands,
    fold: (s, x) => void s.stands.push({ sun: x.where === 'sun', at: x.at, about: x.about }),
    say: (x) => `Stands in the ${x.where}.`,
    fields: [choiceField('where', 'Stands in the', BOX_STANDS)],
  }),
  'box.tested': ofBox({
    facts: BoxTested,
    fold: (s, t) =>
      void s.tests.push({ iceKg: t.iceKg, leftKg: t.leftKg, hours: t.hours, airC: t.airC, at: t.at, about: t.about }),
    say: (t, { units }) =>
      `Melt test: ${sayHeavy(t.leftKg, units)} of ${sayHeavy(t.iceKg, units)} left after ${t.hours} h in ${sayTemperature(t.airC, units)}${sayAsTyped(t, ['iceKg', 'leftKg'], 'heavy', units)}.`,
    fields: [
      amountField('iceKg', 'Ice put in', 'heavy'),
      amountField('leftKg', 'Ice left', 'heavy'),
      numberField('hours', 'Hours', 'h'),
      amountField('airC', 'Air about it', 'temperature'),
    ],
  }),
  'box.retired': ofBox({
    facts: BoxRetired,
    fold: (s, r) => {
      s.retiredAt = r.at;
    },
    say: () => 'No longer used.',
    fields: [],
  }),
};
