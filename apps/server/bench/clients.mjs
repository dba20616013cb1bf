import { Agent, request } from 'node:http';
import { parentPort, workerData } from 'node:worker_threads';

/*
 * Clients in a thread of their own, as little as a client can be: what they do is not to be counted as the server's time.
 *
 * workerData: { base, cookie, clients: [{ after?: ms before its first, every?: ms between two, lasting?: ms for which its requests are
 * asked over and over, requests: [{ method, path, body? }] }] }.
 * Says: { times: ms of each answer, statuses, bytes, whole: ms }.
 */
const { base, cookie, clients } = workerData;
const agent = new Agent({ keepAlive: true, maxSockets: 200 });
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

function send({ method, path, body }) {
  const begun = performance.now();
  return new Promise((done, fail) => {
    const asked = request(
      `${base}${path}`,
      { method, agent, headers: { cookie, 'accept-encoding': 'gzip', ...(body ? { 'content-type': 'application/json' } : {}) } },
      (answer) => {
        let bytes = 0;
        answer.on('data', (chunk) => (bytes += chunk.length));
        answer.on('end', () => done({ status: answer.statusCode, bytes, ms: performance.now() - begun }));
      },
    );
    asked.on('error', fail);
    asked.end(body ? JSON.stringify(body) : undefined);
  });
}

const begun = performance.now();
const answers = (
  await Promise.all(
    clients.map(async ({ after = 0, every = 0, lasting = 0, requests }) => {
      const own = [];
      if (after) await pause(after);
      do {
        for (const each of requests) {
          if (own.length > 0 && every) await pause(every);
          own.push(await send(each));
        }
      } while (performance.now() - begun < lasting);
      return own;
    }),
  )
).flat();
parentPort.postMessage({
  whole: performance.now() - begun,
  times: answers.map(({ ms }) => ms),
  statuses: [...new Set(answers.map(({ status }) => status))],
  bytes: Math.max(...answers.map(({ bytes }) => bytes)),
});
agent.destroy();
