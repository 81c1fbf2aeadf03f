import { Global, Logger, Module } from '@nestjs/common';
import { Config } from '../common/config.ts';
import { BookFile } from '../storage/book-file.ts';
import { IdentityRow } from '../storage/rows.ts';
import { BookService } from './book.service.ts';
import { mustReachAsFar, noteLastKnown } from '../storage/last-known.ts';
import { sayLine } from '../storage/read-log.ts';

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
        if (service.damaged.length > 0)
          new Logger('Book').warn(
            `${service.damaged.length} lines of the file are damaged and set apart: ${service.damaged.slice(0, 5).map(sayLine).join(', ')}. The rest is as it was. \`npm run check-book\` names them all; a copy has them still: \`npm run restore\`.`,
          );
        noteLastKnown(config.data, identity?.id ?? '', service.chain);
        return service;
      },
    },
  ],
  exports: [BookService],
})
export class BookModule {}
