import type { WayName, Ways } from './way-names.ts';

/**
 * Where those who cut disagree: each way with its schools, and what speaks for each. The first is the default. A name stands in the
 * log for ever. Source: the schools of practice of the design; rinsing and dark line after FAO Fisheries Technical Paper 348.
 */
export interface Way {
  readonly of: WayName;
  readonly ask: string;
  readonly schools: readonly School[];
}
export interface School {
  readonly is: string;
  /** What speaks for it, in one sentence. */
  readonly because: string;
}

export const WAYS = [
  {
    of: 'spines',
    ask: 'Venomous spines',
    schools: [
      {
        is: 'cut off first',
        because: 'What is off cannot sting at a later step; it goes into a jar with a lid, since it stings for hours.',
      },
      {
        is: 'left, and cut round',
        because: 'Shears slip on them and bring the hand near; the knife goes round in an arc and never touches them.',
      },
    ],
  },
  {
    of: 'rinse',
    ask: 'Clean it with',
    schools: [
      { is: 'a cloth only', because: 'Dry flesh keeps longest: water carries germs over it and draws its taste out.' },
      {
        is: 'sea water',
        because: 'Washes slime and blood off and harms the flesh less; it must be clean, not the harbour’s.',
      },
      {
        is: 'fresh water',
        because:
          'At hand in every kitchen. Do it right before the pan, and dry it: kept wet, it keeps a day or so less.',
      },
    ],
  },
  {
    of: 'skin',
    ask: 'Skin',
    schools: [
      {
        is: 'off',
        because: 'Bones and dark line are seen, and strong fat goes with it; what is poached or breaded wants none.',
      },
      { is: 'on', because: 'Holds the piece together, crisps, and keeps the flesh from the cold in the freezer.' },
    ],
  },
  {
    of: 'scales',
    ask: 'Scales',
    schools: [
      {
        is: 'off',
        because: 'If you eat the skin, the scales must go. Before the belly is opened, so that none gets in.',
      },
      {
        is: 'on',
        because: 'Scales make a hard coat over embers. They come off with the skin, and the flesh beneath stays moist.',
      },
    ],
  },
  {
    of: 'skinning',
    ask: 'Skin it',
    schools: [
      { is: 'with the blade', because: 'Works on every fillet, and leaves the silver on the skin.' },
      { is: 'by pulling', because: 'No flesh is lost where the skin is tough: eels, soles, dogfish, ray wings.' },
    ],
  },
  {
    of: 'pin bones',
    ask: 'Pin bones',
    schools: [
      { is: 'with tweezers', because: 'Keeps the fillet whole. Pull toward the head, along their slant.' },
      {
        is: 'with a V-cut',
        because: 'Quick and sure where they sit fast, as in a very fresh fish; costs a strip of flesh.',
      },
    ],
  },
  {
    of: 'dark line',
    ask: 'Dark line',
    schools: [
      {
        is: 'for freezing and raw',
        because: 'It turns rancid first in the freezer and tastes strongest raw; tonight in the pan it does no harm.',
      },
      { is: 'out always', because: 'The mildest taste, whatever becomes of it.' },
    ],
  },
  {
    of: 'guts',
    ask: 'Guts go to',
    schools: [
      { is: 'the bin', because: 'Wrapped, and cold until it is emptied; where the rules allow nothing else.' },
      { is: 'bait', because: 'Frozen in small bags they catch the next one.' },
      {
        is: 'the water',
        because: 'Feeds what lives there; not in a harbour, on a bathing beach, in a lake, or where a rule forbids it.',
      },
    ],
  },
] as const satisfies readonly Way[];

/** A way by its name. */
export const wayOf = (of: string): Way | undefined => WAYS.find((w) => w.of === of);
/** Which school a house follows; the first where it did not say, or said what this version does not know. */
export const schoolOf = (ways: Ways, of: WayName): School => {
  const schools: readonly School[] = wayOf(of)?.schools ?? [];
  return schools.find((s) => s.is === ways[of]) ?? schools[0]!;
};
