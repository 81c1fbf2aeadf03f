import { type PastCut, expectedStage, type Stage, YieldModel } from '@dagboek/core/cut';
import { stiffAt, stiffness } from '@dagboek/core/fresh';
import type { FleshCourse } from '@dagboek/core/heat';
import { expectedWeight } from '@dagboek/core/measure';
import { waterOfGround } from '@dagboek/core/species';
import type { Expected } from '@dagboek/journal';
import type { Species } from '../load.ts';
import type { Tern } from './crew.ts';
import { DAY, HOUR, MIN, type Scribe } from './scribe.ts';
import type { Kept } from './trip.ts';

/** A pack of the made-up larder, and what the meal's marks hang on. */
export interface MadePack {
  readonly id: string;
  readonly species: Species;
  /** The fish that it is of. */
  readonly fish: readonly string[];
  readonly massG: number;
  readonly storedMs: number;
  readonly frozen: boolean;
  readonly bledSoon: boolean;
}

const flat = (c: number): Float64Array => Float64Array.of(c);
/** From the boat to the board on ice, a few degrees warm on the whole. */
const ON_ICE: FleshCourse = { atMs: flat(0), coreC: flat(4), meanC: flat(4), mediumC: flat(0), readAs: [] };

const CUTS: Record<string, 'fillet from the tail' | 'flatfish, four fillets' | 'wings'> = {
  flat: 'flatfish, four fillets',
  ray: 'wings',
};
const DISHES = [
  'on thyme, brown butter',
  'with new potatoes',
  'in oatmeal',
  'with fennel',
  'and sorrel sauce',
  'with lemon and dill',
];
const METHODS = ['pan-fried', 'roasted', 'grilled', 'poached', 'steamed', 'simmered in a sauce'] as const;

/** What the crew's own cuts have taught so far, by what comes off and stage: the expectation of the next is written out of it. */
export type Learned = Map<string, PastCut[]>;
const STAGES = ['gutted', 'fillets', 'trimmed'] as const;
const keyOf = (species: Species, stage: Stage): string =>
  stage === 'gutted' ? stage : `${species.keeping === 'ray' ? 'wings' : 'fillets'} ${stage}`;

/** A cut as the yield model takes it, and what it should come to. */
const asked = (
  species: Species,
  by: string,
  massG: number,
  usual: readonly [number, number],
): Omit<PastCut, 'share'> => ({
  species: species.id,
  by,
  massG,
  usual,
  usualG: expectedWeight(species, (species.usualMm[0] + species.usualMm[1]) / 2).massG,
});
const expectedOf = (learned: Learned, species: Species, by: string, massG: number): Expected[] =>
  STAGES.flatMap((stage): Expected[] => {
    const usual = species.yields[stage];
    // Nobody guts a ray before its wings come off.
    if (!usual || (stage === 'gutted' && species.keeping === 'ray')) return [];
    const e = new YieldModel(learned.get(keyOf(species, stage)) ?? []).expect(asked(species, by, massG, usual));
    const short = (x: number): number => Math.round(x * 1e4) / 1e4;
    return [{ stage, low: short(e.low), mid: short(e.mid), high: short(e.high), n: e.n }];
  });

/** It lives in fresh water alone: no crab of the sea is ever in it. */
const isOfLakes = (species: Species): boolean =>
  Object.entries(species.grounds).every(([g, share]) => share === 0 || waterOfGround(g) === 'fresh');

/** What was seen when it was opened: mostly the stomach, now and then a worm, roe in its season. */
function look(s: Scribe, species: Species, cut: string, atMs: number, by: string): void {
  const note = (
    of: 'stomach' | 'sex' | 'roe' | 'worms' | 'gut' | 'flesh',
    is: string,
    more: { count?: number; where?: string } = {},
  ): void => void s.aside('cut.finding', cut, atMs, by, { of, is, ...more });
  if (!s.besideChance(0.7)) return;
  const flat = species.keeping === 'flat';
  note(
    'stomach',
    s.besidePick(
      flat
        ? ['bristle worms', 'mussels', 'nothing']
        : isOfLakes(species)
          ? ['small fish', 'small fish', 'insects', 'insects', 'nothing']
          : ['sand eels', 'sand eels', 'small fish', 'crabs', 'nothing'],
    ),
  );
  if (s.besideChance(0.5)) note('sex', s.besidePick(['hen', 'cock']));
  if (s.besideChance(0.2))
    note('worms', 'round worms', { count: s.besidePick([1, 1, 2, 4]), where: 'in the belly lining' });
  if (s.besideChance(0.06)) note('gut', 'pierced');
}

/**
 * The evening's cutting: fish of a kind together, weighed at each stage, packed. `skill` 0..1 moves the yield within
 * the species' usual range, so that the one with the knife can be seen to learn.
 */
export function cutAndPack(
  s: Scribe,
  tern: Tern,
  kept: readonly Kept[],
  startMs: number,
  by: string,
  skill: number,
  nextNumber: () => number,
  learned: Learned,
  /** Each step was noted too, not the weighings alone. */
  stepwise: boolean,
): MadePack[] {
  const packs: MadePack[] = [];
  let at = startMs;
  for (const species of new Set(kept.map((k) => k.species))) {
    const group = kept.filter((k) => k.species === species);
    const massG = group.reduce((g, k) => g + k.massG, 0);
    const cut = s.id(at);
    const fish = group.map((k) => k.id);
    const count = group.reduce((n, k) => n + k.count, 0);
    // On ice since the boat: a fish of a trip of some hours.
    const first = Math.min(...group.map((k) => k.atMs));
    const stiff = stiffAt(stiffness(ON_ICE, first, massG / count), at);
    s.note('cut.started', cut, at, by, {
      fish,
      route: CUTS[species.keeping] ?? 'fillet from the tail',
      by,
      expected: expectedOf(learned, species, by, massG / count),
      stiff,
    });
    if (stepwise)
      for (const [i, step] of ['hands ready', 'wiped'].entries())
        s.aside('cut.stepped', cut, at + (i + 1) * 15_000, by, { step });
    const weigh = (stage: 'round' | 'gutted' | 'fillets' | 'trimmed', g: number, min: number): number => {
      s.note('cut.weighed', cut, (at += min * MIN), by, { stage, massG: Math.round(g) });
      return Math.round(g);
    };
    const share = (stage: 'gutted' | 'fillets' | 'trimmed', before: number): number => {
      const usual = expectedStage(species, stage, massG) ?? [before * 0.8, before * 0.9];
      return Math.min(
        before * 0.99,
        usual[0] + (usual[1] - usual[0]) * Math.max(-0.1, Math.min(1.1, skill + s.normal(0, 0.18))),
      );
    };
    const round = weigh('round', massG, 1);
    const gutted = weigh('gutted', share('gutted', round), 3 * group.length);
    const fillets = weigh('fillets', share('fillets', gutted), 4 * group.length);
    const trimmed = weigh('trimmed', share('trimmed', fillets), 3 * group.length);
    for (const [stage, g] of [
      ['gutted', gutted],
      ['fillets', fillets],
      ['trimmed', trimmed],
    ] as const) {
      const usual = species.yields[stage];
      if (!usual) continue;
      const key = keyOf(species, stage);
      learned.set(key, [
        ...(learned.get(key) ?? []),
        { ...asked(species, by, round / count, usual), share: g / round },
      ]);
    }
    if (s.chance(0.5))
      s.note('cut.byproduct', cut, at + MIN, by, {
        what: 'frame and head',
        massG: Math.max(1, Math.round((round - trimmed) * 0.55)),
        use: s.chance(0.5) ? 'stock' : 'bait',
      });
    if (s.chance(0.35))
      s.note('cut.found', cut, at + MIN, by, {
        text: s.pick(
          isOfLakes(species)
            ? [
                'Small perch in the stomach.',
                'Caddis larvae in the stomach.',
                'Empty stomach.',
                'Fat along the gut.',
                'Hen, roe just starting.',
              ]
            : [
                'Sand eels in the stomach.',
                'Two small crabs in the stomach.',
                'Empty stomach.',
                'One worm in the belly lining, cut out.',
                'Hen, roe just starting.',
              ],
        ),
      });
    look(s, species, cut, at + 2 * MIN, by);
    const halves = trimmed > 900 ? 2 : 1;
    for (let i = 0; i < halves; i++) {
      const id = s.id((at += 2 * MIN));
      const frozen = halves === 2 && i === 1 ? true : s.chance(0.22);
      const number = nextNumber();
      const pieces = Math.max(1, Math.round((count * 2) / halves));
      const mass = Math.max(1, Math.floor(trimmed / halves));
      s.note('pack.stored', id, at, by, {
        number,
        what: `${species.name}, ${pieces} ${species.keeping === 'ray' ? 'wing' : 'fillet'}${pieces > 1 ? 's' : ''}`,
        species: species.id,
        form: species.keeping === 'ray' ? 'wings' : 'fillets',
        massG: mass,
        pieces,
        wrapping: frozen ? (s.chance(0.7) ? 'vacuum' : 'bag') : 'cloth',
        place: frozen ? 'freezer' : 'fridge',
        fish,
        cut,
      });
      packs.push({ id, species, fish, massG: mass, storedMs: at, frozen, bledSoon: group.every((k) => k.bledSoon) });
    }
    at += 5 * MIN;
  }
  return packs;
}

/** Every third meal somebody put the probe in: off some degrees before its warmest. */
const MIDDLE_C = { glassy: 52, 'just parts': 56, moist: 61, dry: 67 } as const;
const readMiddle = (done: keyof typeof MIDDLE_C) => ({
  coreC: MIDDLE_C[done],
  pulledC: MIDDLE_C[done] - 6,
  cues: ['flakes part'],
});

/** A meal from one pack: cooked, eaten, marked. The marks hang, with honest noise, on bleeding and age. */
export function serve(s: Scribe, tern: Tern, pack: MadePack, servedMs: number, nextNumber: () => number): void {
  const cook = s.chance(0.8) ? tern.tomas : tern.ilse;
  if (pack.frozen) s.note('pack.moved', pack.id, servedMs - 20 * HOUR, cook, { place: 'fridge' });
  const meal = s.id(servedMs);
  const eaters = s.chance(0.3) ? [tern.ilse, tern.tomas, tern.wren, tern.oda] : [tern.ilse, tern.tomas, tern.wren];
  const taken = pack.massG;
  const done = s.weighted(
    ['glassy', 'just parts', 'moist', 'dry'] as const,
    (d) => ({ glassy: 1, 'just parts': 4, moist: 5, dry: 1 })[d],
  );
  s.note('meal.served', meal, servedMs, cook, {
    name: `${pack.species.name} ${s.pick(DISHES)}`,
    cook,
    method: s.pick(METHODS),
    packs: [{ pack: pack.id, massG: taken }],
    eaters,
    doneness: done,
    ...(servedMs % 3 === 0 || Math.floor(servedMs / HOUR) % 3 === 0 ? readMiddle(done) : {}),
  });
  const days = pack.frozen ? 1.5 : (servedMs - pack.storedMs) / DAY;
  const merit =
    4.1 +
    (pack.bledSoon ? 0.3 : -0.3) -
    0.35 * Math.max(0, days - 1) -
    (pack.frozen ? 0.25 : 0) -
    (done === 'dry' ? 0.6 : 0);
  for (const eater of eaters)
    s.note('meal.rated', meal, servedMs + 40 * MIN, eater, {
      eater,
      mark: Math.max(1, Math.min(5, Math.round((merit + s.normal(0, 0.45)) * 2) / 2)),
    });
  if (s.chance(0.3))
    s.note('meal.noted', meal, servedMs + 50 * MIN, cook, {
      text: s.pick([
        'A minute less next time.',
        'Butter a shade less.',
        'Best of the month.',
        'Dry the skin longer before the pan.',
        'More salt in the water.',
      ]),
    });
  if (s.chance(0.15)) {
    const left = s.id(servedMs + HOUR);
    s.note('pack.stored', left, servedMs + HOUR, cook, {
      number: nextNumber(),
      what: `${pack.species.name}, cooked`,
      species: pack.species.id,
      form: 'cooked',
      massG: Math.max(40, Math.round(taken * 0.2)),
      wrapping: 'box',
      place: 'fridge',
      fish: [],
      meal,
    });
    const lunch = s.id(servedMs + 17 * HOUR);
    s.note('meal.served', lunch, servedMs + 17 * HOUR, cook, {
      name: 'Fish cakes',
      cook,
      method: 'pan-fried',
      packs: [{ pack: left, massG: Math.max(40, Math.round(taken * 0.2)) }],
      eaters: [tern.wren],
      doneness: 'moist',
    });
  }
}
