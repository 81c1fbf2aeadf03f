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
  <svg
    width={size}
    height={size}
    viewBox="0 0 26 26"
    aria-hidden="true"
    className="warning-triangle inline-block [vertical-align:-1px] in-[.hazard-strip.mild]:text-crimson max-tablet:[.hazard-strip.short>&]:self-start"
  >
    <path d="M13 2 25 24H1Z" fill="currentColor" />
    <path
      className="[.hazard-strip.mild_.warning-triangle_&]:[&:is(path+path,circle)]:stroke-paper-open"
      d="M13 9V16.5"
      stroke="var(--danger-fill)"
      strokeWidth="2.8"
    />
    <circle
      className="[.hazard-strip.mild_.warning-triangle_&]:fill-paper-open [.hazard-strip.mild_.warning-triangle_&]:[&:is(path+path,circle)]:stroke-paper-open"
      cx="13"
      cy="20"
      r="1.7"
      fill="var(--danger-fill)"
    />
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
      {!short && (
        <strong className="font-bold text-[1.1875rem] leading-[normal] font-head">
          {of ? `${of}: ${HAZARD_WORDS[worst.kind].toLowerCase()}` : HAZARD_WORDS[worst.kind]}
        </strong>
      )}
      {short && (
        <div className="in-short flex flex-wrap items-center gap-y-0 gap-x-4.5">
          <p className="leading-[1.3] text-[1rem] flex-[1_1_260px] max-tablet:col-span-full max-tablet:text-[0.9375rem]">
            <strong className="font-bold text-[1.1875rem] leading-[normal] font-head">
              {HAZARD_WORDS[worst.kind]}
            </strong>{' '}
            <i className="border-b-[1.5px] font-bold">{SEVERITY_WORDS[severityOf(worst)]}</i>{' '}
            {capital(hurtingParts(hazards))}. <b className="font-semibold">{[...new Set(grips)].join(' ')}</b>
          </p>
          <button
            type="button"
            className="inline-flex items-center min-h-11 underline underline-offset-3 cursor-pointer"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            {open ? 'Less' : 'All of it'}
          </button>
          {aid && !isSlight && (
            <Link className="inline-flex items-center min-h-11" to={`/hurt?by=${aid}`}>
              If someone is hurt
            </Link>
          )}
        </div>
      )}
      {(!short || open) && (
        <ul className="leading-[1.3] text-[1rem] max-tablet:col-span-full max-tablet:text-[0.9375rem] [.in-short+&]:mt-1 [.in-short+&]:col-span-full">
          {tellHazards(hazards).map((t, i) => (
            <li className="[li+&]:mt-1" key={`${t.hazard.part} ${i}`}>
              <i className="border-b-[1.5px] font-bold">{SEVERITY_WORDS[t.severity]}</i> {t.where} {t.does}{' '}
              {t.grip && <b className="font-semibold">{t.grip}</b>}
            </li>
          ))}
          {aid && !isSlight && !short && (
            <li className="[li+&]:mt-1">
              <Link className="inline-flex items-center min-h-11" to={`/hurt?by=${aid}`}>
                If someone is hurt
              </Link>
            </li>
          )}
        </ul>
      )}
    </div>
  );
}
