import type { Species } from '@dagboek/catalogue';

type Salinity = 'salt' | 'fresh';

/** Salt or fresh, by the species that live on a ground; a ground that no species names is salt. */
function salinityOf(all: readonly Species[], ground: string): Salinity {
  let salt = 0;
  let fresh = 0;
  for (const s of all) {
    const weight = s.grounds[ground] ?? 0;
    if (s.waters.includes('salt')) salt += weight;
    if (s.waters.includes('fresh')) fresh += weight;
  }
  return fresh > salt ? 'fresh' : 'salt';
}

/** Of all the grounds of the book's waters, those a fish could stray from: no perch comes by sea from the lake. */
export function neighbouringGrounds(
  all: readonly Species[],
  zoneGrounds: readonly string[],
  everyGround: readonly string[],
): string[] {
  const here = new Set(zoneGrounds.map((g) => salinityOf(all, g)));
  return [...new Set([...zoneGrounds, ...everyGround])].filter((g) => here.has(salinityOf(all, g)));
}
