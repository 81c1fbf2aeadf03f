/**
 * How one fact of an entry is shown and typed when it is corrected. Numbers are kept in the core's unit and shown in `unit`
 * (value / scale). Facts without a field are carried over as they are. `clears`: facts that no longer hold once this one is
 * another.
 */
export type Field = { readonly name: string; readonly label: string; readonly optional?: boolean } & (
  | { readonly type: 'number'; readonly unit: string; readonly scale: number }
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

export const numberField = (name: string, label: string, unit: string, scale = 1, more: Optional = {}): Field => ({
  name,
  label,
  type: 'number',
  unit,
  scale,
  ...more,
});
export const cmField = (name: string, label: string, more: Optional = {}): Field =>
  numberField(name, label, 'cm', 10, more);
export const gramsField = (name: string, label: string): Field => numberField(name, label, 'g');
export const countField = (name: string, label: string, more: Optional = {}): Field =>
  numberField(name, label, '', 1, more);
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
export const memberField = (name: string, label: string): Field => ({ name, label, type: 'member' });
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
