import { type Boundary, COARSE, Conduction, FLESH, INSULATED, meets } from '../heat/index.ts';
import type { BoxFish } from './box-types.ts';

/** Cells of a fish in the box: its heat is what counts here. */
const CELLS = 12;
/** A fish so near to its ice is as cold as that, K. */
const REST_K = 0.03;

interface Inside {
  readonly fish: BoxFish;
  readonly flesh: Conduction;
  /** Heat of all of the lot for each of the solver's own measure, J. */
  readonly scale: number;
  /** Skin of all of the lot, m2. */
  readonly skinM2: number;
}

/** What the fish of a box lie in: a medium of so many degrees, and whether it is ice, water that covers them, or air. */
export interface Medium {
  readonly c: number;
  readonly hasIce: boolean;
  readonly covered: boolean;
}

const meet = ({ c, hasIce, covered }: Medium, how: BoxFish['how']): Boundary =>
  meets(hasIce ? how : covered ? 'still water' : 'still air', c);

/** The fish that lie in a box: conduction bodies, each with what it lay in before. */
export class FishInside {
  private readonly all = new Map<string, Inside>();

  /** Lays a fish, or a lot, into the box. */
  enter(fish: BoxFish): void {
    const flesh = new Conduction(fish.body, fish.startC, CELLS, COARSE);
    for (const b of fish.before) flesh.march(b.seconds, b.boundary);
    const { radiusM, exponent } = fish.body;
    const volume = (fish.massKg / FLESH.density) * fish.count;
    const scale = volume / flesh.measure;
    this.all.set(fish.id, { fish, flesh, scale, skinM2: (volume * (exponent + 1)) / radiusM });
  }

  leave(id: string): void {
    this.all.delete(id);
  }

  /** Mass of all the fish, kg. */
  get kg(): number {
    let kg = 0;
    for (const i of this.all.values()) kg += i.fish.massKg * i.fish.count;
    return kg;
  }

  /** Lets the fish go on in a medium; what they give it, J. */
  march(medium: Medium, seconds: number): number {
    let j = 0;
    for (const i of this.all.values()) {
      // As cold as what it lies in: nothing goes through its skin.
      const rest = Math.abs(i.flesh.surfaceC - medium.c) < REST_K && Math.abs(i.flesh.coreC - medium.c) < REST_K;
      if (rest && medium.hasIce) continue;
      const was = i.flesh.heatIn;
      i.flesh.march(seconds, meet(medium, i.fish.how), INSULATED);
      j -= (i.flesh.heatIn - was) * i.scale;
    }
    return j;
  }

  /**
   * How the skins pull at a medium as they are now: `pull`, W, what they give it; `weight`, W/K, how much less that gets for each
   * kelvin by which it warms; `most`, W, what those that are warmer than it can give at the most.
   */
  skins(medium: Medium): { pull: number; weight: number; most: number } {
    let [pull, weight, most] = [0, 0, 0];
    for (const i of this.all.values()) {
      const g = i.skinM2 * meet(medium, i.fish.how).h;
      const over = i.flesh.surfaceC - medium.c;
      pull += g * over;
      weight += g;
      most += g * Math.max(0, over);
    }
    return { pull, weight, most };
  }

  /** Keeps how warm each fish is; the function that comes back puts it back. */
  save(): () => void {
    const kept = [...this.all.values()].map((i) => ({ i, state: i.flesh.save() }));
    return () => {
      for (const { i, state } of kept) i.flesh.restore(state);
    };
  }
}
