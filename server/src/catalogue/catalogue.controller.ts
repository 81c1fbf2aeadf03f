import { Controller, Get, Header } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { loadRulePacks, loadSpecies, loadTraits } from '@dagboek/packs';

const SPECIES = loadSpecies();
const TRAITS = loadTraits();
const RULES = loadRulePacks(SPECIES);

@ApiTags('catalogue')
@Controller('api')
export class CatalogueController {
  @Get('catalogue')
  @Header('Cache-Control', 'no-cache')
  @ApiOperation({ summary: 'Every species with its facts and its figure, and the traits of the key.' })
  species() {
    return { species: SPECIES, traits: TRAITS };
  }

  @Get('rulebook')
  @Header('Cache-Control', 'no-cache')
  @ApiOperation({ summary: 'Every rule pack.' })
  rules() {
    return { packs: RULES };
  }
}
