import { type ComponentType, type ReactNode, useEffect, useSyncExternalStore } from 'react';

/** What the first page needs is there by then, ms. */
export const SOON_MS = 3000;
/** Where it did not come it is tried again so often, ms. */
const AGAIN_MS = 3000;

/**
 * A piece that the first page does without: fetched when it is asked for, and soon after the page stands in any case, so that it is
 * there when the network goes on a first visit. Where it does not come it says so, and is tried again until it does.
 * `soonMs`: how soon; what is wanted next comes sooner. `quiet`: shows nothing while it is waited for, as it has no place of its own.
 */
export function lazySoon<P extends object>(
  load: () => Promise<{ default: ComponentType<P> }>,
  soonMs = SOON_MS,
  { quiet = false } = {},
): (props: P) => ReactNode {
  let piece: ComponentType<P> | null = null;
  let failed = false;
  let pending = false;
  const hearers = new Set<() => void>();
  const come = async (): Promise<void> => {
    if (piece || pending) return;
    pending = true;
    try {
      piece = (await load()).default;
    } catch {
      failed = true;
    }
    pending = false;
    for (const l of hearers) l();
  };
  setTimeout(() => void come(), soonMs);
  const hear = (l: () => void): (() => void) => {
    hearers.add(l);
    return () => hearers.delete(l);
  };
  return function Soon(props: P) {
    const Piece = useSyncExternalStore(hear, () => piece);
    const not = useSyncExternalStore(hear, () => failed);
    // The network is outside React.
    useEffect(() => {
      if (piece) return;
      void come();
      const again = setInterval(() => void come(), AGAIN_MS);
      return () => clearInterval(again);
    }, []);
    if (Piece) return <Piece {...props} />;
    if (quiet) return null;
    return (
      <p role="status">
        {not
          ? 'This part is not on this device yet, and there is no network. What you wrote is safe. The part loads by itself.'
          : 'One moment.'}
      </p>
    );
  };
}
