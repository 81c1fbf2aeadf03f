/** One blank of a rule's sentence. `length`: typed in the units of whoever types, kept in mm. */
export type RuleField =
  | { readonly name: string; readonly label: string; readonly type: 'length' | 'count' | 'text' | 'monthDay' | 'time' }
  | {
      readonly name: string;
      readonly label: string;
      readonly type: 'one';
      readonly options: readonly (readonly [string, string])[];
    }
  | { readonly name: string; readonly label: string; readonly type: 'many'; readonly options: readonly string[] };

/** How a rule of a kind is written by hand: what it says, as one would say it, and its blanks. */
export interface RuleForm {
  readonly say: string;
  readonly fields: readonly RuleField[];
}

export const lengthBlank = (name: string, label: string): RuleField => ({ name, label, type: 'length' });
export const countBlank = (name: string, label: string): RuleField => ({ name, label, type: 'count' });
export const textBlank = (name: string, label: string): RuleField => ({ name, label, type: 'text' });
export const monthDayBlank = (name: string, label: string): RuleField => ({ name, label, type: 'monthDay' });
export const timeBlank = (name: string, label: string): RuleField => ({ name, label, type: 'time' });
export const manyBlank = (name: string, label: string, options: readonly string[]): RuleField => ({
  name,
  label,
  type: 'many',
  options,
});
export const oneBlank = (name: string, label: string, options: readonly (readonly [string, string])[]): RuleField => ({
  name,
  label,
  type: 'one',
  options,
});
