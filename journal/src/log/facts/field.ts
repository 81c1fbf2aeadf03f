import type { AmountKind } from '@dagboek/core/units';

/**
 * How one fact of an entry is shown and typed when it is corrected. Amounts are kept in the core's unit and typed in that of
 * whoever types; other numbers stand as they are, with what they count in `unit`. Facts without a field are carried over as they are. `clears`: facts that no longer hold once this one is
 * another.
 */
export type Field = { readonly name: string; readonly label: string; readonly optional?: boolean } & (
  | { readonly type: 'number'; readonly unit: string }
  | { readonly type: 'amount'; readonly amount: AmountKind }
  | { readonly type: 'text' | 'lines' }
  | {
      readonly type: 'choice';
      readonly options: readonly string[];
      readonly words?: Readonly<Record<string, string>>;
      readonly clears?: readonly string[];
    }
  | { readonly type: 'member' | 'members' | 'box' }
  | { readonly type: 'zone' | 'species'; readonly clears?: readonly string[] }
);

type Optional = { readonly optional?: boolean };

/** A field for a number with its unit. */
export const numberField = (name: string, label: string, unit: string, more: Optional = {}): Field => ({
  name,
  label,
  type: 'number',
  unit,
  ...more,
});
/** A field for an amount in the units of the device. */
export const amountField = (name: string, label: string, amount: AmountKind, more: Optional = {}): Field => ({
  name,
  label,
  type: 'amount',
  amount,
  ...more,
});
/** A field for a length; kept in mm. */
export const lengthField = (name: string, label: string, more: Optional = {}): Field =>
  amountField(name, label, 'length', more);
/** A field for a mass; kept in g. */
export const massField = (name: string, label: string): Field => amountField(name, label, 'mass');
/** A field for a number of things. */
export const countField = (name: string, label: string, more: Optional = {}): Field =>
  numberField(name, label, '', more);
/** A field for one of some options. `words`: what is shown for them; `clears`: fields that a change empties. */
export const choiceField = (
  name: string,
  label: string,
  options: readonly string[],
  more: Optional & { readonly words?: Readonly<Record<string, string>>; readonly clears?: readonly string[] } = {},
): Field => ({ name, label, type: 'choice', options, ...more });
/** A field for a line of text. */
export const textField = (name: string, label: string, more: Optional = {}): Field => ({
  name,
  label,
  type: 'text',
  ...more,
});
/** A field for several lines of text. */
export const linesField = (name: string, label: string): Field => ({ name, label, type: 'lines' });
/** A field for one of the crew. */
export const memberField = (name: string, label: string, more: Optional = {}): Field => ({
  name,
  label,
  type: 'member',
  ...more,
});
/** A field for some of the crew. */
export const membersField = (name: string, label: string): Field => ({ name, label, type: 'members' });
/** A field for a box. */
export const boxField = (name: string, label: string, more: Optional = {}): Field => ({
  name,
  label,
  type: 'box',
  ...more,
});
/** A field for a zone of the waters. */
export const zoneField = (name: string, label: string, more: { readonly clears?: readonly string[] } = {}): Field => ({
  name,
  label,
  type: 'zone',
  ...more,
});
/** A field for a species. `clears`: fields that a change empties. */
export const speciesField = (
  name: string,
  label: string,
  more: Optional & { readonly clears?: readonly string[] } = {},
): Field => ({ name, label, type: 'species', ...more });
