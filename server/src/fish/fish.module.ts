import { Module } from '@nestjs/common';
import { FishController } from './fish.controller.ts';

@Module({ controllers: [FishController] })
export class FishModule {}
