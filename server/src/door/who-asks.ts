import type { TLSSocket } from 'node:tls';
import { parse, serialize } from 'cookie';
import type { Request } from 'express';

/** Bound to this very address, over TLS alone. */
const COOKIE = '__Host-dagboek';
/** Shown by the server's own screen, which speaks no TLS. */
const SCREEN_COOKIE = 'dagboek-screen';
/** Browsers keep one no longer. */
const KEPT_S = 400 * 86_400;

/** Headers by which something that passes requests on betrays itself. */
const PASSED_ON = /^(x-forwarded-|x-real-ip$|x-client-ip$|x-original-|forwarded$|via$)/;

/** Whether a request came in by the listener of the home network: the only one that speaks TLS itself. */
export const cameFromHome = (req: Request): boolean => (req.socket as Partial<TLSSocket>).encrypted === true;

/**
 * Whether it came from this machine, by a name that is only this machine's, and shows no sign of something in front of it, whose
 * callers may be anywhere. Not every such thing shows one: where it matters, a key is asked for too.
 */
export function askedFromThisMachine(req: Request): boolean {
  if (cameFromHome(req) || Object.keys(req.headers).some((h) => PASSED_ON.test(h))) return false;
  const from = req.socket.remoteAddress ?? '';
  const name = (req.headers.host ?? '').replace(/:\d+$/, '');
  return /^(::ffff:)?127\.|^::1$/.test(from) && /^(localhost|127(\.\d+){3}|\[::1\])$/i.test(name);
}

const cookie = (req: Request, name: string): string | null => parse(req.headers.cookie ?? '')[name] ?? null;

/** What a device shows at the door; null when it shows nothing. */
export const shown = (req: Request): string | null => cookie(req, COOKIE);

/** What the server's own screen shows; null when it shows nothing. */
export const shownByScreen = (req: Request): string | null => cookie(req, SCREEN_COOKIE);

const kept = { httpOnly: true, sameSite: 'strict', path: '/' } as const;

/** The header that gives a device what it shows from now on; null takes it away. */
export const toShow = (token: string | null): string =>
  serialize(COOKIE, token ?? '', { ...kept, secure: true, maxAge: token === null ? 0 : KEPT_S });

/** The header that makes a browser the server's own screen. */
export const toShowByScreen = (key: string): string => serialize(SCREEN_COOKIE, key, { ...kept, maxAge: KEPT_S });
