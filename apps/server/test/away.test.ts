import { createServer, connect, type AddressInfo, type Server, type Socket } from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { ClassSummary } from '@pelvo/contract';
import { createApp } from '../src/app';
import { callerOf, demoDatabase, type Call } from './school';

/** A way to the database that can be cut, or lead nowhere. */
class Way {
  state: 'open' | 'cut' | 'frozen' = 'open';
  private readonly sockets = new Set<Socket>();
  private readonly server: Server;

  constructor(private readonly target: { host: string; port: number }) {
    this.server = createServer((client) => {
      if (this.state === 'cut') return void client.destroy();
      const database = connect(this.target);
      for (const [from, to] of [
        [client, database],
        [database, client],
      ] as const) {
        this.sockets.add(from);
        // What comes while it is frozen waits, as it does before a process that has been stopped.
        from.on('data', (bytes) => this.whenOpen(() => to.write(bytes)));
        from.on('error', () => undefined);
        from.on('close', () => {
          this.sockets.delete(from);
          to.destroy();
        });
      }
    });
  }

  private waiting: (() => void)[] = [];
  private whenOpen(work: () => void): void {
    if (this.state === 'frozen') this.waiting.push(work);
    else work();
  }

  listen = () => new Promise<number>((done) => this.server.listen(0, '127.0.0.1', () => done((this.server.address() as AddressInfo).port)));

  set(state: Way['state']): void {
    this.state = state;
    if (state === 'cut') for (const socket of this.sockets) socket.destroy();
    if (state === 'open') for (const work of this.waiting.splice(0)) work();
  }

  close = () => {
    this.set('cut');
    this.server.close();
  };
}

describe('a database that is away', () => {
  let way: Way;
  let app: NestExpressApplication;
  let lead: Call;
  let base: string;
  beforeAll(async () => {
    const url = new URL(await demoDatabase());
    way = new Way({ host: url.hostname, port: Number(url.port) });
    url.port = String(await way.listen());
    url.hostname = '127.0.0.1';
    app = await createApp({ databaseUrl: url.href, logLevel: 'silent', patienceMs: 1500 });
    await app.listen(0, '127.0.0.1');
    base = `http://127.0.0.1:${(app.getHttpServer().address() as AddressInfo).port}`;
    lead = callerOf(base);
    await lead('POST', '/api/session', { body: { signIn: 'maren.oltz', password: 'demo-kitchen' } });
  });
  afterAll(async () => {
    way.set('open');
    await app.close();
    way.close();
  });

  const paths = ['/api/classes', '/api/lessons', '/api/session', '/api/health'];
  const expectUnavailable = async () => {
    for (const path of paths) {
      const { status, problem, headers } = await lead('GET', path);
      expect([path, status, problem.type]).toEqual([path, 503, 'urn:pelvo:problem:unavailable']);
      expect(Number(headers.get('retry-after'))).toBeGreaterThan(0);
    }
    const saved = await lead('POST', '/api/classes', { body: { name: 'While it was away', term: '' } });
    expect([saved.status, saved.problem.type]).toEqual([503, 'urn:pelvo:problem:unavailable']);
    const signIn = await callerOf(base)('POST', '/api/session', { body: { signIn: 'teo.vasz', password: 'demo-kitchen' } });
    expect(signIn.status).toBe(503);
  };
  const expectBack = async () => {
    // The first connections of the pool may still be the dead ones.
    await expect.poll(async () => (await lead('GET', '/api/classes')).status, { timeout: 10_000 }).toBe(200);
    for (const path of paths) expect((await lead('GET', path)).status).toBe(200);
  };

  it('is said to be away, with when to try again, and is used again once it is back', async () => {
    way.set('cut');
    await expectUnavailable();
    way.set('open');
    await expectBack();
    const { body } = await lead<ClassSummary[]>('GET', '/api/classes');
    expect(body.filter(({ name }) => name === 'While it was away')).toEqual([]);
  });

  it('leaves nobody hanging when it is frozen', async () => {
    way.set('frozen');
    const begun = Date.now();
    await expectUnavailable();
    // Each was answered by the patience of a request, not by one of the network's own.
    expect(Date.now() - begun).toBeLessThan(60_000);
    way.set('open');
    await expectBack();
  });
});
