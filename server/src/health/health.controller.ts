import { Controller, Get, Header } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Health } from '@dagboek/journal/log';
import { Clock } from '../common/clock.ts';
import { JournalService } from '../journal/journal.service.ts';

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(
    private readonly clock: Clock,
    private readonly journal: JournalService,
  ) {}

  @Get()
  @Header('Cache-Control', 'no-store')
  @ApiOperation({ summary: 'Is it up; what time it goes by; how many entries it holds.' })
  async health(): Promise<Health> {
    return {
      ok: true,
      book: await this.journal.identity(),
      now: new Date(this.clock.nowMs()).toISOString(),
      clock: this.clock.set ? (this.clock.still ? 'still' : 'set') : 'machine',
      entries: this.journal.count(),
    };
  }
}
