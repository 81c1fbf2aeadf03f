import type { ReactNode } from 'react';
import { CardsAlone } from '../features/aid/cards-alone.tsx';
import { FaultDetails } from '../ui/fault-details.tsx';
import { Key } from '../ui/key.tsx';

/** The whole screen says one thing, with one way on; where nothing opens, what helps the hurt stands beneath. */
export function Notice({
  title,
  children,
  retry,
  fault = null,
}: {
  title: string;
  children: ReactNode;
  retry?: () => void;
  /** What the program says of it, for a report. */
  fault?: string | null;
}) {
  return (
    <main className="notice p-6 my-[12vh] mx-auto flex-1 flex flex-col min-w-0 max-w-140">
      <h1 className="mb-3 text-h1">{title}</h1>
      <p>{children}</p>
      {fault !== null && <FaultDetails why={fault} />}
      {retry && <Key act onClick={retry} name="Try again" />}
      {retry && <CardsAlone />}
    </main>
  );
}
