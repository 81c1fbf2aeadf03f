import { type ComponentProps, type ReactNode, useId } from 'react';

/** What a field of text takes besides what the browser's own takes. */
interface FieldLook {
  readonly label: ReactNode;
  /** As wide as there is room. */
  readonly grow?: boolean;
  /** Under the field: what is wrong with it, or what it is for. */
  readonly children?: ReactNode;
}

const look = (grow: boolean | undefined): string => (grow ? 'field grow' : 'field');

/** A line of text under its label. Takes what an input takes, also from the form library's `register`. */
export function TextField({
  label,
  grow,
  children,
  className = '',
  id,
  ...input
}: FieldLook & ComponentProps<'input'>) {
  const own = useId();
  return (
    <div className={look(grow)}>
      <label htmlFor={id ?? own}>{label}</label>
      <input id={id ?? own} className={`input ${className}`.trim()} {...input} />
      {children}
    </div>
  );
}

/** Some lines of text under their label. */
export function TextArea({ label, grow, children, id, ...area }: FieldLook & ComponentProps<'textarea'>) {
  const own = useId();
  return (
    <div className={look(grow)}>
      <label htmlFor={id ?? own}>{label}</label>
      <textarea id={id ?? own} className="textarea" {...area} />
      {children}
    </div>
  );
}

/** A choice of several under its label; its options are its children. */
export function SelectField({ label, grow, children, id, ...select }: FieldLook & ComponentProps<'select'>) {
  const own = useId();
  return (
    <div className={look(grow)}>
      <label htmlFor={id ?? own}>{label}</label>
      <select id={id ?? own} className="select" {...select}>
        {children}
      </select>
    </div>
  );
}
