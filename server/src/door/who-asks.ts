import type { TLSSocket } from 'node:tls';
import { parse, serialize } from 'cookie';
import type { Request } from 'express';

/** Bound to this very address, over TLS alone. */
const COOKIE = '__Host-dagboek';
/** Browsers keep one no longer. */
const KEPT_S = 400 * 86_400;

/** Whether a request came in by the listener of the home network: the only one that speaks TLS itself. */
export const cameFromHome = (req: Request): boolean => (req.socket as Partial<TLSSocket>).encrypted === true;

/**
 * Whether it was asked at the server's own screen: from this machine, by a name that is only this machine's, and not passed
 * on by something in front of it, whose callers may be anywhere.
 */
export function askedHere(req: Request): boolean {
  if (cameFromHome(req) || req.headers['x-forwarded-for'] !== undefined || req.headers.forwarded !== undefined)
    return false;
  const from = req.socket.remoteAddress ?? '';
  const name = (req.headers.host ?? '').replace(/:\d+$/, '');
  return /^(::ffff:)?127\.|^::1$/.test(from) && /^(localhost|127(\.\d+){3}|\[::1\])$/i.test(name);
}

/** What a device shows at the door; null when it shows nothing. */
export const shown = (req: Request): string | null => parse(req.headers.cookie ?? '')[COOKIE] ?? null;

/** The header that gives a device what it shows from now on; null takes it away. */
export const toShow = (token: string | null): string =>
  serialize(COOKIE, token ?? '', {
    httpOnly: true,
    secure: true,
    sameSite: 'strict',
    path: '/',
    maxAge: token === null ? 0 : KEPT_S,
  });
