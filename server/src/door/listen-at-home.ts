import { readFileSync } from 'node:fs';
import type { Server as HttpServer } from 'node:http';
import { createServer, type Server } from 'node:https';
import type { AddressInfo, Server as NetServer } from 'node:net';
import { hostname } from 'node:os';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { LanConfig } from '../common/config.ts';
import {
  belongTogether,
  type Certificate,
  endsOn,
  fingerprint,
  namesOf,
  stillServes,
  trustAt,
} from './certificates.ts';
import { doorFolder } from '../common/door-log.ts';
import { DoorService } from './door.service.ts';
import { DoorTrouble } from '../common/door-trouble.ts';
import { homeAddresses, homeName } from './home-addresses.ts';
import { limitConnections } from './limit-connections.ts';
import { trustServer } from './trust-page.ts';

/** A laptop that moves from the house to the boat has another address: looked at so often, ms. */
const LOOK_MS = 30_000;
const DAY_MS = 86_400_000;

/** What old programs need and phones of the last ten years do not is left out: no CBC, no SHA-1, nothing without forward secrecy. */
const TLS = {
  minVersion: 'TLSv1.2',
  honorCipherOrder: true,
  ciphers: [
    'TLS_AES_128_GCM_SHA256',
    'TLS_AES_256_GCM_SHA384',
    'TLS_CHACHA20_POLY1305_SHA256',
    'ECDHE-ECDSA-AES128-GCM-SHA256',
    'ECDHE-RSA-AES128-GCM-SHA256',
    'ECDHE-ECDSA-AES256-GCM-SHA384',
    'ECDHE-RSA-AES256-GCM-SHA384',
    'ECDHE-ECDSA-CHACHA20-POLY1305',
    'ECDHE-RSA-CHACHA20-POLY1305',
  ].join(':'),
  handshakeTimeout: 10_000,
} as const;

/** A header comes within 10 s; a picture over a slow line may take half an hour, once its device has joined. */
const TIMES = { headersTimeout: 10_000, requestTimeout: 30 * 60_000, connectionsCheckingInterval: 2000 } as const;

const listening = (server: NetServer, port: number, address: string): Promise<number> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, address, () => resolve((server.address() as AddressInfo).port));
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

/** The book and the page of trust, at one address. */
interface Standing {
  readonly address: string;
  readonly book: Server;
  readonly trust: HttpServer | null;
  /** Whether its certificate serves on. */
  readonly serves: (nowMs: number) => boolean;
}

/** Opens the book to the network of the house or the boat, at one address of this machine at a time. */
export class AtHome {
  private standing: Standing | null = null;
  /** Found at the first address, and the same at the next: phones know the book by its port too. */
  private port: number;
  private trustPort: number;
  private readonly named = homeName();
  private readonly given: Certificate | null;
  private moving: Promise<void> = Promise.resolve();

  constructor(
    private readonly app: NestExpressApplication,
    private readonly lan: LanConfig,
    private readonly data: string,
    private readonly addresses: () => string[],
  ) {
    [this.port, this.trustPort] = [lan.port, lan.trustPort];
    this.given = lan.given ? givenCertificate(lan.given) : null;
  }

  /** Goes where the machine is now, and says so. One move at a time. */
  look(): Promise<void> {
    const mine = this.moving.then(() => this.lookNow());
    this.moving = mine.catch(() => undefined);
    return mine;
  }

  close(): void {
    for (const s of [this.standing?.book, this.standing?.trust]) {
      s?.closeAllConnections();
      s?.close();
    }
    this.standing = null;
  }

  private async lookNow(): Promise<void> {
    const [address] = this.addresses();
    const here = this.standing;
    if (here && here.address === address && here.serves(Date.now())) return;
    this.close();
    const door = this.app.get(DoorService);
    door.home = { urls: [], trustUrls: [], fingerprint: null, trustedUntil: null, others: [] };
    if (address !== undefined) door.home = await this.stand(address);
  }

  private async stand(address: string): Promise<NonNullable<DoorService['home']>> {
    const names = [...new Set([address, ...(this.named ? [this.named] : []), '127.0.0.1', 'localhost'])];
    const made = this.given ? null : await trustAt(doorFolder(this.data), hostname(), address, names, Date.now());
    const own = this.given ?? (made as NonNullable<typeof made>).own;
    const handler = this.app.getHttpAdapter().getInstance() as never;
    const book = limitConnections(createServer({ ...own, ...TLS, ...TIMES }, handler));
    this.port = await listening(book, this.port, address);
    const called = [address, ...(this.named ? [this.named] : [])];
    const urls = (this.given ? namesOf(own.cert).filter((n) => !n.startsWith('*')) : called).map(
      (n) => `https://${n}:${this.port}`,
    );
    const trust = made ? limitConnections(trustServer(made.authority, urls, called)) : null;
    if (trust)
      this.trustPort = await listening(trust, this.trustPort, address).catch((e: unknown) => {
        book.close();
        throw e;
      });
    this.standing = { address, book, trust, serves: (ms) => made === null || stillServes(made, names, ms) };
    return {
      urls,
      trustUrls: made ? [`http://${address}:${this.trustPort}`] : [],
      fingerprint: made ? fingerprint(made.authority) : null,
      trustedUntil: made ? endsOn(made.own.cert) : null,
      others: this.addresses().filter((a) => a !== address),
    };
  }
}

/**
 * Opens the book to the network of the house or the boat, over TLS and behind the door, on the interface of one private address
 * alone. `addresses`: those of this machine now, the chosen one first. Answers with what ends it. Throws DoorTrouble, or what
 * listening throws.
 */
export async function listenAtHome(
  app: NestExpressApplication,
  lan: LanConfig,
  data: string,
  addresses: () => string[] = () => (lan.address === null ? homeAddresses() : [lan.address]),
): Promise<() => void> {
  const home = new AtHome(app, lan, data, addresses);
  await home.look();
  // A certificate ends also on a server that runs for a year.
  const state = (): string => `${addresses().join()} ${Math.floor(Date.now() / DAY_MS)}`;
  let known = state();
  const timer = setInterval(() => {
    const now = state();
    if (now === known) return;
    home.look().then(
      () => (known = now),
      () => undefined,
    );
  }, LOOK_MS).unref();
  return () => {
    clearInterval(timer);
    home.close();
  };
}

/** Names by which requests from the network may ask. */
export function namesAtHome(lan: LanConfig | null): string[] {
  if (!lan) return [];
  if (lan.given) return namesOf(givenCertificate(lan.given).cert).map((n) => n.toLowerCase());
  const named = homeName();
  return named ? [named] : [];
}
