import { randomBytes, timingSafeEqual } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Injectable } from '@nestjs/common';
import { Config } from '../common/config.ts';
import { doorFolder } from '../common/door-log.ts';

const KEY = /^[\w-]{32}$/;

/** The secret in the address of the calendar feed: a calendar can join nothing and show nothing, so whoever has the address may read it. */
@Injectable()
export class FeedKey {
  private readonly file: string;
  private known: string | null = null;

  constructor(config: Config) {
    this.file = join(doorFolder(config.data), 'feed-key');
  }

  /** Made when it is first asked for, kept beside the book, readable by its owner alone. */
  key(): string {
    const kept = this.known ?? (existsSync(this.file) ? readFileSync(this.file, 'utf8').trim() : '');
    if (KEY.test(kept)) return (this.known = kept);
    const made = randomBytes(24).toString('base64url');
    mkdirSync(join(this.file, '..'), { recursive: true, mode: 0o700 });
    writeFileSync(this.file, `${made}\n`, { mode: 0o600 });
    return (this.known = made);
  }

  /** Another one from now on: whoever has the old address reads nothing more by it. */
  renew(): void {
    this.known = null;
    rmSync(this.file, { force: true });
  }

  /** Whether a text is the key; takes as long whatever is wrong with it. */
  fits(shown: string): boolean {
    const [a, b] = [Buffer.from(shown.padEnd(32).slice(0, 32)), Buffer.from(this.key())];
    return shown.length === 32 && a.length === b.length && timingSafeEqual(a, b);
  }
}
