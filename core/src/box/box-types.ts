import type { Boundary, ConductionBody, Transfer } from '../heat/index.ts';
import type { IceFinding } from './seen.ts';

/** Air about the box from an instant on, degC. */
export interface AirFrom {
  readonly atMs: number;
  readonly c: number;
}

/** One fish, or a lot of equal ones, that lies in the box for a while. */
export interface BoxFish {
  readonly id: string;
  readonly body: ConductionBody;
  /** Of one, kg. */
  readonly massKg: number;
  readonly count: number;
  readonly inMs: number;
  /** Null while it lies there. */
  readonly outMs: number | null;
  /** Temperature throughout when it was killed, and what its skin met until it came in. */
  readonly startC: number;
  readonly before: readonly { readonly seconds: number; readonly boundary: Boundary }[];
  /** How it lies while there is ice. */
  readonly how: Extract<Transfer, 'wet ice' | 'still slurry' | 'sloshing slurry'>;
}

/** What is done with the box. */
export type BoxEvent =
  | { readonly atMs: number; readonly kind: 'ice'; readonly kg: number }
  | { readonly atMs: number; readonly kind: 'water'; readonly kg: number; readonly c: number }
  | { readonly atMs: number; readonly kind: 'drained' }
  | { readonly atMs: number; readonly kind: 'opened' };

export interface BoxInput {
  readonly litres: number;
  /** Heat through its walls, W/K. */
  readonly uaWK: number;
  readonly fromMs: number;
  readonly untilMs: number;
  /** Ice in it at first, kg. */
  readonly iceKg: number;
  /** In the order of time; the first holds from the beginning. Sun on it counts as air SUN_K warmer. */
  readonly air: readonly AirFrom[];
  /** Its lining was cooled before. */
  readonly precooled: boolean;
  /** What its ice melts at: 0, or SLURRY_C with sea water. */
  readonly meltC: number;
  readonly events: readonly BoxEvent[];
  readonly fish: readonly BoxFish[];
  /** What was found out about it: the box is set right by it. */
  readonly found?: readonly IceFinding[];
  /** As if the ice lasted for ever: for what melts it, whatever the walls. */
  readonly iceForEver?: boolean;
}

/** The box at an instant. */
export interface BoxSample {
  readonly atMs: number;
  readonly iceKg: number;
  readonly waterKg: number;
  readonly mediumC: number;
  /** Whether its water covers the fish, were there no ice. */
  readonly covered: boolean;
  /** Since the beginning: air above the medium times seconds, K s; heat by all but walls, J; ice that was put in, kg. */
  readonly degreeS: number;
  readonly otherJ: number;
  readonly addedKg: number;
}

/** Heat and mass that came and went: `startJ` + what came - what went = `endJ`, and so with mass. */
export interface BoxLedger {
  readonly startJ: number;
  readonly wallsJ: number;
  readonly openingsJ: number;
  readonly fishJ: number;
  /** Of ice and water put in, and water let out, against water at the melting point. */
  readonly addedJ: number;
  readonly drainedJ: number;
  readonly endJ: number;
  readonly startKg: number;
  readonly addedKg: number;
  readonly drainedKg: number;
  readonly endKg: number;
  /** What findings set right. */
  readonly correctedJ: number;
  readonly correctedKg: number;
}

/** A finding that set the box right: what was reckoned, and what it was. */
export interface BoxCorrected {
  readonly atMs: number;
  readonly kind: IceFinding['kind'];
  readonly reckonedKg: number;
  readonly isKg: number;
  readonly reckonedC: number;
  readonly isC: number;
}

export interface BoxCourse {
  readonly samples: readonly BoxSample[];
  /** When the ice was gone and none came after, epoch ms; null while it lasts. */
  readonly goneMs: number | null;
  /** When there was none, each from when to when; the last without an end when none came. */
  readonly without: readonly { readonly fromMs: number; readonly toMs: number | null }[];
  readonly ledger: BoxLedger;
  readonly corrected: readonly BoxCorrected[];
}
