import { Module } from '@nestjs/common';
import { LarderController } from './larder.controller.ts';

@Module({ controllers: [LarderController] })
export class LarderModule {}
