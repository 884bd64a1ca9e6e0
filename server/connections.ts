import type { Server } from 'node:http';
import type { Socket } from 'node:net';

/** More than a few browsers of one device ever hold open. */
const MOST_OF_ONE = 100;
/** Who has not said by then what they want is let go. */
const ASKS_WITHIN_MS = 10_000;

/**
 * Lets no client hold more connections than a household's devices need. Who comes beyond that takes the place
 * of the one that has waited longest without an answer under way, so that a hundred that ask for nothing shut
 * nobody out.
 */
export function limitConnections(server: Server, most = MOST_OF_ONE): void {
  server.headersTimeout = ASKS_WITHIN_MS;
  const open = new Map<string, Set<Socket>>();
  const answering = new Map<Socket, number>();
  server.on('connection', (socket) => {
    const client = socket.remoteAddress ?? '';
    const own = open.get(client) ?? new Set<Socket>();
    open.set(client, own);
    if (own.size >= most) {
      const idle = [...own].find((each) => !answering.get(each));
      if (!idle) return socket.destroy();
      own.delete(idle);
      idle.destroy();
    }
    own.add(socket);
    socket.once('close', () => {
      own.delete(socket);
      answering.delete(socket);
      if (own.size === 0 && open.get(client) === own) open.delete(client);
    });
    return undefined;
  });
  server.on('request', ({ socket }, response) => {
    answering.set(socket, (answering.get(socket) ?? 0) + 1);
    response.once('close', () => answering.set(socket, Math.max(0, (answering.get(socket) ?? 1) - 1)));
  });
}
