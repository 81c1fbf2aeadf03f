import { chmodSync, existsSync, mkdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { ProblemException } from '../common/problem.filter.ts';
import { checkpoint, closeDataSource, openDataSource } from './data-source.ts';
import { lockFolder } from './lock-folder.ts';
import { BOOK_FILE, lookAtFolder } from './look-at-folder.ts';
import { sweep } from './sweep.ts';

/** How often the book is brought into its one file while the server runs, ms. */
const CHECKPOINT_MS = 60_000;

/** Which file it is that a path leads to; null when there is none. */
function fileAt(path: string): string | null {
  const s = statSync(path, { throwIfNoEntry: false });
  return s ? `${s.dev}:${s.ino}` : null;
}

/**
 * The one file of the book while a server has it: locked for this process, made whole now and then and at every orderly
 * end, and looked at before anything written to it is called safe.
 */
@Injectable()
export class BookFile implements OnApplicationShutdown {
  private readonly timer: NodeJS.Timeout;
  private readonly opened: string | null;

  private constructor(
    readonly source: DataSource,
    private readonly path: string,
    private readonly unlock: () => void,
  ) {
    this.opened = fileAt(path);
    this.timer = setInterval(() => void checkpoint(source, 'PASSIVE').catch(() => undefined), CHECKPOINT_MS).unref();
  }

  /** Locks a folder and opens its book. Throws BookTrouble. */
  static async open(folder: string): Promise<BookFile> {
    lookAtFolder(folder);
    // For its owner alone: what this process writes, the folder, and a book that was copied here with other rights.
    process.umask(0o077);
    mkdirSync(folder, { recursive: true });
    const unlock = lockFolder(folder);
    try {
      sweep(folder);
      for (const f of [BOOK_FILE, `${BOOK_FILE}-wal`])
        if (existsSync(join(folder, f))) chmodSync(join(folder, f), 0o600);
      return new BookFile(await openDataSource(folder), join(folder, BOOK_FILE), unlock);
    } catch (e) {
      unlock();
      throw e;
    }
  }

  /** Throws a problem when the file that was opened is no longer where it was: what is written to it would be gone with the process. */
  mustBeThere(): void {
    if (this.opened === null || fileAt(this.path) === this.opened) return;
    throw new ProblemException(
      503,
      'The file of the book was taken away while the server runs. Nothing was written. Stop the server, put the file back, and start it again.',
    );
  }

  async onApplicationShutdown(): Promise<void> {
    clearInterval(this.timer);
    await closeDataSource(this.source);
    this.unlock();
  }
}
