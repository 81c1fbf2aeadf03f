import type { Asks } from '../asked.ts';
import {
  type Kitchen,
  looksFor,
  type Method,
  methodOf,
  METHODS,
  methodsThatSuit,
  missingFor,
  type MethodFit,
  type RawVerdict,
  whyOnlyTheLine,
} from '@dagboek/core/cook';
import { byproductCaution, type ByproductOf } from '@dagboek/core/harm';
import { formFacts } from '@dagboek/core/larder';
import { type Recipe, recipesFor } from '@dagboek/core/recipes';
import { daysBetween } from '@dagboek/core/time';
import { kindsOfPack } from '../keeping/kinds-of-pack.ts';
import type { HeldPack } from '../keeping/packs-held.ts';
import type { RawFacts } from '../keeping/raw-standing.ts';
import { piecesOfPack, type PiecesOfPack } from './to-cook.ts';

/** A pack that was chosen for a meal, and what is taken of it, g; 0 while nothing is typed. */
export interface ChosenPack {
  readonly held: HeldPack;
  readonly massG: number;
  /** The part that is taken is so thick as this share of the thickest of it; all of it if left out. */
  readonly thickest?: number;
}

/** What is to be cooked, of all the packs that were chosen: the thickest says how long. */
export interface ToBeCooked extends PiecesOfPack {
  readonly held: HeldPack;
  /** Of all packs. */
  readonly all: number;
}

/** What the chosen packs are to the fire: the thickest says how long. Null when none is chosen. */
export function toBeCooked(
  asked: Asks<'book' | 'species' | 'nowMs'>,
  chosen: readonly ChosenPack[],
): ToBeCooked | null {
  const each = chosen.map(({ held, massG, thickest = 1 }) => {
    const pieces = piecesOfPack(asked, held, massG || held.leftG);
    return { held, ...pieces, thicknessMm: Math.max(1, Math.round(pieces.thicknessMm * thickest)) };
  });
  const [first, ...others] = each;
  if (!first) return null;
  const thickest = others.reduce((a, b) => (b.thicknessMm > a.thicknessMm ? b : a), first);
  return { ...thickest, all: each.reduce((n, p) => n + p.pieces, 0) };
}

/** Boneless meat of what is taken, g: its share of the meat of its pack. */
export const meatTaken = (chosen: readonly ChosenPack[]): number =>
  chosen.reduce((g, { held, massG }) => g + (held.leftG > 0 ? (held.body.meatG * massG) / held.leftG : 0), 0);

const SUITS: readonly MethodFit['suits'][] = ['well', 'so so', 'out'];

/** Every way for what is to be cooked, those that suit first; while nothing is chosen all of them. `kitchen`: what it is cooked with. */
export function waysFor(
  what: ToBeCooked | null,
  chosen: readonly ChosenPack[],
  raw: RawVerdict['verdict'],
  today: string,
  formsHistamine: boolean,
  kitchen: Kitchen,
): MethodFit[] {
  if (!what) return METHODS.map((method: Method) => ({ method, suits: 'well', why: method.why }));
  const fits = methodsThatSuit({
    ...what,
    daysPastBest: Math.max(...chosen.map(({ held }) => daysBetween(held.keeps.careful, today))),
    raw,
    formsHistamine,
    frames: chosen.every(({ held }) => held.body.form === 'stock'),
  });
  // What would suit it, and cannot be done here, comes after what can.
  return fits
    .map((f) => {
      const lacks = f.suits === 'out' ? null : missingFor(kitchen, f.method);
      return lacks === null ? f : { ...f, suits: 'so so' as const, why: `this kitchen needs ${lacks} for it` };
    })
    .sort((a, b) => SUITS.indexOf(a.suits) - SUITS.indexOf(b.suits));
}

/** Whether a way that only a plan speaks for is taken: not one that is out, nor one that stays raw unless all speaks for it. */
const mayBeMeant = (f: MethodFit): boolean => f.suits === 'well' || (f.suits === 'so so' && f.method.middle !== 'raw');

/** The way that is chosen, else that of the plan of meals where it may be, else the first with fire that suits. `planned`: the word of a meal. */
export const wayOf = (fits: readonly MethodFit[], chosen: string | null, planned: string | null): Method =>
  methodOf(chosen ?? '') ??
  fits.find((f) => f.method.meal === planned && mayBeMeant(f))?.method ??
  fits.find((f) => f.suits === 'well' && f.method.middle === 'cooked' && f.method.heat !== null)?.method ??
  fits[0]!.method;

/** Why the fish of a meal is cooked to the authority's line and no lower: its kinds, what was found in it, who eats. */
export const onlyTheLine = (
  { book, species: byId }: Asks<'book' | 'species', RawFacts>,
  chosen: readonly ChosenPack[],
  atRisk: readonly string[],
  guests: number,
): string[] =>
  whyOnlyTheLine({
    cookThrough: [...new Set(chosen.flatMap(({ held }) => kindsOfPack(book, held.pack)))]
      .flatMap((id) => byId(id) ?? [])
      .filter((s) => s.raw.verdict !== 'frozen first')
      .map((s) => ({ name: s.name, why: s.raw.why })),
    seen: chosen.filter(({ held }) => held.found.cook).map(({ held }) => `Pack ${held.number}`),
    inside: [
      ...new Set(
        chosen.flatMap(({ held: { body } }) => (formFacts(body.form).keepsAs === 'offal' ? [body.form as string] : [])),
      ),
    ],
    atRisk,
    guests: guests > 0,
  });

/** The look to go by of a way for what is cooked. */
export const looksOfWay = (method: Method, what: Pick<ToBeCooked, 'cut'> | null): readonly string[] =>
  looksFor(method, what?.cut ?? null);

/** What is to be known of roe, liver and the like that were chosen, by all that its fish may be; each once. */
export const partCautions = (
  { book, species: byId }: Asks<'book' | 'species', RawFacts & ByproductOf>,
  chosen: readonly ChosenPack[],
): string[] => [
  ...new Set(
    chosen.flatMap(({ held }) =>
      [null, ...kindsOfPack(book, held.pack).map(byId)].flatMap((s) => byproductCaution(held.body.form, s) ?? []),
    ),
  ),
];

/** Recipes of a way, those for this cut and fat first. */
export const recipesOfWay = (all: readonly Recipe[], method: Method, what: ToBeCooked | null): Recipe[] =>
  recipesFor(
    all.filter((r) => r.course === 'fish'),
    { method: method.id, cut: what?.cut ?? null, fat: what?.fat ?? null },
  );
