import { Controller, Get } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { packLeft, packNumber } from '@dagboek/journal';
import { BookService } from '../book/book.service.ts';
import { bare } from '../common/bare.ts';

@ApiTags('larder')
@Controller('api/larder')
export class LarderController {
  constructor(private readonly books: BookService) {}

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
}
