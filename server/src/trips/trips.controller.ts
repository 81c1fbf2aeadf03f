import { Controller, Get, Query } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { fishOfTrip, tripsInOrder } from '@dagboek/journal';
import { Type } from 'class-transformer';
import { IsInt, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';
import { BookService } from '../book/book.service.ts';
import { bare } from '../common/bare.ts';

/** Lines of fish in one answer. */
const MOST_FISH = 3000;

/** Which trips. */
export class TripsDto {
  @ApiProperty({ required: false }) @IsOptional() @IsString() @MaxLength(60) zone?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsString() @MaxLength(60) species?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsString() @MaxLength(60) angler?: string;
  @ApiProperty({ required: false, default: 50 }) @IsOptional() @Type(() => Number) @IsInt() @Min(1) @Max(500) limit =
    50;
}

@ApiTags('trips')
@Controller('api/trips')
export class TripsController {
  constructor(private readonly books: BookService) {}

  @Get()
  @ApiOperation({ summary: 'Trips, newest first, with their fish; by zone, species or angler.' })
  list(@Query() q: TripsDto) {
    const { book } = this.books;
    const trips: { trip: object; fish: object[] }[] = [];
    let lines = 0;
    for (const trip of tripsInOrder(book).toReversed()) {
      if (q.zone && trip.zone !== q.zone) continue;
      const fish = fishOfTrip(book, trip.id);
      if (q.species && !fish.some((f) => f.species === q.species)) continue;
      if (q.angler && !fish.some((f) => f.angler === q.angler)) continue;
      // Bounded by what is sent too: the first trip is told whole, however large.
      if (trips.length === q.limit || (lines > 0 && lines + fish.length > MOST_FISH)) return { trips, more: true };
      trips.push({ trip: bare(trip), fish: fish.map(bare) });
      lines += fish.length;
    }
    return { trips, more: false };
  }
}
