import { type ComponentType, lazy, type LazyExoticComponent } from 'react';

/** What the first page needs is there by then, ms. */
export const SOON_MS = 3000;

/**
 * A piece that the first page does without: fetched when it is asked for, and soon after the page stands in any case, so that
 * it is there when the network goes on a first visit.
 */
export function lazySoon<P>(load: () => Promise<{ default: ComponentType<P> }>): LazyExoticComponent<ComponentType<P>> {
  setTimeout(() => void load().catch(() => undefined), SOON_MS);
  return lazy(load);
}
