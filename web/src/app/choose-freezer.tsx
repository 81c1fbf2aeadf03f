import { useState } from 'react';
import { Quantity } from '../kit/ui/quantity.tsx';
import { inField, typedAmount } from '../kit/units.ts';
import { useKept } from '../kit/use-kept.ts';

/** How much the freezer holds: what *fish for the freezer* goes by on the Deck. Kept as it is typed. */
export function ChooseFreezer() {
  const [litres, setLitres] = useKept('freezer-litres', 0);
  const [text, setText] = useState(litres > 0 ? inField('volume', litres) : '');
  return (
    <>
      <h2 id="freezer">The freezer</h2>
      <p>
        What it holds when it is empty, for fish. The Deck then says how many plates still go in, when you fish for it.
      </p>
      <Quantity
        label="Room in it"
        amount="volume"
        value={text}
        onChange={(t) => {
          setText(t);
          const read = typedAmount('volume', t);
          if (read === null) setLitres(0);
          else if (read.value > 0 && read.value <= 2000) setLitres(read.value);
        }}
      />
    </>
  );
}
