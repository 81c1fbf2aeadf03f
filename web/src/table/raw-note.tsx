import { degrees } from '../kit/units.ts';
import type { NewMeal } from './use-new-meal.ts';

/** Whether the packs of a meal may be eaten raw: the verdict, each reason with its source. Never "safe". */
export function RawNote({ meal }: { meal: NewMeal }) {
  const { raw } = meal;
  return (
    <section
      className={raw.verdict === 'conditions met' ? 'raw-note' : 'raw-note asks'}
      aria-label="May it be eaten raw"
    >
      <p>
        <b>{meal.rawWords}</b>
      </p>
      <ul className="plain-list">
        {raw.reasons.map((r) => (
          <li key={`${r.of ?? ''}${r.say}`}>
            {r.of ? `${r.of}: ` : ''}
            {degrees(r.say)} <small>{r.source}</small>
          </li>
        ))}
      </ul>
      <p>
        <small>
          Cured, cold-smoked, and seared with a raw middle count as raw. Your authority and a doctor come first.
        </small>
      </p>
    </section>
  );
}
