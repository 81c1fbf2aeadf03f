import type { SharedFish } from '@dagboek/journal';
import { Chips } from '../../ui/chips.tsx';
import { SharedFishView } from './shared-fish-view.tsx';
import { THIS_DISH } from './use-shares.ts';

export type End = 'head' | 'tail';

/** How one fish is shared out: how much of it this dish takes, and from which end. `mostG`: what is free of it. */
export function ShareFields({
  number,
  shared,
  massG,
  mostG,
  end,
  dishes,
  onMass,
  onEnd,
}: {
  number: string;
  shared: SharedFish;
  massG: number;
  mostG: number;
  end: End | null;
  /** Names of the other dishes that have a part, by id, in their order. */
  dishes: ReadonlyMap<string, string>;
  onMass: (g: number) => void;
  onEnd: (end: End) => void;
}) {
  const ids = [...dishes.keys(), THIS_DISH];
  return (
    <div className="share-fish col-span-full pb-3 pl-10 max-tablet:pl-0">
      <SharedFishView
        shared={shared}
        nameOf={(id) => dishes.get(id) ?? 'This dish'}
        numberOf={(id) => String(ids.indexOf(id) + 1)}
      />
      <input
        type="range"
        className="range mt-2 w-full"
        aria-label={`How much of pack ${number}`}
        min={1}
        max={Math.max(1, Math.round(mostG))}
        value={Math.min(Math.round(massG), Math.round(mostG))}
        onChange={(e) => onMass(Number(e.target.value))}
      />
      <Chips
        label="Taken from"
        options={[
          { value: 'head', text: 'the head end' },
          { value: 'tail', text: 'the tail end' },
        ]}
        value={end}
        onChange={onEnd}
      />
    </div>
  );
}
