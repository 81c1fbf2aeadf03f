import type { SharedFish } from '@dagboek/journal';
import { type SharedPart, shareOut, shareOverlay } from '@dagboek/figure';
import { useMemo } from 'react';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { sayGrams, sayShortLength } from '../../asked/units.ts';
import { FigurePlate } from '../../fish/figure-view.tsx';

/** How wide the drawing is, px. */
const WIDE = 300;

/** Where the parts of a shared fish lie along it; null where its kind is not known. */
export const partsOf = (shared: SharedFish, species: Species | null): SharedPart[] | null =>
  species && shared.shares.length > 0
    ? shareOut(
        species.figure,
        shared.body,
        shared.shares.map((s) => s.massG),
      )
    : null;

/** A fish that dishes share, drawn with its parts from head to tail: each with its dish, its mass, and where to cut. */
export function SharedFishView({
  shared,
  nameOf,
  numberOf,
}: {
  shared: SharedFish;
  nameOf: (dish: string) => string;
  numberOf: (dish: string) => string;
}) {
  const { byId } = useCatalogue();
  const species = byId(shared.pack.species);
  const parts = useMemo(() => partsOf(shared, species), [shared, species]);
  const { shares, lengthMm, body } = shared;
  const text = (i: number): string | null => (shares[i]?.dish == null ? null : numberOf(shares[i].dish));
  const long = lengthMm === null || !parts ? null : lengthMm * (parts.at(-1)!.toU - parts[0]!.fromU);
  const whereOf = (i: number): string => {
    const part = parts?.[i];
    if (!part || long === null || shares.length === 1) return '';
    const mm = sayShortLength(Math.round((part.to - part.from) * long));
    if (i === 0) return `, the first ${mm} ${body === 'whole' ? 'from the nose' : 'from the head end'}`;
    return i === shares.length - 1 ? `, the last ${mm} at the tail` : `, the next ${mm}`;
  };
  return (
    <figure className="m-0">
      {species && parts && (
        <FigurePlate
          spec={species.figure}
          size={WIDE}
          options={{ shares: shareOverlay({ parts: parts.map((p, i) => ({ ...p, text: text(i) })) }) }}
        />
      )}
      <figcaption>
        <ol className="plain-list">
          {shares.map((s, i) => (
            <li key={`${s.dish ?? 'left'} ${i}`}>
              <span>
                {s.dish === null ? (
                  'Left in the pack'
                ) : (
                  <>
                    <b>{numberOf(s.dish)}</b> {nameOf(s.dish)}
                  </>
                )}
                : {sayGrams(Math.round(s.massG))}
                {whereOf(i)}
              </span>
            </li>
          ))}
        </ol>
      </figcaption>
    </figure>
  );
}
