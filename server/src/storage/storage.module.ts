import { type DynamicModule, Global, Module } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { openDataSource } from './data-source.ts';

/** The book's file. */
@Global()
@Module({})
export class StorageModule {
  static in(folder: string): DynamicModule {
    return {
      module: StorageModule,
      providers: [{ provide: DataSource, useFactory: () => openDataSource(folder) }],
      exports: [DataSource],
    };
  }
}
