import { describe, expect, it } from 'vitest';
import { EMPTY_KITCHEN, type KitchenTool } from '@pelvo/core';
import { kitchenSchema } from '../src';

const refused = (tools: readonly KitchenTool[]) => kitchenSchema.validate({ ...EMPTY_KITCHEN, name: 'Kitchen 1', tools }).error?.details[0];

describe('what a kitchen counts', () => {
  it('takes tools with how many there are, none included', () => {
    expect(
      refused([
        { name: 'board', count: 36 },
        { name: 'mandoline', count: 0 },
      ]),
    ).toBeUndefined();
  });

  it.each([
    ['a tool without a name', [{ name: ' ', count: 3 }], ['tools', 0, 'name']],
    ['less than none', [{ name: 'board', count: -1 }], ['tools', 0, 'count']],
    ['half a board', [{ name: 'board', count: 1.5 }], ['tools', 0, 'count']],
    [
      'the same tool twice, however it is written',
      [
        { name: 'board', count: 6 },
        { name: 'Boards', count: 8 },
      ],
      ['tools', 1],
    ],
  ] as const)('refuses %s by its field', (_what, tools, path) => {
    expect(refused(tools)?.path).toEqual(path);
  });
});

describe('ovens of a kitchen', () => {
  const oven = (name: string) => ({ ...EMPTY_KITCHEN.ovens[0]!, name });
  const refusedOvens = (names: readonly string[]) =>
    kitchenSchema.validate({ ...EMPTY_KITCHEN, name: 'Kitchen 1', ovens: names.map(oven) }).error?.details[0]?.path;

  it('bear names of their own: a plan says which of them a tray goes into', () => {
    expect(refusedOvens(['Oven A', 'Oven B'])).toBeUndefined();
    expect(refusedOvens(['Oven A', 'Oven B', 'oven a '])).toEqual(['ovens', 2]);
  });
});
