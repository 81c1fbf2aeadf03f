import { routeOf } from '@dagboek/core/cut';
import { type FigureSpec, steakPlan, type SteakPlan } from '@dagboek/figure';
import { type CutState, lengthOnBoard, type OnTheBoard } from '@dagboek/journal';
import { useMemo } from 'react';
import type { Species } from '../../asked/catalogue.ts';
import { useKept } from '../../ui/use-kept.ts';

/** Two fingers. */
const USUAL_MM = 25;

/** The steaks that one fish of a cut gives, and the thickness that they are planned by, kept on this device. Null on other routes. */
export function useSteaks(
  cut: CutState,
  species: Species | null,
  lies: OnTheBoard,
): { plan: SteakPlan; thickMm: number; setThickMm: (mm: number) => void; u: number } | null {
  const [thickMm, setThickMm] = useKept('board.steak-mm', USUAL_MM);
  const figure = species?.figure as FigureSpec | undefined;
  const all = cut.stages.gutted?.massG ?? cut.stages.round?.massG ?? lies.knownG;
  const massG = all === null ? null : all / Math.max(1, lies.count);
  // The whole weight tells the length; gutted it would seem a shorter fish.
  const whole = cut.stages.round?.massG ?? lies.knownG;
  const lengthMm = lengthOnBoard(lies.fish, species, whole === null ? null : whole / Math.max(1, lies.count));
  const isSteaks = routeOf(cut.route).form === 'steaks';
  const plan = useMemo(
    () =>
      isSteaks && figure && lengthMm !== null && massG !== null && massG > 0
        ? steakPlan(figure, { lengthMm, massG, thickMm })
        : null,
    [isSteaks, figure, lengthMm, massG, thickMm],
  );
  return plan && lengthMm !== null ? { plan, thickMm, setThickMm, u: thickMm / lengthMm } : null;
}
