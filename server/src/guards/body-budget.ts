import type { NextFunction, Request, Response } from 'express';
import { sendProblem } from '../common/problem.filter.ts';

/** How much a body may weigh in memory while it is read and answered, bytes; 0 for none. */
export function weightOf(req: Request, mostOf: (req: Request) => number): number {
  const length = Number(req.headers['content-length'] ?? 0);
  const open = req.headers['transfer-encoding'] !== undefined;
  return open ? mostOf(req) : Math.min(length, mostOf(req));
}

/**
 * All bodies that are read at once weigh no more than `most` bytes together: the next one is told to come again, so that a small
 * computer is not filled by many that come at once. `mostOf`: what one of its kind may weigh.
 */
export function withinBudget(most: number, mostOf: (req: Request) => number) {
  let held = 0;
  return (req: Request, res: Response, next: NextFunction): void => {
    const weighs = weightOf(req, mostOf);
    if (weighs === 0) return next();
    if (held + weighs > most) {
      res.setHeader('Retry-After', '5');
      return sendProblem(
        res,
        503,
        'The server takes in as much as it can hold just now. This stays on your device and is sent again.',
      );
    }
    held += weighs;
    res.once('close', () => (held -= weighs));
    next();
  };
}
