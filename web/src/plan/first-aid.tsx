import { cardsFor, DANGER_SIGNS, isDangerous } from '@dagboek/core/harm';
import { useId, useState } from 'react';
import { useCatalogue, useRules } from '../kit/catalogue.ts';
import { degrees } from '../kit/units.ts';

/**
 * What to do when someone is hurt: the signs of danger first, then the cards, open those of the fish that did it when it
 * is said. Guidance; it defers to the emergency number and a doctor. `by`: the fish that is taken to have done it.
 */
export function FirstAid({ zone, by: first = '' }: { zone: string; by?: string }) {
  const { all, byId } = useCatalogue();
  const rules = useRules();
  const id = useId();
  const [by, setBy] = useState(first);
  const grounds = rules?.zones.find((z) => z.id === zone)?.grounds ?? [];
  const here = all.filter((s) => isDangerous(s) && grounds.some((g) => (s.grounds[g] ?? 0) > 0));
  const others = all.filter((s) => s.hazards.length > 0 && !here.includes(s));
  const culprit = byId(by);
  const cards = cardsFor(culprit ? [culprit] : []);
  return (
    <div className="first-aid">
      <p>
        <b>Help first, note later.</b> In danger of life call the local emergency number (112 in much of Europe).{' '}
        {DANGER_SIGNS}
      </p>
      <div className="field">
        <label htmlFor={id}>By which fish, if it is known</label>
        <select id={id} className="select" value={by} onChange={(e) => setBy(e.target.value)}>
          <option value="">not known</option>
          {here.length > 0 && (
            <optgroup label="What stings or poisons in these waters">
              {here.map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
            </optgroup>
          )}
          <optgroup label="Others that can hurt">
            {others.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </optgroup>
        </select>
      </div>
      {culprit?.aid && (
        <p className="asks">
          <b>{culprit.name}:</b> {degrees(culprit.aid)}
        </p>
      )}
      {cards.map(({ card, fits }) => (
        // By its fish, so that what was folded open for one is not for the next.
        <details key={`${by} ${card.id}`} open={fits}>
          <summary>{card.title}</summary>
          <ol className="aid-steps">
            {card.steps.map((s) => (
              <li key={s}>{degrees(s)}</li>
            ))}
          </ol>
        </details>
      ))}
      <p className="hint">Follow your local rules and a doctor’s advice before this screen.</p>
    </div>
  );
}
