import { useCatalogue } from '../../kit/catalogue.ts';
import { isGrave } from '../../kit/hazards.ts';
import { WarningTriangle } from '../../kit/hazard-strip.tsx';
import type { Key } from './use-key.ts';

/** A candidate that can hurt counts from here on: danger outranks odds. */
const COUNTS = 0.05;

/** What it may be that stings or poisons, before it has a name. Nothing when nothing of the kind is possible. */
export function MayHurt({ keyed }: { keyed: Key }) {
  const { byId } = useCatalogue();
  const list = keyed.ranking.candidates.flatMap((c) => {
    const s = c.p >= COUNTS ? byId(c.id) : null;
    const hazards = s?.hazards.filter(isGrave) ?? [];
    return s && hazards.length > 0 ? [{ s, p: c.p, hazards }] : [];
  });
  if (list.length === 0) return null;
  const stings = list.some((x) => x.hazards.some((h) => h.kind === 'venomous'));
  return (
    <div className="hazard-strip" role="note" aria-label="Hazards">
      <WarningTriangle size={30} />
      <strong>{stings ? 'It may sting' : 'It may be poisonous'}</strong>
      <p>
        {list.map(({ s, p, hazards }) => (
          <span key={s.id}>
            {s.name} ({hazards.some((h) => h.kind === 'venomous') ? 'venomous' : 'poisonous to eat'}),{' '}
            {Math.round(p * 100)} in 100. <b>{hazards[0]?.grip}</b>{' '}
          </span>
        ))}
      </p>
    </div>
  );
}
