// The server as it runs: the built application behind the guard. `node dist/server/serve.mjs`.
import { createHash } from 'node:crypto';
import { createServer, get, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { filesIn } from './files';
import { allowedHosts, HEADERS, policy, refusedBy } from './guard';

type Handler = (request: IncomingMessage, response: ServerResponse) => void;

const host = process.env['HOST'] ?? '127.0.0.1';
const port = Number(process.env['PORT'] ?? 4321);

// The application must not listen by itself, and its calls find their threads beside it.
process.env['ASTRO_NODE_AUTOSTART'] = 'disabled';
process.env['COWSLIP_THREAD'] = new URL('./thread.mjs', import.meta.url).href;

const entry = new URL('./entry.mjs', import.meta.url).href;
const { handler } = (await import(/* @vite-ignore */ entry)) as { handler: Handler };

const files = filesIn(fileURLToPath(new URL('../client', import.meta.url)));

const hosts = allowedHosts();
if (host !== '0.0.0.0' && host !== '::') {
  hosts.add(host.toLowerCase());
}

/** The digests of the scripts that stand in the page itself; the page is the same for everybody. */
let scripts: Promise<string[]> | undefined;

const INLINE = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g;

function pageOf(url: string): Promise<string> {
  return new Promise((resolve, reject) => {
    get(url, (response) => {
      let page = '';
      response.setEncoding('utf8');
      response.on('data', (chunk: string) => (page += chunk));
      response.on('end', () => resolve(page));
    }).on('error', reject);
  });
}

/** Asked of a second server on a port of its own, before any page is answered. */
async function readScripts(): Promise<string[]> {
  const inner = createServer(handler);
  await new Promise<void>((resolve) => inner.listen(0, '127.0.0.1', resolve));
  const { port: own } = inner.address() as AddressInfo;
  const page = await pageOf(`http://127.0.0.1:${own}/gather`);
  inner.close();
  return [...page.matchAll(INLINE)].map(([, script = '']) =>
    createHash('sha256').update(script).digest('base64'),
  );
}

async function answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
  for (const [name, value] of Object.entries(HEADERS)) {
    response.setHeader(name, value);
  }
  const refused = refusedBy(request, hosts);
  if (refused) {
    response.writeHead(refused.status, { 'content-type': 'text/plain; charset=utf-8' });
    response.end(refused.message);
    return;
  }
  scripts ??= readScripts();
  response.setHeader('Content-Security-Policy', policy(await scripts));
  files(request, response, () => handler(request, response));
}

createServer((request, response) => {
  answer(request, response).catch(() => {
    response.statusCode = 500;
    response.end('A fault of the server’s own. Try again.');
  });
}).listen(port, host);
