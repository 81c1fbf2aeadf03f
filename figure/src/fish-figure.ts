import { bender, type Bounds, boundsOf, buildAnatomy, type Detail, type Warp } from './anatomy.ts';
import { describeFigure } from './describe.ts';
import { drawFigure } from './draw.ts';
import { silentParts } from './hazards.ts';
import type { CutOverlay } from './cuts/cut-overlay.ts';
import type { ApartOverlay } from './cuts/apart-overlay.ts';
import type { ShareOverlay } from './cuts/share-out.ts';
import { landmarks } from './landmarks.ts';
import {
  drawHazards,
  drawMeasure,
  drawNotes,
  drawTargets,
  drawTraits,
  escapeXml,
  type Measure,
  type Note,
  type Words,
} from './overlays.ts';
import { makePen } from './pen.ts';
import { hazardsOf } from './hazards.ts';
import { type Part, partPoints } from './parts.ts';
import type { FigureSpec, Pt } from './spec.ts';
import { unsafeText } from './unsafe-text.ts';
import { L } from './units.ts';

export interface FigureOptions {
  /** Width in px: up to 96 an icon, up to 480 a card, above that a plate. Default 320. */
  size?: number;
  measure?: Measure;
  /** Marks and letters on the parts that can hurt. */
  hazards?: boolean;
  /** Only the dangerous parts in red, without letters (icons too). */
  hazardLines?: boolean;
  /** Where to spike and where to bleed. */
  target?: boolean;
  /** Lines of the knife, with what draws them: see `cutOverlay`. */
  cuts?: CutOverlay;
  /** Parts that it is shared out in: see `shareOverlay`. */
  shares?: ShareOverlay;
  /** How it is taken apart at the table: see `apartOverlay`. */
  apart?: ApartOverlay;
  traits?: readonly string[];
  traitLabels?: boolean;
  /** Translations of the built-in labels. */
  words?: Words;
  /** Only the surroundings of one part: `span` is the share of the total length that is shown, as a square. */
  crop?: { part: Part; span: number };
  /** Makes ids unique when one page holds the same figure twice. */
  idPrefix?: string;
}

/** A drawn fish: the SVG, its size in px, and where nose, tail tip and fork lie in it (px from its left edge). */
export interface DrawnFish {
  svg: string;
  width: number;
  height: number;
  noseX: number;
  tailX: number;
  forkX: number;
  /** Where each part lies in it, px. */
  parts: Readonly<Record<Part, Pt>>;
}

/** A frame of the given width that holds the point, and no more of the empty page around the fish than it must. */
function cropTo(frame: Bounds, [x, y]: Pt, span: number): void {
  const into = (at: number, size: number, from: number, to: number): number =>
    size >= to - from ? (from + to - size) / 2 : Math.min(Math.max(at - size / 2, from), to - size);
  const wide = span * L;
  const high = wide * 0.75;
  const x0 = into(x, wide, frame.x0, frame.x1);
  const y0 = into(y, high, frame.y0, frame.y1);
  Object.assign(frame, { x0, x1: x0 + wide, y0, y1: y0 + high });
}

/**
 * Draws one species. Pure and deterministic: the same spec and options give the same string.
 * Throws RangeError for a spec that does not say of every spined fin, gill cover and mouth whether it can hurt, or that
 * holds text which has no place in a drawing.
 */
export function drawFish(spec: FigureSpec, options: FigureOptions = {}): DrawnFish {
  const silent = silentParts(spec);
  if (silent.length > 0)
    throw new RangeError(`${spec.id}: say harmless, sharp or venomous of the ${silent.join(', ')}`);
  const unsafe = unsafeText(spec);
  if (unsafe !== null) throw new RangeError(`${spec.id}: figure.${unsafe} cannot be drawn; write a plain value`);
  const size = options.size ?? 320;
  // A cropped fish is drawn as large as the whole would be, so that its lines are of the usual weight.
  const wholeSize = options.crop ? size / options.crop.span : size;
  const detail: Detail = wholeSize <= 96 ? 'icon' : wholeSize <= 480 ? 'card' : 'plate';
  const o = detail === 'icon' ? { hazardLines: options.hazardLines } : options;
  const words = options.words ?? {};
  const an = buildAnatomy(spec, detail);
  const bend = bender('measure' in o && o.measure ? undefined : spec.body.bend);
  const raw = boundsOf(an.all, bend);
  const warp: Warp =
    spec.facing === 'right'
      ? (p) => {
          const [x, y] = bend(p);
          return [raw.x0 + raw.x1 - x, y];
        }
      : bend;
  const marginPx = detail === 'icon' ? 1.5 : detail === 'card' ? 6 : 14;
  const unit = (raw.x1 - raw.x0) / (wholeSize - 2 * marginPx);
  const pen = makePen(unit, detail, warp, `${options.idPrefix ?? spec.id + size}`);
  drawFigure(pen, an);
  if (o.hazardLines)
    for (const h of hazardsOf(an)) pen.paths(h.lines, detail === 'icon' ? 1.2 : 2.2, 'var(--crimson, #9e0b2a)');
  const notes: Note[] = [];
  const m = marginPx * unit;
  const frame = { x0: raw.x0 - m, x1: raw.x1 + m, y0: raw.y0 - m, y1: raw.y1 + m };
  const full: FigureOptions = detail === 'icon' ? {} : options;
  full.shares?.draw(pen, an, notes);
  full.apart?.draw(pen, an, notes);
  const outside = full.cuts ? full.cuts.draw(pen, an, notes).map(warp) : [];
  if (full.hazards) drawHazards(pen, an, words, notes);
  if (full.target) drawTargets(pen, an, words, notes);
  if (full.traits) drawTraits(an, full.traits, full.traitLabels ?? false, notes);
  if (notes.some((n) => n.side === 'top')) frame.y0 = raw.y0 - pen.px(36);
  if (notes.some((n) => n.side === 'bottom')) frame.y1 = raw.y1 + pen.px(36);
  for (const [x, y] of outside) {
    frame.x0 = Math.min(frame.x0, x - m);
    frame.x1 = Math.max(frame.x1, x + m);
    frame.y0 = Math.min(frame.y0, y - m);
    frame.y1 = Math.max(frame.y1, y + m);
  }
  drawNotes(pen, notes, raw, frame);
  if (full.measure) {
    drawMeasure(pen, an, full.measure, words, frame.y1 + pen.px(14));
    if (full.measure !== 'discWidth') frame.y1 += pen.px(30);
  }
  if (options.crop) cropTo(frame, warp(partPoints(an)[options.crop.part]), options.crop.span);
  const w = frame.x1 - frame.x0;
  const h = frame.y1 - frame.y0;
  const n = pen.num;
  const height = Math.round((h / w) * size);
  const lm = landmarks(an);
  const toPx = (x: number): number => ((x - frame.x0) / w) * size;
  const x = [warp(lm.snout)[0], warp(lm.tailTip)[0], warp(lm.fork ?? lm.tailTip)[0]].map(toPx);
  return {
    svg:
      `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${n(frame.x0)} ${n(frame.y0)} ${n(w)} ${n(h)}" width="${size}" height="${height}" role="img" ` +
      `aria-labelledby="${pen.ids}t ${pen.ids}d"><title id="${pen.ids}t">${escapeXml(spec.name)}</title><desc id="${pen.ids}d">${escapeXml(spec.description ?? describeFigure(spec))}</desc>${pen.out.join('')}</svg>`,
    width: size,
    height,
    noseX: x[0],
    tailX: x[1],
    forkX: x[2],
    parts: Object.fromEntries(
      Object.entries(partPoints(an)).map(([part, p]) => {
        const [px, py] = warp(p);
        return [part, [toPx(px), ((py - frame.y0) / h) * height]];
      }),
    ) as unknown as Record<Part, Pt>,
  };
}
