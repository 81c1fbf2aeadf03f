import { useId } from 'react';

/** A number with its unit, large enough to read at arm's length. Holds text, so that what was typed is never changed under the fingers. */
export function Quantity({
  label,
  unit,
  value,
  onChange,
  error,
  autoFocus,
  big = false,
  onEnter,
}: {
  label: string;
  unit: string;
  value: string;
  onChange: (v: string) => void;
  error?: string | null;
  autoFocus?: boolean;
  big?: boolean;
  onEnter?: () => void;
}) {
  const id = useId();
  return (
    <div className={`quantity${big ? ' big' : ''}`}>
      <label htmlFor={id}>{label}</label>
      <span>
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          value={value}
          autoFocus={autoFocus}
          aria-invalid={error ? true : undefined}
          aria-describedby={error ? `${id}e` : undefined}
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
      {error && (
        <p id={`${id}e`} role="alert" className="trouble">
          {error}
        </p>
      )}
    </div>
  );
}
