import type { InputHTMLAttributes, Ref } from 'react';

/** A file chooser that a key opens (`ref.current?.click()`): not seen, and no stop of Tab. The same file may be chosen again. */
export function FileInput({
  ref,
  label,
  onFile,
  ...rest
}: {
  ref: Ref<HTMLInputElement>;
  label: string;
  onFile: (file: File) => void;
} & Pick<InputHTMLAttributes<HTMLInputElement>, 'accept' | 'capture'>) {
  return (
    <input
      ref={ref}
      type="file"
      className="sr-only"
      tabIndex={-1}
      aria-label={label}
      onChange={(e) => {
        const file = e.target.files?.[0];
        if (file) onFile(file);
        e.target.value = '';
      }}
      {...rest}
    />
  );
}
