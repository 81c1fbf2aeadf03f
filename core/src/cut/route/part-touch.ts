import type { Touch } from './step.ts';

/** Which parts of the drawn fish, as the species' files name them, are near when a part is touched. */
export const PART_TOUCH: Readonly<Record<string, Touch>> = {
  dorsal: 'fins',
  'first dorsal': 'fins',
  'second dorsal': 'fins',
  pelvic: 'fins',
  pectoral: 'fins',
  anal: 'fins',
  'anal spines': 'fins',
  'gill spines': 'gills',
  'gill cover': 'gills',
  mouth: 'mouth',
  head: 'head',
  skin: 'skin',
  thorns: 'skin',
  'side line': 'skin',
  'electric organ': 'skin',
  'belly keel': 'belly',
  blood: 'blood',
  flesh: 'flesh',
  roe: 'belly',
  'tail barb': 'tail',
  'tail blade': 'tail',
};
