/** A point: [x, y] in drawing units, or [u, v] / [u, h] on the body, as the field says. */
export type Pt = readonly [number, number];
/** Where a mark lies, and its radius, in drawing units. */
export interface Place {
  at: Pt;
  r: number;
}

/** Whether a part can hurt. It must be said of every spined fin, gill cover and mouth; silence is refused. */
export type Harm = 'harmless' | 'sharp' | 'venomous';

export interface MedianFinSpec {
  name: string;
  on: 'dorsal' | 'anal';
  from: number;
  to: number;
  spines?: number;
  soft?: number;
  /** Front rays that stand free of the membrane. */
  free?: number;
  /** A fleshy fin without rays to be seen, as of sharks. */
  plain?: boolean;
  height: number | Pt[];
  lean?: Pt;
  notch?: number;
  filament?: number;
  follow?: number;
  bow?: number;
  round?: number;
  color?: string;
  /** Required where there are spines. */
  harm?: Harm;
  rim?: { width: number; color: string };
  bands?: { at: number; width: number; color: string; opacity?: number }[];
  patches?: { t: number; at: number; r: number; color: string; stretch?: number; opacity?: number }[];
  spots?: { count: number; r: number; color: string; opacity?: number };
}

export interface FanSpec {
  at: Pt;
  base?: number;
  length: number;
  angle: number;
  spread?: number;
  rays?: number;
  shape?: Pt[];
  spine?: boolean;
  /** Required where there is a spine. */
  harm?: Harm;
  behind?: boolean;
  bow?: number;
  round?: number;
  opacity?: number;
  color?: string;
  rim?: { width: number; color: string };
  spots?: { count: number; r: number; color: string; opacity?: number };
  bands?: MedianFinSpec['bands'];
  patches?: MedianFinSpec['patches'];
}

export interface EyeSpec {
  at: Pt;
  r: number;
  iris?: string;
  /** Seen from above. */
  top?: boolean;
}

export interface GillSpec {
  u: number;
  /** Open slits instead of a cover, the last at `u` (sharks). */
  slits?: { count: number; gap: number; v: Pt };
  top?: number;
  mid?: number;
  low?: number;
  throat?: number;
  /** The edge of the cover itself. */
  harm: Harm;
  preopercle?: boolean;
  spines?: { at: Pt; angle?: number; length: number; harm: Harm }[];
  ridges?: Pt[][];
}

export interface MouthSpec {
  y?: number;
  length: number;
  angle?: number;
  bow?: number;
  jaw: 'lower' | 'upper' | 'equal';
  by?: number;
  lip?: number;
  thick?: number;
  lipColor?: string;
  maxilla?: boolean;
  harm: Harm;
  teeth?: { count?: number; size?: number; hidden?: boolean };
  beak?: number;
  /** A mouth below the head, from u to u + length, seen from the side. `hidden`: not to be seen in this view. */
  under?: { u: number; hidden?: boolean };
  barbels?: { name?: string; at: Pt; length: number; angle?: number; bow?: number }[];
}

export interface TailSpec {
  /** `lopsided`: the upper lobe carries the backbone and reaches the end (sharks). */
  shape: 'forked' | 'lunate' | 'emarginate' | 'truncate' | 'rounded' | 'lopsided' | 'none';
  /** Of a lopsided tail: how far the lower lobe reaches, and whether the tip is notched. */
  lower?: number;
  notch?: boolean;
  span?: number;
  fork?: number;
  round?: number;
  bow?: number;
  rays?: number;
  power?: number;
  soften?: number;
  color?: string;
  name?: string;
  bands?: MedianFinSpec['bands'];
  spots?: MedianFinSpec['spots'];
  rim?: FanSpec['rim'];
}

export interface PatternSpec {
  type: 'bars' | 'stripes' | 'waves' | 'spots' | 'patch' | 'mottle' | 'worms';
  /** Makes the pattern a trait that can be pointed at. */
  name?: string;
  color: string;
  opacity?: number;
  /** Dropped in icons. */
  fine?: boolean;
  /** Keeps sets of spots off each other. */
  apart?: boolean;
  at?: number[];
  u?: Pt;
  v?: Pt;
  width?: number;
  slant?: number;
  wobble?: number;
  point?: number;
  count?: number;
  amp?: number;
  area?: [number, number, number, number];
  r?: [number, number];
  gap?: number;
  toward?: 'back';
  list?: [number, number, number][];
  points?: Pt[];
  halo?: string;
  haloSize?: number;
  haloOpacity?: number;
  stretch?: number;
  rough?: number;
  angle?: number;
  turn?: number;
}

/** A fish as parameters; see units.ts for u, v and h. Angles in degrees, 0 = straight back, 90 = down. */
export interface FigureSpec {
  id: string;
  name: string;
  latin: string;
  plan: 'round' | 'flat' | 'eel' | 'ray' | 'shark' | 'squid';
  facing?: 'left' | 'right';
  description?: string;
  body: {
    dorsal: Pt[];
    ventral: Pt[];
    snoutY?: number;
    /** Where the body begins when something stands before it (arms). */
    start?: number;
    bend?: { amp: number; waves: number; phase?: number; head?: number };
  };
  mouth?: MouthSpec;
  eye?: EyeSpec;
  eyes?: EyeSpec[];
  gill?: GillSpec;
  lateral?: {
    path: Pt[];
    color?: string;
    underlay?: string;
    width?: number;
    bold?: boolean;
    opacity?: number;
    scutes?: { count: number; size: number; color?: string };
  };
  fins?: MedianFinSpec[];
  paired?: Record<string, FanSpec>;
  finlets?: { on: 'dorsal' | 'anal'; from: number; to: number; count: number; size: number }[];
  freeRays?: { at: Pt; angle: number; length: number }[];
  freeRayColor?: string;
  lobes?: { name: string; points: Pt[]; color?: string }[];
  /** Arms before the head (squid, cuttlefish): root on the body, length, thickness at the root, bend in degrees. */
  arms?: { at: Pt; angle: number; length: number; thick: number; bend?: number; club?: boolean }[];
  /** From where to where the mantle reaches, u. */
  mantle?: Pt;
  /** A spine or blade of its own on the tail (stingrays, surgeonfishes). */
  barb?: { name?: string; at: Pt; angle?: number; length: number; harm: Harm };
  headSpines?: { at: Pt; angle: number; length: number }[];
  tail?: TailSpec;
  colors: { back: string; flank: string; belly: string; fin: string };
  pattern?: PatternSpec[];
  skin?: {
    scales?: { size: number; color?: string; opacity?: number; v?: Pt };
    tubercles?: {
      area: [number, number, number, number];
      count: number;
      r: [number, number];
      color?: string;
      gap?: number;
    };
    thorns?: [number, number, number][];
    thornBase?: string;
    knobs?: [number, number, number][];
    flaps?: { at: Pt; angle: number; length: number }[];
  };
  /** Poison in the flesh, in words. */
  toxin?: string;
  vent?: number;
  discEnd?: number;
  nostril?: boolean;
}
