import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { landed } from '../../../journal/src/builders.test-support.ts';
import { httpTransport as transportOf, timeoutMs } from './transport.ts';

const httpTransport = transportOf('the-book');

const entry = landed('a', '12:18');
const real = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = real;
});
/** Answers the next request, and remembers what was asked. */
function answering(make: () => Response | Promise<Response>): { url: string; body: unknown; book: unknown }[] {
  const asked: { url: string; body: unknown; book: unknown }[] = [];
  globalThis.fetch = jest.fn(async (url: unknown, init?: { body?: unknown; headers?: Record<string, string> }) => {
    const body = init?.body ? JSON.parse(String(init.body)) : null;
    asked.push({ url: String(url), body, book: init?.headers?.['dagboek-book'] });
    return make();
  }) as never;
  return asked;
}
const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
/** As our own server says no. */
const problem = (status: number): Response =>
  new Response(JSON.stringify({ detail: 'because' }), {
    status,
    headers: { 'content-type': 'application/problem+json; charset=utf-8' },
  });

describe('sending', () => {
  test('a batch goes to the journal, and its receipts come back', async () => {
    const receipts = [{ id: entry.id, status: 'accepted' }];
    const answer = { receipts, last: 9, digest: 'cd', now: '2026-09-12T13:00:00Z' };
    const asked = answering(() => json(answer));
    expect(await httpTransport.send([entry], { last: 8, digest: 'ef' })).toEqual({
      ok: true,
      receipts,
      now: answer.now,
      anew: false,
      reached: { last: 9, digest: 'cd' },
    });
    expect(asked).toEqual([
      { url: '/api/journal', body: { entries: [entry], seen: { last: 8, digest: 'ef' } }, book: 'the-book' },
    ]);
  });

  test.each([
    [400, false],
    [413, false],
    [415, false],
    [404, true],
    [409, true],
    [429, true],
    [500, true],
    [503, true],
  ])('our own status %d: to be tried later %s', async (status, later) => {
    answering(() => problem(status));
    expect(await httpTransport.send([entry], { last: 8, digest: 'ef' })).toEqual({
      ok: false,
      unreachable: later,
      ...(status === 500 ? { broke: true } : {}),
      why: 'because',
    });
  });

  test.each([401, 403, 407, 511])(
    'a guard in front that answers %d has not seen the log: its lines wait',
    async (status) => {
      answering(() => new Response('<html>who are you?</html>', { status }));
      expect(await httpTransport.send([entry], { last: 8, digest: 'ef' })).toEqual({
        ok: false,
        unreachable: true,
        why: 'Something in front of the server asks who is there. Reload this page, and answer there.',
      });
    },
  );

  test.each([
    ['an error page', () => new Response('<html>proxy</html>', { status: 400 })],
    ['a lost address', () => new Response('not here', { status: 404 })],
    ['a slow gateway', () => new Response('', { status: 408 })],
    ['a login page', () => new Response('<html>sign in</html>', { status: 200 })],
    ['an empty answer', () => json({})],
    ['another JSON', () => json({ receipts: 'yes' })],
    ['nothing', () => json(null)],
  ])('%s in the place of the server is no last word', async (_, make) => {
    answering(make);
    expect(await httpTransport.send([entry], { last: 8, digest: 'ef' })).toEqual({
      ok: false,
      unreachable: true,
      why: 'Something in front of the server answered in its place.',
    });
    expect(await httpTransport.after({ last: 0, digest: '' }, { last: 0, digest: '' }, 100)).toEqual({
      unreached: 'Something in front of the server answered in its place.',
    });
  });

  test('no network is a pause', async () => {
    answering(() => Promise.reject(new TypeError('Failed to fetch')));
    expect(await httpTransport.send([entry], { last: 8, digest: 'ef' })).toEqual({
      ok: false,
      unreachable: true,
      why: 'No answer from the server.',
    });
  });

  test.each([[[]], [[{ id: 'another', status: 'accepted' }]], [[null, 7]]])(
    'a portal that answers with receipts %j of nothing that was sent is a pause',
    async (receipts) => {
      answering(() => json({ receipts, now: '2026-09-12T13:00:00Z' }));
      expect(await httpTransport.send([entry], { last: 8, digest: 'ef' })).toEqual({
        ok: false,
        unreachable: true,
        why: 'Something in front of the server answered in its place.',
      });
    },
  );

  test('an answer cut short is a pause too: the batch is sent again, which does no harm', async () => {
    answering(() => new Response('{"receipts":[', { status: 200 }));
    expect(await httpTransport.send([entry], { last: 8, digest: 'ef' })).toMatchObject({
      ok: false,
      unreachable: true,
    });
  });
});

describe('catching up', () => {
  test('from a number on', async () => {
    const page = { entries: [entry], last: 7, more: false };
    const asked = answering(() => json(page));
    expect(await httpTransport.after({ last: 6, digest: 'ab' }, { last: 9, digest: 'cd' }, 100)).toEqual(page);
    expect(asked[0]).toMatchObject({
      url: '/api/journal?after=6&limit=100&digest=ab&seen=9&seenDigest=cd',
      book: 'the-book',
    });
  });

  test('no answer, or that of another book, says that it was not reached', async () => {
    answering(() => problem(409));
    expect(await httpTransport.after({ last: 0, digest: '' }, { last: 0, digest: '' }, 100)).toEqual({
      unreached: 'because',
    });
    answering(() => Promise.reject(new Error('offline')));
    expect(await httpTransport.after({ last: 0, digest: '' }, { last: 0, digest: '' }, 100)).toEqual({
      unreached: null,
    });
  });
});

describe('a copy of the book', () => {
  test('is asked for by name, and told', async () => {
    const made = { folder: '/b', entries: 3, pictures: 0, dropped: [] };
    const asked = answering(() => json(made, 201));
    expect(await httpTransport.backUp()).toEqual(made);
    expect(asked[0]).toMatchObject({ url: '/api/backups', book: 'the-book' });
  });
  test('that was not made has a sentence', async () => {
    answering(() => problem(503));
    await expect(httpTransport.backUp()).rejects.toThrow('because');
    answering(() => Promise.reject(new TypeError('offline')));
    await expect(httpTransport.backUp()).rejects.toThrow('try again with a signal');
  });
});

test('the longer what is sent, the longer it may be on its way', () => {
  expect(timeoutMs(0)).toBe(15_000);
  expect(timeoutMs(40_000)).toBeGreaterThan(45_000);
});
