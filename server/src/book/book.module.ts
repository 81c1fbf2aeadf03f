import { Global, Module } from '@nestjs/common';
import { BookService } from './book.service.ts';

@Global()
@Module({ providers: [BookService], exports: [BookService] })
export class BookModule {}
