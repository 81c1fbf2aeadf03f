import { rankLikely } from '@dagboek/core/key';
import { type FishState, type TripState } from '@dagboek/journal';
import { useMemo, useState } from 'react';
import { type Species, useCatalogue, useNames, useRules } from '../kit/catalogue.ts';
import { FigureView } from '../kit/figure-view.tsx';
import { useFormat } from '../kit/format.ts';
import { WarningTriangle } from '../kit/hazard-strip.tsx';
import { Chips } from '../kit/ui/chips.tsx';
import { KeyPanel } from './key-panel.tsx';
import { useKept } from './use-kept.ts';
import { useBook } from '../kit/journal/journal-context.tsx';

/** Species in the order in which they are likely here and now, each with its figure and what can hurt. */
export function ChooseSpecies({
  fish,
  trip,
  onChoose,
}: {
  fish: FishState;
  trip: TripState;
  onChoose: (s: Species, orElse?: readonly string[]) => void;
}) {
  const { book } = useBook();
  const { all, traits, byId } = useCatalogue();
  const rules = useRules();
  const names = useNames();
  const { day } = useFormat();
  const [find, setFind] = useState('');
  const [way, setWay] = useKept<'list' | 'key'>('naming', 'list');
  const likely = useMemo(() => {
    const ownCatches: Record<string, number> = {};
    for (const f of book.all('fish'))
      if (f.species && f.id !== fish.id && book.get('trip', f.trip)?.zone === trip.zone)
        ownCatches[f.species] = (ownCatches[f.species] ?? 0) + 1;
    const grounds = rules?.zones.find((z) => z.id === trip.zone)?.grounds ?? [];
    return rankLikely(all, { grounds, month: Number(day(fish.landed.at).slice(5, 7)), ownCatches }).map((l) => ({
      ...l,
      own: ownCatches[l.speciesId] ?? 0,
    }));
  }, [all, book, rules, trip, fish, day]);
  const shown = likely.filter((l) => {
    const s = byId(l.speciesId);
    return s && `${s.name} ${s.latin}`.toLowerCase().includes(find.trim().toLowerCase());
  });
  const prior = useMemo(() => Object.fromEntries(likely.map((l) => [l.speciesId, l.share])), [likely]);
  const ways = (
    <Chips
      label="Name it"
      hideLabel
      options={[
        { value: 'list', text: 'From the list' },
        { value: 'key', text: 'With the key' },
      ]}
      value={way}
      onChange={setWay}
    />
  );
  if (way === 'key' && traits.length > 0)
    return (
      <div className="choose-species">
        {ways}
        <KeyPanel fish={fish} prior={prior} onChoose={onChoose} />
      </div>
    );
  return (
    <div className="choose-species">
      {ways}
      <div className="choose-head">
        <p>Likeliest first, for {names.zone(trip.zone)} in this month and from your own catches there.</p>
        <div className="field">
          <label htmlFor="find">Find a name</label>
          <input id="find" className="input" type="search" value={find} onChange={(e) => setFind(e.target.value)} />
        </div>
      </div>
      {all.length === 0 && (
        <p>The list of species has not reached this device yet. Note the fish, and name it when there is a signal.</p>
      )}
      {all.length > 0 && shown.length === 0 && <p>No species of this book has “{find}” in its name.</p>}
      <ul>
        {shown.map((l) => {
          const s = byId(l.speciesId);
          if (!s) return null;
          const hurt = s.hazards.find((h) => h.kind === 'venomous') ?? s.hazards[0];
          return (
            <li key={s.id}>
              <button type="button" className="species-key" onClick={() => onChoose(s)}>
                <span className="icon">
                  <FigureView spec={s.figure} size={96} plain />
                </span>
                <span>
                  <b>{s.name}</b>
                  <small>
                    {l.own > 0
                      ? `${l.own} in your book here`
                      : l.share > 0.05
                        ? 'likely here'
                        : l.share > 0.015
                          ? 'now and then here'
                          : 'hardly here'}
                  </small>
                  {hurt && (
                    <small className={hurt.kind === 'venomous' ? 'hurts' : 'pricks'}>
                      <WarningTriangle size={13} /> {hurt.kind}
                    </small>
                  )}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
