import { useId } from 'react';
import type { AmountKind } from '@dagboek/core/units';
import { amountKeys, amountTrouble, fieldUnit, sayNamed } from './units.ts';
import { numberTrouble } from '../ui/typed-number.ts';

/** A number with its unit, large enough to read at arm's length. Holds text, so that what was typed is never changed under the fingers. */
export function Quantity({
  label,
  unit,
  amount,
  value,
  onChange,
  error,
  autoFocus,
  big = false,
  whole = false,
  placeholder,
  onEnter,
  onFocus,
  pad = false,
  active = false,
}: {
  label: string;
  /** What a plain number counts. */
  unit?: string;
  /** Of an amount with units: the field stands in that of this device, and takes others by name. */
  amount?: AmountKind;
  value: string;
  onChange: (v: string) => void;
  error?: string | null;
  autoFocus?: boolean;
  big?: boolean;
  /** Whole numbers only: the phone shows the keys for them. */
  whole?: boolean;
  placeholder?: string;
  onEnter?: () => void;
  onFocus?: () => void;
  /** Our own keys stand beneath: the phone’s keyboard stays away. */
  pad?: boolean;
  /** Our own keys write into this one. */
  active?: boolean;
}) {
  const id = useId();
  // Told while it is typed, so that nothing that is no number goes by unsaid.
  const what = label.toLowerCase();
  const wrong = error ?? (amount ? amountTrouble(amount, value, what) : numberTrouble(value, what));
  const named = amount && !wrong ? sayNamed(amount, value) : null;
  return (
    <div className={`quantity${big ? ' big' : ''}${active ? ' active' : ''}`}>
      <label className="text-cap text-ink-2" htmlFor={id}>
        {label}
      </label>
      <span className="flex items-baseline">
        <input
          id={id}
          inputMode={pad ? 'none' : whole ? 'numeric' : amount ? amountKeys(amount) : 'decimal'}
          placeholder={placeholder}
          autoComplete="off"
          value={value}
          // "2 lb 14 oz" is longer than a number: it is seen whole.
          style={value.length > 4 ? { width: `${value.length + 1}ch` } : undefined}
          autoFocus={autoFocus}
          aria-invalid={wrong ? true : undefined}
          aria-describedby={wrong ? `${id}e` : undefined}
          onChange={(e) => onChange(e.target.value)}
          onFocus={onFocus}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && onEnter) {
              e.preventDefault();
              onEnter();
            }
          }}
        />
        <u className="ml-[0.16em] font-medium text-[1.125rem] leading-[normal] font-text no-underline text-ink-2">
          {amount ? fieldUnit(amount) : unit}
        </u>
      </span>
      {named && <small className="hint">= {named}</small>}
      {wrong && (
        <p id={`${id}e`} role="alert" className="alert alert-outline">
          {wrong}
        </p>
      )}
    </div>
  );
}
