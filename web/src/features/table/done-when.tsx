import { cookingOf, type DishReckoned, DONE, type KitchenTimes } from '@dagboek/core/cook';
import { InCitrus, InSalt } from './without-fire.tsx';
import { AT_RISK, CORE_LINE_WORDS, CORE_LINES } from '@dagboek/core/harm';
import { firesOf, looksOfWay, stageWords } from '@dagboek/journal';
import { LineKey } from '../../ui/key.tsx';
import { NOT_COMPUTED } from '../../offline/workers/use-job.ts';
import { degrees, sayTemperature, sayTemperatureDifference, sayThickness } from '../../asked/units.ts';
import { CookCurve } from './cook-curve.tsx';
import { ifKnown } from '../../ui/known.ts';
import type { Dish } from './use-dish.ts';
import type { NewMeal } from './use-new-meal.ts';
import { plural, sayAll } from '../../asked/format.ts';
import { Signs } from '../../fish/signs.tsx';
import { capital, inSentence } from '../../ui/names-in-text.ts';

/** "9 min", "1½ min", "45 s". */
export function sayMinutes(seconds: number): string {
  if (seconds < 90) return `${Math.max(5, Math.round(seconds / 5) * 5)} s`;
  const half = Math.round(seconds / 30) / 2;
  return seconds < 600 && half % 1 !== 0 ? `${Math.floor(half)}½ min` : `${Math.round(seconds / 60)} min`;
}

/** When the fish is done: three reckonings side by side, the curve, the look to go by, and the authority's line. */
export function DoneWhen({ meal, dish }: { meal: NewMeal; dish: Dish }) {
  const { method, main } = meal;
  const { answer } = dish;
  const told = ifKnown(answer);
  const cooking = cookingOf(told);
  const wrong = told && !told.reckoned.ok ? told.reckoned.why : null;
  if (!method.heat)
    return (
      <>
        <h2 className="ruled">When is it done?</h2>
        {main && method.id === 'in citrus' && <InCitrus thicknessMm={main.thicknessMm} />}
        {main && (method.id === 'in salt' || method.id === 'cold smoke') && (
          <InSalt massG={meal.grams} thicknessMm={main.thicknessMm} />
        )}
        <h3 className="mt-3 font-bold">Signs that it is done</h3>
        <Signs looks={looksOfWay(method, main)} />
        <Lines />
      </>
    );
  if (!main || answer.state === 'not here' || answer.state === 'reckoning')
    return (
      <>
        <h2 className="ruled">When is it done?</h2>
        <p role="status">{main ? 'Calculating.' : 'Choose a pack: the time depends on its thickness.'}</p>
        <Lines />
      </>
    );
  if (!cooking)
    return (
      <>
        <h2 className="ruled">When is it done?</h2>
        <p role="status">
          <b>{wrong ? degrees(wrong) : NOT_COMPUTED[answer.state === 'failed' ? answer.why : 'failed']}</b>{' '}
          {answer.state === 'failed' && <LineKey onClick={dish.again}>Try again</LineKey>}
        </p>
        <Lines />
      </>
    );
  const { course, reachesC, rules, sidesS, besideRule: beside } = cooking;
  const stages = stageWords(dish.asked?.stages ?? []);
  const after = stages.filter((s) => s.at === 'after');
  // Other fires last as they are set: what is told of its own is without them.
  const othersS = course.pulledS - (course.outS - course.inS);
  const offC = sayTemperature(Math.round(course.outC));
  const endC = sayTemperature(Math.round(reachesC));
  const coasts = reachesC - course.pulledC >= 1;
  const under = CORE_LINES.usC - reachesC;
  const strict = dish.asked?.inTheFire;
  return (
    <section aria-label="When is it done" className="[&>p]:mt-2">
      <h2 className="ruled">
        {after.length > 0
          ? `Out at ${offC}, then ${sayAll(after.map((s) => s.then))}: it will reach ${endC}`
          : coasts
            ? `Off at ${offC}; it will rise to ${endC}`
            : `Off at ${offC}`}
      </h2>
      <p>
        <b>{sayThickness(dish.asked?.piece.thicknessMm ?? 0)}</b> at the thickest, from{' '}
        {sayTemperature(dish.asked?.startC ?? 0)}, {method.heat.of} at{' '}
        {sayTemperature(dish.asked?.setting.mediumC ?? 0)}: about <b>{sayMinutes(course.outS - course.inS)}</b>
        {sidesS.length === 2 && `, ${sayMinutes(sidesS[0]!)} and ${sayMinutes(sidesS[1]!)} a side`}
        {sidesS.length > 2 && `, turned every ${sayMinutes(sidesS[0]!)}`}. 90 % are between{' '}
        {sayMinutes(cooking.lowS - othersS)} and {sayMinutes(cooking.highS - othersS)}. Go by the thermometer, not by
        the clock.
      </p>
      {stages.length > 0 && (
        <p>
          {stages.map(
            (s) =>
              `${s.at === 'before' ? 'Before' : 'After'} that: ${inSentence(s.step)}, ${sayMinutes(s.seconds)} at ${sayTemperature(Math.round(s.mediumC))}. `,
          )}
          <b>{sayMinutes(course.pulledS)}</b> in all until it is off the heat.
        </p>
      )}
      <InRounds told={told} of={method.heat.of} />
      <LearnedOf kitchen={dish.kitchen} />
      {strict && (
        <p>
          <b>It must be done on the heat; nothing is left to the rest.</b> {strict}
        </p>
      )}
      {course.peakC - reachesC >= 1.5 && (
        <p>
          At rest it may rise to {sayTemperature(Math.round(course.peakC))}; do not count on that. Measure again before
          you serve.
        </p>
      )}
      <CookCurve cooking={cooking} fires={firesOf(method.id, dish.asked?.stages ?? [])} />
      <table className="w-full border-collapse">
        <caption className="sr-only">Three calculations</caption>
        <tbody>
          <tr className="border-b border-rule">
            <th className="text-left font-normal" scope="row">
              on the heat
            </th>
            <td className="text-right font-semibold">{sayMinutes(course.pulledS)}</td>
          </tr>
          <tr className="border-b border-rule">
            <th className="text-left font-normal" scope="row">
              by thickness
            </th>
            <td className="text-right font-semibold">
              {rules.byThicknessMin === null ? 'no rule' : `${Math.round(rules.byThicknessMin)} min`}
            </td>
          </tr>
          <tr className="border-b border-rule">
            <th className="text-left font-normal" scope="row">
              by weight
            </th>
            <td className="text-right font-semibold">
              {rules.byWeightMin === null ? 'no rule' : `${Math.round(rules.byWeightMin)} min`}
            </td>
          </tr>
        </tbody>
      </table>
      {beside !== null && beside !== 'alike' && (
        <p>
          The time on the heat is more than a third {beside} than the rule. The rule knows only the thickness, not the
          heat or where the fish starts. Measure early, and trust the thermometer.
        </p>
      )}
      <h3 className="mt-3 font-bold">Signs that it is done</h3>
      <Signs looks={looksOfWay(method, main)} />
      {course.bathLowC < course.bathStartC - 8 && (
        <p>
          {capital(method.heat.of)} falls to {sayTemperature(Math.round(course.bathLowC))} when the fish goes in.
        </p>
      )}
      {method.middle === 'cooked' && under >= 0.5 && (
        <p className="alert alert-warning">
          <b>
            {sayTemperature(Math.round(reachesC))} is {sayTemperatureDifference(Math.round(under))} under the official
            limit.
          </b>{' '}
          {DONE[meal.done].says.replace(/^./, (c) => c.toUpperCase())}.
          {reachesC < CORE_LINES.parasitesC && meal.raw.verdict !== 'conditions met' && (
            <> It was not frozen as authorities require for raw fish: worms in it may be alive.</>
          )}
        </p>
      )}
      <Lines />
    </section>
  );
}

/** What does not go in at once: rounds, and how long between them; or fat that even one piece cools too far. */
function InRounds({ told, of }: { told: DishReckoned | null; of: string }) {
  const r = told?.rounds;
  if (!r) return null;
  const tooCold = r.floorC !== null && r.fallsToC !== null && r.fallsToC < r.floorC - 0.5;
  return (
    <>
      {r.count > 1 && (
        <p>
          <b>
            {r.count} rounds of {plural(r.pieces, 'piece')}
          </b>
          {r.limitedBy === 'the bath'
            ? `: more would bring ${of} under ${sayTemperature(r.floorC ?? 0)}, where a crust soaks it up`
            : ': no more lie in it side by side'}
          .{r.againS >= 30 && ` Between two wait ${sayMinutes(r.againS)}, until ${of} is hot again.`} Keep what is done
          warm on a rack in the oven at {sayTemperature(90)}.
        </p>
      )}
      {tooCold && (
        <p className="alert alert-warning">
          Even {r.pieces === 1 ? 'one piece' : 'so few pieces'} bring {of} to {sayTemperature(Math.round(r.fallsToC!))}:
          under {sayTemperature(r.floorC!)} the crust soaks it up. Take more of it, or smaller pieces.
        </p>
      )}
    </>
  );
}

/** What the dinners of this kitchen say of a way: shown once one was read, or it was told how it was. */
function LearnedOf({ kitchen }: { kitchen: KitchenTimes | null }) {
  if (!kitchen || kitchen.inAll === 0) return null;
  const range = `(${kitchen.low.toFixed(1)} to ${kitchen.high.toFixed(1)})`;
  const from =
    kitchen.ofWay > 0
      ? `from ${plural(kitchen.ofWay, 'dinner')}, by thermometer or how it was`
      : `from ${plural(kitchen.inAll, 'dinner')} cooked in other ways`;
  const off = Math.abs(kitchen.times - 1);
  return (
    <p>
      <b>
        {off < 0.05
          ? 'Fish cooked this way takes as long in your kitchen as the charts say'
          : `Fish cooked this way takes ${kitchen.times.toFixed(1)} times as long in your kitchen as the charts say`}
      </b>{' '}
      {range}, {from}. The times here include it.
    </p>
  );
}

/** The lines of the authorities, always. */
const Lines = () => (
  <p>
    <b>{degrees(CORE_LINE_WORDS)}</b> Roundworms and tapeworms die at {sayTemperature(CORE_LINES.parasitesC)} held for a
    minute in the middle, and not below; flukes at the official limit. {degrees(AT_RISK)}
  </p>
);
