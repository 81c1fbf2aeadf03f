import { type ReactNode, useRef } from 'react';
import { useCatchFocus } from './use-catch-focus.ts';

/** Keys that keep to the lower edge of the screen while their part of the page is in sight. `step`: they are new ones when it changes. */
export function Foot({ above, step = '', children }: { above?: ReactNode; step?: string; children: ReactNode }) {
  const keys = useRef<HTMLDivElement>(null);
  useCatchFocus(keys, step);
  return (
    <div className="deck-foot">
      {above}
      <div className="keys foot-keys" ref={keys} key={step} tabIndex={-1}>
        {children}
      </div>
    </div>
  );
}
