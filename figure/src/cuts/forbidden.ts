import type { Anatomy } from '../anatomy.ts';
import { landmarks } from '../landmarks.ts';
import { clamp, lerp, range } from '../maths.ts';
import type { Pt } from '../spec.ts';
import { L } from '../units.ts';

/** From where to where the belly cavity reaches, u: of a flatfish it is a pocket behind the head, of the others it ends at the vent. */
export function cavityU(an: Anatomy): Pt {
  const lm = landmarks(an);
  const from = Math.max(lm.gillU + 0.02, (lm.pectoral?.[0] ?? 0) / L + 0.016);
  if (an.spec.plan === 'flat') return [from, from + 0.11];
  return [from, Math.max(from + 0.08, lm.ventU)];
}

/** The roof of the cavity at u, as v: under the backbone in front, low at the vent. */
export function cavityTop(an: Anatomy, u: number): number {
  const [u0, u1] = cavityU(an);
  const t = clamp((u - u0) / (u1 - u0), 0, 1);
  return an.spec.plan === 'flat' ? 0.24 : lerp(0.16, 0.62, t);
}

/** What no blade goes into unless the step says so: the belly with gut and gall, as a closed shape in drawing units; null of a ray or squid. */
export function bellyCavity(an: Anatomy): Pt[] | null {
  const { plan } = an.spec;
  if (plan === 'ray' || plan === 'squid') return null;
  const [u0, u1] = cavityU(an);
  const floor = plan === 'flat' ? 0.78 : 0.93;
  return [
    ...range(16, (_, t) => an.body.at(lerp(u0, u1, t), cavityTop(an, lerp(u0, u1, t)))),
    ...range(16, (_, t) => an.body.at(lerp(u1, u0, t), floor)),
  ];
}
