import { isGrave, worstHazard } from '@dagboek/core/harm';
import { type Species } from '../../asked/catalogue.ts';

/** What stings, shocks or poisons in a zone, and how it is held. */
export function HurtsHere({ all, livesHere }: { all: readonly Species[]; livesHere: (id: string) => boolean }) {
  // All that live here, ruled or not, also where nothing may be kept: a sting asks for no licence.
  const hurts = all.flatMap((s) => {
    const worst = worstHazard(s.hazards.filter(isGrave));
    return worst && livesHere(s.id) ? [{ id: s.id, name: s.name, worst }] : [];
  });
  return (
    <>
      {hurts.length > 0 && (
        <>
          <h2>Stinging, shocking or poisonous species here</h2>
          <ul className="list-none">
            {hurts.map((h) => (
              <li className="py-[3px] px-0 border-b border-[#ccc]" key={h.id}>
                <b>{h.name}</b> ({h.worst.kind}). {h.worst.does} {h.worst.grip}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
