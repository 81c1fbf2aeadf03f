import type { Asks } from '../asked.ts';
import { isBody, type LineClock, type RawClock, rawClock, spokenFor } from '@dagboek/core/larder';
import { type ConductionBody, type Exposure, meets } from '@dagboek/core/heat';
import type { SpeciesFacts } from '@dagboek/core/species';
import { epochMs } from '@dagboek/core/time';
import { bodyOf } from '../bodies/body-of.ts';
import { fishInPack } from '../fish/pack-fish.ts';
import { courseOf } from '../warmth/course-of.ts';
import { metInStore } from '../warmth/met-in-store.ts';
import type { Book } from '../../log/book/book.ts';
import type { PackState } from '../../log/state/states.ts';
import { lainSo, type PackStay, staysIn } from '../places/lain-so.ts';
import { formOfPack, packFlesh } from '../bodies/pack-form.ts';
import { type PackPlaces, placesOf } from '../places/places-of.ts';

/** Flesh goes into the freezer no warmer than so from the fridge, from the board warmer; on the warm side, degC. */
const FROM_C = 12;
const NEVER_FROZEN = { atMs: [], coreC: [], frozenMs: null, thawed: false, spoken: [] } as const;

/** What a pack met since it was frozen. */
const exposuresOf = (stays: readonly PackStay[], nowMs: number): Exposure[] =>
  stays.flatMap((s) =>
    metInStore(s.course, s.fromMs, Math.max(s.fromMs + 1, Math.min(nowMs, s.toMs))).map(({ fromMs, c }) => ({
      fromMs,
      boundary: meets('fridge', c),
    })),
  );

/** The body of a pack in the freezer: whole fish as they are, the heaviest; anything else a slab. */
function bodyOfPack(book: Book, pack: PackState, species: SpeciesFacts | null): ConductionBody {
  if (isBody(formOfPack(book, pack)) && species) {
    const fish = fishInPack(book, pack).flatMap((id) => book.getAny('fish', id) ?? []);
    const bodies = fish.map((f) => bodyOf(f, species).body);
    if (bodies.length > 0) return bodies.reduce((a, b) => (b.radiusM > a.radiusM ? b : a));
  }
  return packFlesh(species?.fat ?? 'oily');
}

/**
 * How long the core of a pack has been cold enough, by the lines of the authorities: its flesh by conduction through the freezers that it
 * lay in, as they were read. A line that was met stays met when it thaws: worms that died stay dead. One that was not begins anew.
 */
export function rawClockOf(asked: Asks<'book' | 'species' | 'nowMs'>, pack: PackState): RawClock {
  const { book } = asked;
  const clocks = placesOf(book, pack).map((places) => clockThrough(asked, pack, places));
  // Of several put together each line is met when it is met for all.
  return clocks.reduce((a, b) => ({
    why: a.why ?? b.why,
    lines: a.lines.map((l, i) => worse(l, b.lines[i]!)),
  }));
}

const worse = (a: LineClock, b: LineClock): LineClock => {
  if (a.met !== b.met) return a.met ? b : a;
  return a.hours <= b.hours ? a : b;
};

/** Stays in freezers, one after the other without a thaw between, and whether anything came before them. */
function frozenRuns(
  stays: readonly PackStay[],
): { readonly stays: readonly PackStay[]; readonly fromFridge: boolean }[] {
  const runs: { stays: PackStay[]; fromFridge: boolean }[] = [];
  stays.forEach((s, i) => {
    if (s.store.place !== 'freezer') return;
    if (i > 0 && stays[i - 1]!.store.place === 'freezer') runs.at(-1)!.stays.push(s);
    else runs.push({ stays: [s], fromFridge: i > 0 });
  });
  return runs;
}

function clockThrough(asked: Asks<'book' | 'species' | 'nowMs'>, pack: PackState, places: PackPlaces): RawClock {
  const { book, species: byId, nowMs } = asked;
  const lain = lainSo(asked, places);
  const runs = frozenRuns(staysIn(asked, places));
  if (runs.length === 0) return rawClock({ ...NEVER_FROZEN, nowMs });
  const body = bodyOfPack(book, pack, byId(pack.species));
  const clocks = runs.map((run): RawClock => {
    const toMs = run.stays.at(-1)!.toMs;
    const startC = run.fromFridge ? Math.min(FROM_C, 5) : FROM_C;
    const { atMs, coreC } = courseOf(body, startC, exposuresOf(run.stays, toMs));
    const spoken = run.stays.flatMap((s) =>
      spokenFor(
        (s.store.own?.reads ?? []).map((r) => epochMs(r.at)),
        s.fromMs,
        s.toMs,
      ),
    );
    return rawClock({ atMs, coreC, frozenMs: run.stays[0]!.fromMs, thawed: false, spoken, nowMs: toMs });
  });
  const frozenNow = lain.place === 'freezer';
  const last = clocks.at(-1)!;
  const lines = last.lines.map((now, i): LineClock => {
    const met = clocks.map((c) => c.lines[i]!).find((l) => l.met);
    if (met) return met;
    return frozenNow ? now : { ...now, hours: Math.max(...clocks.map((c) => c.lines[i]!.hours)), readyMs: null };
  });
  const why = lines.some((l) => l.met) ? null : frozenNow ? last.why : 'void';
  return { lines, why };
}
