import { Quantity } from '../../asked/quantity.tsx';
import { LineKey } from '../../ui/key.tsx';
import { SelectField, TextArea, TextField } from '../../ui/text-field.tsx';
import type { StepDraft } from './recipe-draft.ts';

const PLACES = ['none', 'ring', 'oven', 'grill'] as const;

/** One step of a recipe, as it is typed. `leaveOut` null: it is the only one. */
export function RecipeStep({
  step: s,
  number,
  change,
  leaveOut,
}: {
  step: StepDraft;
  number: number;
  change: (to: Partial<StepDraft>) => void;
  leaveOut: (() => void) | null;
}) {
  return (
    <fieldset className="border-0 py-2 px-0 mx-0 mt-2 mb-0 border-t border-rule-2">
      <legend>Step {number}</legend>
      <div className="measure-row">
        <TextField
          label="Name"
          grow
          id={`n-${s.id}`}
          maxLength={80}
          value={s.name}
          onChange={(e) => change({ name: e.target.value })}
        />
        {s.takes === 'minutes' ? (
          <Quantity label="Minutes" unit="min" value={s.minutes} onChange={(minutes) => change({ minutes })} />
        ) : (
          <p>{s.takes === 'cook' ? 'as long as the fish needs' : 'while it rests'}</p>
        )}
        <SelectField
          label="Where"
          id={`p-${s.id}`}
          value={s.place}
          onChange={(e) => change({ place: e.target.value as StepDraft['place'] })}
        >
          {PLACES.map((p) => (
            <option key={p} value={p}>
              {p === 'none' ? 'nowhere' : p}
            </option>
          ))}
        </SelectField>
        <label className="gap-2 flex items-center min-h-11">
          <input
            type="checkbox"
            className="checkbox"
            checked={s.hands}
            onChange={(e) => change({ hands: e.target.checked })}
          />
          by hand
        </label>
      </div>
      <TextArea
        label="What is done"
        grow
        id={`s-${s.id}`}
        rows={2}
        maxLength={600}
        value={s.say}
        onChange={(e) => change({ say: e.target.value })}
      />
      {leaveOut && (
        <LineKey aria-label={`Leave out step ${number}`} onClick={leaveOut}>
          leave it out
        </LineKey>
      )}
    </fieldset>
  );
}
