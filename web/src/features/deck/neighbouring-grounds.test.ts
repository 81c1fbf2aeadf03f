import { expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { neighbouringGrounds } from './neighbouring-grounds.ts';

const ALL = loadSpecies();
const GROUNDS = ['kelp reef', 'open water', 'sand', 'estuary mud', 'lake', 'stream'];

test('at sea a fish strays in from other grounds of the sea, not from the lake; and the other way round', () => {
  expect(neighbouringGrounds(ALL, ['kelp reef'], GROUNDS)).toEqual(['kelp reef', 'open water', 'sand', 'estuary mud']);
  expect(neighbouringGrounds(ALL, ['lake'], GROUNDS)).toEqual(['lake', 'stream']);
  expect(neighbouringGrounds(ALL, [], GROUNDS)).toEqual([]);
});
