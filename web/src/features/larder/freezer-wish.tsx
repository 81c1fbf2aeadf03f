import { useState } from 'react';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Key, LineKey } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { amountTrouble, sayMass, typedAmount } from '../../asked/units.ts';

/** How much is to come out of the freezers in the days that are planned. */
export function FreezerWish() {
  const { book } = useBook();
  const { write } = useWrite();
  const own = book.all('book')[0];
  const [text, setText] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  if (!own) return null;
  const wish = async (massG: number): Promise<void> => {
    const r = await write('book.room', own.id, { massG });
    if (r.ok) setText(null);
    setTrouble(r.ok ? null : r.why);
  };
  const take = (): void => {
    const wrong = amountTrouble('mass', text ?? '', 'how much');
    const read = typedAmount('mass', text ?? '');
    if (wrong || !read || !(read.value > 0)) return setTrouble(wrong ?? 'Enter how much to take out.');
    void wish(Math.round(read.value));
  };
  if (text !== null)
    return (
      <div className="by-row">
        <Quantity
          label="Use up from the freezer"
          amount="mass"
          value={text}
          onChange={setText}
          autoFocus
          onEnter={take}
        />
        <Trouble says={trouble} />
        <Key name="Wished" onClick={take} />
      </div>
    );
  return (
    <p>
      {own.roomG === null ? 'No freezer space is needed. ' : `${sayMass(own.roomG)} out of the freezer. `}
      <LineKey onClick={() => setText('')}>{own.roomG === null ? 'Make room' : 'Change'}</LineKey>
      {own.roomG !== null && (
        <>
          {' · '}
          <LineKey onClick={() => void wish(0)}>No matter</LineKey>
        </>
      )}
      <Trouble says={trouble} />
    </p>
  );
}
