import type { Server, Socket } from 'node:net';

/** All together, and from one address: a browser opens six, and some streams. */
const MOST = 256;
const MOST_FROM_ONE = 48;

/** Turns away connections beyond what a house needs, before anything is read of them. Answers the same server. */
export function limitConnections<S extends Server>(server: S): S {
  const open = new Map<string, number>();
  server.maxConnections = MOST;
  server.on('connection', (socket: Socket) => {
    const from = socket.remoteAddress ?? '';
    const n = (open.get(from) ?? 0) + 1;
    open.set(from, n);
    socket.once('close', () => {
      const left = (open.get(from) ?? 1) - 1;
      if (left > 0) open.set(from, left);
      else open.delete(from);
    });
    if (n > MOST_FROM_ONE) socket.destroy();
  });
  return server;
}
