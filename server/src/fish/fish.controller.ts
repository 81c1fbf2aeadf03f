import { Controller, Get, Param } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { custodyOf } from '@dagboek/journal';
import { BookService } from '../book/book.service.ts';
import { bare } from '../common/bare.ts';
import { ProblemException } from '../common/problem.filter.ts';

@ApiTags('fish')
@Controller('api/fish')
export class FishController {
  constructor(private readonly books: BookService) {}

  @Get(':id')
  @ApiOperation({ summary: 'One fish from the water to the plate, with the entries of its line.' })
  line(@Param('id') id: string) {
    const { book } = this.books;
    const line = custodyOf(book, id);
    if (!line) throw new ProblemException(404, 'This book has no such fish. It may not have been sent yet.');
    const { fish, cuts, packs, meals, where } = line;
    const trip = book.getAny('trip', fish.trip);
    const entries = [fish, ...cuts, ...packs, ...meals]
      .flatMap((s) => s.log)
      .flatMap((l) => [...l.was, l.now, ...(l.struck ? [l.struck] : [])])
      .sort((a, b) => Date.parse(a.at) - Date.parse(b.at) || (a.id < b.id ? -1 : 1));
    return {
      fish: bare(fish),
      where,
      trip: trip && bare(trip),
      cuts: cuts.map(bare),
      packs: packs.map(bare),
      meals: meals.map(bare),
      entries,
    };
  }
}
