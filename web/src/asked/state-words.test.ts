import { describe, expect, test } from '@jest/globals';
import { loadSpecies, loadTraits } from '../../../packs/src/index.ts';
import { likeliestState, stateWords } from './state-words.ts';

const SPECIES = loadSpecies();
const TRAITS = loadTraits();
const of = (id: string) => SPECIES.find((s) => s.id === id)!;

describe('what a kind shows, in words', () => {
  test('the likeliest state, by its words', () => {
    const tail = TRAITS.find((t) => t.states.some((s) => s.id === likeliestState(of('mackerel').traits[t.id])))!;
    const state = likeliestState(of('mackerel').traits[tail.id]);
    expect(stateWords(of('mackerel'), tail)).toContain(tail.states.find((s) => s.id === state)!.words);
  });

  test('two when the second is nearly as common, one when it is not', () => {
    const trait = {
      id: 't',
      question: 't?',
      effort: 1,
      error: 0.1,
      states: [
        { id: 'a', words: 'plain' },
        { id: 'b', words: 'spotted' },
      ],
    };
    const fish = (a: number) => ({ ...of('cod'), traits: { t: { a, b: 1 - a } } });
    expect(stateWords(fish(0.6), trait)).toBe('plain, or spotted');
    expect(stateWords(fish(0.3), trait)).toBe('spotted, or plain');
    expect(stateWords(fish(0.8), trait)).toBe('plain');
  });

  test('of a trait that the kind does not speak of nothing is said', () => {
    expect(likeliestState(undefined)).toBeNull();
    expect(likeliestState({})).toBeNull();
    expect(stateWords({ ...of('cod'), traits: {} }, TRAITS[0]!)).toBe('');
  });
});
