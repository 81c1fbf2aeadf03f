import { judge, type RuleGear, type KeptFish, type RulePack } from '@dagboek/core/rules';
import { civilDay, epochMs, stamp } from '@dagboek/core/time';
import { expectedWeight } from '@dagboek/core/measure';
import { rankLikely } from '@dagboek/core/key';
import type { Entry } from '@dagboek/journal';
import type { Species } from '../load.ts';
import type { Tern } from './crew.ts';
import { BLUE_LEAKS, boxSeen } from './box-story.ts';
import { HOUR, MIN, type Scribe } from './scribe.ts';

/** A kept fish, as the kitchen needs to know it. */
export interface Kept {
  readonly id: string;
  readonly species: Species;
  readonly count: number;
  readonly massG: number;
  readonly bledSoon: boolean;
  readonly atMs: number;
}

export interface TripPlan {
  readonly startMs: number;
  readonly hours: number;
  readonly zone: string;
  readonly crew: readonly string[];
  readonly fish: number;
  /** Share of fish that were not bled at once: the crew learned. */
  readonly sloppy: number;
  readonly remark?: string;
}

/** Sea or lake temperature by month, degC, for the made-up isles. */
const WATER = [7.5, 7, 7.2, 8.1, 9.6, 11.4, 12.9, 13.6, 13.1, 11.8, 10.1, 8.6];

/** One trip from casting off to landing: fish in hand, measured, judged by the same rules as the application, kept or let go. */
export function writeTrip(
  s: Scribe,
  tern: Tern,
  catalogue: readonly Species[],
  rules: RulePack,
  plan: TripPlan,
): { tripId: string; endMs: number; kept: Kept[] } {
  const { startMs, hours, zone, crew } = plan;
  const tripId = s.id(startMs);
  const day = civilDay(stamp(startMs, rules.timeZone), rules.timeZone);
  const month = Number(day.slice(5, 7));
  const afloat = zone !== 'harrow-estuary' && zone !== 'mere-tarn' && zone !== 'tarn-burn';
  const box = afloat ? tern.blueBox : tern.softBag;
  const waterC = Math.round(((WATER[month - 1] ?? 10) + s.normal(0, 0.4)) * 10) / 10;
  const skipper = crew[0] as string;
  s.note('trip.started', tripId, startMs, skipper, {
    waters: rules.id,
    zone,
    from: afloat ? 'boat' : 'shore',
    crew: [...crew],
    box,
    iceKg: afloat ? 9 : 3,
    waterC,
    ...(afloat ? { boat: 'Tern' } : {}),
  });
  if (plan.remark) s.note('trip.noted', tripId, startMs + 2 * HOUR, s.pick(crew), { text: plan.remark });
  if (afloat) {
    const depthM = 6 + ((Number(day.slice(8)) * 7) % 32);
    s.aside('trip.noted', tripId, startMs + 12 * MIN, skipper, { topic: 'ground', text: 'drifting', depthM });
    s.aside('trip.noted', tripId, startMs + 2 * MIN, skipper, { topic: 'cost', text: 'fuel', cost: 10 + hours * 4.5 });
  }
  const grounds = rules.zones.find((z) => z.id === zone)?.grounds ?? [];
  const likely = rankLikely(catalogue, { grounds, month, ownCatches: {} });
  const ledger: KeptFish[] = [];
  const kept: Kept[] = [];
  let at = startMs + 25 * MIN;
  const gap = (hours * HOUR - 45 * MIN) / Math.max(1, plan.fish);
  for (let i = 0; i < plan.fish; i++) {
    at += gap * (0.5 + s.rng());
    if (at > startMs + hours * HOUR - 20 * MIN) break;
    const { speciesId } = s.weighted(likely, (l) => l.share ** 1.2);
    const species = catalogue.find((x) => x.id === speciesId) as Species;
    landOne(
      s,
      { tern, rules, tripId, zone, day, crew, box, at, species, sloppy: plan.sloppy, number: i + 1 },
      ledger,
      kept,
    );
  }
  const endMs = startMs + hours * HOUR;
  if (kept.length > 0)
    boxSeen(s, {
      tripId,
      box,
      litres: afloat ? 52 : 14,
      walls: afloat ? 'hard, thick' : 'soft',
      leaks: afloat ? BLUE_LEAKS : 1,
      by: skipper,
      startMs,
      endMs,
      iceKg: afloat ? 9 : 3,
      waterC,
      fishKg: kept.reduce((kg, k) => kg + k.massG / 1000, 0),
    });
  s.note('trip.ended', tripId, endMs, skipper, { rodHours: Math.round(hours * crew.length * 10) / 10 });
  return { tripId, endMs, kept };
}

interface Landing {
  tern: Tern;
  rules: RulePack;
  tripId: string;
  zone: string;
  day: string;
  crew: readonly string[];
  box: string;
  at: number;
  species: Species;
  sloppy: number;
  number: number;
}

function landOne(s: Scribe, x: Landing, ledger: KeptFish[], kept: Kept[]): void {
  const { species, at, tripId } = x;
  const angler = s.pick(x.crew);
  const scribe = s.pick(x.crew);
  const id = s.id(at);
  const lot = species.id === 'mackerel' && s.chance(0.6);
  const count = lot ? 3 + Math.floor(s.rng() * 6) : 1;
  const [lo, hi] = species.usualMm;
  const mm = Math.round(Math.max(lo * 0.8, s.normal((lo + hi) / 2, (hi - lo) / 3.2)) / 5) * 5;
  const kind = species.lengthKinds[0] ?? 'total';
  const gear = s.chance(0.86) || x.zone !== 'north-skerries' ? 'rod' : 'spear';
  s.note('fish.landed', id, at, scribe, {
    trip: tripId,
    number: x.number,
    angler,
    count,
    species: species.id,
    gear,
  });
  const longestMm = lot ? mm + 20 + Math.round(s.rng() * 6) * 5 : null;
  const first = s.chance(0.04) && !lot ? mm + 20 : mm;
  const measured = s.note('fish.measured', id, at + 1 * MIN, scribe, {
    lengthMm: first,
    lengthKind: kind,
    method: 'board',
    ...(longestMm ? { longestMm } : {}),
  });
  if (first !== mm)
    s.amend(
      measured,
      'fish.measured',
      { lengthMm: mm, lengthKind: kind, method: 'board' },
      x.crew[0] as string,
      'nose was off the stop',
      4,
    );
  const facts = {
    speciesId: species.id,
    speciesName: species.name,
    zone: x.zone,
    day: x.day,
    anglerId: angler,
    anglerName: '',
    count,
    gear: gear as RuleGear,
    length: { mm, kind, method: 'board' as const },
  };
  const verdict = judge(x.rules, facts, ledger);
  if (verdict.outcome !== 'keep') {
    const worst = verdict.findings[0];
    const reason =
      verdict.outcome === 'measureAgain'
        ? 'too near to tell'
        : worst?.kind === 'dailyBag'
          ? 'over the bag'
          : worst?.kind === 'closedSeason'
            ? 'closed season'
            : worst?.kind === 'retentionBan'
              ? 'may not be kept'
              : 'too short';
    s.note('fish.released', id, at + 2 * MIN, scribe, { reason, state: s.chance(0.94) ? 'swam off' : 'slow' });
    return;
  }
  ledger.push({ speciesId: species.id, anglerId: angler, day: x.day, count });
  const mid = longestMm ? (mm + longestMm) / 2 : mm;
  const massG = Math.round(
    expectedWeight(species, mid).massG * count * Math.exp(s.normal(0, species.weight.sdLog * 0.8)),
  );
  if (s.chance(0.7)) s.note('fish.weighed', id, at + 2 * MIN, scribe, { massG, how: 'scale' });
  const killed = at + (1 + Math.floor(s.rng() * 2)) * MIN;
  const late = s.chance(x.sloppy);
  s.note('fish.dispatched', id, killed, scribe, {
    how: s.chance(0.8) ? 'brain spike' : 'blow to the head',
    signsSeen: s.chance(0.9),
  });
  const bledAt = killed + (late ? 9 + Math.floor(s.rng() * 18) : 1) * MIN;
  const left = late && s.chance(0.35);
  s.note(
    'fish.bled',
    id,
    bledAt,
    scribe,
    left ? { cut: 'none' } : { cut: species.keeping === 'flat' ? 'tail' : 'both gills', medium: 'sea-water bucket' },
  );
  const iced = left ? bledAt + 10 * MIN : bledAt + Math.round((massG / count > 900 ? 9 : 5) + s.rng() * 4) * MIN;
  s.note(
    'fish.iced',
    id,
    iced,
    scribe,
    { box: x.box, how: x.box === x.tern.blueBox ? 'slurry' : 'layered ice' },
    s.chance(0.05) ? { about: true } : {},
  );
  kept.push({ id, species, count, massG, bledSoon: !late, atMs: at });
  const doubled: Entry | null = s.chance(0.015)
    ? s.note('fish.noted', id, iced + 2 * MIN, scribe, { text: 'noted for the wrong fish' })
    : null;
  if (doubled) s.strike(doubled, scribe, 'belongs to the next one', 3);
  if (epochMs(measured.at) > iced) throw new Error('the season runs backwards');
}
