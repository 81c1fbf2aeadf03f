import { cookingOf } from '@dagboek/core/cook';
import { outweighs } from '@dagboek/core/cut';
import { cookedG, PLATE_G } from '@dagboek/core/plates';
import { sayAllergens, sayPortion, scaled } from '@dagboek/core/recipes';
import {
  batchesFor,
  cookedBy,
  dinnerFacts,
  dinnersAbout,
  DONENESS,
  isNotToEat,
  kitchenOf,
  lessonsFor,
  mealsInOrder,
  whyNotToEat,
} from '@dagboek/journal';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useNames } from '../../asked/catalogue.ts';
import { nowMs } from '../../ui/clock.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { plural } from '../../asked/format.ts';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { newId } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { Chips, ManyChips, plain } from '../../ui/chips.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { countTrouble } from '../../ui/typed-number.ts';
import { Trouble } from '../../ui/trouble.tsx';
import { DateTimeField, NO_TIME } from '../../asked/when.tsx';
import { amountTrouble, asTyped, degrees, sayGrams, sayGramsRange, sayMass, typedAmount } from '../../asked/units.ts';
import { ChoosePacks } from './choose-packs.tsx';
import { ChooseWay, type RawMiddle } from './choose-way.tsx';
import { DoneWhen } from './done-when.tsx';
import { FitsNote } from './fits-note.tsx';
import { RAW_MIDDLES, useDish } from './use-dish.ts';
import { useNewMeal } from './use-new-meal.ts';
import { TextField } from '../../ui/text-field.tsx';

const MODES = ['to be cooked', 'eaten already'] as const;

/** A meal: from which packs, how, for whom. It is planned back from the hour, or noted when it is eaten already. What is not taken stays in its pack. */
export function NewMealPage() {
  const meal = useNewMeal();
  const { book, chosen, method, recipes } = meal;
  const names = useNames();
  const navigate = useNavigate();
  const { write } = useUndoWrite();
  const [middle, setMiddle] = useState<RawMiddle>('warm');
  const [doneness, setDoneness] = useState<(typeof DONENESS)[number] | null>(null);
  const [core, setCore] = useState('');
  const [pulled, setPulled] = useState('');
  const [cues, setCues] = useState<string[]>([]);
  const [atMs, setAt] = useState<number | null>(nowMs);
  const [trouble, setTrouble] = useState<string | null>(null);
  // Of what is begun here, once: a second tap begins nothing else.
  const [id] = useState(newId);
  const planning = useRef(false);
  const dish = useDish(meal, RAW_MIDDLES[middle]);
  const sides = meal.beside.flatMap((id) => recipes.find((r) => r.id === id) ?? []);
  const offered = recipes.filter((r) => r.course !== 'fish');
  const lessons = lessonsFor(book, [...new Set(meal.kinds.map((s) => s.id))], method.meal);
  const allergens = sayAllergens([...(meal.recipe ? [meal.recipe] : []), ...sides]);
  const cooking = cookedBy(method);

  const others = meal.eaten || meal.serveMs === null ? [] : dinnersAbout(book, meal.serveMs, id);

  /** The packs as they are taken; null after saying what is wrong. */
  const packsTaken = () => {
    const packs = chosen.map((h) => ({
      pack: h.pack.id,
      massG: meal.taking(h)?.value ?? Number.NaN,
      typed: asTyped({ massG: meal.taking(h) }),
      left: h.leftG,
      number: h.number,
    }));
    const odd = packs.find((p) => !(p.massG > 0));
    const notToEat = chosen.find(isNotToEat);
    const over = packs.find((p) => outweighs(p.massG, p.left));
    const says =
      packs.length === 0
        ? 'Choose at least one pack.'
        : notToEat
          ? `Pack ${notToEat.number} is not eaten. ${whyNotToEat(notToEat)} Take it out of the meal, and throw it away.`
          : odd
            ? `Say how much of pack ${odd.number}, such as ${sayGrams(300)}.`
            : over
              ? `Pack ${over.number} holds ${sayMass(over.left)}; ${sayMass(over.massG)} cannot come out of it.`
              : countTrouble(meal.guests, 'guests');
    setTrouble(says);
    return says === null ? packs : null;
  };
  const served = async (): Promise<void> => {
    const packs = packsTaken();
    if (!packs) return;
    if (atMs === null) return setTrouble(NO_TIME);
    const unread = amountTrouble('temperature', core, 'core') ?? amountTrouble('temperature', pulled, 'taken off at');
    if (unread) return setTrouble(unread);
    const [coreRead, pulledRead] = [typedAmount('temperature', core), typedAmount('temperature', pulled)];
    const guests = meal.heads - meal.eaters.length;
    const r = await write(
      'meal.served',
      id,
      {
        name: meal.title,
        cook: meal.cook,
        method: cooking,
        packs: packs.map(({ pack, massG, typed }) => ({ pack, massG, ...typed })),
        eaters: meal.eaters,
        ...(guests ? { guests } : {}),
        ...(doneness ? { doneness } : {}),
        ...(coreRead ? { coreC: coreRead.value, ...asTyped({ coreC: coreRead }) } : {}),
        ...(pulledRead ? { pulledC: pulledRead.value } : {}),
        ...(cues.length > 0 ? { cues } : {}),
        ...(sides.length > 0 ? { beside: sides.map((s) => s.name) } : {}),
      },
      { atMs },
    );
    if (r.ok) void navigate(`/table/${id}`);
    else setTrouble(r.why);
  };
  const plan = async (): Promise<void> => {
    // What is being reckoned is waited for: a second tap meanwhile would plan it twice.
    if (planning.current) return;
    planning.current = true;
    let planned = false;
    try {
      planned = await planIt();
    } finally {
      // Once it is planned this page is on its way out: a tap that comes late plans no second dinner.
      planning.current = planned;
    }
  };
  /** Whether it was planned; where it was not, why is said. */
  const planIt = async (): Promise<boolean> => {
    const not = (why: string): false => (setTrouble(why), false);
    const packs = packsTaken();
    if (!packs) return false;
    if (meal.heads === 0) return not('Say who eats.');
    if (meal.serveMs === null) return not(NO_TIME);
    // A time of other choices than these is planned by nobody: what is being reckoned is waited for.
    const told = await dish.wait();
    if (method.heat && told && !told.reckoned.ok) return not(degrees(told.reckoned.why));
    const { hands, rings, ovens, grills } = kitchenOf(book);
    const facts = dinnerFacts({
      name: meal.title,
      method,
      recipe: meal.recipe,
      packs: packs.map(({ pack, massG }) => ({ pack, massG })),
      fire: dish.asked,
      cooking: cookingOf(told),
      batches:
        meal.main && dish.asked
          ? batchesFor(book, method, meal.main, dish.asked.piece.thicknessMm, dish.asked.setting.amount)
          : 1,
      sides,
      plates: Math.max(1, meal.heads),
      serveAtMs: meal.serveMs,
      means: { hands, rings, ovens, grills },
      cook: meal.cook,
      eaters: meal.eaters,
      guests: meal.heads - meal.eaters.length,
    });
    const r = await write('dinner.set', id, facts);
    if (!r.ok) return not(r.why);
    void navigate(`/table/dinner/${id}`);
    return true;
  };
  return (
    <Page
      title="Cook a meal"
      first={{ label: 'Meal', value: mealsInOrder(book).length + 1 }}
      cells={[
        { label: 'Dish', value: meal.title || 'not named yet' },
        { label: 'Fish', value: meal.grams ? sayMass(meal.grams) : 'none chosen' },
        { label: 'Plates', value: meal.heads },
      ]}
    >
      <div className="with-margin wide">
        <form
          onSubmit={(e) => {
            e.preventDefault();
            void (meal.eaten ? served() : plan());
          }}
        >
          <Row className="pad question" time={<b className="q">1</b>}>
            <h2>From which packs?</h2>
            <ChoosePacks held={meal.held} taken={meal.taken} setTaken={meal.setTaken} today={meal.today} />
          </Row>
          <Row className="pad question" time={<b className="q">2</b>}>
            <h2>How?</h2>
            <ChooseWay meal={meal} middle={middle} setMiddle={setMiddle} />
            {lessons.length > 0 && (
              <section className="mt-2.5" aria-label="What to change">
                <p>
                  <b>Last time:</b>
                </p>
                <ul className="plain-list">
                  {lessons.map((l) => (
                    <li key={l.meal.id}>
                      {l.change.join('; ')} <Link to={`/table/${l.meal.id}`}>{l.meal.name}</Link>
                    </li>
                  ))}
                </ul>
              </section>
            )}
            {meal.recipe && meal.grams > 0 && (
              <p>
                <b>Takes</b>{' '}
                {scaled(meal.recipe, { fishG: meal.grams, plates: Math.max(1, meal.heads) })
                  .map(sayPortion)
                  .join(', ')}
                . <Link to={`/table/recipes/${meal.recipe.id}`}>The recipe</Link>
              </p>
            )}
            <TextField
              label="Name of the dish"
              grow
              id="dish"
              value={meal.name}
              maxLength={80}
              placeholder={meal.title}
              onChange={(e) => meal.setName(e.target.value)}
            />
          </Row>
          <Row className="pad question" time={<b className="q">3</b>}>
            <h2>What stands beside it?</h2>
            <ManyChips
              label="Sides and sauces"
              options={offered.map((r) => ({ value: r.id, text: r.name }))}
              values={meal.beside}
              onChange={meal.setBeside}
            />
            <p>
              {allergens && `${allergens} `}
              <Link to="/table/recipes">Recipes</Link>, <Link to="/table/kitchen">the kitchen</Link>
            </p>
          </Row>
          <Row className="pad question" time={<b className="q">4</b>}>
            <h2>Who, and when?</h2>
            <Chips
              label="Cook"
              options={meal.members.map((m) => ({ value: m.id, text: names.member(m.id) }))}
              value={meal.cook}
              onChange={meal.setCook}
            />
            <ManyChips
              label="Who eats"
              options={meal.members.map((m) => ({ value: m.id, text: names.member(m.id) }))}
              values={meal.eaters}
              onChange={meal.setEaters}
            />
            <Quantity whole label="Guests" unit="" placeholder="0" value={meal.guests} onChange={meal.setGuests} />
            {meal.mustNot.map((says) => (
              <p key={says} className="alert alert-warning" role="note">
                {says}
              </p>
            ))}
            <Chips
              label="It is"
              options={plain(MODES)}
              value={meal.eaten ? 'eaten already' : 'to be cooked'}
              onChange={(m) => meal.setEaten(m === 'eaten already')}
            />
            {meal.eaten ? (
              <>
                <DateTimeField key={meal.zone} label="Served" valueMs={atMs} onChange={setAt} />
                <div className="measure-row">
                  <Quantity label="Taken off at" amount="temperature" value={pulled} onChange={setPulled} />
                  <Quantity label="Core, if read" amount="temperature" value={core} onChange={setCore} />
                </div>
                <Chips label="How done it was" options={plain(DONENESS)} value={doneness} onChange={setDoneness} />
                <ManyChips label="Seen" options={plain(method.look)} values={cues} onChange={setCues} />
              </>
            ) : (
              <DateTimeField key={meal.zone} label="Served at" valueMs={meal.serveMs} onChange={meal.setServe} />
            )}
            {chosen.map((h) => (
              <HistamineNote
                key={h.pack.id}
                of={`Pack ${h.number}`}
                clock={h.histamine}
                unread={h.facts.unreadFridge}
              />
            ))}
            {meal.past.length > 0 && (
              <p className="alert alert-warning">
                <b>Past the authority’s line:</b> pack {meal.past.map((h) => h.number).join(', ')}. When in doubt, throw
                it out.
              </p>
            )}
            {others.map((d) => (
              <p key={d.id} className="alert alert-warning">
                <b>{d.dishes[0]?.name ?? 'Another dinner'} is planned for about the same hour.</b> Each plan counts on
                all hands, hob rings and pots for itself. Set another hour, or cook both as one dinner.
              </p>
            ))}
            <Trouble says={trouble} />
            <div className="keys">
              {meal.eaten ? (
                <DeckKey act type="submit" name="Served" note="writes the meal; marks come after" />
              ) : (
                <DeckKey
                  act
                  type="submit"
                  name="Plan it back from the hour"
                  note="every step, from here to the table"
                />
              )}
            </div>
          </Row>
        </form>
        <aside className="margin tablet:sticky tablet:top-0 tablet:self-start tablet:max-h-screen tablet:overflow-y-auto">
          <h2>Is it enough?</h2>
          <p className="gap-2 flex items-center leading-[1.15] text-m">
            <span className="num text-[3.5rem]">{Math.min(meal.plates, meal.heads)}</span> of{' '}
            {plural(meal.heads, 'plate')}
          </p>
          <p>
            {sayMass(Math.round(meal.meat))} of boneless fish at {sayGrams(PLATE_G)} a plate
            {meal.plates > meal.heads ? `, enough for ${meal.plates}` : ''}.{' '}
            {meal.grams > 0 && meal.plates < meal.heads ? 'Thin: add a pack, or more potatoes. ' : ''}
            {meal.meat > 0 && meal.heads > 0 && (
              <>
                Cooked, {sayGramsRange(cookedG(meal.meat / meal.heads).low, cookedG(meal.meat / meal.heads).high)} a
                plate.
              </>
            )}
          </p>
          <DoneWhen meal={meal} dish={dish} />
          <FitsNote meal={meal} />
        </aside>
      </div>
    </Page>
  );
}
