// A small proxy before several copies of the server: asks each how it is, and sends people to one that can work.
import { createServer, request } from 'node:http';

const LOOK_EVERY = 250;

export async function startProxy(copies) {
  const well = new Set(copies);
  const look = setInterval(() => {
    for (const copy of copies)
      fetch(`${copy.base}/api/health`, { signal: AbortSignal.timeout(2000) }).then(
        ({ status }) => (status === 200 ? well.add(copy) : well.delete(copy)),
        () => well.delete(copy),
      );
  }, LOOK_EVERY);
  let turn = 0;
  const server = createServer((asked, answer) => {
    const able = copies.filter((copy) => well.has(copy));
    const copy = (able.length > 0 ? able : copies)[(turn += 1) % (able.length || copies.length)];
    const passed = request(
      `${copy.base}${asked.url}`,
      { method: asked.method, headers: { ...asked.headers, 'x-forwarded-for': '127.0.0.1', 'x-forwarded-proto': 'http' } },
      (from) => {
        answer.writeHead(from.statusCode, from.headers);
        from.on('error', () => answer.destroy()).pipe(answer);
      },
    );
    passed.on('error', () => {
      well.delete(copy);
      if (answer.headersSent) answer.destroy();
      else answer.writeHead(502).end();
    });
    asked.pipe(passed);
  });
  await new Promise((done) => server.listen(0, '127.0.0.1', done));
  return {
    base: `http://127.0.0.1:${server.address().port}`,
    stop: () => {
      clearInterval(look);
      server.closeAllConnections();
      server.close();
    },
  };
}
