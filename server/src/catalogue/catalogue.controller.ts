import { Controller, Get, Header } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';

const SPECIES = loadSpecies();
const RULES = loadRulePacks(SPECIES);

@ApiTags('catalogue')
@Controller('api')
export class CatalogueController {
  @Get('catalogue')
  @Header('Cache-Control', 'no-cache')
  @ApiOperation({ summary: 'Every species with its facts and its figure.' })
  species() {
    return { species: SPECIES };
  }

  @Get('rulebook')
  @Header('Cache-Control', 'no-cache')
  @ApiOperation({ summary: 'Every rule pack.' })
  rules() {
    return { packs: RULES };
  }
}
