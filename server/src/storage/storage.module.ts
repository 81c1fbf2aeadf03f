import { type DynamicModule, Global, Module } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { BookFile } from './book-file.ts';

/** The book's file. */
@Global()
@Module({})
export class StorageModule {
  static in(folder: string): DynamicModule {
    return {
      module: StorageModule,
      providers: [
        { provide: BookFile, useFactory: () => BookFile.open(folder) },
        { provide: DataSource, inject: [BookFile], useFactory: (file: BookFile) => file.source },
      ],
      exports: [DataSource, BookFile],
    };
  }
}
