import { Controller, Headers, HttpCode, Post } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { BOOK_HEADER, type BackupMade } from '@dagboek/journal';
import { Clock } from '../common/clock.ts';
import { Config } from '../common/config.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { backUp } from '../storage/backup.ts';
import { BookTrouble } from '../storage/book-trouble.ts';

@ApiTags('backups')
@Controller('api/backups')
export class BackupsController {
  /** The one that is being made: whoever asks meanwhile, by a double tap or from another device, gets the same. */
  private making: Promise<BackupMade> | null = null;

  constructor(
    private readonly config: Config,
    private readonly clock: Clock,
  ) {}

  @Post()
  @HttpCode(201)
  @ApiHeader({ name: BOOK_HEADER, description: 'Which book; without it nothing is done.' })
  @ApiOperation({
    summary: 'Copies the book with its pictures into the folder of its backups, and reads the copy again.',
  })
  async make(@Headers(BOOK_HEADER) book: string | undefined): Promise<BackupMade> {
    // A page of somebody else can post, but not with a header of ours.
    if (book === undefined) throw new ProblemException(400, 'Say which book is to be copied.', BOOK_HEADER);
    try {
      this.making ??= backUp(this.config.data, new Date(this.clock.nowMs()).toISOString()).finally(() => {
        this.making = null;
      });
      return await this.making;
    } catch (e) {
      if (e instanceof BookTrouble) throw new ProblemException(503, e.message);
      throw e;
    }
  }
}
