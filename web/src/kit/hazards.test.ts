import { describe, expect, test } from '@jest/globals';
import { loadSpecies, loadTraits } from '../../../packs/src/index.ts';
import { isDangerous, isGrave, worstHazard } from './hazards.ts';
import { likeliestState, stateWords } from './state-words.ts';

const SPECIES = loadSpecies();
const TRAITS = loadTraits();
const of = (id: string) => SPECIES.find((s) => s.id === id)!;

describe('how dangerous a kind is', () => {
  test('venom comes before a bite and a sharp edge, whatever the order in the file', () => {
    for (const s of SPECIES.filter((x) => x.hazards.some((h) => h.kind === 'venomous'))) {
      expect(worstHazard(s.hazards)?.kind).toBe('venomous');
      expect(worstHazard([...s.hazards].reverse())?.kind).toBe('venomous');
    }
  });

  test('a weever is grave, a pollack is not, and of nothing nothing is said', () => {
    expect(isDangerous(of('greater-weever'))).toBe(true);
    expect(isDangerous(of('pollack'))).toBe(false);
    expect(worstHazard([])).toBeNull();
  });

  test('what is never eaten counts as grave: poison is not less than venom', () => {
    for (const s of SPECIES.filter((x) => x.hazards.some((h) => h.kind === 'poison')))
      expect(isDangerous(s)).toBe(true);
    expect(isGrave({ kind: 'bite', part: 'mouth', where: '', does: '', grip: '' })).toBe(false);
  });
});

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
