import { expect, test } from '@jest/globals';
import { epochMs } from '@dagboek/core/time';
import { Book, validateEntry } from '@dagboek/journal';
import { loadRulePacks, loadSpecies } from '../load.ts';
import { olderSeasons } from './older-seasons.ts';
import { SKERROW_NOW, skerrowSeason } from './skerrow-season.ts';

const SPECIES = loadSpecies();
const RULES = loadRulePacks(SPECIES).find((p) => p.id === 'skerrow-isles')!;
const SEASON = skerrowSeason(SPECIES, RULES);
const OLDER = olderSeasons(SEASON, 2, RULES.timeZone);

test('older seasons are entries of the book, with ids and times of their own', () => {
  const ids = new Set([...SEASON, ...OLDER].map((e) => e.id));
  expect(ids.size).toBe(SEASON.length + OLDER.length);
  const odd = OLDER.map((e) => validateEntry(e, epochMs(SKERROW_NOW))).filter((v) => !v.ok);
  expect(odd).toEqual([]);
  const first = Math.min(...SEASON.map((e) => epochMs(e.at)));
  expect(OLDER.filter((e) => e.kind === 'trip.started' && epochMs(e.at) >= first)).toEqual([]);
});

test('they are done with: what waits and what is held is what it was, and no line is left without what it is about', () => {
  const [book, longer] = [SEASON, [...SEASON, ...OLDER]].map((list) => Book.EMPTY.withEntries(list)) as [Book, Book];
  const idsOf = (list: readonly { id: string }[]): string[] => list.map((x) => x.id);
  expect(idsOf(longer.unfinishedFish())).toEqual(idsOf(book.unfinishedFish()));
  expect(idsOf(longer.packsWithFood())).toEqual(idsOf(book.packsWithFood()));
  expect(longer.apart()).toEqual(book.apart());
  const landed = SEASON.filter((e) => e.kind === 'fish.landed').length;
  const today = book.naming('fish', book.all('trip').find((t) => !t.endedAt)!.id).length;
  const copied = OLDER.filter((e) => e.kind === 'fish.landed').length;
  expect(copied).toBeLessThanOrEqual(2 * landed);
  expect(copied).toBeGreaterThanOrEqual(2 * (landed - today) - 10);
  for (const f of longer.all('fish')) expect(longer.get('trip', f.trip)).not.toBeNull();
});
