import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { Key } from '../ui/key.tsx';
import { settlingClass, useSettled } from '../ui/use-settled.ts';

/** A large key for wet hands; for a moment after it appeared it takes no tap, since that was meant for what stood there before. One `act` key a screen: the next action, named as the entry it writes. */
export function DeckKey({
  act = false,
  small = false,
  mark,
  name,
  note,
  waits,
  again,
  ...rest
}: {
  act?: boolean;
  small?: boolean;
  mark?: ReactNode;
  name: string;
  note?: string | undefined;
  waits?: string | undefined;
  /** Whenever it is another it takes no tap for a moment, as if it had just appeared: where the same key comes to mean something else. */
  again?: unknown;
} & Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'name' | 'children' | 'className'>) {
  const settled = useSettled(again);
  if (waits)
    return <Key className=" waits" aria-disabled="true" onClick={(e) => e.preventDefault()} name={name} note={waits} />;
  return (
    <Key act={act} small={small} className={settlingClass(settled)} mark={mark} name={name} note={note} {...rest} />
  );
}

/** Turned line, for keys that put a fish back. */
export const TurnMark = () => (
  <svg
    width="34"
    height="34"
    viewBox="0 0 20 20"
    aria-hidden="true"
    fill="none"
    stroke="currentColor"
    strokeWidth="2.2"
  >
    <path d="M2 5H13a5 5 0 0 1 0 10H5" />
    <path d="M9.5 10.6 5 15l4.5 4.4" strokeLinejoin="round" />
  </svg>
);
/** Callipers, for keys that measure. */
export const CalliperMark = () => (
  <svg
    width="26"
    height="26"
    viewBox="0 0 20 20"
    aria-hidden="true"
    fill="none"
    stroke="currentColor"
    strokeWidth="2.4"
  >
    <path d="M2 2V18M18 2V18" />
    <path d="M5 10H15" strokeDasharray="2.4 2" />
  </svg>
);
/** Ruled lines with one struck, for correcting. */
export const StrikeMark = () => (
  <svg width="24" height="22" viewBox="0 0 22 20" aria-hidden="true" stroke="currentColor">
    <path d="M2 4H20M2 16H20" strokeWidth="2" opacity=".55" />
    <path d="M0 10H22" strokeWidth="3" />
  </svg>
);
