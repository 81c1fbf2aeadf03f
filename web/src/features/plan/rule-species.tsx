import { useMemo, useState } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { speciesFinder } from '../../asked/find-species.ts';
import { SearchField } from '../../ui/search-field.tsx';
import { Key, LineKey } from '../../ui/key.tsx';

/** The species a rule is for: found by a word, added, left out again. */
export function SpeciesOfRule({
  species,
  onSpecies,
}: {
  species: readonly string[];
  onSpecies: (ids: string[]) => void;
}) {
  const { all } = useCatalogue();
  const names = useNames();
  const [word, setWord] = useState('');
  const finder = useMemo(() => speciesFinder(all), [all]);
  const found =
    word.trim().length > 1
      ? finder(word)
          .filter((f) => !species.includes(f.species.id))
          .slice(0, 5)
      : [];
  return (
    <>
      <SearchField label="For which species; none means all species" value={word} onChange={setWord} />
      <div className="mt-2 gap-2 flex flex-wrap">
        {found.map((f) => (
          <Key
            key={f.species.id}
            small
            name={`Add ${f.species.name}`}
            onClick={() => (onSpecies([...species, f.species.id]), setWord(''))}
          />
        ))}
        {species.map((id) => (
          <LineKey
            key={id}
            aria-label={`Leave out ${names.species(id)}`}
            onClick={() => onSpecies(species.filter((x) => x !== id))}
          >
            {names.species(id)} ×
          </LineKey>
        ))}
      </div>
    </>
  );
}
