import { Module, type OnModuleInit } from '@nestjs/common';
import { BookService } from '../book/book.service.ts';
import { DoorService } from '../door/door.service.ts';
import { JournalModule } from '../journal/journal.module.ts';
import { JournalService } from '../journal/journal.service.ts';
import { SendersController } from './senders.controller.ts';

/** Door and log know nothing of each other; here it is told for whom a device wrote. */
@Module({ imports: [JournalModule], controllers: [SendersController] })
export class SendersModule implements OnModuleInit {
  constructor(
    private readonly door: DoorService,
    private readonly journal: JournalService,
    private readonly books: BookService,
  ) {}

  onModuleInit(): void {
    this.journal.onTaken = (entries, device) => {
      const { book } = this.books;
      this.door.wrote(
        device,
        new Map(entries.map((e) => [e.member, book.getAny('member', e.member)?.name ?? 'nobody yet'])),
      );
    };
  }
}
