import { describe, expect, test } from '@jest/globals';
import type { RulePack } from '@dagboek/core/rules';
import { Book, type Entry } from '../../index.ts';
import { anEntry, at, idOf, landed, tripStarted } from '../../builders.test-support.ts';
import { reportsDue } from './reports-due.ts';

const RULES = {
  rules: [
    { id: 'day', kind: 'report', species: [], withinHours: 24, to: 'the office', sentence: 's', source: 's' },
    { id: 'soon', kind: 'report', species: [], withinHours: 2, to: 'the warden', sentence: 's', source: 's' },
    { id: 'bag', kind: 'dailyBag', species: [], most: 4, sentence: 's', source: 's' },
  ],
} as object as RulePack;
const due = (entries: Entry[], looked: readonly string[] = ['day', 'soon', 'bag']): string[] =>
  reportsDue(
    RULES,
    Book.EMPTY.withEntries([tripStarted(), landed('a', '12:00'), ...entries]).all('fish'),
    () => looked,
  ).map((d) => `${d.rule.to} ${new Date(d.byMs).toISOString().slice(8, 16)}`);

describe('reports that are due', () => {
  test('the most urgent first, from the moment of the catch', () => {
    expect(due([])).toEqual(['the warden 12T13:00', 'the office 13T11:00']);
  });
  test('only by rules that are about this fish', () => expect(due([], ['bag'])).toEqual([]));
  test('not what went back', () => {
    expect(due([anEntry('fish.released', idOf('a'), { reason: 'not needed' })])).toEqual([]);
  });
  test('not what was reported; struck, it is due again', () => {
    const told = anEntry('fish.reported', idOf('a'), { rule: 'soon', to: 'the warden' }, { at: at('12:30') });
    expect(due([told])).toEqual(['the office 13T11:00']);
    const strike = anEntry('log.struck', idOf('a'), {} as never, { at: at('12:40'), strikes: told.id });
    expect(due([told, strike])).toHaveLength(2);
  });
});
