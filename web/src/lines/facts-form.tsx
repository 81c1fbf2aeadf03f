import { useId } from 'react';
import { type Control, Controller, type FieldErrors, type UseFormRegister } from 'react-hook-form';
import { useCatalogue } from '../asked/catalogue.ts';
import { useNames, useRules } from '../asked/names.ts';
import { useBook } from '../offline/journal-context.tsx';
import { ManyChips } from '../ui/chips.tsx';
import type { Field } from '@dagboek/journal';
import type { FactsDraft } from '../asked/resolver.ts';
import { amountKeys, fieldUnit } from '../asked/units.ts';

interface FormParts {
  readonly register: UseFormRegister<FactsDraft>;
  readonly control: Control<FactsDraft>;
  readonly errors: FieldErrors<FactsDraft>;
}

/** Fields for the facts of one entry; the form itself is the caller's. */
export function FactsForm({ fields, form }: { fields: readonly Field[]; form: FormParts }) {
  return (
    <div className="facts-form">
      {fields.map((f) => (
        <FactField key={f.name} field={f} form={form} />
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

function FactField({ field: f, form }: { field: Field; form: FormParts }) {
  const id = useId();
  const options = useOptions(f);
  const error = form.errors[f.name]?.message;
  const told = error ? { 'aria-invalid': true, 'aria-describedby': `${id}e` } : {};
  const trouble = error && (
    <p id={`${id}e`} className="alert alert-outline" role="alert">
      {String(error)}
    </p>
  );
  if (f.type === 'members')
    return (
      <>
        <Controller
          control={form.control}
          name={f.name}
          render={({ field }) => (
            <ManyChips
              label={f.label}
              options={options}
              values={Array.isArray(field.value) ? field.value : []}
              onChange={field.onChange}
            />
          )}
        />
        {trouble}
      </>
    );
  return (
    <div className="field">
      <label htmlFor={id}>{f.label}</label>
      {f.type === 'text' && <input id={id} className="input" {...told} {...form.register(f.name)} />}
      {f.type === 'lines' && <textarea id={id} className="textarea" rows={3} {...told} {...form.register(f.name)} />}
      {(f.type === 'number' || f.type === 'amount') && (
        <span className="gap-1.5 flex items-center">
          <input
            id={id}
            className="input"
            inputMode={f.type === 'amount' ? amountKeys(f.amount) : 'decimal'}
            {...told}
            {...form.register(f.name)}
          />
          <u className="ml-[0.16em] font-medium text-m leading-[normal] font-text no-underline text-ink-2">
            {f.type === 'amount' ? fieldUnit(f.amount) : f.unit}
          </u>
        </span>
      )}
      {(f.type === 'choice' ||
        f.type === 'member' ||
        f.type === 'species' ||
        f.type === 'box' ||
        f.type === 'zone') && (
        <select id={id} className="select" {...told} {...form.register(f.name)}>
          <option value="">not noted</option>
          {options.map((o) => (
            <option key={o.value} value={o.value}>
              {o.text}
            </option>
          ))}
        </select>
      )}
      {trouble}
    </div>
  );
}
