import { sayAll } from '@dagboek/core/units';
import type { Fit, Vessel } from '@dagboek/core/cook';
import { inVessel, usesOf } from '@dagboek/journal';
import { Link } from 'react-router';
import { plural } from '../../asked/format.ts';
import { sayGrams, sayShortLength, sayVolume } from '../../asked/units.ts';
import { typedNumber } from '../../ui/typed-number.ts';
import { useWidth } from '../../ui/use-width.ts';
import { ifKnown } from '../../ui/known.ts';
import type { Dish } from './use-dish.ts';
import type { NewMeal } from './use-new-meal.ts';

const FIT_WORDS = {
  whole: 'fits as it is',
  'tail out': 'fits with its tail over the rim',
  'without tail': 'fits without its tail',
  'without head': 'fits without its head',
  'without head and tail': 'fits without head and tail',
  'in pieces': 'is cut across',
} as const;

/** Whether the fish fits what it is cooked in, drawn to scale; how much liquid covers it; how far the oil rises. */
export function FitsNote({ meal, dish }: { meal: NewMeal; dish: Dish }) {
  const { main, method, kitchen, lying: fish } = meal;
  const uses = usesOf(method);
  const rounds = ifKnown(dish.answer)?.rounds ?? null;
  if (!main || uses.length === 0) return null;
  const litres = typedNumber(meal.setting.amount ?? '') || (meal.usual?.amount ?? 0);
  const lies = inVessel(kitchen, method, main, fish, litres, rounds?.pieces);
  if (!lies)
    return (
      <p className="alert alert-warning">
        Missing in your kitchen: {sayAll(uses)}. <Link to="/table/kitchen">Change the kitchen</Link>.
      </p>
    );
  const { vessel: v, fit, cover, oil } = lies;
  return (
    <section className="pt-2.5 mt-3 border-t border-rule-2" aria-label="Does it fit">
      {fish && (
        <>
          <p>
            {fit ? (
              <>
                <b>
                  {v.name}, {sayShortLength(v.longMm)}
                  {v.shape === 'oblong' ? ` by ${sayShortLength(v.wideMm)}` : ' across'}: it {FIT_WORDS[fit.as]}.
                </b>{' '}
                {fit.cutsMm.length > 0 &&
                  `Cut at ${sayAll(fit.cutsMm.map((mm) => sayShortLength(mm)))} from the nose. `}
                {fit.as === 'tail out' && 'Wrap the tail in foil, or it scorches. '}
                {fit.aboveRimMm > 0 &&
                  lies.lid &&
                  `It stands ${sayShortLength(fit.aboveRimMm)} above the rim: the lid does not close.`}
              </>
            ) : (
              <b>It fits no pan or pot here, even cut. Choose a smaller fish or another way.</b>
            )}
          </p>
          {fit && <ToScale vessel={v} fit={fit} />}
        </>
      )}
      {method.id === 'steam' && v.use === 'tray' && (
        <p>
          Set a rack in the {v.name.toLowerCase()} over boiling water as deep as a finger. Close it with foil all round,
          and lift the far side first: steam burns.
        </p>
      )}
      {cover && (
        <p>
          {sayVolume(Math.ceil(cover.litres * 10) / 10)} of liquid cover it in the {v.name.toLowerCase()} by a finger.{' '}
          {sayVolume(cover.usedLitres)} take {sayGrams(Math.round(cover.saltG))} of salt.
          {cover.usedLitres < cover.litres - 0.05 && cover.overMm === 0 && (
            <b> {sayVolume(cover.usedLitres)} do not cover it, and the time counts on liquid all round: add some.</b>
          )}
          {cover.overMm > 0 && (
            <b>
              {' '}
              It would overflow: the rim is {sayShortLength(v.deepMm)} high, and the liquid would reach{' '}
              {sayShortLength(cover.levelMm)}.
            </b>
          )}
        </p>
      )}
      {oil && (
        <p className={oil.tooFull ? 'alert alert-warning' : undefined}>
          {oil.tooFull && <b>Too full. </b>}
          {sayVolume(oil.litres)} of oil stand {sayShortLength(oil.levelMm)} high in the {v.name.toLowerCase()} and rise
          by {sayShortLength(oil.risesMm)} with {plural(rounds?.pieces ?? 1, 'piece')} in it:{' '}
          {Math.round(oil.share * 100)} % of its depth. No more than {sayVolume(Math.floor(oil.mostLitres * 10) / 10)}{' '}
          go in.
        </p>
      )}
      {!kitchen.own && (
        <p>
          <small>
            These are the pans of a typical small kitchen. <Link to="/table/kitchen">Enter your own</Link>.
          </small>
        </p>
      )}
    </section>
  );
}

/** The fish laid in its vessel, to scale, as it must be turned. */
function ToScale({ vessel, fit }: { vessel: Vessel; fit: Fit }) {
  const [ref, width] = useWidth(300);
  const pad = 10;
  const { angle, shift } = fit.lying;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  // From the middle of the vessel, mm.
  const laid = (fit.parts[0] ?? []).map(
    ([x, y]) => [x * cos - y * sin + shift[0], x * sin + y * cos + shift[1]] as const,
  );
  const wideMm = vessel.shape === 'round' ? vessel.longMm : vessel.wideMm;
  // A tail that sticks out is drawn, too.
  const halfLong = Math.max(vessel.longMm / 2, ...laid.map((p) => Math.abs(p[0])));
  const halfWide = Math.max(wideMm / 2, ...laid.map((p) => Math.abs(p[1])));
  const scale = (Math.min(width, 420) - 2 * pad) / (2 * halfLong);
  const h = 2 * halfWide * scale + 2 * pad;
  const [cx, cy] = [Math.min(width, 420) / 2, h / 2];
  return (
    <div ref={ref}>
      <svg
        width={Math.min(width, 420)}
        height={h}
        role="img"
        aria-label={`The fish laid in the ${vessel.name}, to scale`}
      >
        {vessel.shape === 'round' ? (
          <circle
            cx={cx}
            cy={cy}
            r={(vessel.longMm / 2) * scale}
            fill="var(--paper-open)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
        ) : (
          <rect
            x={cx - (vessel.longMm / 2) * scale}
            y={cy - (vessel.wideMm / 2) * scale}
            width={vessel.longMm * scale}
            height={vessel.wideMm * scale}
            rx="8"
            fill="var(--paper-open)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
        )}
        {laid.length > 0 && (
          <path
            d={`M${laid.map(([u, v]) => `${(cx + u * scale).toFixed(1)} ${(cy + v * scale).toFixed(1)}`).join('L')}Z`}
            fill="var(--teal-wash)"
            stroke="var(--teal)"
            strokeWidth="2.4"
            strokeLinejoin="round"
          />
        )}
      </svg>
    </div>
  );
}
