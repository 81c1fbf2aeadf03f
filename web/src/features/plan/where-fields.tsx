import type { Zone } from '@dagboek/core/rules';
import { type BookState, type TripState } from '@dagboek/journal';
import { Row } from '../../frame/page.tsx';
import { Chips } from '../../ui/chips.tsx';

/** In which zone, from the boat or from the shore. */
export function WhereFields({
  last,
  zones,
  zone,
  bookState,
  from,
  setFrom,
  setKept,
  draft,
}: {
  last: TripState | null;
  zones: readonly Zone[] | { id: string; name: string; about: string }[];
  zone: string | null;
  bookState: BookState;
  from: 'boat' | 'shore';
  setFrom: (to: 'boat' | 'shore') => void;
  setKept: (v: { of: string; zone?: string; ice?: string; water?: string }) => void;
  draft: { of: string; zone?: string; ice?: string; water?: string };
}) {
  const setZone = (id: string): void => setKept({ ...draft, zone: id });
  return (
    <Row className="pad" time={<b className="q">1</b>}>
      <h2>Where?</h2>
      {!last && <p className="lead">Choose a zone, enter how much ice you take, and tap Cast off.</p>}
      <div role="radiogroup" aria-label="Zone">
        {zones.map((z) => (
          <label
            className="gap-3 border-b grid grid-cols-[26px_minmax(120px,200px)_minmax(0,1fr)] items-center min-h-12 cursor-pointer border-rule max-tablet:py-1.5 max-tablet:px-0 max-tablet:grid-cols-[26px_minmax(0,1fr)]"
            key={z.id}
          >
            <input
              type="radio"
              name="zone"
              className="radio border-2 border-ink [--size:1.6rem] text-ink flex-none"
              checked={z.id === zone}
              onChange={() => setZone(z.id)}
            />
            <b>{z.name}</b>
            <span className="text-ink-2 max-tablet:col-[2]">{z.about}</span>
          </label>
        ))}
      </div>
      <Chips
        label="From"
        options={[
          { value: 'boat', text: bookState?.boat ? `${bookState.boat}, the boat` : 'a boat' },
          { value: 'shore', text: 'the shore' },
        ]}
        value={from}
        onChange={setFrom}
      />
    </Row>
  );
}
