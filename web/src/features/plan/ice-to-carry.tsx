import { type BoxState, icePlan, planDay, planSlurry } from '@dagboek/journal';
import { useMemo } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useTimeZone } from '../../asked/names.ts';
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
        label="On the day"
        options={ON_THE_DAY.map((value) => ({ value, text: value }))}
        values={[...onTheDay]}
        onChange={(v) => onDay(v)}
      />
      {!day && (
        <p className="hint">
          {homeMs <= startMs
            ? 'The return is before departure, so nothing can be calculated.'
            : 'On such a short trip the box stays cold anyway.'}
        </p>
      )}
      {answer.state === 'failed' && (
        <p className="alert alert-warning">
          The chances could not be calculated here. Rule of thumb: one third as much ice as fish, plus 1 kg for every
          two hours in the sun. <LineKey onClick={again}>Try again</LineKey>
        </p>
      )}
      {answer.state === 'reckoning' && day && (
        <p role="status" className="hint">
          Simulating 5,000 days like this{answer.share === null ? '' : `: ${Math.round(answer.share * 100)} %`}…
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
              On {iceKg === null ? '19 of 20' : ofTwenty(told.lasts)} days like this, {sayHeavy(told.iceKg)} of ice
              lasts the whole trip.
            </b>{' '}
            Each dot is one day: it shows when the ice ran out.{' '}
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
            {told.cooled !== null && `Box cooled the night before: ${ofTwenty(told.cooled)}. `}
            {told.bestKg < told.neededKg &&
              `${told.inShade !== null && told.cooled !== null ? 'Both together save' : 'That saves'} ${sayHeavy(told.neededKg - told.bestKg)} of ice.`}
          </p>
        </div>
      )}
      {slurry && told && !pale && (
        <p>
          <b>Slurry:</b> {sayVolume(Math.round(told.iceKg * 5) / 10)} of sea water with {sayHeavy(told.iceKg)} of ice,
          by weight one to two, so that the fish float in it. Beside {sayHeavy(Math.round(plan.fishKg * 10) / 10)} of
          fish, this box of {sayVolume(box.litres)} takes at most {sayHeavy(Math.floor(slurry.iceKg))} of ice and{' '}
          {sayVolume(Math.floor(slurry.seaL))} of water.
          {slurry.enough ? '' : ' That is still too little for such warm fish: take a second box.'}
        </p>
      )}
      {!slurry && (
        <p className="alert alert-warning">
          The fish of a usual trip, {sayHeavy(Math.round(plan.fishKg))}, leave no space for ice in this box.
        </p>
      )}
      <p className="hint">
        {plan.from === 'this zone'
          ? `From the catches of ${plural(plan.trips.length, 'trip')} to this zone`
          : plan.from === 'all trips'
            ? `From the catches of ${plural(plan.trips.length, 'trip')} elsewhere: too few trips to this zone`
            : 'Based on an assumed catch of three fish, because there is no earlier trip'}
        {day ? `, air about ${sayTemperature(day.airC)}${day.airAssumed ? ' (typical, rather warm)' : ''}` : ''}, and
        heat entering the box, about {plan.leak.uaWK.toFixed(1)} watts per degree.
      </p>
    </div>
  );
}
