import type { ObjectSchema } from 'joi';
import type { EntityManager } from 'typeorm';
import type { DocumentFormat } from '@pelvo/core';
import type { EventKind, Role } from '@pelvo/contract';

/** An event of one kind on its way into the stream. */
export interface TakenEvent<B> {
  readonly id: string;
  readonly number: number;
  readonly body: B;
  readonly personId: string;
  readonly happenedAt: Date;
}

/** What the stream has to know of a kind of event. The area it belongs to says so when its module is loaded. */
export interface EventSpec<B> {
  readonly kind: EventKind;
  readonly format: DocumentFormat<B>;
  readonly schema: ObjectSchema<B>;
  /** Who may say it. */
  readonly roles: readonly Role[];
  /**
   * Refuses what does not go with the lesson, and writes what is derived from the events beside them. Runs in the transaction
   * that stores them, with the lesson locked.
   *
   * @param at - names an event in a refusal: `events.3.body`
   */
  readonly take: (manager: EntityManager, lessonId: string, events: readonly TakenEvent<B>[], at: (id: string) => string) => Promise<void>;
}

const specs = new Map<string, EventSpec<object>>();

export function eventKind<B extends object>(spec: EventSpec<B>): void {
  specs.set(spec.kind, spec as unknown as EventSpec<object>);
}

export function specOf(kind: string): EventSpec<object> {
  const spec = specs.get(kind);
  if (!spec) throw new Error(`Nobody takes events of the kind "${kind}"`);
  return spec;
}
