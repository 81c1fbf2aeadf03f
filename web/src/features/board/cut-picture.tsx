import type { StepDue } from '@dagboek/core/cut';
import { type CutDrawing, cutOverlay, drawSection } from '@dagboek/figure';
import type { Species } from '../../asked/catalogue.ts';
import { FigurePlate } from '../../fish/figure-view.tsx';

/** The lines of some steps as they are drawn: made, this one, to come; each step's first line bears its number. */
export function linesOf(
  steps: readonly StepDue[],
  at: StepDue | null,
  done: ReadonlySet<string>,
  numberOf: (s: StepDue) => number,
): CutDrawing {
  const now = at?.lines ?? [];
  const rest = steps.filter((s) => s !== at);
  const lines = (of: readonly StepDue[]) => of.flatMap((s) => s.lines ?? []).filter((l) => !now.includes(l));
  return {
    now,
    made: lines(rest.filter((s) => done.has(s.id))),
    later: lines(rest.filter((s) => !done.has(s.id))),
    numbers: Object.fromEntries(
      [...steps].reverse().flatMap((s) => (s.lines?.[0] ? [[s.lines[0], String(numberOf(s))]] : [])),
    ),
    knife: at?.pose !== undefined,
  };
}

/** The fish with the lines of the knife. */
export function CutPicture({ species, cuts, size }: { species: Species; cuts: CutDrawing; size: number }) {
  return <FigurePlate spec={species.figure} size={size} options={{ cuts: cutOverlay(cuts) }} />;
}

/** How the blade lies, in a cut through this fish. */
export function BladeSection({ species, at }: { species: Species; at: StepDue }) {
  if (!at.pose) return null;
  const { svg } = drawSection(species.figure, at.pose, species.shape.widthToDepth, 128);
  return (
    <figure className="section m-0 flex-none">
      {/* The drawing comes from our own pure function. */}
      <div dangerouslySetInnerHTML={{ __html: svg }} />
      <figcaption className="text-cap text-ink-2">Blade {at.pose}</figcaption>
    </figure>
  );
}
