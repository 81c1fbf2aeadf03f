import { Injectable } from '@nestjs/common';
import { type Entry, type JournalPage, type Receipt, validateEntry } from '@dagboek/journal';
import { DataSource, In, MoreThan } from 'typeorm';
import { Clock } from '../common/clock.ts';
import { refold } from '../storage/projections.ts';
import { EntryRow } from '../storage/rows.ts';

@Injectable()
export class JournalService {
  /** SQLite has one writer; batches wait for each other here, so that no two transactions mix on the one connection. */
  private turn: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly source: DataSource,
    private readonly clock: Clock,
  ) {}

  /** Takes a batch: the good entries and their projections in one transaction, a receipt for each. Sending again is harmless. */
  append(batch: readonly unknown[]): Promise<Receipt[]> {
    const mine = this.turn.then(() => this.appendNow(batch));
    this.turn = mine.catch(() => undefined);
    return mine;
  }

  private async appendNow(batch: readonly unknown[]): Promise<Receipt[]> {
    const nowMs = this.clock.nowMs();
    const judged = batch.map((raw) => ({ raw, verdict: validateEntry(raw, nowMs) }));
    return this.source.transaction(async (db) => {
      const good = judged.flatMap((j) => (j.verdict.ok ? [j.verdict.entry] : []));
      const wanted = [...new Set(good.flatMap((e) => [e.id, e.amends ?? e.strikes ?? e.id]))];
      const known = new Map<string, Entry>();
      for (let i = 0; i < wanted.length; i += 500) {
        for (const r of await db.find(EntryRow, { where: { id: In(wanted.slice(i, i + 500)) } }))
          known.set(r.id, JSON.parse(r.body) as Entry);
      }
      const receipts: Receipt[] = [];
      const rows: Pick<EntryRow, 'id' | 'subject' | 'kind' | 'body'>[] = [];
      for (const { raw, verdict } of judged) {
        if (!verdict.ok) {
          const id = typeof (raw as { id?: unknown })?.id === 'string' ? (raw as { id: string }).id.slice(0, 60) : '';
          receipts.push({
            id,
            status: 'refused',
            why: verdict.why,
            ...(verdict.field ? { field: verdict.field } : {}),
          });
          continue;
        }
        const e = verdict.entry;
        const before = known.get(e.id);
        if (before) {
          receipts.push(
            sameEntry(before, e)
              ? { id: e.id, status: 'known' }
              : { id: e.id, status: 'refused', why: 'Another entry already has this id.', field: 'id' },
          );
          continue;
        }
        const target = known.get(e.amends ?? e.strikes ?? '');
        if (target && (target.subject !== e.subject || (e.amends && target.kind !== e.kind))) {
          receipts.push({
            id: e.id,
            status: 'refused',
            why: 'It corrects an entry about something else.',
            field: e.amends ? 'amends' : 'strikes',
          });
          continue;
        }
        known.set(e.id, e);
        rows.push({ id: e.id, subject: e.subject, kind: e.kind, body: JSON.stringify(e) });
        receipts.push({ id: e.id, status: 'accepted' });
      }
      for (let i = 0; i < rows.length; i += 200) {
        const some = rows.slice(i, i + 200);
        await db.query(
          `INSERT INTO entry (id, subject, kind, body) VALUES ${some.map(() => '(?, ?, ?, ?)').join(', ')}`,
          some.flatMap((r) => [r.id, r.subject, r.kind, r.body]),
        );
      }
      await refold(db, new Set(rows.map((r) => r.subject)));
      return receipts;
    });
  }

  /** Entries that arrived after `seq`, in order of arrival, at most `limit`. */
  async after(seq: number, limit: number): Promise<JournalPage> {
    const rows = await this.source.manager.find(EntryRow, {
      where: { seq: MoreThan(seq) },
      order: { seq: 'ASC' },
      take: limit + 1,
    });
    const page = rows.slice(0, limit);
    return {
      entries: page.map((r) => JSON.parse(r.body) as Entry),
      last: page.at(-1)?.seq ?? seq,
      more: rows.length > limit,
    };
  }

  /** Which book this is: a UUID made with its file. */
  async identity(): Promise<string> {
    const [row] = (await this.source.query('SELECT id FROM identity')) as { id: string }[];
    if (!row) throw new Error('This book has no identity; its file is damaged.');
    return row.id;
  }

  /** When the last of the newest entries was noted, epoch ms; 0 for an empty book. */
  async lastWrittenMs(): Promise<number> {
    const rows = await this.source.manager.find(EntryRow, { order: { seq: 'DESC' }, take: 200 });
    return Math.max(0, ...rows.map((r) => Date.parse((JSON.parse(r.body) as Entry).written)));
  }

  count(): Promise<number> {
    return this.source.manager.count(EntryRow);
  }
}

/** Same facts whatever the order in which the fields were written. */
function sameEntry(a: Entry, b: Entry): boolean {
  const sorted = (x: unknown): unknown =>
    Array.isArray(x)
      ? x.map(sorted)
      : typeof x === 'object' && x !== null
        ? Object.fromEntries(
            Object.entries(x)
              .sort(([p], [q]) => (p < q ? -1 : 1))
              .map(([k, v]) => [k, sorted(v)]),
          )
        : x;
  return JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
}
