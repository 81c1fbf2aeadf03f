import { takeApart, type SharedSides } from '@dagboek/core/carve';
import { apartOverlay, shareOut } from '@dagboek/figure';
import { useMemo } from 'react';
import { wordFor } from '../asked/format.ts';
import type { Species } from '../asked/catalogue.ts';
import { sayGrams } from '../asked/units.ts';
import { FigurePlate } from './figure-view.tsx';

/** How wide a drawing is, px. */
const WIDE = 300;
/** What is written on bones, apart from the numbers of the steps. */
const LETTERS = ['a', 'b', 'c', 'd'];

/** How the plates are shared out, in a sentence. */
function sayShares(fish: number, plates: number, { perFish, partsASide, plateG }: SharedSides): string {
  const grams = `some ${sayGrams(Math.round(plateG.low / 10) * 10)} to ${sayGrams(Math.round(plateG.high / 10) * 10)} each, off the bone`;
  if (perFish <= 1) return `A fish for each plate: ${grams}.`;
  if (partsASide === 1) return `${wordFor(fish, 'Its two sides are', 'The sides are')} ${plates} plates: ${grams}.`;
  return `Cut each side across into ${partsASide} where the drawing shows it: ${grams}.`;
}

/** How a whole fish is taken apart at the table: the steps and the bones drawn on it, who gets what. Nothing of what is not served whole. */
export function TakeApart({
  summary,
  species,
  round,
}: {
  /** What the fold is called. */
  summary: string;
  species: Species;
  /** How it goes round the plates; left out: nobody asked. */
  round?: { readonly fish: number; readonly plates: number; readonly shares: SharedSides };
}) {
  const { figure } = species;
  const apart = useMemo(() => takeApart({ ...species, plan: figure.plan }), [species, figure]);
  const parts = round && round.shares.perFish > 1 ? round.shares.partsASide : 1;
  const drawings = useMemo(() => {
    if (!apart) return null;
    const across =
      parts > 1 && figure.plan !== 'ray'
        ? shareOut(
            figure,
            'sides',
            Array.from({ length: parts }, () => 1),
          )
            .slice(1)
            .map((p) => p.fromU)
        : [];
    const steps = apart.steps.flatMap((s, i) =>
      s.marks.filter((m) => m !== 'frame').map((mark) => ({ mark, text: String(i + 1) })),
    );
    const frame = apart.steps.findIndex((s) => s.marks.includes('frame'));
    return {
      steps: apartOverlay({
        marks: [
          // What lies under the lines is tinted first.
          ...steps.filter((m) => m.mark === 'halves'),
          ...steps.filter((m) => m.mark !== 'halves'),
          ...apart.bestMarks.map((mark) => ({ mark, text: null })),
        ],
        acrossU: across,
      }),
      // What the steps show already is not drawn again.
      bones:
        frame < 0
          ? null
          : apartOverlay({
              marks: [
                { mark: 'frame', text: String(frame + 1) },
                ...apart.bones.map(({ mark }, i) => ({ mark, text: LETTERS[i]! })),
              ],
            }),
    };
  }, [apart, figure, parts]);
  if (!apart || !drawings) return null;
  return (
    <details className="why-days take-apart">
      <summary>{summary}</summary>
      {round && <p>{sayShares(round.fish, round.plates, round.shares)}</p>}
      {apart.mind.map((say) => (
        <p key={say} className="alert alert-error">
          {say}
        </p>
      ))}
      <FigurePlate spec={figure} size={WIDE} options={{ apart: drawings.steps }} />
      <ol className="list-decimal pl-6">
        {apart.steps.map((s) => (
          <li key={s.say}>{s.say}</li>
        ))}
      </ol>
      {apart.bones.length > 0 && (
        <>
          {drawings.bones && <FigurePlate spec={figure} size={WIDE} options={{ apart: drawings.bones }} />}
          <ol className="list-[lower-alpha] pl-6">
            {apart.bones.map((b) => (
              <li key={b.mark}>{b.say}</li>
            ))}
          </ol>
        </>
      )}
      <p>{apart.best.join(' ')}</p>
    </details>
  );
}
