import { type Proposal, PURPOSES, type Purpose, type RouteName } from '@dagboek/core/cut';
import { useState } from 'react';
import type { Species } from '../../asked/catalogue.ts';
import { plural } from '../../asked/format.ts';
import { Chips } from '../../ui/chips.tsx';
import { Key } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { sayGrams } from '../../asked/units.ts';
import { PURPOSE_WORDS } from './purpose-words.ts';

/** So many routes are shown at once; the others behind a key. */
const FIRST = 3;

/** What it is for, and the routes that serve it, best first, with what each gives and why. */
export function WhichRoute({
  species,
  proposals,
  purpose,
  onPurpose,
  route,
  onRoute,
  pan,
  onPan,
}: {
  species: Species;
  proposals: readonly Proposal[];
  purpose: Purpose;
  onPurpose: (p: Purpose) => void;
  route: RouteName | null;
  onRoute: (r: RouteName) => void;
  /** Length of the pan, cm. */
  pan: number;
  onPan: (cm: number) => void;
}) {
  const [all, setAll] = useState(false);
  const [text, setText] = useState(String(pan));
  const shown = all ? proposals : proposals.filter((p, i) => i < FIRST || p.route === route);
  return (
    <>
      <Chips
        label="What for"
        options={PURPOSES.map((value) => ({ value, text: PURPOSE_WORDS[value] }))}
        value={purpose}
        onChange={onPurpose}
      />
      {purpose === 'raw' && <p className="alert alert-warning">{species.raw.why}</p>}
      {purpose === 'whole' && (
        <Quantity
          label="Pan or dish length"
          unit="cm"
          whole
          value={text}
          onChange={(v) => {
            setText(v);
            const n = typedNumber(v);
            if (n !== null && n > 0 && n < 200) onPan(n);
          }}
        />
      )}
      <fieldset className="p-0 mx-0 mt-2.5 mb-0 border-0">
        <legend className="text-cap text-ink-2">Cut</legend>
        {shown.map((p) => (
          <label
            key={p.route}
            className="py-2 px-0 border-b grid grid-cols-[34px_minmax(0,1fr)] items-start min-h-14 cursor-pointer border-rule"
          >
            <input
              className="mt-px size-5.5 [accent-color:var(--teal)]"
              type="radio"
              name="route"
              checked={p.route === route}
              onChange={() => onRoute(p.route)}
            />
            <span>
              <b>{p.route}</b>
              <small className="block">
                some {sayGrams(Math.round(p.offBoardG / 10) * 10)}
                {p.onTheBone ? ' on the bone' : ''}, {p.plates === 0 ? 'less than a plate' : plural(p.plates, 'plate')}
              </small>
              {p.reasons.map((r) => (
                <small className="block" key={r}>
                  {r}
                </small>
              ))}
            </span>
          </label>
        ))}
      </fieldset>
      {shown.length < proposals.length && (
        <Key small name={`All ${proposals.length} ways`} onClick={() => setAll(true)} />
      )}
    </>
  );
}
