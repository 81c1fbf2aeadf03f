import type { ReactNode } from 'react';

/** What a sheet is about, in the largest letters of the page. */
export const Title = ({ children }: { children: ReactNode }) => (
  <h2 className="huge text-[2.75rem] font-bold max-tablet:text-[1.875rem]">{children}</h2>
);
