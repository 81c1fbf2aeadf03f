import { Controller, Get, Param } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ProblemException } from '../common/problem.filter.ts';
import { FishService } from './fish.service.ts';

@ApiTags('fish')
@Controller('api/fish')
export class FishController {
  constructor(private readonly fish: FishService) {}

  @Get(':id')
  @ApiOperation({ summary: 'One fish from the water to the plate, with the entries of its line.' })
  async line(@Param('id') id: string) {
    const line = await this.fish.line(id);
    if (!line) throw new ProblemException(404, 'This book has no such fish. It may not have been sent yet.');
    return line;
  }
}
