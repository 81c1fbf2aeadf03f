import { keepsFins, isUncooked, type PackForm } from '../larder/index.ts';
import type { AllThatFollows } from '../cut/index.ts';
import { byproductCaution, type ByproductOf } from './byproduct.ts';
import { lowerFirst as lower } from './lower-first.ts';
import { sayDegrees, sayTemperatureDifference, type Units, sayAll } from '../units/index.ts';

/** What the one who cooks must know of a species. */
export interface Eaten {
  readonly id: string;
  readonly name: string;
  readonly eating: readonly string[];
  readonly raw: { readonly verdict: 'never' | 'cook' | 'frozen first'; readonly why: string };
}

/**
 * Anisakids die at 60 degC in the core within a minute; the authorities' lines for the rest are higher.
 * Source: Regulation (EC) 853/2004 Annex III; US FDA Food Code (63 degC 15 s); UK FSA (70 degC 2 min).
 */
export const CORE_LINES = { parasitesC: 60, parasitesMin: 1, usC: 63, ukC: 70, ukMin: 2 } as const;

/** The lines of the authorities for the middle of a fish, in one sentence. */
export const CORE_LINE_WORDS = `Official limit: ${CORE_LINES.usC}° in the middle for 15 seconds (US), or ${CORE_LINES.ukC}° for ${CORE_LINES.ukMin} minutes (UK).`;

/** What a measured core says against them: how far under the lower one it stayed. `coreC` null: it was not measured. */
export function sayCore(coreC: number | null, units?: Units): string {
  const lines = sayDegrees(CORE_LINE_WORDS, units);
  if (coreC === null || coreC >= CORE_LINES.usC) return lines;
  return `That is ${sayTemperatureDifference(CORE_LINES.usC - coreC, units)} under the lower official limit. ${lines}`;
}

/** Freezing that makes raw eating safer: the core must be this cold for this long. Sources: US FDA; Regulation (EC) 853/2004. */
export const FREEZING_FOR_RAW =
  'Freeze at −20° in the middle for 7 days (US) or 24 hours (EU), or at −35° for 15 hours (both). Pieces no thicker than 15 cm; most home freezers do not reach −20°. Flukes survive freezing better: cook fish of the carp family through, and freeze other freshwater fish for the 7 days.';

/** Whether a way of cooking leaves the fish raw in the middle. Smoked is, when it is smoked cold. */
export const leavesRaw = (method: string): boolean =>
  method === 'raw' || method === 'cured' || method === 'smoked' || method === 'seared';

export const AT_RISK =
  'Pregnant, old or very young people, and people with a weak immune system, eat it cooked through: ' +
  `${CORE_LINES.usC}° in the middle held for 15 seconds, better ${CORE_LINES.ukC}° for ${CORE_LINES.ukMin} minutes, nothing glassy.`;

/** A caution, and whose it is when several kinds are on the table. */
export interface Caution {
  readonly say: string;
  /** `stop`: not to be eaten so, or not at all. */
  readonly grade: 'stop' | 'mind';
}

/**
 * The cautions for a meal: those of every kind in it, each said once, the gravest first. With several kinds each is named.
 * `method`: as the meal's entry has it. `found`: what was found in each pack on the board, by the pack's own name.
 */
export function tableCautions(
  species: readonly Eaten[],
  method: string,
  found: readonly { readonly of: string; readonly follows: AllThatFollows }[] = [],
): Caution[] {
  const kinds = [...new Map(species.map((s) => [s.id, s])).values()];
  const named = (s: Eaten, say: string): string => (kinds.length > 1 ? `${s.name}: ${lower(say)}` : say);
  const stop: string[] = [];
  for (const s of kinds) {
    if (s.raw.verdict === 'never') stop.push(named(s, `Never eaten. ${s.raw.why}`));
    else if (leavesRaw(method) && s.raw.verdict === 'cook')
      stop.push(named(s, `Not raw, not even after freezing. ${s.raw.why}`));
    else if (leavesRaw(method)) stop.push(named(s, `Not raw, unless frozen as your authority requires. ${s.raw.why}`));
  }
  if (leavesRaw(method) && kinds.length > 0) {
    if (method === 'smoked')
      stop.push(
        `Cold-smoked fish counts as raw: smoke does not kill worms. Hot-smoked, it is done at ${CORE_LINES.usC}° in the middle, held for half an hour where it is to keep.`,
      );
    stop.push(`Acid, salt and alcohol kill no worms. Freezing that makes it safer: ${FREEZING_FOR_RAW}`);
  }
  // One sentence of several kinds is said once, for all of them.
  const mind = new Map<string, string[]>();
  for (const s of kinds) for (const e of s.eating) mind.set(e, [...(mind.get(e) ?? []), s.name]);
  const minded = [...mind].map(([say, names]) =>
    kinds.length > 1 && names.length < kinds.length ? `${sayAll(names)}: ${lower(say)}` : say,
  );
  const foundStop = found.flatMap(({ of, follows }) => [
    ...follows.bin.map((say) => `${of}: ${lower(say)}`),
    ...(leavesRaw(method) ? follows.raw.map((say) => `${of}: ${lower(say)}`) : []),
  ]);
  stop.unshift(...foundStop);
  const foundMind = found.flatMap(({ of, follows }) => follows.cooking.map((say) => `${of}: ${lower(say)}`));
  return [
    ...[...new Set(stop)].map((say): Caution => ({ say, grade: 'stop' })),
    ...foundMind.map((say): Caution => ({ say, grade: 'mind' })),
    ...minded.map((say): Caution => ({ say, grade: 'mind' })),
    ...(kinds.length > 0 ? [{ say: AT_RISK, grade: 'mind' } as const] : []),
  ];
}

/** What salt and smoke do not do. Sources: US FDA Food Code 3-402.11 (parasites); US FDA Hazards Guide, ch. 13 (63 degC in the middle for half an hour). */
const FORM_CAUTION: Readonly<Partial<Record<PackForm, readonly string[]>>> = {
  cured: ['Salt and lemon kill no worms: cured fish counts as raw, and is not for people at risk.'],
  smoked: [
    'These days are for hot-smoked fish, 63° in the middle for half an hour, stored at 3° or colder. Cold-smoked fish counts as raw, keeps like raw fish, and is not for people at risk.',
  ],
};

/** What a wrapping and a place ask for, besides the days. Raw fish without air: Clostridium botulinum grows in the cold too. */
export function packCautions(pack: {
  readonly wrapping: string;
  readonly form: PackForm;
  readonly venomous: boolean;
  /** Left out: nothing is said of what comes from its inside. */
  readonly species?: ByproductOf | null;
}): string[] {
  const sealed = isUncooked(pack.form);
  const inside = byproductCaution(pack.form, pack.species ?? null);
  return [
    ...(inside ? [inside] : []),
    ...(FORM_CAUTION[pack.form] ?? []),
    ...(pack.wrapping === 'vacuum' && sealed
      ? [
          'Keep vacuum-packed fish, raw, cured or smoked, at 3° or colder, and open the bag before thawing. Without air a poison without smell can form (botulism).',
        ]
      : []),
    ...(pack.venomous && keepsFins(pack.form)
      ? ['Its spines stay venomous in the freezer: cut them off before wrapping, or write it on the label.']
      : []),
  ];
}
