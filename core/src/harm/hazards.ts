import type { Hazard, HazardKind, Severity } from '../species/index.ts';

/** From the gravest down. */
const ORDER: readonly HazardKind[] = ['venomous', 'electric', 'poison', 'bite', 'blood', 'sharp'];

/** Venom, a shock, or poison in the flesh: what is said before anything else, and before there is a name. */
export const isGrave = (h: Pick<Hazard, 'kind'>): boolean =>
  h.kind === 'venomous' || h.kind === 'poison' || h.kind === 'electric';

/** Whether a species stings, shocks or poisons. */
export const isDangerous = (s: { readonly hazards: readonly Hazard[] }): boolean => s.hazards.some(isGrave);

/** The gravest of some hazards, by kind and then by how bad it is; null of none. */
export const worstHazard = (hazards: readonly Hazard[]): Hazard | null =>
  [...hazards].sort(
    (a, b) =>
      ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind) ||
      SEVERITIES.indexOf(severityOf(b)) - SEVERITIES.indexOf(severityOf(a)),
  )[0] ?? null;

/** From the mildest up. */
export const SEVERITIES: readonly Severity[] = ['slight', 'painful', 'serious', 'can kill'];

/** How bad a hazard is where the species' file does not say: the worse reading of its kind. */
const BY_KIND: Readonly<Record<HazardKind, Severity>> = {
  sharp: 'slight',
  bite: 'painful',
  blood: 'painful',
  venomous: 'serious',
  electric: 'serious',
  poison: 'can kill',
};

/** How bad it is, as the file says it, else the worse reading of its kind. */
export const severityOf = (h: Pick<Hazard, 'kind' | 'severity'>): Severity => h.severity ?? BY_KIND[h.kind];

/** One hazard as it stands on a page: what repeats word for word is said once, with the first that says it. */
export interface ToldHazard {
  readonly hazard: Hazard;
  readonly severity: Severity;
  readonly where: string;
  /** Null: said already by one before it. */
  readonly does: string | null;
  readonly grip: string | null;
}

/** Hazards in the order of how bad they are, each sentence once. Of two alike in part and kind (of two candidates) both stand. */
export function tellHazards(hazards: readonly Hazard[]): ToldHazard[] {
  const said = new Set<string>();
  const once = (s: string): string | null => {
    if (said.has(s)) return null;
    said.add(s);
    return s;
  };
  const order = (h: Hazard): number =>
    ORDER.indexOf(h.kind) * 10 + (SEVERITIES.length - SEVERITIES.indexOf(severityOf(h)));
  return hazards
    .map((h, i) => ({ h, i }))
    .sort((a, b) => order(a.h) - order(b.h) || a.i - b.i)
    .flatMap(({ h }): ToldHazard[] => {
      const where = once(h.where);
      const does = once(h.does);
      const grip = once(h.grip);
      if (!where && !does && !grip) return [];
      return [{ hazard: h, severity: severityOf(h), where: where ?? '', does, grip }];
    });
}

/** Parts of a drawn fish in plain words, where their own name is not plain. */
const PART_WORDS: Readonly<Record<string, string>> = {
  dorsal: 'back fin',
  'first dorsal': 'first back fin',
  'second dorsal': 'second back fin',
  anal: 'anal fin',
  pelvic: 'belly fins',
  pectoral: 'breast fins',
};

/** The parts that can hurt, in plain words, each once, those of the gravest hazard first: "first back fin, gill spines". */
export const hurtingParts = (hazards: readonly Hazard[]): string =>
  [...new Set(tellHazards(hazards).map((t) => PART_WORDS[t.hazard.part] ?? t.hazard.part))].join(', ');
