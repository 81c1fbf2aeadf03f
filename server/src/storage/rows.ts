import { Column, Entity, Index, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm';

/** The log itself. Triggers refuse UPDATE and DELETE. */
@Entity({ name: 'entry' })
export class EntryRow {
  /** Order of arrival; what `GET /api/journal?after=` counts in. */
  @PrimaryGeneratedColumn({ type: 'integer' }) seq!: number;
  @Column({ type: 'text', unique: true }) id!: string;
  @Index() @Column({ type: 'text' }) subject!: string;
  @Column({ type: 'text' }) kind!: string;
  /** The whole entry as JSON, as it came. */
  @Column({ type: 'text' }) body!: string;
}

/** That one subject names another; see `linksOf`. */
@Entity({ name: 'link' })
export class LinkRow {
  @PrimaryColumn({ type: 'text' }) source!: string;
  @PrimaryColumn({ type: 'text' }) target!: string;
  @PrimaryColumn({ type: 'text' }) role!: string;
}

/** Columns that every projection has: the folded state (without its log) as JSON. */
abstract class Projection {
  @PrimaryColumn({ type: 'text' }) id!: string;
  @Column({ type: 'text' }) state!: string;
}

@Entity({ name: 'trip' })
export class TripRow extends Projection {
  @Column({ type: 'integer', name: 'started_ms' }) startedMs!: number;
  @Column({ type: 'text' }) zone!: string;
}

@Entity({ name: 'fish' })
export class FishRow extends Projection {
  @Column({ type: 'text' }) trip!: string;
  @Column({ type: 'text', nullable: true }) species!: string | null;
  @Column({ type: 'text' }) angler!: string;
  @Column({ type: 'integer', name: 'landed_ms' }) landedMs!: number;
}

@Entity({ name: 'cut' })
export class CutRow extends Projection {
  @Column({ type: 'integer', name: 'started_ms' }) startedMs!: number;
}

@Entity({ name: 'pack' })
export class PackRow extends Projection {
  @Column({ type: 'integer', name: 'stored_ms' }) storedMs!: number;
  /** 1 while it has not been thrown away. */
  @Column({ type: 'integer' }) held!: number;
}

@Entity({ name: 'meal' })
export class MealRow extends Projection {
  @Column({ type: 'integer', name: 'served_ms' }) servedMs!: number;
}

/** Book, members and boxes. */
@Entity({ name: 'thing' })
export class ThingRow extends Projection {
  @Column({ type: 'text' }) kind!: string;
}

export const ROWS = [EntryRow, LinkRow, TripRow, FishRow, CutRow, PackRow, MealRow, ThingRow];
