import type { Fire } from '../fire.ts';
import type { Setting } from '../method.ts';
import type { PieceCut } from '../piece.ts';
import { liquidBath, oilBath, panBath, steadyBath } from '../vessel-heat.ts';

export const OPEN_BOARD = { h: 8, c: 25, wet: 0.4 } as const;
export const COVERED = { h: 7, c: 35, wet: 0.12 } as const;
export const RACK = { h: 8, c: 25, wet: 0.15 } as const;
/** Over a pan: fat that is spooned over, its steam, a lid now and then. Fitted to the charts: `charts.ts`. */
export const OVER_PAN = { h: 40, c: 95 } as const;

/** When it is turned, shares of its time: once after six tenths, more often evenly. */
export const evenTurns = (n: number): number[] =>
  n <= 0 ? [] : n === 1 ? [0.6] : Array.from({ length: n }, (_, i) => (i + 1) / (n + 1));

/**
 * A pan of so many kg on a ring of 1,800 W, the fish turned as often as is set. Through a film of fat and steam, W/(m2 K). This and the
 * others below are fitted so that the usual setting meets the middle of the published charts from 12 to 40 mm (`charts.ts`).
 */
export const pan = (s: Setting): Fire => ({
  bath: panBath(s.amount, s.mediumC, 1800),
  surface: OVER_PAN,
  other: { h: 65, c: 'bath', draws: 150 },
  turns: evenTurns(s.turns),
  rest: OPEN_BOARD,
});
/** A round body touches a pan with about a quarter of its skin, which has to dry first; it is turned, so that each part meets it in turn. */
export const panWhole = (s: Setting): Fire => ({
  bath: panBath(s.amount, s.mediumC, 1800),
  surface: { h: 35, c: 'bath', draws: 65 },
  settlesS: 120,
  rest: OPEN_BOARD,
});
/** A grill from below, its hot air and smoke above. */
export const grill = (s: Setting): Fire => ({
  bath: steadyBath(s.mediumC),
  surface: { h: 25, c: 140, wet: 0.1 },
  other: { h: 40, c: 'bath', wet: 0.1 },
  turns: evenTurns(s.turns),
  rest: OPEN_BOARD,
});
/** Liquid at one warmth, on its ring or with the flame off; next to the fish it is cooler for the first minute. `h`: W/(m2 K). */
export const liquid =
  (heated: boolean, h: number) =>
  (s: Setting): Fire => ({
    bath: liquidBath(s.amount, s.mediumC, s.mediumC, heated ? 1800 : 0),
    surface: { h, c: 'bath' },
    settlesS: 90,
    ...(heated ? {} : { offAt: 0 }),
    rest: COVERED,
  });
/** Deep fat over a ring of 2,000 W, of which 1,400 reach the pot: steam that bubbles off keeps the fat away, the more so in a crust. */
export const oil = (s: Setting): Fire => ({
  bath: oilBath(s.amount, s.mediumC, 1400),
  surface: { h: 70, c: 'bath', draws: 240 },
  settlesS: 90,
  rest: RACK,
});

/** Fat that fries falls no lower with the fish in it, degC: below that a crust drinks it. Frying guides agree on about 160. */
export const OIL_FLOOR_C = 160;

/** Sources: NFPA and fire brigades on hot oil. */
export const HOT_OIL =
  'Fill a heavy metal pot at most half with oil, never glass. Dry the fish, do not fill the basket, keep a lid and a dry cloth ready, and children out. The oil must never smoke: if it does, turn the heat off at once and put the lid on. Burning oil: heat off, lid on if you can, never water. Get out, and call the fire brigade. Not aboard a moving boat.';
/** Sources: NFPA on grills; fire brigades. */
export const FLARES =
  'Dripping fat flares up: take the fish off, and put the lid on or close the air. Never put water on burning fat. Keep a bucket of water for the ground afterwards.';
/** Sources: UKHSA and CDC on carbon monoxide from barbecues. */
export const EMBERS_GAS =
  'Outdoors only. Never in a tent, a cabin or under an awning, even when the embers are grey or seem out. They give off an invisible, deadly gas. Headache and sickness together: out into the air, and call for help.';
export const GAS = 'Gas: the flame in sight, a window open; no stove in a closed cabin.';
export const OPEN_FIRE =
  'Fire only where the place and the season allow it, water at hand, and out cold before you leave.';
export const STEAM = 'Steam scalds: lift the lid away from you.';
export const KILLS_NONE = 'Acid and salt kill no worms: it counts as raw.';

export const ALL: readonly PieceCut[] = ['fillet', 'portion', 'steak', 'wing', 'whole'];
export const BONELESS: readonly PieceCut[] = ['fillet', 'portion'];
