import type { EntityManager } from 'typeorm';

/**
 * A moment in one area at which others have something to do, or to refuse: they say so when their module is loaded, so
 * that the area needs to know none of them. Everything runs in the transaction of whoever lets it happen.
 *
 * @example cutSetLeaving.on(async (manager, { id }) => { if (await inUse(manager, id)) throw conflict(...) })
 */
export class Moment<T> {
  private readonly doers: ((manager: EntityManager, about: T) => Promise<void>)[] = [];

  on(does: (manager: EntityManager, about: T) => Promise<void>): void {
    this.doers.push(does);
  }

  async happens(manager: EntityManager, about: T): Promise<void> {
    for (const does of this.doers) await does(manager, about);
  }
}
