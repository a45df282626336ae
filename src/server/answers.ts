// What every endpoint does alike: sizes, JSON, and bad input as findings rather than as a crash.
import { wellFormed } from '../core/shared/markup';
import { randomUUID } from 'node:crypto';
import { Problem } from '../core/shared/problem';
import type { z } from 'zod';
import type { Finding } from '../core/model';
import { CAPS } from '../core/pipeline';

export const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/json; charset=utf-8' },
  });

/** An input that can't be used; `answer` sends it as 422, or 413 where it is too large. */
export class Unusable extends Error {
  constructor(
    readonly findings: Finding[],
    readonly status: 422 | 413 = 422,
  ) {
    super(findings[0]?.message);
  }
}

export const unusable = (message: string, rule = 'request-unusable'): Unusable =>
  new Unusable([{ rule, level: 'block', message }]);

const TOO_LARGE = new Set([
  'file-too-large',
  'zip-inflates-too-far',
  'too-many-cells',
  'too-many-characters',
  'too-many-columns',
  'too-many-lines',
  'too-many-fences',
  'text-too-long',
]);

/** Throws where the findings say that nothing could be read at all. */
export function stopIfUnreadable(findings: readonly Finding[], hasSheets: boolean): void {
  const blocking = findings.filter((finding) => finding.level === 'block' && !finding.item);
  if (!hasSheets && blocking.length) {
    throw new Unusable(
      blocking,
      blocking.some((finding) => TOO_LARGE.has(finding.rule)) ? 413 : 422,
    );
  }
}

/** An answer that refuses, with its reason as a finding. */
export const refusal = (
  status: number,
  rule: string,
  message: string,
  headers: Record<string, string> = {},
): Response => {
  const finding: Finding = { rule, level: 'block', message };
  const response = json({ findings: [finding] }, status);
  Object.entries(headers).forEach(([name, value]) => response.headers.set(name, value));
  return response;
};

/** A fault of ours: an id that stands in the log as well, and nothing of how the program is made. */
export function fault(error: unknown): Response {
  const id = randomUUID();
  const words = error instanceof Error ? (error.stack ?? error.message) : String(error);
  process.stderr.write(`cowslip: fault ${id}: ${words}\n`);
  return refusal(
    500,
    'fault',
    `A fault of the program’s own, not of what you sent. It stands in the server’s log as ${id}.`,
  );
}

/** Runs an endpoint: bad input is answered with its reason, anything else that is thrown is a fault of ours. */
export async function answer(run: () => Promise<Response>): Promise<Response> {
  try {
    return await run();
  } catch (error) {
    if (error instanceof Unusable) {
      return json({ findings: error.findings }, error.status);
    }
    return error instanceof Problem
      ? refusal(422, 'request-unusable', error.message)
      : fault(error);
  }
}

/** Parses JSON by a schema; tells the first place that does not hold. */
export function parse<T>(schema: z.ZodType<T>, text: string, name: string): T {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw unusable(`The input “${name}” is not valid JSON.`);
  }
  const parsed = schema.safeParse(value);
  if (parsed.success) {
    return parsed.data;
  }
  const issue = parsed.error.issues[0];
  throw unusable(
    `The input “${name}”${issue?.path.length ? ` at ${issue.path.join('.')}` : ''}: ${issue?.message ?? 'is not of the right shape'}.`,
  );
}

export async function formOf(request: Request): Promise<FormData> {
  try {
    return await request.formData();
  } catch {
    throw unusable('The body is no multipart form.');
  }
}

/** The bytes and name of an uploaded file; undefined where the form has none. */
export async function fileIn(
  form: FormData,
  name: string,
): Promise<{ name: string; bytes: Uint8Array } | undefined> {
  const file = form.get(name);
  if (!(file instanceof File)) {
    return undefined;
  }
  if (file.size > CAPS.fileBytes) {
    throw new Unusable(
      [
        {
          rule: 'file-too-large',
          level: 'block',
          message: `${file.name} has ${Math.round(file.size / 1_048_576)} MiB; ${CAPS.fileBytes / 1_048_576} MiB at most are taken.`,
        },
      ],
      413,
    );
  }
  return { name: file.name || name, bytes: new Uint8Array(await file.arrayBuffer()) };
}

export const textIn = (form: FormData, name: string): string | undefined => {
  const value = form.get(name);
  return typeof value === 'string' && value !== '' ? value : undefined;
};

/** The name for the header: plain letters, and the true name by RFC 6266 and RFC 8187. */
export function disposition(told: string): string {
  const name = wellFormed(told);
  const plain = name.replace(/[^\x20-\x7e]|["\\]/g, '_');
  const coded = encodeURIComponent(name).replace(
    /['()*]/g,
    (sign) => `%${sign.charCodeAt(0).toString(16).toUpperCase()}`,
  );
  return `attachment; filename="${plain}"; filename*=UTF-8''${coded}`;
}
