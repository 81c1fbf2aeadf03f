import type { ReactNode } from 'react';

/** The hour of an open entry, large in the column of the hours. It grows with the browser's text, as far as the column holds it. */
export const NowTime = ({ children }: { children: ReactNode }) => (
  <b className="now-time font-head text-[length:min(1.625rem,30px)] leading-[1.05] font-bold max-tablet:text-[length:min(1.1875rem,19px)]">
    {children}
  </b>
);
