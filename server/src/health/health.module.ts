import { Module } from '@nestjs/common';
import { JournalModule } from '../journal/journal.module.ts';
import { HealthController } from './health.controller.ts';

@Module({ imports: [JournalModule], controllers: [HealthController] })
export class HealthModule {}
