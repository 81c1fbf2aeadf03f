import { cardsFor, DANGER_SIGNS, isDangerous } from '@dagboek/core/harm';
import { useId, useState } from 'react';
import { useCatalogue, useRules } from '../kit/catalogue.ts';

/**
 * What to do when someone is hurt: the signs of danger first, then the cards, those of the fish that did it when it is
 * said. Guidance; it defers to the emergency number and a doctor.
 */
export function FirstAid({ zone }: { zone: string }) {
  const { all, byId } = useCatalogue();
  const rules = useRules();
  const id = useId();
  const [by, setBy] = useState('');
  const grounds = rules?.zones.find((z) => z.id === zone)?.grounds ?? [];
  const here = all.filter((s) => isDangerous(s) && grounds.some((g) => (s.grounds[g] ?? 0) > 0));
  const others = all.filter((s) => s.hazards.length > 0 && !here.includes(s));
  const culprit = byId(by);
  const cards = cardsFor(culprit ? [culprit] : []);
  const [first, ...more] = cards;
  const steps = (c: (typeof cards)[number]) => (
    <ol className="aid-steps">
      {c.steps.map((s) => (
        <li key={s}>{s}</li>
      ))}
    </ol>
  );
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
          <b>{culprit.name}:</b> {culprit.aid}
        </p>
      )}
      {first && (
        <section aria-label={first.title}>
          <h3>{first.title}</h3>
          {steps(first)}
        </section>
      )}
      {more.map((c) => (
        <details key={c.id}>
          <summary>{c.title}</summary>
          {steps(c)}
        </details>
      ))}
      <p className="hint">Follow your local rules and a doctor’s advice before this screen.</p>
    </div>
  );
}
