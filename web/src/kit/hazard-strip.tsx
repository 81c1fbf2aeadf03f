import type { Hazard, HazardKind, Severity } from '@dagboek/core/species';
import { Link } from 'react-router';
import { severityOf, tellHazards, worstHazard } from '@dagboek/core/harm';

export const HAZARD_WORDS: Readonly<Record<HazardKind, string>> = {
  venomous: 'Venomous',
  electric: 'Shocks',
  poison: 'Poison',
  bite: 'Bites',
  blood: 'Poisonous blood',
  sharp: 'Sharp',
};
const SEVERITY_WORDS: Readonly<Record<Severity, string>> = {
  'can kill': 'Can kill.',
  serious: 'Serious.',
  painful: 'Painful.',
  slight: 'Slight.',
};

export const WarningTriangle = ({ size = 26 }: { size?: number }) => (
  <svg width={size} height={size} viewBox="0 0 26 26" aria-hidden="true" className="warning-triangle">
    <path d="M13 2 25 24H1Z" fill="currentColor" />
    <path d="M13 9V16.5" stroke="var(--danger-fill)" strokeWidth="2.8" />
    <circle cx="13" cy="20" r="1.7" fill="var(--danger-fill)" />
  </svg>
);

/**
 * What can hurt: where, what it does and how bad, and what to do with the hands. Under the name and above the verdict,
 * before the fish is touched. Nothing when nothing can. Only sentences that repeat are folded.
 * `of`: whose they are, where several stand together. `aid`: the species by whose name first aid is looked up.
 */
export function HazardStrip({ hazards, of, aid }: { hazards: readonly Hazard[]; of?: string; aid?: string }) {
  const worst = worstHazard(hazards);
  if (!worst) return null;
  // Crimson is kept for what does more than prick, or it is no longer seen.
  const isSlight = hazards.every((h) => severityOf(h) === 'slight');
  return (
    <div
      className={`hazard-strip${isSlight ? ' mild' : ''}`}
      role="note"
      aria-label={of ? `Hazards of ${of}` : 'Hazards'}
    >
      <WarningTriangle size={30} />
      <strong>{of ? `${of}: ${HAZARD_WORDS[worst.kind].toLowerCase()}` : HAZARD_WORDS[worst.kind]}</strong>
      <ul>
        {tellHazards(hazards).map((t, i) => (
          <li key={`${t.hazard.part} ${i}`}>
            <i className="how-bad">{SEVERITY_WORDS[t.severity]}</i> {t.where} {t.does} {t.grip && <b>{t.grip}</b>}
          </li>
        ))}
        {aid && !isSlight && (
          <li>
            <Link className="to-aid" to={`/hurt?by=${aid}`}>
              If someone is hurt
            </Link>
          </li>
        )}
      </ul>
    </div>
  );
}
