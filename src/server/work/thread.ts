// A thread of the server: does one call after the other, so that the server itself is never held up.
import { parentPort } from 'node:worker_threads';
import { ENDPOINTS } from './endpoints';
import type { Done, Job } from './jobs';

async function run({ id, name, headers, body }: Job): Promise<Done> {
  const request = new Request(`http://localhost/api/${name}`, { method: 'POST', headers, body });
  const response = await ENDPOINTS[name](request);
  return {
    id,
    status: response.status,
    headers: [...response.headers],
    body: await response.arrayBuffer(),
  };
}

parentPort?.on('message', (job: Job) => {
  void run(job).then((done) => parentPort?.postMessage(done, [done.body]));
});
