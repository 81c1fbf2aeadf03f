import { type FishState, GEARS } from '@dagboek/journal';
import { useState } from 'react';
import { useWrite } from '../kit/journal/use-write.ts';
import { Chips, plain } from '../kit/ui/chips.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';

/** A rule asks how the fish was caught: answered here, it corrects the line of its landing, which stays readable. */
export function AskGear({ fish }: { fish: FishState }) {
  const { write } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  const line = fish.log.find((l) => l.first.kind === 'fish.landed' && !l.struck);
  if (!line) return null;
  const say = async (gear: (typeof GEARS)[number]): Promise<void> => {
    const r = await write('fish.landed', fish.id, { ...line.now.facts, gear } as never, {
      amends: line.now.id,
      atMs: Date.parse(line.now.at),
      because: 'asked by a rule',
    });
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <div className="asks">
      <Chips label="Caught with" options={plain(GEARS)} value={fish.gear} onChange={(g) => void say(g)} />
      <Trouble says={trouble} />
    </div>
  );
}
