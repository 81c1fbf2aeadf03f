import type { SteakPlan } from '@dagboek/figure';
import { useState } from 'react';
import { plural } from '../../asked/format.ts';
import { Quantity } from '../../asked/quantity.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { sayGrams, sayGramsRange } from '../../asked/units.ts';

/** Thinner falls apart in the pan, thicker is a joint, mm. */
const [LEAST_MM, MOST_MM] = [10, 80];

/** How many steaks of a thickness this fish gives, and what they weigh, before the first is cut. */
export function SteaksPlanned({
  plan,
  thickMm,
  onThick,
}: {
  plan: SteakPlan;
  thickMm: number;
  onThick: (mm: number) => void;
}) {
  const [text, setText] = useState(String(thickMm));
  const mm = typedNumber(text);
  const odd = mm === null || Number.isNaN(mm) || mm < LEAST_MM || mm > MOST_MM;
  const n = plan.steaksG.length;
  return (
    <div className="by-row">
      <Quantity
        label="Thickness of a steak"
        unit="mm"
        whole
        value={text}
        onChange={(v) => {
          setText(v);
          const to = typedNumber(v);
          if (to !== null && to >= LEAST_MM && to <= MOST_MM) onThick(to);
        }}
        error={odd ? `From ${LEAST_MM} to ${MOST_MM} mm.` : null}
      />
      <p>
        {n === 0 ? (
          <>
            <b>No steak</b> of {thickMm} mm: leave it whole.
          </>
        ) : (
          <>
            <b>{plural(n, 'steak')}</b> a fish,{' '}
            {n === 1
              ? sayGrams(Math.round(plan.steaksG[0]!))
              : sayGramsRange(Math.min(...plan.steaksG), Math.max(...plan.steaksG))}
            ; the tail piece {sayGrams(Math.round(plan.tailG))}, the head {sayGrams(Math.round(plan.headG))} for stock.
          </>
        )}
      </p>
    </div>
  );
}
