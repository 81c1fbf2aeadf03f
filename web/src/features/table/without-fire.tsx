import { brineSaltG, cureTroubles, diceInCitrus, saltCure, whiteFrontMm } from '@dagboek/core/cook';
import { saySpan } from '@dagboek/core/time';
import { Quantity } from '../../asked/quantity.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { useId, useState } from 'react';
import { Chips } from '../../ui/chips.tsx';
import { sayGrams, sayThickness, sayVolume } from '../../asked/units.ts';
import { useWidth } from '../../ui/use-width.ts';

const MOST_MIN = 480;
const MIN_MS = 60_000;
/** A piece is drawn so tall, px. */
const TALL = 92;

/** A slice from face to face: how far it has turned white. */
function WhiteFront({ wide, share, label }: { wide: number; share: number; label: string }) {
  return (
    <svg width={wide} height={TALL} role="img" aria-label={label}>
      <rect
        x="1"
        y="1"
        width={wide - 2}
        height={TALL - 2}
        fill="var(--teal-wash)"
        stroke="var(--ink)"
        strokeWidth="1.6"
      />
      <rect x="2" y="2" width={wide - 4} height={(TALL - 4) * share} fill="var(--paper-open)" />
      <rect
        x="2"
        y={TALL - 2 - (TALL - 4) * share}
        width={wide - 4}
        height={(TALL - 4) * share}
        fill="var(--paper-open)"
      />
      {share < 0.42 && (
        <text x={wide / 2} y={TALL / 2 + 5} textAnchor="middle" style={{ fontSize: 14, fill: 'var(--ink)' }}>
          still clear
        </text>
      )}
    </svg>
  );
}

/** To ten minutes, ms: no closer is it known. */
const about = (min: number): number => Math.max(5, Math.round(min / 10) * 10) * MIN_MS;
/** Dice that are usual, mm. */
const USUAL_DICE_MM = 15;

/** How far citrus has made its dice white, by the minute, drawn into one: when they are through, and when they turn tough. It kills no worms. */
export function InCitrus({ thicknessMm }: { thicknessMm: number }) {
  const [minutes, setMinutes] = useState(15);
  const [typed, setTyped] = useState('');
  const [ref, width] = useWidth(320);
  const id = useId();
  // No die is larger than the fillet is thick.
  const usual = Math.round(Math.min(USUAL_DICE_MM, thicknessMm));
  const read = typedNumber(typed);
  const diceMm = read !== null && read >= 2 && read <= 100 ? read : usual;
  const front = whiteFrontMm(minutes);
  const { throughMin, toughMin } = diceInCitrus(diceMm);
  const through = minutes >= throughMin;
  return (
    <div ref={ref}>
      <Quantity
        label="Size of the dice"
        unit="mm"
        whole
        value={typed}
        placeholder={String(usual)}
        onChange={setTyped}
      />
      <label htmlFor={id}>
        After <b>{minutes} min</b> in citrus
      </label>
      <input
        className="min-h-11 w-full accent-teal"
        id={id}
        type="range"
        min={1}
        max={MOST_MIN}
        value={minutes}
        onChange={(e) => setMinutes(Number(e.target.value))}
      />
      <WhiteFront
        wide={Math.min(width, 360)}
        share={through ? 0.5 : Math.min(0.5, front / diceMm)}
        label={`White ${sayThickness(front)} deep from each face of ${sayThickness(diceMm)}`}
      />
      <p>
        {through ? (
          <b>White through.</b>
        ) : (
          <>
            White <b>{sayThickness(front)}</b> deep from each face. Dice of {sayThickness(diceMm)} are white through
            after about {saySpan(about(throughMin))}.
          </>
        )}{' '}
        {minutes >= toughMin
          ? 'By now they turn chalky and tough.'
          : `They turn tough after about ${saySpan(about(toughMin))}.`}{' '}
        <b>Citrus kills no worms.</b>
      </p>
    </div>
  );
}

const PERCENTS = ['3', '5', '8', '12'] as const;
/** Brine for so much fish, by weight. */
const LITRES_PER_KG = 2;

/** Salt by the mass of the fish, the hours it takes, and the brine that gives the same. It kills no worms. */
export function InSalt({ massG, thicknessMm }: { massG: number; thicknessMm: number }) {
  const [percent, setPercent] = useState<(typeof PERCENTS)[number]>('5');
  if (!(massG > 0)) return null;
  const cure = saltCure(massG, thicknessMm, Number(percent));
  const { stop, mind } = cureTroubles(cure, thicknessMm);
  const litres = Math.max(0.5, Math.round((massG / 1000) * LITRES_PER_KG * 2) / 2);
  return (
    <div>
      <Chips
        label="Salt"
        options={PERCENTS.map((value) => ({ value, text: `${value} %` }))}
        value={percent}
        onChange={setPercent}
      />
      {stop.map((s) => (
        <p key={s} className="alert alert-warning">
          {s}
        </p>
      ))}
      {stop.length === 0 && (
        <p>
          <b>{sayGrams(Math.round(cure.saltG))}</b> of dry salt on {sayThickness(thicknessMm)}: about{' '}
          <b>{cure.hours < 10 ? cure.hours.toFixed(1) : Math.round(cure.hours)} h</b> in the fridge until the middle has
          90 % of the salt. A brine with the same result:{' '}
          {sayGrams(Math.round(brineSaltG(litres, massG, Number(percent))))} in {sayVolume(litres)}.{' '}
          <b>Salt kills no worms.</b>
        </p>
      )}
      {mind.map((s) => (
        <p key={s} className="alert alert-error">
          {s}
        </p>
      ))}
    </div>
  );
}
