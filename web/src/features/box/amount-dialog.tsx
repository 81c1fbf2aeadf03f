import type { WriteResult } from '../../asked/use-write.ts';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { NOW, type When, WhenField, whenMs } from '../../asked/when.tsx';
import { amountTrouble, asTyped, typedAmount } from '../../asked/units.ts';

/** One weight in kg and a time, written as a line. */
export function AmountDialog<Asks extends string | null>({
  title,
  label,
  what,
  asks,
  name,
  note,
  onWrite,
  onClose,
}: {
  title: string;
  label: string;
  what: string;
  /** What is said when nothing was typed; null where it may be left out. */
  asks: Asks;
  name: string;
  note: string;
  onWrite: (
    amount: { value: Asks extends string ? number : number | null; typed: { typed?: Record<string, string> } },
    atMs: number,
  ) => Promise<WriteResult>;
  onClose: () => void;
}) {
  const [kg, setKg] = useState('');
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const put = async (): Promise<void> => {
    const read = typedAmount('heavy', kg);
    const wrong = amountTrouble('heavy', kg, what) ?? (read ? null : asks);
    if (wrong) return setTrouble(wrong);
    const value = (read?.value ?? null) as Asks extends string ? number : number | null;
    const r = await onWrite({ value, typed: asTyped({ kg: read }) }, whenMs(when));
    if (r.ok) onClose();
    else if (r.why) setTrouble(r.why);
  };
  return (
    <Dialog title={title} open onClose={onClose}>
      <Quantity label={label} amount="heavy" value={kg} onChange={setKg} autoFocus onEnter={() => void put()} />
      <WhenField value={when} onChange={setWhen} />
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act name={name} note={note} onClick={() => void put()} />
      </div>
    </Dialog>
  );
}
