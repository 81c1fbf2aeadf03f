import { Body, Controller, Get, HttpCode, Post, Query, Req } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { AppendAnswer, JournalPage } from '@dagboek/journal/log';
import type { Request } from 'express';
import { ProblemException } from '../common/problem.filter.ts';
import { deviceOf } from '../common/asked-by.ts';
import { AfterDto, AppendDto, batchIn } from './journal.dto.ts';
import { JournalService } from './journal.service.ts';

@ApiTags('journal')
@Controller('api/journal')
export class JournalController {
  constructor(private readonly journal: JournalService) {}

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
    const receipts = await this.journal.append(entries, deviceOf(req));
    return { receipts, ...(anew ? { anew } : {}), ...this.journal.reached(), now: this.journal.now() };
  }

  @Get()
  @ApiOperation({
    summary:
      'Entries that arrived after a number, in order of arrival. With the digest that came with that number, a log put back to an older copy is noticed: start again.',
  })
  after(@Query() q: AfterDto): Promise<JournalPage> {
    return this.journal.after(q.after, q.limit, [
      ...(q.digest === undefined ? [] : [{ last: q.after, digest: q.digest }]),
      ...(q.seenDigest === undefined ? [] : [{ last: q.seen, digest: q.seenDigest }]),
    ]);
  }
}
