import 'reflect-metadata';
import { webcrypto, X509Certificate } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:https';
import { type AddressInfo, isIP, type Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from 'node:tls';
import { describe, expect, test } from '@jest/globals';
import { ExtendedKeyUsage } from '@peculiar/x509';
import {
  type Certificate,
  endsOn,
  fingerprint,
  makeAuthority,
  makeCertificate,
  namesOf,
  trustAt,
} from './certificates.ts';

const DAY_MS = 86_400_000;
const nowMs = Date.now();

/** A server that shows a certificate, asked once by who trusts `authority`; the fault of the certificate, or null. */
async function believed(
  authority: string,
  shows: Certificate,
  name: string,
  more: object = {},
): Promise<string | null> {
  const server = createServer({ ...shows, ...more }, (_, res) => res.end());
  const sockets: Socket[] = [];
  server.on('connection', (s: Socket) => sockets.push(s));
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  const fault = await new Promise<string | null>((resolve) => {
    const socket = connect(
      {
        port,
        host: '127.0.0.1',
        ca: authority,
        ...(isIP(name) ? {} : { servername: name }),
        checkServerIdentity: () => undefined,
      },
      () => resolve(null),
    );
    socket.on('error', (e) => resolve(e.message));
    socket.on('close', () => resolve('closed'));
    sockets.push(socket);
  });
  for (const s of sockets) s.destroy();
  server.close();
  return fault;
}

describe('certificates', () => {
  const names = ['192.168.1.20', 'tern.local', '127.0.0.1', 'localhost'];
  test('an authority vouches for the names and addresses of one machine', async () => {
    const authority = await makeAuthority('tern', names, nowMs);
    const own = await makeCertificate(authority, names, nowMs);
    const c = new X509Certificate(own.cert);
    expect(namesOf(own.cert)).toEqual(names);
    expect([c.checkIP('192.168.1.20'), c.checkIP('192.168.1.21')]).toEqual(['192.168.1.20', undefined]);
    expect([c.ca, new X509Certificate(authority.cert).ca]).toEqual([false, true]);
    expect(fingerprint(authority.cert)).toMatch(/^([0-9A-F]{2} ){31}[0-9A-F]{2}$/);
    expect(await believed(authority.cert, own, 'tern.local')).toBeNull();
  });

  test.each([
    ['another machine of the house', ['192.168.1.21']],
    ['the router', ['192.168.1.1', 'router.local']],
    ['another name', ['nas.local']],
    ['a bank', ['bank.example']],
    ['an address of the world', ['8.8.8.8']],
    ['an address of version 6', ['2001:db8::1']],
    ['itself, and another beside', ['192.168.1.20', 'bank.example']],
    ['mail of somebody', ['boss@bank.example']],
  ])('for %s it does not, whoever got its key', async (_, of) => {
    const authority = await makeAuthority('tern', names, nowMs);
    const forged = await makeCertificate(authority, of, nowMs);
    expect(await believed(authority.cert, forged, 'tern.local')).toMatch(/permitted subtree violation/);
  });

  test('nor for a program, or for mail: its certificates are for servers alone', async () => {
    const authority = await makeAuthority('tern', names, nowMs);
    expect(new X509Certificate(authority.cert).keyUsage).toEqual(['1.3.6.1.5.5.7.3.1']);
    const mail = await makeCertificate(authority, names, nowMs, [ExtendedKeyUsage.emailProtection]);
    expect(await believed(authority.cert, mail, 'tern.local')).toMatch(/purpose/);
  });

  test('its key cannot be read, and is nowhere on the disk', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'dagboek-door-'));
    for (const f of ['authority.key', 'authority.crt', 'server.key', 'server.crt'])
      writeFileSync(join(folder, f), 'old');
    const { signs } = await makeAuthority('tern', names, nowMs);
    await expect(webcrypto.subtle.exportKey('pkcs8', signs)).rejects.toThrow();
    const { own } = await trustAt(folder, 'tern', '192.168.1.20', names, nowMs);
    expect(readdirSync(folder).sort()).toEqual(['192.168.1.20.authority.crt', '192.168.1.20.crt', '192.168.1.20.key']);
    expect(readFileSync(join(folder, '192.168.1.20.key'), 'utf8')).toBe(own.key);
    expect(statSync(join(folder, '192.168.1.20.key')).mode & 0o777).toBe(0o600);
  });

  test('each address keeps its own while it serves; made anew when it ends, is damaged or is for other names', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'dagboek-door-'));
    const at = (address: string, ms = nowMs, more: string[] = []) =>
      trustAt(folder, 'tern', address, [address, 'localhost', ...more], ms);
    const house = await at('192.168.1.20');
    const boat = await at('10.0.0.7');
    expect([await at('192.168.1.20'), await at('10.0.0.7')]).toEqual([house, boat]);
    expect(namesOf(boat.own.cert)).toEqual(['10.0.0.7', 'localhost']);
    expect((await at('10.0.0.7', nowMs + 780 * DAY_MS)).authority).toBe(boat.authority);
    expect((await at('10.0.0.7', nowMs + 791 * DAY_MS)).authority).not.toBe(boat.authority);
    expect(Date.parse(endsOn(house.own.cert)) - nowMs).toBeLessThan(825 * DAY_MS);
    const named = await at('192.168.1.20', nowMs, ['tern.local']);
    expect(named.authority).not.toBe(house.authority);
    writeFileSync(join(folder, '192.168.1.20.key'), 'no key');
    expect((await at('192.168.1.20')).authority).not.toBe(named.authority);
    writeFileSync(join(folder, '192.168.1.20.authority.crt'), '');
    expect((await at('192.168.1.20')).authority).toContain('CERTIFICATE');
  });
});
