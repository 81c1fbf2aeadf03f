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
    <button
      type="button"
      className="species-key py-1 px-2.5 gap-2.5 border-t-2 border-r-2 border-b-4 border-l-2 border-ink grid grid-cols-[96px_minmax(0,1fr)] items-center w-full min-h-18 rounded-box text-left cursor-pointer in-[.likely-keys.plain]:px-2 in-[.likely-keys.plain]:block in-[.likely-keys.plain]:min-h-14.5"
      onClick={onClick}
    >
      {figure && <span className="icon h-15.5">{figure}</span>}
      <span>
        <b className="text-[1rem] leading-[1.1] block">{species.name}</b>
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
