import { Controller, Get, Query } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { IsInt, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';
import { Type } from 'class-transformer';
import { DataSource } from 'typeorm';

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
  constructor(private readonly source: DataSource) {}

  @Get()
  @ApiOperation({ summary: 'Trips, newest first, with their fish; by zone, species or angler.' })
  async list(@Query() q: TripsDto) {
    const where: string[] = [];
    const args: (string | number)[] = [];
    if (q.zone) {
      where.push('t.zone = ?');
      args.push(q.zone);
    }
    for (const [column, value] of [
      ['species', q.species],
      ['angler', q.angler],
    ] as const) {
      if (!value) continue;
      where.push(`EXISTS (SELECT 1 FROM fish f WHERE f.trip = t.id AND f.${column} = ?)`);
      args.push(value);
    }
    const trips = (await this.source.query(
      `SELECT t.id, t.state FROM trip t ${where.length ? `WHERE ${where.join(' AND ')}` : ''} ORDER BY t.started_ms DESC LIMIT ?`,
      [...args, q.limit],
    )) as { id: string; state: string }[];
    const out = [];
    for (const t of trips) {
      const fish = (await this.source.query('SELECT state FROM fish WHERE trip = ? ORDER BY landed_ms', [t.id])) as {
        state: string;
      }[];
      out.push({ trip: JSON.parse(t.state) as object, fish: fish.map((f) => JSON.parse(f.state) as object) });
    }
    return { trips: out };
  }
}
