// The program's server behind one that can bring out a newer edition of it: the same files, another service worker.
import { createServer, request, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';

const WORKER = '/service-worker.js';

export type EditionsServer = {
  url: string;
  /** From now on there is a newer edition. */
  bringOut: () => void;
  end: () => void;
};

/** Forwards to the program's own server, which answers under its own name only. */
export async function editionsServer(program: string): Promise<EditionsServer> {
  const { host, hostname, port } = new URL(program);
  let edition = 0;
  const forward = (asked: IncomingMessage, answer: ServerResponse): void => {
    const isWorker = asked.url === WORKER;
    const headers = {
      ...asked.headers,
      host,
      ...(isWorker ? { 'accept-encoding': 'identity' } : {}),
    };
    const { url: path, method } = asked;
    const inner = request({ hostname, port, path, method, headers }, (response) => {
      const told = { ...response.headers };
      if (isWorker) {
        delete told['content-length'];
        delete told.etag;
      }
      answer.writeHead(response.statusCode!, told);
      response.on('end', () => answer.end(isWorker ? `\n// edition ${edition}\n` : ''));
      response.pipe(answer, { end: false });
    });
    inner.on('error', () => answer.destroy());
    asked.pipe(inner);
  };
  const server = createServer(forward);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    bringOut: () => edition++,
    end: () => {
      server.closeAllConnections();
      server.close();
    },
  };
}
