import { NOT_JOINED } from '@dagboek/journal/log';
import type { NextFunction, Request, Response } from 'express';
import type { DoorService } from './door.service.ts';
import { sendProblem } from '../common/problem.filter.ts';
import { cameFromHome, shown } from './who-asks.ts';

/** A code and a name need no more, bytes. */
const MOST_TO_JOIN = 2000;
/** What is still being sent after it was turned down is cut off after so long, ms. */
const CUT_MS = 2000;

const carriesBody = (req: Request): boolean =>
  req.headers['transfer-encoding'] !== undefined || Number(req.headers['content-length'] ?? 0) > 0;

const asksToJoin = (req: Request): boolean =>
  req.method === 'POST' &&
  req.path === '/api/door/join' &&
  req.headers['transfer-encoding'] === undefined &&
  Number(req.headers['content-length']) <= MOST_TO_JOIN;

/** Looks who is there before a body is read: what somebody sends who has not joined would fill the memory. */
export const beforeTheBody =
  (door: DoorService) =>
  (req: Request, res: Response, next: NextFunction): void => {
    if (!cameFromHome(req) || !carriesBody(req) || door.whoShows(shown(req))) return next();
    // Also the little that is read has to come soon.
    const cut = setTimeout(() => req.complete || req.socket.destroy(), CUT_MS).unref();
    req.once('close', () => clearTimeout(cut));
    if (asksToJoin(req)) return next();
    sendProblem(res, 401, NOT_JOINED);
  };
