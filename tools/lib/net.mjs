import { createServer } from 'node:net';

/** @param {number} milliseconds */
export const wait = (milliseconds) => new Promise((done) => setTimeout(done, milliseconds));

const tryPort = (port) =>
  new Promise((done) => {
    const server = createServer();
    server.once('error', () => done(0));
    server.listen({ host: '127.0.0.1', port, exclusive: true }, () => {
      const { port: got } = server.address();
      server.close(() => done(got));
    });
  });

/** The wanted port on loopback when it is free, the next free one above it, or any when 0 is wanted. @param {number} wanted */
export async function freePort(wanted) {
  for (let port = wanted; wanted > 0 && port < wanted + 50; port += 1) if (await tryPort(port)) return port;
  return tryPort(0);
}
