/** Parts that the schemas of this book's documents are put together from. */
export const text = { type: 'string', minLength: 1, maxLength: 600 } as const;
export const texts = { type: 'array', items: text, maxItems: 20 } as const;
export const positive = { type: 'number', exclusiveMinimum: 0 } as const;
export const share = { type: 'number', minimum: 0, maximum: 1 } as const;

/** A list of so many, up to `maxItems`. */
export const array = (items: object, maxItems: number, minItems = 0) =>
  ({ type: 'array', items, minItems, maxItems }) as const;

/** Two of one kind, as a JSON schema. */
export const pair = (item: object) => array(item, 2, 2);

/** An object of these fields and no others; all of them required, or those named. */
export const object = (properties: Record<string, object>, required = Object.keys(properties)) =>
  ({ type: 'object', additionalProperties: false, required, properties }) as const;
