import { type DynamicModule, Global, Injectable, Module, type OnApplicationShutdown } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { checkpoint, closeDataSource, openDataSource } from './data-source.ts';

/** How often the book is brought into its one file while the server runs, ms. */
const CHECKPOINT_MS = 60_000;

/** Keeps the one file whole: now and then while running, and at every orderly end. */
@Injectable()
class BookFile implements OnApplicationShutdown {
  private readonly timer: NodeJS.Timeout;

  constructor(private readonly source: DataSource) {
    this.timer = setInterval(() => void checkpoint(source, 'PASSIVE').catch(() => undefined), CHECKPOINT_MS).unref();
  }

  async onApplicationShutdown(): Promise<void> {
    clearInterval(this.timer);
    await closeDataSource(this.source);
  }
}

/** The book's file. */
@Global()
@Module({})
export class StorageModule {
  static in(folder: string): DynamicModule {
    return {
      module: StorageModule,
      providers: [
        { provide: DataSource, useFactory: () => openDataSource(folder) },
        { provide: BookFile, inject: [DataSource], useFactory: (source: DataSource) => new BookFile(source) },
      ],
      exports: [DataSource],
    };
  }
}
