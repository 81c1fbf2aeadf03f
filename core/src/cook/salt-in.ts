/** Salt in flesh, m2/s, in the fridge. */
export const SALT_D = 8e-10;
/** Terms of the series: enough for a thousandth from a minute on in 5 mm. */
const TERMS = 200;

/** How far salt has come: shape of the piece it goes into. */
export interface SaltedPiece {
  readonly thicknessMm: number;
  /** Skin on one face lets next to nothing through. */
  readonly skin: boolean;
}

/** Through one face it goes as through half of a piece twice as thick. */
const acrossMm = ({ thicknessMm, skin }: SaltedPiece): number => thicknessMm * (skin ? 2 : 1);

/** Time by the square of the thickness, a pure number. RangeError for a piece that is none. */
function fourier(piece: SaltedPiece, minutes: number): number {
  if (!(piece.thicknessMm > 0) || !(minutes >= 0))
    throw new RangeError('a piece has a thickness, and lies 0 min or longer');
  return (SALT_D * minutes * 60) / (acrossMm(piece) / 1000) ** 2;
}

/**
 * Salt in a piece on the whole, as a share of what touches it: 0 at first, 1 in the end. A slab from both faces, exact series (Crank, The
 * Mathematics of Diffusion, 4.18). 25 mm without skin, 30 minutes: 0.11.
 */
export function saltTaken(piece: SaltedPiece, minutes: number): number {
  const f = fourier(piece, minutes);
  if (f === 0) return 0;
  let left = 0;
  for (let n = 0; n < TERMS; n++) {
    const k = 2 * n + 1;
    left += (8 / (Math.PI * k) ** 2) * Math.exp(-((Math.PI * k) ** 2) * f);
  }
  // What the series leaves off is of faces that are salted already.
  return Math.min(1, Math.max(0, 1 - left));
}

/**
 * Salt at a depth, `at` 0 at the one face to 1 at the other, as a share of what touches it (Crank, 4.17). With skin the face at 1 is the
 * skin's.
 */
export function saltAt(piece: SaltedPiece, minutes: number, at: number): number {
  const f = fourier(piece, minutes);
  const x = piece.skin ? at / 2 : at;
  if (x <= 0 || (!piece.skin && x >= 1)) return 1;
  if (f === 0) return 0;
  let left = 0;
  for (let n = 0; n < TERMS; n++) {
    const k = 2 * n + 1;
    left += (4 / (Math.PI * k)) * Math.sin(Math.PI * k * x) * Math.exp(-((Math.PI * k) ** 2) * f);
  }
  return Math.min(1, Math.max(0, 1 - left));
}

/** How salty flesh tastes by its salt, percent: sensory work on fish puts the best between 0.8 and 1.6. Our own steps between. */
const TASTES = [
  [0.3, 'hardly seasoned'],
  [0.8, 'lightly seasoned'],
  [1.6, 'well seasoned'],
  [3, 'salty'],
] as const;

/** How so much salt tastes: "well seasoned". `percent` of the flesh. */
export const saltTaste = (percent: number): string => TASTES.find(([below]) => percent < below)?.[1] ?? 'very salty';
