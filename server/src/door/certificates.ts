import 'reflect-metadata';
import { createPrivateKey, webcrypto, X509Certificate as NodeCertificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';

const DAY_MS = 86_400_000;
/** No longer than phones believe one that a person told them to trust (825 days, from the day before). */
const DAYS = 820;
/** Made anew when it ends so soon. */
const RENEW_DAYS = 30;
const CURVE = { name: 'ECDSA', namedCurve: 'P-256' };
const SIGNING = { name: 'ECDSA', hash: 'SHA-256' };
/** A common name holds no more. */
const MOST_NAME = 64;
/** Ends no name that anybody has: where only this is permitted, nothing is. */
const NOWHERE = 'none.invalid';

/** A certificate with its key, PEM. */
export interface Certificate {
  readonly cert: string;
  readonly key: string;
}

/** An authority that can still sign. Its key cannot be read, nor written down: it ends with this object. */
export interface Authority {
  readonly cert: string;
  readonly signs: webcrypto.CryptoKey;
}

/** What phones are told to trust, and what this machine shows them. */
export interface Trust {
  readonly authority: string;
  readonly own: Certificate;
}

const days = (nowMs: number, n: number): Date => new Date(nowMs + n * DAY_MS);
const serial = (): string => Buffer.from(webcrypto.getRandomValues(new Uint8Array(16))).toString('hex');
const keyPem = async (key: webcrypto.CryptoKey): Promise<string> =>
  x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');

/** It vouches for these names and addresses of this machine alone; for no mail and no other kind of address. */
const onlyFor = (names: readonly string[]): x509.Extension => {
  const permitted = [
    ...names.map((n) => new GeneralName(isIP(n) ? { iPAddress: `${n}/32` } : { dNSName: n })),
    new GeneralName({ rfc822Name: NOWHERE }),
    new GeneralName({ uniformResourceIdentifier: NOWHERE }),
  ].map((base) => new GeneralSubtree({ base }));
  const constraints = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(permitted) });
  return new x509.Extension('2.5.29.30', true, AsnConvert.serialize(constraints));
};

/** An authority that phones are told to trust once. `of`: the machine's name; `names`: all that it may ever vouch for (IPv4, DNS). */
export async function makeAuthority(of: string, names: readonly string[], nowMs: number): Promise<Authority> {
  const keys = await webcrypto.subtle.generateKey(CURVE, false, ['sign', 'verify']);
  const cert = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: [{ CN: [`Dagboek on ${of}`.slice(0, MOST_NAME)] }],
    notBefore: days(nowMs, -1),
    notAfter: days(nowMs, DAYS),
    signingAlgorithm: SIGNING,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      onlyFor(names),
    ],
  });
  return { cert: cert.toString('pem'), signs: keys.privateKey };
}

/** A certificate for names and addresses, signed by an authority. `more`: other extensions. */
export async function makeCertificate(
  authority: Authority,
  names: readonly string[],
  nowMs: number,
  usage: readonly x509.ExtendedKeyUsage[] = [x509.ExtendedKeyUsage.serverAuth],
): Promise<Certificate> {
  const issuer = new x509.X509Certificate(authority.cert);
  const keys = await webcrypto.subtle.generateKey(CURVE, true, ['sign', 'verify']);
  const cert = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: [{ CN: [names[0] ?? 'localhost'] }],
    issuer: issuer.subject,
    notBefore: days(nowMs, -1),
    notAfter: days(nowMs, DAYS),
    signingAlgorithm: SIGNING,
    publicKey: keys.publicKey,
    signingKey: authority.signs,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([...usage]),
      new x509.SubjectAlternativeNameExtension(
        names.map((value) => ({
          type: isIP(value) ? ('ip' as const) : value.includes('@') ? ('email' as const) : ('dns' as const),
          value,
        })),
      ),
      await x509.AuthorityKeyIdentifierExtension.create(issuer.publicKey),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { cert: cert.toString('pem'), key: await keyPem(keys.privateKey) };
}

/** Names and addresses that a certificate vouches for. */
export const namesOf = (cert: string): string[] =>
  (new NodeCertificate(cert).subjectAltName ?? '')
    .split(', ')
    .map((n) => n.replace(/^(DNS|IP Address):/, ''))
    .filter((n) => n !== '');

/** Whether both can be read, and the key is the certificate's own. */
export function belongTogether({ cert, key }: Certificate): boolean {
  try {
    return new NodeCertificate(cert).checkPrivateKey(createPrivateKey(key));
  } catch {
    return false;
  }
}

/** Whether a certificate still serves: long enough, for all of these names, and signed by this authority. */
export function stillServes({ authority, own }: Trust, names: readonly string[], nowMs: number): boolean {
  if (!belongTogether(own)) return false;
  const c = new NodeCertificate(own.cert);
  const has = new Set(namesOf(own.cert));
  return (
    Date.parse(c.validTo) > nowMs + RENEW_DAYS * DAY_MS &&
    names.every((n) => has.has(n)) &&
    c.verify(new NodeCertificate(authority).publicKey)
  );
}

/** When phones stop to believe it, ISO. */
export const endsOn = (cert: string): string => new Date(new NodeCertificate(cert).validTo).toISOString();

/** What a person compares: the digest of a certificate (SHA-256) as phones show it, 32 pairs of digits. */
export const fingerprint = (cert: string): string => new NodeCertificate(cert).fingerprint256.replaceAll(':', ' ');

const files = (folder: string, address: string): [string, string, string] => [
  join(folder, `${address}.authority.crt`),
  join(folder, `${address}.crt`),
  join(folder, `${address}.key`),
];

function read(folder: string, address: string): Trust | null {
  const [authority, cert, key] = files(folder, address);
  if (![authority, cert, key].every((f) => existsSync(f))) return null;
  const text = (f: string): string => readFileSync(f, 'utf8');
  return { authority: text(authority), own: { cert: text(cert), key: text(key) } };
}

const whole = (trust: Trust, names: readonly string[], nowMs: number): boolean => {
  try {
    return stillServes(trust, names, nowMs);
  } catch {
    // Damaged.
    return false;
  }
};

/** Whole or not at all, and for its owner alone. */
function keep(folder: string, address: string, t: Trust): Trust {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const pems = [t.authority, t.own.cert, t.own.key];
  files(folder, address).forEach((file, i) => {
    writeFileSync(`${file}.new`, pems[i] ?? '', { mode: 0o600 });
    renameSync(`${file}.new`, file);
  });
  return t;
}

/** What the first version kept: an authority for every house, with its key. Whoever took that key could pass for other machines. */
const OF_OLD = ['authority.key', 'authority.crt', 'server.key', 'server.crt'];

/**
 * Authority and certificate for one address of this machine, made where they are missing, damaged, about to end, or not for
 * these names. Each address has its own, so that a laptop that goes between house and boat is trusted in both. The key of the
 * authority is gone once it has signed: another address, or the end of its days, is another authority, and phones learn anew.
 */
export async function trustAt(
  folder: string,
  of: string,
  address: string,
  names: readonly string[],
  nowMs: number,
): Promise<Trust> {
  for (const f of OF_OLD) rmSync(join(folder, f), { force: true });
  const known = read(folder, address);
  if (known && whole(known, names, nowMs)) return known;
  const authority = await makeAuthority(of, names, nowMs);
  return keep(folder, address, { authority: authority.cert, own: await makeCertificate(authority, names, nowMs) });
}
