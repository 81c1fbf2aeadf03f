/**
 * Expected failure, everywhere in the core: a value, not a throw. `why` is a sentence for the person at the screen;
 * `field` names the input that is wrong, where one is.
 */
export type Refusal = { readonly ok: false; readonly why: string; readonly field?: string };
export type Result<T> = ({ readonly ok: true } & T) | Refusal;

/** Builds a refusal. */
export const refuse = (why: string, field?: string): Refusal =>
  field === undefined ? { ok: false, why } : { ok: false, why, field };
