import type { DoorList, DoorState, JoinCode, LinesOfDevice, Problem } from '@dagboek/journal/log';
import { queryOptions } from '@tanstack/react-query';
import { bookHeader } from '../../offline/reached.ts';
import { bookHere } from '../../offline/start.ts';

/** Answers of the door are of this moment: never kept for later. */
const NOW_ONLY = { networkMode: 'always', retry: false, gcTime: 0, staleTime: 0 } as const;

/** Asks the door. Throws an Error with a sentence. */
async function ask<T>(path: string, init: RequestInit = {}): Promise<T> {
  const res = await fetch(`/api/door${path}`, { ...init, signal: AbortSignal.timeout(10_000) }).catch(() => null);
  if (!res)
    throw new Error(
      'No answer from the server. The server must be running, and this device must be in the same network.',
    );
  if (!res.ok)
    throw new Error(((await res.json().catch(() => ({}))) as Partial<Problem>).detail ?? 'The server has a problem.');
  if (res.status === 204) return undefined as T;
  // A network that asks for a sign-in answers in place of the server, with 200 and a page.
  const said: unknown = await res.json().catch(() => undefined);
  if (said === undefined)
    throw new Error(
      'The answer did not come from the server of the book. Sign in to this network, or join the network of the server.',
    );
  return said as T;
}

/** A device that comes for the first time knows of no book yet. */
const post = <T>(path: string, body?: object): Promise<T> => {
  const book = bookHere();
  return ask<T>(path, {
    method: 'POST',
    headers: { ...(book === null ? {} : bookHeader(book)), ...(body ? { 'content-type': 'application/json' } : {}) },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
};

/** How this device stands to the door. */
export const doorQuery = queryOptions({
  queryKey: ['journal', 'door'],
  queryFn: () => ask<DoorState>(''),
  ...NOW_ONLY,
});
/** Who was let in, and the code: at the server's own screen. Asked again while a code is shown, since somebody may come in by it. */
export const doorListQuery = queryOptions({
  queryKey: ['journal', 'door', 'devices'],
  queryFn: () => ask<DoorList>('/devices'),
  refetchInterval: (q) => (q.state.data?.code ? 3000 : false),
  ...NOW_ONLY,
});

/** What a device sent: at the server's own screen. */
export const linesOfDeviceQuery = (id: string) =>
  queryOptions({
    queryKey: ['journal', 'door', 'lines', id],
    queryFn: () => ask<LinesOfDevice>(`/devices/${encodeURIComponent(id)}/lines`),
    ...NOW_ONLY,
  });

/** Makes this browser the server's own screen. Throws an Error with a sentence. */
export const becomeScreen = (key: string): Promise<void> => post('/here', { key });
export const showCode = (): Promise<JoinCode> => post('/code');
export const putOut = (id: string): Promise<void> => post(`/devices/${id}/out`);
export const leave = (): Promise<void> => post('/leave');
/** Lets this device in. Throws an Error with a sentence. */
export const join = (code: string, name: string): Promise<{ name: string }> => post('/join', { code, name });
