import { methodError, SETTABLE_METHODS, type SettableMethod } from '@dagboek/journal';
import { useState } from 'react';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { asTyped, sayLength, typedAmount } from '../../asked/units.ts';
import { Key, LineKey } from '../../ui/key.tsx';

/** Whether the error of a way of measuring can be set. */
export const isSettable = (m: string): m is SettableMethod => (SETTABLE_METHODS as readonly string[]).includes(m);

/** How well lengths are read in this crew's hands; written once, it counts from then on. */
export function OwnError({ method }: { method: SettableMethod }) {
  const { book: whole } = useBook();
  const book = whole.all('book')[0];
  const { write } = useWrite();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  if (!book) return null;
  const { sdMm, own } = methodError(whole, method);
  const save = async (): Promise<void> => {
    const read = typedAmount('length', text);
    const r = await write('book.error', book.id, {
      method,
      sdMm: read?.value ?? Number.NaN,
      ...asTyped({ sdMm: read }),
    });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setOpen(false);
  };
  return (
    <div className="own-error">
      <p className="hint">
        Accurate to ±{sayLength(sdMm)}
        {own ? ', your own value' : ', as usual'}.{' '}
        <LineKey aria-expanded={open} onClick={() => setOpen(!open)}>
          Change
        </LineKey>
      </p>
      {open && (
        <div className="measure-row">
          <Quantity
            label={`On the ${method}, good to`}
            amount="length"
            value={text}
            onChange={setText}
            onEnter={() => void save()}
          />
          <Key onClick={() => void save()} name="Note it" note="applies from now on" />
        </div>
      )}
      <Trouble says={trouble} />
    </div>
  );
}
