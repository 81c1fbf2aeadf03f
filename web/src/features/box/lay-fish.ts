import type { Layer } from '@dagboek/journal';

/** A fish to be drawn in a box: its length and depth, mm, and where it was laid. */
export interface ToLay {
  readonly id: string;
  readonly lengthMm: number;
  readonly depthMm: number;
  /** From side to side: they lie on their sides, and lie as high as this upon each other. */
  readonly thickMm: number;
  readonly layer: Layer | null;
}

/** Where one is drawn: its left upper corner and its length, in the units of the box. */
export interface Laid {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly depth: number;
  readonly flip: boolean;
}

/** They lie a little on each other; a box is deep, and where they are many they lie behind each other too. */
const LYING = [
  [0.85, 0.8],
  [0.6, 0.7],
  [0.45, 0.6],
  [0.35, 0.5],
  [0.28, 0.4],
  [0.2, 0.3],
  [0.14, 0.22],
] as const;

/**
 * Lays fish into a box of `width` x `height` to scale (`perMm`), in rows from the floor up, each row as full as it goes: the bottom
 * layer first, what was put in first beneath the rest. What finds no room below `height` is left out, and counted.
 */
export function layFish(
  fish: readonly ToLay[],
  { width, height, perMm }: { readonly width: number; readonly height: number; readonly perMm: number },
): { laid: Laid[]; leftOut: number } {
  const rank: Readonly<Record<Layer, number>> = { bottom: 0, middle: 1, top: 2 };
  const order = fish
    .map((f, i) => ({ f, key: (f.layer ? rank[f.layer] : (1.98 * i) / Math.max(1, fish.length)) + i / 10_000 }))
    .sort((a, b) => a.key - b.key)
    .map((x) => x.f);
  let best = rows(order, { width, height, perMm }, ...LYING[0]);
  for (const [along, down] of LYING) {
    best = rows(order, { width, height, perMm }, along, down);
    if (best.leftOut === 0) break;
  }
  return best;
}

/** Rows from the floor up; `along`: share of its length after which the next one begins; `down`: share of a row's depth after which the next row does. */
function rows(
  order: readonly ToLay[],
  { width, height, perMm }: { readonly width: number; readonly height: number; readonly perMm: number },
  along: number,
  down: number,
): { laid: Laid[]; leftOut: number } {
  const laid: Laid[] = [];
  let [x, y, rowThick, row] = [0, 0, 0, 0];
  let leftOut = 0;
  for (const f of order) {
    const length = Math.min(width, f.lengthMm * perMm);
    const depth = Math.max(6, f.depthMm * perMm);
    if (x > 0 && x + length > width) {
      [x, y, row] = [0, y + rowThick * down, row + 1];
      rowThick = 0;
    }
    if (y + depth > height) {
      leftOut++;
      continue;
    }
    // Every other row looks the other way, as they are packed.
    const at = row % 2 === 0 ? x : width - x - length;
    laid.push({ id: f.id, x: at, y: height - y - depth, length, depth, flip: row % 2 === 1 });
    x += length * along + 4;
    rowThick = Math.max(rowThick, f.thickMm * perMm);
  }
  return { laid, leftOut };
}
