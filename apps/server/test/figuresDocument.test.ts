import { expect, it } from 'vitest';
import { figuresDocument } from './figuresDocument';

it('every constant and formula stands in docs/figures.md as the code has it', async () => {
  const document = figuresDocument();
  expect(document).toContain('egg yolk');
  // Nothing that has a source is left without saying it.
  expect(document.split('\n').filter((row) => /^\| `\w+` \|/.test(row) && /\|\s*\|$/.test(row))).toEqual([]);
  await expect(document).toMatchFileSnapshot('../../../docs/figures.md');
});
