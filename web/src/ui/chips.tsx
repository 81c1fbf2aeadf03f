import { useId } from 'react';

/** One of a few, each a thumb-sized target. */
export function Chips<T extends string>({
  label,
  options,
  value,
  onChange,
  hideLabel = false,
}: {
  label: string;
  options: readonly { value: T; text: string }[];
  value: T | null;
  onChange: (v: T) => void;
  hideLabel?: boolean;
}) {
  const name = useId();
  return (
    <fieldset className="chips">
      <legend className={hideLabel ? 'sr-only' : undefined}>{label}</legend>
      {options.map((o) => (
        <label className="relative inline-flex" key={o.value}>
          <input
            className="absolute inset-0 m-0 size-full cursor-pointer opacity-0"
            type="radio"
            name={name}
            checked={o.value === value}
            onChange={() => onChange(o.value)}
          />
          <span>{o.text}</span>
        </label>
      ))}
    </fieldset>
  );
}

/** Any of a few. */
export function ManyChips<T extends string>({
  label,
  options,
  values,
  onChange,
}: {
  label: string;
  options: readonly { value: T; text: string }[];
  values: readonly T[];
  onChange: (v: T[]) => void;
}) {
  return (
    <fieldset className="chips">
      <legend>{label}</legend>
      {options.map((o) => (
        <label className="relative inline-flex" key={o.value}>
          <input
            className="absolute inset-0 m-0 size-full cursor-pointer opacity-0"
            type="checkbox"
            checked={values.includes(o.value)}
            onChange={(e) => onChange(e.target.checked ? [...values, o.value] : values.filter((v) => v !== o.value))}
          />
          <span>{o.text}</span>
        </label>
      ))}
    </fieldset>
  );
}

/** Options whose value is their text. */
export const plain = <T extends string>(list: readonly T[]): { value: T; text: string }[] =>
  list.map((value) => ({ value, text: value }));
