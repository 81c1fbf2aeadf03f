import { dishesOfFish, dishesToServe, type DinnerState } from '@dagboek/journal';
import { sayDay, stamp } from '@dagboek/core/time';
import { useState } from 'react';
import { useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { useNames } from '../../asked/names.ts';
import { plural, sayAll, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { LineKey } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { NOT_COMPUTED } from '../../offline/workers/use-job.ts';
import { AsItWent } from './as-it-went.tsx';
import { AtTheTable } from './at-the-table.tsx';
import { CookedTogether } from './cooked-together.tsx';
import { DinnerDishes } from './dinner-dishes.tsx';
import { DinnerFish } from './dinner-fish.tsx';
import { DinnerGrid } from './dinner-grid.tsx';
import { DinnerSteps } from './dinner-steps.tsx';
import { DishMark } from './dish-mark.tsx';
import { EndKeys } from './end-keys.tsx';
import { Late, NowAndNext } from './now-and-next.tsx';
import { ToBuy } from './to-buy.tsx';
import { useDinner } from './use-dinner.ts';

/** A dinner: planned back from the hour, cooked step by step, planned anew when it slips. */
export function DinnerPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const d = book.getAny('dinner', id);
  return d ? <TheDinner d={d} /> : <MissingPage />;
}

function TheDinner({ d }: { d: DinnerState }) {
  const dinner = useDinner(d);
  const { book } = useBook();
  const names = useNames();
  const { day, time, zone } = useFormat();
  const [trouble, setTrouble] = useState<string | null>(null);
  const heads = d.eaters.length + d.guests;
  const fish = dishesOfFish(d);
  const main = fish[0] ?? d.dishes[0]!;
  const toServe = dishesToServe(book, d);
  // What is shared out is seen before the first step; of one dish alone nothing is.
  const severalDishes = fish.length > 1 || dinner.courses.length > 1;
  const hours = dinner.courses.map((c) => stamp(c.servedMs, zone));
  const { plan, told } = dinner;
  return (
    <Page
      title={main.name}
      first={{ label: 'Plates', value: heads }}
      cells={[
        { label: 'Served', value: `${sayDay(day(hours[0]!))}, ${sayAll(hours.map(time))}` },
        { label: 'Cook', value: names.member(d.cook) },
        {
          label: 'Dishes',
          value: (
            <span className="flex flex-wrap gap-y-0.5 gap-x-4.5">
              {d.dishes.map((x, i) => (
                <span className="gap-1.5 inline-flex items-center" key={x.id}>
                  <DishMark n={i} height={16} /> {x.name}
                </span>
              ))}
            </span>
          ),
        },
      ]}
    >
      <div className={`with-margin wide dinner${dinner.pale ? ' replanned' : ''}`} aria-busy={dinner.pale || undefined}>
        <div>
          {d.ended ? (
            <AsItWent d={d} />
          ) : (
            <>
              {!plan && (
                <Row className="pad">
                  <p role="status">
                    {told.answer.state === 'failed' ? (
                      <>
                        {NOT_COMPUTED[told.answer.why]} The steps are listed below in order.{' '}
                        <LineKey onClick={told.again}>Try again</LineKey>
                      </>
                    ) : (
                      'Planning.'
                    )}
                  </p>
                  {told.answer.state === 'failed' && (
                    <ol className="plain-list">
                      {d.tasks.map((t) => (
                        <li className="[li+&]:mt-1" key={t.id}>
                          {t.dish}: {t.name}, {t.minutes} min
                        </li>
                      ))}
                    </ol>
                  )}
                </Row>
              )}
              {plan && !plan.ok && (
                <Row className="pad">
                  <p className="alert alert-warning">
                    <b>This dinner cannot be planned.</b> {plan.why}
                  </p>
                </Row>
              )}
              {dinner.gone.map((says) => (
                <Row key={says} className="pad">
                  <p className="alert alert-warning">
                    <b>{says}</b> Cancel it, and plan with another pack.
                  </p>
                </Row>
              ))}
              {plan?.ok && plan.lateMin > 0 && <Late dinner={dinner} onFail={setTrouble} />}
              {plan?.ok && plan.early && (
                <Row className="pad">
                  <p className="alert alert-warning">{plan.early.replace(/^./, (c) => c.toUpperCase())}</p>
                </Row>
              )}
              {plan && <CookedTogether dinner={dinner} />}
              {plan?.ok && <DinnerGrid dinner={dinner} onFail={setTrouble} />}
              {plan?.ok && (
                <Row className="pad">
                  <p>
                    {plan.lateMin > 0
                      ? 'This is the earliest that everything can be ready.'
                      : plan.proven
                        ? 'This is the latest start that still serves on time.'
                        : `The best plan found in time: a plan that starts up to ${plural(plan.gapMin, 'minute')} later may exist.`}{' '}
                    For {plural(dinner.means.hands, 'cook')} and {plural(dinner.means.rings, 'hob ring')}.
                  </p>
                </Row>
              )}
              {severalDishes && <DinnerDishes dinner={dinner} onFail={setTrouble} />}
              {plan?.ok && <DinnerSteps dinner={dinner} onFail={setTrouble} />}
              {!severalDishes && <DinnerDishes dinner={dinner} onFail={setTrouble} />}
            </>
          )}
        </div>
        <aside className="margin tablet:sticky tablet:top-0 tablet:self-start tablet:max-h-screen tablet:overflow-y-auto max-tablet:contents">
          {!d.ended && <NowAndNext dinner={dinner} onFail={setTrouble} />}
          <Trouble says={trouble} />
          {toServe.map((x) => (
            <DinnerFish key={x.id} dinner={dinner} dish={x} named={fish.length > 1} />
          ))}
          {toServe.map((x) => (
            <AtTheTable key={x.id} d={d} dish={x} nowMs={dinner.nowMs} />
          ))}
          {!d.ended && <ToBuy d={d} />}
          {!d.ended && <EndKeys dinner={dinner} onFail={setTrouble} />}
        </aside>
      </div>
    </Page>
  );
}
