// What goes for every request before anybody else sees it: who may ask, by which method, and the headers of every answer.
import type { IncomingMessage } from 'node:http';

/** Why a request is refused. */
export type Refused = { status: 400 | 403 | 405 | 421; message: string };

const METHODS = new Set(['GET', 'HEAD', 'POST', 'OPTIONS']);
const LOCAL = ['localhost', '127.0.0.1', '[::1]'];

/** The names under which the server may be asked: this machine's own, and those of COWSLIP_HOSTS, with commas between. */
export const allowedHosts = (configured = process.env['COWSLIP_HOSTS'] ?? ''): Set<string> =>
  new Set([
    ...LOCAL,
    ...configured
      .split(',')
      .map((name) => name.trim().toLowerCase())
      .filter(Boolean),
  ]);

/** The name without its port. */
const nameOf = (host: string): string => host.toLowerCase().replace(/:\d+$/, '');

function originName(origin: string): string | undefined {
  try {
    return nameOf(new URL(origin).host);
  } catch {
    return undefined;
  }
}

type Asked = Pick<IncomingMessage, 'method' | 'headers'>;

/**
 * Whether a request may go on. A page of another site is told apart by its Origin; a script has none, and no cookie
 * either, which a browser's page would bring along.
 */
export function refusedBy(
  { method = 'GET', headers }: Asked,
  hosts: Set<string>,
): Refused | undefined {
  if (!METHODS.has(method)) {
    return { status: 405, message: `The method ${method} is not taken.` };
  }
  if (!hosts.has(nameOf(headers.host ?? ''))) {
    return {
      status: 421,
      message:
        'This server does not answer under that name. Ask it as localhost, or allow the name by COWSLIP_HOSTS.',
    };
  }
  const { origin, cookie } = headers;
  if (origin !== undefined && !hosts.has(originName(origin) ?? '')) {
    return { status: 403, message: 'Calls from pages of other sites are refused.' };
  }
  return method === 'POST' && origin === undefined && cookie !== undefined
    ? { status: 403, message: 'A call with cookies must say its Origin.' }
    : undefined;
}

/** Headers of every answer. */
export const HEADERS: Readonly<Record<string, string>> = {
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
};

/**
 * The content security policy: scripts of our own alone, with the few that stand in the page named by their digests.
 * Styles may stand in the page, since the interface's components set theirs there; pictures come from here, from files
 * that the user brought, or not at all.
 */
export const policy = (scripts: readonly string[]): string =>
  [
    "default-src 'none'",
    `script-src 'self' ${scripts.map((digest) => `'sha256-${digest}'`).join(' ')}`.trim(),
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
