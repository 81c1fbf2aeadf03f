import { useId } from 'react';
import { numberTrouble } from './typed-number.ts';

/** A number with its unit, large enough to read at arm's length. Holds text, so that what was typed is never changed under the fingers. */
export function Quantity({
  label,
  unit,
  value,
  onChange,
  error,
  autoFocus,
  big = false,
  whole = false,
  placeholder,
  onEnter,
}: {
  label: string;
  unit: string;
  value: string;
  onChange: (v: string) => void;
  error?: string | null;
  autoFocus?: boolean;
  big?: boolean;
  /** Whole numbers only: the phone shows the keys for them. */
  whole?: boolean;
  placeholder?: string;
  onEnter?: () => void;
}) {
  const id = useId();
  // Told while it is typed, so that nothing that is no number goes by unsaid.
  const wrong = error ?? numberTrouble(value, label.toLowerCase());
  return (
    <div className={`quantity${big ? ' big' : ''}`}>
      <label htmlFor={id}>{label}</label>
      <span>
        <input
          id={id}
          inputMode={whole ? 'numeric' : 'decimal'}
          placeholder={placeholder}
          autoComplete="off"
          value={value}
          autoFocus={autoFocus}
          aria-invalid={wrong ? true : undefined}
          aria-describedby={wrong ? `${id}e` : undefined}
          onChange={(e) => onChange(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && onEnter) {
              e.preventDefault();
              onEnter();
            }
          }}
        />
        <u>{unit}</u>
      </span>
      {wrong && (
        <p id={`${id}e`} role="alert" className="trouble">
          {wrong}
        </p>
      )}
    </div>
  );
}
