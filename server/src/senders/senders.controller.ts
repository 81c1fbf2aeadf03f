import { Controller, Get, Header, Param, Req } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { DoorList, LinesOfDevice, SentBy } from '@dagboek/journal/log';
import type { Request } from 'express';
import { ProblemException } from '../common/problem.filter.ts';
import { DoorService } from '../door/door.service.ts';
import { JournalService } from '../journal/journal.service.ts';

/** Which joined device sent which lines. */
@ApiTags('door')
@Controller('api')
export class SendersController {
  constructor(
    private readonly door: DoorService,
    private readonly journal: JournalService,
  ) {}

  @Get('door/devices')
  @Header('Cache-Control', 'no-store')
  @ApiOperation({ summary: 'Who was let in, and the code that holds; at the server’s own screen.' })
  async devices(@Req() req: Request): Promise<DoorList> {
    this.door.onlyHere(req);
    return {
      devices: await this.door.devices((id) => this.journal.countSentBy(id)),
      code: this.door.code(),
      log: this.door.told(),
    };
  }

  @Get('door/devices/:id/lines')
  @ApiOperation({ summary: 'What a device sent, in order of arrival; at the server’s own screen.' })
  lines(@Req() req: Request, @Param('id') id: string): LinesOfDevice {
    this.door.onlyHere(req);
    return { ids: this.journal.sentBy(id) };
  }

  @Get('journal/:id/sender')
  @ApiOperation({ summary: 'The joined device that sent a line, as the server noted it.' })
  async sender(@Param('id') id: string): Promise<SentBy> {
    if (!this.journal.has(id)) throw new ProblemException(404, 'This line has not reached the server yet.');
    const device = this.journal.sender(id);
    if (device === null) return { device: null };
    return { device: { id: device, name: (await this.door.nameOf(device)) ?? 'a device of an earlier door' } };
  }
}
