import { pick, type Rng } from '@dagboek/core/random';

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** What a broken or hostile file may hold in the place of anything. */
const ODD: readonly Json[] = [
  null,
  true,
  0,
  -1,
  1e300,
  -1e-300,
  4.5,
  '',
  'x',
  '<img src=x onerror=alert(1)>',
  '9'.repeat(400),
  '2026-02-31',
  '2026-09-12T24:00:00Z',
  [],
  {},
  [null],
  [[]],
  { id: null },
  ' '.repeat(1000),
];

/** One of them, an object of its own each time: put into itself it would go round in a circle. */
const odd = (rng: Rng): Json => structuredClone(pick(rng, ODD)) as Json;

/** Every place of a document, as the way to it. */
function placesIn(doc: Json, way: readonly string[] = []): (readonly string[])[] {
  if (typeof doc !== 'object' || doc === null) return [way];
  return [way, ...Object.entries(doc).flatMap(([k, v]) => placesIn(v, [...way, k]))];
}

/**
 * A document of JSON with some places of it changed: taken out, made something else, repeated, swapped, nested deep, or
 * joined by a field that nobody knows. The original stays as it was. `rng`: from 0 to below 1, seeded by the caller.
 */
export function mutated(doc: unknown, rng: Rng, changes = 1 + Math.floor(rng() * 3)): unknown {
  let copy = JSON.parse(JSON.stringify(doc)) as Json;
  for (let n = 0; n < changes; n++) {
    const way = pick(rng, placesIn(copy));
    const last = way.at(-1);
    if (last === undefined) {
      if (rng() < 0.05) copy = odd(rng);
      continue;
    }
    const parent = way
      .slice(0, -1)
      .reduce<Json>((at, key) => (at as Record<string, Json>)[key] as Json, copy) as Record<string, Json>;
    const here = parent[last] as Json;
    const how = Math.floor(rng() * 9);
    if (how === 0 && !Array.isArray(parent)) delete parent[last];
    else if (how === 1 && typeof here === 'number')
      parent[last] = here * pick(rng, [-1, 0, 1000, 1e-6, Number.MAX_SAFE_INTEGER]);
    else if (how === 2 && Array.isArray(here))
      parent[last] = Array.from({ length: 300 }, () => here)
        .flat()
        .slice(0, 3000);
    else if (how === 3 && !Array.isArray(parent))
      parent[pick(rng, ['constructor', '__proto__', 'toString', 'length', 'colour'])] = odd(rng);
    else if (how === 4) {
      let deep: Json = here;
      for (let i = 0; i < 60; i++) deep = i % 2 ? [deep] : { a: deep };
      parent[last] = deep;
    } else if (how > 6 && typeof here === 'number') {
      // Within what may be: most of it is taken, and has to hold.
      parent[last] = Number.isInteger(here) ? Math.round(here * rng() * 3) : here * (0.2 + rng() * 2);
    } else if (how === 5) parent[last] = JSON.stringify(here);
    else parent[last] = odd(rng);
  }
  return copy;
}

/** A document with every tenth of its numbers somewhat greater or less: most of it is taken, and has to hold. */
export function shaken(doc: unknown, rng: Rng): unknown {
  return JSON.parse(
    JSON.stringify(doc, (_, v: unknown) =>
      typeof v !== 'number' || rng() > 0.1
        ? v
        : Number.isInteger(v)
          ? Math.round(v * rng() * 2)
          : v * (0.4 + rng() * 1.2),
    ),
  ) as unknown;
}
