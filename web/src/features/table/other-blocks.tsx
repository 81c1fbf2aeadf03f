import type { StepTime } from '@dagboek/journal';
import { columnOf, LINE_PX } from './in-lanes.ts';
import type { Dinner } from './use-dinner.ts';

/** A step of another dinner, and what that is called. */
export interface OtherStep {
  readonly s: StepTime;
  readonly of: string;
}

/** What other dinners have of the kitchen until this one is served; what goes on by itself is in nobody’s way, and a plan apart has no place here. */
export const othersOf = ({ besides, together, lastMs }: Dinner): OtherStep[] =>
  besides
    .filter((b) => together && b.together)
    .flatMap((b) =>
      b.steps
        .filter((s) => columnOf(s) !== 'by itself' && s.is !== 'done' && s.startMs < lastMs)
        .map((s) => ({ s, of: b.d.dishes[0]?.name ?? '' })),
    );

/** The steps of other dinners in one column of the clock: seen, not carried. `y`: how far down an instant stands, px. */
export const OtherBlocks = ({
  others,
  lastMs,
  y,
}: {
  others: readonly OtherStep[];
  lastMs: number;
  y: (ms: number) => number;
}) =>
  others.map(({ s, of }) => {
    const top = Math.max(0, y(s.startMs));
    const height = Math.max(LINE_PX, y(Math.min(s.endMs, lastMs)) - top) - 2;
    return (
      <div
        key={`${of} ${s.task.id}`}
        className="pt-px px-2 left-1 right-1 border-t-[1.5px] border-dotted absolute overflow-hidden text-ellipsis bg-rule text-ink-2 text-[0.9375rem] leading-[1.2] border-ink-3"
        title={`${of}: ${s.task.name}`}
        style={{ top, height }}
      >
        {s.task.name}
        {height > 2 * LINE_PX && <small className="block">{of}</small>}
      </div>
    );
  });
