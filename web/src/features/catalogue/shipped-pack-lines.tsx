import { type PackAbout, type Species, writeTraitMatrix } from '@dagboek/catalogue';
import type { Trait } from '@dagboek/core/key';
import { plural } from '../../asked/format.ts';
import { LineKey } from '../../ui/key.tsx';
import { saveFile } from '../../ui/save-file.ts';

/** The packs that ship: how many species each has, and its traits as CSV. */
export function ShippedPackLines({
  packs,
  shipped,
  traits,
}: {
  packs: readonly PackAbout[];
  shipped: readonly Species[];
  traits: readonly Trait[];
}) {
  return (
    <>
      {packs.map((p) => {
        const species = shipped.filter((s) => s.pack === p.id);
        return (
          <li className="flex flex-wrap gap-y-1 gap-x-3.5 items-center" key={p.id}>
            <span className="flex-1 min-w-55">
              <b>{p.name}</b>, {plural(species.length, 'species', 'species')}
              <small>{p.about}</small>
            </span>
            <LineKey
              aria-label={`Save the traits of ${p.name} as CSV`}
              onClick={() => saveFile(`${p.id}-traits.csv`, writeTraitMatrix(species, traits), 'text/csv')}
            >
              Traits as CSV
            </LineKey>
          </li>
        );
      })}
    </>
  );
}
