import { hostname, networkInterfaces } from 'node:os';
import { isPrivate } from '../common/private-address.ts';

/** Addresses (IPv4) under which this machine stands in a network of the house or the boat, the likeliest first. */
export function homeAddresses(nets = networkInterfaces()): string[] {
  const found = Object.values(nets)
    .flatMap((of) => of ?? [])
    .filter((n) => n.family === 'IPv4' && !n.internal && isPrivate(n.address))
    .map((n) => n.address);
  // An address that a machine gave itself, for want of a router, is the last to be tried.
  return [...new Set(found)].sort((a, b) => Number(a.startsWith('169.254')) - Number(b.startsWith('169.254')));
}

/** The name by which machines of one network find this one without a name server, or null where its own cannot be one. */
export function homeName(own = hostname()): string | null {
  const name = own.toLowerCase().split('.')[0] ?? '';
  return /^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?$/.test(name) && name !== 'localhost' ? `${name}.local` : null;
}
