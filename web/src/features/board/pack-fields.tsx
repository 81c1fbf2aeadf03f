import { type PackForm, type Wrapping } from '@dagboek/core/larder';
import { FORMS, type Store } from '@dagboek/journal';
import { Quantity } from '../../asked/quantity.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { SelectField } from '../../ui/text-field.tsx';

/** Weight, pieces, place, wrapping and form of a pack. */
export function PackFields({
  number,
  grams,
  setTyped,
  piecesText,
  setPieces,
  usual,
  stores,
  store,
  setStore,
  wrappings,
  wrap,
  setWrapping,
  kind,
  setKind,
}: {
  number: number;
  grams: string;
  setTyped: (to: string | null) => void;
  piecesText: string;
  setPieces: (to: string) => void;
  usual: number;
  stores: readonly Store[];
  store: Store;
  setStore: (to: string | null) => void;
  /** How it may be wrapped where it goes. */
  wrappings: readonly Wrapping[];
  wrap: Wrapping;
  setWrapping: (to: Wrapping | null) => void;
  kind: PackForm;
  setKind: (to: PackForm) => void;
}) {
  return (
    <div className="by-row">
      <Quantity label={`Pack ${number}`} amount="mass" value={grams} onChange={setTyped} />
      <Quantity label="Pieces" whole value={piecesText} onChange={setPieces} placeholder={String(usual)} />
      <Chips
        label="Where"
        options={stores.map((s) => ({ value: s.id, text: s.name }))}
        value={store.id}
        onChange={setStore}
      />
      <Chips label="Wrapped in" options={plain(wrappings)} value={wrap} onChange={setWrapping} />
      <SelectField label="Form" id="form" value={kind} onChange={(e) => setKind(e.target.value as PackForm)}>
        {FORMS.filter((f) => f !== 'cooked').map((f) => (
          <option key={f}>{f}</option>
        ))}
      </SelectField>
    </div>
  );
}
