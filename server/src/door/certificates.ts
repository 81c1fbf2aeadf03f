import 'reflect-metadata';
import { createPrivateKey, webcrypto, X509Certificate as NodeCertificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import { PRIVATE_NETS } from './home-addresses.ts';

const DAY_MS = 86_400_000;
const AUTHORITY_DAYS = 3650;
/** No longer than phones believe one. */
const CERTIFICATE_DAYS = 397;
/** Made anew when it ends so soon. */
const RENEW_DAYS = 30;
const CURVE = { name: 'ECDSA', namedCurve: 'P-256' };
const SIGNING = { name: 'ECDSA', hash: 'SHA-256' };

/** A certificate with its key, PEM. */
export interface Certificate {
  readonly cert: string;
  readonly key: string;
}

const days = (nowMs: number, n: number): Date => new Date(nowMs + n * DAY_MS);
/** A common name holds no more. */
const MOST_NAME = 64;
const serial = (): string => Buffer.from(webcrypto.getRandomValues(new Uint8Array(16))).toString('hex');
const keyPem = async (key: webcrypto.CryptoKey): Promise<string> =>
  x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');

/** It may vouch for names and addresses inside a house alone: whoever steals its key cannot pass for a bank. */
const homeOnly = (): x509.Extension => {
  const permitted = [
    ...PRIVATE_NETS.map((net) => new GeneralName({ iPAddress: net })),
    ...['local', 'localhost'].map((name) => new GeneralName({ dNSName: name })),
  ].map((base) => new GeneralSubtree({ base }));
  const constraints = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(permitted) });
  return new x509.Extension('2.5.29.30', true, AsnConvert.serialize(constraints));
};

/** An authority of this machine's own, which phones are told to trust once. `of`: the machine's name. */
export async function makeAuthority(of: string, nowMs: number): Promise<Certificate> {
  const keys = await webcrypto.subtle.generateKey(CURVE, true, ['sign', 'verify']);
  const cert = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: [{ CN: [`Dagboek on ${of}`.slice(0, MOST_NAME)] }],
    notBefore: days(nowMs, -1),
    notAfter: days(nowMs, AUTHORITY_DAYS),
    signingAlgorithm: SIGNING,
    keys: keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      homeOnly(),
    ],
  });
  return { cert: cert.toString('pem'), key: await keyPem(keys.privateKey) };
}

/** A certificate for names and addresses of this machine, signed by its authority. */
export async function makeCertificate(
  authority: Certificate,
  names: readonly string[],
  nowMs: number,
): Promise<Certificate> {
  const issuer = new x509.X509Certificate(authority.cert);
  const der = x509.PemConverter.decodeFirst(authority.key);
  const signingKey = await webcrypto.subtle.importKey('pkcs8', der, CURVE, false, ['sign']);
  const keys = await webcrypto.subtle.generateKey(CURVE, true, ['sign', 'verify']);
  const cert = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: [{ CN: [names[0] ?? 'localhost'] }],
    issuer: issuer.subject,
    notBefore: days(nowMs, -1),
    notAfter: days(nowMs, CERTIFICATE_DAYS),
    signingAlgorithm: SIGNING,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((value) => ({ type: isIP(value) ? ('ip' as const) : ('dns' as const), value })),
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
export function stillServes(cert: string, authority: string, names: readonly string[], nowMs: number): boolean {
  const c = new NodeCertificate(cert);
  const has = new Set(namesOf(cert));
  return (
    Date.parse(c.validTo) > nowMs + RENEW_DAYS * DAY_MS &&
    names.every((n) => has.has(n)) &&
    c.verify(new NodeCertificate(authority).publicKey)
  );
}

/** What a person compares on two screens: the digest of a certificate (SHA-256), in four groups of its first bytes. */
export const fingerprint = (cert: string): string =>
  new NodeCertificate(cert).fingerprint256
    .replaceAll(':', '')
    .slice(0, 16)
    .replace(/(.{4})(?=.)/g, '$1 ');

const read = (folder: string, name: string): Certificate | null => {
  const [cert, key] = [join(folder, `${name}.crt`), join(folder, `${name}.key`)];
  return existsSync(cert) && existsSync(key)
    ? { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') }
    : null;
};

/** Whole or not at all, and for its owner alone; the key first, so that a certificate never stands without its own. */
function keep(folder: string, name: string, c: Certificate): Certificate {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  for (const [ending, pem] of [
    ['key', c.key],
    ['crt', c.cert],
  ] as const) {
    const file = join(folder, `${name}.${ending}`);
    writeFileSync(`${file}.new`, pem, { mode: 0o600 });
    renameSync(`${file}.new`, file);
  }
  return c;
}

/**
 * The authority and the certificate of a folder, made where they are missing, ended, damaged, or not for these names. The
 * authority stays as long as it can: every phone would have to be told of a new one.
 */
export async function certificatesIn(
  folder: string,
  of: string,
  names: readonly string[],
  nowMs: number,
): Promise<{ readonly authority: string; readonly own: Certificate }> {
  const known = read(folder, 'authority');
  const lasts =
    known !== null &&
    belongTogether(known) &&
    Date.parse(new NodeCertificate(known.cert).validTo) > nowMs + CERTIFICATE_DAYS * DAY_MS;
  const authority = known && lasts ? known : keep(folder, 'authority', await makeAuthority(of, nowMs));
  const own = read(folder, 'server');
  if (own && belongTogether(own) && stillServes(own.cert, authority.cert, names, nowMs))
    return { authority: authority.cert, own };
  return { authority: authority.cert, own: keep(folder, 'server', await makeCertificate(authority, names, nowMs)) };
}
