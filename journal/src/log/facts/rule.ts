import { IsObject, IsOptional, IsString, MaxLength, MinLength } from 'class-validator';
import { ruleDocumentTrouble } from '@dagboek/core/rules';
import { Document } from './satisfies.ts';

/** A rule of one's own, beside those of the pack. Subject: that rule. With `replaces` the rule named ends the day before this one begins; nothing is overwritten. */
export class RuleSet {
  /** Id of the rule pack it belongs to. */
  @IsString() @MinLength(1) @MaxLength(60) waters!: string;
  @IsObject()
  @Document(ruleDocumentTrouble)
  rule!: Readonly<Record<string, unknown>>;
  @IsOptional() @IsString() @MaxLength(120) replaces?: string;
}
