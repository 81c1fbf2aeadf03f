import { Module } from '@nestjs/common';
import { DevicesController } from './devices.controller.ts';

@Module({ controllers: [DevicesController] })
export class DevicesModule {}
