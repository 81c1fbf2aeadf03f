import type { Piece } from './piece.ts';

/** A portion of lean fish, 25 mm and 160 g, unless said otherwise. */
export const portion = (more: Partial<Piece> = {}): Piece => ({
  cut: 'portion',
  thicknessMm: 25,
  massG: 160,
  fat: 'lean',
  bone: false,
  skin: true,
  slashed: false,
  ...more,
});
