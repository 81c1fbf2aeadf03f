import type { DishAsked } from '@dagboek/core/cook';
import { dishOfFish, looksOf, probedDish, serveDinner } from '@dagboek/journal';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { DeckKey } from '../../lines/deck-key.tsx';
import { newId } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { ManyChips, plain } from '../../ui/chips.tsx';
import { useJob } from '../../offline/workers/use-job.ts';
import type { Dinner } from './use-dinner.ts';

/** It is served, or it is given up. */
export function EndKeys({ dinner, onFail }: { dinner: Dinner; onFail: (why: string | null) => void }) {
  const { d, nowMs } = dinner;
  const navigate = useNavigate();
  const { writeAll } = useUndoWrite();
  const [cues, setCues] = useState<string[]>([]);
  // A second tap serves nothing twice: the meal is this one.
  const [meal] = useState(newId);
  const dish = dishOfFish(d);
  const told = useJob('reckonDish', (dish?.fire ?? null) as unknown as DishAsked | null);
  const looks = looksOf(d);
  const serve = async (): Promise<void> => {
    const lines = serveDinner(d, meal, dish && probedDish(d, dish, await told.wait(), nowMs), cues);
    if (dinner.gone.length > 0) return onFail(dinner.gone.join(' '));
    if (!lines) return onFail('No pack was chosen for this meal.');
    const r = await writeAll(lines);
    if (r.ok) void navigate(`/table/${meal}`);
    else onFail(r.why);
  };
  return (
    <>
      {looks.length > 0 && <ManyChips label="Seen" options={plain(looks)} values={cues} onChange={setCues} />}
      <div className="keys ruled pt-3 mt-4 border-t border-rule-2">
        <DeckKey name="Served" note="saves the meal; ratings come next" onClick={() => void serve()} />
        <DeckKey
          name="Cancel this dinner"
          note="the packs stay in the larder"
          onClick={() =>
            void writeAll([{ kind: 'dinner.ended', subject: d.id, facts: {} }]).then((r) =>
              r.ok ? void navigate('/table') : onFail(r.why),
            )
          }
        />
      </div>
    </>
  );
}
