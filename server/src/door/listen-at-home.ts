import { readFileSync } from 'node:fs';
import type { Server as HttpServer } from 'node:http';
import { createServer, type Server } from 'node:https';
import type { AddressInfo, Server as NetServer } from 'node:net';
import { hostname } from 'node:os';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { LanConfig } from '../common/config.ts';
import { belongTogether, type Certificate, certificatesIn, fingerprint, namesOf } from './certificates.ts';
import { doorFolder, DoorService } from './door.service.ts';
import { DoorTrouble } from './door-trouble.ts';
import { homeAddresses, homeName } from './home-addresses.ts';
import { trustServer } from './trust-page.ts';

/** A laptop that moves from the house to the boat has another address: looked at so often, ms. */
const LOOK_MS = 30_000;
const DAY_MS = 86_400_000;

const listening = (server: NetServer, port: number): Promise<number> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '0.0.0.0', () => resolve((server.address() as AddressInfo).port));
  });

/** A certificate that was given. Throws DoorTrouble. */
function givenCertificate(given: NonNullable<LanConfig['given']>): Certificate {
  const read = (name: string, file: string): string => {
    try {
      return readFileSync(file, 'utf8');
    } catch {
      throw new DoorTrouble(`${name} is "${file}", and nothing can be read there.`);
    }
  };
  const pair = { cert: read('DAGBOEK_CERT', given.cert), key: read('DAGBOEK_CERT_KEY', given.key) };
  if (!belongTogether(pair))
    throw new DoorTrouble(
      'DAGBOEK_CERT and DAGBOEK_CERT_KEY are no certificate with its own key. Both are PEM files; the key has no password.',
    );
  return pair;
}

/**
 * Opens the book to the network of the house or the boat, over TLS and behind the door. `addresses`: those of this machine
 * now. Answers with what ends it. Throws DoorTrouble, or what listening throws.
 */
export async function listenAtHome(
  app: NestExpressApplication,
  lan: LanConfig,
  data: string,
  addresses: () => string[] = () => (lan.address === null ? homeAddresses() : [lan.address]),
): Promise<() => void> {
  const door = app.get(DoorService);
  const given = lan.given ? givenCertificate(lan.given) : null;
  const named = homeName();
  const names = (): string[] => [...new Set([...(named ? [named] : []), ...addresses(), '127.0.0.1', 'localhost'])];
  const made = given ? null : await certificatesIn(doorFolder(data), hostname(), names(), Date.now());
  const book: Server = createServer(given ?? made!.own, app.getHttpAdapter().getInstance() as never);
  const port = await listening(book, lan.port);

  const at = (host: string): string => `https://${host}:${port}`;
  const urls = (): string[] => {
    if (given)
      return namesOf(given.cert)
        .filter((n) => !n.startsWith('*'))
        .map(at);
    const found = addresses();
    return found.length === 0 ? [] : [...found, ...(named ? [named] : [])].map(at);
  };

  let trust: HttpServer | null = null;
  let trustPort = 0;
  if (made) {
    trust = trustServer(made.authority, urls);
    trustPort = await listening(trust, lan.trustPort).catch((e: unknown) => {
      book.close();
      throw e;
    });
  }
  const tell = (): void => {
    door.home = {
      urls: urls(),
      trustUrls: made ? addresses().map((a) => `http://${a}:${trustPort}`) : [],
      fingerprint: made ? fingerprint(made.authority) : null,
    };
  };
  tell();

  // Looked at anew with the address, and by the day: a certificate ends also on a server that runs for a year.
  const state = (): string => `${addresses().join()} ${Math.floor(Date.now() / DAY_MS)}`;
  let known = state();
  const look = setInterval(() => {
    const now = state();
    if (now === known) return;
    known = now;
    tell();
    if (made)
      void certificatesIn(doorFolder(data), hostname(), names(), Date.now()).then(
        ({ own }) => book.setSecureContext(own),
        () => undefined,
      );
  }, LOOK_MS).unref();
  return () => {
    clearInterval(look);
    for (const s of [book, trust]) {
      s?.closeAllConnections();
      s?.close();
    }
  };
}

/** Names by which requests from the network may ask. */
export function namesAtHome(lan: LanConfig | null): string[] {
  if (!lan) return [];
  if (lan.given) return namesOf(givenCertificate(lan.given).cert).map((n) => n.toLowerCase());
  const named = homeName();
  return named ? [named] : [];
}
