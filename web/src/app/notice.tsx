import type { ReactNode } from 'react';

/** The whole screen says one thing, with one way on. */
export function Notice({ title, children, retry }: { title: string; children: ReactNode; retry?: () => void }) {
  return (
    <main className="notice">
      <h1>{title}</h1>
      <p>{children}</p>
      {retry && (
        <button type="button" className="key act" onClick={retry}>
          <span>Try again</span>
        </button>
      )}
    </main>
  );
}
