import type { Asks } from '../asked.ts';
import type { PieceCut, ThicknessBy } from '@dagboek/core/cook';
import { PLATE_G } from '@dagboek/core/plates';
import { takenBody } from '../keeping/pack-body.ts';
import type { HeldPack } from '../keeping/packs-held.ts';
import { storeNow } from '../places/stores.ts';

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
  /** Bone is left in it, and skin on it. */
  readonly bone: boolean;
  readonly skin: boolean;
  /** How warm it is where it lies, degC, and whether somebody read that. */
  readonly startC: number;
  readonly startRead: boolean;
}

/** What a pack is for the fire: how many pieces of which thickness, how fat, how cold. `massG`: what is taken of it. */
export function piecesOfPack(asked: Asks<'book' | 'species' | 'nowMs'>, held: HeldPack, massG: number): PiecesOfPack {
  const body = takenBody(asked, held.pack, massG);
  const portioned = body.cut === 'portion' && body.form !== 'portions';
  const pieces = Math.max(1, portioned || body.pieces === null ? Math.round(massG / PLATE_G) : body.pieces);
  const now = storeNow(asked, held.store);
  return {
    cut: body.cut,
    pieces,
    pieceG: massG / pieces,
    thicknessMm: body.thicknessMm,
    thicknessBy: body.thicknessBy,
    fat: body.fat,
    ready: ['cooked', 'cured', 'smoked'].includes(body.form),
    bone: ['whole', 'gutted', 'tail', 'steaks', 'wings'].includes(body.form),
    skin: !held.skinned,
    startC: Math.round(now.c * 10) / 10,
    startRead: now.read !== null,
  };
}
