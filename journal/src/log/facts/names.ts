import type { Units } from '@dagboek/core/units';

/** How ids are called, and in which units amounts are said. */
export interface Names {
  readonly units: Units;
  readonly member: (id: string) => string;
  readonly species: (id: string) => string;
  readonly box: (id: string) => string;
  readonly store: (id: string) => string;
  readonly zone: (id: string) => string;
}
