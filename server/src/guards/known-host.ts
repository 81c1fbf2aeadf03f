import { isIP } from 'node:net';
import type { NextFunction, Request, Response } from 'express';

/** The name in a Host header, without its port and brackets, in small letters. */
export const nameIn = (host: string): string =>
  host
    .replace(/:\d+$/, '')
    .replace(/^\[|\]$/g, '')
    .toLowerCase();

/**
 * Whether a request may come by this name. A page anywhere can have its own name point to this machine and then read what
 * answers there as its own; an address of numbers cannot be taken over so. `more`: names that were set.
 */
export function isKnownHost(host: string | undefined, more: readonly string[]): boolean {
  if (host === undefined) return false;
  const name = nameIn(host);
  return name === 'localhost' || name.endsWith('.localhost') || isIP(name) !== 0 || more.includes(name);
}

const WHY =
  'This server does not answer to the name by which it was asked. Open it by its address, or name that host in DAGBOEK_HOSTS.';

/** Answers by known names alone, before anything else of a request is looked at. */
export const onlyKnownHosts =
  (hosts: readonly string[]) =>
  (req: Request, res: Response, next: NextFunction): void => {
    if (isKnownHost(req.headers.host, hosts)) return next();
    const problem = { type: 'about:blank', title: 'Not by this name', status: 403, detail: WHY };
    res.status(403).type('application/problem+json').send(JSON.stringify(problem));
  };
