import { Module } from '@nestjs/common';
import { BackupsController } from './backups.controller.ts';

@Module({ controllers: [BackupsController] })
export class BackupsModule {}
