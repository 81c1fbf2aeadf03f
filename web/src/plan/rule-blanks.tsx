import type { RuleKind } from '@dagboek/core/rules';
import { ManyChips, plain } from '../kit/ui/chips.tsx';
import { RULE_FORMS, type RuleDraft, type RuleField } from './rule-fields.ts';

/** The blanks of one kind of rule, to be filled. */
export function RuleBlanks({
  kind,
  draft,
  onDraft,
}: {
  kind: RuleKind;
  draft: RuleDraft;
  onDraft: (d: RuleDraft) => void;
}) {
  const fields = RULE_FORMS.find((f) => f.kind === kind)?.fields ?? [];
  return (
    <div className="by-row">
      {fields.map((f) => (
        <Blank key={f.name} field={f} value={draft[f.name]} onValue={(v) => onDraft({ ...draft, [f.name]: v })} />
      ))}
    </div>
  );
}

function Blank({
  field: f,
  value,
  onValue,
}: {
  field: RuleField;
  value: string | readonly string[] | undefined;
  onValue: (v: string | readonly string[]) => void;
}) {
  const id = `rule-${f.name}`;
  const text = typeof value === 'string' ? value : '';
  if (f.type === 'many')
    return (
      <ManyChips
        label={f.label}
        options={plain(f.options)}
        values={Array.isArray(value) ? [...(value as string[])] : []}
        onChange={onValue}
      />
    );
  return (
    <div className="field">
      <label htmlFor={id}>
        {f.label}
        {f.type === 'cm' ? ', cm' : ''}
      </label>
      {f.type === 'one' ? (
        <select id={id} className="select" value={text || f.options[0]?.[0]} onChange={(e) => onValue(e.target.value)}>
          {f.options.map(([v, say]) => (
            <option key={v} value={v}>
              {say}
            </option>
          ))}
        </select>
      ) : f.type === 'monthDay' ? (
        // A day of the year without a year: that of a leap year, so that 29 February can be chosen.
        <input
          id={id}
          className="input"
          type="date"
          min="2028-01-01"
          max="2028-12-31"
          value={text ? `2028-${text}` : ''}
          onChange={(e) => onValue(e.target.value.slice(5))}
        />
      ) : (
        <input
          id={id}
          className="input"
          type={f.type === 'time' ? 'time' : 'text'}
          inputMode={f.type === 'cm' || f.type === 'count' ? 'decimal' : undefined}
          value={text}
          onChange={(e) => onValue(e.target.value)}
        />
      )}
    </div>
  );
}
