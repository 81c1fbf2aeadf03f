/** A class of facts, and perhaps the classes of what its lists hold, by field. */
export interface FactsShape<F extends object = object> {
  new (): F;
  readonly lists?: Readonly<Record<string, new () => object>>;
}

/** An object read out of JSON as an instance of a class, with every field it came with: `__proto__` is a field like any other. */
function instanceOf<F extends object>(shape: new () => F, from: object): F {
  const made = Object.create(shape.prototype as object) as F;
  for (const [key, value] of Object.entries(from))
    Object.defineProperty(made, key, { value: value as unknown, enumerable: true, configurable: true, writable: true });
  return made;
}

const isObject = (x: unknown): x is object => typeof x === 'object' && x !== null && !Array.isArray(x);

/** Facts as an instance of the class that knows how they are checked. They are not changed. */
export function asFacts<F extends object>(shape: FactsShape<F>, facts: object): F {
  const made = instanceOf(shape, facts) as F & Record<string, unknown>;
  for (const [field, of] of Object.entries(shape.lists ?? {})) {
    const list: unknown = Object.hasOwn(made, field) ? made[field] : undefined;
    if (Array.isArray(list))
      Object.defineProperty(made, field, {
        value: list.map((x: unknown) => (isObject(x) ? instanceOf(of, x) : x)),
        enumerable: true,
      });
  }
  return made;
}
