import type { ArgumentMetadata, PipeTransform } from '@nestjs/common';
import { notFound } from './problem';

/** Names in an address are words people chose; they have no control characters and an end. */
const NAME = /^[^\p{Cc}\p{Cs}]{1,300}$/u;
/** Everything else in an address is one of our own keys: an id, a date, the key of a rule. */
const KEY = /^[\w.-]{1,64}$/;

/**
 * What stands in the path of a request, before anyone asks the database for it: nothing has an id that is no id. A database
 * cannot even compare some of them (an id is ASCII there).
 */
export class ParamPipe implements PipeTransform {
  transform(value: unknown, { type, data }: ArgumentMetadata): unknown {
    if (type !== 'param' || typeof value !== 'string') return value;
    if (!(data === 'name' ? NAME : KEY).test(value)) throw notFound('page');
    return value;
  }
}
