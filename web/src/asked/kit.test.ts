import { describe, expect, test } from '@jest/globals';
import { fieldsOf, KINDS, KNOTS, validateEntry } from '@dagboek/journal';
import { anEntry, at, idOf, wholeLine } from '../../../journal/src/builders.test-support.ts';
import { slotX, stationEdges, STATIONS } from '../fish/custody/slots.ts';
import { draftOf, factsFrom } from './draft.ts';
import { typedNumber } from '../ui/typed-number.ts';

describe('typed numbers', () => {
  test.each([
    ['36.4', 36.4],
    ['36,4', 36.4],
    [' 12 ', 12],
    ['-3', -3],
    ['.5', 0.5],
    ['', null],
    ['  ', null],
  ])('%p is %p', (text, n) => {
    expect(typedNumber(text)).toBe(n);
  });
  test.each(['long', '1e3', '12cm', '1.2.3', '--4', '3 4'])('%p is no number', (text) => {
    expect(typedNumber(text)).toBeNaN();
  });
});

describe('slots of the custody line', () => {
  test('nine equal slots, in the order of the stations', () => {
    const x = KNOTS.map((k) => slotX(k, 900));
    expect(x).toEqual([50, 150, 250, 350, 450, 550, 650, 750, 850]);
    expect(STATIONS.flatMap(([, k]) => k)).toEqual([...KNOTS]);
  });

  test('stations cover the line without gap', () => {
    const e = stationEdges(900);
    expect(e[0]?.x).toBe(0);
    expect(e.at(-1)?.to).toBe(900);
    e.slice(1).forEach((s, i) => expect(s.x).toBe(e[i]?.to));
  });
});

describe('correcting facts', () => {
  test('every kind that a person writes can be corrected, but striking and what has no facts', () => {
    const bare = Object.keys(KINDS).filter((k) => fieldsOf(k).length === 0);
    // A picture is taken anew, a species or a pack of rules read anew, a rule taken over by another, a way chosen anew, a step struck, a chore done or not, a day, a dinner or a wish planned anew, a kitchen and a recipe written anew.
    expect(bare.sort()).toEqual([
      'book.kitchen',
      'book.pantry',
      'book.room',
      'book.way',
      'box.retired',
      'cut.stepped',
      'cut.way',
      'day.planned',
      'dinner.dishes',
      'dinner.ended',
      'dinner.lasts',
      'dinner.moved',
      'dinner.put',
      'dinner.set',
      'dinner.step',
      'dinner.without',
      'fish.pictured',
      'log.struck',
      'meal.pictured',
      'member.left',
      'pack.tended',
      'recipe.retired',
      'recipe.written',
      'rule.set',
      'rules.added',
      'species.added',
      'store.counted',
      'store.retired',
      'store.tended',
    ]);
    expect(fieldsOf('fish.sung')).toEqual([]);
  });

  test('a draft of any entry, unchanged, makes the same facts', () => {
    for (const e of wholeLine()) {
      const fields = fieldsOf(e.kind);
      expect(factsFrom(fields, draftOf(fields, e.facts), e.facts)).toEqual(e.facts);
    }
  });

  test('centimetres are shown, millimetres kept', () => {
    const fields = fieldsOf('fish.measured');
    const facts = { lengthMm: 443, lengthKind: 'total', method: 'board' };
    expect(draftOf(fields, facts)['lengthMm']).toBe('44.3');
    expect(factsFrom(fields, { ...draftOf(fields, facts), lengthMm: '44,5' }, facts)['lengthMm']).toBe(445);
  });

  test('an optional fact emptied is left out, a needed one emptied is refused when written', () => {
    const fields = fieldsOf('fish.measured');
    const facts = { lengthMm: 300, longestMm: 340, lengthKind: 'total', method: 'board' };
    const draft = draftOf(fields, facts);
    expect(factsFrom(fields, { ...draft, longestMm: '' }, facts)).not.toHaveProperty('longestMm');
    const bad = factsFrom(fields, { ...draft, lengthMm: '' }, facts);
    const entry = anEntry('fish.measured', idOf('a'), JSON.parse(JSON.stringify(bad)) as never, { at: at('12:00') });
    expect(validateEntry(entry, Date.parse(at('13:00'))).ok).toBe(false);
  });

  test('another species is settled: what else it might have been is not carried over', () => {
    const fields = fieldsOf('fish.named');
    const facts = { species: 'turbot', orElse: ['brill'], seen: { fringe: 'yes' } };
    expect(factsFrom(fields, { species: 'brill' }, facts)).toEqual({ species: 'brill' });
    expect(factsFrom(fields, { species: 'turbot' }, facts)).toEqual(facts);
  });

  test('what the form does not show is carried over', () => {
    const fields = fieldsOf('pack.stored');
    const facts = wholeLine().find((e) => e.kind === 'pack.stored')!.facts;
    expect(factsFrom(fields, { ...draftOf(fields, facts), massG: '250' }, facts)).toEqual({ ...facts, massG: 250 });
  });
});
