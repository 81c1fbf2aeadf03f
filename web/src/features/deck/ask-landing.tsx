import type { RulePack } from '@dagboek/core/rules';
import { type FishState, GEARS, ORIGINS } from '@dagboek/journal';
import { useState } from 'react';
import { useWrite } from '../../asked/use-write.ts';
import { Chips, plain } from '../../ui/chips.tsx';
import { Trouble } from '../../ui/trouble.tsx';

/** A fact of the landing that a rule asks for: answered here, it corrects the line of the landing, which stays readable. */
function AskOfLanding<T extends string>({
  fish,
  fact,
  label,
  options,
  because,
}: {
  fish: FishState;
  fact: 'gear' | 'origin';
  label: string;
  options: readonly T[];
  because: string;
}) {
  const { amend } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  const say = async (value: T): Promise<void> => {
    const r = await amend(fish, 'fish.landed', { [fact]: value }, { because });
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <>
      <Chips label={label} options={plain(options)} value={fish[fact] as T | null} onChange={(v) => void say(v)} />
      <Trouble says={trouble} />
    </>
  );
}

/** How it was caught, where a rule asks. */
export const AskGear = ({ fish }: { fish: FishState }) => (
  <div className="alert alert-warning">
    <AskOfLanding fish={fish} fact="gear" label="Caught with" options={GEARS} because="asked by a rule" />
  </div>
);

/** Whether where a fish comes from decides anything: some rule takes others away for stocked or farmed ones of its kind. */
export const originMatters = (rules: RulePack | null, speciesId: string): boolean =>
  (rules?.rules ?? []).some(
    (r) =>
      r.kind === 'exemption' && r.origin !== undefined && (r.species.length === 0 || r.species.includes(speciesId)),
  );

/** Wild or stocked, where a rule makes a difference. */
export const AskOrigin = ({ fish }: { fish: FishState }) => (
  <div className="asks-origin">
    <AskOfLanding fish={fish} fact="origin" label="It is" options={ORIGINS} because="a rule differs by it" />
    {fish.origin === null && <p className="hint">Not answered: it is judged as wild, which is stricter.</p>}
  </div>
);
