import { useNarrow } from '../kit/use-width.ts';
import { FigureView } from '../kit/figure-view.tsx';
import type { FishState, NextStep } from '@dagboek/journal';
import type { Species } from '../kit/catalogue.ts';

const SIGNS = 'Killed cleanly it shivers, the fins flare, the eyes stand fixed.';
const NEAR_PREDATORS = 'Large predators about: bleed it aboard, in a bucket.';

/** How this very kind is killed and bled, with the spot drawn on it. Once killed, and not before, it fills the space of the verdict. */
export function Handling({ fish, species, next }: { fish: FishState; species: Species | null; next: NextStep }) {
  const narrow = useNarrow();
  if (!species) return null;
  const says =
    next === 'dispatch'
      ? [species.dispatch, SIGNS]
      : next === 'bleed'
        ? [species.bleeding, ...(fish.gear === 'spear' ? [NEAR_PREDATORS] : [])]
        : [];
  if (fish.dispatched?.gutPierced) says.push('The gut was pierced: gut it soon, wipe it with sea water, eat it first.');
  return (
    <div className="handling">
      {next !== 'ice' && fish.dispatched && (
        <FigureView spec={species.figure} size={narrow ? 300 : 420} options={{ target: true }} />
      )}
      {says.map((s) => (
        <p key={s} className="hint">
          {s}
        </p>
      ))}
    </div>
  );
}
