import { type PieceCut, type ThicknessBy, thicknessOfFish, thicknessOfPiece } from '@dagboek/core/cook';
import { isBody } from '@dagboek/core/larder';
import { PLATE_G } from '@dagboek/core/plates';
import type { SpeciesFacts } from '@dagboek/core/species';
import { fishInPack } from '../line/pack-fish.ts';
import { massOf } from '../line/mass-of.ts';
import type { HeldPack } from '../larder/packs-held.ts';
import { storeNow } from '../larder/stores.ts';
import type { Book } from '../state/book.ts';

/** What a pack is for the fire. */
export interface PiecesOfPack {
  readonly cut: PieceCut;
  readonly pieces: number;
  /** Of one, g. */
  readonly pieceG: number;
  readonly thicknessMm: number;
  readonly thicknessBy: ThicknessBy;
  readonly fat: 'lean' | 'oily';
  /** It was cooked, salted or smoked before. */
  readonly ready: boolean;
  /** How warm it is where it lies, degC, and whether somebody read that. */
  readonly startC: number;
  readonly startRead: boolean;
}

const CUTS: Readonly<Record<string, PieceCut>> = {
  whole: 'whole',
  gutted: 'whole',
  fillets: 'fillet',
  portions: 'portion',
  steaks: 'steak',
  wings: 'wing',
};
/** A fillet much heavier than a plate is cut into portions of one. */
const CUT_FROM = 1.6;
/** Nobody knows its kind: a fillet of a middling fish, mm. */
const SOME_MM: Readonly<Record<PieceCut, number>> = { fillet: 16, portion: 20, steak: 28, wing: 22, whole: 50 };

/** What a pack is for the fire: how many pieces of which thickness, how fat, how cold. `massG`: what is taken of it. */
export function piecesOfPack(
  book: Book,
  held: HeldPack,
  byId: (id: string | null) => SpeciesFacts | null,
  massG: number,
  nowMs: number,
): PiecesOfPack {
  const { pack } = held;
  const species = byId(pack.species);
  const body = isBody(pack.form);
  const cut = CUTS[pack.form] ?? 'portion';
  const fish = fishInPack(book, pack).flatMap((id) => book.getAny('fish', id) ?? []);
  const share = held.leftG > 0 ? Math.min(1, massG / held.leftG) : 1;
  const counted =
    held.pieces ??
    (body
      ? Math.max(
          1,
          fish.reduce((n, f) => n + f.count, 0),
        )
      : null);
  const pieces = Math.max(1, Math.round((counted ?? massG / PLATE_G) * share));
  const pieceG = massG / pieces;
  // The heaviest fish of it was the thickest, where they were weighed or measured.
  const rounds = species
    ? fish.flatMap((f) => massOf(f, species)?.g ?? []).map((g, i) => g / Math.max(1, fish[i]?.count ?? 1))
    : [];
  const roundG = Math.max(0, ...rounds);
  const thicknessMm = !species
    ? SOME_MM[cut]
    : body
      ? thicknessOfFish(species, pieceG, 'whole')
      : roundG > 0 && (cut === 'fillet' || cut === 'wing')
        ? thicknessOfFish(species, roundG, cut)
        : thicknessOfPiece(species, pieceG, cut);
  const now = storeNow(book, held.store, nowMs);
  const portioned = cut === 'fillet' && pieceG > PLATE_G * CUT_FROM;
  return {
    cut: portioned ? 'portion' : cut,
    pieces: portioned ? Math.max(1, Math.round(massG / PLATE_G)) : pieces,
    pieceG: portioned ? massG / Math.max(1, Math.round(massG / PLATE_G)) : pieceG,
    thicknessMm: Math.round(thicknessMm),
    thicknessBy: roundG > 0 || body ? 'of the body' : 'of the mass',
    fat: species?.fat ?? 'lean',
    ready: ['cooked', 'cured', 'smoked'].includes(pack.form),
    startC: Math.round(now.c * 10) / 10,
    startRead: now.read !== null,
  };
}
