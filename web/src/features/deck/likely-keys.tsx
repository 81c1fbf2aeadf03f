import type { RuleGear } from '@dagboek/core/rules';
import type { TripState } from '@dagboek/journal';
import { useMemo } from 'react';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { useSettled } from '../../ui/use-settled.ts';
import { SpeciesKey } from './species-key.tsx';
import { useLikely } from './use-likely.ts';

/** So many kinds stand ready for one tap. */
const READY = 3;

/** The kinds most likely here and now: one tap lands the fish with its name. */
export function LikelyKeys({
  trip,
  gear,
  at,
  plain = false,
  onLand,
}: {
  trip: TripState;
  gear: RuleGear;
  /** When it comes aboard, to the minute: which month and which place. */
  at: string;
  /** Names alone, in one row. */
  plain?: boolean;
  onLand: (species: Species) => void;
}) {
  const { byId } = useCatalogue();
  const settled = useSettled();
  const coming = useMemo(
    () => ({ trip: trip.id, gear, species: null, landed: { at, about: false } }),
    [trip.id, gear, at],
  );
  const { likely } = useLikely(trip, coming);
  const ready = likely.slice(0, READY).flatMap((l) => byId(l.speciesId) ?? []);
  if (ready.length === 0) return null;
  return (
    <ul className={`likely-keys${plain ? ' plain' : ''}${settled ? '' : ' settling'}`} aria-label="Likely here and now">
      {ready.map((s) => (
        <li key={s.id}>
          <SpeciesKey
            species={s}
            figure={plain ? null : <FigureView spec={s.figure} size={96} plain />}
            onClick={() => onLand(s)}
          />
        </li>
      ))}
    </ul>
  );
}
