/** The gateway: an HTTP server that lets in what may come in, and hands it to the application. */
import { randomBytes } from 'node:crypto';
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { Socket } from 'node:net';
import { type Refusal, refusalOf } from './admit';
import { type AskedCollection, collectionAsked, withCollection } from './asked-collection';
import { withoutData } from '../http/without-data';
import { currentAddress, movedPage } from './former-addresses';
import { contentPolicy, safetyHeaders } from './headers';

export interface GatewaySettings {
  /** Names this server may be called by, without ports. */
  readonly hosts: readonly string[];
  /** A request not sent whole after so long is cut. */
  readonly slowestRequestMs: number;
  /** An answer of which nobody takes anything for so long is cut. */
  readonly slowestReaderMs?: number;
  /** What is opened for whoever has not chosen; the grower's own where nothing is said. */
  readonly opens?: AskedCollection;
  /** While developing the framework's pages speak to it over a socket; else nothing here leaves HTTP. */
  readonly mayUpgrade?: boolean;
}

export const SLOWEST_REQUEST_MS = 30_000;
const SLOWEST_HEAD_MS = 10_000;
const SLOWEST_READER_MS = 60_000;
const LOOKED_AFTER_EVERY_MS = 1_000;
const NONCE_BYTES = 16;
const MOVED_FOR_GOOD = 308;

type Inside = (request: IncomingMessage, response: ServerResponse) => Promise<void> | void;

const problemBody = ({ status, title }: Refusal): string =>
  JSON.stringify({ type: 'about:blank', title, status, faults: [] });

function sendRefusal(request: IncomingMessage, response: ServerResponse, refusal: Refusal): void {
  response.writeHead(refusal.status, {
    ...refusal.headers,
    'content-type': 'application/problem+json',
    // What is left of the body is not read.
    connection: 'close',
  });
  response.end(request.method === 'HEAD' ? undefined : problemBody(refusal));
}

const brokenRequests: Readonly<Record<string, Refusal>> = {
  ERR_HTTP_REQUEST_TIMEOUT: { status: 408, title: 'The request took too long to arrive.' },
  HPE_HEADER_OVERFLOW: { status: 431, title: 'The head of the request is too long.' },
};
const unreadable: Refusal = { status: 400, title: 'The request cannot be read.' };

/** On a connection that has no answer of its own: said as it is written, then closed. */
function endRefused(socket: Socket, refusal: Refusal): void {
  const body = problemBody(refusal);
  socket.end(
    `HTTP/1.1 ${refusal.status} Refused\r\ncontent-type: application/problem+json\r\n` +
      `content-length: ${Buffer.byteLength(body)}\r\nconnection: close\r\n\r\n${body}`,
    () => socket.destroy(),
  );
}

/** What is no HTTP gets an answer too, if it still listens. */
function answerBroken(error: NodeJS.ErrnoException, socket: Socket): void {
  if (!socket.writable) {
    socket.destroy();
    return;
  }
  const refusal = brokenRequests[error.code ?? ''] ?? unreadable;
  endRefused(socket, refusal);
}

const noUpgrade: Refusal = { status: 400, title: 'This server speaks HTTP and nothing else.' };

/** Whoever wants to leave HTTP is refused, and the connection closed; the framework's own listener for that is kept away. */
function refuseUpgrades(server: Server): void {
  const refuse = (_: IncomingMessage, socket: Socket): void => {
    socket.on('error', () => socket.destroy());
    endRefused(socket, noUpgrade);
  };
  server.on('upgrade', refuse);
  server.on('newListener', (event, listener) => {
    if (event === 'upgrade' && listener !== refuse) setImmediate(() => server.off('upgrade', listener));
  });
}

/**
 * Whoever asks for a long answer and takes none of it holds what makes it: after a while they are cut off. By the socket's own rest,
 * which counts what leaves it; what is still being made takes the time it takes.
 */
function cutStalledReaders(server: Server, slowestMs: number): void {
  const answered = new Set<Socket>();
  server.on('request', ({ socket }: IncomingMessage, response: ServerResponse) => {
    answered.add(socket);
    response.once('close', () => answered.delete(socket));
  });
  server.setTimeout(slowestMs, (socket) => {
    if (!answered.has(socket) || socket.writableLength > 0) socket.destroy();
  });
}

export function makeGateway(inside: Inside, settings: GatewaySettings): Server {
  const server = createServer(
    {
      requestTimeout: settings.slowestRequestMs,
      headersTimeout: Math.min(SLOWEST_HEAD_MS, settings.slowestRequestMs),
      connectionsCheckingInterval: Math.min(LOOKED_AFTER_EVERY_MS, settings.slowestRequestMs),
    },
    (request, response) => {
      const { method = '', headers } = request;
      const url = currentAddress(request.url ?? '/');
      request.url = url;
      const nonce = randomBytes(NONCE_BYTES).toString('base64');
      for (const [name, value] of Object.entries(safetyHeaders(nonce, url))) response.setHeader(name, value);
      const refusal = refusalOf({ method, url, headers }, settings.hosts);
      if (refusal) {
        sendRefusal(request, response, refusal);
        return;
      }
      const moved = movedPage(url);
      if (moved !== null) {
        response.writeHead(MOVED_FOR_GOOD, { location: moved });
        response.end();
        return;
      }
      // The framework reads the nonce for its own scripts from the request; a client cannot choose it.
      headers['content-security-policy'] = contentPolicy(nonce);
      const about = collectionAsked(headers, settings.opens ?? 'home');
      void withCollection(about, async () => inside(request, response)).catch((error: unknown) => {
        process.stderr.write(`${withoutData(error).stack}\n`);
        if (!response.headersSent) sendRefusal(request, response, { status: 500, title: 'Something went wrong here.' });
        else response.destroy();
      });
    },
  );
  cutStalledReaders(server, settings.slowestReaderMs ?? SLOWEST_READER_MS);
  if (!settings.mayUpgrade) refuseUpgrades(server);
  server.on('clientError', (error: NodeJS.ErrnoException, socket) => answerBroken(error, socket as Socket));
  return server;
}
