import { type ExpectedWeight } from '@dagboek/core/measure';
import type { Verdict } from '@dagboek/core/rules';
import { LENGTH_WORDS } from '@dagboek/core/rules';
import type { LengthKind } from '@dagboek/core/species';
import { type Book, type FishState, lastMeasured } from '@dagboek/journal';
import type { Species } from '../../asked/catalogue.ts';
import { Quantity } from '../../asked/quantity.tsx';
import { amountKeys, inField, sayLength, typedAmount, units } from '../../asked/units.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { NumberPad, type PadKey, usePad } from '../../ui/number-pad.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { DeckFoot } from './deck-foot.tsx';
import { LetGoKey } from './let-go.tsx';
import { PictureKey } from './photo/picture-key.tsx';
import { ScaleKey } from './scale-key.tsx';
import { StrikeKey } from './strike-key.tsx';

/** The field that the pad writes into. */
export type PadField = 'length' | 'longest' | 'weight';

/** One step of the pad, mm, and how it is called: half a centimetre, or a quarter of an inch. */
const STEP =
  units.length === 'in'
    ? { mm: 6.35, sign: '¼', says: 'A quarter inch' }
    : { mm: 5, sign: '½', says: 'Half a centimetre' };

/** What a fish of which no length is known is reckoned at, for the simulated scale, g. */
const USUAL_G = 700;

/** The fields of a measurement with the pad, and the keys under them. */
export function MeasureFoot({
  fish,
  asked,
  onDone,
  onUnmeasured,
  onGone,
  verdict,
  usual,
  setWeight,
  species,
  wants,
  error,
  book,
  field,
  length,
  setLength,
  longest,
  setLongest,
  weight,
  kind,
  setField,
}: {
  fish: FishState;
  asked: string | null;
  onDone: (() => void) | undefined;
  onUnmeasured: (() => void) | undefined;
  onGone: (() => void) | undefined;
  verdict: Verdict | null;
  usual: ExpectedWeight | null;
  setWeight: (to: string) => void;
  species: Species;
  wants: LengthKind | null;
  error: { field: 'length' | 'longest' | 'weight' | 'form'; why: string } | null;
  book: Book;
  field: PadField;
  length: string;
  setLength: (to: string) => void;
  longest: string;
  setLongest: (to: string) => void;
  weight: string;
  kind: LengthKind;
  setField: (to: PadField) => void;
}) {
  const pad = usePad();
  const at = (f: string): string | null => (error?.field === f ? error.why : null);
  const beforeMm = lastMeasured(book, fish);
  const [padValue, setPadValue, padName] =
    field === 'length'
      ? ([length, setLength, 'the length'] as const)
      : field === 'longest'
        ? ([longest, setLongest, 'the longest'] as const)
        : ([weight, setWeight, 'the weight'] as const);
  // A step from what stands there, or from the fish before.
  const stepped = (byMm: number): string | null => {
    const from = typedAmount('length', padValue)?.value ?? beforeMm;
    return from === null || Number.isNaN(from) ? null : inField('length', Math.max(STEP.mm, from + byMm));
  };
  const beside: readonly PadKey[] =
    field === 'weight'
      ? []
      : [
          { name: `+${STEP.sign}`, says: `${STEP.says} more`, value: stepped(STEP.mm) },
          { name: `−${STEP.sign}`, says: `${STEP.says} less`, value: stepped(-STEP.mm) },
          {
            name: beforeMm === null ? 'last fish' : inField('length', beforeMm),
            ...(beforeMm === null ? {} : { under: 'last fish' }),
            says:
              beforeMm === null
                ? 'Same as the last fish: there is none'
                : `Same as the last fish: ${sayLength(beforeMm)}`,
            value: beforeMm === null ? null : inField('length', beforeMm),
          },
        ];
  const fields = (
    <div className="measure-row flex-nowrap gap-y-1 gap-x-4 max-tablet:[@media(max-height:700px)]:mt-0">
      <Quantity
        big
        autoFocus={!pad}
        pad={pad}
        label={fish.count > 1 ? `Shortest, ${LENGTH_WORDS[kind]}` : `Length, ${LENGTH_WORDS[kind]}`}
        amount="length"
        value={length}
        onChange={setLength}
        onFocus={() => setField('length')}
        active={pad && field === 'length'}
        error={at('length')}
      />
      {fish.count > 1 && (
        <Quantity
          big
          pad={pad}
          label="Longest"
          amount="length"
          value={longest}
          onChange={setLongest}
          onFocus={() => setField('longest')}
          active={pad && field === 'longest'}
          error={at('longest')}
        />
      )}
      <Quantity
        big
        // "2 lb 14 oz" wants letters.
        pad={pad && amountKeys('mass') === 'decimal'}
        label={fish.count > 1 ? 'Total weight' : 'Weight (optional)'}
        amount="mass"
        value={weight}
        onChange={setWeight}
        onFocus={() => setField('weight')}
        active={pad && field === 'weight'}
        error={at('weight')}
      />
    </div>
  );
  return (
    <DeckFoot tripId={fish.trip} but={fish.id} step="measure" trouble={<Trouble says={at('form')} />}>
      <div className="foot-fields flex-[1_0_100%] max-tablet:order--2">
        {fields}
        {pad && <NumberPad label={padName} value={padValue} onChange={setPadValue} beside={beside} />}
      </div>
      <DeckKey
        act
        type="submit"
        name="Measured"
        note={asked ? 'saves it as typed' : 'saves the length, then shows the verdict'}
      />
      {onDone && <DeckKey type="button" name="Leave it" note="as it was" onClick={onDone} />}
      {onUnmeasured && <DeckKey type="button" name="No length" note="continues without" onClick={onUnmeasured} />}
      {onGone && verdict?.outcome !== 'mustNotReturn' && <LetGoKey fish={fish} verdict={verdict} onDone={onGone} />}
      <ScaleKey
        fish={fish}
        aboutG={(usual?.massG ?? USUAL_G) * fish.count}
        onTake={(g) => setWeight(inField('mass', g))}
      />
      {fish.count === 1 && (
        <PictureKey fish={fish} species={species} wants={wants} note="of the fish on a board" onDone={onDone} />
      )}
      <StrikeKey fish={fish} />
    </DeckFoot>
  );
}
