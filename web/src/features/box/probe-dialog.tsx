import type { BoxState, FishState } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { type WriteResult } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Chips } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { ProbeReading } from '../../devices/probe-reading.tsx';
import { amountTrouble, asTyped, sayTemperature, typedAmount } from '../../asked/units.ts';

type Into = 'fish' | 'box';

/** A thermometer in a fish or among the ice: the reading sets the box right, and says by how much it was off. Typed where there is none. */
export function ProbeDialog({
  box,
  mediumC,
  chosen,
  onClose,
}: {
  box: BoxState;
  mediumC: number;
  chosen: { readonly fish: FishState; readonly name: string; readonly coreC: number } | null;
  onClose: () => void;
}) {
  const { write } = useUndoWrite();
  const [into, setInto] = useState<Into>(chosen ? 'fish' : 'box');
  const [typed, setTyped] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const reckonedC = into === 'fish' && chosen ? chosen.coreC : mediumC;
  const put = async (c: number, more: object = {}): Promise<void> => {
    const r: WriteResult =
      into === 'fish' && chosen
        ? await write('fish.read', chosen.fish.id, { c, ...more })
        : await write('box.read', box.id, { c, ...more });
    if (r.ok) onClose();
    else if (r.why) setTrouble(r.why);
  };
  const take = (): void => {
    const read = typedAmount('temperature', typed);
    const wrong = amountTrouble('temperature', typed, 'the reading');
    if (wrong || !read) return setTrouble(wrong ?? 'Type what it reads.');
    void put(read.value, asTyped({ c: read }));
  };
  return (
    <Dialog title="Thermometer" open onClose={onClose}>
      {chosen && (
        <Chips
          label="Into"
          options={[
            { value: 'fish' as const, text: `the middle of ${chosen.name}` },
            { value: 'box' as const, text: 'the ice or the water of the box' },
          ]}
          value={into}
          onChange={setInto}
        />
      )}
      <p className="hint">
        {into === 'fish'
          ? 'Push it through the gill opening or the vent into the thickest part of the back, with the tip in the middle. Mind the spines.'
          : 'Between the fish, not against the wall.'}{' '}
        Estimated at {sayTemperature(Math.round(reckonedC * 10) / 10)}.
      </p>
      <ProbeReading key={into} aboutC={reckonedC} onTake={(c) => void put(c)} />
      <div className="measure-row">
        <Quantity label="Or typed" amount="temperature" value={typed} onChange={setTyped} onEnter={take} />
        <DeckKey name="Read" note="as it was typed" onClick={take} />
      </div>
      <Trouble says={trouble} />
    </Dialog>
  );
}
