import type { Trait, TraitRow } from '@dagboek/core/key';
import { type FigureFile, type FigureSpec, resolveFigure, silentParts } from '@dagboek/figure';
import type { Species, SpeciesFile } from './species.ts';

/** What a species needs from around it. */
export interface Surroundings {
  readonly traits: readonly Trait[];
  readonly pack: string;
  /** What is wrong with a figure once it is whole; left out for those that ship, which a test holds together. */
  readonly figureTroubles?: (spec: FigureSpec) => readonly string[];
  /** Finds the figure file of a species by id. */
  readonly figure: (id: string) => FigureFile | undefined;
}

/** The species' own traits over the usual states. Throws RangeError for a trait that is not there, or one it must speak of and does not. */
export function wholeTraits(id: string, own: TraitRow, traits: readonly Trait[]): TraitRow {
  const unknown = Object.keys(own).find((k) => !traits.some((t) => t.id === k));
  if (unknown !== undefined) throw new RangeError(`${id}: traits: "${unknown}" is not a trait of the key`);
  return Object.fromEntries(
    traits.map((t) => {
      const row = own[t.id] ?? t.usual;
      if (!row) throw new RangeError(`${id}: traits: say something of "${t.id}" (${t.question})`);
      return [t.id, row];
    }),
  );
}

/** A figure that speaks of every part that could hurt. Throws RangeError, naming what it is silent about. */
function spoken(file: FigureFile, around: Surroundings, name: string, latin: string): FigureSpec {
  const spec = { ...resolveFigure(file, around.figure), name, latin };
  const [wrong] = around.figureTroubles?.(spec) ?? [];
  if (wrong !== undefined) throw new RangeError(`${file.id}: figure: ${wrong}`);
  const silent = silentParts(spec);
  if (silent.length > 0)
    throw new RangeError(`${file.id}: figure: say harmless, sharp or venomous of the ${silent.join(', ')}`);
  return spec;
}

/**
 * Makes a species whole: traits filled up with what is usual, its figure and its forms' figures laid over what they are like.
 * Throws RangeError with the species' id and the field that is wrong.
 */
export function resolveSpecies(file: SpeciesFile, around: Surroundings): Species {
  const { figure: own, forms, ...facts } = file;
  const figureFile = own ?? around.figure(file.id);
  if (!figureFile) throw new RangeError(`${file.id}: figure: there is none`);
  const figure = spoken(figureFile, around, file.name, file.latin);
  const harms = harmsOf(figure);
  return {
    ...facts,
    ratios: { depth: facts.shape.depth, ...facts.ratios },
    pack: around.pack,
    traits: wholeTraits(file.id, file.traits, around.traits),
    figure,
    ...(forms
      ? {
          forms: forms.map(({ figure: changes, ...f }) => ({
            ...f,
            figure: changes
              ? spoken(
                  { id: `${file.id}-${f.id}`, like: file.id, harms, ...changes },
                  { ...around, figure: (id) => (id === file.id ? figureFile : around.figure(id)) },
                  `${file.name}, ${f.name}`,
                  file.latin,
                )
              : null,
          })),
        }
      : {}),
  };
}

/** All that a figure says of harm, so that its forms, which have the same parts, say the same. */
export function harmsOf(spec: FigureSpec): Record<string, NonNullable<FigureSpec['mouth']>['harm']> {
  const out: Record<string, NonNullable<FigureSpec['mouth']>['harm']> = {};
  for (const f of spec.fins ?? []) if (f.harm) out[f.name] = f.harm;
  for (const [name, f] of Object.entries(spec.paired ?? {})) if (f.harm) out[name] = f.harm;
  if (spec.gill) out['gill cover'] = spec.gill.harm;
  const spine = spec.gill?.spines?.[0];
  if (spine) out['gill spines'] = spine.harm;
  if (spec.mouth) out['mouth'] = spec.mouth.harm;
  if (spec.barb) out[spec.barb.name ?? 'tail barb'] = spec.barb.harm;
  return out;
}

const ELECTRIC_ORGAN = 'electric organ';
/** What may hurt and is not drawn. */
export const UNDRAWN_PARTS = ['flesh', 'blood', 'roe', 'skin', 'belly keel'] as const;

/** The parts of a figure that a hazard may name, with what the figure says of them. */
export function hazardParts(spec: FigureSpec): Readonly<Record<string, string>> {
  return {
    ...harmsOf(spec),
    ...(spec.skin?.thorns ? { thorns: 'sharp' } : {}),
    ...(spec.lateral?.scutes ? { 'side line': 'sharp' } : {}),
    ...(spec.headSpines?.length ? { head: 'sharp' } : {}),
    ...(spec.lobes?.some((l) => l.name === ELECTRIC_ORGAN) ? { [ELECTRIC_ORGAN]: 'electric' } : {}),
    ...Object.fromEntries(UNDRAWN_PARTS.map((p) => [p, 'undrawn'])),
  };
}
