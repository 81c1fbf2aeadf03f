import { sayAll, wordFor } from '../units/index.ts';
import type { LineClock } from '../larder/index.ts';
import { FREEZING_FOR_RAW } from '../harm/index.ts';

/** What is known of one pack that would be eaten raw. */
export interface RawPack {
  /** Its own name: "Pack 84". */
  readonly of: string;
  readonly kinds: readonly {
    readonly name: string;
    readonly verdict: 'never' | 'cook' | 'frozen first';
    readonly why: string;
  }[];
  /** A kind of it is not settled, or not known on this device. */
  readonly unknownKind: boolean;
  /** In which water it was caught. Fish of fresh water are frozen by the longer line: flukes stand freezing better. */
  readonly water: 'sea' | 'fresh' | 'not known';
  /** As noted on the deck; null: nobody said. */
  readonly origin: 'wild' | 'stocked' | 'farmed' | null;
  /** Its clock of freezing; null where it was never frozen. */
  readonly lines: readonly LineClock[] | null;
  /** It was frozen, and is not any more. What freezing killed stays dead; what grows after it does not. */
  readonly thawed: boolean;
  /** What the board found that forbids it. */
  readonly found: readonly string[];
  readonly gutPierced: boolean;
  /** Used up of the time that histamine allows, 0 to 1 and above; null for kinds that make none. */
  readonly histamine: number | null;
  /** Days past the authority's line; 0 or less within it. */
  readonly daysPast: number;
  /** Warmest it lay in since it was landed, and for how long above 5 degC, hours; null where nobody knows. */
  readonly warmH: number | null;
}

/** Whose line of freezing counts. That of the US is the stricter: what meets it meets that of the EU. */
export type RawAuthority = 'US' | 'EU';

/** One reason, and by whom. */
export interface RawReason {
  readonly of: string | null;
  readonly say: string;
  readonly source: string;
  readonly weighs: 'not raw' | 'not known' | 'met';
}

/** Never "safe": what the authority's conditions come to for these packs and these eaters. */
export interface RawVerdict {
  readonly verdict: 'not raw' | 'not known' | 'conditions met';
  readonly reasons: readonly RawReason[];
}

const US = 'US FDA Food Code 3-402.11';
const EU = 'Regulation (EC) 853/2004, Annex III';
const BOOK = 'this book';
/** Raw fish that lay warmer than a fridge for so long is cooked, h: the four hours of US FDA Food Code 3-501.16. */
const WARM_MOST_H = 4;

const reasonsOf = (p: RawPack, authority: RawAuthority): RawReason[] => {
  const out: RawReason[] = [];
  const add = (weighs: RawReason['weighs'], say: string, source: string): void =>
    void out.push({ of: p.of, say, source, weighs });
  for (const k of p.kinds)
    if (k.verdict !== 'frozen first') add('not raw', `${k.name}: ${k.why}`, 'the kind’s own pack');
  for (const f of p.found) add('not raw', f, 'found on the board');
  if (p.gutPierced) add('not raw', 'Its gut was pierced: gut contents touched the flesh.', 'found on the board');
  if (p.histamine !== null && p.histamine >= 1)
    add(
      'not raw',
      'It was too warm for too long for this species. It may contain histamine, which salt and heat do not remove.',
      'US FDA Fish and Fishery Products Hazards and Controls Guidance',
    );
  if (p.daysPast > 0) add('not raw', 'It is past the official limit.', 'USDA, FSIS and FDA storage charts');
  if (p.warmH !== null && p.warmH > WARM_MOST_H)
    add('not raw', `It was above 5° for ${Math.round(p.warmH)} hours.`, 'US FDA Food Code 3-501.16');
  if (p.unknownKind) add('not known', 'It is not identified: the strictest possible species counts.', BOOK);
  if (out.some((r) => r.weighs === 'not raw')) return out;
  if (p.lines === null) {
    add('not known', 'No freezing is recorded. Only freezing kills worms.', `${US}; ${EU}`);
    return out;
  }
  const met = p.lines.filter((l) => l.met);
  const by = (which: LineClock['line']['by']): boolean => met.some((l) => l.line.by === which);
  if (by('US')) add('met', 'Frozen as the US and the EU require, according to the freezer’s readings.', `${US}; ${EU}`);
  else if (by('EU') && p.water !== 'sea')
    add(
      'not known',
      p.water === 'fresh'
        ? 'It is from fresh water, where flukes survive freezing better. Only the 7 days of the US limit count, and they are not over.'
        : 'It lives in the sea and in fresh water, and the place of catch does not say which. Only the 7 days of the US limit count, and they are not over.',
      US,
    );
  else if (by('EU') && authority === 'US')
    add(
      'not known',
      'Frozen as the EU requires, but not yet as the US requires. This kitchen follows the stricter limit, that of the US.',
      US,
    );
  else if (by('EU'))
    add('met', 'Frozen as the EU requires, but not as the US requires. This kitchen follows the limit of the EU.', EU);
  else {
    const most = Math.max(0, ...p.lines.filter((l) => l.line.c === -20).map((l) => l.hours));
    add(
      'not known',
      most > 0
        ? `Its middle has been at −20° for ${Math.floor(most)} hours according to the readings: not enough yet.`
        : 'No reading shows that its middle reached −20°.',
      `${US}; ${EU}`,
    );
  }
  if (p.thawed) add('met', 'It was thawed: eat it raw only within a day of thawing, kept at 4° or colder.', US);
  if (p.origin === 'farmed' || p.origin === 'stocked')
    add('met', `Noted as ${p.origin}: its feed is not known, so it counts as wild and must be frozen.`, EU);
  if (p.warmH === null) add('not known', 'Its temperature was not recorded.', BOOK);
  return out;
};

/**
 * Whether the authorities' conditions for eating it raw are met: over every pack of the meal and everyone who eats. Any reason against it
 * is enough; what is not known is never counted as met, nor what is not known of guests. `authority`: by whose line the house goes. Cured, cold-smoked and seared with a raw middle are asked the same.
 */
export function mayEatRaw(
  packs: readonly RawPack[],
  atRisk: readonly string[],
  guests = 0,
  authority: RawAuthority = 'US',
): RawVerdict {
  const eaters: RawReason[] =
    atRisk.length > 0
      ? [
          {
            of: null,
            say: `${sayAll(atRisk)}: no raw fish, frozen or not, for pregnant, old or very young people, or for people with a weak immune system.`,
            source: 'US FDA Food Code 3-801.11; EFSA advice',
            weighs: 'not raw',
          },
        ]
      : [];
  const strangers: RawReason[] =
    guests > 0
      ? [
          {
            of: null,
            say: `Of ${wordFor(guests, 'the guest', 'the guests')} it is not known whether one is pregnant, very young, old or has a weak immune system.`,
            source: 'US FDA Food Code 3-801.11; EFSA advice',
            weighs: 'not known',
          },
        ]
      : [];
  const none: RawReason[] =
    packs.length === 0 ? [{ of: null, say: 'No pack was chosen.', source: BOOK, weighs: 'not known' }] : [];
  const reasons = [...eaters, ...strangers, ...none, ...packs.flatMap((p) => reasonsOf(p, authority))];
  const has = (w: RawReason['weighs']): boolean => reasons.some((r) => r.weighs === w);
  const order = { 'not raw': 0, 'not known': 1, met: 2 } as const;
  return {
    verdict: has('not raw') ? 'not raw' : has('not known') ? 'not known' : 'conditions met',
    reasons: reasons.sort((a, b) => order[a.weighs] - order[b.weighs]),
  };
}

/** The verdict in one sentence. Never that it is safe. */
export const sayRawVerdict = (v: RawVerdict['verdict']): string =>
  ({
    'not raw': 'Not raw.',
    'not known': 'Not known, so not raw.',
    'conditions met': 'The authority’s conditions for raw fish are met. That lowers the risk, and does not end it.',
  })[v];

/** What the conditions are. */
export const RAW_CONDITIONS = FREEZING_FOR_RAW;
