// A request's body, cut off as soon as it is over the limit, whether its length was told or not.

/** The body's bytes; undefined where it is larger than `most` bytes. */
export async function readBody(request: Request, most: number): Promise<ArrayBuffer | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > most) {
    return undefined;
  }
  const reader = request.body?.getReader();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (let read = await reader?.read(); read && !read.done; read = await reader?.read()) {
    const chunk = read.value as Uint8Array;
    size += chunk.byteLength;
    if (size > most) {
      void reader?.cancel().catch(() => undefined);
      return undefined;
    }
    chunks.push(chunk);
  }
  const body = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    body.set(chunk, at);
    at += chunk.byteLength;
  }
  return body.buffer;
}
