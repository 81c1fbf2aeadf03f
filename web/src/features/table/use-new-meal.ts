import { useAsked } from '../../asked/asked.ts';
import { type DoneWay, sayRawVerdict, type StageAsked } from '@dagboek/core/cook';
import { isBody } from '@dagboek/core/larder';
import { platesFrom } from '@dagboek/core/plates';
import { stamp } from '@dagboek/core/time';
import type { Amount } from '@dagboek/core/units';
import {
  atRiskOf,
  type HeldPack,
  mealsInOrder,
  meatOfDinner,
  meatTaken,
  mindOf,
  onlyTheLine,
  openDinner,
  partCautions,
  packsHeld,
  plannedDay,
  kindsOfPack,
  dinnersBeside,
  kitchenBeside,
  kitchenOf,
  kitchensOf,
  lieAtOnce,
  whoMustNot,
  rawVerdictOf,
  recipeAsCooked,
  recipesOf,
  recipesOfKitchen,
  recipesOfWay,
  settingFor,
  stageChoices,
  stagesAsked,
  toBeCooked,
  wayOf,
  waysFor,
} from '@dagboek/journal';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useRules } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { useCrew } from '../../asked/crew.ts';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { usePen } from '../../asked/pen.ts';
import { asFromDeck, dishNames, minutesUntil, nextDinner } from './new-meal-usual.ts';
import { useKept } from '../../ui/use-kept.ts';
import { countTrouble, typedNumber } from '../../ui/typed-number.ts';
import type { End } from './share-fields.tsx';
import { useMarinade } from './use-marinade.ts';
import { useLying } from './use-lying.ts';
import { useShares } from './use-shares.ts';
import { inField, typedAmount } from '../../asked/units.ts';

/** All that is chosen on the page of a new meal, and what follows from it. What is chosen for a way is forgotten with the way. */
export function useNewMeal() {
  const [search] = useSearchParams();
  const { book } = useBook();
  const { byId } = useCatalogue();
  const rules = useRules();
  const { pen } = usePen();
  const { day, zone } = useFormat();
  const { members } = useCrew();
  const now = useMemo(nowMs, []);
  const asked = useAsked(now);
  const held = useMemo(() => packsHeld(asked), [asked]);
  // A dish for a dinner that is planned: its hour, its cook and who eats are those of the dinner.
  const joins = openDinner(book, search.get('dinner'));
  const shares = useShares(now, joins);
  const planned = plannedDay(book, search.get('day') ?? '');
  const wanted = search.getAll('pack');
  const [taken, setTaken] = useState<Readonly<Record<string, string>>>(() => {
    // Of a plan perhaps a part of the meat of a pack; without one all that is left.
    const grams = (h: HeldPack): number => {
      const meatG = planned?.packs.find((p) => p.pack === h.pack.id)?.meatG ?? h.body.meatG;
      return h.body.meatG > 0 ? h.leftG * Math.min(1, meatG / h.body.meatG) : h.leftG;
    };
    return Object.fromEntries(
      held
        .filter((h) => wanted.includes(h.pack.id))
        .map((h) => [
          h.pack.id,
          inField('mass', Math.round(Math.min(shares.freeG(h), isBody(h.body.form) ? h.leftG : grams(h)))),
        ]),
    );
  });
  const lastMeal = mealsInOrder(book)[0];
  const [cook, setCook] = useState(joins?.cook ?? lastMeal?.cook ?? pen ?? '');
  const [eaters, setEaters] = useState<string[]>(() => [
    ...(joins?.eaters ??
      planned?.home ??
      lastMeal?.eaters.filter((id) => members.some((m) => m.id === id)) ??
      members.map((m) => m.id)),
  ]);
  const [guests, setGuests] = useState(`${(joins ?? planned)?.guests || ''}`);
  const [servedMin, setServedMin] = useState(0);
  // Which end of a fish is taken, by its pack.
  const [ends, setEnds] = useState<Readonly<Record<string, End>>>({});
  const [name, setName] = useState('');
  const [way, setWay] = useState<string | null>(search.get('way'));
  const [recipeId, setRecipe] = useState<string | null>(search.get('recipe'));
  const [beside, setBeside] = useState<string[]>([]);
  const [done, setDone] = useState<DoneWay>('the line');
  const [setting, setSetting] = useState<Readonly<Partial<Record<'c' | 'amount' | 'mm' | 'start' | 'turns', string>>>>(
    {},
  );
  // Until an hour is chosen it is half past seven of the waters, whose zone comes with the rules.
  // Null: what was typed is no time.
  const [serveSet, setServe] = useState<number | null | undefined>(undefined);
  const serveMs = serveSet === undefined ? nextDinner(zone) : serveSet;
  const [eaten, setEaten] = useState(false);
  // Null: as the recipe has it, as long as nobody chose.
  const [stagesSet, setStages] = useState<readonly StageAsked[] | null>(null);

  const chosen = held.filter((h) => taken[h.pack.id] !== undefined);
  const taking = (h: HeldPack): Amount | null => typedAmount('mass', taken[h.pack.id] ?? '', Math.round(h.leftG));
  const parts = chosen.map((h) => shares.chosenPart(h, taking(h)?.value || 0, ends[h.pack.id] ?? null));
  const grams = parts.reduce((g, c) => g + c.massG, 0);
  // All that its fish may be, and what it was made of.
  const kinds = [...new Set(chosen.flatMap((h) => kindsOfPack(book, h.pack)))].flatMap((id) => byId(id) ?? []);
  const today = day(stamp(now, zone));
  const meat = meatTaken(parts) + (joins ? meatOfDinner(asked, joins) : 0);
  const guestCount = countTrouble(guests, 'guests') === null ? (typedNumber(guests) ?? 0) : 0;
  const heads = eaters.length + guestCount;
  const chosenIds = chosen.map((h) => h.pack.id).join();
  // Each fish is followed from the water on: not at every letter that is typed.
  const raw = useMemo(
    () => rawVerdictOf(asked, chosen, eaters, guestCount, today),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- which packs they are is all of `chosen` that matters
    [book, chosenIds, eaters, guestCount, byId, today, now, rules],
  );
  // A phone on the boat is asked of the boat the next time too; a dish of a dinner is cooked where that is.
  const [kitchenSet, setKitchen] = useKept('table.kitchen', '');
  const kitchens = kitchensOf(book);
  const whole = kitchenOf(book, joins?.kitchen ?? kitchenSet);
  const main = asFromDeck(toBeCooked(asked, parts), search.get('start'));
  const fits = waysFor(
    main,
    parts,
    raw.verdict,
    today,
    kinds.some((s) => s.histamine),
    whole,
  );
  const method = wayOf(fits, way, planned?.method ?? null);
  const besides = dinnersBeside(book, joins, eaten ? null : serveMs, whole.name, now);
  const kitchen = kitchenBeside(whole, method, main?.cut ?? null, { tasks: besides.flatMap((d) => d.tasks) });
  const { lying, vessel } = useLying(kitchen, method, main);
  const lieMost = main
    ? lieAtOnce(kitchen, method, main.pieceG, typedNumber(setting.mm ?? '') || main.thicknessMm)
    : null;
  const usual = settingFor(kitchen, method, grams, main?.thicknessMm ?? 0, main?.all);
  const recipes = recipesOfKitchen(recipesOf(book), whole);
  const ofWay = recipesOfWay(recipes, method, main);
  const recipe = ofWay.find((r) => r.id === recipeId) ?? (recipeId === 'none' ? null : (ofWay[0] ?? null));
  const title = name.trim() || (kinds.length > 0 ? `${dishNames(kinds.map((s) => s.name))}, ${method.meal}` : '');
  const stageKinds = main ? stageChoices(method, main.cut, whole) : [];
  const stages = stagesAsked(stageKinds, stagesSet, recipe);
  const leftMin = eaten ? null : minutesUntil(joins?.serveAtMs ?? serveMs, now);
  const { lays, lay, setLay } = useMarinade(method, main, recipe, setting, leftMin);
  const only = onlyTheLine(asked, parts, atRiskOf(book, eaters, today), guestCount);
  return {
    book,
    now,
    kitchen,
    whole,
    kitchens,
    setKitchen,
    joins,
    besides,
    shares,
    ends,
    setEnds,
    servedMin,
    setServedMin,
    held,
    chosen,
    taken,
    setTaken,
    taking,
    grams,
    kinds,
    today,
    meat,
    plates: platesFrom(meat).plates,
    heads,
    members,
    cook,
    setCook,
    eaters,
    setEaters,
    guests,
    setGuests,
    name,
    setName,
    title,
    fits,
    method,
    chooseWay: (id: string) => {
      setWay(id);
      setRecipe(null);
      setSetting({});
      setStages(null);
      setLay(null);
    },
    stageKinds,
    stages,
    lays,
    lay,
    setLay,
    takes: recipeAsCooked(recipe, method, lay?.asked ?? null, stages),
    mind: mindOf(method, stages),
    setStages,
    recipes,
    ofWay,
    recipe,
    setRecipe: (id: string) => {
      setRecipe(id);
      setStages(null);
    },
    beside,
    setBeside,
    done: only.length > 0 ? ('the line' as const) : done,
    setDone,
    only,
    ofParts: partCautions(asked, parts),
    raw,
    rawWords: sayRawVerdict(raw.verdict),
    mustNot: whoMustNot(asked, chosen, eaters, today),
    main,
    usual,
    lieMost,
    lying,
    vessel,
    setting,
    setSetting,
    zone,
    serveMs,
    setServe,
    eaten,
    setEaten,
    /** Packs of which other dinners will take more than this leaves. */
    twice: parts.flatMap(({ held: h, massG }) => shares.plannedTwice(h, massG)),
    past: chosen.filter((h) => today > h.keeps.authority),
  };
}

export type NewMeal = ReturnType<typeof useNewMeal>;
