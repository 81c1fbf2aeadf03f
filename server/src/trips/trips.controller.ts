import { Controller, Get, Query } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { fishOfTrip, tripsInOrder } from '@dagboek/journal';
import { Type } from 'class-transformer';
import { IsInt, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';
import { BookService } from '../book/book.service.ts';
import { bare } from '../common/bare.ts';

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
    const passing = tripsInOrder(book)
      .toReversed()
      .filter((trip) => !q.zone || trip.zone === q.zone)
      .map((trip) => ({ trip, fish: fishOfTrip(book, trip.id) }))
      .filter(
        ({ fish }) =>
          (!q.species || fish.some((f) => f.species === q.species)) &&
          (!q.angler || fish.some((f) => f.angler === q.angler)),
      );
    return { trips: passing.slice(0, q.limit).map(({ trip, fish }) => ({ trip: bare(trip), fish: fish.map(bare) })) };
  }
}
