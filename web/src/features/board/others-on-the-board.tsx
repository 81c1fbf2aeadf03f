import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { isDangerous } from '@dagboek/core/harm';
import { alsoOnTheBoard, type CutState } from '@dagboek/journal';
import { useCatalogue } from '../../asked/catalogue.ts';
import { HazardStrip } from '../../fish/hazard-strip.tsx';

/** Other kinds that lie on the same board and can sting, shock or poison: a hand reaches past this fish too. */
export function OthersOnTheBoard({ cut }: { cut: CutState }) {
  const { byId } = useCatalogue();
  const asked = useAsked(useNow(60_000));
  return (
    <>
      {alsoOnTheBoard(asked, cut)
        .flatMap((id) => byId(id) ?? [])
        .filter(isDangerous)
        .map((s) => (
          <HazardStrip key={s.id} hazards={s.hazards} of={`Also on the board, ${s.name}`} aid={s.id} />
        ))}
    </>
  );
}
