import type { Stiffness, StiffNow } from '@dagboek/core/fresh';
import { type Asked, type FishState, freshnessOfFish, type Names } from '@dagboek/journal';
import { type Species } from '../../asked/catalogue.ts';
import { sayFish } from '../../asked/names.ts';
import { type Format } from '../../asked/format.ts';
import { sayStiff, STIFF_WHY } from '../../asked/stiff-words.ts';
import { HistamineNote } from '../../fish/histamine-note.tsx';

/** Of so many it is said when they are stiff; more would be a page of its own. */
const MOST_STIFF = 4;

/** What speaks against the fish that were chosen, and how stiff they are. */
export function BeforeTheKnife({
  waiting,
  chosen,
  names,
  asked,
  stiffOf,
  format,
}: {
  waiting: FishState[];
  chosen: string[];
  names: Names;
  asked: Asked<Species>;
  stiffOf: (id: string) => (Stiffness & { readonly now: StiffNow }) | null;
  format: Format;
}) {
  return (
    <>
      {waiting
        .filter((f) => chosen.includes(f.id))
        .map((f) => (
          <HistamineNote key={f.id} of={sayFish(f, names)} clock={freshnessOfFish(asked, f.id)?.histamine} />
        ))}
      {waiting
        .filter((f) => chosen.includes(f.id))
        .slice(0, MOST_STIFF)
        .map((f) => {
          const s = stiffOf(f.id);
          return (
            s && (
              <p key={f.id} className="hint">
                {sayFish(f, names)}: {sayStiff(s, format)} {STIFF_WHY}
              </p>
            )
          );
        })}
    </>
  );
}
