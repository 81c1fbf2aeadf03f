import { sayAll } from '@dagboek/core/units';
import { Global, Logger, Module } from '@nestjs/common';
import { Config } from '../common/config.ts';
import { BookFile } from '../storage/book-file.ts';
import { IdentityRow } from '../storage/rows.ts';
import { BookService } from './book.service.ts';
import { LastKnownNote, mustReachAsFar } from '../storage/last-known.ts';
import { sayLine } from '../storage/read-log.ts';

@Global()
@Module({
  providers: [
    {
      provide: BookService,
      inject: [BookFile, Config],
      useFactory: async ({ source }: BookFile, config: Config): Promise<BookService> => {
        const [identity] = await source.manager.find(IdentityRow);
        const id = identity?.id ?? '';
        const service = await BookService.open(source, new LastKnownNote(config.data, id));
        if (!config.acceptLoss) mustReachAsFar(config.data, id, service.chain);
        if (service.damaged.length > 0)
          new Logger('Book').warn(
            `${service.damaged.length} lines of the file are damaged and set apart: ${sayAll(service.damaged.slice(0, 5).map(sayLine))}. The rest is as it was. \`npm run check-book\` names them all; a copy has them still: \`npm run restore\`.`,
          );
        service.noteReached();
        return service;
      },
    },
  ],
  exports: [BookService],
})
export class BookModule {}
