import { rulesAbout, sayAgainst } from '@dagboek/core/rules';
import { type FishState, placeIn } from '@dagboek/journal';
import { type Species } from '../../../asked/catalogue.ts';
import { useRules } from '../../../asked/names.ts';
import { useFormat } from '../../../asked/format.ts';
import { useBook } from '../../../offline/journal-context.tsx';
import { withArticle } from '../../../ui/names-in-text.ts';
import { units } from '../../../asked/units.ts';

/** What the name decides: the same fish against the minimum size of each of two species. Nothing where the rules treat them alike. */
export function WhatHangs({ fish, pair }: { fish: FishState; pair: readonly [Species, Species] }) {
  const rules = useRules();
  const { book } = useBook();
  const { day } = useFormat();
  const trip = book.get('trip', fish.trip);
  if (!rules || !trip) return null;
  const on = day(fish.landed.at);
  const { zone } = placeIn(rules, trip, fish.landed.at);
  const rows = pair.map((s) => ({ s, says: sayAgainst(rulesAbout(rules, s.id, zone, on), on, fish.length, units) }));
  if (rows[0]?.says === rows[1]?.says) return null;
  return (
    <section className="pt-2 mt-3.5 border-t-2 border-ink" aria-label="Why the name matters">
      <h4 className="font-bold text-m leading-[normal] font-head">
        Why the name matters{' '}
        {rules.sample && (
          <small className="font-normal text-cap leading-[normal] font-text">Made-up rules, not law</small>
        )}
      </h4>
      {rows.map(({ s, says }) => (
        <p key={s.id}>
          As {withArticle(s.name)}: <b>{says}</b>.
        </p>
      ))}
    </section>
  );
}
