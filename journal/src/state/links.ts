import type { SubjectState } from './states.ts';

/** That one subject names another: a fish its trip, a cut its fish, a pack its cut and fish, a meal its packs. */
export interface Link {
  readonly from: string;
  readonly to: string;
  readonly role: 'trip' | 'fish' | 'cut' | 'meal' | 'pack';
}

/** What a state names. */
export function linksOf(s: SubjectState): Link[] {
  const to = (role: Link['role'], ids: readonly (string | null)[]): Link[] =>
    [...new Set(ids)].flatMap((id) => (id ? [{ from: s.id, to: id, role }] : []));
  switch (s.kind) {
    case 'fish':
      return to('trip', [s.trip]);
    case 'cut':
      return to('fish', s.fish);
    case 'pack':
      return [...to('fish', s.fish), ...to('cut', [s.cut]), ...to('meal', [s.meal])];
    case 'meal':
      return to(
        'pack',
        s.packs.map((p) => p.pack),
      );
    default:
      return [];
  }
}
