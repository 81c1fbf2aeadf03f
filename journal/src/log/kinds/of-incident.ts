import { aidCard } from '@dagboek/core/harm';
import { sayTemperature } from '@dagboek/core/units';
import { kindOf, subjectOf } from './define-kind.ts';
import { amountField, choiceField, linesField, memberField, speciesField, textField } from '../facts/field.ts';
import { IncidentBegun, IncidentEnded, IncidentNoted, IncidentSoaked, SIGNS } from '../facts/incident.ts';

const kind = kindOf<'incident'>();

/** An incident stands by itself: when its trip is struck, what happened to a person still did. */
export const INCIDENT = subjectOf<'incident', IncidentBegun>({
  begins: 'incident.begun',
  readableWhenStruck: true,
  begin: (i) => ({
    card: i.card,
    by: i.by ?? null,
    who: i.who ?? null,
    trip: i.trip ?? null,
    meal: i.meal ?? null,
    at: i.at,
    soaks: [],
    notes: [],
    ended: null,
  }),
  links: (s) => [
    ...(s.trip ? [{ to: s.trip, role: 'trip' as const }] : []),
    ...(s.meal ? [{ to: s.meal, role: 'meal' as const }] : []),
  ],
  hangsOn: () => ({}),
});

export const INCIDENT_KINDS = {
  'incident.begun': kind({
    facts: IncidentBegun,
    fold: 'begins',
    say: (i, names) =>
      `${aidCard(i.card)?.title ?? i.card}${i.by ? `, ${names.species(i.by)}` : ''}${i.who ? `: ${names.member(i.who)}` : ''}.`,
    fields: [speciesField('by', 'By which fish', { optional: true }), memberField('who', 'Who', { optional: true })],
  }),
  'incident.soaked': kind({
    facts: IncidentSoaked,
    fold: (s, w) => void s.soaks.push({ waterC: w.waterC ?? null, at: w.at, about: w.about }),
    say: (w, { units }) => `In hot water${w.waterC !== undefined ? ` of ${sayTemperature(w.waterC, units)}` : ''}.`,
    fields: [amountField('waterC', 'Reads', 'temperature', { optional: true })],
  }),
  'incident.noted': kind({
    facts: IncidentNoted,
    fold: (s, n) => void s.notes.push({ sign: n.sign ?? null, text: n.text, at: n.at, about: n.about }),
    say: (n) => n.text,
    fields: [linesField('text', 'What was seen or done'), choiceField('sign', 'It is', SIGNS, { optional: true })],
  }),
  'incident.ended': kind({
    facts: IncidentEnded,
    fold: (s, e) => {
      s.ended = { how: e.how, at: e.at, about: e.about };
    },
    say: (e) => `Over: ${e.how}`,
    fields: [textField('how', 'How it ended')],
  }),
};
