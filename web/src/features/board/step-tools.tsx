import { type StepDue } from '@dagboek/core/cut';
import { tellHazards } from '@dagboek/core/harm';
import type { Hazard } from '@dagboek/core/species';
import { type CutState, lineOfStep, strikeLine, type Writing } from '@dagboek/journal';
import { type WriteResult } from '../../asked/use-write.ts';
import { StrikeMark } from '../../lines/deck-key.tsx';
import { Key } from '../../ui/key.tsx';
import { CAN_SPEAK, useAloud } from './use-aloud.ts';

/** Under a step: read aloud, struck again, something found. */
export function StepTools({
  setFinding,
  isNext,
  cut,
  step,
  sentence,
  hazards,
  writeAll,
  setTrouble,
}: {
  setFinding: (to: boolean) => void;
  isNext: boolean;
  cut: CutState;
  step: StepDue;
  sentence: string;
  hazards: Hazard[];
  writeAll: (list: readonly Writing[]) => Promise<WriteResult>;
  setTrouble: (to: string | null) => void;
}) {
  const noted = isNext ? null : lineOfStep(cut, step);
  const aloud = [
    sentence,
    step.how,
    step.spare && `Do not cut: ${step.spare}`,
    step.caution,
    ...tellHazards(hazards).map((t) => `${t.where} ${t.does ?? ''} ${t.grip ?? ''}`),
  ];
  const [spoken, setSpoken] = useAloud(aloud.filter(Boolean).join(' '));
  const strike = async (line: NonNullable<typeof noted>): Promise<void> => {
    const r = await writeAll([strikeLine(line, 'not done')]);
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <div className="flex flex-wrap items-center gap-y-1 gap-x-5">
      {CAN_SPEAK && (
        <label className="check">
          <input
            type="checkbox"
            className="checkbox"
            checked={spoken}
            onChange={(e) => {
              setSpoken(e.target.checked);
              // The pedal's next press goes on, and does not turn this off again.
              e.target.blur();
            }}
          />{' '}
          Read aloud
        </label>
      )}
      {noted && (
        <Key
          small
          mark={<StrikeMark />}
          name="Cross it out"
          note="the step was not done"
          onClick={() => void strike(noted)}
        />
      )}
      <Key small name="Found something" note="worms, roe, a cut gut" onClick={() => setFinding(true)} />
      <small>Space bar or pedal: next step. Left arrow: back.</small>
    </div>
  );
}
