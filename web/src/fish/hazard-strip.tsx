import type { Hazard, HazardKind, Severity } from '@dagboek/core/species';
import { useState } from 'react';
import { Link } from 'react-router';
import { hurtingParts, severityOf, tellHazards, worstHazard } from '@dagboek/core/harm';

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

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

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
export function HazardStrip({
  hazards,
  of,
  aid,
  grips = [],
  short = false,
}: {
  hazards: readonly Hazard[];
  of?: string;
  aid?: string;
  /** How to hold it, of each kind it may be. */
  grips?: readonly string[];
  /** What, where and how to hold it alone; the rest behind one tap, so that the verdict stays in sight. */
  short?: boolean;
}) {
  const [open, setOpen] = useState(false);
  const worst = worstHazard(hazards);
  if (!worst) return null;
  // Crimson is kept for what does more than prick, or it is no longer seen.
  const isSlight = hazards.every((h) => severityOf(h) === 'slight');
  return (
    <div
      className={`hazard-strip${isSlight ? ' mild' : ''}${short ? ' short' : ''}`}
      role="note"
      aria-label={of ? `Hazards of ${of}` : 'Hazards'}
    >
      <WarningTriangle size={30} />
      {!short && <strong>{of ? `${of}: ${HAZARD_WORDS[worst.kind].toLowerCase()}` : HAZARD_WORDS[worst.kind]}</strong>}
      {short && (
        <div className="in-short">
          <p>
            <strong>{HAZARD_WORDS[worst.kind]}</strong> <i className="how-bad">{SEVERITY_WORDS[severityOf(worst)]}</i>{' '}
            {capital(hurtingParts(hazards))}. <b>{[...new Set(grips)].join(' ')}</b>
          </p>
          <button type="button" className="to-aid" aria-expanded={open} onClick={() => setOpen(!open)}>
            {open ? 'Less' : 'All of it'}
          </button>
          {aid && !isSlight && (
            <Link className="to-aid" to={`/hurt?by=${aid}`}>
              If someone is hurt
            </Link>
          )}
        </div>
      )}
      {(!short || open) && (
        <ul>
          {tellHazards(hazards).map((t, i) => (
            <li key={`${t.hazard.part} ${i}`}>
              <i className="how-bad">{SEVERITY_WORDS[t.severity]}</i> {t.where} {t.does} {t.grip && <b>{t.grip}</b>}
            </li>
          ))}
          {aid && !isSlight && !short && (
            <li>
              <Link className="to-aid" to={`/hurt?by=${aid}`}>
                If someone is hurt
              </Link>
            </li>
          )}
        </ul>
      )}
    </div>
  );
}
