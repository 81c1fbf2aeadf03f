import type { Asks } from '../asked.ts';
import { isBody, type LineClock, type RawClock, rawClock, spokenFor, stretchesOf } from '@dagboek/core/larder';
import { type ConductionBody, type Exposure, fleshCourse, type FleshCourse, meets } from '@dagboek/core/heat';
import type { SpeciesFacts } from '@dagboek/core/species';
import { epochMs } from '@dagboek/core/time';
import { bodyOf } from '../bodies/body-of.ts';
import { fishInPack } from '../fish/pack-fish.ts';
import { Remembered } from '../warmth/remembered.ts';
import type { Book } from '../../log/book/book.ts';
import type { PackState } from '../../log/state/states.ts';
import { lainSo, type PackStay, staysIn } from '../places/lain-so.ts';
import { formOfPack, packFlesh } from '../bodies/pack-form.ts';
import { type PackPlaces, placesOf } from '../places/places-of.ts';

/** Flesh goes into the freezer no warmer than so from the fridge, from the board warmer; on the warm side, degC. */
const FROM_C = 12;
/** What the store moved by less than this is one stretch, taken at its warm end, K. */
const SAME_K = 0.25;

const NEVER_FROZEN = { atMs: [], coreC: [], frozenMs: null, thawed: false, spoken: [] } as const;

const courses = new Remembered<FleshCourse>(60);

/** What the core of a pack met since it was frozen. */
function exposuresOf(stays: readonly PackStay[], nowMs: number): Exposure[] {
  const out: Exposure[] = [];
  let held = Number.NaN;
  for (const stay of stays) {
    const stretches = stretchesOf(stay.course, stay.fromMs, Math.max(stay.fromMs + 1, Math.min(nowMs, stay.toMs)));
    for (const s of stretches) {
      const c = Math.max(s.fromC, s.toC);
      if (Math.abs(c - held) < SAME_K) continue;
      held = c;
      out.push({ fromMs: s.fromMs, boundary: meets('fridge', c) });
    }
  }
  return out;
}

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
    const exposures = exposuresOf(run.stays, toMs);
    const key = JSON.stringify([body.radiusM, body.exponent, body.material.slope(1), startC, exposures]);
    const { atMs, coreC } = courses.of(key, () => fleshCourse(body, startC, exposures));
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
