import { basename } from 'node:path';
import { Controller, Headers, HttpCode, Post, Req } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { BOOK_HEADER, type BackupMade } from '@dagboek/journal/log';
import type { Request } from 'express';
import { cameFromHome } from '../door/who-asks.ts';
import { Clock } from '../common/clock.ts';
import { Config } from '../common/config.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { backUp } from '../storage/backup.ts';
import { DoorService } from '../door/door.service.ts';
import { BookTrouble } from '../common/book-trouble.ts';

@ApiTags('backups')
@Controller('api/backups')
export class BackupsController {
  /** The one that is being made: whoever asks meanwhile, by a double tap or from another device, gets the same. */
  private making: Promise<BackupMade> | null = null;

  constructor(
    private readonly config: Config,
    private readonly clock: Clock,
    private readonly door: DoorService,
  ) {}

  @Post()
  @HttpCode(201)
  @ApiHeader({ name: BOOK_HEADER, description: 'Which book; without it nothing is done.' })
  @ApiOperation({
    summary: 'Copies the book with its pictures into the folder of its backups, and reads the copy again.',
  })
  async make(@Req() req: Request, @Headers(BOOK_HEADER) book: string | undefined): Promise<BackupMade> {
    // A page of somebody else can post, but not with a header of ours.
    if (book === undefined) throw new ProblemException(400, 'Say which book is to be copied.', BOOK_HEADER);
    try {
      this.making ??= this.makeNow().finally(() => {
        this.making = null;
      });
      const made = await this.making;
      // Where it lies is for whoever is at that machine.
      return cameFromHome(req)
        ? { ...made, folder: basename(made.folder), dropped: made.dropped.map((f) => basename(f)) }
        : made;
    } catch (e) {
      if (e instanceof BookTrouble) throw new ProblemException(/no room/.test(e.message) ? 507 : 503, e.message);
      throw e;
    }
  }

  private async makeNow(): Promise<BackupMade> {
    const made = await backUp(this.config.data, new Date(this.clock.nowMs()).toISOString());
    this.door.note({ what: 'copied', name: basename(made.folder), count: made.entries });
    return made;
  }
}
