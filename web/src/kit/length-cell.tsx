import { earlierLengths, type FishState, sayCm } from '@dagboek/journal';

/** Length in cm; the last one that no longer counts stands struck before it. */
export function LengthCell({ fish }: { fish: FishState }) {
  if (!fish.length) return <span className="num-cell" />;
  const was = earlierLengths(fish).at(-1);
  return (
    <span className="num-cell">
      {was !== undefined && was !== fish.length.mm && <s>{sayCm(was)}</s>} {sayCm(fish.length.mm)}
      {fish.length.longestMm ? `–${(fish.length.longestMm / 10).toFixed(0)}` : ''}
    </span>
  );
}
