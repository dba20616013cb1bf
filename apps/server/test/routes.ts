import { RequestMethod } from '@nestjs/common';
import { METHOD_METADATA, PATH_METADATA } from '@nestjs/common/constants';
import { ModulesContainer } from '@nestjs/core';
import type { Role } from '@pelvo/contract';
import { ALLOWED } from '../src/platform/identity';
import type { School } from './school';

export interface Route {
  readonly method: string;
  /** As its controller has it, with `:id` where an id stands. */
  readonly path: string;
  readonly allowed: readonly Role[] | 'open' | undefined;
}

/** Every route of the application, from the controllers themselves: a new one is tested without being listed. */
export function routesOf(school: School): readonly Route[] {
  const controllers = [...school.app.get(ModulesContainer).values()].flatMap((module) => [...module.controllers.values()]);
  return controllers.flatMap(({ metatype }) => {
    const { prototype } = metatype as { prototype: Record<string, unknown> };
    const base = Reflect.getMetadata(PATH_METADATA, metatype as object) as string;
    return Object.getOwnPropertyNames(prototype).flatMap((name) => {
      const handler = prototype[name] as object;
      const method =
        typeof handler === 'function' ? (Reflect.getMetadata(METHOD_METADATA, handler) as RequestMethod | undefined) : undefined;
      if (method === undefined) return [];
      const own = (Reflect.getMetadata(PATH_METADATA, handler) as string).replace(/^\/$/, '');
      const allowed = Reflect.getMetadata(ALLOWED, handler) as Route['allowed'];
      return [{ method: RequestMethod[method], path: `/${base}${own ? `/${own}` : ''}`, allowed }];
    });
  });
}
