import { type FishState, sayCm } from '@dagboek/journal';

/** Length in cm; a corrected one stands struck before it. */
export function LengthCell({ fish }: { fish: FishState }) {
  if (!fish.length) return <span className="num-cell" />;
  const line = fish.log.filter((l) => l.now.kind === 'fish.measured' && !l.struck).at(-1);
  const was = line?.was.at(-1)?.facts['lengthMm'];
  return (
    <span className="num-cell">
      {typeof was === 'number' && was !== fish.length.mm && <s>{sayCm(was)}</s>} {sayCm(fish.length.mm)}
      {fish.length.longestMm ? `–${(fish.length.longestMm / 10).toFixed(0)}` : ''}
    </span>
  );
}
