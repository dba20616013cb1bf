// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { estimateSkill, type SkillSign } from '@pelvo/core';
import type { ClassSkills, SkillSignSaid } from '@pelvo/contract';
import SkillsPage from '../src/progress/SkillsPage';
import { show } from './screen';

const skill = (...levels: number[]) =>
  estimateSkill(
    levels.map((level): SkillSign => ({ day: 0, level, evidence: 'measured', sharedBy: 1 })),
    0,
  )!;

const CLASS: ClassSkills = {
  classId: 'c1',
  className: 'Foundation',
  today: '2026-11-27',
  students: [
    { id: 'a', name: 'Ada' },
    { id: 'b', name: 'Ben' },
  ],
  techniques: [
    { name: 'Poach', id: 't1' },
    { name: 'Turn, the old way', id: null },
  ],
  cells: [
    { studentId: 'a', technique: 'Poach', skill: skill(1, 1, 2) },
    { studentId: 'b', technique: 'Poach', skill: skill(4, 4, 4) },
    { studentId: 'a', technique: 'Turn, the old way', skill: skill(3) },
  ],
  faults: [{ technique: 'Poach', place: '', see: 'Ragged edges', times: 3, students: 1 }],
};
const SIGN: SkillSignSaid = {
  lesson: 'Poaching',
  lessonId: 'l1',
  date: '2026-11-20',
  dish: 'Trout',
  criterion: 'Doneness',
  said: 'Not yet: raw or dry',
  level: 1,
  evidence: 'measured',
  sharedBy: 2,
  by: 'Teo Vasz',
};

const page = (answer: ClassSkills) =>
  show(<SkillsPage />, {
    at: '/classes/c1/skills',
    route: '/classes/:id/skills',
    answers: { '/classes/c1/skills': answer, '/classes/c1/skills/a/Poach': [SIGN] },
  });

describe('where a class stands', () => {
  it('says whom to group for what, and leads to a plan for it', async () => {
    page(CLASS);
    const group = (await screen.findByRole('heading', { name: 'Poach' })).closest('li')!;
    expect(group.textContent).toContain('1 of the 2 of whom there is enough to sayAda');
    expect(within(group).getByRole('link', { name: 'Plan it' }).getAttribute('href')).toBe(
      '/lessons/new?class=c1&technique=t1&purpose=practise',
    );
    expect(screen.getByText('Ragged edges').closest('li')!.textContent).toContain('1 student, 3 times');
  });

  it('says each standing in words, with what stands behind it a touch away', async () => {
    const { user } = page(CLASS);
    expect(await screen.findByRole('button', { name: /^Ben, Poach: Assured, give or take 0\.\d levels, of 3 judgements$/ })).toBeTruthy();
    expect(screen.getByRole('button', { name: /^Ada, Turn, the old way: too few to say, perhaps Secure/ })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Ada, Poach: Not yet/ }));
    const behind = within(await screen.findByRole('dialog', { name: 'Ada: Poach' }));
    expect((await behind.findByText(/Doneness, Not yet/)).closest('li')!.textContent).toMatch(
      /measured, divided among 2 techniquesNot yet: raw or dryPoaching, .*Trout, by Teo Vasz/,
    );
  });

  it('says what to do before anything is marked', async () => {
    page({ ...CLASS, cells: [], techniques: [], faults: [] });
    expect(await screen.findByText('Nothing has been marked yet')).toBeTruthy();
  });
});
