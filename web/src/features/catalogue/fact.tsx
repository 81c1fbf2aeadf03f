import type { ReactNode } from 'react';

/** One fact of a species, with its name. */
export const Fact = ({ name, children }: { name: string; children: ReactNode }) => (
  <div className="py-[5px] px-0 gap-2.5 border-b grid grid-cols-[108px_minmax(0,1fr)] border-rule max-tablet:grid-cols-[88px_minmax(0,1fr)]">
    <dt className="text-ink-2">{name}</dt>
    <dd>{children}</dd>
  </div>
);
