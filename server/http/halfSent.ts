import type { IncomingMessage, Server } from 'node:http';
import type { Socket } from 'node:net';

/** Headers must be here within this time, and a whole request within that: who sends slower keeps a connection for nothing. */
const HEADERS_MS = 15_000;
const REQUEST_MS = 60_000;

/**
 * Keeps account of a server's connections, and gives what ends those whose request has not come whole: nobody will answer
 * those, and the others need not wait for them.
 */
export function halfSentOf(server: Server): () => void {
  server.headersTimeout = HEADERS_MS;
  server.requestTimeout = REQUEST_MS;
  const open = new Set<Socket>();
  const asked = new Map<Socket, IncomingMessage>();
  server.on('connection', (socket) => {
    open.add(socket);
    socket.once('close', () => open.delete(socket));
  });
  server.on('request', (request, response) => {
    asked.set(request.socket, request);
    response.once('close', () => asked.delete(request.socket));
  });
  return () => {
    for (const socket of open) if (asked.get(socket)?.complete !== true) socket.destroy();
  };
}
