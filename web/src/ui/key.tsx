import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { Link, type LinkProps } from 'react-router';

interface KeyWords {
  /** The next action of the screen: one a screen. */
  act?: boolean;
  /** For a list of them beside a field. */
  small?: boolean;
  mark?: ReactNode;
  name: ReactNode;
  note?: ReactNode;
}

const keyClass = (act: boolean | undefined, small: boolean | undefined, more = ''): string =>
  `btn key${act ? ' btn-primary act' : ''}${small ? ' small-key' : ''}${more}`;

const Words = ({ mark, name, note }: Pick<KeyWords, 'mark' | 'name' | 'note'>) => (
  <>
    {mark}
    <span>
      {name}
      {note && <small>{note}</small>}
    </span>
  </>
);

/** A key to press: what it does, and beneath it, small, what that means. Takes taps at once; see `DeckKey` for one that appears under a thumb. */
export function Key({
  act,
  small,
  mark,
  name,
  note,
  className = '',
  ...rest
}: KeyWords & Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'name' | 'children'>) {
  return (
    <button type="button" {...rest} className={keyClass(act, small, className)}>
      <Words mark={mark} name={name} note={note} />
    </button>
  );
}

/** A key that goes to another page. */
export function KeyLink({
  act,
  small,
  mark,
  name,
  note,
  ...rest
}: KeyWords & Omit<LinkProps, 'className' | 'children'>) {
  return (
    <Link {...rest} className={keyClass(act, small)}>
      <Words mark={mark} name={name} note={note} />
    </Link>
  );
}

/** A key within a line of text. */
export function LineKey(props: Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'className' | 'type'>) {
  return <button type="button" {...props} className="line-key" />;
}
