import { NONE, whyFell } from '@dagboek/core/key';
import { useCatalogue } from '../../../asked/catalogue.ts';
import { capital } from '../../../ui/names-in-text.ts';
import { stateWords } from '../../../asked/state-words.ts';
import type { Key } from './use-key.ts';

/** Counted as out of it below this; worth a word when it stood at or above `STOOD` once. */
const OUT = 0.01;
const STOOD = 0.02;
const SHOWN = 3;

/** Those that fell out of the race, and for which answer. */
export function FellList({ keyed }: { keyed: Key }) {
  const { byId } = useCatalogue();
  const { table, ranking, start, answers } = keyed;
  const best = ranking.candidates[0];
  if (!best || Object.keys(answers).length === 0) return null;
  const now = new Map(ranking.candidates.map((c) => [c.id, c.p]));
  const out = start.candidates.filter((c) => c.id !== NONE && (now.get(c.id) ?? 0) < OUT);
  const told = out
    .filter((c) => c.p >= STOOD && c.id !== best.id)
    .flatMap((c) => {
      const species = byId(c.id);
      const why = whyFell(table, c.id, best.id, answers);
      return species && why ? [{ c, species, why }] : [];
    })
    .slice(0, SHOWN);
  const rest = out.length - told.length;
  const share = out.reduce((sum, c) => sum + (now.get(c.id) ?? 0), 0);
  if (out.length === 0) return null;
  return (
    <section className="pt-2 mt-3.5 border-t-2 border-ink" aria-label="Ruled out">
      <h4 className="font-bold text-m leading-[normal] font-head">Ruled out</h4>
      <ul className="mx-0 mt-1 mb-0 list-none block!">
        {told.map(({ c, species, why }) => (
          <li className="mb-1.5 leading-[1.3]" key={c.id}>
            <b>
              {species.name}: from {Math.round(c.p * 100)} % to {Math.round((now.get(c.id) ?? 0) * 100)} %.
            </b>{' '}
            {capital(why.trait.name ?? why.trait.question)}: you answered “
            {why.trait.states.find((s) => s.id === why.stateId)?.words}”; this species has “
            {stateWords(species, why.trait)}
            ”.
          </li>
        ))}
        {rest > 0 && (
          <li className="mb-1.5 leading-[1.3]">
            {told.length > 0 ? `${rest} others` : `${rest} species`},{' '}
            {share < 0.005 ? 'less than 1' : Math.round(share * 100)} % together.
          </li>
        )}
      </ul>
    </section>
  );
}
