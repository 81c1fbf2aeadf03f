import { Column, Entity, Index, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm';

/** The log itself. Triggers refuse UPDATE and DELETE. */
@Entity({ name: 'entry' })
export class EntryRow {
  /** Order of arrival; what `GET /api/journal?after=` counts in. */
  @PrimaryGeneratedColumn({ type: 'integer' }) seq!: number;
  @Column({ type: 'text', unique: true }) id!: string;
  @Index('entry_subject') @Column({ type: 'text' }) subject!: string;
  @Column({ type: 'text' }) kind!: string;
  /** The whole entry as JSON, as it came. */
  @Column({ type: 'text' }) body!: string;
  /** Of the log up to it, as it was when it was taken. */
  @Column({ type: 'text', default: '' }) digest!: string;
}

/** Which book this is: one row, made with the file. */
@Entity({ name: 'identity' })
export class IdentityRow {
  @PrimaryColumn({ type: 'text' }) id!: string;
}

export const ROWS = [EntryRow, IdentityRow];
