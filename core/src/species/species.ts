import type { Bleed, Kill } from '../handling/index.ts';
import type { BodyShape } from './body-shape.ts';

/** How a length is taken. A rule names one of these. */
export type LengthKind = 'total' | 'fork' | 'discWidth' | 'mantle';
/** With what a length is taken; each has its own error. */
export type MeasureMethod = 'board' | 'mat' | 'tape' | 'photo' | 'eye';

/** What a species allows of raw fish. `never`: it is not eaten at all, raw or cooked. */
export type RawRule = 'never' | 'cook' | 'frozen first';

export type HazardKind = 'venomous' | 'sharp' | 'bite' | 'poison' | 'electric' | 'blood';

/** How bad it is for the person: a scratch, an hour's pain, a doctor, an emergency. */
export type Severity = 'slight' | 'painful' | 'serious' | 'can kill';

/** One way in which a fish can hurt the person who holds or eats it. */
export interface Hazard {
  readonly kind: HazardKind;
  /** The part of the drawn fish that does it: a fin, `gill cover`, `mouth`, `flesh` ... */
  readonly part: string;
  /** Where on the body, in words. */
  readonly where: string;
  /** What it does to a person. */
  readonly does: string;
  /** What to do with the hands. */
  readonly grip: string;
  /** How bad it is; left out: the worse reading of its kind. */
  readonly severity?: Severity;
}

export type KeepingClass =
  | 'lean white'
  | 'flat'
  | 'oily small'
  | 'large oily'
  | 'fresh-water lean'
  | 'salmonid'
  | 'warm reef'
  | 'ray'
  | 'shark'
  | 'cephalopod';

/** One length told from another: to = constant + slope * from, with a residual error as a share of the result, or in mm. */
export interface LengthConversion {
  readonly from: LengthKind;
  readonly to: LengthKind;
  readonly slope: number;
  /** mm; left out: 0. */
  readonly constantMm?: number;
  readonly sdShare: number;
  /** Residual error that does not grow with the fish, mm, 1 sd; left out: 0. */
  readonly sdMm?: number;
}

/** What the core needs to know of a species. The pack's file holds more (names, figure, sources). */
export interface SpeciesFacts {
  readonly id: string;
  readonly name: string;
  /** Length kinds in which this species is measured; the first is the usual one. */
  readonly lengthKinds: readonly LengthKind[];
  readonly usualMm: readonly [number, number];
  readonly maxMm: number;
  /** How one of its lengths follows from another; left out: none is known. */
  readonly conversions?: readonly LengthConversion[];
  /** W = a * L^b with g and cm of the first length kind; sd of ln W. Typical. */
  readonly weight: { readonly a: number; readonly b: number; readonly sdLog: number };
  /** How common it is in each kind of water ground, 0 (never) to 1 (most often met). Left out = 0. */
  readonly grounds: Readonly<Record<string, number>>;
  /** Months in which it is about, 1-12, wrapping when the first is later than the last. */
  readonly months: readonly [number, number];
  readonly keeping: KeepingClass;
  readonly fat: 'lean' | 'oily';
  readonly shape: BodyShape;
  /** Keeping time on ice, ice-days, typical. */
  readonly iceDays: number;
  readonly hazards: readonly Hazard[];
  /** In which waters it lives; left out: not known. */
  readonly waters?: readonly ('salt' | 'brackish' | 'fresh')[];
  /** Forms histamine when it lies warm; left out: no. */
  readonly histamine?: boolean;
  /** Reef fish that may carry ciguatera; left out: no. */
  readonly ciguatera?: boolean;
  /** Whether it is eaten raw, and why; `never`: it is not eaten at all. Left out: not known. */
  readonly raw?: { readonly verdict: RawRule; readonly why: string };
  /** How it is killed, the first way to be offered first; left out: nothing is known. None: it is not for the board. */
  readonly kills?: readonly Kill[];
  /** Where it is cut; none: it is not bled. */
  readonly bleeds?: readonly Bleed[];
  /** Yield shares of round weight by stage, [low, high], typical. */
  readonly yields: Readonly<Partial<Record<'gutted' | 'fillets' | 'trimmed' | 'headed', readonly [number, number]>>>;
}
