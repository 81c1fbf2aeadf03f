import type { Asks } from '../asked.ts';
import { LABEL_DOES, LABEL_MINDS } from '@dagboek/core/harm';
import { doneToMeat } from '@dagboek/core/cut';
import { countsAsRaw, formFacts, keepsFins, WRAPPING_FACTS } from '@dagboek/core/larder';
import { platesFrom } from '@dagboek/core/plates';
import type { Hazard } from '@dagboek/core/species';
import { custodyOf, type Knot } from '../places/custody.ts';
import { fishInPack } from '../fish/pack-fish.ts';
import { kindsOfPack } from './kinds-of-pack.ts';
import { cutsOfPack } from '../bodies/cut-of-pack.ts';
import { meatOfPack } from './look-in-larder.ts';
import { type HeldPack, whyNotToEat } from './packs-held.ts';
import { type RawFacts, rawStandingOf } from './raw-standing.ts';

/** What stands on the label of a pack. No place is on it: a mark is a secret. */
export interface PackLabel {
  readonly id: string;
  readonly number: string;
  readonly kind: string;
  /** "2 fillets, skin off, vacuum-packed". */
  readonly what: string;
  readonly massG: number;
  /** Null of what is no dish by itself. */
  readonly plates: number | null;
  /** What the day is: to be eaten, or used, by it. Null where nothing of it is eaten. */
  readonly by: { readonly word: 'Eat by' | 'Use by'; readonly day: string; readonly authority: string } | null;
  /** Civil day on which the first of its fish was caught; null where it is not known. */
  readonly caught: string | null;
  /** The line of its first fish, up to the store. */
  readonly knots: readonly Knot[];
  /** What to do with it, in bold; and what else matters, in one short sentence. */
  readonly does: string;
  readonly minds: string;
}

/** The label of a pack that still holds something. `name`: of its kind; `day`: civil day of an instant in the waters' zone. */
export function labelOf(
  asked: Asks<'book' | 'species' | 'day' | 'nowMs', RawFacts>,
  h: HeldPack,
  name: string,
): PackLabel {
  const { book, day } = asked;
  const { pack } = h;
  const { plates, keepsAs } = formFacts(pack.form);
  const made = doneToMeat(cutsOfPack(book, pack).flatMap((c) => c.steps.map((s) => s.step)));
  // What was put by as "Pollack, 2 fillets" stands beneath its kind as "2 fillets".
  const form = pack.what.startsWith(`${name}, `) ? pack.what.slice(name.length + 2) : pack.what;
  const line = fishInPack(book, pack)
    .flatMap((id) => custodyOf(book, id, pack) ?? [])
    .sort((a, b) => Date.parse(a.fish.landed.at) - Date.parse(b.fish.landed.at))[0];
  const bad = whyNotToEat(h);
  return {
    id: pack.id,
    number: h.number,
    kind: name,
    what: [form, ...made.slice(0, 2), WRAPPING_FACTS[pack.wrapping].says].join(', '),
    massG: h.leftG,
    plates: plates === 'none' ? null : platesFrom(meatOfPack(h)).plates,
    by: bad
      ? null
      : {
          word: keepsAs === 'stock' || pack.form === 'bait' ? 'Use by' : 'Eat by',
          day: h.keeps.eatBy,
          authority: h.keeps.authority,
        },
    caught: line ? day(line.fish.landed.at) : null,
    knots: (line?.knots ?? []).filter((k) => k.state !== 'leftOut' && k.kind !== 'cooked'),
    ...doesOf(asked, h, bad),
  };
}

/** What comes before the first colon or full stop, as a sentence. */
const firstSentence = (s = ''): string => s.replace(/^(.*?)[.;:](\s.*)?$/s, '$1.');

function doesOf(
  asked: Asks<'book' | 'species' | 'nowMs', RawFacts>,
  h: HeldPack,
  bad: string | null,
): Pick<PackLabel, 'does' | 'minds'> {
  const { book, species: byId } = asked;
  const { pack } = h;
  const { keepsAs } = formFacts(pack.form);
  if (bad) return { does: LABEL_DOES.notToEat, minds: bad };
  if (pack.form === 'bait') return { does: LABEL_DOES.bait, minds: LABEL_MINDS.bait };
  if (keepsAs === 'stock') return { does: LABEL_DOES.boil, minds: '' };
  if (keepsAs === 'cooked') return { does: LABEL_DOES.heat, minds: '' };
  const kinds = kindsOfPack(book, pack).map((id) => byId(id));
  const unknown = kinds.includes(null);
  // Of a fish that was never settled the spines of each that it may be.
  const venom = kinds.some((k) => k?.hazards.some((x: Hazard) => x.kind === 'venomous'));
  const raw = rawStandingOf(asked, pack);
  const worms = h.found.finds.some((f) => f.of === 'worms' && f.is !== 'none seen');
  const minds =
    venom && keepsFins(h.body.form)
      ? LABEL_MINDS.venom
      : worms
        ? LABEL_MINDS.worms
        : h.thawed
          ? LABEL_MINDS.thawed
          : pack.wrapping === 'vacuum'
            ? LABEL_MINDS.vacuum
            : '';
  // Salt and cold smoke leave it raw: whoever has the bag in hand reads who does not eat it.
  if (countsAsRaw(pack.form)) return { does: LABEL_DOES.notAtRisk, minds: LABEL_MINDS.notAtRisk };
  // Whether it may be eaten raw is asked of the book, with who eats: a label outlives the answer.
  if (raw?.never || worms || unknown)
    return {
      does: LABEL_DOES.cookThrough,
      minds: minds || (unknown ? LABEL_MINDS.notKnown : firstSentence(raw?.never?.[0])),
    };
  return { does: LABEL_DOES.cook, minds };
}
