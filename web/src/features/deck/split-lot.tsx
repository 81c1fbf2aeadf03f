import { type FishState, nextFishNumber, type PartBack, RELEASE_STATES, splitWritings } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey, TurnMark } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { newId } from '../../asked/use-write.ts';
import { sayShortLength } from '../../asked/units.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { Key } from '../../ui/key.tsx';

/** Part of a lot goes back: how many, and how they swam off; the others stay with all that was noted of them. */
export function SplitLotKey({ fish, part }: { fish: FishState; part: PartBack }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState(String(part.likely));
  const [state, setState] = useState<(typeof RELEASE_STATES)[number]>('swam off');
  const [trouble, setTrouble] = useState<string | null>(null);
  const { writeAll } = useUndoWrite();
  const { book } = useBook();
  const back = typedNumber(text);
  const split = async (): Promise<void> => {
    if (back === null || !Number.isInteger(back) || back < 1 || back >= fish.count)
      return setTrouble(`A whole number from 1 to ${fish.count - 1}.`);
    const r = await writeAll(splitWritings(fish, back, part, state, newId(), nextFishNumber(book, fish.trip)));
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setOpen(false);
  };
  return (
    <>
      <DeckKey
        act
        mark={<TurnMark />}
        name={part.counted ? `${part.likely} of ${fish.count} back` : `Some of the ${fish.count} back`}
        note={
          part.leastMm === null
            ? 'the others stay, as one entry'
            : `those under ${sayShortLength(part.leastMm)}; the others stay`
        }
        onClick={() => (setText(String(part.likely)), setOpen(true))}
      />
      <Dialog title="Release part of them" open={open} onClose={() => setOpen(false)}>
        <Quantity label="How many are released" whole unit={`of ${fish.count}`} value={text} onChange={setText} />
        <p className="hint">
          {back !== null && Number.isInteger(back) && back >= 1 && back < fish.count
            ? `${back} of ${fish.count} go back, ${fish.count - back} stay.`
            : ''}
        </p>
        <Chips label="How" options={plain(RELEASE_STATES)} value={state} onChange={setState} />
        <Trouble says={trouble} />
        <div className="keys">
          <Key act onClick={() => void split()} name="Released" note="saves two entries: those kept, those released" />
        </div>
      </Dialog>
    </>
  );
}
