import type { FishState } from '@dagboek/journal';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Trouble } from '../../ui/trouble.tsx';

/** A fish noted as "turbot or brill": the mark that decides, and a key for each name, from a photograph or from memory. */
export function SettleName({ fish }: { fish: FishState }) {
  const { byId } = useCatalogue();
  const { write } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  const ids = [fish.species ?? '', ...fish.orElse];
  const species = ids.flatMap((id) => byId(id) ?? []);
  if (fish.orElse.length === 0 || species.length < 2) return null;
  const [first] = species;
  const marks = first?.lookalikes.filter((l) => fish.orElse.includes(l.id)) ?? [];
  const settle = async (id: string): Promise<void> => {
    const seen = Object.keys(fish.seen).length > 0 ? { seen: fish.seen } : {};
    const r = await write('fish.named', fish.id, { species: id, ...seen });
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <section className="settle" aria-label="Decide the species">
      <h2>Which was it?</h2>
      <p>
        Not identified yet, so the stricter rule was applied. {marks.map((m) => m.mark).join(' ')}{' '}
        <Link to={`/catalogue/compare?of=${ids.slice(0, 3).join(',')}`}>Side by side</Link>
      </p>
      <div className="keys">
        {species.map((s) => (
          <DeckKey
            key={s.id}
            mark={<FigureView spec={s.figure} size={64} plain />}
            name={s.name}
            note="saves the name; the old entry stays"
            onClick={() => void settle(s.id)}
          />
        ))}
      </div>
      <Trouble says={trouble} />
    </section>
  );
}
