import { Controller, Get, Header, Headers, HttpCode, Param, Post, Req } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { BOOK_HEADER } from '@dagboek/journal/log';
import type { Request } from 'express';
import { packLeft, packNumber, packsHeld } from '@dagboek/journal';
import { larderFeed } from '@dagboek/journal/calendar';
import { askedOf } from '../book/asked-of.ts';
import { BookService } from '../book/book.service.ts';
import { bare } from '../common/bare.ts';
import { Clock } from '../common/clock.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { DoorService } from '../door/door.service.ts';
import { cameFromHome, shown } from '../door/who-asks.ts';
import { BeforeTheDoor } from '../door/only-joined.ts';
import { FeedKey } from './feed-key.ts';

@ApiTags('larder')
@Controller('api/larder')
export class LarderController {
  constructor(
    private readonly books: BookService,
    private readonly clock: Clock,
    private readonly feedKey: FeedKey,
    private readonly door: DoorService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Packs that still hold something, with their numbers and what is left in grams.' })
  packs() {
    const { book } = this.books;
    return {
      packs: book
        .packsWithFood()
        .map((p) => ({ pack: bare(p), number: packNumber(book, p), leftG: packLeft(book, p).leftG })),
    };
  }

  @Get('calendar')
  @ApiOperation({
    summary:
      'Where the feed of the larder for a calendar is; its address is a secret, and that of a joined device ends with it.',
  })
  calendar(@Req() req: Request) {
    const device = cameFromHome(req) ? this.door.whoShows(shown(req)) : null;
    return { path: `/api/larder/calendar/${device ? this.door.feedOf(device) : this.feedKey.key()}.ics` };
  }

  @Post('calendar/renew')
  @HttpCode(204)
  @ApiOperation({ summary: 'Gives the feed of this machine another address; at the server’s own screen.' })
  renew(@Req() req: Request, @Headers(BOOK_HEADER) book: string | undefined): void {
    if (!this.door.isHere(req))
      throw new ProblemException(403, 'A new address for the calendar is made at the server’s own screen.');
    if (book === undefined) throw new ProblemException(400, 'Say which book is meant.', BOOK_HEADER);
    this.feedKey.renew();
    this.door.note({ what: 'new feed address' });
  }

  /** A calendar has not joined: the secret in the address is what it shows. */
  @Get('calendar/:key.ics')
  @BeforeTheDoor()
  @Header('content-type', 'text/calendar; charset=utf-8')
  @Header('cache-control', 'private, max-age=300')
  @ApiOperation({ summary: 'Chores and days of the larder as an iCalendar feed.' })
  feed(@Param('key') key: string): string {
    if (!this.feedKey.fits(key) && !this.door.isFeed(key))
      throw new ProblemException(404, 'There is no calendar at this address.');
    const asked = askedOf(this.books.book, this.clock.nowMs());
    return larderFeed(asked, packsHeld(asked));
  }
}
