import { dinnersTogether, dishesOfFish, type Help, kitchenOf, recipeOf } from '@dagboek/journal';
import type { Recipe } from '@dagboek/core/recipes';
import { plural } from '../../asked/format.ts';
import { sayThickness } from '../../asked/units.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { NOT_COMPUTED, useJob } from '../../offline/workers/use-job.ts';
import { drawable } from '../../ui/known.ts';
import { inSentence } from '../../ui/names-in-text.ts';
import type { Dinner } from './use-dinner.ts';

const MIN_MS = 60_000;
/** Some twenty dinners are planned for it, ms. */
const LIMIT_MS = 40_000;

const nameOf = (h: Help): string =>
  h.does === 'slices'
    ? `Cut it in ${plural(h.pieces ?? 0, 'slice')} of ${sayThickness(h.mm ?? 0)}`
    : h.does === 'way'
      ? `${h.name ?? ''} instead`
      : h.does === 'without'
        ? `Without ${inSentence(h.name ?? '')}`
        : 'With one more cook';

const noteOf = (h: Help): string =>
  [
    h.of,
    h.cookMin === null ? null : `${Math.round(h.cookMin)} min on the heat`,
    h.lateMin === 0 ? 'on time' : `${plural(h.lateMin, 'minute')} late`,
  ]
    .filter((x) => x !== null)
    .join(', ');

/** What would make a dinner less late, each calculated to the end: taken with one tap. */
export function WhatHelps({
  dinner,
  lateMin,
  onFail,
}: {
  dinner: Dinner;
  lateMin: number;
  onFail: (why: string | null) => void;
}) {
  const { d, nowMs } = dinner;
  const { book } = useBook();
  const { writeAll } = useUndoWrite();
  const recipes = dishesOfFish(d).flatMap((x): [string, Recipe][] => {
    const recipe = recipeOf(book, x.recipe);
    return recipe ? [[x.id, recipe]] : [];
  });
  const told = useJob(
    'whatHelps',
    dinner.pale
      ? null
      : {
          d,
          together: dinnersTogether(book, d, nowMs),
          nowMs: Math.floor(nowMs / MIN_MS) * MIN_MS,
          kitchen: kitchenOf(book, d.kitchen),
          recipes: Object.fromEntries(recipes),
          lateMin,
        },
    LIMIT_MS,
  );
  // Another minute is asked anew: until it is told, what helped a minute ago stands, and helps still.
  const helps = drawable(told.answer)?.value ?? null;
  if (told.answer.state === 'failed') return <p role="status">{NOT_COMPUTED[told.answer.why]}</p>;
  if (!helps) return <p role="status">Calculating what would help.</p>;
  if (helps.length === 0) return null;
  return (
    <section aria-label="What would help">
      <h3 className="mt-4">What would help</h3>
      <div className="keys">
        {helps.map((h) => (
          <DeckKey
            key={nameOf(h)}
            name={nameOf(h)}
            note={noteOf(h)}
            again={nameOf(h)}
            onClick={() => void writeAll([h.line]).then((r) => onFail(r.ok ? null : r.why))}
          />
        ))}
      </div>
    </section>
  );
}
