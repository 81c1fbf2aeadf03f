import { Controller, Get } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { PackState } from '@dagboek/journal';
import { DataSource } from 'typeorm';

@ApiTags('larder')
@Controller('api/larder')
export class LarderController {
  constructor(private readonly source: DataSource) {}

  @Get()
  @ApiOperation({ summary: 'Packs that still hold something, with what is left in grams.' })
  async packs() {
    const rows = (await this.source.query(
      "SELECT p.state, (SELECT json_group_array(m.state) FROM link l JOIN meal m ON m.id = l.source WHERE l.target = p.id AND l.role = 'pack') AS meals FROM pack p WHERE p.held = 1 ORDER BY p.stored_ms",
    )) as { state: string; meals: string }[];
    const packs = rows.map((r) => {
      const pack = JSON.parse(r.state) as PackState;
      const meals = (JSON.parse(r.meals) as string[]).map(
        (m) => JSON.parse(m) as { packs: { pack: string; massG: number }[] },
      );
      const eatenG = meals.flatMap((m) => m.packs).reduce((g, p) => (p.pack === pack.id ? g + p.massG : g), 0);
      return { pack, leftG: Math.max(0, pack.massG - eatenG) };
    });
    return { packs: packs.filter((p) => p.leftG > 0) };
  }
}
