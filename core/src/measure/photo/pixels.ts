/** A picture in shades of grey, row by row. */
export interface Grey {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8Array;
}

/** Grey (Rec. 601 luma) from red, green, blue and alpha, made smaller by whole steps so that no side is above `most` px. */
export function toGrey(
  rgba: { readonly width: number; readonly height: number; readonly data: Uint8ClampedArray | Uint8Array },
  most: number,
): Grey & { readonly step: number } {
  const step = Math.max(1, Math.ceil(Math.max(rgba.width, rgba.height) / most));
  const width = Math.floor(rgba.width / step);
  const height = Math.floor(rgba.height / step);
  const data = new Uint8Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let sum = 0;
      for (let j = 0; j < step; j++)
        for (let i = 0; i < step; i++) {
          const k = ((y * step + j) * rgba.width + x * step + i) * 4;
          sum += 0.299 * (rgba.data[k] ?? 0) + 0.587 * (rgba.data[k + 1] ?? 0) + 0.114 * (rgba.data[k + 2] ?? 0);
        }
      data[y * width + x] = Math.round(sum / (step * step));
    }
  return { width, height, data, step };
}

/** The grey that parts light from dark best (Otsu 1979), and how well: between-class share of the variance, 0 to 1. */
export function otsu(values: Uint8Array): { threshold: number; contrast: number } {
  const counts = new Float64Array(256);
  for (const v of values) counts[v] = (counts[v] ?? 0) + 1;
  const n = values.length;
  let sum = 0;
  let squares = 0;
  counts.forEach((c, v) => {
    sum += c * v;
    squares += c * v * v;
  });
  const variance = squares / n - (sum / n) ** 2;
  let below = 0;
  let sumBelow = 0;
  let best = 0;
  let threshold = 127;
  for (let t = 0; t < 255; t++) {
    below += counts[t] ?? 0;
    sumBelow += t * (counts[t] ?? 0);
    if (below === 0 || below === n) continue;
    const apart = sumBelow / below - (sum - sumBelow) / (n - below);
    const between = ((below * (n - below)) / (n * n)) * apart * apart;
    if (between > best) {
      best = between;
      threshold = t;
    }
  }
  return { threshold, contrast: variance > 0 ? best / variance : 0 };
}

/** The largest patch of touching (by side) pixels of which `is` says yes; as a mask, with its number of pixels. */
export function largestPatch(
  grey: Grey,
  is: (value: number, index: number) => boolean,
): { mask: Uint8Array; count: number } {
  const { width, height, data } = grey;
  const label = new Int32Array(data.length);
  let best = { id: 0, count: 0 };
  let id = 0;
  const queue = new Int32Array(data.length);
  for (let start = 0; start < data.length; start++) {
    if (label[start] !== 0 || !is(data[start] ?? 0, start)) continue;
    id++;
    let head = 0;
    let tail = 0;
    queue[tail++] = start;
    label[start] = id;
    while (head < tail) {
      const k = queue[head++] as number;
      const x = k % width;
      const y = (k - x) / width;
      for (const next of [
        x > 0 ? k - 1 : -1,
        x < width - 1 ? k + 1 : -1,
        y > 0 ? k - width : -1,
        y < height - 1 ? k + width : -1,
      ])
        if (next >= 0 && label[next] === 0 && is(data[next] ?? 0, next)) {
          label[next] = id;
          queue[tail++] = next;
        }
    }
    if (tail > best.count) best = { id, count: tail };
  }
  const mask = new Uint8Array(data.length);
  if (best.id > 0) label.forEach((l, k) => (mask[k] = l === best.id ? 1 : 0));
  return { mask, count: best.count };
}
