/** What a body may be nested: a figure in an entry in a batch is the deepest, with some twelve. */
const MOST_DEEP = 40;

/** Thrown before a body is read: parsing one that is nested without end would hold everybody else up. */
export class TooDeep extends Error {
  readonly type = 'too.deep';
  readonly status = 400;
}

/** Looks at the bytes of a JSON body, each once. Throws TooDeep. */
export function mustBeShallow(body: Buffer): void {
  let deep = 0;
  let quoted = false;
  for (let i = 0; i < body.length; i++) {
    const c = body[i];
    if (quoted) {
      if (c === 0x5c) i++;
      else if (c === 0x22) quoted = false;
    } else if (c === 0x22) quoted = true;
    else if (c === 0x5b || c === 0x7b) {
      if (++deep > MOST_DEEP) throw new TooDeep('nested too deep');
    } else if (c === 0x5d || c === 0x7d) deep--;
  }
}
