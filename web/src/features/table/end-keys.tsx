import type { DishAsked } from '@dagboek/core/cook';
import { type DinnerDish, dishesToServe, looksOf, probedDish, serveDishes } from '@dagboek/journal';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { DeckKey } from '../../lines/deck-key.tsx';
import { newId } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Chips, ManyChips, plain } from '../../ui/chips.tsx';
import { useJob } from '../../offline/workers/use-job.ts';
import type { Dinner } from './use-dinner.ts';

type OnFail = (why: string | null) => void;

/** It is served, one dish of fish after the other, or it is given up. */
export function EndKeys({ dinner, onFail }: { dinner: Dinner; onFail: OnFail }) {
  const { d } = dinner;
  const { book } = useBook();
  const navigate = useNavigate();
  const { writeAll } = useUndoWrite();
  const [which, setWhich] = useState<string | null>(null);
  const toServe = dishesToServe(book, d);
  const dish = toServe.find((x) => x.id === which) ?? toServe[0] ?? null;
  return (
    <>
      {toServe.length > 1 && (
        <Chips
          label="Next on the table"
          options={toServe.map((x) => ({ value: x.id, text: x.name }))}
          value={dish!.id}
          onChange={setWhich}
        />
      )}
      {dish && <ServeDish key={dish.id} dinner={dinner} dish={dish} last={toServe.length === 1} onFail={onFail} />}
      <div className="keys ruled pt-3 mt-4 border-t border-rule-2">
        <DeckKey
          name={toServe.length > 0 && dinner.served.length > 0 ? 'Nothing more of it' : 'Cancel this dinner'}
          note={dinner.served.length > 0 ? 'what was not served stays in the larder' : 'the packs stay in the larder'}
          onClick={() => {
            const meal = dinner.served.at(-1)?.meal.id;
            const facts = meal === undefined ? {} : { meal };
            void writeAll([{ kind: 'dinner.ended', subject: d.id, facts }]).then((r) =>
              r.ok ? void navigate('/table') : onFail(r.why),
            );
          }}
        />
      </div>
    </>
  );
}

/** A dish comes to the table: with the last of them the dinner is over. */
function ServeDish({
  dinner,
  dish,
  last,
  onFail,
}: {
  dinner: Dinner;
  dish: DinnerDish;
  last: boolean;
  onFail: OnFail;
}) {
  const { d, nowMs } = dinner;
  const navigate = useNavigate();
  const { writeAll } = useUndoWrite();
  const [cues, setCues] = useState<string[]>([]);
  // A second tap serves nothing twice: the meal is this one.
  const [meal] = useState(newId);
  const told = useJob('reckonDish', dish.fire as unknown as DishAsked | null);
  const looks = looksOf(dish);
  const serve = async (): Promise<void> => {
    const probed = probedDish(d, dish, await told.wait(), nowMs);
    if (dinner.gone.length > 0) return onFail(dinner.gone.join(' '));
    const r = await writeAll(serveDishes(d, [{ dish, meal, probed, cues }], last));
    onFail(r.ok ? null : r.why);
    if (r.ok && last) void navigate(`/table/${meal}`);
  };
  return (
    <>
      {looks.length > 0 && <ManyChips label="Seen" options={plain(looks)} values={cues} onChange={setCues} />}
      <div className="keys pt-3">
        <DeckKey
          name="Served"
          note={last ? 'saves the meal; ratings come next' : `${dish.name}; the next dish follows`}
          again={dish.id}
          onClick={() => void serve()}
        />
      </div>
    </>
  );
}
