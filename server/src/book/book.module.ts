import { Global, Module } from '@nestjs/common';
import { Config } from '../common/config.ts';
import { BookFile } from '../storage/book-file.ts';
import { IdentityRow } from '../storage/rows.ts';
import { BookService } from './book.service.ts';
import { mustReachAsFar, noteLastKnown } from './last-known.ts';

@Global()
@Module({
  providers: [
    {
      provide: BookService,
      inject: [BookFile, Config],
      useFactory: async ({ source }: BookFile, config: Config): Promise<BookService> => {
        const service = await BookService.open(source);
        const [identity] = await source.manager.find(IdentityRow);
        if (!config.acceptLoss) mustReachAsFar(config.data, identity?.id ?? '', service.chain);
        noteLastKnown(config.data, identity?.id ?? '', service.chain);
        return service;
      },
    },
  ],
  exports: [BookService],
})
export class BookModule {}
