import { sayTemperature, typedElsewhere, type Units, sayAll } from '@dagboek/core/units';
import { sayAsTyped } from '../facts/as-typed.ts';
import { kindOf, subjectOf } from './define-kind.ts';
import {
  amountField,
  choiceField,
  countField,
  linesField,
  memberField,
  membersField,
  numberField,
  textField,
} from '../facts/field.ts';
import { sayLay } from '../facts/lay-in.ts';
import { COOKING, DONENESS, MealNoted, MealPictured, MealRated, MealServed, type PackTaken } from '../facts/table.ts';

const kind = kindOf<'meal'>();

/** "; taken as 10.6 oz and 8 oz" where weights of packs were typed in other units than they are read in. */
function sayTaken(packs: readonly PackTaken[], units: Units): string {
  const typed = packs.flatMap((p) => typedElsewhere('mass', p.typed?.['massG'], units) ?? []);
  return typed.length > 0 ? `; taken as ${sayAll(typed)}` : '';
}

export const MEAL = subjectOf<'meal', MealServed>({
  begins: 'meal.served',
  readableWhenStruck: true,
  begin: (s) => ({
    name: s.name,
    cook: s.cook,
    method: s.method,
    servedAt: s.at,
    packs: s.packs,
    eaters: s.eaters,
    guests: s.guests ?? 0,
    doneness: s.doneness ?? null,
    coreC: s.coreC ?? null,
    marks: {},
    notes: [],
    dinner: s.dinner ?? null,
    dish: s.dish ?? null,
    pulledC: s.pulledC ?? null,
    cues: s.cues ?? [],
    beside: s.beside ?? [],
    lay: s.lay ?? null,
    cost: s.cost ?? null,
    sides: {},
    pictures: [],
  }),
  links: (s) => s.packs.map((p) => ({ to: p.pack, role: 'pack' as const })),
  hangsOn: (s) => ({ all: s.packs.map((p) => p.pack) }),
});

export const MEAL_KINDS = {
  'meal.served': kind({
    facts: MealServed,
    fold: 'begins',
    say: (m, names) =>
      `${m.name}${m.name.toLowerCase().includes(m.method) ? '' : `, ${m.method}`}, ${m.lay ? `${sayLay(m.lay)}, ` : ''}cooked by ${names.member(m.cook)} for ${sayAll(m.eaters.map(names.member))}${m.guests ? ` and ${m.guests} more` : ''}${m.coreC === undefined ? '' : `; ${sayTemperature(m.coreC, names.units)} in the middle${sayAsTyped(m, ['coreC'], 'temperature', names.units)}`}${sayTaken(m.packs, names.units)}.`,
    fields: [
      textField('name', 'Dish'),
      memberField('cook', 'Cook'),
      choiceField('method', 'How it was cooked', COOKING),
      membersField('eaters', 'Who ate'),
      countField('guests', 'Guests', { optional: true }),
      choiceField('doneness', 'How done', DONENESS, { optional: true }),
      amountField('coreC', 'Core, if read', 'temperature', { optional: true }),
      amountField('pulledC', 'Taken off at', 'temperature', { optional: true }),
      numberField('cost', 'Cost of the rest', '', { optional: true }),
    ],
  }),
  'meal.rated': kind({
    facts: MealRated,
    fold: (s, r) => {
      s.marks = { ...s.marks, [r.eater]: r.mark };
      const { fish, doing } = r;
      if (fish !== undefined || doing !== undefined)
        s.sides = {
          ...s.sides,
          [r.eater]: { ...(fish === undefined ? {} : { fish }), ...(doing === undefined ? {} : { doing }) },
        };
    },
    say: (r, names) =>
      `${names.member(r.eater)} gave it ${r.mark} of 5${r.fish === undefined ? '' : `, the fish ${r.fish}`}${r.doing === undefined ? '' : `, how it was done ${r.doing}`}.`,
    fields: [countField('mark', 'Mark, 1 to 5')],
  }),
  'meal.noted': kind({
    facts: MealNoted,
    fold: (s, n) => void s.notes.push({ text: n.text, at: n.at, about: n.about }),
    say: (n) => n.text,
    fields: [linesField('text', 'Remark')],
  }),
  'meal.pictured': kind({
    facts: MealPictured,
    fold: (s, p) => void s.pictures.push({ photo: p.photo, at: p.at, about: p.about }),
    say: () => 'Pictured.',
    fields: [],
  }),
};
