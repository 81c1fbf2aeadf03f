import { Module } from '@nestjs/common';
import { FeedKey } from './feed-key.ts';
import { LarderController } from './larder.controller.ts';

@Module({ controllers: [LarderController], providers: [FeedKey] })
export class LarderModule {}
