import type { CutStep } from '../step.ts';
import { HOLD, SHEARS, KNIFE, GLOVE } from '../words.ts';

/** A fish that keeps its shape: for the pan, in steaks, opened flat. */
export const WHOLE = {
  // whole for the pan, oven or kettle
  'flanks slashed': {
    todo: 'Slash the thick of both flanks, down to the bone, two fingers apart.',
    how: 'Heat and salt come in, and the skin does not tear; leave the thin parts whole.',
    lines: ['slashes'],
    pose: 'into the side, to the bone',
    spare: 'The belly: stop where the ribs end.',
    caution: HOLD,
    touches: ['skin', 'fins'],
    tools: [KNIFE, GLOVE],
  },
  'head off for the pan': {
    todo: 'Where the pan is too short: head off behind the fin, or the tail off before the fork.',
    how: 'Through a joint of the backbone; feel for it with the tip. The head goes to the stock.',
    lines: ['head off', 'tail off'],
    caution: HOLD,
    touches: ['gills', 'fins', 'head'],
    tools: ['heavy or serrated knife', GLOVE],
  },
  // steaks
  'head and tail off': {
    todo: 'Head off behind the fin, tail off where it is thinner than two fingers.',
    lines: ['head off', 'thin tail off'],
    caution: HOLD,
    touches: ['gills', 'fins', 'head', 'tail'],
    tools: ['serrated knife or saw', GLOVE],
  },
  'steaks cut': {
    todo: 'Cut across, each as thick as the first; saw through the backbone, do not press.',
    how: 'From the head on. Where it is too thin to steak, leave the tail in one piece for the pan.',
    lines: ['steaks'],
    caution:
      'The backbone wants a saw or a serrated blade; the fish lies flat and dry under the other hand, in the cut-proof glove.',
    touches: ['fins', 'skin'],
    tools: ['serrated knife or saw', GLOVE, 'ruler'],
  },
  // butterfly
  'open to the tail': {
    todo: 'Run the cut on from the vent to the tail, on one side of the bone.',
    lines: ['belly to the tail'],
    pose: 'along the bone',
    spare: 'The skin of the back: it holds both halves together.',
    caution: HOLD,
    touches: ['belly', 'fins'],
    tools: [KNIFE, GLOVE],
  },
  'backbone out': {
    todo: 'Free the backbone on both sides, snip it at head and tail, and lift it out.',
    lines: ['down the backbone'],
    pose: 'along the bone',
    spare: 'The skin of the back: it holds both halves together.',
    caution: HOLD,
    touches: ['flesh', 'fins'],
    tools: [KNIFE, SHEARS],
  },
} as const satisfies Readonly<Record<string, CutStep>>;
