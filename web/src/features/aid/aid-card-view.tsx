import type { AidCard } from '@dagboek/core/harm';
import { degrees } from '../../asked/units.ts';

/** One card: what to do, in order, what does harm, what to watch for after, and where it comes from. `own`: what its fish adds. */
export function AidCardView({ card, own }: { card: AidCard; own?: { name: string; aid: string } | null }) {
  return (
    <article className="mt-2" aria-label={card.title}>
      {own && (
        <p className="alert alert-warning">
          <b>{own.name}:</b> {degrees(own.aid)}
        </p>
      )}
      <ol className="pl-5.5 gap-1.5 [list-style:decimal] grid">
        {card.steps.map((s) => (
          <li key={s}>{degrees(s)}</li>
        ))}
      </ol>
      {card.never.map((s) => (
        <p key={s} className="alert alert-error">
          <b>{s}</b>
        </p>
      ))}
      {card.later.length > 0 && (
        <>
          <h3 className="mt-3.5 text-[1.0625rem]">In the hours and days after</h3>
          <ul className="plain-list">
            {card.later.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        </>
      )}
      <p className="hint">From: {card.sources.join('; ')}. Local rules and a doctor’s advice come first.</p>
    </article>
  );
}
