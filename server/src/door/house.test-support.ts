import { readFileSync } from 'node:fs';
import { request as httpsRequest } from 'node:https';
import { join } from 'node:path';
import { BOOK_HEADER, type JoinCode } from '@dagboek/journal/log';
import { Config } from '../common/config.ts';
import { serve, type Served } from '../serve.ts';
import { aFolder, NOW } from '../test-server.test-support.ts';

export interface Answer {
  readonly status: number;
  readonly headers: Record<string, string | string[] | undefined>;
  readonly body: string;
}
interface Ask {
  readonly method?: string;
  readonly headers?: Record<string, string>;
  readonly body?: object;
}

/** Asks over TLS as a phone does that trusts `ca` alone. Rejects where the certificate is not believed. */
export const over = (ca: string, url: string, { method = 'GET', headers = {}, body }: Ask = {}): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const text = body ? JSON.stringify(body) : undefined;
    const req = httpsRequest(
      url,
      { method, ca, agent: false, headers: { ...headers, ...(text ? { 'content-type': 'application/json' } : {}) } },
      (res) => {
        let said = '';
        res.on('data', (d: Buffer) => (said += d.toString()));
        res.on('end', () => resolve({ status: res.statusCode ?? 0, headers: res.headers, body: said }));
      },
    );
    req.on('error', reject);
    if (text) req.setHeader('content-length', Buffer.byteLength(text));
    req.end(text);
  });

/** A server in the network of a house that is this machine alone, its phones, and its own screen. */
export class House {
  private constructor(
    readonly served: Served,
    readonly ca: string,
    readonly url: string,
    readonly book: string,
  ) {}

  static async open(data = aFolder(), env: Record<string, string> = {}): Promise<House> {
    const served = await serve(
      Config.from({
        DAGBOEK_DATA: data,
        DAGBOEK_PORT: '0',
        DAGBOEK_NOW: NOW,
        DAGBOEK_LOG: 'silent',
        DAGBOEK_LAN: '1',
        DAGBOEK_LAN_ADDRESS: '127.0.0.1',
        ...env,
      }),
    );
    const ca = readFileSync(join(data, 'door', '127.0.0.1.authority.crt'), 'utf8');
    const { book } = (await (await fetch(`${served.url}/api/health`)).json()) as { book: string };
    return new House(served, ca, `https://127.0.0.1:${new URL(served.home!.urls[0]!).port}`, book);
  }

  /** At the server's own screen; the number of the answer where it is not 200. */
  async here<T>(path: string, method = 'GET'): Promise<T> {
    const cookie = `dagboek-screen=${this.served.screen.split('=')[1]}`;
    const res = await fetch(`${this.served.url}${path}`, { method, headers: { cookie, [BOOK_HEADER]: this.book } });
    return (res.status === 200 ? await res.json() : res.status) as T;
  }

  /** From a phone; `cookie`: what it shows. */
  ask(path: string, { cookie, ...more }: Ask & { readonly cookie?: string } = {}): Promise<Answer> {
    const headers = { [BOOK_HEADER]: this.book, ...(cookie ? { cookie } : {}), ...more.headers };
    return over(this.ca, this.url + path, { ...more, headers });
  }

  tryCode(code: string, name = 'Phone'): Promise<Answer> {
    return this.ask('/api/door/join', { method: 'POST', body: { code, name } });
  }

  /** Lets a phone in. Answers with what it shows from now on. */
  async join(name = 'Phone'): Promise<string> {
    const { code } = await this.here<JoinCode>('/api/door/code', 'POST');
    return String((await this.tryCode(code, name)).headers['set-cookie']).split(';')[0] ?? '';
  }

  close(): Promise<void> {
    return this.served.close();
  }
}
