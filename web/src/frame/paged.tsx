import { Fragment, type ReactNode, useState } from 'react';
import { Row } from './page.tsx';
import { Key } from '../ui/key.tsx';

/** How many rows stand before one asks for more: a page of a phone holds ten, and each costs a drawing. */
const PAGE = 60;

/** A long list, the first rows of it; the others follow when they are asked for. `more`: what the key calls them. */
export function Paged<T>({
  items,
  keyOf,
  more,
  page = PAGE,
  children,
}: {
  items: readonly T[];
  keyOf: (item: T) => string;
  more: string;
  page?: number;
  children: (item: T, index: number) => ReactNode;
}) {
  const [shown, setShown] = useState(page);
  const left = items.length - shown;
  return (
    <>
      {items.slice(0, shown).map((item, i) => (
        <Fragment key={keyOf(item)}>{children(item, i)}</Fragment>
      ))}
      {left > 0 && (
        <Row className="pad">
          <Key onClick={() => setShown(shown + page)} name={more} note={<>{left} more</>} />
        </Row>
      )}
    </>
  );
}
