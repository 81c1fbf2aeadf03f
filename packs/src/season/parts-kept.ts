import { packName } from '@dagboek/core/larder';
import type { openTheBook } from './crew.ts';
import type { MadePack } from './kitchen.ts';
import { MIN, type Scribe } from './scribe.ts';

/** What was kept of the heads of some large fish, g: a pair of cheeks or of collars in a pack of its own, frozen with the fillets. */
export function partsKept(
  s: Scribe,
  tern: ReturnType<typeof openTheBook>,
  held: readonly MadePack[],
  nextNumber: () => number,
): void {
  const large = [...held].sort((a, b) => b.massG - a.massG);
  const parts = [
    { form: 'collars', share: 0.16 },
    { form: 'cheeks', share: 0.05 },
  ] as const;
  parts.forEach(({ form, share }, i) => {
    const pack = large[i];
    if (!pack) return;
    const atMs = pack.storedMs + (3 + i) * MIN;
    s.aside('pack.stored', s.besideId(atMs), atMs, tern.tomas, {
      number: nextNumber(),
      what: packName(pack.species.name, form, 2),
      species: pack.species.id,
      form,
      massG: Math.round(pack.massG * share),
      pieces: 2,
      wrapping: 'bag',
      place: 'freezer',
      fish: [...pack.fish],
    });
  });
}
