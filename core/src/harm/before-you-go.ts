import { sayAll } from '../units/index.ts';
/** A sentence to tick before a trip begins. */
export interface BeforeYouGo {
  readonly id: 'lifejacket' | 'someone ashore' | 'weather' | 'cold water' | 'never alone';
  readonly say: string;
  /** Said only with a spear. */
  readonly spear?: true;
}

/** What is ticked before a trip. Sources: RNLI, US Coast Guard, US NWS on lightning; freediving schools' common rules. */
export const BEFORE_YOU_GO: readonly BeforeYouGo[] = [
  {
    id: 'lifejacket',
    say: 'Everyone wears a lifejacket, and the helm wears the kill cord.',
  },
  {
    id: 'someone ashore',
    say: 'Someone ashore knows where we are, when we return, and whom to call if we do not.',
  },
  {
    id: 'weather',
    say: 'The forecast is checked. In thunder: rods down and off the water, until half an hour after the last thunder.',
  },
  {
    id: 'cold water',
    say: 'Cold water takes your breath away for a minute: if you fall in, float first, then act. A ladder or rope to get back aboard is ready.',
  },
  {
    id: 'never alone',
    say: 'With a spear never alone: one up, one down, and the one who is up watches for 30 seconds after each dive.',
    spear: true,
  },
];

/** The message for someone ashore: where, who, back when, and what to do if not. `back`, `call`: clock times, as they are read. */
export const sayReturn = (of: {
  readonly boat: string;
  readonly where: string;
  readonly who: readonly string[];
  readonly back: string;
  readonly call: string;
  readonly number: string;
}): string =>
  `${of.boat}: ${sayAll(of.who)} at ${of.where}. Back by ${of.back}. If you have not heard from us by ${of.call}, call ${of.number} and read this out.`;
