const KEY = 'dagboek.hand';
export const HANDS = ['right', 'left'] as const;
export type Hand = (typeof HANDS)[number];

/** The hand that holds the phone on this device: its thumb reaches the keys. */
export const keptHand = (): Hand => (localStorage.getItem(KEY) === 'left' ? 'left' : 'right');

/** Lays the keys out for a hand; without one, for the one that was chosen. */
export function applyHand(hand: Hand = keptHand()): void {
  localStorage.setItem(KEY, hand);
  document.documentElement.dataset['hand'] = hand;
}
