import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import { ProblemException } from './problems';

/** More than two print at once on larger machines only; the server and its database want a processor too. */
const THREADS = Math.max(2, Math.min(4, availableParallelism() - 1));
const MOST_WAITING = 100;
const IDLE = 60_000;

let pool: Piscina | null = null;

/** Threads begin with the first work there is for them, and yield to everything else on the machine. */
const threads = (): Piscina =>
  (pool ??= new Piscina({
    filename: process.env.PELVO_WORKER || fileURLToPath(new URL('./worker.js', import.meta.url)),
    minThreads: 0,
    maxThreads: THREADS,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE,
    niceIncrement: 10,
  }));

interface Limit {
  readonly milliseconds: number;
  /** What whoever asked is told after them. */
  readonly late: () => ProblemException;
}

/**
 * Has heavy work done in a thread of its own, so that nobody else waits for it; what goes in and comes out is plain data. After
 * its time the thread is ended, wherever it is.
 *
 * @param name - under which `worker.ts` exports the function
 * @throws ProblemException when it takes too long, or too much is waiting already
 */
export function apart<F extends (input: never) => unknown>(name: string, { milliseconds, late }: Limit) {
  return async (input: Parameters<F>[0]): Promise<Awaited<ReturnType<F>>> => {
    if (threads().queueSize >= MOST_WAITING)
      throw new ProblemException('busy', { detail: 'Much is being printed and read just now. Try again in a moment.', retryAfter: 10 });
    const signal = AbortSignal.timeout(milliseconds);
    try {
      return (await threads().run(input, { name, signal })) as Awaited<ReturnType<F>>;
    } catch (error) {
      if (signal.aborted) throw late();
      throw error;
    }
  };
}
