import { BOOK_HEADER, type Problem } from '@dagboek/journal/log';

/** Refusals of what was sent; any other answer means that this server was not reached, and that it is tried again. */
const REFUSALS = [400, 413, 415, 422];
/** Said by what stands between: a guard that wants a sign-in, or a portal. */
const ASKED_WHO = [401, 403, 407, 511];

export const NO_ANSWER = 'No answer from the server.';
export const IN_ITS_PLACE = 'Something in front of the server answered in its place.';

/** What a request says of the book that it is meant for. */
export const bookHeader = (book: string): Record<string, string> => ({ [BOOK_HEADER]: book });

/**
 * Why a request was not taken, and whether it is to be tried again. Only this server's own problem documents with a status
 * that refuses are the last word: a guard, a proxy or a login page in front of it knows nothing of the log.
 */
export async function notTaken(res: Response): Promise<{
  readonly unreachable: boolean;
  readonly broke?: boolean;
  /** This server's door: the device has to join first. */
  readonly notJoined?: boolean;
  readonly why: string;
}> {
  const ours = res.headers.get('content-type')?.includes('problem+json') ?? false;
  const problem = ours ? ((await res.json().catch(() => ({}))) as Partial<Problem>) : {};
  const detail = problem.detail;
  if (ours && REFUSALS.includes(res.status)) return { unreachable: false, why: detail ?? 'The server refused it.' };
  if (!ours && (ASKED_WHO.includes(res.status) || res.redirected))
    return {
      unreachable: true,
      why: 'Something in front of the server asks who is there. Reload this page, and answer there.',
    };
  return {
    unreachable: true,
    // Our own 500: one line of the batch may be at fault.
    ...(ours && res.status === 500 ? { broke: true } : {}),
    ...(ours && res.status === 401 ? { notJoined: true } : {}),
    why: detail ?? (ours ? 'The server has a problem.' : IN_ITS_PLACE),
  };
}
