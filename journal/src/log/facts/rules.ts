import { IsObject } from 'class-validator';
import { rulePackTrouble } from '@dagboek/core/rules';
import { isCivilDay } from '@dagboek/core/time';
import { Document, Satisfies } from './satisfies.ts';

/** A pack of rules out of a file. Subject: this version of it. It holds from a day on, beside those before it; striking takes it away again. */
export class RulesAdded {
  @IsObject()
  @Document(rulePackTrouble)
  pack!: Readonly<Record<string, unknown>>;
  /** First civil day on which it holds. */
  @Satisfies('Write the day from which it holds, such as 2026-09-12.', isCivilDay)
  from!: string;
}
