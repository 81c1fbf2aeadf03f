import { Body, Controller, Get, HttpCode, Param, Post, Query, Req } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { AppendAnswer, Entry, JournalPage, SentBy } from '@dagboek/journal';
import type { Request } from 'express';
import { ProblemException } from '../common/problem.filter.ts';
import { BookService } from '../book/book.service.ts';
import { DoorService } from '../door/door.service.ts';
import type { JoinedDeviceRow } from '../door/joined-device.ts';
import { cameFromHome, shown } from '../door/who-asks.ts';
import { AfterDto, AppendDto, batchIn } from './journal.dto.ts';
import { JournalService } from './journal.service.ts';

@ApiTags('journal')
@Controller('api/journal')
export class JournalController {
  constructor(
    private readonly journal: JournalService,
    private readonly door: DoorService,
    private readonly books: BookService,
  ) {}

  @Post()
  @HttpCode(200)
  @ApiBody({ type: AppendDto })
  @ApiOperation({
    summary:
      'Takes a batch of entries; answers for each: accepted, known already, early (by the clock here it is still to come), or refused and why.',
  })
  async append(@Body() body: unknown, @Req() req: Request): Promise<AppendAnswer> {
    if (!req.is('application/json'))
      throw new ProblemException(415, 'Send the entries as JSON, with the content type application/json.');
    const { entries, seen } = batchIn(body);
    // Asked before anything is added: afterwards the log may reach as far again, and say something else.
    const anew = seen !== null && !this.journal.reaches(seen);
    const device = cameFromHome(req) ? this.door.whoShows(shown(req)) : null;
    const receipts = await this.journal.append(entries, device?.id ?? null);
    if (device)
      this.noteWriters(
        device,
        receipts.flatMap((r) => (r.status === 'accepted' ? [r.id] : [])),
      );
    return { receipts, ...(anew ? { anew } : {}), ...this.journal.reached(), now: this.journal.now() };
  }

  @Get(':id/sender')
  @ApiOperation({ summary: 'The joined device that sent a line, as the server noted it.' })
  async sender(@Param('id') id: string): Promise<SentBy> {
    if (!this.journal.has(id)) throw new ProblemException(404, 'This line has not reached the server yet.');
    const device = this.journal.sender(id);
    if (device === null) return { device: null };
    return { device: { id: device, name: (await this.door.nameOf(device)) ?? 'a device of an earlier door' } };
  }

  /** For whom a device wrote: what it sends once more for others, after a copy was put back, is theirs too. */
  private noteWriters(device: JoinedDeviceRow, ids: readonly string[]): void {
    const { book } = this.books;
    const members = ids.flatMap((id) => (this.books.entry(id) as Entry).member);
    this.door.wrote(device, new Map(members.map((m) => [m, book.getAny('member', m)?.name ?? 'nobody yet'])));
  }

  @Get()
  @ApiOperation({
    summary:
      'Entries that arrived after a number, in order of arrival. With the digest that came with that number, a log put back to an older copy is noticed: begin anew.',
  })
  after(@Query() q: AfterDto): Promise<JournalPage> {
    return this.journal.after(q.after, q.limit, [
      ...(q.digest === undefined ? [] : [{ last: q.after, digest: q.digest }]),
      ...(q.seenDigest === undefined ? [] : [{ last: q.seen, digest: q.seenDigest }]),
    ]);
  }
}
