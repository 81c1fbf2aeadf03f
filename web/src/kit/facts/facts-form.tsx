import { useId } from 'react';
import { useCatalogue, useNames, useRules } from '../catalogue.ts';
import { useBook } from '../journal/journal-context.tsx';
import { ManyChips } from '../ui/chips.tsx';
import type { Draft } from './draft.ts';
import type { Field } from './fields.ts';

/** Fields for the facts of one entry. */
export function FactsForm({
  fields,
  draft,
  onChange,
}: {
  fields: readonly Field[];
  draft: Draft;
  onChange: (d: Draft) => void;
}) {
  return (
    <div className="facts-form">
      {fields.map((f) => (
        <FactField
          key={f.name}
          field={f}
          value={draft[f.name] ?? ''}
          onChange={(v) => onChange({ ...draft, [f.name]: v })}
        />
      ))}
    </div>
  );
}

function useOptions(f: Field): { value: string; text: string }[] {
  const { book } = useBook();
  const { all } = useCatalogue();
  const rules = useRules();
  const names = useNames();
  switch (f.type) {
    case 'choice':
      return f.options.map((value) => ({ value, text: f.words?.[value] ?? value }));
    case 'member':
    case 'members':
      return book.all('member').map((m) => ({ value: m.id, text: names.member(m.id) }));
    case 'box':
      return book.all('box').map((b) => ({ value: b.id, text: b.name }));
    case 'species':
      return all.map((s) => ({ value: s.id, text: s.name }));
    case 'zone':
      return (rules?.zones ?? []).map((z) => ({ value: z.id, text: z.name }));
    default:
      return [];
  }
}

function FactField({
  field: f,
  value,
  onChange,
}: {
  field: Field;
  value: string | string[];
  onChange: (v: string | string[]) => void;
}) {
  const id = useId();
  const options = useOptions(f);
  if (f.type === 'members')
    return (
      <ManyChips label={f.label} options={options} values={Array.isArray(value) ? value : []} onChange={onChange} />
    );
  const v = String(value);
  return (
    <div className="field">
      <label htmlFor={id}>{f.label}</label>
      {f.type === 'text' && <input id={id} className="input" value={v} onChange={(e) => onChange(e.target.value)} />}
      {f.type === 'lines' && (
        <textarea id={id} className="textarea" rows={3} value={v} onChange={(e) => onChange(e.target.value)} />
      )}
      {f.type === 'number' && (
        <span className="with-unit">
          <input id={id} className="input" inputMode="decimal" value={v} onChange={(e) => onChange(e.target.value)} />
          <u>{f.unit}</u>
        </span>
      )}
      {options.length > 0 && (
        <select id={id} className="select" value={v} onChange={(e) => onChange(e.target.value)}>
          {(f.optional || v === '') && <option value="">not noted</option>}
          {options.map((o) => (
            <option key={o.value} value={o.value}>
              {o.text}
            </option>
          ))}
        </select>
      )}
    </div>
  );
}
