import 'reflect-metadata';
import { mkdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { connect, type TLSSocket } from 'node:tls';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { DoorEvent, DoorList, LinesOfDevice, SentBy } from '@dagboek/journal/log';
import { anEntry, at, idOf, tripStarted } from '../../../journal/src/builders.test-support.ts';
import { withinBudget } from '../guards/body-budget.ts';
import { aFolder } from '../test-server.test-support.ts';
import { lastAtDoor, noteAtDoor } from '../common/door-log.ts';
import { House } from './house.test-support.ts';

let house: House;
const data = aFolder();
beforeAll(async () => {
  house = await House.open(data);
});
afterAll(() => house.close());

/** Sends the beginning of a request; what was answered so far, and the socket. */
async function begin(
  head: string[],
  body = '',
): Promise<{ said: () => string; socket: TLSSocket; closed: Promise<void> }> {
  let text = '';
  const socket = connect({ host: '127.0.0.1', port: Number(new URL(house.url).port), ca: house.ca });
  const closed = new Promise<void>((r) => socket.on('close', () => r()));
  socket.on('data', (d: Buffer) => (text += d.toString()));
  socket.on('error', () => undefined);
  await new Promise((r) => socket.once('secureConnect', r));
  socket.write(`${head.join('\r\n')}\r\nHost: 127.0.0.1\r\n\r\n${body}`);
  return { said: () => text, socket, closed };
}
const until = async (is: () => boolean): Promise<void> => {
  while (!is()) await new Promise((r) => setTimeout(r, 5));
};
const events = async (): Promise<DoorEvent[]> => [...(await house.here<DoorList>('/api/door/devices')).log];

describe('who asks, before what is asked', () => {
  const hash = 'ab'.repeat(32);
  test.each([
    ['a large picture', [`PUT /api/photos/${hash} HTTP/1.1`, 'Content-Type: image/jpeg', 'Content-Length: 24000000']],
    [
      'one of unknown length',
      [`PUT /api/photos/${hash} HTTP/1.1`, 'Content-Type: image/jpeg', 'Transfer-Encoding: chunked'],
    ],
    ['lines', ['POST /api/journal HTTP/1.1', 'Content-Type: application/json', 'Content-Length: 2000000']],
    [
      'a way to join that is a book',
      ['POST /api/door/join HTTP/1.1', 'Content-Type: application/json', 'Content-Length: 20000'],
    ],
    [
      'to a page that asks nobody',
      ['GET /api/door HTTP/1.1', 'Content-Type: application/json', 'Content-Length: 20000'],
    ],
  ])(
    '%s of somebody who has not joined is turned down before it comes, and cut off',
    async (_, head) => {
      const { said, closed } = await begin(head, 'x');
      await until(() => said() !== '');
      expect(said()).toMatch(/^HTTP\/1\.1 401/);
      await closed;
    },
    20_000,
  );

  test('a phone that joined sends the same, and is read', async () => {
    const cookie = await house.join();
    const { said, socket } = await begin(
      ['POST /api/journal HTTP/1.1', `Cookie: ${cookie}`, 'Content-Type: application/json', 'Content-Length: 14'],
      '{"entries"',
    );
    socket.write(':[]}');
    await until(() => said() !== '');
    expect(said()).toMatch(/^HTTP\/1\.1 200/);
    socket.destroy();
  });

  test('the description of the API is for those inside', async () => {
    expect((await house.ask('/api/openapi.json')).status).toBe(401);
    expect((await house.ask('/api/openapi.json', { cookie: await house.join() })).status).toBe(200);
  });

  test('from one address no more connections are held than a house needs', async () => {
    const many = Array.from({ length: 120 }, () => {
      const s = connect({ host: '127.0.0.1', port: Number(new URL(house.url).port), ca: house.ca });
      s.on('error', () => undefined);
      return s;
    });
    await until(() => many.filter((s) => s.destroyed).length >= 70);
    expect(many.filter((s) => !s.destroyed).length).toBeGreaterThan(20);
    for (const s of many) s.destroy();
    await until(() => many.every((s) => s.closed));
    // The house goes on.
    let answered = 0;
    while (answered !== 204)
      answered = await house.ask('/api/door/knock').then(
        (a) => a.status,
        () => 0,
      );
  });

  test('all bodies together weigh no more than there is room for', () => {
    const budget = withinBudget(100, () => 60);
    const come = (length: string) => {
      let done = (): void => undefined;
      const said: { status: number } = { status: 0 };
      const res = {
        once: (_: string, f: () => void) => (done = f),
        setHeader: () => undefined,
        status: (n: number) => ((said.status = n), res),
        type: () => res,
        set: () => res,
        send: () => res,
      };
      let next = false;
      budget({ headers: { 'content-length': length } } as never, res as never, () => (next = true));
      return { next, status: said.status, done: () => done() };
    };
    const first = come('50');
    expect([first.next, come('0').next, come('51').status, come('9999').status]).toEqual([true, true, 503, 503]);
    expect(come('50').next).toBe(true);
    first.done();
    expect([come('51').status, come('50').next]).toEqual([503, true]);
  });
});

describe('put out means out', () => {
  test('its calendar and its open streams end with it; those of others go on', async () => {
    const [cook, mate] = [await house.join('Phone of the cook'), await house.join('Phone of the mate')];
    const path = async (cookie: string): Promise<string> =>
      (JSON.parse((await house.ask('/api/larder/calendar', { cookie })).body) as { path: string }).path;
    const [ofCook, ofMate] = [await path(cook), await path(mate)];
    expect(await path(cook)).toBe(ofCook);
    expect(ofCook).not.toBe(ofMate);
    expect((await house.ask(ofCook)).body).toContain('BEGIN:VCALENDAR');
    const stream = await begin(['GET /api/devices/scale?about=1000&seed=1 HTTP/1.1', `Cookie: ${cook}`]);
    await until(() => stream.said().includes('data:'));
    const { devices } = await house.here<DoorList>('/api/door/devices');
    await house.here(`/api/door/devices/${devices.find((d) => d.name === 'Phone of the cook')!.id}/out`, 'POST');
    await stream.closed;
    expect([(await house.ask(ofCook)).status, (await house.ask(ofMate)).status]).toEqual([404, 200]);
  });

  test('the calendar of this machine gets another address by one key; from a phone it does not', async () => {
    const path = async (): Promise<string> => (await house.here<{ path: string }>('/api/larder/calendar')).path;
    const old = await path();
    expect((await house.ask(old)).status).toBe(200);
    const cookie = await house.join();
    expect((await house.ask('/api/larder/calendar/renew', { method: 'POST', cookie })).status).toBe(403);
    expect(await house.here('/api/larder/calendar/renew', 'POST')).toBe(204);
    expect([(await house.ask(old)).status, (await house.ask(await path())).status]).toEqual([404, 200]);
    expect((await events())[0]?.what).toBe('new feed address');
  });

  test('a device that was not seen for a year is out, by itself', async () => {
    const folder = aFolder();
    let h = await House.open(folder);
    const cookie = await h.join('Forgotten');
    await h.close();
    const at = async (now: string, env = {}): Promise<number> => {
      h = await House.open(folder, { DAGBOEK_NOW: now, ...env });
      const { status } = await h.ask('/api/health', { cookie });
      await h.close();
      return status;
    };
    expect(await at('2027-09-13T12:00:00+01:00')).toBe(200);
    expect(await at('2028-09-14T12:00:00+01:00')).toBe(401);
    expect(await at('2028-09-14T12:00:00+01:00')).toBe(401);
    expect(lastAtDoor(folder, 10)[0]).toMatchObject({ what: 'ended unseen', name: 'Forgotten' });
  });
});

test('the server notes which device sent a line, whoever it says wrote it', async () => {
  const cookie = await house.join('Lost phone');
  const joins = (name: string, time: string) => {
    const id = idOf(name);
    return anEntry('member.joined', id, { name }, { member: id, at: at(time) });
  };
  const [ilse, joost] = [joins('Ilse', '06:00'), joins('Joost', '06:01')];
  let n = 0;
  const by = (member: string) => ({ ...tripStarted(), id: idOf(`line ${++n}`), subject: idOf(`trip ${n}`), member });
  const mine = [ilse, joost, by(ilse.subject), by(joost.subject)];
  const send = (entries: object[], more = {}) =>
    house.ask('/api/journal', { method: 'POST', body: { entries }, ...more });
  expect((await send(mine, { cookie })).status).toBe(200);
  const other = by(ilse.subject);
  await fetch(`${house.served.url}/api/journal`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ entries: [other] }),
  });
  const sender = async (id: string) => (await house.here<SentBy>(`/api/journal/${id}/sender`)).device?.name ?? null;
  expect([await sender(mine[3]!.id), await sender(other.id)]).toEqual(['Lost phone', null]);
  expect(await house.here(`/api/journal/${idOf('nothing')}/sender`)).toBe(404);
  const { devices, log } = await house.here<DoorList>('/api/door/devices');
  const lost = devices.find((d) => d.name === 'Lost phone')!;
  expect(lost.lines).toBe(4);
  expect((await house.here<LinesOfDevice>(`/api/door/devices/${lost.id}/lines`)).ids).toEqual(mine.map((e) => e.id));
  expect((await house.ask(`/api/door/devices/${lost.id}/lines`, { cookie })).status).toBe(403);
  expect(log.filter((e) => e.what === 'wrote for another').map((e) => [e.name, e.member])).toContainEqual([
    'Lost phone',
    'Joost',
  ]);
});

describe('the door tells', () => {
  test('who joined, left, was put out and tried wrong codes; ten wrong ones keep nobody out', async () => {
    const cookie = await house.join('Tablet');
    await house.ask('/api/door/leave', { method: 'POST', cookie });
    const { code } = await house.here<{ code: string }>('/api/door/code', 'POST');
    const wrong = code === '000000' ? '111111' : '000000';
    for (let i = 0; i < 12; i++) await house.tryCode(wrong);
    const list = await house.here<DoorList>('/api/door/devices');
    expect(list.code).toMatchObject({ wrong: 12, code: expect.stringMatching(/^\d{12}$/) });
    expect(JSON.parse((await house.tryCode(code)).body).detail).toContain('twelve digits');
    expect((await house.tryCode(list.code!.code.replace(/(....)/g, '$1 ').trim(), 'Late guest')).status).toBe(200);
    const told = (await events()).map((e) => [e.what, e.name ?? e.count ?? null]);
    expect(told.slice(0, 5)).toEqual([
      ['joined', 'Late guest'],
      ['wrong codes', 10],
      ['wrong codes', 1],
      ['left', 'Tablet'],
      ['joined', 'Tablet'],
    ]);
    const file = join(data, 'door', 'log.jsonl');
    expect(statSync(file).mode & 0o077).toBe(0);
    expect(readFileSync(file, 'utf8')).not.toContain(code);
  });

  test('a name with signs that nobody sees is asked for anew', async () => {
    const { code } = await house.here<{ code: string }>('/api/door/code', 'POST');
    for (const name of ['Ilse\n\u202egpj.exe', 'a\u0000b', 'x\u2028y']) {
      const a = await house.tryCode(code, name);
      expect([a.status, JSON.parse(a.body).detail]).toEqual([400, expect.stringContaining('invisible characters')]);
    }
    const missing = await house.ask('/api/door/join', { method: 'POST', body: { code } });
    expect(JSON.parse(missing.body).detail).toMatch(/^Give this device a name/);
  });

  test('it stays short, outlives a line that was cut, and a folder that cannot be written', () => {
    const folder = aFolder();
    for (let i = 0; i < 5000; i++) noteAtDoor(folder, { at: 'x'.repeat(60), what: 'joined', name: String(i) });
    expect(statSync(join(folder, 'door', 'log.jsonl')).size).toBeLessThan(500_000);
    writeFileSync(join(folder, 'door', 'log.jsonl'), '{"at":"a","what":"left"}\n{"at":"b","wha');
    expect(lastAtDoor(folder, 10)).toEqual([{ at: 'a', what: 'left' }]);
    const odd = aFolder();
    mkdirSync(join(odd, 'door', 'log.jsonl'), { recursive: true });
    expect(() => noteAtDoor(odd, { at: 'a', what: 'left' })).not.toThrow();
  });
});
