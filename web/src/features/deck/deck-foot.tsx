import type { ReactNode } from 'react';
import { Foot } from '../../ui/foot.tsx';
import { Running } from './running.tsx';
import { TakeBack } from '../../lines/take-back.tsx';

/**
 * The foot of the open entry: what was noted last and can be taken back, the bleedings that run, and the keys. `but`: the
 * fish in hand, whose own clock stands above.
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
  return (
    <Foot
      step={step}
      above={
        <>
          <TakeBack />
          <Running tripId={tripId} but={but} />
          {trouble}
        </>
      }
    >
      {children}
    </Foot>
  );
}
