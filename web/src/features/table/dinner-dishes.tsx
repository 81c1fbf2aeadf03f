import { type DinnerDish, dishesOfFish, dishesToServe, dishOfStep, sharedFish, stepIs } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useMemo } from 'react';
import { useAsked } from '../../asked/asked.ts';
import { useFormat } from '../../asked/format.ts';
import { sayGrams } from '../../asked/units.ts';
import { Row } from '../../frame/page.tsx';
import { KeyLink, LineKey } from '../../ui/key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { DishMark } from './dish-mark.tsx';
import { SharedFishView } from './shared-fish-view.tsx';
import type { Dinner } from './use-dinner.ts';

const MIN_MS = 60_000;
/** A course is moved by so much at a time, min. */
const STEP_MIN = 5;

/** The dishes of a dinner: the hour of each course, how one fish is shared out between them, and one more. */
export function DinnerDishes({ dinner, onFail }: { dinner: Dinner; onFail: (why: string | null) => void }) {
  const { d, nowMs } = dinner;
  const asked = useAsked(Math.floor(nowMs / MIN_MS) * MIN_MS);
  const { write } = useUndoWrite();
  const shared = useMemo(() => sharedFish(asked, d), [asked, d]);
  const fish = dishesOfFish(d);
  const toServe = new Set(dishesToServe(asked.book, d).map((x) => x.id));
  const many = fish.length > 1 || dinner.courses.length > 1;
  const act = (p: Promise<{ ok: true } | { ok: false; why: string }>): void =>
    void p.then((r) => onFail(r.ok ? null : r.why));
  const move = (dish: DinnerDish, by: number): void => {
    const moved = { ...dish, servedMin: (dish.servedMin ?? 0) + by };
    const tasks = d.tasks.filter((t) => dishOfStep(t.id) === dish.id);
    act(write('dinner.dishes', d.id, { dishes: [moved], tasks }));
  };
  return (
    <Row className="pad">
      {many && <h2>Dishes</h2>}
      {many &&
        d.dishes.map((x, i) => (
          <DishLine
            key={x.id}
            dinner={dinner}
            dish={x}
            n={i}
            served={x.packs.length > 0 && !toServe.has(x.id)}
            onMove={(by) => move(x, by)}
            onWithout={() => act(write('dinner.without', d.id, { dish: x.id }))}
          />
        ))}
      {shared.map((s) => (
        <section key={s.pack.id} className="mt-3" aria-label={`How ${s.pack.what} is shared out`}>
          <h3>How {s.pack.what} is shared out</h3>
          <SharedFishView
            shared={s}
            nameOf={(id) => fish.find((x) => x.id === id)?.name ?? ''}
            numberOf={(id) => String(fish.findIndex((x) => x.id === id) + 1)}
          />
        </section>
      ))}
      <div className="keys">
        <KeyLink
          small
          to={`/table/new?dinner=${d.id}`}
          name="Another dish of fish"
          note="from a part of it, or another pack"
        />
      </div>
    </Row>
  );
}

/** A dish, what it is made of and when it is served: earlier, later, or left out while nothing of it was begun. */
function DishLine({
  dinner,
  dish,
  n,
  served,
  onMove,
  onWithout,
}: {
  dinner: Dinner;
  dish: DinnerDish;
  n: number;
  served: boolean;
  onMove: (min: number) => void;
  onWithout: () => void;
}) {
  const { time, zone } = useFormat();
  const { d } = dinner;
  const servedMs = dinner.courses.find((c) => c.dishes.includes(dish))?.servedMs ?? dinner.servedMs;
  const begun = d.tasks.some((t) => dishOfStep(t.id) === dish.id && stepIs(d, t.id) !== 'to come');
  return (
    <div className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1.5">
      <DishMark n={n} height={30} />
      <p className="min-w-0 flex-1 basis-44">
        <b>{dish.name}</b>{' '}
        <small className="block text-ink-2">
          {dish.packs.length > 0 && `${sayGrams(Math.round(dish.packs.reduce((g, p) => g + p.massG, 0)))}, `}
          {served ? 'served' : `served at ${time(stamp(servedMs, zone))}`}
        </small>
      </p>
      {!served && (
        <span className="flex flex-wrap gap-x-3">
          <LineKey aria-label={`${dish.name}: ${STEP_MIN} min earlier`} onClick={() => onMove(-STEP_MIN)}>
            earlier
          </LineKey>
          <LineKey aria-label={`${dish.name}: ${STEP_MIN} min later`} onClick={() => onMove(STEP_MIN)}>
            later
          </LineKey>
          {!begun && d.dishes.length > 1 && (
            <LineKey aria-label={`Leave out ${dish.name}`} onClick={onWithout}>
              leave out
            </LineKey>
          )}
        </span>
      )}
    </div>
  );
}
