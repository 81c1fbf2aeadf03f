import { readFileSync } from 'node:fs';

const POLLACK = JSON.parse(
  readFileSync(new URL('../../packs/species/cold-coast/pollack.json', import.meta.url), 'utf8'),
) as Record<string, unknown>;

/** The document of a species that holds together, like one that ships. */
export const aSpecies = (more: object = {}): Record<string, unknown> => ({
  ...POLLACK,
  figure: { id: 'bay-eel', like: 'pollack' },
  id: 'bay-eel',
  name: 'Bay eel',
  ...more,
});

/** The document of a rule that holds together. */
export const aRule = (more: object = {}): Record<string, unknown> => ({
  id: 'mine',
  kind: 'dailyBag',
  species: ['pollack'],
  most: 2,
  sentence: 'No more than two.',
  source: 'our own word',
  ...more,
});

/** The document of a rule pack that holds together. */
export const aRulePack = (more: object = {}): Record<string, unknown> => ({
  id: 'bay',
  name: 'The bay',
  version: '1',
  authority: 'none',
  checked: '2026-01-01',
  sample: true,
  timeZone: 'Europe/London',
  zones: [{ id: 'north-skerries', name: 'North', about: 'The north of it.', grounds: [] }],
  rules: [aRule()],
  ...more,
});
