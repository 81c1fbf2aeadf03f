import { type ReactNode, useRef } from 'react';
import { useCatchFocus } from '../kit/use-catch-focus.ts';
import { Running } from './running.tsx';
import { TakeBack } from './take-back.tsx';

/**
 * The foot of the open entry, always within the screen: what was noted last and can be taken back, the bleedings that run,
 * and the keys. `but`: the fish in hand, whose own clock stands above. `step`: the keys are new ones when it changes.
 */
export function DeckFoot({
  tripId,
  but,
  step,
  trouble,
  children,
}: {
  tripId: string;
  but: string | null;
  step: string;
  /** Why the last key did nothing. */
  trouble?: ReactNode;
  children: ReactNode;
}) {
  const keys = useRef<HTMLDivElement>(null);
  useCatchFocus(keys, step);
  return (
    <div className="deck-foot">
      <TakeBack />
      <Running tripId={tripId} but={but} />
      {trouble}
      <div className="keys foot-keys" ref={keys} key={step} tabIndex={-1}>
        {children}
      </div>
    </div>
  );
}
