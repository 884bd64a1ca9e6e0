import type { Server } from 'node:http';

/** More than a few browsers of one device ever hold open. */
const MOST_OF_ONE = 100;

/** Lets no client hold more connections than a household's devices need. */
export function limitConnections(server: Server, most = MOST_OF_ONE): void {
  const open = new Map<string, number>();
  server.on('connection', (socket) => {
    const client = socket.remoteAddress ?? '';
    const count = (open.get(client) ?? 0) + 1;
    if (count > most) return socket.destroy();
    open.set(client, count);
    socket.once('close', () => {
      const left = (open.get(client) ?? 1) - 1;
      if (left > 0) open.set(client, left);
      else open.delete(client);
    });
    return undefined;
  });
}
