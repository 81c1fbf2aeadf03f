import { isNestedBeyond } from '@dagboek/core/schema';

/** What a body may be nested: a figure in an entry in a batch is the deepest, with some twelve. */
const MOST_DEEP = 40;

/** Thrown before a body is read: parsing one that is nested without end would hold everybody else up. */
export class TooDeep extends Error {
  readonly type = 'too.deep';
  readonly status = 400;
}

/** Looks at the bytes of a JSON body, each once. Throws TooDeep. */
export function mustBeShallow(body: Buffer): void {
  // Byte by byte: quotes and brackets are the same in every writing.
  if (isNestedBeyond(body.toString('latin1'), MOST_DEEP)) throw new TooDeep('nested too deep');
}
