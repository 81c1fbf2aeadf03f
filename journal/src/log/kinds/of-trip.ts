import { sayHeavy, sayAll } from '@dagboek/core/units';
import { sayAsTyped } from '../facts/as-typed.ts';
import { kindOf, subjectOf } from './define-kind.ts';
import {
  amountField,
  boxField,
  choiceField,
  linesField,
  memberField,
  membersField,
  numberField,
  zoneField,
} from '../facts/field.ts';
import { NOTE_TOPICS, TripEnded, TripHarm, TripMoved, TripNoted, TripStarted } from '../facts/trip.ts';
import { sayTripNote, type TripNote } from '../facts/words.ts';

const kind = kindOf<'trip'>();

/** What a remark says, with nothing where nothing was said. */
const tripNote = (n: TripNoted): TripNote => ({
  topic: n.topic ?? null,
  text: n.text,
  depthM: n.depthM ?? null,
  cost: n.cost ?? null,
});

export const TRIP = subjectOf<'trip', TripStarted>({
  begins: 'trip.started',
  readableWhenStruck: true,
  begin: (s) => ({
    startedAt: s.at,
    endedAt: null,
    rodHours: null,
    waters: s.waters,
    zone: s.zone,
    moves: [],
    from: s.from,
    boat: s.boat ?? null,
    crew: s.crew,
    box: s.box ?? null,
    iceKg: s.iceKg ?? null,
    waterC: s.waterC ?? null,
    airs: s.airC === undefined ? [] : [{ c: s.airC, at: s.at, about: s.about }],
    homeAt: s.homeAt ?? null,
    notes: [],
    harm: [],
  }),
  links: () => [],
  hangsOn: () => ({}),
});

export const TRIP_KINDS = {
  'trip.started': kind({
    facts: TripStarted,
    fold: 'begins',
    say: (t, names) =>
      `Left for ${names.zone(t.zone)}: ${sayAll(t.crew.map(names.member))}.${t.iceKg ? ` ${sayHeavy(t.iceKg, names.units)} of ice${sayAsTyped(t, ['iceKg'], 'heavy', names.units)}.` : ''}`,
    fields: [
      zoneField('zone', 'Zone'),
      membersField('crew', 'Who is aboard'),
      boxField('box', 'Box', { optional: true }),
      amountField('iceKg', 'Ice', 'heavy', { optional: true }),
      amountField('waterC', 'Water', 'temperature', { optional: true }),
      amountField('airC', 'Air', 'temperature', { optional: true }),
    ],
  }),
  'trip.moved': kind({
    facts: TripMoved,
    fold: (s, m) => void s.moves.push({ zone: m.zone, position: m.position ?? null, at: m.at, about: m.about }),
    say: (m, names) => `Moved to ${names.zone(m.zone)}${m.by === 'position source' ? ', by the position source' : ''}.`,
    fields: [zoneField('zone', 'Zone', { clears: ['position'] })],
  }),
  'trip.ended': kind({
    facts: TripEnded,
    fold: (s, e) => {
      s.endedAt = e.at;
      s.rodHours = e.rodHours ?? null;
    },
    say: () => 'Trip ended.',
    fields: [numberField('rodHours', 'Rod hours', 'h', { optional: true })],
  }),
  'trip.noted': kind({
    facts: TripNoted,
    fold: (s, n, line) => {
      s.notes.push({ ...tripNote(n), by: line.now.member, at: n.at, about: n.about });
      if (n.airC !== undefined) s.airs.push({ c: n.airC, at: n.at, about: n.about });
    },
    say: (n, names) => sayTripNote(tripNote(n), names.units, sayAsTyped(n, ['depthM'], 'depth', names.units)),
    fields: [
      linesField('text', 'Remark'),
      choiceField('topic', 'Of', NOTE_TOPICS, { optional: true }),
      amountField('depthM', 'Depth', 'depth', { optional: true }),
      amountField('airC', 'Air', 'temperature', { optional: true }),
      numberField('cost', 'Cost', '', { optional: true }),
    ],
  }),
  'trip.harm': kind({
    facts: TripHarm,
    fold: (s, h) => void s.harm.push({ text: h.text, who: h.who, at: h.at, about: h.about }),
    say: (h, names) => `${names.member(h.who)} hurt: ${h.text}`,
    fields: [memberField('who', 'Who'), linesField('text', 'What happened')],
  }),
};
