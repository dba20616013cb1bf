import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import type { Response } from 'express';
import { DataSource, In } from 'typeorm';
import type { Role } from '@pelvo/contract';
import { Lesson } from '../lessons';
import { WhoIs } from '../platform/identity';
import { ProblemException } from '../platform/problems';
import { eventsAfter } from './eventsAfter';

/** How often another copy's events are looked for: two assessors see each other's marks well within a second. */
const LOOK_EVERY = 300;
/** Keeps proxies from closing a quiet connection, and finds out that someone has lost the right. */
const BEAT_EVERY = 5000;
const MOST_LISTENERS = 500;
const MOST_A_PERSON = 12;
/** Bytes that may wait for a slow tablet; beyond it is let go, and catches up when it comes back. */
const MOST_WAITING = 1_000_000;

interface Listener {
  readonly lessonId: string;
  readonly personId: string;
  readonly response: Response;
  /** The last event it was sent. */
  number: number;
  readonly still: () => Promise<boolean>;
  checkedAt: number;
}

export interface Listening {
  readonly lessonId: string;
  readonly after: number;
  readonly person: { readonly id: string; readonly epoch: number; readonly sessionId: string };
  readonly roles: readonly Role[];
}

/**
 * Sends the events of lessons to whoever listens, as server-sent events. Looks into the database, where every copy of the
 * server puts them, with one small query for all lessons that are listened to; what this copy stored itself is sent at once.
 */
@Injectable()
export class LiveLessons implements OnModuleDestroy {
  private readonly logger = new Logger('Live');
  private readonly listeners = new Set<Listener>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private looking = false;
  private again = false;
  private closed = false;

  constructor(
    private readonly database: DataSource,
    private readonly who: WhoIs,
  ) {}

  /** Answers a request with the lesson's events after a number, and with each new one as it comes. */
  listen(response: Response, { lessonId, after, person, roles }: Listening): void {
    const own = [...this.listeners].filter(({ personId }) => personId === person.id);
    if (this.closed || this.listeners.size >= MOST_LISTENERS || own.length >= MOST_A_PERSON)
      throw new ProblemException('busy', { detail: 'Too many screens are following lessons. Close one, then try again.', retryAfter: 10 });
    response.status(200).set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', 'X-Accel-Buffering': 'no' });
    response.flushHeaders();
    response.write('retry: 1000\n\n');
    const listener: Listener = {
      lessonId,
      personId: person.id,
      response,
      number: after,
      checkedAt: Date.now(),
      still: () => this.still(person, roles),
    };
    this.listeners.add(listener);
    response.on('close', () => this.listeners.delete(listener));
    this.look();
  }

  /** This copy has stored events of a lesson. */
  happened(lessonId: string): void {
    if ([...this.listeners].some((listener) => listener.lessonId === lessonId)) this.look();
  }

  onModuleDestroy(): void {
    this.closed = true;
    clearTimeout(this.timer);
    for (const { response } of this.listeners) response.end();
    this.listeners.clear();
  }

  /** Whether a person still has the right: neither signed out nor locked out, and still of a role that may listen. */
  private async still({ id, epoch, sessionId }: Listening['person'], roles: readonly Role[]): Promise<boolean> {
    const person = await this.who.signedIn(id, epoch);
    if (!person || !roles.includes(person.role)) return false;
    const rows = (await this.database.query('SELECT 1 FROM session WHERE session_id = ?', [sessionId])) as unknown[];
    return rows.length > 0;
  }

  private look(): void {
    if (this.looking) {
      this.again = true;
      return;
    }
    clearTimeout(this.timer);
    this.looking = true;
    void this.send()
      .catch((error: unknown) => this.logger.warn(`Looking for events failed: ${error instanceof Error ? error.message : 'unknown'}`))
      .finally(() => {
        this.looking = false;
        if (this.closed || this.listeners.size === 0) return;
        if (this.again) {
          this.again = false;
          this.look();
        } else this.timer = setTimeout(() => this.look(), LOOK_EVERY).unref();
      });
  }

  private async send(): Promise<void> {
    const ids = [...new Set([...this.listeners].map(({ lessonId }) => lessonId))];
    if (ids.length === 0) return;
    const lessons = await this.database.manager.find(Lesson, { where: { id: In(ids) }, select: { id: true, events: true } });
    const newest = new Map(lessons.map(({ id, events }) => [id, events]));
    await Promise.all([...this.listeners].map((listener) => this.serve(listener, newest.get(listener.lessonId) ?? 0)));
  }

  private async serve(listener: Listener, newest: number): Promise<void> {
    const { response } = listener;
    const quiet = Date.now() - listener.checkedAt >= BEAT_EVERY;
    if (newest <= listener.number && !quiet) return;
    // Before anything is sent, and every few seconds: the right may be gone.
    if (!(await listener.still())) {
      response.end('event: gone\ndata: {}\n\n');
      this.listeners.delete(listener);
      return;
    }
    listener.checkedAt = Date.now();
    if (newest <= listener.number) response.write(': still here\n\n');
    for (const event of newest > listener.number ? await eventsAfter(this.database.manager, listener.lessonId, listener.number) : []) {
      // On another node of a cluster an event may be seen before the one it follows: it waits for the next look.
      if (event.number !== listener.number + 1) break;
      response.write(`id: ${event.number}\ndata: ${JSON.stringify(event)}\n\n`);
      listener.number = event.number;
    }
    if (response.writableLength > MOST_WAITING) response.end();
  }
}
