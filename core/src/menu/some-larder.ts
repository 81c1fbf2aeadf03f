import { seeded } from '../random/index.ts';
import { addDays } from '../time/index.ts';
import type { MenuDay, MenuEater, MenuPack, MenuWishes } from './menu.ts';

const KINDS = [
  ['pollack', 'lean', 'low'],
  ['mackerel', 'oily', 'low'],
  ['cod', 'lean', 'low'],
  ['seabass', 'lean', 'some'],
  ['tope', 'lean', 'high'],
] as const;

/** A larder by chance, to measure the plan of meals on: `packs` of them over `days` days; the same seed gives the same. `easy`: no day asks for fish, or for none, and nobody is allergic. */
export function someLarder(seed: number, packs: number, days: number, easy = false): MenuWishes {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const upTo = (n: number): number => Math.floor(random() * (n + 1));
  const people = ['Ilse', 'Tomas', 'Wren'].map((name): MenuEater => ({
    id: name,
    name,
    plates: pick([0.5, 1, 1, 1.5]),
    dislikes: random() < 0.3 ? [pick(KINDS)[0]] : [],
    allergic: !easy && random() < 0.1 ? [pick(KINDS)[0]] : [],
    noFish: false,
    atRisk: random() < 0.2,
    mercuryUnits: upTo(3),
  }));
  return {
    packs: Array.from({ length: packs }, (_, i): MenuPack => {
      const [species, fat, mercury] = pick(KINDS);
      const frozen = random() < 0.5;
      const lastDay = frozen ? upTo(days * 6) : upTo(days);
      const meatG = 40 * (2 + upTo(12));
      return {
        id: `p${i}`,
        number: String(i + 1),
        form: 'fillets',
        atOnce: true,
        rawMet: false,
        countsAsRaw: !easy && i % 7 === 3,
        thawed: false,
        name: species,
        species,
        fat,
        mercury,
        meatG,
        massG: meatG,
        place: frozen ? 'freezer' : 'fridge',
        firstDay: frozen ? 1 : 0,
        lastDay,
        bestDay: Math.max(0, lastDay - upTo(3)),
      };
    }),
    days: Array.from({ length: days }, (_, d): MenuDay => ({
      day: addDays('2026-09-12', d),
      eaters: people.filter(() => random() < 0.8),
      fish: easy ? 'either' : pick(['either', 'either', 'yes', 'no'] as const),
      guests: random() < 0.15 ? 1 : 0,
    })),
    locks: [],
    freezerG: null,
  };
}
