import type { BladePose } from '@dagboek/core/cut';
import type { FigureSpec } from '../spec.ts';
import { INK, PAPER } from '../units.ts';

/** A cut through the fish, as an SVG of its own. */
export interface Section {
  svg: string;
  width: number;
  height: number;
}

const ACT = 'var(--cut-now, #e95a0c)';
const n = (x: number): string => String(Math.round(x * 10) / 10);

/** Where the blade goes in each pose: [x, y] in half widths and half depths, y down, the middle of the body at 0. */
type Way = readonly (readonly [number, number])[];
const ROUND_WAYS: Readonly<Record<BladePose, readonly Way[]>> = {
  'down onto the bone': [
    [
      [0.1, -1.12],
      [0.1, -0.16],
    ],
  ],
  'along the bone': [
    [
      [0.42, -1.12],
      [0.12, -0.62],
      [0.12, -0.2],
    ],
  ],
  'over the ribs': [
    [
      [0.14, -0.16],
      [0.34, -0.04],
      [0.6, 0.3],
      [0.62, 0.56],
    ],
  ],
  'into the side, to the bone': [
    [
      [1.2, -0.3],
      [0.3, -0.12],
    ],
  ],
  'down beside the body': [
    [
      [0.5, -1.12],
      [0.5, 0.8],
    ],
  ],
  'tip only, edge up': [
    [
      [0, 1.24],
      [0, 0.86],
    ],
  ],
  'flat on the skin': [
    [
      [0.2, -0.74],
      [0.62, -0.5],
      [0.84, 0.02],
      [0.7, 0.5],
    ],
  ],
  'either side of the pin bones': [
    [
      [0.98, -0.34],
      [0.26, -0.12],
    ],
    [
      [1.02, 0.14],
      [0.26, -0.08],
    ],
  ],
  'flat on the side bones': [
    [
      [0.1, -1.12],
      [0.1, -0.2],
    ],
  ],
};
const FLAT_WAYS: Readonly<Partial<Record<BladePose, readonly Way[]>>> = {
  'down beside the body': [
    [
      [0.34, -1.7],
      [0.34, 0.9],
    ],
  ],
  'down onto the bone': [
    [
      [0, -1.5],
      [0, -0.3],
    ],
  ],
  'along the bone': [
    [
      [0, -0.34],
      [0.85, -0.12],
    ],
  ],
  'flat on the side bones': [
    [
      [-0.06, -1.3],
      [0.1, -0.36],
      [0.86, -0.14],
    ],
  ],
  'flat on the skin': [
    [
      [0.8, -0.36],
      [0.3, -0.74],
      [-0.3, -0.74],
    ],
  ],
  'tip only, edge up': [
    [
      [0.5, -1.4],
      [0.5, -0.7],
    ],
  ],
};

/**
 * The blade in a cut through the body, seen from the tail: a flatfish lies on the board, the others stand on their belly. `widthToDepth`
 * is the species' own; `size` is the longer side, px. A sketch to hold the knife by, not an anatomy.
 */
export function drawSection(
  spec: Pick<FigureSpec, 'plan' | 'colors'>,
  pose: BladePose,
  widthToDepth: number,
  size = 150,
): Section {
  const flat = spec.plan === 'flat' || spec.plan === 'ray';
  const hollow = spec.plan === 'squid';
  const wide = flat ? 1 / Math.min(0.5, Math.max(0.18, widthToDepth)) : Math.min(1, Math.max(0.4, widthToDepth));
  const [w, h] = flat ? [size, Math.max(96, (size / wide) * 2.3)] : [Math.max(104, size * wide * 1.25), size];
  const [a, b] = flat ? [w * 0.46, (w * 0.46) / wide] : [size * 0.4 * wide, size * 0.4];
  const [cx, cy] = [w / 2, h / 2];
  const at = ([x, y]: readonly [number, number]): string => `${n(cx + x * a)} ${n(cy + y * b)}`;
  const out: string[] = [];
  const ellipse = (x: number, y: number, rx: number, ry: number, fill: string, stroke = 1.8): void =>
    void out.push(
      `<ellipse cx="${n(cx + x * a)}" cy="${n(cy + y * b)}" rx="${n(rx)}" ry="${n(ry)}" fill="${fill}" stroke="${INK}" stroke-width="${stroke}"/>`,
    );
  const path = (d: string, w2: number, color = INK): void =>
    void out.push(
      `<path d="${d}" fill="none" stroke="${color}" stroke-width="${w2}" stroke-linecap="round" stroke-linejoin="round"/>`,
    );
  ellipse(0, 0, a, b, hollow ? spec.colors.flank : '#f0e2cf', 2.4);
  if (hollow) ellipse(0, 0, a * 0.72, b * 0.72, PAPER);
  else if (flat) {
    path(`M${at([-0.88, 0])}L${at([0.88, 0])}`, 2);
    for (const s of [-1, 1])
      for (const x of [0.3, 0.5, 0.7]) path(`M${at([s * x, 0])}l${n(s * a * 0.05)} ${n(-b * 0.12)}`, 1.2);
    ellipse(0, 0, b * 0.26, b * 0.26, PAPER);
  } else {
    ellipse(0, 0.5, a * 0.52, b * 0.4, '#e3c9b6', 1.4);
    path(`M${at([0, -0.12])}L${at([0, -0.78])}`, 2);
    for (const s of [-1, 1]) path(`M${at([s * 0.1, 0])}Q${at([s * 0.62, 0.1])} ${at([s * 0.56, 0.62])}`, 1.8);
    ellipse(0, -0.06, a * 0.13, a * 0.13, PAPER);
  }
  const ways = (flat && FLAT_WAYS[pose]) || ROUND_WAYS[pose];
  for (const way of ways) {
    const d = `M${way.map(at).join('L')}`;
    path(d, 7.4);
    path(d, 4.6, ACT);
    const [p, q] = [way.at(-2)!, way.at(-1)!].map(([x, y]) => [cx + x * a, cy + y * b] as const);
    const turn = Math.atan2(q![1] - p![1], q![0] - p![0]);
    const point = (da: number, r: number): string =>
      `${n(q![0] + r * Math.cos(turn + da))} ${n(q![1] + r * Math.sin(turn + da))}`;
    out.push(
      `<path d="M${point(0, 8)}L${point(2.2, 9)}L${point(-2.2, 9)}Z" fill="${ACT}" stroke="${INK}" stroke-width="1.6"/>`,
    );
  }
  return {
    width: Math.round(w),
    height: Math.round(h),
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${n(w)} ${n(h)}" width="${Math.round(w)}" height="${Math.round(h)}" role="img" aria-label="Blade in section: ${pose}">${out.join('')}</svg>`,
  };
}
