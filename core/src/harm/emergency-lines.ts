/** Somebody to call. Numbers differ by country, and are set on the device. */
export interface EmergencyLine {
  readonly id: 'emergency' | 'coast guard' | 'poison' | 'divers';
  readonly name: string;
  /** When it is the one to call. */
  readonly when: string;
  /** What holds in much of Europe; null: none holds everywhere, it is set. */
  readonly usual: string | null;
}

/** Whom to call, the emergency number first. Sources: IMO GMDSS; ERC 2021; each country's own poison centre and divers' line. */
export const EMERGENCY_LINES: readonly EmergencyLine[] = [
  { id: 'emergency', name: 'Emergency number', when: 'danger to life, wherever a phone has a signal', usual: '112' },
  { id: 'coast guard', name: 'Coast guard', when: 'at sea, if the radio gets no answer', usual: null },
  { id: 'poison', name: 'Poison centre', when: 'illness after eating, or an unknown sting', usual: null },
  { id: 'divers', name: 'Divers’ line', when: 'unwell after a dive', usual: null },
];

/** At sea the radio comes first: everyone near hears it. Source: IMO GMDSS, distress by voice. */
export const MAYDAY =
  'At sea: VHF channel 16. Press and say: Mayday, Mayday, Mayday, the boat’s name three times, where you are, what happened, how many aboard. Or the red DSC key under its lid, held five seconds; an EPIRB or PLB where there is no radio.';
