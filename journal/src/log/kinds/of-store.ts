import { sayTemperature, sayVolume } from '@dagboek/core/units';
import { sayAsTyped } from '../facts/as-typed.ts';
import { kindOf, subjectOf } from './define-kind.ts';
import { amountField, choiceField, numberField, textField } from '../facts/field.ts';
import {
  KINDS_OF_STORE,
  PLAIN_STORES,
  StoreAdded,
  StoreCounted,
  StorePower,
  StoreRead,
  StoreRetired,
  StoreTended,
} from '../facts/store.ts';
import { capital } from '../facts/words.ts';

const kind = kindOf<'store'>();

export const STORE = subjectOf<'store', StoreAdded>({
  begins: 'store.added',
  readableWhenStruck: true,
  begin: (s) => ({
    name: s.name,
    is: s.is,
    setC: s.setC ?? null,
    litres: s.litres ?? null,
    standsFor: s.standsFor ?? null,
    addedAt: s.at,
    retiredAt: null,
    reads: [],
    power: [],
    tended: [],
    countedAt: null,
  }),
  links: () => [],
  hangsOn: () => ({}),
});

export const STORE_ENTRY_KINDS = {
  'store.added': kind({
    facts: StoreAdded,
    fold: 'begins',
    say: (s, { units }) =>
      `${capital(s.name)}: ${s.is}${s.setC === undefined ? '' : `, set to ${sayTemperature(s.setC, units)}${sayAsTyped(s, ['setC'], 'temperature', units)}`}${s.litres === undefined ? '' : `, ${sayVolume(s.litres, units)}${sayAsTyped(s, ['litres'], 'volume', units)}`}.${s.standsFor ? ` What was in the ${s.standsFor} lies here.` : ''}`,
    fields: [
      textField('name', 'Name'),
      choiceField('is', 'What it is', KINDS_OF_STORE),
      amountField('setC', 'Set to', 'temperature', { optional: true }),
      amountField('litres', 'Holds', 'volume', { optional: true }),
      choiceField('standsFor', 'Takes over', PLAIN_STORES, { optional: true }),
    ],
  }),
  'store.read': kind({
    facts: StoreRead,
    fold: (s, r) => void s.reads.push({ c: r.c, damp: r.damp ?? null, by: r.by ?? 'hand', at: r.at, about: r.about }),
    say: (r, { units }) =>
      `Read${r.by === 'thermometer' ? ' by the thermometer' : ''}: ${sayTemperature(r.c, units)}${sayAsTyped(r, ['c'], 'temperature', units)}${r.damp === undefined ? '' : `, ${r.damp} % damp`}.`,
    fields: [amountField('c', 'Temperature', 'temperature'), numberField('damp', 'Damp', '%', { optional: true })],
  }),
  'store.power': kind({
    facts: StorePower,
    fold: (s, p) => void s.power.push({ is: p.is, at: p.at, about: p.about }),
    say: (p) => (p.is === 'off' ? 'Without current.' : 'Power is back.'),
    fields: [choiceField('is', 'Current', ['off', 'on'])],
  }),
  'store.tended': kind({
    facts: StoreTended,
    fold: (s, t) => void s.tended.push({ did: t.did, at: t.at, about: t.about }),
    say: () => 'Drained, and ice added.',
    fields: [],
  }),
  'store.counted': kind({
    facts: StoreCounted,
    fold: (s, c) => {
      s.countedAt = c.at;
    },
    say: (c) => `Counted: ${c.there} there${c.missing > 0 ? `, ${c.missing} not found` : ', as in the book'}.`,
    fields: [],
  }),
  'store.retired': kind({
    facts: StoreRetired,
    fold: (s, r) => {
      s.retiredAt = r.at;
    },
    say: () => 'No longer used.',
    fields: [],
  }),
};
