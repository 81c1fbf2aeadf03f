import type { ReactNode } from 'react';
import { CardsAlone } from '../features/aid/cards-alone.tsx';
import { Key } from '../ui/key.tsx';

/** The whole screen says one thing, with one way on; where nothing opens, what helps the hurt stands beneath. */
export function Notice({ title, children, retry }: { title: string; children: ReactNode; retry?: () => void }) {
  return (
    <main className="notice p-6 my-[12vh] mx-auto flex-1 flex flex-col min-w-0 max-w-140">
      <h1 className="mb-3 text-h1">{title}</h1>
      <p>{children}</p>
      {retry && <Key act onClick={retry} name="Try again" />}
      {retry && <CardsAlone />}
    </main>
  );
}
