import type { Hazard } from '@dagboek/core/species';
import { worstHazard } from './hazards.ts';

const WORDS = { venomous: 'Venomous', sharp: 'Sharp', bite: 'Bites', poison: 'Poison' } as const;

export const WarningTriangle = ({ size = 26 }: { size?: number }) => (
  <svg width={size} height={size} viewBox="0 0 26 26" aria-hidden="true" className="warning-triangle">
    <path d="M13 2 25 24H1Z" fill="currentColor" />
    <path d="M13 9V16.5" stroke="var(--danger-fill)" strokeWidth="2.8" />
    <circle cx="13" cy="20" r="1.7" fill="var(--danger-fill)" />
  </svg>
);

/**
 * What can hurt, where, and how to hold it: under the name and above the verdict, before the fish is touched. Nothing when nothing can.
 * `of`: whose they are, where several stand together.
 */
export function HazardStrip({ hazards, of }: { hazards: readonly Hazard[]; of?: string }) {
  const worst = worstHazard(hazards);
  if (!worst) return null;
  return (
    <div className="hazard-strip" role="note" aria-label={of ? `Hazards of ${of}` : 'Hazards'}>
      <WarningTriangle size={30} />
      <strong>{of ? `${of}: ${WORDS[worst.kind].toLowerCase()}` : WORDS[worst.kind]}</strong>
      <p>
        {hazards.map((h) => (
          <span key={h.where}>
            {h.where} <b>{h.grip}</b>{' '}
          </span>
        ))}
      </p>
    </div>
  );
}
