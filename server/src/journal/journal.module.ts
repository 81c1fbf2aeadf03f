import { Module } from '@nestjs/common';
import { Admission } from './admission.ts';
import { JournalController } from './journal.controller.ts';
import { JournalService } from './journal.service.ts';

@Module({ controllers: [JournalController], providers: [JournalService, Admission], exports: [JournalService] })
export class JournalModule {}
