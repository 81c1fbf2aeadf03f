import { Controller, Get, Header } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { RULES_SCHEMA } from '@dagboek/core/rules';
import { PACK_SCHEMA, SPECIES_SCHEMA } from '@dagboek/core/species';
import { loadPacks, loadRulePacks, loadSpecies, loadTraits } from '@dagboek/packs';

const SPECIES = loadSpecies();
const TRAITS = loadTraits();
const PACKS = loadPacks();
const RULES = loadRulePacks(SPECIES);

@ApiTags('catalogue')
@Controller('api')
export class CatalogueController {
  @Get('catalogue')
  @Header('Cache-Control', 'no-cache')
  @ApiOperation({ summary: 'Every species with its facts and its figure, and the traits of the key.' })
  species() {
    return { species: SPECIES, traits: TRAITS, packs: PACKS };
  }

  @Get('catalogue/schema')
  @ApiOperation({ summary: 'JSON Schema of a species and of a pack of species, for those who write their own.' })
  schema() {
    return { species: SPECIES_SCHEMA, pack: PACK_SCHEMA };
  }

  @Get('rulebook/schema')
  @ApiOperation({ summary: 'JSON Schema of a pack of rules, for those who write their own.' })
  rulesSchema() {
    return RULES_SCHEMA;
  }

  @Get('rulebook')
  @Header('Cache-Control', 'no-cache')
  @ApiOperation({ summary: 'Every rule pack.' })
  rules() {
    return { packs: RULES };
  }
}
