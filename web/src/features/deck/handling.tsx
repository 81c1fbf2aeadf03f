import { handlingSentences } from '@dagboek/core/handling';
import { type FishState, predatorsAbout } from '@dagboek/journal';
import type { Species } from '../../asked/catalogue.ts';
import { nowMs } from '../../ui/clock.ts';
import { useBookValue } from '../../offline/journal-context.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { useNarrow } from '../../ui/use-width.ts';
import { Explained } from '../../ui/words/term.tsx';

/** How this very species is killed and bled, with the spot drawn on it. Once killed, and not before, it fills the space of the verdict. */
export function Handling({
  fish,
  species,
  next,
}: {
  fish: FishState;
  species: Species | null;
  next: 'dispatch' | 'bleed' | 'ice';
}) {
  const narrow = useNarrow();
  const predators = useBookValue((book) => {
    const trip = book.get('trip', fish.trip);
    return trip !== null && predatorsAbout(trip, nowMs());
  });
  if (!species) return null;
  const of = { speared: fish.gear === 'spear', gutPierced: fish.dispatched?.gutPierced === true, predators };
  return (
    <div className="mt-1.5">
      {next !== 'ice' && fish.dispatched && (
        <FigureView spec={species.figure} size={narrow ? 300 : 420} options={{ target: true }} />
      )}
      {handlingSentences(next, species, of).map((s) => (
        <p key={s} className="hint">
          <Explained text={s} />
        </p>
      ))}
    </div>
  );
}
