import { seeded } from '../random/index.ts';
import { METRIC, sayTemperature, type Units } from '../units/index.ts';

/** What a weather source says of a place and time. */
export interface Weather {
  readonly airC: number;
  readonly waterC: number;
  readonly windMs: number;
  /** Where it blows from, degrees from north by east. */
  readonly windFromDeg: number;
  /** Sky covered, eighths. */
  readonly cloudEighths: number;
}

const HOUR_MS = 3_600_000;
const YEAR_MS = 365.2425 * 24 * HOUR_MS;
/** Weather turns about so often. */
const TURN_MS = 9 * HOUR_MS;
const wave = (share: number): number => Math.cos(2 * Math.PI * share);

/** A number from −1.5 to 1.5, mostly near 0, that wanders from one turn of the weather to the next; the same for the same seed. */
function wander(seed: number, atMs: number): number {
  const k = Math.floor(atMs / TURN_MS);
  const at = (n: number): number => {
    const rng = seeded(Math.imul(seed ^ n, 2654435761));
    return rng() + rng() + rng() - 1.5;
  };
  const share = atMs / TURN_MS - k;
  // As a cosine, so that nothing breaks at a turn.
  return at(k) + ((at(k + 1) - at(k)) * (1 - wave(share / 2))) / 2;
}

const round = (x: number, digits: number): number => Number(x.toFixed(digits));

/**
 * A simulated weather source for a cool coast: air and sea by season (the sea three weeks behind), the day's warmth, and fronts
 * that wander. The same time and seed give the same weather. `dayShare`: of the civil day gone by there, 0 to 1.
 */
export function simulatedWeather(atMs: number, dayShare: number, seed: number): Weather {
  const year = (atMs % YEAR_MS) / YEAR_MS;
  const [warm, wind, turn, cloud] = [1, 2, 3, 4].map((n) => wander(seed * 8 + n, atMs)) as [
    number,
    number,
    number,
    number,
  ];
  const cover = Math.min(8, Math.max(0, Math.round(4 + 3.2 * cloud)));
  // Warmest at three in the afternoon, the less so the more cloud.
  const day = 2.6 * (1 - cover / 12) * wave(dayShare - 15 / 24);
  return {
    airC: round(10.2 + 4.6 * wave(year - 0.58) + day + 1.6 * warm, 1),
    waterC: round(10 + 3.4 * wave(year - 0.64) + 0.3 * warm, 1),
    windMs: round(Math.max(0.3, 6 + 4.2 * wind), 1),
    windFromDeg: (Math.round((235 + 80 * turn) / 5) * 5 + 360) % 360,
    cloudEighths: cover,
  };
}

/** Force on the Beaufort scale, 0 to 12, of a wind in m/s (v = 0.836 B^1.5). */
export const windForce = (ms: number): number => Math.min(12, Math.round((Math.max(0, ms) / 0.836) ** (2 / 3)));

const POINTS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const;

/** The point of the compass, of eight, in words. */
export const compassPoint = (deg: number): (typeof POINTS)[number] =>
  POINTS[(Math.round((((deg % 360) + 360) % 360) / 45) % 8) as 0];

const COVER = [
  'clear sky',
  'hardly a cloud',
  'some cloud',
  'some cloud',
  'half cloud',
  'much cloud',
  'much cloud',
  'nearly covered',
  'covered',
];

/** "South-west, force 4, half cloud, 14.2°": as it stands in the log. */
export function sayWeather(w: Weather, units: Units = METRIC): string {
  const force = windForce(w.windMs);
  const from = compassPoint(w.windFromDeg);
  const wind = force === 0 ? 'Calm' : `${from.charAt(0).toUpperCase()}${from.slice(1)}, force ${force}`;
  return `${wind}, ${COVER[Math.min(8, Math.max(0, Math.round(w.cloudEighths)))]}, ${sayTemperature(w.airC, units)}`;
}
