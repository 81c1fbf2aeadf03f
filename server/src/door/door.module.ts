import { Global, Module } from '@nestjs/common';
import { DoorController } from './door.controller.ts';
import { DoorService } from './door.service.ts';

/** Global: a guard of every request asks it. */
@Global()
@Module({ controllers: [DoorController], providers: [DoorService], exports: [DoorService] })
export class DoorModule {}
