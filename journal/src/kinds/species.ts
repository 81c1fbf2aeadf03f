import { IsObject, IsString, MaxLength, MinLength } from 'class-validator';
import { Satisfies } from './satisfies.ts';

const NAME = 120;

/** The document says who it is; its other fields are checked where it is read, since packs may grow new ones. */
function isSpeciesDocument(value: unknown): boolean {
  const s = value as { id?: unknown; name?: unknown } | null;
  return (
    typeof s?.id === 'string' && /^[a-z][a-z0-9-]{0,59}$/.test(s.id) && typeof s.name === 'string' && s.name !== ''
  );
}

/** A species of one's own, typed in or out of an imported pack. Subject: that species. A later one replaces it; striking gives the former back. */
export class SpeciesAdded {
  /** Id of the pack it came with. */
  @IsString() @MinLength(1) @MaxLength(NAME) pack!: string;
  @IsString() @MinLength(1) @MaxLength(NAME) packName!: string;
  /** The species as its file tells it. */
  @IsObject()
  @Satisfies('A species has an id of small letters, digits and hyphens, and a name.', isSpeciesDocument)
  species!: Readonly<Record<string, unknown>>;
}
