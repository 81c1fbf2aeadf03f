import { earlierLengths, type FishState } from '@dagboek/journal';
import { lengthShown, shortLength } from '../asked/units.ts';

/** A length as a number; the last one that no longer counts stands struck before it. */
export function LengthCell({ fish }: { fish: FishState }) {
  if (!fish.length) return <span className="num-cell text-right whitespace-nowrap" />;
  const was = earlierLengths(fish).at(-1);
  return (
    <span className="num-cell text-right whitespace-nowrap">
      {was !== undefined && was !== fish.length.mm && <s>{lengthShown(was)}</s>} {lengthShown(fish.length.mm)}
      {fish.length.longestMm ? `–${shortLength(Math.round(fish.length.longestMm / 10) * 10)}` : ''}
    </span>
  );
}
