import { type Bodied, type ConductionBody, fishBody, flesh, FLESH } from '../heat/index.ts';

/** How a fish was cut for the fire. */
export const PIECE_CUTS = [
  'fillet',
  'portion',
  'steak',
  'wing',
  'whole',
  'tube',
  'cheek',
  'collar',
  'roe',
  'liver',
] as const;
export type PieceCut = (typeof PIECE_CUTS)[number];

/** Parts beside the flesh of the sides: whatever they come from, their mass says how thick they are. */
export const PART_CUTS = ['cheek', 'collar', 'roe', 'liver'] as const satisfies readonly PieceCut[];
export type PartCut = (typeof PART_CUTS)[number];
/** Whether it is such a part. */
export const isPart = (cut: PieceCut): cut is PartCut => (PART_CUTS as readonly PieceCut[]).includes(cut);

/**
 * So many cubes of its thickness a part is: a cheek a disc of two and a half times its thickness, a collar a curved plate, a roe a sac three
 * and a half times as long as thick, a lobe of liver twice as wide and three times as long. Our own assumption.
 */
const CUBES: Readonly<Record<PartCut, number>> = { cheek: 4.9, collar: 8, roe: 1.83, liver: 6 };

/** How thick a part is by its mass, mm. A cheek of 15 g: 14. Throws RangeError for a mass that is none. */
export function thicknessOfPart(cut: PartCut, pieceG: number): number {
  if (!(pieceG > 0)) throw new RangeError('a part has a mass above 0');
  return clamp(Math.cbrt(pieceG / 1000 / FLESH.density / CUBES[cut]) * 1000);
}

/** One piece that is cooked; of several alike the thickest. */
export interface Piece {
  readonly cut: PieceCut;
  /** Through its thickest place, mm. */
  readonly thicknessMm: number;
  readonly massG: number;
  readonly fat: 'lean' | 'oily';
  /** Backbone in it: it draws heat slower than flesh does. */
  readonly bone: boolean;
  readonly skin: boolean;
  /** Slashed to the bone on both sides. */
  readonly slashed: boolean;
}

/** No piece is thinner or thicker, mm. */
export const THICKNESS_MM = { least: 2, most: 400 } as const;
/** A fillet is so much of the half of a fish that it was: the rest is bone and trimming. */
const FILLET_OF_HALF = 0.9;
/** One fillet of the round weight, where nothing else is known: 0.38 of it in two. */
const FILLET_OF_ROUND = 0.19;
/** How far a thickness out of the drawn body or of a mass may be off, a standard deviation in shares. */
export const THICKNESS_SD = { 'by ruler': 0.04, 'of the body': 0.12, 'of the mass': 0.16 } as const;
export type ThicknessBy = keyof typeof THICKNESS_SD;

/** How thick a piece of a fish is, mm, by its kind's body at its round weight, g. Throws RangeError for a weight that is none. */
export function thicknessOfFish(species: Bodied, roundG: number, cut: PieceCut): number {
  const { radiusM } = fishBody(species, roundG);
  const widthMm = radiusM * 2000;
  const share = cut === 'fillet' || cut === 'portion' ? FILLET_OF_HALF / 2 : 1;
  return clamp(widthMm * share);
}

/** The same by the mass of one piece alone, g. */
export function thicknessOfPiece(species: Bodied, pieceG: number, cut: PieceCut): number {
  if (cut === 'whole') return thicknessOfFish(species, pieceG, cut);
  if (cut === 'steak') return 28;
  // A portion is a third of its fillet.
  const fillet = cut === 'portion' ? pieceG * 3 : pieceG;
  return thicknessOfFish(species, fillet / FILLET_OF_ROUND, cut);
}

const clamp = (mm: number): number => Math.min(THICKNESS_MM.most, Math.max(THICKNESS_MM.least, mm));

/** What is wrong with a piece, in a sentence; null when nothing. */
export function pieceTrouble({ thicknessMm, massG }: Pick<Piece, 'thicknessMm' | 'massG'>): string | null {
  if (!(massG > 0) || !Number.isFinite(massG)) return 'Enter a weight above 0.';
  if (!(thicknessMm >= THICKNESS_MM.least)) return `A piece is at least ${THICKNESS_MM.least} mm thick.`;
  if (thicknessMm > THICKNESS_MM.most) return `Thicker than ${THICKNESS_MM.most} mm. Is that its length?`;
  return null;
}

/** Bone conducts and holds less than flesh: a middle at the backbone lags by about so much of its thickness (a rib of 2 to 4 mm in 40). */
const BONE_LAG = 1.06;
/** Slashes to the bone halve the way of the heat at each cut: together as if so much thinner. */
const SLASHED = 0.86;

/**
 * A piece as a conduction body. All sides of it are heated: the exponent counts its edges by G + 1 = A R/V, a square of its mass and
 * thickness. Whole fish are the ellipsoid of their kind (`exponent` from it), at the thickness given. RangeError for a piece that is none.
 */
export function pieceBody(piece: Piece, wholeExponent = 1): ConductionBody & { readonly volumeM3: number } {
  const trouble = pieceTrouble(piece);
  if (trouble) throw new RangeError(trouble);
  const t = piece.thicknessMm / 1000;
  const volumeM3 = piece.massG / 1000 / FLESH.density;
  const way = (piece.bone ? BONE_LAG : 1) * (piece.slashed ? SLASHED : 1);
  const side = Math.sqrt(volumeM3 / t);
  const exponent = piece.cut === 'whole' ? wholeExponent : Math.min(2, (2 * t) / side);
  return { radiusM: (t / 2) * way, exponent, material: flesh(piece.fat), volumeM3 };
}
