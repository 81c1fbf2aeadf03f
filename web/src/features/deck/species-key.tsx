import { isGrave, worstHazard } from '@dagboek/core/harm';
import type { ReactNode } from 'react';
import type { Species } from '../../asked/catalogue.ts';
import { WarningTriangle } from '../../fish/hazard-strip.tsx';

/** The key of a species: its figure, its name, what is said of it, and what can hurt. */
export function SpeciesKey({
  species,
  figure,
  children,
  onClick,
}: {
  species: Species;
  /** Null: its name alone. */
  figure: ReactNode;
  children?: ReactNode;
  onClick: () => void;
}) {
  const hurt = worstHazard(species.hazards);
  return (
    <button type="button" className="species-key" onClick={onClick}>
      {figure && <span className="icon">{figure}</span>}
      <span>
        <b>{species.name}</b>
        {children}
        {hurt && (
          <small className={isGrave(hurt) ? 'hurts' : 'pricks'}>
            <WarningTriangle size={13} /> {hurt.kind}
          </small>
        )}
      </span>
    </button>
  );
}
