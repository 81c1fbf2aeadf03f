import { speciesLanded } from '@dagboek/journal';
import { useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames, useRules } from '../../asked/names.ts';
import { useBook } from '../../offline/journal-context.tsx';

/** The filters of the diary, which stand in its address: what they are set to, and a field for each. `onNarrowed`: one of them was set. */
export function useDiaryFilters(onNarrowed: () => void) {
  const { book } = useBook();
  const { all } = useCatalogue();
  const rules = useRules();
  const names = useNames();
  const [search, setSearch] = useSearchParams();
  // Two choices in quick succession: the second builds on the first, though the address has not followed yet.
  const going = useRef<URLSearchParams | null>(null);
  useEffect(() => {
    going.current = null;
  }, [search]);
  const filter = {
    who: search.get('who'),
    species: search.get('species'),
    zone: search.get('zone'),
    text: search.get('text'),
  };
  const narrowTo = (key: string, value: string): void => {
    const next = new URLSearchParams(going.current ?? search);
    if (value) next.set(key, value);
    else next.delete(key);
    going.current = next;
    setSearch(next, { replace: true });
    onNarrowed();
  };
  const used = speciesLanded(book);
  const select = (
    key: 'who' | 'species' | 'zone',
    label: string,
    options: { value: string; text: string }[],
    none: string,
  ) => (
    <select
      aria-label={label}
      className="filter border-0 border-b-[1.5px] [border-bottom-style:dotted] appearance-none bg-transparent font-semibold max-w-37.5 min-h-11 cursor-pointer border-ink in-[.form]:min-h-6"
      value={filter[key] ?? ''}
      onChange={(e) => narrowTo(key, e.target.value)}
    >
      <option className="bg-paper-open text-ink" value="">
        {none}
      </option>
      {options.map((o) => (
        <option className="bg-paper-open text-ink" key={o.value} value={o.value}>
          {o.text}
        </option>
      ))}
    </select>
  );
  const filters = [
    {
      label: 'Who',
      value: select(
        'who',
        'Who',
        book.all('member').map((m) => ({ value: m.id, text: names.member(m.id) })),
        'everyone',
      ),
    },
    {
      label: 'Species',
      value: select(
        'species',
        'Species',
        all.filter((s) => used.has(s.id)).map((s) => ({ value: s.id, text: s.name })),
        `all ${used.size}`,
      ),
    },
    {
      label: 'Waters',
      value: select(
        'zone',
        'Zone',
        (rules?.zones ?? []).map((z) => ({ value: z.id, text: z.name })),
        'all zones',
      ),
    },
    {
      label: 'Remarks',
      value: (
        <input
          type="search"
          className="filter border-0 border-b-[1.5px] [border-bottom-style:dotted] appearance-none bg-transparent font-semibold max-w-37.5 min-h-11 cursor-pointer border-ink in-[.form]:min-h-6"
          aria-label="Find in remarks"
          placeholder="any remark"
          defaultValue={filter.text ?? ''}
          onChange={(e) => narrowTo('text', e.target.value)}
        />
      ),
    },
  ];
  return { filter, filters, search };
}
