import { type BoxState, lastMeltTest, meltTestTrouble } from '@dagboek/journal';
import { saySpan, stamp } from '@dagboek/core/time';
import { useState } from 'react';
import { nowMs } from '../../ui/clock.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useFormat } from '../../asked/format.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { LineKey } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { numberTrouble, typedNumber } from '../../ui/typed-number.ts';
import { useKept } from '../../ui/use-kept.ts';
import { amountTrouble, asTyped, inField, sayHeavy, sayTemperature, typedAmount } from '../../asked/units.ts';

const HOUR_MS = 3_600_000;

/** A test that was begun on this device: ice put in, when. */
interface Begun {
  readonly iceKg: number;
  readonly atMs: number;
}

/** Measures a box at home, step by step: ice weighed in, shut, weighed again; or all of it typed afterwards. */
export function MeltTestDialog({ box, onClose }: { box: BoxState; onClose: () => void }) {
  const { write } = useUndoWrite();
  const { time, zone } = useFormat();
  const [begun, setBegun] = useKept<Begun | null>(`melt-test.${box.id}`, null);
  const [afterwards, setAfterwards] = useState(false);
  const [ice, setIce] = useState(begun ? inField('heavy', begun.iceKg) : '');
  const [left, setLeft] = useState('');
  const [hours, setHours] = useState('');
  const [air, setAir] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const second = begun !== null || afterwards;
  const gone = begun ? (nowMs() - begun.atMs) / HOUR_MS : null;
  const begin = (): void => {
    const read = typedAmount('heavy', ice);
    const wrong =
      amountTrouble('heavy', ice, 'the ice') ??
      (read && read.value >= 0.5 ? null : 'Start with at least half a kilo of ice, and weigh it.');
    if (wrong || !read) return setTrouble(wrong);
    setBegun({ iceKg: read.value, atMs: nowMs() });
    onClose();
  };
  const end = async (): Promise<void> => {
    const [put, rest, warm] = [typedAmount('heavy', ice), typedAmount('heavy', left), typedAmount('temperature', air)];
    const h = hours.trim() === '' ? gone : typedNumber(hours);
    const wrong =
      amountTrouble('heavy', ice, 'the ice') ??
      amountTrouble('heavy', left, 'what is left') ??
      amountTrouble('temperature', air, 'the air') ??
      numberTrouble(hours, 'the hours');
    if (wrong) return setTrouble(wrong);
    if (!put || !rest || !warm || h === null)
      return setTrouble('Say how much went in, how much is left, after how many hours, and how warm the room was.');
    const test = { iceKg: put.value, leftKg: rest.value, hours: Math.round(h * 100) / 100, airC: warm.value };
    const says = meltTestTrouble(test);
    if (says !== null) return setTrouble(says);
    const r = await write('box.tested', box.id, { ...test, ...asTyped({ iceKg: put, leftKg: rest, airC: warm }) });
    if (!r.ok) return setTrouble(r.why);
    setBegun(null);
    onClose();
  };
  return (
    <Dialog title="Melt test" open onClose={onClose}>
      {!second ? (
        <>
          <ol className="steps">
            <li>Let the box stand open in the room for an hour, then weigh a few kilos of ice into it.</li>
            <li>Close it, and keep it closed: at least six hours, better a night.</li>
            <li>Pour off the water, weigh what is left, and note how warm the room was.</li>
          </ol>
          <Quantity label="Ice put in" amount="heavy" value={ice} onChange={setIce} autoFocus onEnter={begin} />
          <Trouble says={trouble} />
          <div className="keys">
            <DeckKey act name="It is closed" note="starts the test now" onClick={begin} />
          </div>
          <LineKey onClick={() => setAfterwards(true)}>The test is already finished</LineKey>
        </>
      ) : (
        <>
          {begun && gone !== null && (
            <p>
              Begun at <b>{time(stamp(begun.atMs, zone))}</b>, {saySpan(gone * HOUR_MS)} ago, with{' '}
              {sayHeavy(begun.iceKg)}. Pour off the water and weigh what is left.
            </p>
          )}
          <div className="measure-row">
            <Quantity label="Ice put in" amount="heavy" value={ice} onChange={setIce} />
            <Quantity label="Ice left" amount="heavy" value={left} onChange={setLeft} />
          </div>
          <div className="measure-row">
            <Quantity
              label="Hours"
              unit="h"
              value={hours}
              onChange={setHours}
              {...(gone === null ? {} : { placeholder: gone.toFixed(1) })}
            />
            <Quantity label="Air around the box" amount="temperature" value={air} onChange={setAir} />
          </div>
          <Trouble says={trouble} />
          <div className="keys">
            <DeckKey act name="Tested" note="saves how much heat the walls let through" onClick={() => void end()} />
            {begun && (
              <DeckKey
                name="Cancel the test"
                note="the lid was opened, or the test was forgotten"
                onClick={() => (setBegun(null), onClose())}
              />
            )}
          </div>
        </>
      )}
    </Dialog>
  );
}

/** What is known of how a box keeps the cold, and how to know more. */
export function BoxKnown({ box }: { box: BoxState }) {
  const { shortDay, day } = useFormat();
  const [open, setOpen] = useState(false);
  const last = lastMeltTest(box);
  return (
    <>
      <p className="hint">
        {box.walls ? `Walls: ${box.walls}. ` : 'How it is built is not known. '}
        {last
          ? `Tested on ${shortDay(day(last.at))} in ${sayTemperature(last.airC)}: ${last.uaWK.toFixed(1)} watts per degree.`
          : 'Not tested yet: a night in the shed with a few kilos of ice shows how much heat gets in.'}{' '}
        <LineKey onClick={() => setOpen(true)}>Melt test</LineKey>
      </p>
      {open && <MeltTestDialog box={box} onClose={() => setOpen(false)} />}
    </>
  );
}
