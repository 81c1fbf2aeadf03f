import type { ButtonHTMLAttributes } from 'react';

/** A key within a line that shows more of what it stands in, or less. */
export const FoldKey = (props: Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'type' | 'className'>) => (
  <button
    type="button"
    {...props}
    className="min-h-7 cursor-pointer px-0.5 font-text leading-none font-normal text-ink underline underline-offset-3 max-tablet:min-h-11"
  />
);
