import { useState } from 'react';
import { applyHand, HANDS, keptHand } from '../ui/hand.ts';
import { Chips, plain } from '../ui/chips.tsx';

/** The hand that holds the phone. */
export function ChooseHand() {
  const [hand, setHand] = useState(keptHand);
  return (
    <>
      <h2>Hand</h2>
      <p>Which thumb presses the keys at the bottom of the deck, on this device.</p>
      <Chips
        label="Hand"
        hideLabel
        options={plain(HANDS)}
        value={hand}
        onChange={(h) => {
          applyHand(h);
          setHand(h);
        }}
      />
    </>
  );
}
