import { asFirstKind, checkLength, checkWeight, expectedWeight, type MeasureCheck } from '@dagboek/core/measure';
import { LENGTH_WORDS } from '@dagboek/core/rules';
import type { LengthKind, MeasureMethod } from '@dagboek/core/species';
import type { Verdict } from '@dagboek/core/rules';
import { type FishState, lastMeasured, METHODS, ownFit, type Writing } from '@dagboek/journal';
import { useState } from 'react';
import type { Species } from '../../asked/catalogue.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Chips } from '../../ui/chips.tsx';
import { NumberPad, type PadKey, usePad } from '../../ui/number-pad.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { isSettable, OwnError } from './own-error.tsx';
import { PictureKey } from './photo/picture-key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { DeckFoot } from './deck-foot.tsx';
import { LetGoKey } from './let-go.tsx';
import { ScaleKey } from './scale-key.tsx';
import { StrikeKey } from './strike-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { amountKeys, asTyped, inField, sayLength, sayMass, typedAmount, units } from '../../asked/units.ts';

const METHOD_WORDS: Record<MeasureMethod, string> = {
  board: 'board',
  mat: 'mat',
  tape: 'tape',
  photo: 'picture',
  eye: 'by eye',
};
const METHOD_KEY = 'dagboek.method';
/** Ways of measuring in which a number is read and typed. */
/** A fish longer than so many times the longest known is a slip of the unit. */
const MOST_OF_MAX = 1.5;
const READ_OFF = METHODS.filter((m) => m !== 'photo');
/** One step of the pad, mm, and how it is called: half a centimetre, or a quarter of an inch. */
const STEP =
  units.length === 'in'
    ? { mm: 6.35, sign: '¼', says: 'A quarter inch' }
    : { mm: 5, sign: '½', says: 'Half a centimetre' };

/** What a fish of which no length is known is reckoned at, for the simulated scale, g. */
const USUAL_G = 700;

type PadField = 'length' | 'longest' | 'weight';

/** Length with its kind and method, and a weight by the scale or reckoned from the length. Odd figures ask once and do not block. */
export function MeasureForm({
  fish,
  species,
  wants,
  verdict = null,
  onDone,
  onUnmeasured,
  onGone,
}: {
  fish: FishState;
  species: Species;
  wants: LengthKind | null;
  verdict?: Verdict | null;
  /** Leaves it as it was; there is a length already. */
  onDone?: () => void;
  /** Goes on without a length. */
  onUnmeasured?: () => void;
  /** It went back. */
  onGone?: () => void;
}) {
  const { writeAll } = useUndoWrite();
  const pad = usePad();
  const [field, setField] = useState<PadField>('length');
  const [kind, setKind] = useState<LengthKind>(wants ?? fish.length?.kind ?? species.lengthKinds[0] ?? 'total');
  const [method, setMethod] = useState<MeasureMethod>(
    [fish.length?.method, localStorage.getItem(METHOD_KEY) as MeasureMethod | null].find(
      (m) => m && READ_OFF.includes(m as (typeof READ_OFF)[number]),
    ) ?? 'board',
  );
  const [length, setLength] = useState('');
  const [longest, setLongest] = useState('');
  const [weight, setWeight] = useState('');
  const [error, setError] = useState<{ field: 'length' | 'longest' | 'weight' | 'form'; why: string } | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const read = { lengthMm: typedAmount('length', length), longestMm: typedAmount('length', longest) };
  const lengthMm = read.lengthMm?.value ?? null;
  const longestMm = read.longestMm?.value ?? null;
  const middleMm = lengthMm && longestMm && longestMm > lengthMm ? (lengthMm + longestMm) / 2 : lengthMm;
  const { book } = useBook();
  const own = ownFit(book, species);
  const ownSd = book.all('book')[0]?.errors[method];
  // Curves and greatest lengths are told of the species' first kind of length.
  const inFirst = middleMm && middleMm > 0 ? asFirstKind(species, middleMm, kind) : null;
  const usual =
    // Of a length that no such fish has, no weight is told.
    inFirst !== null && inFirst <= species.maxMm * MOST_OF_MAX
      ? own.fit && own.fish.length > 0
        ? own.fit.predict(inFirst)
        : expectedWeight(species, inFirst)
      : null;
  const check = (mm: number): MeasureCheck => {
    const first = mm > 0 ? asFirstKind(species, mm, kind) : mm;
    return checkLength(first === null ? null : species, first ?? mm, units);
  };
  const save = async (): Promise<void> => {
    setError(null);
    const first = check(lengthMm ?? Number.NaN);
    if (!first.ok) return setError({ field: 'length', why: first.why });
    const long = longestMm;
    if (long !== null) {
      const second = check(long);
      if (!second.ok) return setError({ field: 'longest', why: second.why });
      if (long < (lengthMm ?? 0))
        return setError({ field: 'longest', why: 'The longest of the lot is shorter than the shortest. Swap them?' });
    }
    const weighed = typedAmount('mass', weight);
    const massG = weighed?.value ?? null;
    let ask = first.ask ?? null;
    if (massG !== null) {
      const w = checkWeight(
        own.fit ? { ...species, weight: own.fit.weight } : species,
        inFirst,
        massG,
        fish.count,
        units,
      );
      if (!w.ok) return setError({ field: 'weight', why: w.why });
      ask ??= w.ask ?? null;
    }
    if (ask && asked !== ask) return setAsked(ask);
    const list: Writing[] = [
      {
        kind: 'fish.measured',
        subject: fish.id,
        facts: {
          lengthMm,
          lengthKind: kind,
          method,
          ...(ownSd !== undefined ? { sdMm: ownSd } : {}),
          ...(long !== null ? { longestMm: long } : {}),
          ...asTyped(read),
        },
      },
    ];
    if (massG !== null)
      list.push({
        kind: 'fish.weighed',
        subject: fish.id,
        facts: { massG, how: 'scale', ...asTyped({ massG: weighed }) },
      });
    const r = await writeAll(list);
    if (!r.ok) return setError({ field: 'form', why: r.why });
    localStorage.setItem(METHOD_KEY, method);
    onDone?.();
  };
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
            name: beforeMm === null ? 'before' : inField('length', beforeMm),
            ...(beforeMm === null ? {} : { under: 'before' }),
            says: beforeMm === null ? 'As the one before: there is none' : `As the one before: ${sayLength(beforeMm)}`,
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
        label={fish.count > 1 ? 'Weight of the lot' : 'Weight, if weighed'}
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
    <>
      <form
        className="measure-form contents"
        onSubmit={(e) => {
          e.preventDefault();
          void save();
        }}
      >
        <p className="hint">
          {usual && weight === ''
            ? `Not weighed: about ${sayMass(usual.massG * fish.count)} from the length${own.fit && own.fish.length > 0 ? ` and ${own.fish.length === 1 ? 'one' : own.fish.length} of your own` : ''} (${sayMass(usual.lowG * fish.count)} to ${sayMass(usual.highG * fish.count)}), reckoned anew whenever the length or the name changes.`
            : fish.count > 1
              ? 'The shortest decides by the rules.'
              : 'Nose to the stop, mouth shut, tail pressed together.'}
        </p>
        {(species.lengthKinds.length > 1 || kind !== 'total') && (
          <FigureView spec={species.figure} size={300} options={{ measure: kind }} />
        )}
        <div className="measure-chips">
          <Chips
            label="With"
            options={READ_OFF.map((value) => ({ value, text: METHOD_WORDS[value] }))}
            value={method}
            onChange={setMethod}
          />
          {species.lengthKinds.length > 1 && (
            <Chips
              label="Which length"
              options={species.lengthKinds.map((value) => ({
                value,
                text: LENGTH_WORDS[value].replace(' length', ''),
              }))}
              value={kind}
              onChange={setKind}
            />
          )}
        </div>
        {isSettable(method) && <OwnError method={method} />}
        {asked && (
          <p className="alert alert-warning" role="alert">
            <b>Look again.</b> {asked} If it is right, press the key once more.
          </p>
        )}
        <DeckFoot tripId={fish.trip} but={fish.id} step="measure" trouble={<Trouble says={at('form')} />}>
          <div className="foot-fields flex-[1_0_100%] max-tablet:order--2">
            {fields}
            {pad && <NumberPad label={padName} value={padValue} onChange={setPadValue} beside={beside} />}
          </div>
          <DeckKey
            act
            type="submit"
            name="Measured"
            note={asked ? 'writes it as it stands' : 'writes the length, then the verdict'}
          />
          {onDone && <DeckKey type="button" name="Leave it" note="as it was" onClick={onDone} />}
          {onUnmeasured && <DeckKey type="button" name="No length" note="goes on without" onClick={onUnmeasured} />}
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
      </form>
    </>
  );
}
