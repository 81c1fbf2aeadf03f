import { type CanActivate, type ExecutionContext, Injectable } from '@nestjs/common';
import { BOOK_HEADER } from '@dagboek/journal/log';
import type { Request } from 'express';
import { ProblemException } from '../common/problem.filter.ts';
import { JournalService } from '../journal/journal.service.ts';

/**
 * A request that names its book is answered by that book alone: a page left open over another data folder would write its
 * lines into the wrong one. A request that names none (a script, an older page) is taken as before.
 */
@Injectable()
export class RightBook implements CanActivate {
  constructor(private readonly journal: JournalService) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const meant = context.switchToHttp().getRequest<Request>().header(BOOK_HEADER);
    if (meant === undefined || meant === (await this.journal.identity())) return true;
    throw new ProblemException(
      409,
      'Another book is kept at this address now, and nothing was written to it. Start the server with the folder of this book, or reload the page to see the other one.',
    );
  }
}
