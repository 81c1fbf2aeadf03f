import type { RulePack } from '@dagboek/core/rules';
import { type FishState, ORIGINS } from '@dagboek/journal';
import { useState } from 'react';
import { useWrite } from '../kit/journal/use-write.ts';
import { Chips, plain } from '../kit/ui/chips.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';

/** Whether where a fish comes from decides anything: some rule takes others away for stocked or farmed ones of its kind. */
export const originMatters = (rules: RulePack | null, speciesId: string): boolean =>
  (rules?.rules ?? []).some(
    (r) =>
      r.kind === 'exemption' && r.origin !== undefined && (r.species.length === 0 || r.species.includes(speciesId)),
  );

/** Wild or stocked, where a rule makes a difference: said here, it corrects the line of the landing, which stays readable. */
export function AskOrigin({ fish }: { fish: FishState }) {
  const { write } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  const line = fish.log.find((l) => l.first.kind === 'fish.landed' && !l.struck);
  if (!line) return null;
  const say = async (origin: (typeof ORIGINS)[number]): Promise<void> => {
    const r = await write('fish.landed', fish.id, { ...line.now.facts, origin } as never, {
      amends: line.now.id,
      atMs: Date.parse(line.now.at),
      because: 'a rule differs by it',
    });
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <div className="asks-origin">
      <Chips label="It is" options={plain(ORIGINS)} value={fish.origin} onChange={(o) => void say(o)} />
      {fish.origin === null && <p className="hint">Not said: it is judged as wild, which is the stricter.</p>}
      <Trouble says={trouble} />
    </div>
  );
}
