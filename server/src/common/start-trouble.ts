import { DoorTrouble } from './door-trouble.ts';
import { BookTrouble } from './book-trouble.ts';
import type { Config } from './config.ts';

/**
 * Why a server could not start, in one sentence with the way out; null for what nobody foresaw, which is a fault of the
 * program and tells all it knows.
 */
export function startTrouble(e: unknown, config: Config | null): string | null {
  if (e instanceof BookTrouble || e instanceof DoorTrouble) return e.message;
  if (!(e instanceof Error)) return null;
  if (config === null) return e.message;
  const { code } = e as NodeJS.ErrnoException;
  const folder = config.data;
  const listensOn = (e as { port?: number }).port ?? config.port;
  switch (code) {
    case 'EADDRINUSE':
      return listensOn === config.port
        ? `Something already listens on port ${config.port}. Stop it, or set DAGBOEK_PORT to another number.`
        : `Something already listens on port ${listensOn}, which phones of the network would use. Stop it, or set DAGBOEK_LAN_PORT to another number.`;
    case 'EADDRNOTAVAIL':
    case 'ENOTFOUND':
      return `This machine has no address "${config.host}". Leave DAGBOEK_HOST out, or set it to an address of this machine.`;
    case 'EACCES':
    case 'EPERM':
    case 'EROFS':
    case 'SQLITE_CANTOPEN':
    case 'SQLITE_READONLY':
    case 'SQLITE_READONLY_DIRECTORY':
      return e.message.includes('listen')
        ? `Port ${config.port} is kept for the system. Set DAGBOEK_PORT to a number above 1024.`
        : `Nothing can be written in ${folder}. Give its owner the right to write there, or set DAGBOEK_DATA to another folder.`;
    case 'ENOSPC':
    case 'SQLITE_FULL':
      return `There is no room left where ${folder} lies. Free some, and start again; what is in the book is safe.`;
    case 'ENOTDIR':
      return `A part of the path ${folder} is a file. Set DAGBOEK_DATA to a folder.`;
    default:
      return null;
  }
}
