import type { Part } from '@dagboek/figure';

/** A region of the fish to tap: what strikes one, before one knows what to call it. */
export interface Region {
  readonly id: string;
  readonly name: string;
  readonly parts: readonly Part[];
  /** Where its line ends on the drawing. */
  readonly point: Part;
  readonly side: 'above' | 'below';
}

/** From head to tail, above and below; every part of a figure is in one of them. */
export const REGIONS: readonly Region[] = [
  { id: 'eye', name: 'eye, cheek', parts: ['eye', 'cheek'], point: 'eye', side: 'above' },
  { id: 'gill', name: 'gill cover', parts: ['gill cover', 'shoulder'], point: 'shoulder', side: 'above' },
  {
    id: 'back',
    name: 'back fins',
    parts: ['front of the back fin', 'back fin', 'before the tail', 'back'],
    point: 'back fin',
    side: 'above',
  },
  { id: 'tail', name: 'tail', parts: ['tail', 'tail root'], point: 'tail', side: 'above' },
  { id: 'mouth', name: 'mouth, chin', parts: ['snout', 'mouth', 'chin'], point: 'mouth', side: 'below' },
  {
    id: 'under',
    name: 'breast, belly',
    parts: ['breast fin', 'belly fin', 'throat'],
    point: 'breast fin',
    side: 'below',
  },
  { id: 'flank', name: 'skin, side', parts: ['flank', 'side line'], point: 'flank', side: 'below' },
  { id: 'hind', name: 'hind fin', parts: ['hind fin'], point: 'hind fin', side: 'below' },
];

export const regionOf = (part: string | undefined): Region | null =>
  REGIONS.find((r) => r.parts.some((p) => p === part)) ?? null;
