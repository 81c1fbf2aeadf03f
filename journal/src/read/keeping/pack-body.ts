import type { Asks } from '../asked.ts';
import {
  isPart,
  type PartCut,
  type PieceCut,
  type ThicknessBy,
  thicknessOfFish,
  thicknessOfPart,
  thicknessOfPiece,
} from '@dagboek/core/cook';
import { isBody, meatIn, type PackForm, shareOfRound } from '@dagboek/core/larder';
import { PLATE_G } from '@dagboek/core/plates';

import { massOf } from '../bodies/mass-of.ts';
import { packLeft } from '../bodies/order.ts';
import { fishInPack } from '../fish/pack-fish.ts';
import type { PackState } from '../../log/state/states.ts';
import { formOfPack } from '../bodies/pack-form.ts';

/** What lies in a pack: board, label, larder, plan of meals, table and calendar all ask this. */
export interface PackBody {
  readonly form: PackForm;
  /** What is left of it, g. */
  readonly massG: number;
  /** Pieces that are left; null where they were never counted. */
  readonly pieces: number | null;
  /** Boneless meat of it, g: less than the mass where it holds bone, head or skin; 0 of what is no dish by itself. */
  readonly meatG: number;
  /** How it lies in the fire, and how thick, mm. */
  readonly cut: PieceCut;
  readonly thicknessMm: number;
  readonly thicknessBy: ThicknessBy;
  readonly fat: 'lean' | 'oily';
}

const CUTS: Readonly<Partial<Record<PackForm, PieceCut>>> = {
  whole: 'whole',
  gutted: 'whole',
  tail: 'whole',
  butterflied: 'fillet',
  fillets: 'fillet',
  loins: 'fillet',
  tubes: 'tube',
  cheeks: 'cheek',
  collars: 'collar',
  roe: 'roe',
  liver: 'liver',
  portions: 'portion',
  steaks: 'steak',
  wings: 'wing',
};
/** Nobody knows its species: a piece of a middling fish, mm. */
const SOME_MM: Readonly<Record<Exclude<PieceCut, PartCut | 'tube'>, number>> = {
  fillet: 16,
  portion: 20,
  steak: 28,
  wing: 22,
  whole: 50,
};
/** The wall of a tube, mm. Our own assumption. */
const TUBE_MM = 8;
/** A fillet much heavier than a plate is cut into portions of one. */
const CUT_FROM = 1.6;

/** A pack as a body, as much of it as is left. */
export function packBody(asked: Asks<'book' | 'species'>, pack: PackState): PackBody {
  const { book } = asked;
  const { leftG, pieces } = packLeft(book, pack);
  return bodyOfMass(asked, pack, leftG, pieces);
}

/** As much of a pack as is taken for a meal, g, as a body. */
export function takenBody(asked: Asks<'book' | 'species'>, pack: PackState, massG: number): PackBody {
  const { book } = asked;
  const left = packLeft(book, pack);
  const share = left.leftG > 0 ? Math.min(1, massG / left.leftG) : 1;
  const pieces = left.pieces === null ? null : Math.max(1, Math.round(left.pieces * share));
  return bodyOfMass(asked, pack, massG, pieces);
}

function bodyOfMass(
  { book, species: byId }: Asks<'book' | 'species'>,
  pack: PackState,
  massG: number,
  pieces: number | null,
): PackBody {
  const species = byId(pack.species);
  const form = formOfPack(book, pack);
  const fish = fishInPack(book, pack).flatMap((id) => book.getAny('fish', id) ?? []);
  const cut = CUTS[form] ?? 'portion';
  const many = Math.max(
    1,
    fish.reduce((n, f) => n + f.count, 0),
  );
  // Fish in their bodies are counted, if by nobody else; each has two cheeks and two collars.
  const counted = pieces ?? (isBody(form) ? many : cut === 'cheek' || cut === 'collar' ? many * 2 : null);
  const pieceG = massG / Math.max(1, counted ?? Math.round(massG / PLATE_G));
  // The heaviest fish of it was the thickest, where they were weighed or measured.
  const roundG = species ? Math.max(0, ...fish.flatMap((f) => massOf(f, species)?.g ?? [])) : 0;
  const known = roundG > 0 ? roundG : pieceG / shareOfRound(form, species);
  const thicknessMm = (): number => {
    if (cut === 'tube') return TUBE_MM;
    if (isPart(cut)) return thicknessOfPart(cut, pieceG);
    if (!species) return SOME_MM[cut];
    if (cut === 'whole')
      return thicknessOfFish(species, form === 'tail' ? pieceG : pieceG / shareOfRound(form, species), 'whole');
    // It lies open: as thick as one side of its fish.
    if (form === 'butterflied') return thicknessOfFish(species, known, 'fillet');
    return roundG > 0 && (cut === 'fillet' || cut === 'wing')
      ? thicknessOfFish(species, roundG, cut)
      : thicknessOfPiece(species, pieceG, cut);
  };
  const portioned = (form === 'fillets' || form === 'loins') && pieceG > PLATE_G * CUT_FROM;
  return {
    form,
    massG,
    pieces: counted,
    meatG: meatIn(form, massG, species),
    cut: portioned ? 'portion' : cut,
    thicknessMm: Math.round(thicknessMm()),
    thicknessBy: !isPart(cut) && (roundG > 0 || isBody(form)) ? 'of the body' : 'of the mass',
    fat: species?.fat ?? 'lean',
  };
}
