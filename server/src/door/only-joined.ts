import { type CanActivate, type ExecutionContext, Injectable, SetMetadata } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { NOT_JOINED } from '@dagboek/journal/log';
import type { Request, Response } from 'express';
import { noteDevice } from '../common/asked-by.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { DoorService } from './door.service.ts';
import { cameFromHome, shown } from './who-asks.ts';

const BEFORE_THE_DOOR = 'before the door';

/** Marks what is answered to a device that has not joined. */
export const BeforeTheDoor = () => SetMetadata(BEFORE_THE_DOOR, true);

/** From the home network, only devices that joined are answered; from this machine everyone is, as before. */
@Injectable()
export class OnlyJoined implements CanActivate {
  constructor(
    private readonly door: DoorService,
    private readonly reflector: Reflector,
  ) {}

  canActivate(context: ExecutionContext): boolean {
    const req = context.switchToHttp().getRequest<Request>();
    if (!cameFromHome(req)) return true;
    const device = this.door.whoShows(shown(req));
    if (device) {
      noteDevice(req, device.id);
      this.door.answers(device, context.switchToHttp().getResponse<Response>());
    }
    if (
      device ||
      this.reflector.getAllAndOverride<boolean>(BEFORE_THE_DOOR, [context.getHandler(), context.getClass()])
    )
      return true;
    throw new ProblemException(401, NOT_JOINED);
  }
}
