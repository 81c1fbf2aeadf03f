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

/** A blank of a rule for a length, mm. */
export const lengthBlank = (name: string, label: string): RuleField => ({ name, label, type: 'length' });
/** A blank for a number of fish. */
export const countBlank = (name: string, label: string): RuleField => ({ name, label, type: 'count' });
/** A blank for words. */
export const textBlank = (name: string, label: string): RuleField => ({ name, label, type: 'text' });
/** A blank for a day of any year, MM-DD. */
export const monthDayBlank = (name: string, label: string): RuleField => ({ name, label, type: 'monthDay' });
/** A blank for a time of the day, HH:MM. */
export const timeBlank = (name: string, label: string): RuleField => ({ name, label, type: 'time' });
/** A blank for some of these options. */
export const manyBlank = (name: string, label: string, options: readonly string[]): RuleField => ({
  name,
  label,
  type: 'many',
  options,
});
/** A blank for one of these options, each a value and its word. */
export const oneBlank = (name: string, label: string, options: readonly (readonly [string, string])[]): RuleField => ({
  name,
  label,
  type: 'one',
  options,
});
