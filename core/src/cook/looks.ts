import type { Method } from './method.ts';
import type { PieceCut } from './piece.ts';

/** What tells of a part that it is done, whatever it is cooked in: it has no back fin and no flakes. */
const OF_CUT: Readonly<Partial<Record<PieceCut, readonly string[]>>> = {
  cheek: ['white all through', 'gives under a finger and springs back'],
  collar: ['flesh at the thick end comes off the bone', 'the fin pulls out'],
  tube: ['just turned white, edges curling', 'a minute more makes it tough: out, or on for 40 minutes until tender'],
  roe: ['firm all through', 'one colour where it is cut, nothing glassy'],
  liver: ['firm, one colour where it is cut', 'its juice runs clear'],
};

/** The look to go by of a way for a cut; null: of a cut that nobody named. */
export const looksFor = (method: Pick<Method, 'look'>, cut: PieceCut | null): readonly string[] =>
  (cut === null ? undefined : OF_CUT[cut]) ?? method.look;
