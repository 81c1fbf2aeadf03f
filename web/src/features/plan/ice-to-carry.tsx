import { type BoxState, icePlan, planDay, planSlurry } from '@dagboek/journal';
import { useMemo } from 'react';
import { useCatalogue, useTimeZone } from '../../asked/catalogue.ts';
import { plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { ManyChips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';
import { heavyNumber, HEAVY_UNIT, sayHeavy, sayTemperature, sayVolume } from '../../asked/units.ts';
import { useSettledValue } from './use-settled-value.ts';
import { drawable } from '../../ui/known.ts';
import { useJob } from '../../offline/workers/use-job.ts';
import { TwentyMarks } from './twenty-marks.tsx';

/** More ice goes into no box of a crew, kg. */
const MOST_ICE_KG = 500;
/** Typing is waited for before it is reckoned, ms. */
const TYPING_MS = 350;

/** What is so about the box on the day. */
export type BoxOnTheDay = 'in the sun' | 'cooled before';
export const ON_THE_DAY: readonly BoxOnTheDay[] = ['in the sun', 'cooled before'];

/** "19 of 20". */
const ofTwenty = (share: number): string => `${Math.floor(share * 20 + 0.5)} of 20`;

/** How much ice to carry so that it outlasts the trip, from what earlier trips there brought, this box and the day. */
export function IceToCarry({
  box,
  zone,
  startMs,
  homeMs,
  iceKg,
  airC,
  waterC,
  onTheDay,
  onDay,
  onTake,
}: {
  box: BoxState;
  zone: string;
  startMs: number;
  homeMs: number;
  /** As typed; null while nothing was. */
  iceKg: number | null;
  airC: number | null;
  waterC: number | null;
  onTheDay: readonly BoxOnTheDay[];
  onDay: (v: BoxOnTheDay[]) => void;
  onTake: (kg: number) => void;
}) {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const timeZone = useTimeZone();
  const plan = useMemo(
    () => icePlan({ book, zone, nowMs: startMs, species: byId }, box),
    [book, box, zone, startMs, byId],
  );
  const day = planDay(startMs, homeMs, airC, waterC, timeZone);
  const sun = onTheDay.includes('in the sun');
  const precooled = onTheDay.includes('cooled before');
  const asked = useSettledValue(
    day && (iceKg === null || (iceKg >= 0 && iceKg <= MOST_ICE_KG)) ? { plan, iceKg, day, sun, precooled } : null,
    TYPING_MS,
  );
  const { answer, again } = useJob('planOdds', asked);
  const { value: told, pale } = drawable(answer) ?? { value: null, pale: false };
  const slurry = planSlurry(plan, waterC);
  return (
    <div className="mt-4.5 max-w-160" aria-live="polite">
      <h3>Ice to carry</h3>
      {iceKg !== null && (iceKg < 0 || iceKg > MOST_ICE_KG) && (
        <p className="alert alert-outline">
          {iceKg < 0 ? 'Ice weighs 0 or more.' : `More than ${sayHeavy(MOST_ICE_KG)} of ice: is the unit right?`}
        </p>
      )}
      <ManyChips
        label="On the day it is"
        options={ON_THE_DAY.map((value) => ({ value, text: value }))}
        values={[...onTheDay]}
        onChange={(v) => onDay(v)}
      />
      {!day && (
        <p className="hint">
          {homeMs <= startMs
            ? 'The return lies before leaving, so nothing can be reckoned.'
            : 'So short a trip needs no reckoning: the box stays cold for it.'}
        </p>
      )}
      {answer.state === 'failed' && (
        <p className="alert alert-warning">
          The odds could not be reckoned here. As a rule of thumb a third as much ice as fish, and a kilo for every two
          hours in the sun. <LineKey onClick={again}>Try again</LineKey>
        </p>
      )}
      {answer.state === 'reckoning' && day && (
        <p role="status" className="hint">
          Reckoning five thousand such days{answer.share === null ? '' : `: ${Math.round(answer.share * 100)} %`}…
        </p>
      )}
      {told && day && (
        <div className={pale ? 'is-old' : undefined} aria-hidden={pale || undefined}>
          <p className="num huge-num mx-0 mt-0.5 mb-1 leading-none text-[52px]">
            {heavyNumber(told.neededKg)}
            <u className="ml-2 text-[17px] no-underline text-ink-2">{HEAVY_UNIT}</u>
          </p>
          <p>
            <b>
              {iceKg === null ? 'Nineteen of twenty such days' : `${ofTwenty(told.lasts)} such days`} it outlasts the
              trip
              {iceKg === null ? '' : ` with ${sayHeavy(told.iceKg)}`}.
            </b>{' '}
            A dot is a day, where its ice ends.{' '}
            {iceKg !== told.neededKg && (
              <LineKey onClick={() => onTake(told.neededKg)}>Take {sayHeavy(told.neededKg)}</LineKey>
            )}
          </p>
          <TwentyMarks twenty={told.twenty} startMs={startMs} homeH={day.homeH} />
          <ul
            className="amounts p-0 mx-0 mt-1 mb-2.5 border-t grid grid-cols-[repeat(3,1fr)] max-w-115 list-none border-rule-2"
            aria-label="Other amounts"
          >
            {told.amounts.map((a) => (
              <li key={a.kg} className={a.kg === told.iceKg ? 'on' : undefined}>
                <b>{sayHeavy(a.kg)}</b>
                <small>{ofTwenty(a.lasts)}</small>
              </li>
            ))}
          </ul>
          <p>
            {told.inShade !== null && `In the shade: ${ofTwenty(told.inShade)}. `}
            {told.cooled !== null && `Cooled overnight before: ${ofTwenty(told.cooled)}. `}
            {told.bestKg < told.neededKg &&
              `${told.inShade !== null && told.cooled !== null ? 'Both together save' : 'That saves'} ${sayHeavy(told.neededKg - told.bestKg)} of ice.`}
          </p>
        </div>
      )}
      {slurry && told && !pale && (
        <p>
          <b>Slurry:</b> {sayVolume(Math.round(told.iceKg * 5) / 10)} of sea water to {sayHeavy(told.iceKg)} of ice, one
          to two by weight, so that the fish swim in it. With {sayHeavy(Math.round(plan.fishKg * 10) / 10)} of fish
          these {sayVolume(box.litres)} hold up to {sayHeavy(Math.floor(slurry.iceKg))} and{' '}
          {sayVolume(Math.floor(slurry.seaL))}.
          {slurry.enough ? '' : ' Even so it is too little for fish so warm: take a second box.'}
        </p>
      )}
      {!slurry && (
        <p className="alert alert-warning">
          So many fish as a usual trip brings, {sayHeavy(Math.round(plan.fishKg))}, leave no room for ice in this box.
        </p>
      )}
      <p className="hint">
        {plan.from === 'this zone'
          ? `From the catches of ${plural(plan.trips.length, 'trip')} to this zone`
          : plan.from === 'all trips'
            ? `From the catches of ${plural(plan.trips.length, 'trip')} elsewhere: there are too few to this zone`
            : 'From an assumed catch of three fish: there is no trip yet to go by'}
        {day ? `, air about ${sayTemperature(day.airC)}${day.airAssumed ? ' (typical, on the warm side)' : ''}` : ''},
        and a box that lets in {plan.leak.uaWK.toFixed(1)} watts for each degree, as far as it is known.
      </p>
    </div>
  );
}
