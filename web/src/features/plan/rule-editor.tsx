import { readRule, type Rule, RULE_FORMS, type RuleKind, ruleTrouble } from '@dagboek/core/rules';
import { useState } from 'react';
import { useNames, useRules } from '../../asked/names.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { ManyChips } from '../../ui/chips.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { DayField } from '../../asked/when.tsx';
import { RuleBlanks } from './rule-blanks.tsx';
import { bodyOf, type RuleDraft } from './rule-fields.ts';
import { SpeciesOfRule } from './rule-species.tsx';
import { RuleTrial } from './rule-trial.tsx';
import { SelectField, TextField } from '../../ui/text-field.tsx';

/** A rule being written: a new one, or one that takes over from another. */
export interface Editing {
  /** Of its own, so that the same rule changed twice in one day is two rules. */
  readonly id: string;
  readonly replaces: Rule | null;
  readonly kind: RuleKind;
  readonly draft: RuleDraft;
  readonly species: readonly string[];
  readonly zones: readonly string[];
  readonly from: string;
  readonly source: string;
}

/** The form of a rule, the sentence it makes, and what it would have said of past catches. */
export function RuleEditor({
  edit,
  onEdit,
  onSave,
  onClose,
  trouble,
}: {
  edit: Editing;
  onEdit: (e: Editing) => void;
  onSave: (r: Rule) => void;
  onClose: () => void;
  trouble: string | null;
}) {
  const rules = useRules();
  const names = useNames();
  const [told, setTold] = useState(false);
  if (!rules) return null;
  const draft = {
    id: edit.id,
    ...bodyOf(edit.kind, edit.draft, edit.replaces),
    species: edit.species,
    ...(edit.zones.length > 0 ? { zones: edit.zones } : {}),
    inForce: { from: edit.from },
    sentence: '',
    source: edit.source.trim() || 'written into this book',
  } as unknown as Rule;
  const wrong = ruleTrouble(draft, rules);
  // The sentence of an own rule is what its data say, so that the two can never differ.
  const sentence = wrong ? null : readRule(draft, names);
  const rule = sentence ? ({ ...draft, sentence } as Rule) : null;
  return (
    <div className="max-w-215">
      <div className="by-row items-start">
        <SelectField
          label="Text of the rule"
          grow
          id="rule-kind"
          value={edit.kind}
          disabled={edit.replaces !== null}
          onChange={(e) => onEdit({ ...edit, kind: e.target.value as RuleKind, draft: {} })}
        >
          {RULE_FORMS.map((f) => (
            <option key={f.kind} value={f.kind}>
              {f.say}
            </option>
          ))}
        </SelectField>
        <DayField label="Holds from" value={edit.from} onChange={(from) => onEdit({ ...edit, from })} />
      </div>
      <RuleBlanks kind={edit.kind} draft={edit.draft} onDraft={(draft) => onEdit({ ...edit, draft })} />
      <SpeciesOfRule species={edit.species} onSpecies={(species) => onEdit({ ...edit, species })} />
      <ManyChips
        label="Only in"
        options={rules.zones.map((z) => ({ value: z.id, text: z.name }))}
        values={[...edit.zones]}
        onChange={(zones) => onEdit({ ...edit, zones })}
      />
      <TextField
        label="Source"
        id="rule-source"
        maxLength={200}
        value={edit.source}
        placeholder="notice, page, day"
        onChange={(e) => onEdit({ ...edit, source: e.target.value })}
      />
      {sentence ? (
        <p className="lead py-2 px-3 mt-3 border-2 border-ink bg-paper-open font-semibold" role="status">
          {sentence}
        </p>
      ) : (
        <p className="hint" role="status">
          {wrong}
        </p>
      )}
      {rule && <RuleTrial rule={rule} replaces={edit.replaces} />}
      {told && <Trouble says={wrong} />}
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey
          act
          name="Save the rule"
          note={edit.replaces ? 'the old one stays for earlier catches' : 'can be crossed out any time'}
          onClick={() => (rule ? onSave(rule) : setTold(true))}
        />
        <DeckKey name="Cancel" note="nothing changes" onClick={onClose} />
      </div>
    </div>
  );
}
