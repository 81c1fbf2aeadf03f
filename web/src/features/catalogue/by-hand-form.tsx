import { type SpeciesFile, speciesLike } from '@dagboek/catalogue';
import { useId } from 'react';
import { useFieldArray, useForm } from 'react-hook-form';
import { useCatalogue } from '../../asked/catalogue.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { idFrom } from './own-packs.ts';
import { inSentence } from '../../ui/names-in-text.ts';
import { LENGTH_UNIT, inField, sayShortLength, shortLength, typedAmount } from '../../asked/units.ts';
import { Key, LineKey } from '../../ui/key.tsx';
import { SelectField, TextField } from '../../ui/text-field.tsx';

interface Draft {
  name: string;
  latin: string;
  like: string;
  longest: string;
  differs: { trait: string; state: string }[];
}

const EMPTY: Draft = { name: '', latin: '', like: '', longest: '', differs: [] };

/** A species typed in: its names, the one it is most like, and what is different. All else, dangers first, is the other's. */
export function ByHandForm({ onMade }: { onMade: (file: SpeciesFile) => void }) {
  const { all, shipped, traits, byId } = useCatalogue();
  const { register, control, handleSubmit, watch, formState } = useForm<Draft>({ defaultValues: EMPTY });
  const differs = useFieldArray({ control, name: 'differs' });
  const ids = useId();
  const values = watch();
  const model = byId(values.like);
  const make = (d: Draft): void => {
    const like = byId(d.like);
    if (!like) return;
    const own = Object.fromEntries(d.differs.filter((x) => x.trait && x.state).map((x) => [x.trait, { [x.state]: 1 }]));
    const maxMm = typedAmount('length', d.longest)?.value ?? like.maxMm;
    onMade(
      speciesLike(
        like,
        {
          id: idFrom(d.name, new Set(all.map((s) => s.id))),
          name: d.name.trim(),
          latin: d.latin.trim() || `${like.latin.split(' ')[0]} sp.`,
          maxMm,
          usualMm: [Math.min(like.usualMm[0], Math.round(maxMm / 2)), Math.min(like.usualMm[1], maxMm)],
        },
        own,
        'Add by hand',
      ),
    );
  };
  return (
    <form className="by-hand max-w-215" onSubmit={(e) => void handleSubmit(make)(e)} noValidate>
      <div className="by-row items-start">
        <TextField
          label="Its name"
          grow
          id={`${ids}n`}
          maxLength={80}
          {...register('name', { validate: (v) => v.trim().length > 1 || 'Enter a name.' })}
        >
          <Trouble says={formState.errors.name?.message} />
        </TextField>
        <TextField
          label="Scientific name (optional)"
          grow
          id={`${ids}l`}
          lang="la"
          maxLength={80}
          {...register('latin')}
        />
      </div>
      <div className="by-row items-start">
        <div className="field grow">
          <label htmlFor={`${ids}m`}>Most like</label>
          <select
            id={`${ids}m`}
            className="select"
            {...register('like', {
              required: 'Choose the most similar species: its hazards and drawing are copied.',
            })}
          >
            <option value="">choose</option>
            {shipped.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </select>
          <Trouble says={formState.errors.like?.message} />
        </div>
        <TextField
          label={<>Greatest length, {LENGTH_UNIT}</>}
          id={`${ids}x`}
          inputMode="decimal"
          placeholder={model ? inField('length', model.maxMm) : ''}
          {...register('longest', {
            validate: (v) => {
              const mm = typedAmount('length', v)?.value;
              const may = mm === undefined || (mm >= 10 && mm <= 10_000);
              return may || `A length from ${shortLength(10)} to ${sayShortLength(10_000)}.`;
            },
          })}
        >
          <Trouble says={formState.errors.longest?.message} />
        </TextField>
      </div>
      {model && (
        <p className="hint">
          {model.hazards.length > 0
            ? `Hazards are copied from ${inSentence(model.name)}: ${model.hazards.map((h) => `${h.where} ${h.does}`).join(' ')}`
            : `${model.name} has no known hazards to copy. If yours has hazards, add them in a pack before you rely on this page.`}
        </p>
      )}
      {differs.fields.map((f, i) => {
        const trait = traits.find((t) => t.id === values.differs[i]?.trait);
        return (
          <div key={f.id} className="by-row differs items-end">
            <SelectField label={<>Difference {i + 1}</>} grow id={`${ids}t${i}`} {...register(`differs.${i}.trait`)}>
              <option value="">choose what to look at</option>
              {traits.map((t) => (
                <option key={t.id} value={t.id}>
                  {t.question}
                </option>
              ))}
            </SelectField>
            <SelectField label="It shows" grow id={`${ids}s${i}`} {...register(`differs.${i}.state`)} disabled={!trait}>
              <option value="">choose</option>
              {trait?.states.map((s) => (
                <option key={s.id} value={s.id}>
                  {s.words}
                </option>
              ))}
            </SelectField>
            <LineKey aria-label={`Remove difference ${i + 1}`} onClick={() => differs.remove(i)}>
              Leave out
            </LineKey>
          </div>
        );
      })}
      <div className="keys">
        <DeckKey
          name="Add a difference"
          note={model ? `to ${inSentence(model.name)}` : undefined}
          onClick={() => differs.append({ trait: '', state: '' })}
        />
        <Key type="submit" name="Preview" note="nothing is saved yet" />
      </div>
    </form>
  );
}
