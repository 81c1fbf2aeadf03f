import { Injectable } from '@nestjs/common';
import type Database from 'better-sqlite3';
import { performance } from 'node:perf_hooks';
import { inSlices, TookTooLong } from '@dagboek/core/steps';
import { costlySteps, type Entry, type JournalPage, type Receipt, validateEntry } from '@dagboek/journal/log';
import { And, DataSource, LessThanOrEqual, MoreThan } from 'typeorm';
import { BookService } from '../book/book.service.ts';
import { nextDigest } from '../storage/log-chain.ts';
import { Clock } from '../common/clock.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { Admission } from './admission.ts';
import { BookFile } from '../storage/book-file.ts';
import { EntryRow, IdentityRow } from '../storage/rows.ts';
import { sameEntry } from './same-entry.ts';

/** A page of the log holds so many letters, or one entry: packs of rules are long. */
const MOST_PAGE_CHARS = 1_000_000;

/** The last of some entries that fit into so many letters together; the first of them in any case. */
function lastWithin(list: readonly { seq: number; chars: number }[], most: number): number | undefined {
  let sum = 0;
  const over = list.findIndex((x, i) => (sum += x.chars) > most && i > 0);
  return list.at(over === -1 ? -1 : over - 1)?.seq;
}

/** Judging goes on for so long at a stretch, ms; a document for so long altogether. */
const SLICE_MS = 5;
const LIMIT_MS = 30_000;
const nextTurn = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

/** Whether what an entry corrects was itself, step by step, a correction of it. */
function goesRound(e: Entry, known: (id: string) => Entry | undefined): boolean {
  const seen = new Set([e.id]);
  for (let id = e.amends; id !== undefined; id = known(id)?.amends) {
    if (seen.has(id)) return true;
    seen.add(id);
  }
  return false;
}

const EARLY = 'By the server’s clock it is still to come.';

/** How far a log reaches, and its digest there. */
export interface Reached {
  readonly last: number;
  readonly digest: string;
}

/** Who joins by an entry as it came; empty for any other. */
function joinsIn(raw: unknown): string[] {
  const e = raw as { kind?: unknown; subject?: unknown } | null;
  return e?.kind === 'member.joined' && typeof e.subject === 'string' ? [e.subject] : [];
}

@Injectable()
export class JournalService {
  /** SQLite has one writer; batches wait for each other here, so that no two transactions mix on the one connection. */
  private turn: Promise<unknown> = Promise.resolve();
  /** Which book this is, once it was asked: it never changes. */
  private known: string | null = null;
  private prepared: { line: Database.Statement; sent: Database.Statement } | null = null;

  constructor(
    private readonly source: DataSource,
    private readonly books: BookService,
    private readonly admission: Admission,
    private readonly clock: Clock,
    private readonly file: BookFile,
  ) {}

  /** Hears of what was taken, and from which joined device. */
  onTaken: (entries: readonly Entry[], device: string) => void = () => undefined;

  /**
   * Takes a batch: the good entries in one transaction, a receipt for each. Sending again is harmless. `device`: the joined
   * device that sent it, noted with each; null from this machine itself.
   */
  append(batch: readonly unknown[], device: string | null = null): Promise<Receipt[]> {
    const mine = this.turn.then(() => this.appendNow(batch, device));
    this.turn = mine.catch(() => undefined);
    return mine;
  }

  private async appendNow(batch: readonly unknown[], device: string | null): Promise<Receipt[]> {
    const nowMs = this.clock.nowMs();
    const taken = new Map<string, Entry>();
    const joining = new Set(batch.flatMap((raw) => joinsIn(raw)));
    const receipts: Receipt[] = [];
    let slice = performance.now();
    for (const raw of batch) {
      receipts.push((await this.tooCostly(raw)) ?? this.judge(raw, taken, joining, nowMs));
      if (performance.now() - slice < SLICE_MS) continue;
      await nextTurn();
      slice = performance.now();
    }
    const entries = [...taken.values()];
    if (entries.length > 0) {
      this.file.mustBeThere();
      const digests = this.keep(entries, device);
      // And after: what went into a file that is gone meanwhile is not safe.
      this.file.mustBeThere();
      this.books.take(entries, digests);
      if (device !== null) this.onTaken(entries, device);
    }
    return receipts;
  }

  /** Reads what takes long to judge, slice by slice; a refusal where it takes longer than anybody waits. */
  private async tooCostly(raw: unknown): Promise<Receipt | null> {
    const steps = costlySteps(raw);
    if (!steps) return null;
    try {
      await inSlices(steps, { nowMs: () => performance.now(), pause: nextTurn, sliceMs: SLICE_MS, limitMs: LIMIT_MS });
      return null;
    } catch (e) {
      if (!(e instanceof TookTooLong)) throw e;
      const { id } = raw as { id?: unknown };
      return { id: typeof id === 'string' ? id.slice(0, 60) : '', status: 'refused', why: e.message };
    }
  }

  /** What becomes of one entry of a batch. `taken`: those ahead of it that are taken; this one joins them when it is. */
  private judge(raw: unknown, taken: Map<string, Entry>, joining: ReadonlySet<string>, nowMs: number): Receipt {
    const verdict = validateEntry(raw, nowMs);
    const given = (raw as { id?: unknown } | null)?.id;
    const id = typeof given === 'string' ? given.slice(0, 60) : '';
    const refused = ({ why, field }: { why: string; field?: string }): Receipt => ({
      id,
      status: 'refused',
      why,
      ...(field ? { field } : {}),
    });
    if (!verdict.ok) return verdict.early ? { id, status: 'early', why: EARLY } : refused(verdict);
    const e = verdict.entry;
    const known = (x: string): Entry | undefined => taken.get(x) ?? this.books.entry(x);
    // What the file has of it is damaged: it was taken once, and is not taken twice.
    if (this.books.isDamaged(e.id)) return { id, status: 'known' };
    const before = known(e.id);
    if (before)
      return sameEntry(before, e)
        ? { id, status: 'known' }
        : refused({ why: 'Another entry already has this id.', field: 'id' });
    const target = known(e.amends ?? e.strikes ?? '');
    if (target && (target.subject !== e.subject || (e.amends && target.kind !== e.kind)))
      return refused({
        why: 'It corrects an entry about something else.',
        field: e.amends ? 'amends' : 'strikes',
      });
    if (goesRound(e, known))
      return refused({
        why: 'These entries correct each other in a circle, so none of them would count.',
        field: 'amends',
      });
    const why = this.admission.waits(e, joining);
    if (why !== null) return { id, status: 'early', why };
    taken.set(e.id, e);
    return { id, status: 'accepted' };
  }

  /**
   * Puts entries on disk, all or none; answers the digest of the log at each. By the file's own driver: where a disk is full in the middle, TypeORM goes on inside
   * the transaction that failed, and what is written after it is never kept.
   */
  private keep(entries: readonly Entry[], device: string | null): string[] {
    const { db } = this;
    const digests: string[] = [];
    const all = db.transaction(() => {
      const { line, sent } = this.inserts;
      let { digest } = this.reached();
      for (const e of entries) {
        const body = JSON.stringify(e);
        digests.push((digest = nextDigest(digest, body)));
        line.run(e.id, e.subject, e.kind, body, digest);
        if (device !== null) sent.run(e.id, device);
      }
    });
    try {
      all.immediate();
    } catch (e) {
      const code = (e as { code?: string }).code ?? '';
      if (/^SQLITE_(FULL|IOERR)/.test(code))
        throw new ProblemException(
          507,
          'There is no room left where the book lies, or its disk cannot be written. Nothing of this was taken; it stays on your device and is sent again.',
        );
      throw e;
    }
    if (db.inTransaction) throw new Error('A transaction was left open: what was written in it is not safe.');
    return digests;
  }

  /** The joined device that sent an entry; null for one from this machine itself, or from before devices were noted. */
  sender(entry: string): string | null {
    const row = this.db.prepare('SELECT device FROM sent_by WHERE entry = ?').get(entry) as
      { device: string } | undefined;
    return row?.device ?? null;
  }

  /** Ids of the entries that a device sent, in order of arrival. */
  sentBy(device: string): string[] {
    const rows = this.db
      .prepare('SELECT e.id FROM sent_by s JOIN entry e ON e.id = s.entry WHERE s.device = ? ORDER BY e.seq')
      .all(device) as { id: string }[];
    return rows.map((r) => r.id);
  }

  /** How many entries a device sent. */
  countSentBy(device: string): number {
    return (this.db.prepare('SELECT count(*) AS n FROM sent_by WHERE device = ?').get(device) as { n: number }).n;
  }

  /** Prepared once: reading a statement anew with every batch takes as long as a third of its rows. */
  private get inserts(): { line: Database.Statement; sent: Database.Statement } {
    return (this.prepared ??= {
      line: this.db.prepare('INSERT INTO entry (id, subject, kind, body, digest) VALUES (?, ?, ?, ?, ?)'),
      sent: this.db.prepare('INSERT INTO sent_by (entry, device) VALUES (?, ?)'),
    });
  }

  private get db(): Database.Database {
    return (this.source.driver as unknown as { databaseConnection: Database.Database }).databaseConnection;
  }

  /**
   * Entries that arrived after `seq`, in order of arrival, at most `limit`. `known`: digests of the log at some numbers, as
   * the device was told them; where one is another, the log was put back to an older copy, and the device is to begin anew.
   */
  async after(seq: number, limit: number, known: readonly Reached[] = []): Promise<JournalPage> {
    const { chain } = this.books;
    if (chain.at(seq) === null || !known.every((k) => this.reaches(k)))
      return { entries: [], last: 0, digest: '', more: true, anew: true, now: this.now() };
    const sizes = (await this.source.query(
      'SELECT seq, length(body) AS chars FROM entry WHERE seq > ? ORDER BY seq LIMIT ?',
      [seq, limit + 1],
    )) as { seq: number; chars: number }[];
    const last = lastWithin(sizes.slice(0, limit), MOST_PAGE_CHARS) ?? seq;
    const rows = await this.source.manager.find(EntryRow, {
      where: { seq: And(MoreThan(seq), LessThanOrEqual(last)) },
      order: { seq: 'ASC' },
    });
    return {
      entries: rows.flatMap((r) => (this.books.isDamaged(r.id) ? [] : [JSON.parse(r.body) as Entry])),
      last,
      digest: chain.at(last) ?? '',
      more: (sizes.at(-1)?.seq ?? seq) > last,
      now: this.now(),
    };
  }

  /** Whether the log says what it said when it was told to reach so far. */
  reaches(known: Reached): boolean {
    return this.books.chain.at(known.last) === known.digest;
  }

  /** How far the log reaches. */
  reached(): Reached {
    const { chain } = this.books;
    return { last: chain.last, digest: chain.at(chain.last) ?? '' };
  }

  /** The time this server goes by, ISO. */
  now(): string {
    return new Date(this.clock.nowMs()).toISOString();
  }

  /** Which book this is: a UUID made with its file. */
  async identity(): Promise<string> {
    if (this.known !== null) return this.known;
    const [row] = await this.source.manager.find(IdentityRow);
    if (!row) throw new Error('This book has no identity; its file is damaged.');
    return (this.known = row.id);
  }

  /** When the last of the newest entries was noted, epoch ms; 0 for an empty book. */
  async lastWrittenMs(): Promise<number> {
    const rows = await this.source.manager.find(EntryRow, { order: { seq: 'DESC' }, take: 200 });
    return Math.max(0, ...rows.flatMap((r) => Date.parse(this.books.entry(r.id)?.written ?? '') || []));
  }

  has(id: string): boolean {
    return this.books.entry(id) !== undefined;
  }

  count(): number {
    return this.books.book.size;
  }
}
