import type { FigureSpec, Harm, MedianFinSpec, Pt } from './spec.ts';

/**
 * A figure told as changes to another one, since most fish are like some other fish. Objects are merged, arrays and plain
 * values replace, null removes; `fins` are changed by name. Nothing is inherited about harm: `harms` must speak of every
 * spined fin, gill cover, mouth and spine of its own, so that no danger is taken over, or lost, unsaid.
 */
export interface DerivedFigure {
  readonly id: string;
  readonly like: string;
  /** Multiplies the depth above and below the axis. */
  readonly scale?: { readonly back?: number; readonly belly?: number };
  readonly fins?: Readonly<Record<string, Readonly<Record<string, unknown>> | null>>;
  readonly addFins?: readonly MedianFinSpec[];
  readonly harms?: Readonly<Record<string, Harm>>;
  readonly [field: string]: unknown;
}
export type FigureFile = FigureSpec | DerivedFigure;

const isDerived = (f: FigureFile): f is DerivedFigure => 'like' in f;
type Plain = Record<string, unknown>;
const isPlain = (x: unknown): x is Plain => typeof x === 'object' && x !== null && !Array.isArray(x);

function merge(base: Plain, change: Plain): Plain {
  const out: Plain = { ...base };
  for (const [k, v] of Object.entries(change)) {
    const before = out[k];
    if (v === null) delete out[k];
    else out[k] = isPlain(v) && isPlain(before) ? merge(before, v) : v;
  }
  return out;
}

/** Takes all that the base says about harm away. */
function silence(spec: FigureSpec): void {
  const mute = (part: { harm?: Harm } | undefined): void => void (part && delete part.harm);
  for (const f of spec.fins ?? []) mute(f);
  for (const f of Object.values(spec.paired ?? {})) mute(f);
  mute(spec.gill);
  for (const s of spec.gill?.spines ?? []) mute(s);
  mute(spec.mouth);
  mute(spec.barb);
}

function speak(spec: FigureSpec, harms: Readonly<Record<string, Harm>>): void {
  for (const [part, harm] of Object.entries(harms)) {
    const fin = spec.fins?.find((f) => f.name === part) ?? spec.paired?.[part];
    if (fin) fin.harm = harm;
    else if (part === 'gill cover' && spec.gill) spec.gill.harm = harm;
    else if (part === 'gill spines' && spec.gill?.spines) for (const s of spec.gill.spines) s.harm = harm;
    else if (part === 'mouth' && spec.mouth) spec.mouth.harm = harm;
    else if (spec.barb && part === (spec.barb.name ?? 'tail barb')) spec.barb.harm = harm;
    else throw new RangeError(`${spec.id}: harms: there is no ${part} on this figure`);
  }
}

const scaled = (points: readonly Pt[], k: number): Pt[] => points.map(([u, h]): Pt => [u, h * k]);

/**
 * The whole figure of a file: itself, or its changes laid over the figure it is like (which may be like another).
 * `look`: finds a file by id. Throws RangeError for an unknown or circular base, a fin that is not there, or a harm without its part.
 */
export function resolveFigure(file: FigureFile, look: (id: string) => FigureFile | undefined, depth = 0): FigureSpec {
  if (!isDerived(file)) return structuredClone(file);
  // Cloned, since what is laid over the base is changed further down the line.
  const { like, scale, fins, addFins, harms, ...rest } = structuredClone(file);
  const baseFile = look(like);
  if (!baseFile) throw new RangeError(`${file.id}: is like "${like}", which is not there`);
  if (depth > 4) throw new RangeError(`${file.id}: is like "${like}", and that goes round in a circle`);
  const base = resolveFigure(baseFile, look, depth + 1);
  silence(base);
  const spec = merge(base as unknown as Plain, rest) as unknown as FigureSpec;
  if (scale) {
    const body = rest['body'] as Partial<FigureSpec['body']> | undefined;
    if (!body?.dorsal) spec.body.dorsal = scaled(spec.body.dorsal, scale.back ?? 1);
    if (!body?.ventral) spec.body.ventral = scaled(spec.body.ventral, scale.belly ?? 1);
  }
  for (const [name, change] of Object.entries(fins ?? {})) {
    const i = spec.fins?.findIndex((f) => f.name === name) ?? -1;
    const fin = spec.fins?.[i];
    if (!spec.fins || !fin) throw new RangeError(`${file.id}: there is no fin "${name}" to change`);
    if (change === null) spec.fins.splice(i, 1);
    else spec.fins[i] = merge(fin as unknown as Plain, change) as unknown as MedianFinSpec;
  }
  if (addFins) spec.fins = [...(spec.fins ?? []), ...addFins];
  speak(spec, harms ?? {});
  return spec;
}
