import parse from 'joi-to-json';
import { describe, expect, it } from 'vitest';
import { DISH_FILE_VERSION } from '@pelvo/core';
import { dishFileSchema } from '../src';

/** JSON Schema of a format, from the very definition that guards what comes in; `npm run schemas` (in this package) writes it anew. */
const schemaOf = (schema: Parameters<typeof parse>[0], name: string, version: number): string =>
  `${JSON.stringify(
    {
      $schema: 'https://json-schema.org/draft/2019-09/schema',
      $id: `urn:pelvo:schema:${name}:${version}`,
      title: `Pelvo ${name}, version ${version}`,
      ...(parse(schema, 'json-draft-2019-09') as object),
    },
    null,
    1,
  )}\n`;

describe('the published schemas', () => {
  it('say what the contract checks', async () => {
    await expect(schemaOf(dishFileSchema, 'dishes', DISH_FILE_VERSION)).toMatchFileSnapshot('../../../docs/formats/dishes.schema.json');
  });
});
