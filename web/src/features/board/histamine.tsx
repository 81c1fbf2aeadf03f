import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { type CutState, freshnessOfFish } from '@dagboek/journal';
import { sayFish, useNames } from '../../asked/names.ts';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { useBook } from '../../offline/journal-context.tsx';

/** The clock of histamine of what lies on the board, fish by fish. */
export function Histamine({ cut }: { cut: CutState }) {
  const { book } = useBook();
  const names = useNames();
  const asked = useAsked(useNow(60_000));
  return (
    <>
      {cut.fish.map((id) => {
        const fish = book.getAny('fish', id);
        const clock = freshnessOfFish(asked, id)?.histamine;
        return fish && <HistamineNote key={id} of={sayFish(fish, names)} clock={clock} />;
      })}
    </>
  );
}
