import { type BoxState, type FishState, ICE_SEEN } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { LineKey } from '../../ui/key.tsx';
import { AmountDialog } from './amount-dialog.tsx';
import { IceAdded } from './ice-added.tsx';
import { IceSeen } from './ice-seen.tsx';
import { ProbeDialog } from './probe-dialog.tsx';

type Open = 'filled' | 'looked' | 'weighed' | 'drained' | 'read';

/** What is done with a box: ice put in (the large key where it is short), a look under the lid, water let out, a thermometer, sun or shade. */
export function BoxKeys({
  box,
  add,
  asksIce,
  waterKg,
  sun,
  mediumC,
  chosen,
}: {
  box: BoxState;
  /** What the large key says; null where there is enough ice. */
  add: { readonly name: string; readonly note: string; readonly kg: number } | null;
  /** Nobody noted how much ice there is: to look is the large key. */
  asksIce: boolean;
  waterKg: number;
  sun: boolean;
  mediumC: number;
  /** The fish that is looked at, into which a thermometer may be put. */
  chosen: { readonly fish: FishState; readonly name: string; readonly coreC: number } | null;
}) {
  const { write } = useUndoWrite();
  const [open, setOpen] = useState<Open | null>(null);
  const close = (): void => setOpen(null);
  return (
    <>
      <div className="keys box-keys">
        <DeckKey
          act={add !== null}
          name={add?.name ?? 'Ice added'}
          note={add?.note ?? 'how much'}
          onClick={() => setOpen('filled')}
        />
        <DeckKey act={asksIce} name="Check the ice" note="how much ice is left" onClick={() => setOpen('looked')} />
        <DeckKey
          name="Drain water"
          note={waterKg >= 0.1 ? `some ${waterKg.toFixed(1)} l` : 'hardly any yet'}
          onClick={() => setOpen('drained')}
        />
        <DeckKey
          name="Thermometer"
          note={chosen ? `into ${chosen.name}, or the box` : 'among the ice'}
          onClick={() => setOpen('read')}
        />
      </div>
      <p className="line-keys">
        <LineKey onClick={() => setOpen('weighed')}>The ice was weighed</LineKey>
        <LineKey onClick={() => void write('box.stands', box.id, { where: sun ? 'shade' : 'sun' })}>
          {sun ? 'Now in the shade' : 'Now in the sun'}
        </LineKey>
      </p>
      {open === 'filled' && <IceAdded box={box} kg={add?.kg ?? null} onClose={close} />}
      {open === 'looked' && <IceSeen box={box} seen={ICE_SEEN} onClose={close} />}
      {open === 'weighed' && (
        <AmountDialog
          title="The ice was weighed"
          label="Ice"
          what="the ice"
          asks="Say how much it weighed; 0 when all of it is gone."
          name="Weighed"
          note="corrects the estimate"
          onWrite={(a, atMs) => write('box.weighed', box.id, { kg: a.value, ...a.typed }, { atMs })}
          onClose={close}
        />
      )}
      {open === 'drained' && (
        <AmountDialog
          title="Drain water"
          label="Water, if weighed"
          what="the water"
          asks={null}
          name="Let out"
          note="all of it; its weight shows how much ice melted"
          onWrite={(a, atMs) =>
            write('box.drained', box.id, a.value === null ? {} : { kg: a.value, ...a.typed }, { atMs })
          }
          onClose={close}
        />
      )}
      {open === 'read' && <ProbeDialog box={box} mediumC={mediumC} chosen={chosen} onClose={close} />}
    </>
  );
}
