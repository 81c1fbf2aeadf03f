import { isGrave, worstHazard } from '@dagboek/core/harm';
import { WARNS_FROM } from '@dagboek/core/key';
import type { HazardKind } from '@dagboek/core/species';
import { useCatalogue } from '../../../asked/catalogue.ts';
import { WarningTriangle } from '../../../fish/hazard-strip.tsx';
import type { Key } from './use-key.ts';

const WORDS: Readonly<Partial<Record<HazardKind, readonly [headline: string, brief: string]>>> = {
  venomous: ['May sting', 'venomous'],
  electric: ['May give an electric shock', 'shocks'],
  poison: ['May be poisonous', 'poisonous to eat'],
};
/** So many are named; the others are counted. */
const NAMED = 4;

/** What it may be that stings, shocks or poisons, before it has a name. Nothing when nothing of the kind is possible. */
export function MayHurt({ keyed }: { keyed: Key }) {
  const { byId } = useCatalogue();
  const list = keyed.ranking.candidates.flatMap((c) => {
    const s = c.p >= WARNS_FROM ? byId(c.id) : null;
    const worst = worstHazard(s?.hazards.filter(isGrave) ?? []);
    return s && worst ? [{ s, p: c.p, worst }] : [];
  });
  const gravest = worstHazard(list.map((x) => x.worst));
  if (!gravest) return null;
  const more = list.length - NAMED;
  return (
    <div className="hazard-strip mt-2.5" role="note" aria-label="Hazards">
      <WarningTriangle size={30} />
      <strong className="font-bold text-[1.1875rem] leading-[normal] font-head">{WORDS[gravest.kind]?.[0]}</strong>
      <p className="leading-[1.3] text-[1rem] max-tablet:col-span-full max-tablet:text-[0.9375rem]">
        {list.slice(0, NAMED).map(({ s, p, worst }) => (
          <span key={s.id}>
            {s.name} ({WORDS[worst.kind]?.[1]}), {Math.max(1, Math.round(p * 100))} %.{' '}
            <b className="font-semibold">{worst.grip}</b>{' '}
          </span>
        ))}
        {more > 0 && <span>And {more} more that can hurt: do not hold it by any fin until it is identified.</span>}
      </p>
    </div>
  );
}
