import { useState } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useCrew } from '../../asked/crew.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Trouble } from '../../ui/trouble.tsx';

const PLATES = ['0.25', '0.5', '0.75', '1', '1.25', '1.5', '2'];
const SAYS = ['eats it', 'rather not', 'must not'] as const;
type Says = (typeof SAYS)[number];

/** How much each of the house eats, and what not; written in their name. */
export function EatsDialog({ onClose }: { onClose: () => void }) {
  const { members } = useCrew();
  const [who, setWho] = useState(members[0]?.id ?? '');
  return (
    <Dialog title="Who eats what" open onClose={onClose}>
      <Chips label="Who" options={members.map((m) => ({ value: m.id, text: m.name }))} value={who} onChange={setWho} />
      {who !== '' && <Eats key={who} member={who} onDone={onClose} />}
    </Dialog>
  );
}

function Eats({ member, onDone }: { member: string; onDone: () => void }) {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const { write } = useWrite();
  const eats = book.get('member', member)?.eats ?? null;
  const [plates, setPlates] = useState(String(eats?.plates ?? 1));
  // What was corrected by hand may stand in no list.
  const offered = [...new Set([...PLATES, plates])].sort((a, b) => Number(a) - Number(b));
  const [atRisk, setAtRisk] = useState(eats?.atRisk ?? false);
  const [noFish, setNoFish] = useState(eats?.noFish ?? false);
  const [says, setSays] = useState<Readonly<Record<string, Says>>>(() => ({
    ...Object.fromEntries((eats?.dislikes ?? []).map((id) => [id, 'rather not' as const])),
    ...Object.fromEntries((eats?.allergic ?? []).map((id) => [id, 'must not' as const])),
  }));
  const [trouble, setTrouble] = useState<string | null>(null);
  // The kinds that lie in the larder, and those of which something was said before.
  const kinds = [...new Set([...book.packsWithFood().map((p) => p.species), ...Object.keys(says)])]
    .map((id) => ({ id, name: byId(id)?.name ?? id.replace(/-/g, ' ') }))
    .sort((a, b) => a.name.localeCompare(b.name));
  const of = (what: Says): string[] => Object.keys(says).filter((id) => says[id] === what);
  const keep = async (): Promise<void> => {
    const r = await write('member.eats', member, {
      plates: Number(plates),
      dislikes: of('rather not'),
      allergic: of('must not'),
      atRisk,
      noFish,
    });
    if (r.ok) onDone();
    else setTrouble(r.why);
  };
  return (
    <>
      <Chips label="Plates per meal" options={plain(offered)} value={plates} onChange={setPlates} />
      <label className="check">
        <input type="checkbox" className="checkbox" checked={atRisk} onChange={(e) => setAtRisk(e.target.checked)} />
        Pregnant, a small child, old, or with a weak immune system: nothing raw, cured or smoked at home, nothing with
        much mercury
      </label>
      <label className="check">
        <input type="checkbox" className="checkbox" checked={noFish} onChange={(e) => setNoFish(e.target.checked)} />
        No fish at all. Someone allergic to one fish is often allergic to all.
      </label>
      <ul className="plain-list overflow-auto max-h-[40vh]">
        {kinds.map((k) => (
          <li className="gap-3 flex justify-between items-center" key={k.id}>
            <label htmlFor={`eats-${k.id}`}>{k.name}</label>
            <select
              id={`eats-${k.id}`}
              className="select min-h-11 w-auto"
              value={says[k.id] ?? 'eats it'}
              onChange={(e) => setSays({ ...says, [k.id]: e.target.value as Says })}
            >
              {SAYS.map((s) => (
                <option key={s}>{s}</option>
              ))}
            </select>
          </li>
        ))}
      </ul>
      <p className="hint">
        An allergy is a matter for a doctor. Fish is then not planned for days when they eat at home, and a warning
        appears when a meal is noted.
      </p>
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act name="Noted" note="applies from the next plan" onClick={() => void keep()} />
      </div>
    </>
  );
}
