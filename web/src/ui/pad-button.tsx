import type { ButtonHTMLAttributes } from 'react';

const COLUMNS = ['', 'hand-left:col-1', 'hand-left:col-2', 'hand-left:col-3', 'hand-left:col-4'] as const;

/**
 * A key of a pad of numbers, for a wet thumb. `digit`: set large; a word or a sign otherwise. `column`: in which column it stands, 1 to 4,
 * where the pad lies for the left hand.
 */
export function PadButton({
  digit = false,
  column,
  ...rest
}: { digit?: boolean; column?: 1 | 2 | 3 | 4 } & Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'type' | 'className'>) {
  return (
    <button
      type="button"
      {...rest}
      className={`grid min-h-14 cursor-pointer touch-manipulation place-items-center rounded-box border-2 border-b-4 border-ink bg-paper-open leading-none tabular-nums active:bg-ink active:text-paper-open disabled:cursor-not-allowed disabled:border-b-2 disabled:border-dashed disabled:text-ink-3 aria-pressed:bg-ink aria-pressed:text-paper-open ${digit ? 'font-head text-[1.625rem] font-bold' : 'text-[1.125rem] font-semibold'} ${COLUMNS[column ?? 0]}`}
    />
  );
}
