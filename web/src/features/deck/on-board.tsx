import type { Verdict } from '@dagboek/core/rules';
import { type FishState, massOf } from '@dagboek/journal';
import type { Species } from '../../asked/catalogue.ts';
import { LENGTH_UNIT, lengthShown, sayBy, sayMass } from '../../asked/units.ts';
import { useNarrow } from '../../ui/use-width.ts';
import { FishOnBoard } from './fish-on-board.tsx';
import { sayError } from './say-error.ts';

const METHOD = {
  board: 'On the board, mouth closed, tail pinched together',
  mat: 'On the mat',
  tape: 'By tape',
  photo: 'From a picture',
  eye: 'By eye',
} as const;

interface Measured {
  fish: FishState;
  species: Species;
  verdict: Verdict | null;
}

/** The fish to scale on the ruled board with what was read, or drawn at a usual size before it was measured. */
export function OnBoard({ fish, species, verdict }: Measured) {
  const narrow = useNarrow();
  const leastMm = verdict?.findings.find((f) => f.kind === 'minimumSize')?.leastMm ?? null;
  const { length } = fish;
  const method = length ? METHOD[length.method] : '';
  return (
    <div className="relative">
      <FishOnBoard
        spec={species.figure}
        lengthMm={length?.mm ?? species.usualMm[0]}
        leastMm={leastMm}
        danger={species.hazards.length > 0}
        tall={narrow ? 88 : 138}
        caption={
          length
            ? `${narrow ? method.split(',')[0] : method}; ${sayError(length.method, length.mm, length.sdMm)}.`
            : 'Not measured: drawn at a usual size.'
        }
      />
      <Reading fish={fish} species={species} verdict={verdict} />
    </div>
  );
}

/** Length, by how much over or short, and weight, on one line. */
export function Reading({ fish, species, verdict }: Measured) {
  const { length } = fish;
  const margin = verdict?.findings.find((f) => f.kind === 'minimumSize')?.marginMm;
  const mass = massOf(fish, species);
  if (!length) return null;
  return (
    <p className="reading mt-2 flex flex-wrap items-baseline gap-y-0 gap-x-3.5">
      <span className="num text-[2.5rem] whitespace-nowrap max-tablet:text-[2.125rem]">
        {lengthShown(length.mm)}
        <u>{LENGTH_UNIT}</u>
      </span>
      {margin !== undefined && (
        <b className={margin < 0 ? 'short' : 'over'}>{`${sayBy(Math.abs(margin))} ${margin < 0 ? 'under' : 'over'}`}</b>
      )}
      {mass && (
        <span className="reading-mass ml-auto text-ink-2">
          {sayMass(mass.g * fish.count)} {mass.how === 'scale' ? 'by the scale' : 'estimated'}
        </span>
      )}
    </p>
  );
}
