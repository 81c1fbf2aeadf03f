import { isIPv4 } from 'node:net';

/** Whether an address (IPv4) is one that nobody reaches from afar. */
export const isPrivate = (ip: string): boolean =>
  isIPv4(ip) && /^(10\.|127\.|192\.168\.|169\.254\.|172\.(1[6-9]|2\d|3[01])\.)/.test(ip);
