import { IsObject, IsString, MaxLength, MinLength } from 'class-validator';
import { speciesTroubles } from '@dagboek/core/species';
import { Document } from './satisfies.ts';

const NAME = 120;

/** A species of one's own, typed in or out of an imported pack. Subject: that species. A later one replaces it; striking gives the former back. */
export class SpeciesAdded {
  /** Id of the pack it came with. */
  @IsString() @MinLength(1) @MaxLength(NAME) pack!: string;
  @IsString() @MinLength(1) @MaxLength(NAME) packName!: string;
  /** The species as its file tells it. */
  @IsObject()
  @Document((doc) => speciesTroubles(doc)[0] ?? null)
  species!: Readonly<Record<string, unknown>>;
}
