import { KNOTS, type KnotKind } from '@dagboek/journal';
import type { FreshTone } from '@dagboek/core/fresh';

/** Stations in the order of the work, with the events that belong to each. */
export const STATIONS: readonly (readonly [string, readonly KnotKind[]])[] = [
  ['Water', ['landed']],
  ['Deck', ['dispatched', 'bled']],
  ['Box', ['iced']],
  ['Board', ['gutted', 'filleted']],
  ['Larder', ['packed', 'frozen']],
  ['Table', ['cooked']],
];

/** Middle of an event's slot: nine equal slots, by station and not by clock. */
export const slotX = (kind: KnotKind, width: number): number => (width / KNOTS.length) * (KNOTS.indexOf(kind) + 0.5);

/** Left edge of each station. */
export function stationEdges(width: number): { name: string; x: number; to: number }[] {
  let i = 0;
  return STATIONS.map(([name, kinds]) => {
    const x = (width / KNOTS.length) * i;
    i += kinds.length;
    return { name, x, to: (width / KNOTS.length) * i };
  });
}

export const TONE_COLOR: Readonly<Record<FreshTone, string>> = {
  fresh: 'var(--teal)',
  half: 'var(--ochre)',
  use: 'var(--buoy-ink)',
  past: 'var(--crimson)',
};
export const TONE_WORD: Readonly<Record<FreshTone, string>> = {
  fresh: 'fresh',
  half: 'over half used',
  use: 'use now',
  past: 'past its time',
};
