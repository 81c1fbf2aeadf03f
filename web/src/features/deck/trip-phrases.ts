import type { NOTE_TOPICS } from '@dagboek/journal';

type Topic = (typeof NOTE_TOPICS)[number];

/** What is noted most, by what it is about: one tap writes it. */
export const TRIP_PHRASES: Readonly<Record<Topic, readonly string[]>> = {
  'lost fish': ['at the net', 'shook off the hook', 'broke off', 'on the way up, taken by another'],
  sighting: ['seal', 'porpoises', 'gannets diving', 'bait fish at the top', 'large predator about', 'jellyfish'],
  ground: ['sounded', 'anchored', 'drifting', 'new mark', 'snagged', 'weed on every cast'],
  bait: ['lugworm', 'mackerel strip', 'prawn', 'soft lure', 'spoon', 'feathers', 'fly'],
  tide: ['slack water', 'flood runs', 'ebb runs', 'runs hard'],
  water: ['clear', 'coloured', 'swell rises', 'swell drops'],
  weather: ['wind freshens', 'wind drops', 'rain', 'sun out', 'fog', 'thunder about: going in'],
  crew: ['someone is cold', 'someone is sea-sick', 'rest', 'change at the helm'],
  cost: ['fuel', 'bait', 'harbour', 'ice'],
};
