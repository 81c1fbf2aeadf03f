import { wordFor } from '../../asked/format.ts';
import { cookingOf, type DishAsked, type StageAsked } from '@dagboek/core/cook';
import { CORE_LINES, sayCore } from '@dagboek/core/harm';
import { type DinnerDish, firesOf, lessonsOfDish, looksOf, probedDish, stageWords } from '@dagboek/journal';
import { useState } from 'react';
import { Dialog } from '../../ui/dialog.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { ProbeReading } from '../../devices/probe-reading.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Key } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { degrees, sayTemperature, sayTemperatureDifference, typedAmount, units } from '../../asked/units.ts';
import { ifKnown } from '../../ui/known.ts';
import { Signs } from '../../fish/signs.tsx';
import { useJob } from '../../offline/workers/use-job.ts';
import { CookCurve } from './cook-curve.tsx';
import { LastTime } from './last-time.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { sayMinutes } from './done-when.tsx';
import type { Dinner } from './use-dinner.ts';

const READ_NOTES = {
  'to come': 'before it goes on the heat',
  'in the fire': 'corrects the estimate',
  'at rest': 'while it rests',
} as const;

/** The fish of a dish: where it is taken off and what it coasts to; what the probe makes of that. */
export function DinnerFish({ dinner, dish, named }: { dinner: Dinner; dish: DinnerDish; named: boolean }) {
  const { d, nowMs } = dinner;
  const { write } = useUndoWrite();
  const [reads, setReads] = useState(false);
  const [typed, setTyped] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const { book } = useBook();
  const lessons = lessonsOfDish(book, dish);
  const told = useJob('reckonDish', dish.fire as unknown as DishAsked | null);
  const reckoned = ifKnown(told.answer);
  const cooking = cookingOf(reckoned);
  const { task, is, readings, by, aboutC, peakC, change } = probedDish(d, dish, reckoned, nowMs);
  if (dish.pulledC === null || dish.toC === null) return null;
  const stages = (dish.fire as { stages?: readonly StageAsked[] } | null)?.stages ?? [];
  const after = stageWords(stages).find((s) => s.at === 'after') ?? null;
  const take = async (c: number): Promise<void> => {
    const r = await write('dinner.read', d.id, { dish: dish.id, c });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) {
      setReads(false);
      setTyped('');
    }
  };
  return (
    <section aria-label={named ? `The fish: ${dish.name}` : 'The fish'}>
      {named && <p className="mt-4 text-ink-2">{dish.name}</p>}
      <h2 className="ruled">
        Take it {after ? 'out' : 'off'} at {sayTemperature(Math.round(dish.pulledC))}
        {after
          ? `; ${after.step.toLowerCase()} then, to ${sayTemperature(Math.round(dish.toC))}`
          : dish.toC - dish.pulledC >= 1
            ? `; it will rise to ${sayTemperature(Math.round(dish.toC))}`
            : ''}
      </h2>
      <p>
        {dish.thicknessMm !== null && <b>{Math.round(dish.thicknessMm)} mm</b>}
        {dish.thicknessMm !== null && ' at the thickest: '}about{' '}
        <b>{dish.cookMin !== null ? sayMinutes(dish.cookMin * 60) : 'a while'}</b>
        {dish.lowMin !== null &&
          dish.highMin !== null &&
          `, 90 % between ${sayMinutes(dish.lowMin * 60)} and ${sayMinutes(dish.highMin * 60)}`}
        . Go by the thermometer, not by the clock.
      </p>
      {cooking && <CookCurve cooking={cooking} read={readings} fires={firesOf(dish.method ?? '', stages)} />}
      {by && by.used > 0 && (
        <p role="status">
          <b>
            {Math.abs(by.laterS) < 20
              ? 'As calculated.'
              : `${sayMinutes(Math.abs(by.laterS))} ${by.laterS > 0 ? 'later' : 'sooner'} than calculated.`}
          </b>{' '}
          Off after {sayMinutes(by.pullS)}, between {sayMinutes(by.lowS)} and {sayMinutes(by.highS)}, by {by.used}{' '}
          {wordFor(by.used, 'reading', 'readings')}.
        </p>
      )}
      {by?.refused.map((r) => (
        <p key={r.atS} className="alert alert-warning">
          A reading was ignored: {r.why}
          {r.why.endsWith('?') ? '' : '.'}
        </p>
      ))}
      {lessons.length > 0 && peakC === null && <LastTime lessons={lessons} of={dish.name} />}
      {peakC === null && <Signs looks={looksOf(dish)} />}
      {is === 'at rest' && peakC === null && (
        <p>
          <b>Measure again after the rest.</b> The middle should read at least {sayTemperature(Math.round(dish.toC))}.
        </p>
      )}
      {peakC !== null && (
        <p>
          At its warmest it read <b>{sayTemperature(peakC)}</b>. {sayCore(peakC, units)}
        </p>
      )}
      {peakC === null && dish.toC < CORE_LINES.usC - 0.5 && (
        <p className="alert alert-warning">
          <b>
            {sayTemperature(Math.round(dish.toC))} is {sayTemperatureDifference(Math.round(CORE_LINES.usC - dish.toC))}{' '}
            under the official limit.
          </b>{' '}
          {degrees(`For anyone pregnant, very young, old or ill: ${CORE_LINES.usC}° in the middle.`)}
        </p>
      )}
      <div className="keys">
        {change && (
          <Key
            name={`Give it ${change.toMin} min`}
            note={`instead of ${change.fromMin}; the rest of the plan follows`}
            onClick={() => void dinner.lasts(task, change.toMin).then((r) => setTrouble(r.ok ? null : r.why))}
          />
        )}
        <DeckKey name="Measure the middle" note={READ_NOTES[is]} onClick={() => setReads(true)} />
      </div>
      <Trouble says={trouble} />
      {reads && (
        <Dialog title="Its middle" open onClose={() => setReads(false)}>
          <form
            className="by-row"
            onSubmit={(e) => {
              e.preventDefault();
              const c = typedAmount('temperature', typed);
              if (!c || Number.isNaN(c.value)) return setTrouble('Type what it reads, for example 54.');
              void take(c.value);
            }}
          >
            <Quantity label="The probe reads" amount="temperature" value={typed} onChange={setTyped} autoFocus />
            <Key act type="submit" name="Take it" />
          </form>
          <Trouble says={trouble} />
          <details className="why-days">
            <summary>Practise without a probe</summary>
            <p className="hint">
              This reading is simulated from the estimate. It does not measure the fish on the stove.
            </p>
            <ProbeReading aboutC={aboutC} onTake={(c) => void take(c)} />
          </details>
        </Dialog>
      )}
    </section>
  );
}
