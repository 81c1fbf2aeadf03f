import type { Entry } from './log/entry/entry.ts';
import type { FactsOf, Kind } from './log/kinds/index.ts';

let counter = 0;

/** A readable, valid UUID from a word: the same word always gives the same id. */
export function idOf(word: string): string {
  let h = 2166136261;
  for (const c of word) h = Math.imul(h ^ c.charCodeAt(0), 16777619) >>> 0;
  const hex = h.toString(16).padStart(8, '0');
  return `01900000-${hex.slice(0, 4)}-7${hex.slice(4, 7)}-8${hex.slice(0, 3)}-${hex}${hex.slice(0, 4)}`;
}

export const ILSE = idOf('ilse');
export const TOMAS = idOf('tomas');
export const TRIP = idOf('trip');
export const BOX = idOf('box');

/** "14:20" on the day of the tests. */
export const at = (time: string): string => `2026-09-12T${time.length === 5 ? `${time}:00` : time}+01:00`;

/** An entry with everything that does not matter filled in. */
export function anEntry<K extends Kind>(kind: K, subject: string, facts: FactsOf<K>, more: Partial<Entry> = {}): Entry {
  const n = ++counter;
  const time = more.at ?? at('12:00');
  return {
    id: `01910000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`,
    kind,
    subject,
    at: time,
    written: more.written ?? time,
    member: ILSE,
    device: 'phone',
    facts: facts as object as Record<string, unknown>,
    ...more,
  };
}

export const tripStarted = (time = '06:40', more: Partial<FactsOf<'trip.started'>> = {}): Entry =>
  anEntry(
    'trip.started',
    TRIP,
    {
      waters: 'skerrow-isles',
      zone: 'north-skerries',
      from: 'boat',
      crew: [ILSE, TOMAS],
      box: BOX,
      iceKg: 9,
      waterC: 13,
      ...more,
    },
    { at: at(time) },
  );

export const landed = (fish: string, time: string, more: Partial<FactsOf<'fish.landed'>> = {}): Entry =>
  anEntry(
    'fish.landed',
    idOf(fish),
    { trip: TRIP, angler: ILSE, count: 1, species: 'pollack', gear: 'rod', ...more },
    { at: at(time) },
  );

/** A pack of 400 g of pollack in the fridge, but for what is said otherwise. `on`: when it was stored. */
export const packStored = (word: string, more: object = {}, on = at('18:00')): Entry =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      number: 1,
      what: word,
      species: 'pollack',
      form: 'fillets',
      massG: 400,
      wrapping: 'cloth',
      place: 'fridge',
      fish: [],
      ...more,
    } as never,
    { at: on },
  );

/** A pollack from the water to the plate, as twelve entries. */
export function wholeLine(): Entry[] {
  const fish = idOf('a');
  const cut = idOf('cut');
  const pack = idOf('pack');
  const meal = idOf('meal');
  const on = (time: string): { at: string } => ({ at: at(time) });
  return [
    tripStarted(),
    landed('a', '12:18'),
    anEntry('fish.measured', fish, { lengthMm: 440, lengthKind: 'total', method: 'board' }, on('12:18')),
    anEntry('fish.weighed', fish, { massG: 790, how: 'scale' }, on('12:19')),
    anEntry('fish.dispatched', fish, { how: 'brain spike', signsSeen: true }, on('12:19')),
    anEntry('fish.bled', fish, { cut: 'both gills', medium: 'sea-water bucket' }, on('12:20')),
    anEntry('fish.iced', fish, { box: BOX, how: 'slurry' }, on('12:31')),
    anEntry('cut.started', cut, { fish: [fish], route: 'fillet from the tail', by: TOMAS }, on('18:40')),
    anEntry('cut.weighed', cut, { stage: 'round', massG: 790 }, on('18:41')),
    anEntry('cut.weighed', cut, { stage: 'gutted', massG: 668 }, on('18:52')),
    anEntry('cut.weighed', cut, { stage: 'fillets', massG: 322 }, on('19:21')),
    anEntry('cut.weighed', cut, { stage: 'trimmed', massG: 276 }, on('19:30')),
    anEntry(
      'pack.stored',
      pack,
      {
        number: 84,
        what: 'Pollack, 2 fillets',
        species: 'pollack',
        form: 'fillets',
        massG: 276,
        pieces: 2,
        wrapping: 'cloth',
        place: 'fridge',
        fish: [fish],
        cut,
      },
      on('19:34'),
    ),
    anEntry(
      'meal.served',
      meal,
      {
        name: 'Pollack on thyme',
        cook: TOMAS,
        method: 'roasted',
        packs: [{ pack, massG: 276 }],
        eaters: [ILSE, TOMAS],
      },
      { at: '2026-09-13T19:12:00+01:00' },
    ),
  ];
}
