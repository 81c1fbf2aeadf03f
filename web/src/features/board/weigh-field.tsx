import { useState } from 'react';
import { Key, LineKey } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { inField, sayGrams } from '../../asked/units.ts';
import { lazySoon } from '../../ui/lazy-soon.tsx';
import type { WeighingInHand } from './use-weighing.ts';

const ScaleDialog = lazySoon(async () => ({ default: (await import('../../devices/scale-dialog.tsx')).ScaleDialog }));

/** The weight, typed or from the scale; and what is asked about it. */
export function WeighField({
  label,
  of,
  weighing,
  aboutG,
  hint,
  autoFocus = false,
  onEnter,
}: {
  label: string;
  /** What lies on the scale, so that the simulated one weighs it the same again. */
  of: string;
  weighing: WeighingInHand;
  /** What it should come to, g, for the simulated scale; null where nothing is known. */
  aboutG: number | null;
  hint?: string | undefined;
  autoFocus?: boolean;
  onEnter: () => void;
}) {
  const [scale, setScale] = useState(false);
  return (
    <div className="weigh-field gap-2 grid justify-items-start content-start">
      <Quantity
        big
        autoFocus={autoFocus}
        label={label}
        amount="mass"
        value={weighing.value}
        onChange={weighing.set}
        error={weighing.error}
        onEnter={onEnter}
      />
      {aboutG !== null && <Key small name="From the scale" onClick={() => setScale(true)} />}
      {weighing.several && <Key small name="Add the next piece" note="one at a time" onClick={weighing.lay} />}
      {weighing.laid.length > 0 && (
        <p className="laid" role="status">
          {weighing.laid.map((g) => sayGrams(g)).join(' + ')} = <b>{sayGrams(weighing.sum)}</b> so far.{' '}
          <LineKey onClick={weighing.unlay}>Remove the last piece</LineKey>
        </p>
      )}
      {hint && <p className="hint">{hint}</p>}
      {scale && aboutG !== null && (
        <ScaleDialog
          ofId={of}
          aboutG={aboutG}
          onTake={(g) => weighing.set(inField('mass', Math.round(g)))}
          onClose={() => setScale(false)}
        />
      )}
    </div>
  );
}

/** What is asked of a weighing that can be and is unlikely. */
export function Asked({ asked }: { asked: string | null }) {
  if (!asked) return null;
  return (
    <p className="alert alert-warning" role="alert">
      <b>Look again.</b> {asked} If it is right, tap once more.
    </p>
  );
}
