import { Column, type ColumnOptions } from 'typeorm';
import { opened, seal, type DocumentFormat } from '@pelvo/core';

/** MariaDB's JSON comes as text or parsed, by the driver's version. */
export const parsedJson = (stored: unknown): unknown => (typeof stored === 'string' ? (JSON.parse(stored) as unknown) : stored);

/** A document as a raw query gives it, upgraded to today's type. @throws UnopenableError when it cannot be used */
export const openStored = <T>(format: DocumentFormat<T>, stored: unknown): T => opened(format, parsedJson(stored));

/** A document for a raw query. */
export const sealed = <T>(format: DocumentFormat<T>, content: T): string => JSON.stringify(seal(format, content));

/**
 * A column that holds a document: it is written with its version and read as today's total type, whatever version is
 * stored. The only way in which JSON of the database is read.
 */
export function DocumentColumn<T>(format: DocumentFormat<T>, options: ColumnOptions = {}): PropertyDecorator {
  return Column({
    ...options,
    type: 'json',
    transformer: {
      to: (content: T | null | undefined) => (content === null || content === undefined ? content : seal(format, content)),
      from: (stored: unknown) => (stored === null || stored === undefined ? null : openStored(format, stored)),
    },
  });
}
