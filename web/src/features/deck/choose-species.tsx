import type { FishState, TripState } from '@dagboek/journal';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { speciesFinder } from '../../asked/find-species.ts';
import { LazyFigure } from '../../fish/figure-view.tsx';
import { Chips } from '../../ui/chips.tsx';
import { SearchField } from '../../ui/search-field.tsx';
import type { Naming } from './key/key-panel.tsx';
import { SpeciesKey } from './species-key.tsx';
import { useLikely } from './use-likely.ts';
import { useKept } from '../../ui/use-kept.ts';
import { useSettled } from '../../ui/use-settled.ts';
import { Key } from '../../ui/key.tsx';

/** Most fish are named from the list: the key comes when it is asked for. */
const KeyPanel = lazy(async () => ({ default: (await import('./key/key-panel.tsx')).KeyPanel }));

/** Species in the order in which they are likely here and now, each with its figure and what can hurt. */
export function ChooseSpecies({
  fish,
  trip,
  onChoose,
}: {
  fish: FishState;
  trip: TripState;
  onChoose: (n: Naming) => void;
}) {
  const { all, traits, byId } = useCatalogue();
  const names = useNames();
  const [find, setFind] = useState('');
  const [strays, setStrays] = useState(false);
  const [way, setWay] = useKept<'list' | 'key'>('naming', 'list');
  const { likely, waters, zone } = useLikely(trip, fish);
  const finder = useMemo(() => speciesFinder(all), [all]);
  const [every, setEvery] = useState(false);
  const settled = useSettled();
  const found =
    find.trim() === '' ? null : new Map(finder(find).map((f, i) => [f.species.id, { i, byName: f.byName }]));
  const order = (id: string): number => found?.get(id)?.i ?? 0;
  const fitting = found
    ? likely.filter((l) => found.has(l.speciesId)).sort((a, b) => order(a.speciesId) - order(b.speciesId))
    : likely;
  // What these waters have no ground for waits behind a key of its own.
  const shown = every || found ? fitting : fitting.filter((l) => l.athome);
  // The key keeps to these waters, and to what the book has met here, until strays are asked for.
  const prior = useMemo(
    () => Object.fromEntries(likely.filter((l) => strays || l.athome).map((l) => [l.speciesId, l.share])),
    [likely, strays],
  );
  const ways = (
    <Chips
      label="Name it"
      hideLabel
      options={[
        { value: 'list', text: 'From the list' },
        { value: 'key', text: 'With questions' },
      ]}
      value={way}
      onChange={setWay}
    />
  );
  if (way === 'key' && traits.length > 0)
    return (
      <div className="choose-species">
        {ways}
        {waters.length > 0 && (
          <label className="check">
            <input
              type="checkbox"
              className="checkbox"
              checked={strays}
              onChange={(e) => setStrays(e.target.checked)}
            />{' '}
            It could be from elsewhere: include species of other waters
          </label>
        )}
        <Suspense fallback={<p role="status">One moment.</p>}>
          <KeyPanel fish={fish} prior={prior} onChoose={onChoose} />
        </Suspense>
      </div>
    );
  return (
    <div className="choose-species">
      {ways}
      <div className="choose-head mt-1 flex flex-wrap items-center justify-between gap-x-5 gap-y-1">
        <p className="text-ink-2">Most likely first, for {names.zone(zone)} this month and your own catches there.</p>
        <SearchField label="Find a name" value={find} onChange={setFind} />
      </div>
      {all.length === 0 && (
        <p>
          The list of species has not reached this device yet. Add the fish now, and name it when there is a signal.
        </p>
      )}
      {all.length > 0 && shown.length === 0 && <p>No species has a name like “{find}”.</p>}
      <ul className={settled ? undefined : 'settling'}>
        {shown.map((l) => {
          const s = byId(l.speciesId);
          if (!s) return null;
          const by = found?.get(s.id)?.byName;
          return (
            <li key={s.id}>
              <SpeciesKey
                species={s}
                figure={<LazyFigure spec={s.figure} size={96} />}
                onClick={() => onChoose({ species: s, orElse: [], seen: {} })}
              >
                {by && <small>also {by}</small>}
                <small>
                  {l.own > 0
                    ? `${l.own} caught here before`
                    : l.share > 0.05
                      ? 'likely here'
                      : l.share > 0.015
                        ? 'sometimes caught here'
                        : 'rarely caught here'}
                </small>
              </SpeciesKey>
            </li>
          );
        })}
      </ul>
      {shown.length < fitting.length && (
        <Key onClick={() => setEvery(true)} name={<>All {fitting.length} species</>} note="the rest do not live here" />
      )}
    </div>
  );
}
