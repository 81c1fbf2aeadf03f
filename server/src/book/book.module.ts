import { Global, Module } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { BookService } from './book.service.ts';

@Global()
@Module({
  providers: [
    { provide: BookService, inject: [DataSource], useFactory: (source: DataSource) => BookService.open(source) },
  ],
  exports: [BookService],
})
export class BookModule {}
