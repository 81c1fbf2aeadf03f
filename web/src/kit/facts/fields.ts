import {
  BLEED_CUTS,
  BLEED_MEDIA,
  BYPRODUCT_USES,
  COOKING,
  DISPATCHES,
  DONENESS,
  FORMS,
  GEARS,
  ICINGS,
  type Kind,
  METHODS,
  ORIGINS,
  PLACES,
  RELEASE_REASONS,
  RELEASE_STATES,
  ROUTES,
  WRAPPINGS,
} from '@dagboek/journal';

/** How one fact of an entry is shown and typed when it is corrected. Numbers are kept in the core's unit and shown in `unit` (value / scale). */
export type Field = { readonly name: string; readonly label: string; readonly optional?: boolean } & (
  | { readonly type: 'number'; readonly unit: string; readonly scale: number }
  | { readonly type: 'text' | 'lines' }
  | {
      readonly type: 'choice';
      readonly options: readonly string[];
      readonly words?: Readonly<Record<string, string>>;
      /** As for a species. */
      readonly clears?: readonly string[];
    }
  | { readonly type: 'member' | 'members' | 'box' }
  | { readonly type: 'zone'; readonly clears?: readonly string[] }
  /** `clears`: facts that no longer hold once another species is chosen. */
  | { readonly type: 'species'; readonly clears?: readonly string[] }
);

const cm = (name: string, label: string, optional = false): Field => ({
  name,
  label,
  type: 'number',
  unit: 'cm',
  scale: 10,
  optional,
});
const grams = (name: string, label: string): Field => ({ name, label, type: 'number', unit: 'g', scale: 1 });
const count = (name: string, label: string, optional = false): Field => ({
  name,
  label,
  type: 'number',
  unit: '',
  scale: 1,
  optional,
});
const choice = (name: string, label: string, options: readonly string[], optional = false): Field => ({
  name,
  label,
  type: 'choice',
  options,
  optional,
});
const text = (name: string, label: string): Field => ({ name, label, type: 'text' });
const lines = (name: string, label: string): Field => ({ name, label, type: 'lines' });
const LENGTHS: Field = {
  name: 'lengthKind',
  label: 'Which length',
  type: 'choice',
  options: ['total', 'fork', 'discWidth', 'mantle'],
  words: { discWidth: 'disc width', mantle: 'mantle length' },
};

/** What can be corrected in an entry of each kind. Facts not named here are carried over as they are. */
export const FIELDS: Readonly<Partial<Record<Kind, readonly Field[]>>> = {
  'book.opened': [text('name', 'Name of the book'), { ...text('boat', 'Boat'), optional: true }],
  'book.error': [{ name: 'sdMm', label: 'Good to', type: 'number', unit: 'cm', scale: 10 }],
  'member.joined': [text('name', 'Name'), { ...text('role', 'Mostly does'), optional: true }],
  'member.left': [],
  'box.retired': [],
  'box.added': [text('name', 'Name'), count('litres', 'Litres')],
  'trip.started': [
    { name: 'zone', label: 'Zone', type: 'zone' },
    { name: 'crew', label: 'Who is aboard', type: 'members' },
    { name: 'box', label: 'Box', type: 'box', optional: true },
    { name: 'iceKg', label: 'Ice', type: 'number', unit: 'kg', scale: 1, optional: true },
    { name: 'waterC', label: 'Water', type: 'number', unit: '°C', scale: 1, optional: true },
  ],
  'trip.moved': [{ name: 'zone', label: 'Zone', type: 'zone', clears: ['position'] }],
  'trip.ended': [{ name: 'rodHours', label: 'Rod hours', type: 'number', unit: 'h', scale: 1, optional: true }],
  'trip.noted': [lines('text', 'Remark')],
  'trip.harm': [{ name: 'who', label: 'Who', type: 'member' }, lines('text', 'What happened')],
  'fish.landed': [
    { name: 'angler', label: 'Caught by', type: 'member' },
    count('count', 'How many'),
    { name: 'species', label: 'Species', type: 'species', optional: true },
    choice('gear', 'Gear', GEARS, true),
    choice('origin', 'Wild or stocked', ORIGINS, true),
  ],
  'fish.named': [{ name: 'species', label: 'Species', type: 'species', clears: ['orElse', 'seen'] }],
  'fish.measured': [
    cm('lengthMm', 'Length'),
    cm('longestMm', 'Longest of the lot', true),
    LENGTHS,
    { name: 'method', label: 'Measured with', type: 'choice', options: METHODS, clears: ['sdMm'] },
  ],
  'fish.weighed': [grams('massG', 'Weight'), choice('how', 'How', ['scale', 'estimated'])],
  'fish.released': [choice('reason', 'Why', RELEASE_REASONS), choice('state', 'How it went', RELEASE_STATES, true)],
  'fish.dispatched': [choice('how', 'How', DISPATCHES)],
  'fish.bled': [choice('cut', 'Where it was cut', BLEED_CUTS), choice('medium', 'In what', BLEED_MEDIA, true)],
  'fish.iced': [{ name: 'box', label: 'Box', type: 'box' }, choice('how', 'How', ICINGS)],
  'fish.reported': [text('to', 'To whom')],
  'fish.noted': [lines('text', 'Remark')],
  'cut.started': [choice('route', 'Cut', ROUTES), { name: 'by', label: 'Who has the knife', type: 'member' }],
  'cut.weighed': [grams('massG', 'Weight')],
  'cut.byproduct': [text('what', 'What'), grams('massG', 'Weight'), choice('use', 'For', BYPRODUCT_USES)],
  'cut.found': [lines('text', 'What was found')],
  'pack.stored': [
    text('what', 'What is in it'),
    grams('massG', 'Weight'),
    count('pieces', 'Pieces', true),
    choice('form', 'Form', FORMS),
    choice('wrapping', 'Wrapped in', WRAPPINGS),
    choice('place', 'Where', PLACES),
  ],
  'pack.moved': [choice('place', 'Where', PLACES)],
  'pack.discarded': [text('why', 'Why')],
  'meal.served': [
    text('name', 'Dish'),
    { name: 'cook', label: 'Cook', type: 'member' },
    choice('method', 'How it was cooked', COOKING),
    { name: 'eaters', label: 'Who ate', type: 'members' },
    count('guests', 'Guests', true),
    choice('doneness', 'How done', DONENESS, true),
  ],
  'meal.rated': [count('mark', 'Mark, 1 to 5')],
  'meal.noted': [lines('text', 'Remark')],
};
