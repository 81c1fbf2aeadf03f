import { RULE_FORMS, type RuleField, type RuleKind } from '@dagboek/core/rules';
import { readDay, readTime, sayDate } from '@dagboek/core/time';
import { useState } from 'react';
import { ManyChips, plain } from '../../ui/chips.tsx';
import type { RuleDraft } from './rule-fields.ts';
import { LENGTH_UNIT } from '../../asked/units.ts';

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
    <div className="by-row items-start">
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
        {f.type === 'length' ? `, ${LENGTH_UNIT}` : ''}
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
        <MonthDayInput id={id} value={text} onChange={onValue} />
      ) : (
        <input
          id={id}
          className="input"
          placeholder={f.type === 'time' ? '06:00' : undefined}
          inputMode={f.type === 'length' || f.type === 'count' ? 'decimal' : undefined}
          value={text}
          onChange={(e) => onValue((f.type === 'time' ? readTime(e.target.value) : null) ?? e.target.value)}
        />
      )}
    </div>
  );
}

/** A day of the year as "1 April"; MM-DD comes out. Read as of a leap year, so that 29 February can be written. */
function MonthDayInput({ id, value, onChange }: { id: string; value: string; onChange: (monthDay: string) => void }) {
  const [typed, setTyped] = useState(/^\d\d-\d\d$/.test(value) ? sayDate(value) : value);
  return (
    <input
      id={id}
      className="input"
      autoComplete="off"
      placeholder="1 April"
      value={typed}
      onChange={(e) => {
        setTyped(e.target.value);
        onChange(readDay(`${e.target.value.trim()} 2028`, '2028-07-01')?.slice(5) ?? '');
      }}
    />
  );
}
