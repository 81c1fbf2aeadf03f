import { isDangerous } from '@dagboek/core/harm';
import { alsoOnTheBoard, type CutState } from '@dagboek/journal';
import { useCatalogue } from '../../asked/catalogue.ts';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { useNow } from '../../ui/use-now.ts';

/** Other kinds that lie on the same board and can sting, shock or poison: a hand reaches past this fish too. */
export function OthersOnTheBoard({ cut }: { cut: CutState }) {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const now = useNow(60_000);
  return (
    <>
      {alsoOnTheBoard(book, cut, now)
        .flatMap((id) => byId(id) ?? [])
        .filter(isDangerous)
        .map((s) => (
          <HazardStrip key={s.id} hazards={s.hazards} of={`Also on the board, ${s.name}`} aid={s.id} />
        ))}
    </>
  );
}
