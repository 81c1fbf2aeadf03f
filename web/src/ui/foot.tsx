import { type ReactNode, useRef } from 'react';
import { useCatchFocus } from './use-catch-focus.ts';

/** Keys that keep to the lower edge of the screen while their part of the page is in sight. `step`: they are new ones when it changes. */
export function Foot({ above, step = '', children }: { above?: ReactNode; step?: string; children: ReactNode }) {
  const keys = useRef<HTMLDivElement>(null);
  useCatchFocus(keys, step);
  return (
    <div className="deck-foot pt-0 pr-4 pb-3 pl-5 mt-3 -mr-4 mb-0 -ml-5 border-t-2 sticky bottom-0 z-20 bg-paper-open border-ink max-tablet:px-2.5 max-tablet:pt-0 max-tablet:pb-2 max-tablet:mt-2.5 max-tablet:-mr-2.5 max-tablet:mb-0 max-tablet:ml-[calc(-1_*_var(--time-col)_-_14px)] max-tablet:bottom-[calc(56px_+_env(safe-area-inset-bottom))] max-tablet:bg-paper">
      {above}
      <div
        className="keys foot-keys mt-2.5 max-tablet:mt-2 max-tablet:gap-2 min-[1000px]:flex-nowrap in-[[data-hand='left']]:flex-row-reverse min-[1000px]:[&:has(.foot-fields)]:flex-wrap"
        ref={keys}
        key={step}
        tabIndex={-1}
      >
        {children}
      </div>
    </div>
  );
}
