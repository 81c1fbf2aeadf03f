import { sayAll } from '../../asked/format.ts';
import { sayAllergens, sayPortion, scaled } from '@dagboek/core/recipes';
import { dishesOfFish, type DONENESS, lessonsFor, mealsInOrder } from '@dagboek/journal';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { sayMass } from '../../asked/units.ts';
import { newId } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { nowMs } from '../../ui/clock.ts';
import { TextField } from '../../ui/text-field.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { ChoosePacks } from './choose-packs.tsx';
import { ChooseWay, type RawMiddle } from './choose-way.tsx';
import { EnoughMargin } from './enough-margin.tsx';
import { HowItWas } from './how-it-was.tsx';
import { LastTime } from './last-time.tsx';
import { WhichCourse } from './which-course.tsx';
import { WhoAndWhen } from './who-and-when.tsx';
import { SideFields } from './side-fields.tsx';
import { LikedSoFar } from './best-ways.tsx';
import { MealWarnings } from './meal-warnings.tsx';
import { useBeginMeal } from './use-begin-meal.ts';
import { RAW_MIDDLES, useDish } from './use-dish.ts';
import { useNewMeal } from './use-new-meal.ts';

/** A meal: from which packs, how, for whom. It is planned back from the hour, or noted when it is eaten already. What is not taken stays in its pack. */
export function NewMealPage() {
  const [search] = useSearchParams();
  // A dish of a dinner is chosen from the beginning.
  return <NewMeal key={search.get('dinner')} />;
}

function NewMeal() {
  const meal = useNewMeal();
  const { book, chosen, method, recipes } = meal;
  const [middle, setMiddle] = useState<RawMiddle>('warm');
  const [doneness, setDoneness] = useState<(typeof DONENESS)[number] | null>(null);
  const [core, setCore] = useState('');
  const [pulled, setPulled] = useState('');
  const [cues, setCues] = useState<string[]>([]);
  const [atMs, setAt] = useState<number | null>(nowMs);
  const [trouble, setTrouble] = useState<string | null>(null);
  // Of what is begun here, once: a second tap begins nothing else.
  const [id] = useState(newId);
  const dish = useDish(meal, RAW_MIDDLES[middle]);
  const sides = meal.beside.flatMap((id) => recipes.find((r) => r.id === id) ?? []);
  const offered = recipes.filter((r) => r.course !== 'fish');
  const lessons = lessonsFor(book, [...new Set(meal.kinds.map((s) => s.id))], method.meal);
  const allergens = sayAllergens([...(meal.takes ? [meal.takes] : []), ...sides]);

  const howItWas = (
    <HowItWas
      meal={meal}
      atMs={atMs}
      setAt={setAt}
      pulled={pulled}
      setPulled={setPulled}
      core={core}
      setCore={setCore}
      doneness={doneness}
      setDoneness={setDoneness}
      method={method}
      cues={cues}
      setCues={setCues}
    />
  );
  const { served, plan, canBegin } = useBeginMeal(meal, dish, {
    id,
    atMs,
    doneness,
    core,
    pulled,
    cues,
    sides,
    setTrouble,
  });
  return (
    <Page
      title={meal.joins ? 'Another dish of fish' : 'Cook a meal'}
      first={
        meal.joins
          ? { label: 'Dish', value: dishesOfFish(meal.joins).length + 1 }
          : { label: 'Meal', value: mealsInOrder(book).length + 1 }
      }
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
            <ChoosePacks
              held={meal.held}
              taken={meal.taken}
              setTaken={meal.setTaken}
              today={meal.today}
              shares={meal.shares}
              ends={meal.ends}
              setEnds={meal.setEnds}
            />
          </Row>
          <Row className="pad question" time={<b className="q">2</b>}>
            <h2>How?</h2>
            <ChooseWay meal={meal} middle={middle} setMiddle={setMiddle} />
            {lessons.length > 0 && <LastTime lessons={lessons} />}
            <LikedSoFar species={[...new Set(meal.kinds.map((s) => s.id))]} nowMs={meal.now} />
            {meal.takes && meal.grams > 0 && (
              <p>
                <b>Takes</b>{' '}
                {sayAll(scaled(meal.takes, { fishG: meal.grams, plates: Math.max(1, meal.heads) }).map(sayPortion))}.{' '}
                {meal.recipe && <Link to={`/table/recipes/${meal.recipe.id}`}>The recipe</Link>}
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
            <h2>Side dishes</h2>
            <SideFields offered={offered} values={meal.beside} onChange={meal.setBeside} />
            <p>
              {allergens && `${allergens} `}
              <Link to="/table/recipes">Recipes</Link>, <Link to="/table/kitchen">the kitchen</Link>
            </p>
          </Row>
          <Row className="pad question" time={<b className="q">4</b>}>
            {meal.joins ? (
              <WhichCourse d={meal.joins} value={meal.servedMin} onChange={meal.setServedMin} />
            ) : (
              <WhoAndWhen meal={meal} howItWas={howItWas} />
            )}
            {meal.mustNot.map((says) => (
              <p key={says} className="alert alert-warning" role="note">
                {says}
              </p>
            ))}
            <MealWarnings chosen={chosen} meal={meal} id={id} />
            <Trouble says={trouble} />
            <div className="keys">
              {meal.joins ? (
                <DeckKey act type="submit" name="Add it to the dinner" note={meal.joins.dishes[0]!.name} />
              ) : meal.eaten ? (
                <DeckKey act type="submit" name="Served" note="saves the meal; ratings come next" />
              ) : (
                <>
                  <DeckKey act type="submit" name="Plan the cooking" note="every step, up to serving time" />
                  {canBegin && (
                    <DeckKey
                      name="Into the fire now"
                      note="it is hot: the clock runs from here"
                      onClick={() => void plan(true)}
                    />
                  )}
                </>
              )}
            </div>
          </Row>
        </form>
        <EnoughMargin meal={meal} dish={dish} />
      </div>
    </Page>
  );
}
