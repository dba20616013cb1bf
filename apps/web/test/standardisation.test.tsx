// @vitest-environment jsdom
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Criterion, MarkValue, SampleMark } from '@pelvo/core';
import type { Standardisation } from '@pelvo/contract';
import StandardisationPage from '../src/standardisation/StandardisationPage';
import { show } from './screen';

const criterion = {
  key: 'taste',
  name: 'Seasoning',
  kind: 'levels',
  strand: 'cooking',
  evidence: 'tasted',
  weight: 1,
  faults: [],
  descriptors: ['unseasoned', 'some parts flat', 'balanced', 'balanced and lifting'],
} as unknown as Criterion;
const level = (value: 1 | 2 | 3 | 4): MarkValue => ({ kind: 'level', level: value, faults: [] });
const taste = (value: 1 | 2 | 3 | 4): SampleMark => ({ sampleId: 's1', criterionKey: 'taste', value: level(value) });
const exercise = (part: Partial<Standardisation> = {}): Standardisation => ({
  id: 'x',
  title: 'Three sauces',
  closed: false,
  rubric: {
    name: 'Dish',
    strandWeights: { knife: 0, cooking: 1, plating: 0, process: 0 },
    levelShares: [0.25, 0.5, 0.75, 1],
    passAt: 3,
    criteria: [criterion],
  },
  samples: [{ id: 's1', title: 'Sauce', about: 'It runs to the rim.', assessmentId: null }],
  mine: [],
  shown: null,
  ...part,
});
const shown = (part: Partial<Standardisation> = {}) =>
  show(<StandardisationPage />, {
    at: '/standardisations/x',
    route: '/standardisations/:id',
    answers: { '/standardisations/x': exercise(part), 'PUT /standardisations/x/marks': exercise({ ...part, mine: [taste(2)] }) },
  });

describe('a standardisation', () => {
  it('asks for one’s own word first, with what each level means, and shows nobody else’s', async () => {
    const { user, sent } = shown();
    const row = await screen.findByRole('group', { name: 'Seasoning: What I say' });
    expect(screen.getByText('It runs to the rim.')).toBeTruthy();
    expect(
      within(row)
        .getAllByRole('button')
        .map((button) => button.textContent),
    ).toEqual(['Not yet', 'Nearly', 'Secure', 'Assured']);
    expect(within(row).getByText(/Nearly: some parts flat/)).toBeTruthy();
    expect(screen.queryByText('Where you differ')).toBeNull();
    await user.click(within(row).getByRole('button', { name: 'Nearly' }));
    expect(await within(row).findByRole('button', { name: 'Nearly', pressed: true })).toBeTruthy();
    expect(sent.at(-1)).toMatchObject({ method: 'PUT', body: { ...taste(2), standard: false } });
  });

  it('shows where they differ, and how each stands to the standard', async () => {
    const judges = [
      { personId: 'a', name: 'Ada', marks: [taste(4)] },
      { personId: 'b', name: 'Ben', marks: [taste(2)] },
    ];
    shown({ mine: [taste(4)], shown: { judges, standard: [taste(3)] } });
    expect(await screen.findByText('Ada: Assured; Ben: Nearly')).toBeTruthy();
    expect(screen.getByText('2 levels')).toBeTruthy();
    expect(screen.getByText(/0 % exactly so, of 1; 1.00 of a level milder/)).toBeTruthy();
    expect(screen.getByText(/0 % exactly so, of 1; 1.00 of a level stricter/)).toBeTruthy();
  });
});
