import { useId } from 'react';
import { TextField } from './text-field.tsx';

/** A field to look for something by a word. `onEnter`: what Enter does, where there is something to choose. */
export function SearchField({
  label,
  value,
  onChange,
  placeholder,
  onEnter,
}: {
  label: string;
  value: string;
  onChange: (word: string) => void;
  placeholder?: string;
  onEnter?: () => void;
}) {
  const id = useId();
  return (
    <TextField
      label={label}
      id={id}
      type="search"
      placeholder={placeholder}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      onKeyDown={(e) => {
        if (e.key === 'Enter') onEnter?.();
      }}
    />
  );
}
