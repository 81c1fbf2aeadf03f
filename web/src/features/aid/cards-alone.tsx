import { AID_CARDS, CALL_SIGNS } from '@dagboek/core/harm';
import { AidCardView } from './aid-card-view.tsx';
import { CallStrip } from '../../frame/emergency-number.tsx';

/** The cards where nothing else opens: no book on this device yet, and no network. */
export function CardsAlone() {
  return (
    <section className="cards-alone mt-9" aria-label="Someone is hurt">
      <h2>Someone is hurt</h2>
      <CallStrip signs={CALL_SIGNS} alone />
      {AID_CARDS.map((card) => (
        <details key={card.id}>
          <summary>{card.title}</summary>
          <ul>
            {card.call.map((s) => (
              <li key={s}>
                <b>Call:</b> {s}
              </li>
            ))}
          </ul>
          <AidCardView card={card} />
        </details>
      ))}
    </section>
  );
}
