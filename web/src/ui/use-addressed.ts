import { useRef, useState } from 'react';
import { useSearchParams } from 'react-router';

/**
 * What a page shows, kept in its address so that a reload and a link show the same. The value itself changes at once; the address follows, since it
 * is too slow for a field that is typed into. Null: not in the address.
 */
export function useAddressed(
  key: string,
  initial: string | null = null,
): readonly [string | null, (to: string | null | ((before: string | null) => string | null)) => void] {
  const [search, setSearch] = useSearchParams();
  const [value, setValue] = useState(search.get(key) ?? initial);
  // Two changes before the next drawing build on each other.
  const last = useRef(value);
  return [
    value,
    (to) => {
      last.current = typeof to === 'function' ? to(last.current) : to;
      setValue(last.current);
      setSearch((old) => withParam(old, key, last.current), { replace: true });
    },
  ];
}

function withParam(old: URLSearchParams, key: string, value: string | null): URLSearchParams {
  // What stands in the address now, not when the page was drawn: another value may have been set since.
  const now = new URLSearchParams(location.search || old.toString());
  if (value === null || value === '') now.delete(key);
  else now.set(key, value);
  return now;
}
