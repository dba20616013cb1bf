// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { sheetOf } from './fixtures';
import { eachMarkingAnew, marking, marksSent } from './marking';

eachMarkingAnew();

describe('a fault at the pass', () => {
  const technique = sheetOf().rubric!.content.criteria[0]!.faults[0]!.technique;
  const components = [
    { name: 'Leeks', techniques: [technique] },
    { name: 'Crumb', techniques: [] },
  ];
  const sheet = () => ({ ...sheetOf(), dishes: sheetOf().dishes.map((dish) => ({ ...dish, components })) });
  const noted = async () => within(await screen.findByRole('list', { name: 'What the student reads' }));

  it('sits where its technique is exercised, and elsewhere by one touch', async () => {
    const { user, sent } = await marking(sheet());
    await screen.findByRole('heading', { name: 'Ada' });
    await user.keyboard('2a');
    await waitFor(() =>
      expect(marksSent(sent).at(-1)).toMatchObject({ value: { level: 2, faults: ['cut-f'], notes: { 'cut-f': { place: 'Leeks' } } } }),
    );
    expect((await noted()).getByText('Cut slips, Leeks.')).toBeTruthy();
    await user.click((await noted()).getByRole('button', { name: 'Crumb' }));
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ value: { notes: { 'cut-f': { place: 'Crumb' } } } }));
    // Another level keeps what was noted.
    await user.keyboard('1');
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ value: { level: 1, notes: { 'cut-f': { place: 'Crumb' } } } }));
    await user.click((await noted()).getByRole('button', { name: 'the whole plate' }));
    await waitFor(() => expect(marksSent(sent).at(-1)!.value).toEqual({ kind: 'level', level: 1, faults: ['cut-f'] }));
  });

  it('is told in the card’s words until an assessor says it otherwise, and figures typed there mark nothing', async () => {
    const { user, sent } = await marking();
    await screen.findByRole('heading', { name: 'Ada' });
    await user.keyboard('2a');
    expect((await noted()).queryByRole('group')).toBeNull();
    await user.click((await noted()).getByRole('button', { name: 'Say it otherwise' }));
    const own = (await noted()).getByRole<HTMLInputElement>('textbox', { name: 'Next time: Cut slips' });
    await user.clear(own);
    await user.type(own, 'Rest 3 minutes first{Enter}');
    await waitFor(() =>
      expect(marksSent(sent).at(-1)).toMatchObject({ value: { level: 2, notes: { 'cut-f': { nextTime: 'Rest 3 minutes first' } } } }),
    );
    expect((await noted()).getByText(/Next time: Rest 3 minutes first\./)).toBeTruthy();
    await user.click((await noted()).getByRole('button', { name: 'Say it otherwise' }));
    await user.clear((await noted()).getByRole('textbox'));
    await user.click((await noted()).getByRole('button', { name: 'Keep it' }));
    await waitFor(() => expect(marksSent(sent).at(-1)!.value).toEqual({ kind: 'level', level: 2, faults: ['cut-f'] }));
  });

  it('that looks like another names what tells them apart, and is the other by one touch', async () => {
    const { rubric, ...rest } = sheetOf();
    const [first, ...others] = rubric!.content.criteria;
    const [slips] = first!.faults;
    const twin = { ...slips!, key: 'twin', see: 'Cut slides', looksLike: { fault: slips!.key, test: 'Press it: a slip stays.' } };
    const content = { ...rubric!.content, criteria: [{ ...first!, faults: [slips!, twin] }, ...others] };
    const { user, sent } = await marking({ ...rest, rubric: { editionId: 'r1', content } });
    await screen.findByRole('heading', { name: 'Ada' });
    await user.keyboard('2a');
    expect((await noted()).getByText('Press it: a slip stays.')).toBeTruthy();
    await user.click((await noted()).getByRole('button', { name: 'It is “Cut slides”' }));
    await waitFor(() => expect(marksSent(sent).at(-1)!.value).toEqual({ kind: 'level', level: 2, faults: ['twin'] }));
    await user.click((await noted()).getByRole('button', { name: 'It is “Cut slips”' }));
    await waitFor(() => expect(marksSent(sent).at(-1)!.value).toEqual({ kind: 'level', level: 2, faults: ['cut-f'] }));
  });
});
