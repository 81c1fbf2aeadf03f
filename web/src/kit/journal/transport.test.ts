import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { landed } from '../../../../journal/src/builders.test-support.ts';
import { httpTransport } from './transport.ts';

const entry = landed('a', '12:18');
const real = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = real;
});
/** Answers the next request, and remembers what was asked. */
function answering(make: () => Response | Promise<Response>): { url: string; body: unknown }[] {
  const asked: { url: string; body: unknown }[] = [];
  globalThis.fetch = jest.fn(async (url: unknown, init?: { body?: unknown }) => {
    asked.push({ url: String(url), body: init?.body ? JSON.parse(String(init.body)) : null });
    return make();
  }) as never;
  return asked;
}
const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });

describe('sending', () => {
  test('a batch goes to the journal, and its receipts come back', async () => {
    const receipts = [{ id: entry.id, status: 'accepted' }];
    const asked = answering(() => json({ receipts }));
    expect(await httpTransport.send([entry])).toEqual({ ok: true, receipts });
    expect(asked).toEqual([{ url: '/api/journal', body: { entries: [entry] } }]);
  });

  test.each([
    [400, false],
    [413, false],
    [429, true],
    [500, true],
    [503, true],
  ])('status %d: to be tried later %s', async (status, later) => {
    answering(() => json({ detail: 'because' }, status));
    expect(await httpTransport.send([entry])).toEqual({ ok: false, unreachable: later, why: 'because' });
  });

  test('an answer that is no JSON still has a sentence', async () => {
    answering(() => new Response('<html>proxy</html>', { status: 400 }));
    expect(await httpTransport.send([entry])).toMatchObject({
      ok: false,
      unreachable: false,
      why: 'The server did not take it.',
    });
  });

  test('no network is a pause', async () => {
    answering(() => Promise.reject(new TypeError('Failed to fetch')));
    expect(await httpTransport.send([entry])).toEqual({
      ok: false,
      unreachable: true,
      why: 'No answer from the server.',
    });
  });

  test('an answer cut short is a pause too: the batch is sent again, which does no harm', async () => {
    answering(() => new Response('{"receipts":[', { status: 200 }));
    expect(await httpTransport.send([entry])).toMatchObject({ ok: false, unreachable: true });
  });
});

describe('catching up', () => {
  test('from a number on', async () => {
    const page = { entries: [entry], last: 7, more: false };
    const asked = answering(() => json(page));
    expect(await httpTransport.after(6)).toEqual(page);
    expect(asked[0]?.url).toBe('/api/journal?after=6');
  });

  test('no answer, or a bad one, is nothing', async () => {
    answering(() => json({}, 500));
    expect(await httpTransport.after(0)).toBeNull();
    answering(() => Promise.reject(new Error('offline')));
    expect(await httpTransport.after(0)).toBeNull();
  });
});
