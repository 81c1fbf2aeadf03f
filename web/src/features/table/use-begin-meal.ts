import { outweighs } from '@dagboek/core/cut';
import { type Recipe } from '@dagboek/core/recipes';
import {
  cookedBy,
  dinnerFacts,
  isNotToEat,
  intoTheFire,
  joiningFacts,
  whyNotToEat,
  type DONENESS,
  vesselsUsed,
} from '@dagboek/journal';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { amountTrouble, asTyped, degrees, sayGrams, sayMass, typedAmount } from '../../asked/units.ts';
import { NO_TIME } from '../../asked/when.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { nowMs } from '../../ui/clock.ts';
import { countTrouble } from '../../ui/typed-number.ts';
import { type useDish } from './use-dish.ts';
import { type useNewMeal } from './use-new-meal.ts';

/** What is noted of a meal beside its fish and its way. */
interface Noted {
  /** Of what is begun here, once: a second tap begins nothing else. */
  readonly id: string;
  readonly atMs: number | null;
  readonly doneness: (typeof DONENESS)[number] | null;
  readonly core: string;
  readonly pulled: string;
  readonly cues: string[];
  readonly sides: readonly Recipe[];
  readonly setTrouble: (why: string | null) => void;
}

/** Writes a meal that was eaten, or plans one back from its hour. Says what is wrong, and goes on to its page when it is written. */
export function useBeginMeal(
  meal: ReturnType<typeof useNewMeal>,
  dish: ReturnType<typeof useDish>,
  { id, atMs, doneness, core, pulled, cues, sides, setTrouble }: Noted,
) {
  const { chosen, method } = meal;
  const navigate = useNavigate();
  const { write, writeAll } = useUndoWrite();
  const planning = useRef(false);
  const cooking = cookedBy(method);
  /** The packs as they are taken; null after saying what is wrong. */
  const packsTaken = () => {
    const packs = chosen.map((h) => ({
      pack: h.pack.id,
      massG: meal.taking(h)?.value ?? Number.NaN,
      typed: asTyped({ massG: meal.taking(h) }),
      left: h.leftG,
      freeG: meal.shares.freeG(h),
      number: h.number,
      end: meal.ends[h.pack.id],
    }));
    const odd = packs.find((p) => !(p.massG > 0));
    const notToEat = chosen.find(isNotToEat);
    const over = packs.find((p) => outweighs(p.massG, p.left));
    const theirs = packs.find((p) => outweighs(p.massG, p.freeG));
    const says =
      packs.length === 0
        ? 'Choose at least one pack.'
        : notToEat
          ? `Pack ${notToEat.number} is not eaten. ${whyNotToEat(notToEat)} Remove it from the meal, and throw it away.`
          : odd
            ? `Enter how much of pack ${odd.number}, such as ${sayGrams(300)}.`
            : over
              ? `Pack ${over.number} has ${sayMass(over.left)} left; ${sayMass(over.massG)} is more than that.`
              : theirs
                ? `Pack ${theirs.number} has ${sayMass(theirs.left)} left, and the other dishes of this dinner take ${sayMass(theirs.left - theirs.freeG)} of it. ${theirs.freeG >= 1 ? `Take up to ${sayMass(theirs.freeG)}.` : 'Choose another pack.'}`
                : countTrouble(meal.guests, 'guests');
    setTrouble(says);
    return says === null ? packs : null;
  };
  const served = async (): Promise<void> => {
    const packs = packsTaken();
    if (!packs) return;
    if (meal.lay?.trouble) return setTrouble(meal.lay.trouble);
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
        ...(meal.lay ? { lay: { in: meal.lay.asked.id, minutes: Math.round(meal.lay.asked.minutes) } } : {}),
        ...(sides.length > 0 ? { beside: sides.map((s) => s.name) } : {}),
      },
      { atMs },
    );
    if (r.ok) void navigate(`/table/${id}`);
    else setTrouble(r.why);
  };
  const plan = async (inFire = false): Promise<void> => {
    // What is being reckoned is waited for: a second tap meanwhile would plan it twice.
    if (planning.current) return;
    planning.current = true;
    let planned = false;
    try {
      planned = await planIt(inFire);
    } finally {
      // Once it is planned this page is on its way out: a tap that comes late plans no second dinner.
      planning.current = planned;
    }
  };
  /** Whether it was planned; where it was not, why is said. */
  const planIt = async (inFire: boolean): Promise<boolean> => {
    const not = (why: string): false => (setTrouble(why), false);
    const packs = packsTaken();
    if (!packs) return false;
    if (meal.heads === 0) return not('Choose who eats.');
    if (!inFire && meal.lay?.trouble) return not(meal.lay.trouble);
    const serveMs = inFire ? nowMs() : meal.serveMs;
    if (serveMs === null) return not(NO_TIME);
    // A time of other choices than these is planned by nobody: what is being reckoned is waited for.
    const told = await dish.wait();
    if (method.heat && told && !told.reckoned.ok) return not(degrees(told.reckoned.why));
    const fish = {
      name: meal.title,
      method,
      recipe: meal.recipe,
      packs: packs.map(({ pack, massG, end }) => ({ pack, massG, ...(end ? { from: end } : {}) })),
      fire: dish.asked,
      told,
      lay: meal.lay?.asked ?? null,
      sides,
      plates: Math.max(1, meal.heads),
      kitchen: meal.whole,
      vessel: meal.vessel,
      used: meal.besides.flatMap(vesselsUsed),
    };
    const whole = (serveAtMs: number) =>
      dinnerFacts({
        ...fish,
        kitchenName: meal.whole.name,
        serveAtMs,
        cook: meal.cook,
        eaters: meal.eaters,
        guests: meal.heads - meal.eaters.length,
      });
    const now = nowMs();
    const begun = inFire ? intoTheFire(id, whole(now), now) : null;
    const r = begun
      ? await writeAll(begun)
      : meal.joins
        ? await write(
            'dinner.dishes',
            meal.joins.id,
            joiningFacts(meal.joins, { ...fish, id, servedMin: meal.servedMin }),
          )
        : await write('dinner.set', id, whole(serveMs));
    if (!r.ok) return not(r.why);
    void navigate(`/table/dinner/${meal.joins?.id ?? id}`);
    return true;
  };
  return { served, plan, canBegin: method.heat !== null && dish.asked !== null };
}
