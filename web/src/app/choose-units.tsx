import {
  CUSTOMARY,
  METRIC,
  sayHeavy,
  sayLength,
  sayMass,
  sayTemperature,
  sayTime,
  sayVolume,
  UNIT_CHOICES,
  type Units,
} from '@dagboek/core/units';
import { useState } from 'react';
import { DeckKey } from '../lines/deck-key.tsx';
import { Chips } from '../ui/chips.tsx';
import { chooseUnits, units } from '../asked/units.ts';

const NAMES = Object.keys(UNIT_CHOICES) as readonly (keyof Units)[];
const same = (a: Units, b: Units): boolean => NAMES.every((n) => a[n] === b[n]);

/** The units of this device, with a line of the log as it would read in them. */
export function ChooseUnits() {
  const [draft, setDraft] = useState(units);
  const line = `${sayTime('14:20', draft)}: ${sayLength(435, draft)}, ${sayMass(1310, draft)}; ${sayHeavy(8, draft)} of ice in the ${sayVolume(52, draft)} box, water ${sayTemperature(12.5, draft)}.`;
  return (
    <>
      <h2>Units and clock</h2>
      <p>
        For this device: in every field, sentence, chart and print. You can also type another unit after the number: 17
        1/4 in, 44 cm, 2 lb 14 oz. Each entry keeps the unit in which it was typed.
      </p>
      <div className="unit-choices">
        {NAMES.map((name) => (
          <Chips
            key={name}
            label={UNIT_CHOICES[name].label}
            options={UNIT_CHOICES[name].options.map(([value, text]) => ({ value, text }))}
            value={draft[name]}
            onChange={(v) => setDraft({ ...draft, [name]: v })}
          />
        ))}
      </div>
      <p className="pl-3 border-l-3 [margin-block:12px] font-semibold border-teal" role="status">
        {line}
      </p>
      <div className="keys">
        <DeckKey
          act={!same(draft, units)}
          name="Use these"
          note={same(draft, units) ? 'as it is now' : 'reloads the page'}
          onClick={() => chooseUnits(draft)}
        />
        {!same(draft, METRIC) && (
          <DeckKey name="All metric" note="as the device is set" onClick={() => setDraft(METRIC)} />
        )}
        {!same(draft, CUSTOMARY) && (
          <DeckKey name="All customary" note="inches, pounds, Fahrenheit" onClick={() => setDraft(CUSTOMARY)} />
        )}
      </div>
    </>
  );
}
