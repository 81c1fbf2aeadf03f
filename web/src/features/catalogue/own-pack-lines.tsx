import type { PackDone } from './pack-done.ts';
import { type Writing } from '@dagboek/journal';
import { Link } from 'react-router';
import { plural } from '../../asked/format.ts';
import { type WriteResult } from '../../asked/use-write.ts';
import { LineKey } from '../../ui/key.tsx';
import { saveFile } from '../../ui/save-file.ts';
import { type OwnPack, takeBack } from './own-packs.ts';

/** The packs of your own: their species, each saved as a file, or taken back. */
export function OwnPackLines({
  own,
  inUse,
  setDone,
  setTrouble,
  writeAll,
}: {
  own: OwnPack[];
  inUse: Record<string, number>;
  setDone: (to: PackDone | null) => void;
  setTrouble: (to: string | null) => void;
  writeAll: (list: readonly Writing[]) => Promise<WriteResult>;
}) {
  const back = async (pack: OwnPack): Promise<void> => {
    setDone(null);
    const writings = takeBack(pack, inUse);
    if (typeof writings === 'string') return setTrouble(writings);
    const r = await writeAll(writings);
    if (!r.ok) return setTrouble(r.why);
    setTrouble(null);
    // Struck lines stand again when the same species are written anew.
    const undo = pack.species.map((s): Writing => ({
      kind: 'species.added',
      subject: s.state.id,
      facts: { pack: pack.id, packName: pack.name, species: s.file },
    }));
    setDone({
      says: `“${pack.name}” is removed: ${plural(pack.species.length, 'species', 'species')} removed from the catalogue.`,
      undo,
    });
  };
  return (
    <>
      {own.map((p) => (
        <li className="flex flex-wrap gap-y-1 gap-x-3.5 items-center" key={p.id}>
          <span className="flex-1 min-w-55">
            <b>{p.name}</b>
            <small>
              {p.species.map((s, i) => (
                <span key={s.file.id}>
                  {i > 0 && ', '}
                  <Link to={`/catalogue/${s.file.id}`}>{s.file.name}</Link>
                  {inUse[s.file.id] ? ` (${inUse[s.file.id]} in the log)` : ''}
                </span>
              ))}
            </small>
          </span>
          <LineKey
            aria-label={`Save ${p.name} as a file`}
            onClick={() =>
              saveFile(
                `${p.id}.json`,
                JSON.stringify(
                  {
                    id: p.id,
                    name: p.name,
                    about: `${p.name}, saved from the book.`,
                    species: p.species.map((s) => s.file),
                  },
                  null,
                  2,
                ),
                'application/json',
              )
            }
          >
            Save as a file
          </LineKey>
          <LineKey aria-label={`Remove ${p.name}`} onClick={() => void back(p)}>
            Remove it
          </LineKey>
        </li>
      ))}
    </>
  );
}
