import type { Request } from 'express';

const DEVICE = Symbol('the joined device that asks');

/** Notes on a request which joined device asks: the guard of the door knows, and nobody else looks at the cookie. */
export function noteDevice(req: Request, id: string): void {
  (req as Request & { [DEVICE]?: string })[DEVICE] = id;
}

/** The joined device that asks, by id; null for this machine itself. */
export const deviceOf = (req: Request): string | null => (req as Request & { [DEVICE]?: string })[DEVICE] ?? null;
