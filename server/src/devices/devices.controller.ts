import { Controller, Get, Header, type MessageEvent, Query, Sse } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import { Type } from 'class-transformer';
import { IsInt, IsISO8601, IsNumber, IsString, Max, MaxLength, Min, MinLength } from 'class-validator';
import type { PositionReading, ScaleEvent, SkyReading, ThermometerEvent } from '@dagboek/journal/log';
import { seeded } from '@dagboek/core/random';
import { simulatedBowlC } from '@dagboek/core/harm';
import { simulatedCoreC, simulatedProbe, simulatedProbeC } from '@dagboek/core/probe';
import { simulatedLoadG, simulatedScaleG } from '@dagboek/core/scale';
import { interval, map, type Observable, take, timer } from 'rxjs';
import { Clock } from '../common/clock.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { simulatedPosition } from './simulated-position.ts';
import { simulatedSky } from './simulated-sky.ts';

class PositionDto {
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(60) waters!: string;
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(60) zone!: string;
}

class ScaleDto {
  /** What hangs on it is reckoned at, g. */
  @ApiProperty() @Type(() => Number) @IsInt() @Min(1) @Max(2_000_000) about!: number;
  /** Which fish: the same one weighs the same again. */
  @ApiProperty() @Type(() => Number) @IsInt() @Min(0) @Max(4_294_967_295) seed!: number;
}

class ProbeDto {
  /** What it is put into is reckoned at, degC. */
  @ApiProperty() @Type(() => Number) @IsNumber() @Min(-30) @Max(40) about!: number;
  @ApiProperty() @Type(() => Number) @IsInt() @Min(0) @Max(4_294_967_295) seed!: number;
}

class ThermometerDto {
  /** When the water was made hot last, ISO. */
  @ApiProperty() @IsISO8601() since!: string;
}

/** The thermometer reads so often, ms, for as long as a soak lasts at most; of so many readings one does not come through. */
const WARM_MS = 1000;
const MOST_WARM = 2 * 3600;
const LOST_OF = 40;
/** The simulated scale reads so often, ms, and goes to sleep after so many readings. */
const READ_MS = 200;
const MOST_READINGS = 600;
/** The thermometer for fish reads so often, ms. */
const PROBE_MS = 500;

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

  @Get('sky')
  @Header('Cache-Control', 'no-store')
  @ApiOperation({ summary: 'What the simulated weather and tide sources say of a zone now.' })
  sky(@Query() { waters, zone }: PositionDto): SkyReading {
    const pack = RULES.find((p) => p.id === waters);
    const z = pack?.zones.find((x) => x.id === zone);
    if (!pack || !z) throw new ProblemException(404, 'The simulated weather source knows no such zone.', 'zone');
    const nowMs = this.clock.nowMs();
    return { ...simulatedSky(pack.timeZone, z.grounds, nowMs), at: new Date(nowMs).toISOString(), simulated: true };
  }

  @Sse('scale')
  @ApiOperation({
    summary:
      'Readings of the simulated scale, five a second as server-sent events: it swings, settles, creeps and drops out.',
  })
  scale(@Query() { about, seed }: ScaleDto): Observable<MessageEvent> {
    const rng = seeded(seed);
    const loadG = simulatedLoadG(about, rng);
    return interval(READ_MS).pipe(
      take(MOST_READINGS),
      map((i) => {
        const data: ScaleEvent = { g: simulatedScaleG(loadG, i * READ_MS, rng), simulated: true };
        return { data };
      }),
    );
  }

  @Sse('probe')
  @ApiOperation({
    summary:
      'Readings of the simulated thermometer in a fish or in ice, two a second: it settles, drifts, drops out and sometimes hangs.',
  })
  probe(@Query() { about, seed }: ProbeDto): Observable<MessageEvent> {
    const rng = seeded(seed);
    const trueC = simulatedCoreC(about, rng);
    const probe = simulatedProbe(rng);
    return interval(PROBE_MS).pipe(
      take(MOST_READINGS),
      map((i) => {
        const data: ThermometerEvent = { c: simulatedProbeC(probe, trueC, i * PROBE_MS, rng), simulated: true };
        return { data };
      }),
    );
  }

  @Sse('thermometer')
  @ApiOperation({ summary: 'Readings of the simulated thermometer in hot water, one a second as server-sent events.' })
  thermometer(@Query() { since }: ThermometerDto): Observable<MessageEvent> {
    const toppedMs = Date.parse(since);
    return timer(0, WARM_MS).pipe(
      take(MOST_WARM),
      map((i) => {
        const c = simulatedBowlC(this.clock.nowMs() - toppedMs);
        const data: ThermometerEvent = {
          c: i % LOST_OF === LOST_OF - 1 ? null : Math.round(c * 10) / 10,
          simulated: true,
        };
        return { data };
      }),
    );
  }
}
