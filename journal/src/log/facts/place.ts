/** Whether a value is [longitude, latitude], degrees. */
export const isPlace = (value: unknown): boolean =>
  Array.isArray(value) &&
  value.length === 2 &&
  value.every((x) => typeof x === 'number') &&
  Math.abs(value[0] as number) <= 180 &&
  Math.abs(value[1] as number) <= 90;
