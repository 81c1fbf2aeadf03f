import { Controller, Get, Header, Query } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import { IsString, MaxLength, MinLength } from 'class-validator';
import type { PositionReading } from '@dagboek/journal';
import { Clock } from '../common/clock.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { simulatedPosition } from './simulated-position.ts';

class PositionDto {
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(60) waters!: string;
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(60) zone!: string;
}

const RULES = loadRulePacks(loadSpecies());

/** Outside devices, as simulated stand-ins that ship with the application. */
@ApiTags('devices')
@Controller('api/devices')
export class DevicesController {
  constructor(private readonly clock: Clock) {}

  @Get('position')
  @Header('Cache-Control', 'no-store')
  @ApiOperation({
    summary: 'Where the simulated position source puts the boat now: a drift round a point of its zone.',
  })
  position(@Query() { waters, zone }: PositionDto): PositionReading {
    const z = RULES.find((p) => p.id === waters)?.zones.find((x) => x.id === zone);
    const position = z ? simulatedPosition(z, this.clock.nowMs()) : null;
    if (!position) throw new ProblemException(404, 'The simulated position source knows no such zone.', 'zone');
    return { position, at: new Date(this.clock.nowMs()).toISOString(), goodToM: 8, simulated: true };
  }
}
