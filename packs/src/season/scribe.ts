import { normal, pick, pickWeighted, type Rng, seeded } from '@dagboek/core/random';
import { epochMs, stamp } from '@dagboek/core/time';
import type { Entry, FactsOf, Kind } from '@dagboek/journal';

export const MIN = 60_000;
export const HOUR = 60 * MIN;
export const DAY = 24 * HOUR;

/** Writes the made-up book: entries with ids and times from a seed, in the waters' own zone. */
export class Scribe {
  readonly entries: Entry[] = [];
  readonly rng: Rng;
  private readonly besides: Rng;
  constructor(
    seed: number,
    private readonly timeZone: string,
  ) {
    this.rng = seeded(seed);
    this.besides = seeded(seed + 1);
  }

  /** A UUIDv7 whose time is that of the event and whose rest comes from the seed. */
  id(atMs: number, rng = this.rng): string {
    const hex = (n: number, len: number): string => n.toString(16).padStart(len, '0');
    const rand = (len: number): string =>
      Array.from({ length: len }, () => Math.floor(rng() * 16).toString(16)).join('');
    const t = hex(Math.floor(atMs), 12);
    return `${t.slice(0, 8)}-${t.slice(8)}-7${rand(3)}-${'89ab'[Math.floor(rng() * 4)]}${rand(3)}-${rand(12)}`;
  }

  /** Notes one thing; `lagMin` later than it happened. Returns the entry, so that it can be amended. */
  note<K extends Kind>(
    kind: K,
    subject: string,
    atMs: number,
    member: string,
    facts: FactsOf<K>,
    more: Partial<Entry> & { lagMin?: number } = {},
    rng = this.rng,
  ): Entry {
    const { lagMin = 0, ...rest } = more;
    const writtenMs = atMs + lagMin * MIN;
    const entry: Entry = {
      id: this.id(writtenMs, rng),
      kind,
      subject,
      at: stamp(atMs, this.timeZone),
      written: stamp(writtenMs, this.timeZone),
      member,
      device: 'tern-phone',
      facts: JSON.parse(JSON.stringify(facts)) as Record<string, unknown>,
      ...rest,
    };
    this.entries.push(entry);
    return entry;
  }

  /** Notes something besides, out of another seed: the rest of the season stays as it was without it. */
  aside<K extends Kind>(kind: K, subject: string, atMs: number, member: string, facts: FactsOf<K>): Entry {
    return this.note(kind, subject, atMs, member, facts, {}, this.besides);
  }

  /** An id out of the other seed. */
  besideId(atMs: number): string {
    return this.id(atMs, this.besides);
  }

  /** Chance and choice for what is noted besides. */
  besideChance(p: number): boolean {
    return this.besides() < p;
  }
  besidePick<T>(list: readonly T[]): T {
    return pick(this.besides, list);
  }

  /** Corrects an entry, some minutes after it was noted. */
  amend<K extends Kind>(
    was: Entry,
    kind: K,
    facts: FactsOf<K>,
    member: string,
    because: string,
    lagMin: number,
  ): Entry {
    return this.note(kind, was.subject, epochMs(was.at), member, facts, { amends: was.id, because, lagMin });
  }

  strike(was: Entry, member: string, because: string, lagMin: number): Entry {
    return this.note(
      'log.struck',
      was.subject,
      epochMs(was.written) + lagMin * MIN,
      member,
      {},
      { strikes: was.id, because },
    );
  }

  normal(mean: number, sd: number): number {
    return normal(this.rng, mean, sd);
  }
  pick<T>(list: readonly T[]): T {
    return pick(this.rng, list);
  }
  weighted<T>(list: readonly T[], weight: (x: T) => number): T {
    return pickWeighted(this.rng, list, weight);
  }
  chance(p: number): boolean {
    return this.rng() < p;
  }
}
