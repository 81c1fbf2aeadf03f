import type { Asks } from '../asked.ts';
import { packName, shareOfRound } from '@dagboek/core/larder';
import { planDinner } from '@dagboek/core/schedule';
import type { SpeciesFacts } from '@dagboek/core/species';
import { massOf } from '../bodies/mass-of.ts';
import { coreTemperatureOf } from '../warmth/core-temperature.ts';
import { nextPackNumber } from '../bodies/pack-numbers.ts';
import type { Writing } from '../../log/book/writing.ts';
import type { FactsOf } from '../../log/kinds/index.ts';
import type { DinnerState, FishState } from '../../log/state/states.ts';
import { dinnerWork } from './dinner-work.ts';
import { dishOfStep } from './courses.ts';

/** How a fish goes into the fire without a board: as it is, gutted, its flesh cut off. */
export const FIRE_FORMS = ['gutted', 'whole', 'fillets'] as const;
export type FireForm = (typeof FIRE_FORMS)[number];

/** Thinking for the hour of what is in the fire already, steps of the planner. */
const STEPS = 600_000;
const MIN_MS = 60_000;

/** What a fish weighs in a form, g: by the scale or estimated from its length; null where neither says. */
export function estimateG(fish: FishState, species: SpeciesFacts | null, form: FireForm): number | null {
  const round = massOf(fish, species)?.g ?? null;
  return round === null ? null : Math.max(1, Math.round(round * fish.count * shareOfRound(form, species)));
}

/** How warm a fish of the deck is inside now, degC to a tenth: it goes into the fire as it is, not as a fridge would make it. Null where nobody can say. */
export function deckStartC(asked: Asks<'book' | 'species' | 'nowMs'>, fish: Pick<FishState, 'id'>): number | null {
  const inside = coreTemperatureOf(asked, fish.id);
  return inside && Math.round(inside.coreC * 10) / 10;
}

/**
 * The line that makes a fish of the deck a pack, so that it can be cooked and eaten like any other: nothing was weighed or wrapped.
 * `massG`: as estimated, or as somebody says.
 */
export function packForTheFire(
  { book }: Asks<'book'>,
  fish: FishState,
  species: Pick<SpeciesFacts, 'id' | 'name'>,
  form: FireForm,
  massG: number,
  newId: string,
): Writing {
  const pieces = form === 'fillets' ? fish.count * 2 : fish.count;
  return {
    kind: 'pack.stored',
    subject: newId,
    facts: {
      number: nextPackNumber(book),
      what: packName(species.name, form, pieces),
      species: species.id,
      form,
      massG,
      pieces,
      wrapping: 'cloth',
      place: 'fridge',
      fish: [fish.id],
    },
  };
}

/**
 * A dinner whose fish goes into the fire at this minute: what comes before is done, and it is served as early as all can be ready. The lines,
 * the dinner first. Null where its fish is in no fire.
 */
export function intoTheFire(id: string, facts: FactsOf<'dinner.set'>, nowMs: number): Writing[] | null {
  const [fish] = facts.dishes;
  const cook = facts.tasks.find((t) => t.id === `${fish?.id}/cook`);
  if (!fish || !cook) return null;
  const before = new Set<string>();
  const look = [cook];
  for (const t of look)
    for (const a of t.after) {
      const other = facts.tasks.find((x) => x.id === a.task);
      if (!other || before.has(other.id)) continue;
      before.add(other.id);
      look.push(other);
    }
  const atMs = Math.floor(nowMs / MIN_MS) * MIN_MS;
  const begun = { [cook.id]: nowMs };
  const done = Object.fromEntries([...before].map((t) => [t, nowMs]));
  const state = { ...facts, serveAtMs: atMs + MIN_MS, pins: {}, lasts: {}, begun, done } as unknown as DinnerState;
  const plan = planDinner(dinnerWork(state, atMs), STEPS);
  const serveAtMs = state.serveAtMs + (plan.ok ? plan.lateMin : cook.minutes) * MIN_MS;
  const step = (task: string, did: 'begun' | 'done'): Writing => ({
    kind: 'dinner.step',
    subject: id,
    facts: { task, did },
  });
  return [
    { kind: 'dinner.set', subject: id, facts: { ...facts, serveAtMs } },
    ...facts.tasks.filter((t) => before.has(t.id) && dishOfStep(t.id) === fish.id).map((t) => step(t.id, 'done')),
    step(cook.id, 'begun'),
  ];
}
