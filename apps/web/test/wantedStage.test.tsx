// @vitest-environment jsdom
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { ladderOf, sharesFor } from '@pelvo/core';
import { RUBRIC, sheetOf } from './fixtures';
import { eachMarkingAnew, marking, marksSent } from './marking';

eachMarkingAnew();

const base = { strand: 'cooking', evidence: 'seen', faults: [], weight: 1 } as const;

describe('a stage that the dish wants', () => {
  it('judges a stage by the one that the dish wants, whatever the rubric would, and says what went wrong', async () => {
    const sugar = {
      ...base,
      kind: 'ladder' as const,
      key: 'caramel',
      name: 'Caramel',
      stages: sharesFor(ladderOf('sugar')!, 'pale'),
    };
    const sheet = sheetOf({ rubric: { editionId: 'r1', content: { ...RUBRIC, criteria: [sugar, ...RUBRIC.criteria] } } });
    const dishes = sheet.dishes.map((dish) => ({ ...dish, wants: [{ ladder: 'sugar', stage: 'amber' }] }));
    const { user, sent } = await marking({ ...sheet, dishes });
    await screen.findByRole('heading', { name: 'Ada' });
    await user.click(screen.getByRole('button', { name: /^Caramel/ }));
    expect(screen.getByRole('status', { name: 'Stage that is wanted' }).textContent).toContain('The dish wants amber caramel.');
    expect(screen.getByRole('button', { name: /amber caramel/ }).textContent).toContain('earns 100 %');
    expect(screen.getByRole('button', { name: /pale caramel/ }).textContent).toContain('earns 50 %');
    await user.click(screen.getByRole('button', { name: /hard crack/ }));
    // It stays, since there is something to read; the mark carries what it is counted by.
    expect(screen.getByRole('status', { name: 'Stage that is wanted' }).textContent).toContain('Reached hard crack: taken off too soon.');
    await waitFor(() =>
      expect(marksSent(sent).at(-1)).toMatchObject({ criterionKey: 'caramel', value: { kind: 'ladder', stage: 4, wanted: 6 } }),
    );
    await user.keyboard('7');
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ value: { kind: 'ladder', stage: 6, wanted: 6 } }));
  });
});
