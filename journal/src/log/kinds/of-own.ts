import { readableRulePack, ruleDocumentTrouble } from '@dagboek/core/rules';
import { speciesTroubles } from '@dagboek/core/species';
import { isCivilDay } from '@dagboek/core/time';
import { kindOf, subjectOf } from './define-kind.ts';
import { RuleSet } from '../facts/rule.ts';
import { RulesAdded } from '../facts/rules.ts';
import { SpeciesAdded } from '../facts/species.ts';
import { Unreadable } from '../facts/unreadable.ts';

/** Stops at what is wrong with a document in the log: written by another version of Dagboek, or by no version at all. */
function mustRead(trouble: string | null | undefined): void {
  if (trouble) throw new Unreadable(trouble);
}

/** A pack of some hundred rules with its zones is longer than anything else that is written. */
export const MOST_RULES_CHARS = 400_000;

export const SPECIES = subjectOf<'species', SpeciesAdded>({
  begins: 'species.added',
  readableWhenStruck: false,
  begin: (s) => {
    mustRead(speciesTroubles(s.species)[0]);
    return { pack: s.pack, packName: s.packName, species: s.species, addedAt: s.at };
  },
  links: () => [],
  hangsOn: () => ({}),
});

export const RULES = subjectOf<'rules', RulesAdded>({
  begins: 'rules.added',
  readableWhenStruck: false,
  begin: (s) => {
    const pack = readableRulePack(s.pack);
    if (typeof pack === 'string') throw new Unreadable(pack);
    mustRead(isCivilDay(s.from) ? null : `"${s.from}" is not a day of the calendar.`);
    return { pack: pack as object as Readonly<Record<string, unknown>>, from: s.from, addedAt: s.at };
  },
  links: () => [],
  hangsOn: () => ({}),
});

export const RULE = subjectOf<'rule', RuleSet>({
  begins: 'rule.set',
  readableWhenStruck: false,
  begin: (s, earlier) => {
    mustRead(ruleDocumentTrouble(s.rule));
    return {
      waters: s.waters,
      rule: s.rule,
      // One that was changed twice in a day said, in older books, that it takes over from itself: then what it took over from first.
      replaces: [...earlier, s].map((x) => x.replaces ?? null).findLast((id) => id !== s.rule['id']) ?? null,
      setAt: s.at,
    };
  },
  links: () => [],
  hangsOn: () => ({}),
});

/** Species, rules and rule packs of one's own: documents that are read in, and taken back whole. */
export const OWN_KINDS = {
  'species.added': kindOf<'species'>()({
    facts: SpeciesAdded,
    fold: 'begins',
    say: (s) => `Species added: ${String(s.species['name'])}, with the pack ${s.packName}.`,
    fields: [],
  }),
  'rules.added': kindOf<'rules'>()({
    facts: RulesAdded,
    fold: 'begins',
    say: (r) => `Rules read from a file: ${String(r.pack['name'])}, ${String(r.pack['version'])}, from ${r.from} on.`,
    fields: [],
    mostChars: MOST_RULES_CHARS,
  }),
  'rule.set': kindOf<'rule'>()({
    facts: RuleSet,
    fold: 'begins',
    say: (r) => `Rule written: ${String(r.rule['sentence'])}`,
    fields: [],
  }),
};
