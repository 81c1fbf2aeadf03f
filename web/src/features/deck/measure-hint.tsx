import { wordFor } from '../../asked/format.ts';
import { type ExpectedWeight, HOW_TO_MEASURE } from '@dagboek/core/measure';
import type { LengthKind } from '@dagboek/core/species';
import { type FishState, type OwnFit } from '@dagboek/journal';
import { sayMass } from '../../asked/units.ts';
import { Explained } from '../../ui/words/term.tsx';

/** What the fish weighs by its length until it is weighed; else how it is laid on the board. */
export function MeasureHint({
  usual,
  weight,
  fish,
  own,
  kind,
}: {
  usual: ExpectedWeight | null;
  weight: string;
  fish: FishState;
  own: OwnFit;
  /** Which length is read. */
  kind: LengthKind;
}) {
  return (
    <p className="hint">
      {usual && weight === '' ? (
        `Not weighed: estimated at about ${sayMass(usual.massG * fish.count)} from the length${own.fit && own.fish.length > 0 ? ` and ${wordFor(own.fish.length, 'one', `${own.fish.length}`)} of your own` : ''} (${sayMass(usual.lowG * fish.count)} to ${sayMass(usual.highG * fish.count)}). The estimate changes with length and species.`
      ) : fish.count > 1 ? (
        'The shortest fish decides what the rules allow.'
      ) : (
        <Explained text={HOW_TO_MEASURE[kind]} />
      )}
    </p>
  );
}
