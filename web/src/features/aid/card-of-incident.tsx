import { type AidCard, type SoakState } from '@dagboek/core/harm';
import { type IncidentState } from '@dagboek/journal';
import { type Species } from '../../asked/catalogue.ts';
import { AidCardView } from './aid-card-view.tsx';

/** The steps of a card in order, and what does harm. */
export function CardOfIncident({
  card,
  incident,
  soak,
  culprit,
}: {
  card: AidCard | null;
  incident: IncidentState;
  soak: SoakState | null;
  culprit: Species | null;
}) {
  return (
    <>
      {card && !incident.ended && (
        <>
          {/* Folded away beside the clock, what does harm still stands; else the card has it after its steps, the first of which comes first. */}
          {soak &&
            card.never.map((s) => (
              <p key={s} className="alert alert-error">
                <b>{s}</b>
              </p>
            ))}
          <details open={!soak}>
            <summary className="min-h-11 flex items-center font-semibold underline underline-offset-3">
              What to do, in order
            </summary>
            <AidCardView card={card} own={culprit?.aid ? { name: culprit.name, aid: culprit.aid } : null} />
          </details>
        </>
      )}
    </>
  );
}
