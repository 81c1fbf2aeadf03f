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

export const numberField = (name: string, label: string, unit: string, more: Optional = {}): Field => ({
  name,
  label,
  type: 'number',
  unit,
  ...more,
});
export const amountField = (name: string, label: string, amount: AmountKind, more: Optional = {}): Field => ({
  name,
  label,
  type: 'amount',
  amount,
  ...more,
});
export const lengthField = (name: string, label: string, more: Optional = {}): Field =>
  amountField(name, label, 'length', more);
export const massField = (name: string, label: string): Field => amountField(name, label, 'mass');
export const countField = (name: string, label: string, more: Optional = {}): Field =>
  numberField(name, label, '', more);
export const choiceField = (
  name: string,
  label: string,
  options: readonly string[],
  more: Optional & { readonly words?: Readonly<Record<string, string>>; readonly clears?: readonly string[] } = {},
): Field => ({ name, label, type: 'choice', options, ...more });
export const textField = (name: string, label: string, more: Optional = {}): Field => ({
  name,
  label,
  type: 'text',
  ...more,
});
export const linesField = (name: string, label: string): Field => ({ name, label, type: 'lines' });
export const memberField = (name: string, label: string, more: Optional = {}): Field => ({
  name,
  label,
  type: 'member',
  ...more,
});
export const membersField = (name: string, label: string): Field => ({ name, label, type: 'members' });
export const boxField = (name: string, label: string, more: Optional = {}): Field => ({
  name,
  label,
  type: 'box',
  ...more,
});
export const zoneField = (name: string, label: string, more: { readonly clears?: readonly string[] } = {}): Field => ({
  name,
  label,
  type: 'zone',
  ...more,
});
export const speciesField = (
  name: string,
  label: string,
  more: Optional & { readonly clears?: readonly string[] } = {},
): Field => ({ name, label, type: 'species', ...more });
