import { type BoxState, type FishState, ICINGS, LAYERS, type Layer } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { NOW, type When, WhenField, whenMs } from '../../asked/when.tsx';
import { sayVolume } from '../../asked/units.ts';

/** Lays a fish elsewhere: another box, another layer, or otherwise in the ice. What the hand does by carrying it in the drawing, by keys. */
export function MoveFish({
  fish,
  name,
  boxes,
  onClose,
}: {
  fish: FishState;
  name: string;
  boxes: readonly BoxState[];
  onClose: () => void;
}) {
  const { write } = useUndoWrite();
  const [box, setBox] = useState(fish.iced?.box ?? boxes[0]?.id ?? '');
  const [how, setHow] = useState(fish.iced?.how ?? ICINGS[0]);
  const [layer, setLayer] = useState<Layer | null>(fish.layer);
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const move = async (): Promise<void> => {
    const facts = { box, how, ...(layer ? { layer } : {}) };
    const r = await write('fish.moved', fish.id, facts, { atMs: whenMs(when) });
    if (r.ok) onClose();
    else if (r.why) setTrouble(r.why);
  };
  return (
    <Dialog title={`Where to with ${name}?`} open onClose={onClose}>
      <Chips
        label="Box"
        options={boxes.map((b) => ({ value: b.id, text: `${b.name}, ${sayVolume(b.litres)}` }))}
        value={box}
        onChange={setBox}
      />
      <Chips label="Layer" options={plain(LAYERS)} value={layer} onChange={setLayer} />
      <Chips label="How" options={plain(ICINGS)} value={how} onChange={setHow} />
      <WhenField value={when} onChange={setWhen} />
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act name="Laid there" note="saves it for this fish" onClick={() => void move()} />
      </div>
    </Dialog>
  );
}
