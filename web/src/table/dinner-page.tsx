import { COOKING, type DinnerState, recipeOf } from '@dagboek/journal';
import { allergensOf, sayPortion, shoppingList, taskId } from '@dagboek/core/recipes';
import { methodOf } from '@dagboek/core/cook';
import { epochMs, sayDay, stamp } from '@dagboek/core/time';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { MissingPage } from '../app/missing-page.tsx';
import { useNames } from '../kit/catalogue.ts';
import { DeckKey } from '../kit/deck-key.tsx';
import { plural, useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { newId, useWrite } from '../kit/journal/use-write.ts';
import { minutesSeconds } from '../kit/minutes-seconds.ts';
import { Page, Row } from '../kit/page.tsx';
import { ManyChips, plain } from '../kit/ui/chips.tsx';
import { LineKey } from '../kit/ui/key.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import { NOT_COMPUTED } from '../kit/workers/use-job.ts';
import { DinnerFish } from './dinner-fish.tsx';
import { DinnerGrid } from './dinner-grid.tsx';
import { DinnerSteps } from './dinner-steps.tsx';
import { DishMark } from './dish-mark.tsx';
import { type Dinner, useDinner } from './use-dinner.ts';

/** A dinner: planned back from the hour, cooked step by step, planned anew when it slips. */
export function DinnerPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const d = book.getAny('dinner', id);
  return d ? <TheDinner d={d} /> : <MissingPage />;
}

function TheDinner({ d }: { d: DinnerState }) {
  const dinner = useDinner(d);
  const names = useNames();
  const { day, time, zone } = useFormat();
  const [trouble, setTrouble] = useState<string | null>(null);
  const heads = d.eaters.length + d.guests;
  const main = d.dishes.find((x) => x.method !== null) ?? d.dishes[0]!;
  const serve = stamp(dinner.servedMs, zone);
  const { plan, told } = dinner;
  return (
    <Page
      title={main.name}
      first={{ label: 'Plates', value: heads }}
      cells={[
        { label: 'Served', value: `${sayDay(day(serve))}, ${time(serve)}` },
        { label: 'Cook', value: names.member(d.cook) },
        {
          label: 'Dishes',
          value: (
            <span className="dish-legend">
              {d.dishes.map((x, i) => (
                <span key={x.id}>
                  <DishMark n={i} height={16} /> {x.name}
                </span>
              ))}
            </span>
          ),
        },
      ]}
    >
      <div className="with-margin wide dinner">
        <div>
          {d.ended ? (
            <AsItWent d={d} />
          ) : (
            <>
              {!plan && (
                <Row className="pad">
                  <p role="status">
                    {told.why ? (
                      <>
                        {NOT_COMPUTED[told.why]} The steps stand below in their order.{' '}
                        <LineKey onClick={told.again}>Try again</LineKey>
                      </>
                    ) : (
                      'It is being planned.'
                    )}
                  </p>
                  {told.why && (
                    <ol className="plain-list">
                      {d.tasks.map((t) => (
                        <li key={t.id}>
                          {t.dish}: {t.name}, {t.minutes} min
                        </li>
                      ))}
                    </ol>
                  )}
                </Row>
              )}
              {plan && !plan.ok && (
                <Row className="pad">
                  <p className="asks">
                    <b>It cannot be planned.</b> {plan.why}
                  </p>
                </Row>
              )}
              {plan?.ok && plan.lateMin > 0 && <Late dinner={dinner} onFail={setTrouble} />}
              {plan?.ok && plan.early && (
                <Row className="pad">
                  <p className="asks">{plan.early.replace(/^./, (c) => c.toUpperCase())}</p>
                </Row>
              )}
              {plan?.ok && <DinnerGrid dinner={dinner} onFail={setTrouble} />}
              {plan?.ok && (
                <Row className="pad">
                  <p>
                    {plan.proven
                      ? 'No plan begins later and serves on time.'
                      : `The best that was found in the time: one that begins up to ${plural(plan.gapMin, 'minute')} later may exist.`}{' '}
                    {plural(d.means.hands, 'pair')} of hands, {plural(d.means.rings, 'ring')}.
                  </p>
                </Row>
              )}
              {plan?.ok && <DinnerSteps dinner={dinner} onFail={setTrouble} />}
            </>
          )}
        </div>
        <aside className="margin stays">
          {!d.ended && <NowAndNext dinner={dinner} onFail={setTrouble} />}
          <Trouble says={trouble} />
          {!d.ended && <DinnerFish dinner={dinner} dish={main} />}
          <ToBuy d={d} />
          {!d.ended && <EndKeys dinner={dinner} onFail={setTrouble} />}
        </aside>
      </div>
    </Page>
  );
}

/** A dinner that is over: its steps as they went. */
function AsItWent({ d }: { d: DinnerState }) {
  const { time, zone } = useFormat();
  const hour = (ms: number | undefined): string => (ms === undefined ? 'not noted' : time(stamp(ms, zone)));
  const went = [...d.tasks].sort((a, b) => (d.begun[a.id] ?? Infinity) - (d.begun[b.id] ?? Infinity));
  return (
    <>
      <Row className="pad">
        <h2>{d.ended?.meal ? 'Served' : 'Given up'}</h2>
        {d.ended?.meal && (
          <p>
            <Link to={`/table/${d.ended.meal}`}>The meal, its marks and what to change</Link>
          </p>
        )}
      </Row>
      {went.map((t) => (
        <Row key={t.id} className="line" time={<b>{hour(d.begun[t.id])}</b>}>
          <p className="recipe-step">
            <b>{t.name}</b> <small>{t.dish}</small>
            {d.done[t.id] !== undefined ? `, done ${hour(d.done[t.id])}` : ''}
          </p>
        </Row>
      ))}
    </>
  );
}

type OnFail = (why: string | null) => void;

/** It will not be ready at the hour: what clashes, and the hour that can be met. */
function Late({ dinner, onFail }: { dinner: Dinner; onFail: OnFail }) {
  const { time, zone } = useFormat();
  const { plan, servedMs, d } = dinner;
  if (!plan?.ok) return null;
  const can = time(stamp(servedMs, zone));
  return (
    <Row className="pad">
      <p className="asks" role="status">
        <b>
          {plural(plan.lateMin, 'minute')} late: {can}, not {time(stamp(d.serveAtMs, zone))}.
        </b>{' '}
        {plan.clash?.replace(/^./, (c) => c.toUpperCase())}
      </p>
      <div className="keys">
        <DeckKey
          name={`Serve at ${can}`}
          note="all is planned to that hour"
          again={can}
          onClick={() => void dinner.move(servedMs).then((r) => onFail(r.ok ? null : r.why))}
        />
      </div>
    </Row>
  );
}

/** What to do now, what comes next, and what runs: large enough to be read across a kitchen. */
function NowAndNext({ dinner, onFail }: { dinner: Dinner; onFail: OnFail }) {
  const { time, zone } = useFormat();
  const { now, nowMs } = dinner;
  const hour = (ms: number): string => time(stamp(ms, zone));
  const act = (p: Promise<{ ok: true } | { ok: false; why: string }>): void =>
    void p.then((r) => onFail(r.ok ? null : r.why));
  const over = now.timers.filter((t) => t.leftMs <= 0);
  const due = now.now[0] ?? null;
  const atWork = now.atWork[0] ?? null;
  const lead = over[0] && !due ? dinner.steps.find((s) => s.task.id === over[0]!.task.id) : null;
  return (
    <section aria-label="Now">
      {now.timers.length > 0 && (
        <>
          <h2>Running</h2>
          <ul className="plain-list dinner-timers">
            {now.timers.map((t) => (
              <li key={t.task.id} className={t.leftMs <= 0 ? 'over' : undefined}>
                <span className="num" role="timer" aria-label={`${t.task.dish}, ${t.task.name}`}>
                  {t.leftMs > 0 ? minutesSeconds(t.leftMs) : `+${minutesSeconds(-t.leftMs)}`}
                </span>
                <p>
                  <b>{t.task.name}</b>
                  <small>{t.task.dish}</small>
                </p>
                <span className="dinner-keys">
                  <LineKey
                    aria-label={`${t.task.name}: two minutes more`}
                    onClick={() => act(dinner.lasts(t.task.id, t.task.minutes + 2))}
                  >
                    +2 min
                  </LineKey>
                  <LineKey
                    aria-label={`${t.task.name}: done`}
                    onClick={() => {
                      const s = dinner.steps.find((x) => x.task.id === t.task.id);
                      if (s) act(dinner.finish(s));
                    }}
                  >
                    done
                  </LineKey>
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <h2 className={now.timers.length > 0 ? 'ruled' : undefined}>{due ? 'Now' : 'Next'}</h2>
      {due ? (
        <div className="keys">
          <DeckKey
            act
            again={due.task.id}
            name={`${due.task.name}`}
            note={`${due.task.dish}; begins now, ${due.task.minutes} min`}
            onClick={() => act(dinner.begin(due))}
          />
        </div>
      ) : lead ? (
        <div className="keys">
          <DeckKey
            act
            again={lead.task.id}
            name={`Done: ${lead.task.name}`}
            note={lead.task.dish}
            onClick={() => act(dinner.finish(lead))}
          />
        </div>
      ) : now.next ? (
        <div className="keys">
          <DeckKey
            act
            again={now.next.task.id}
            name={`${hour(now.next.startMs)} ${now.next.task.name}`}
            note={`${now.next.task.dish}, in ${sayIn(now.next.startMs - nowMs)}; begin it now`}
            onClick={() => act(dinner.begin(now.next!))}
          />
        </div>
      ) : (
        <p>{dinner.steps.length > 0 ? 'All of it is under way.' : ''}</p>
      )}
      {now.now.length > 1 && (
        <p>
          And now:{' '}
          {now.now
            .slice(1)
            .map((s) => s.task.name.toLowerCase())
            .join(', ')}
          .
        </p>
      )}
      {atWork && due === null && <p>At it: {atWork.task.name.toLowerCase()}.</p>}
    </section>
  );
}

/** "5 min", "1 h 20 min", "2 days". */
function sayIn(ms: number): string {
  const min = Math.max(1, Math.round(ms / 60_000));
  if (min < 60) return `${min} min`;
  if (min < 48 * 60) return `${Math.floor(min / 60)} h ${min % 60} min`;
  return `${Math.round(min / 1440)} days`;
}

/** What must be bought, what the house has, and what must be declared. */
function ToBuy({ d }: { d: DinnerState }) {
  const { book } = useBook();
  const { write } = useWrite();
  const own = book.all('book')[0];
  const has = own?.pantry ?? [];
  const plates = Math.max(1, d.eaters.length + d.guests);
  const dishes = d.dishes.flatMap((x) => {
    const recipe = recipeOf(book, x.recipe);
    return recipe ? [{ recipe, amounts: { plates, fishG: x.packs.reduce((g, p) => g + p.massG, 0) } }] : [];
  });
  if (dishes.length === 0) return null;
  const { buy, have } = shoppingList(dishes, has);
  const allergens = allergensOf(dishes.map((x) => x.recipe));
  const put = (name: string, inHouse: boolean): void => {
    if (own)
      void write('book.pantry', own.id, {
        has: inHouse ? [...has, name] : has.filter((n) => n.toLowerCase() !== name.toLowerCase()),
      });
  };
  return (
    <section aria-label="To buy">
      <h2 className="ruled">To buy</h2>
      {buy.length === 0 && <p>Nothing: the house has all of it.</p>}
      <ul className="plain-list to-buy">
        {buy.map((p) => (
          <li key={p.name + p.unit}>
            {sayPortion(p)}
            <LineKey aria-label={`${p.name} is in the house`} onClick={() => put(p.name, true)}>
              in the house
            </LineKey>
          </li>
        ))}
      </ul>
      {have.length > 0 && (
        <p>
          In the house:{' '}
          {have.map((p, i) => (
            <span key={p.name}>
              {i > 0 ? ', ' : ''}
              <LineKey aria-label={`${p.name} must be bought`} onClick={() => put(p.name, false)}>
                {sayPortion(p)}
              </LineKey>
            </span>
          ))}
          .
        </p>
      )}
      {allergens.length > 0 && <p>Holds {allergens.join(', ')}.</p>}
    </section>
  );
}

/** It is served, or it is given up. */
function EndKeys({ dinner, onFail }: { dinner: Dinner; onFail: OnFail }) {
  const { d } = dinner;
  const navigate = useNavigate();
  const { writeAll } = useWrite();
  const [cues, setCues] = useState<string[]>([]);
  const main = d.dishes.find((x) => x.packs.length > 0);
  const look = methodOf(main?.method ?? '')?.look ?? [];
  const peak = d.reads
    .filter((r) => r.dish === main?.id)
    .reduce<number | null>((m, r) => Math.max(m ?? -99, r.c), null);
  // Taken off at what was read last before it was; not what was reckoned.
  const off = main ? d.done[taskId(main.id, 'cook')] : undefined;
  const pulled = d.reads.filter((r) => r.dish === main?.id && off !== undefined && epochMs(r.at) <= off).at(-1)?.c;
  const serve = async (): Promise<void> => {
    if (!main) return onFail('No pack is on this table.');
    const id = newId();
    const method = COOKING.find((c) => c === methodOf(main.method ?? '')?.meal) ?? 'pan-fried';
    const r = await writeAll([
      {
        kind: 'meal.served',
        subject: id,
        facts: {
          name: main.name,
          cook: d.cook,
          method,
          packs: main.packs,
          eaters: d.eaters,
          ...(d.guests ? { guests: d.guests } : {}),
          ...(peak !== null ? { coreC: peak } : {}),
          ...(pulled !== undefined ? { pulledC: pulled } : {}),
          ...(d.dishes.length > 1 ? { beside: d.dishes.filter((x) => x.id !== main.id).map((x) => x.name) } : {}),
          ...(cues.length > 0 ? { cues } : {}),
          dinner: d.id,
        },
      },
      { kind: 'dinner.ended', subject: d.id, facts: { meal: id } },
    ]);
    if (r.ok) void navigate(`/table/${id}`);
    else onFail(r.why);
  };
  return (
    <>
      {look.length > 0 && <ManyChips label="Seen" options={plain(look)} values={cues} onChange={setCues} />}
      <div className="keys ruled">
        <DeckKey name="Served" note="writes the meal; marks come after" onClick={() => void serve()} />
        <DeckKey
          name="Give it up"
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
