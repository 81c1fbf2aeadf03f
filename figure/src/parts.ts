import type { Anatomy } from './anatomy.ts';
import { landmarks, traitAnchors } from './landmarks.ts';
import { mix2 } from './maths.ts';
import type { Pt } from './spec.ts';

/** Places to look at on any fish, whether it has something there or not: a bare chin is at the chin. */
export const PARTS = [
  'snout',
  'mouth',
  'chin',
  'eye',
  'cheek',
  'gill cover',
  'shoulder',
  'breast fin',
  'belly fin',
  'front of the back fin',
  'back fin',
  'before the tail',
  'hind fin',
  'tail root',
  'tail',
  'side line',
  'flank',
  'back',
  'throat',
] as const;
export type Part = (typeof PARTS)[number];

/** Where each part lies, in drawing units. */
export function partPoints(an: Anatomy): Record<Part, Pt> {
  const { body, tail, lateral, gill } = an;
  const lm = landmarks(an);
  const anchors = traitAnchors(an);
  const e = body.end;
  const backFin = an.fins.find((f) => f.on === 'dorsal' && f.name !== 'adipose fin');
  const lastBack = [...an.fins].reverse().find((f) => f.on === 'dorsal' && f.name !== 'adipose fin');
  const hind = an.fins.find((f) => f.on === 'anal');
  const adipose = an.fins.find((f) => f.name === 'adipose fin');
  const mid = (f: typeof hind, k = 0.55): Pt | null => (f ? mix2(f.mid.base, f.mid.tip, k) : null);
  const front = backFin?.rays[Math.min(2, backFin.rays.length - 1)];
  const ray = an.spec.plan === 'ray';
  const flat = an.spec.plan === 'flat';
  return {
    snout: lm.snout,
    mouth: body.mouth ? mix2(body.mouth.gape, body.mouth.corner, 0.5) : body.at(0.05, ray ? 0 : 0.9),
    chin: an.barbels[0]?.line[5] ?? (body.mouth ? body.at(0.05, 1) : body.at(0.06, ray ? 0.2 : 1)),
    eye: lm.eye,
    cheek: body.at((an.eyes[0]?.at[0] ?? 0.1) + 0.04, 0.3),
    'gill cover': gill?.spines[0]?.tip ?? gill?.edge[Math.floor(gill.edge.length * 0.5)] ?? body.at(lm.gillU, 0),
    shoulder: body.at(lm.gillU + 0.02, ray ? 0 : -0.4),
    'breast fin': anchors['pectoral']?.p ?? (ray ? body.at(0.3, 0.9) : body.at(lm.gillU + 0.03, 0.2)),
    'belly fin':
      anchors['pelvic']?.p ?? anchors['pelvic fin']?.p ?? body.at(Math.min(0.4, lm.gillU + 0.1), flat ? 0.9 : 1),
    'front of the back fin': front ? mix2(front.base, front.tip, 0.7) : body.at(0.3, -1),
    'back fin': mid(backFin) ?? body.at(0.45, -1),
    'before the tail': mid(adipose) ?? (an.finlets[2]?.shape[2] as Pt | undefined) ?? body.at(e - 0.06, -1),
    'hind fin': mid(hind) ?? body.at(0.65, 1),
    'tail root': body.at(e - 0.015, 0),
    tail: tail ? mix2(tail.forkAt, tail.tips[0], 0.35) : body.at(e, 0),
    'side line': lateral?.[Math.floor(lateral.length * 0.3)] ?? body.at(0.45, -0.2),
    flank: an.marks.find((m) => m?.[0])?.[0]?.at ?? body.at(0.5, ray ? 0.4 : -0.15),
    back: mid(lastBack, 0) ?? body.at(0.4, -0.95),
    throat: body.at(Math.max(0.04, lm.gillU - 0.08), 1),
  };
}
