import type { Anatomy, Bounds } from './anatomy.ts';
import { type HazardMark, hazardsOf } from './hazards.ts';
import { landmarks, type Side, targetsOf, traitAnchors } from './landmarks.ts';
import { mix2 } from './maths.ts';
import type { Pen } from './pen.ts';
import type { Pt } from './spec.ts';
import { HAZARD, L, PAPER, RULE, TARGET } from './units.ts';

export interface Note {
  p: Pt;
  side: Side;
  badge: 'diamond' | 'circle';
  text: string;
  label: string;
  color: string;
  /** Of a badge that is filled; paper where left out. */
  fill?: string;
}
export type Words = Readonly<Record<string, string>>;
const KIND_LETTER: Record<HazardMark['kind'], string> = {
  venomous: 'V',
  sharp: 'S',
  bite: 'B',
  toxin: 'T',
  electric: 'E',
};

/** Draws what can hurt, each with its mark and its note. */
export function drawHazards(pen: Pen, an: Anatomy, words: Words, notes: Note[]): void {
  for (const h of hazardsOf(an)) {
    pen.paths(h.lines, pen.detail === 'plate' ? 8 : 4.5, HAZARD, 0.22);
    pen.paths(h.lines, h.kind === 'venomous' ? 2 : 1.3, HAZARD, 0.95);
    notes.push({
      p: h.p,
      side: h.side,
      badge: 'diamond',
      text: KIND_LETTER[h.kind],
      label: words[h.label] ?? `${words[h.kind] ?? h.kind}: ${h.label}`,
      color: HAZARD,
    });
  }
}

/** Draws where to strike and where to cut. */
export function drawTargets(pen: Pen, an: Anatomy, words: Words, notes: Note[]): void {
  const t = targetsOf(an),
    p = t.brain,
    r = pen.px(7),
    q = pen.warp(p),
    { num, px } = pen;
  const tail: Pt = [p[0] - px(16), p[1] - px(34)];
  pen.ink([tail, mix2(tail, p, 0.5), p], (k) => 3.4 * (1 - k) + 0.4, TARGET);
  pen.raw(
    `<circle cx="${num(q[0])}" cy="${num(q[1])}" r="${num(r)}" fill="${PAPER}" fill-opacity=".55" stroke="${TARGET}" stroke-width="${num(px(1.8))}"/><circle cx="${num(q[0])}" cy="${num(q[1])}" r="${num(px(1.8))}" fill="${TARGET}"/>`,
  );
  notes.push({ p, side: 'top', badge: 'circle', text: '+', label: words.spike ?? 'brain spike', color: TARGET });
  if (t.bleed.length < 3) return;
  pen.line(t.bleed, 5, PAPER, 0.7);
  if (t.hidden) pen.dashed(t.bleed, 2.4, TARGET, '5 4');
  else pen.line(t.bleed, 2.4, TARGET);
  notes.push({
    p: t.bleed[t.bleed.length - 2],
    side: 'bottom',
    badge: 'circle',
    text: '/',
    label: (words.bleed ?? 'bleeding cut') + (t.hidden ? ' (underside)' : ''),
    color: TARGET,
  });
}

/** Numbers the traits on a fish, with their names where `labels`. */
export function drawTraits(an: Anatomy, traits: readonly string[], labels: boolean, notes: Note[]): void {
  const anchors = traitAnchors(an);
  traits.forEach((name, i) => {
    const a = anchors[name];
    if (a) notes.push({ ...a, badge: 'circle', text: String(i + 1), label: labels ? name : '', color: RULE });
  });
}

/** Which length is drawn. */
export type Measure = 'total' | 'fork' | 'discWidth' | 'mantle';

/** Disc width: from wing tip to wing tip, beside the tail. */
function drawWidth(pen: Pen, an: Anatomy, words: Words): void {
  const { num, px } = pen;
  const ys = an.body.outline.map((p) => pen.warp(p)[1]);
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  const x = pen.warp([0.8 * L, 0])[0];
  const wing = pen.warp([(an.body.outline.reduce((a, b) => (b[1] < a[1] ? b : a)) ?? [0.3 * L, 0])[0], 0])[0];
  pen.raw(
    `<path d="M${num(wing)} ${num(top)}H${num(x + px(8))}M${num(wing)} ${num(bottom)}H${num(x + px(8))}" fill="none" stroke="${RULE}" stroke-width="${num(px(0.9))}" stroke-dasharray="${num(px(1.5))} ${num(px(3))}"/>` +
      `<path d="M${num(x)} ${num(top)}V${num(bottom)}M${num(x - px(8))} ${num(top)}h${num(px(16))}M${num(x - px(8))} ${num(bottom)}h${num(px(16))}" fill="none" stroke="${RULE}" stroke-width="${num(px(1.6))}"/>` +
      textAt(pen, x + px(10), (top + bottom) / 2 - px(16), words.discWidth ?? 'disc width', RULE, 'start', 13),
  );
}

/** Dimension line below the drawing, from the foremost jaw to the fork or the end of the tail; of squid, along the mantle. */
export function drawMeasure(pen: Pen, an: Anatomy, measure: Measure, words: Words, y: number): void {
  if (measure === 'discWidth') {
    drawWidth(pen, an, words);
    return;
  }
  const lm = landmarks(an),
    fork = measure === 'fork' ? lm.fork : null,
    { num, px } = pen;
  const mantle = measure === 'mantle' ? an.spec.mantle : undefined;
  const ends = (mantle ? [an.body.at(mantle[0], -0.6), an.body.at(mantle[1], 0)] : [lm.snout, fork ?? lm.tailTip]).map(
    pen.warp,
  );
  ends.forEach((p) =>
    pen.raw(
      `<path d="M${num(p[0])} ${num(p[1])}V${num(y - px(8))}" fill="none" stroke="${RULE}" stroke-width="${num(px(0.9))}" stroke-dasharray="${num(px(1.5))} ${num(px(3))}"/>`,
    ),
  );
  pen.raw(
    `<path d="M${num(ends[0][0])} ${num(y)}H${num(ends[1][0])}M${num(ends[0][0])} ${num(y - px(8))}v${num(px(16))}M${num(ends[1][0])} ${num(y - px(8))}v${num(px(16))}" fill="none" stroke="${RULE}" stroke-width="${num(px(1.6))}"/>`,
  );
  const word = mantle
      ? (words.mantle ?? 'mantle length')
      : fork
        ? (words.fork ?? 'fork length')
        : (words.total ?? 'total length'),
    mid = (ends[0][0] + ends[1][0]) / 2,
    wide = px(word.length * 6.6 + 14);
  pen.raw(
    `<rect x="${num(mid - wide / 2)}" y="${num(y - px(9))}" width="${num(wide)}" height="${num(px(18))}" rx="${num(px(3))}" fill="${PAPER}"/>` +
      textAt(pen, mid, y + px(4.5), word, RULE, 'middle', 13),
  );
}

const ENTITIES: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
/** A text as it may stand in XML. */
export const escapeXml = (s: string): string => s.replace(/[&<>"]/g, (c) => ENTITIES[c]);

const textAt = (
  pen: Pen,
  x: number,
  y: number,
  s: string,
  color: string,
  anchor: string,
  size: number,
  weight = '',
): string =>
  `<text x="${pen.num(x)}" y="${pen.num(y)}" style="font-family:'Atkinson Hyperlegible Next',Verdana,sans-serif;font-size:${pen.num(pen.px(size))}px;fill:${color}" text-anchor="${anchor}"${weight}>${escapeXml(s)}</text>`;

/** Lays badges out along the top and bottom gutter without overlap and draws leader lines. */
export function drawNotes(pen: Pen, notes: readonly Note[], b: Bounds, frame: Bounds): void {
  const { px, num } = pen;
  for (const side of ['top', 'bottom'] as const) {
    const list = notes
      .filter((n) => n.side === side)
      .map((n) => ({
        ...n,
        label: pen.detail === 'plate' ? n.label : '',
        at: pen.warp(n.p),
        x: 0,
        wide: px(24 + (pen.detail === 'plate' && n.label ? n.label.length * 6.3 + 6 : 0)),
      }))
      .sort((a, c) => a.at[0] - c.at[0]);
    if (!list.length) continue;
    const y = side === 'top' ? b.y0 - px(20) : b.y1 + px(20),
      lo = frame.x0 + px(13);
    list.forEach((n, i) => {
      n.x = Math.max(n.at[0], i ? list[i - 1].x + list[i - 1].wide : lo);
    });
    for (let i = list.length - 1, hi = frame.x1; i >= 0; i--) {
      list[i].x = Math.max(lo, Math.min(list[i].x, hi - list[i].wide + px(12)));
      hi = list[i].x - px(12);
    }
    for (const n of list) {
      const s = side === 'top' ? 1 : -1;
      const leader = `M${num(n.x)} ${num(y + s * px(9))}L${num(n.at[0])} ${num(n.at[1])}`;
      pen.raw(
        `<path d="${leader}" stroke="${PAPER}" stroke-opacity=".7" stroke-width="${num(px(2.8))}"/>` +
          `<path d="${leader}" stroke="${n.color}" stroke-width="${num(px(1.1))}"/><circle cx="${num(n.at[0])}" cy="${num(n.at[1])}" r="${num(px(2.2))}" fill="${n.color}"/>`,
      );
      const r = px(10);
      pen.raw(
        n.badge === 'diamond'
          ? `<path d="M${num(n.x)} ${num(y - r * 1.15)}l${num(r * 1.15)} ${num(r * 1.15)}l${num(-r * 1.15)} ${num(r * 1.15)}l${num(-r * 1.15)} ${num(-r * 1.15)}Z" fill="${n.color}"/>`
          : `<circle cx="${num(n.x)}" cy="${num(y)}" r="${num(r)}" fill="${n.fill ?? PAPER}" stroke="${n.color}" stroke-width="${num(px(1.4))}"/>`,
      );
      pen.raw(
        textAt(
          pen,
          n.x,
          y + px(4.4),
          n.text,
          n.badge === 'diamond' ? '#fff' : n.color,
          'middle',
          12.5,
          ' font-weight="bold"',
        ),
      );
      if (n.label) pen.raw(textAt(pen, n.x + px(14), y + px(4.4), n.label, n.color, 'start', 13));
    }
  }
}
