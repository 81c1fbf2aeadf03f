import 'reflect-metadata';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { get as httpGet } from 'node:http';
import { connect as connectPlain } from 'node:net';
import { connect } from 'node:tls';
import { tmpdir } from 'node:os';
import { PassThrough } from 'node:stream';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { BOOK_HEADER, type DoorList, type DoorState, type JoinCode } from '@dagboek/journal/log';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { tripStarted } from '../../../journal/src/builders.test-support.ts';
import { Config } from '../common/config.ts';
import { startTrouble } from '../common/start-trouble.ts';
import { serve, type Served } from '../serve.ts';
import { aFolder, NOW } from '../test-server.test-support.ts';
import { fingerprint, makeAuthority, makeCertificate } from './certificates.ts';
import { homeAddresses, homeName } from './home-addresses.ts';
import { DoorService } from './door.service.ts';
import { JoinCodes } from './join-code.ts';
import { type Answer, over } from './house.test-support.ts';
import { AtHome, listenAtHome } from './listen-at-home.ts';
import { sayHome, tellHome } from './tell-home.ts';

const nowMs = Date.now();

const plain = (url: string, headers = {}): Promise<Answer> =>
  new Promise((resolve, reject) => {
    httpGet(url, { agent: false, headers }, (res) => {
      let said = '';
      res.on('data', (d: Buffer) => (said += d.toString('latin1')));
      res.on('end', () => resolve({ status: res.statusCode ?? 0, headers: res.headers, body: said }));
    }).on('error', reject);
  });

describe('codes', () => {
  const codes = () => {
    let [ms, n] = [0, 0];
    const c = new JoinCodes(
      () => ms,
      (length) => String(++n).repeat(length),
    );
    return { c, wait: (by: number) => (ms += by) };
  };

  test('none lets in before one is shown, nor after ten minutes', () => {
    const { c, wait } = codes();
    expect([c.current(), c.try('111111')]).toEqual([null, 'none shown']);
    expect(c.show()).toEqual({ code: '111111', forMs: 600_000, wrong: 0 });
    wait(599_999);
    expect(c.try('111 111')).toBe('right');
    wait(1);
    expect([c.current(), c.try('222222')]).toEqual([null, 'none shown']);
  });

  test('each is for one device: the next is shown for the rest of the time', () => {
    const { c, wait } = codes();
    c.show();
    wait(60_000);
    expect(c.try('111111')).toBe('right');
    expect(c.try('111111')).toBe('wrong');
    expect(c.current()).toEqual({ code: '222222', forMs: 540_000, wrong: 1 });
  });

  test('after ten wrong ones a longer code lets in: nobody guesses it, and nobody is kept out', () => {
    const { c } = codes();
    c.show();
    for (let i = 0; i < 9; i++) expect(c.try(i === 0 ? '' : `00000${i}`)).toBe('wrong');
    expect(c.try('000000')).toBe('longer');
    expect(c.current()).toMatchObject({ code: '222222222222', wrong: 10 });
    for (let i = 0; i < 500; i++) c.try('111111');
    expect(c.try('2222 2222 2222')).toBe('right');
    // Asked for anew while somebody tries: as long.
    expect(c.show()).toMatchObject({ code: '444444444444', wrong: 510 });
  });
});

describe('addresses', () => {
  const net = (address: string, more: object = {}) => ({ address, family: 'IPv4', internal: false, ...more }) as never;
  test('those of a house, a given one before one that a machine gave itself', () => {
    expect(
      homeAddresses({
        lo: [net('127.0.0.1', { internal: true })],
        a: [net('169.254.3.4'), net('192.168.1.20'), net('fe80::1', { family: 'IPv6' })],
        b: [net('10.0.0.7'), net('203.0.113.5'), net('172.32.0.1'), net('172.31.0.1')],
      }),
    ).toEqual(['192.168.1.20', '10.0.0.7', '172.31.0.1', '169.254.3.4']);
  });
  test('a name that others can ask by', () => {
    expect(['Tern', 'tern.example', 'localhost', 'no_name', ''].map(homeName)).toEqual([
      'tern.local',
      'tern.local',
      null,
      null,
      null,
    ]);
  });
});

describe('a phone in the network of the house', () => {
  const data = aFolder();
  let served: Served;
  let ca = '';
  let book = '';
  let https = '';
  const config = (more: object = {}) =>
    Config.from({
      DAGBOEK_DATA: data,
      DAGBOEK_PORT: '0',
      DAGBOEK_NOW: NOW,
      DAGBOEK_LOG: 'silent',
      DAGBOEK_LAN: '1',
      DAGBOEK_LAN_ADDRESS: '127.0.0.1',
      ...more,
    });
  const portOf = (url: string | undefined): string => new URL(url ?? 'https://none').port;
  const begin = async (): Promise<void> => {
    served = await serve(config());
    ca = readFileSync(join(data, 'door', '127.0.0.1.authority.crt'), 'utf8');
    https = `https://127.0.0.1:${portOf(served.home?.urls[0])}`;
    book = ((await (await fetch(`${served.url}/api/health`)).json()) as { book: string }).book;
  };
  beforeAll(begin);
  afterAll(() => served.close());
  /** What the server's own screen shows. */
  const screen = () => ({ cookie: `dagboek-screen=${served.screen.split('=')[1]}` });
  /** At the server's own screen. */
  const here = async <T>(path: string, method = 'GET', header = book): Promise<T> => {
    const res = await fetch(`${served.url}/api/door${path}`, {
      method,
      headers: { ...screen(), ...(header ? { [BOOK_HEADER]: header } : {}) },
    });
    return (res.status === 200 ? await res.json() : res.status) as T;
  };
  const cookieOf = (a: Answer): string => String(a.headers['set-cookie']).split(';')[0] ?? '';
  const joinBy = (code: string, name = 'Phone') =>
    over(ca, `${https}/api/door/join`, { method: 'POST', body: { code, name } });

  test('believes the certificate by its authority, and nobody else does', async () => {
    expect((await over(ca, `${https}/api/door/knock`)).status).toBe(204);
    const other = await makeAuthority('another', ['127.0.0.1'], nowMs);
    await expect(over(other.cert, `${https}/api/door/knock`)).rejects.toThrow(/certificate|signature|verify/i);
  });

  test('not joined, nothing that the server offers tells it anything, however it is spelt', async () => {
    const { paths } = (await (await fetch(`${served.url}/api/openapi.json`)).json()) as {
      paths: Record<string, object>;
    };
    const asked = Object.entries(paths).flatMap(([path, by]) =>
      Object.keys(by).map((m) => [m.toUpperCase(), path] as const),
    );
    // The feed of the larder has a secret of its own in its address; a guess finds nothing there.
    const feed = '/api/larder/calendar/{key}.ics';
    const guess = feed.replace('{key}', 'a'.repeat(32));
    expect((await over(ca, https + guess, { method: 'GET', headers: {} })).status).toBe(404);
    const before = ['/api/door', '/api/door/knock', '/api/door/join', feed];
    const behind = asked.filter(([, path]) => !before.includes(path));
    expect(behind.length).toBeGreaterThan(15);
    for (const [method, path] of [
      ...behind,
      ['GET', '/API/Journal'],
      ['GET', '/api//journal'],
      ['GET', '/api/journal/'],
    ] as const) {
      const at = path.replace(/\{\w+\}/g, 'ab'.repeat(32));
      const headers = { [BOOK_HEADER]: book, cookie: '__Host-dagboek=guess' };
      const a = await over(ca, https + at, { method, headers });
      expect([method, path, a.status === 404 && path.includes('//') ? 401 : a.status]).toEqual([method, path, 401]);
      if (a.status === 401)
        expect(JSON.parse(a.body)).toMatchObject({
          title: 'Not joined',
          detail: expect.stringContaining('stay here'),
        });
    }
  });

  test('it joins by the code, reads and writes, and is put out; what it wrote stays', async () => {
    expect(JSON.parse((await joinBy('123456')).body)).toMatchObject({ status: 429, field: 'code' });
    const { code } = await here<JoinCode>('/code', 'POST');
    const wrong = await joinBy(code === '000000' ? '000001' : '000000');
    expect([wrong.status, wrong.headers['set-cookie']]).toEqual([400, undefined]);
    expect((await joinBy(code, '  ')).status).toBe(400);
    expect((await joinBy('12', 'Phone')).status).toBe(400);
    const joined = await joinBy(code, 'Phone of the cook');
    expect(joined.status).toBe(200);
    expect(String(joined.headers['set-cookie'])).toMatch(/HttpOnly; Secure; SameSite=Strict/);
    const cookie = cookieOf(joined);
    const state = JSON.parse((await over(ca, `${https}/api/door`, { headers: { cookie } })).body) as DoorState;
    expect(state).toMatchObject({ you: 'joined', name: 'Phone of the cook' });

    const entry = tripStarted();
    const sent = await over(ca, `${https}/api/journal`, {
      method: 'POST',
      headers: { cookie, [BOOK_HEADER]: book },
      body: { entries: [entry] },
    });
    expect(JSON.parse(sent.body)).toMatchObject({ receipts: [{ id: entry.id }] });
    // What is done at the server's screen is not done from a phone.
    for (const path of ['/code', '/devices/any/out'])
      expect(
        (await over(ca, `${https}/api/door${path}`, { method: 'POST', headers: { cookie, [BOOK_HEADER]: book } }))
          .status,
      ).toBe(403);

    const list = await here<DoorList>('/devices');
    expect(list.devices).toMatchObject([{ name: 'Phone of the cook', out: null }]);
    // The code was for one device: another one is shown now.
    expect(list.code?.code).not.toBe(code);
    expect(await here<number>(`/devices/${list.devices[0]!.id}/out`, 'POST', '')).toBe(400);
    expect(await here<number>(`/devices/${list.devices[0]!.id}/out`, 'POST')).toBe(204);
    const again = await over(ca, `${https}/api/journal`, {
      method: 'POST',
      headers: { cookie, [BOOK_HEADER]: book },
      body: { entries: [tripStarted()] },
    });
    expect(again.status).toBe(401);
    expect(await here<number>('/devices/nobody/out', 'POST')).toBe(404);

    // Put out stays put out, and joined stays joined, when the server starts anew.
    const next = cookieOf(await joinBy((await here<JoinCode>('/code', 'POST')).code, 'Tablet'));
    await served.close();
    await begin();
    const who = async (c: string) => (await over(ca, `${https}/api/health`, { headers: { cookie: c } })).status;
    expect([await who(cookie), await who(next)]).toEqual([401, 200]);
    expect(((await (await fetch(`${served.url}/api/health`)).json()) as { entries: number }).entries).toBe(1);
    await over(ca, `${https}/api/door/leave`, { method: 'POST', headers: { cookie: next } });
    expect(await who(next)).toBe(401);
    expect((await here<DoorList>('/devices')).devices.map((d) => [d.name, d.out !== null])).toEqual([
      ['Tablet', true],
      ['Phone of the cook', true],
    ]);
  });

  test('the screen is this machine’s alone: not by a name that points here, nor through something in front', async () => {
    const state = async (headers: Record<string, string>): Promise<string> =>
      new Promise((resolve, reject) => {
        httpGet(`${served.url}/api/door`, { agent: false, headers }, (res) => {
          let said = '';
          res.on('data', (d: Buffer) => (said += d.toString()));
          res.on('end', () => resolve((JSON.parse(said) as DoorState).you));
        }).on('error', reject);
      });
    expect(await state(screen())).toBe('here');
    // By this machine's address alone nobody is its screen: something in front that says nothing of itself asks so too.
    expect(await state({})).toBe('unproven');
    expect(await state({ cookie: 'dagboek-screen=aaaaaaaaaa' })).toBe('unproven');
    for (const h of ['x-forwarded-for', 'x-forwarded-host', 'x-forwarded-proto', 'x-real-ip', 'via', 'forwarded'])
      expect([h, await state({ ...screen(), [h]: '192.168.1.9' })]).toEqual([h, 'open']);
    expect(await state({ ...screen(), host: '192.168.1.20:4310' })).toBe('open');
    expect(
      (await fetch(`${served.url}/api/door/code`, { method: 'POST', headers: { [BOOK_HEADER]: book } })).status,
    ).toBe(403);
    // The key of the terminal makes it so.
    const show = (key?: string) =>
      fetch(`${served.url}/api/door/here`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ key }),
      });
    expect([(await show('aaaaaaaaaa')).status, (await show()).status]).toEqual([400, 400]);
    const proven = await show(served.screen.split('=')[1]!.toUpperCase());
    expect(String(proven.headers.get('set-cookie'))).toMatch(/^dagboek-screen=\w{10};.*HttpOnly.*SameSite=Strict/);
  });

  test('the page that teaches it trust gives the authority and where the book is; no sign to compare, and it hears no code', async () => {
    const trust = `http://127.0.0.1:${portOf(served.home?.trustUrls[0])}`;
    const page = await plain(`${trust}/`);
    // Whoever stands between could pass the true sign on and swap the certificate.
    expect(page.body).not.toContain(served.home!.fingerprint!.slice(0, 11));
    expect(page.body).toContain('SHA-256');
    for (const url of served.home!.urls) expect(page.body).toContain(url);
    expect((await plain(`${trust}/trust.js`)).body).not.toMatch(/hash|code/);
    expect(page.headers).toMatchObject({ 'referrer-policy': 'no-referrer', 'x-frame-options': 'DENY' });
    const crt = await plain(`${trust}/dagboek.crt`);
    expect(crt.headers['content-type']).toBe('application/x-x509-ca-cert');
    expect(fingerprint(ca)).toBe(served.home!.fingerprint);
    expect((await plain(`${trust}/api/journal?after=0`)).status).toBe(404);
    expect((await plain(trust, { host: 'rebound.example' })).status).toBe(403);
  });

  test('it is reached at the chosen address alone, by ciphers of today', async () => {
    const port = Number(portOf(served.home?.urls[0]));
    const other = await new Promise<string>((resolve) => {
      connectPlain({ host: '127.0.0.2', port }, () => resolve('open')).on('error', (e: NodeJS.ErrnoException) =>
        resolve(e.code ?? ''),
      );
    });
    expect(other).toBe('ECONNREFUSED');
    const by = (ciphers: string) =>
      new Promise<string>((resolve) => {
        const s = connect({ host: '127.0.0.1', port, ca, ciphers, maxVersion: 'TLSv1.2' }, () => {
          resolve(s.getCipher().name);
          s.destroy();
        });
        s.on('error', () => resolve('refused'));
      });
    expect(await by('ECDHE-ECDSA-AES128-GCM-SHA256')).toBe('ECDHE-ECDSA-AES128-GCM-SHA256');
    for (const old of ['ECDHE-ECDSA-AES128-SHA', 'ECDHE-ECDSA-AES256-SHA', 'ECDHE-ECDSA-AES128-SHA256'])
      expect(await by(old)).toBe('refused');
  });

  test('a machine that moves is served at its new address, with what phones of that network trust', async () => {
    let at = ['127.0.0.1', '127.0.0.9'];
    const home = new AtHome(served.app as NestExpressApplication, config().lan!, aFolder(), () => at);
    await home.look();
    const door = served.app.get(DoorService);
    const first = door.home!;
    expect(first.others).toEqual(['127.0.0.9']);
    const port = portOf(first.urls[0]);
    for (const next of [[], ['127.0.0.9'], ['127.0.0.1']]) {
      at = next;
      await home.look();
      expect(door.home!.urls[0]).toBe(next[0] ? `https://${next[0]}:${port}` : undefined);
    }
    // Back in the first network: phones there need not learn anew.
    expect(door.home!.fingerprint).toBe(first.fingerprint);
    home.close();
  });

  test('a certificate that was given is served, without a page of trust; half of one is refused in a sentence', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'dagboek-given-'));
    const authority = await makeAuthority('own', ['boat.local', '127.0.0.1'], nowMs);
    const own = await makeCertificate(authority, ['boat.local', '127.0.0.1'], nowMs);
    const [cert, key] = [join(folder, 'a.crt'), join(folder, 'a.key')];
    writeFileSync(cert, own.cert);
    writeFileSync(key, own.key);
    const given = { DAGBOEK_CERT: cert, DAGBOEK_CERT_KEY: key };
    const { lan } = config(given);
    const close = await listenAtHome(served.app as NestExpressApplication, lan!, data);
    const { home } = (await here<DoorState>('')) as DoorState;
    expect(home).toMatchObject({ trustUrls: [], fingerprint: null });
    expect(home!.urls[0]).toMatch(/^https:\/\/boat\.local:\d+$/);
    expect((await over(authority.cert, `https://127.0.0.1:${portOf(home!.urls[0])}/api/door/knock`)).status).toBe(204);
    close();
    expect(() => config({ DAGBOEK_CERT: cert })).toThrow(/both files/);
    expect(() => config({ DAGBOEK_LAN_ADDRESS: '203.0.113.5' })).toThrow(/network of a house/);
    expect(() => config({ DAGBOEK_LAN_PORT: '65535' })).toThrow(/room/);
    await expect(
      listenAtHome(served.app as NestExpressApplication, config({ ...given, DAGBOEK_CERT_KEY: '/none' }).lan!, data),
    ).rejects.toThrow('DAGBOEK_CERT_KEY is "/none", and nothing can be read there.');
    // The key of another; and at the start it is said, not thrown at whoever started it.
    writeFileSync(key, (await makeCertificate(authority, ['boat.local'], nowMs)).key);
    const odd = await listenAtHome(served.app as NestExpressApplication, lan!, data).catch((e: unknown) => e);
    expect(startTrouble(odd, config())).toMatch(/no certificate with its own key/);
    expect(config({ DAGBOEK_LAN: '' }).lan).toBeNull();
    expect(config({ DAGBOEK_PORT: '4310' }).lan).toMatchObject({ port: 4311, trustPort: 4312 });
  });

  test('the terminal says how a phone comes, and shows a code on Return', async () => {
    const sign = Array.from({ length: 32 }, (_, i) => String(i + 10)).join(' ');
    const home = {
      urls: ['https://192.168.1.20:4311'],
      trustUrls: ['http://192.168.1.20:4312'],
      fingerprint: sign,
      trustedUntil: null,
      others: ['172.17.0.1'],
    };
    const text = sayHome(home, 'http://127.0.0.1:4310/phones#here=abc');
    for (const part of [
      'http://192.168.1.20:4312 (scan this)',
      '10 11 12 13 14 15 16 17\n',
      '/phones#here=abc',
      '█',
      '172.17.0.1',
    ])
      expect(text).toContain(part);
    expect(sayHome({ ...home, urls: [], trustUrls: [] }, '')).toContain('no network');
    const said: string[] = [];
    const input = Object.assign(new PassThrough(), { isTTY: true as const });
    const door = { showCode: () => ({ code: '482915', forMs: 600_000, wrong: 0 }) };
    tellHome({ home: null, screen: '' }, door, input, (t) => said.push(t));
    expect(said).toEqual([]);
    tellHome({ home, screen: '' }, door, input, (t) => said.push(t));
    input.write('\n');
    await new Promise((r) => setImmediate(r));
    expect(said.at(-1)).toContain('The code is 482 915, for ten minutes and one device.');
    input.end();
  });
});
