// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { judgeHealth, NEW_SCHOOL, type HealthFacts, type SchoolSettings } from '@pelvo/core';
import type { HealthDetails, School } from '@pelvo/contract';
import DonenessPage from '../src/doneness/DonenessPage';
import { SettingsOfLesson } from '../src/lessons/SettingsOfLesson';
import PreferencesPage from '../src/people/PreferencesPage';
import { HealthNotice } from '../src/school';
import HealthPage from '../src/school/HealthPage';
import SchoolPage from '../src/school/SchoolPage';
import { keptDraft, refused, show, signedIn } from './screen';

const SCHOOL: School = { version: 3, settings: { ...NEW_SCHOOL, timeZone: 'Europe/Vienna' } };

describe('the school', () => {
  const page = (answers: Record<string, unknown> = {}) => show(<SchoolPage />, { answers: { '/school': SCHOOL, ...answers } });

  it('says how lessons run, and what each way asks', async () => {
    const { user } = page();
    expect(await screen.findByRole('radio', { name: 'levels with weights', checked: true })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Save' })).toBeNull();
    await user.click(screen.getByRole('radio', { name: 'deductions from full marks' }));
    expect(screen.getByText(/It begins at 100; what falls short is taken off/)).toBeTruthy();
  });

  it('saves what was changed over the version it was changed on, and is then as stored', async () => {
    const settings: SchoolSettings = { ...SCHOOL.settings, weighingOut: 'trays', timeZone: 'America/Lima' };
    const { user, sent } = page({ 'PUT /school': { version: 4, settings } });
    await user.click(await screen.findByRole('radio', { name: 'the technician weighs every tray' }));
    await user.selectOptions(screen.getByLabelText('Days and hours of lessons are of this zone'), 'America/Lima');
    expect(keptDraft<SchoolSettings>('school')!.mine).toEqual(settings);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Save' })).toBeNull());
    expect(sent).toEqual([{ method: 'PUT', path: '/school', body: settings, version: '"3"' }]);
    expect(keptDraft('school')).toBeNull();
  });

  it('calls boards by its own words, each with a colour', async () => {
    const { user } = page();
    await user.type(await screen.findByLabelText('Raw meat and fish'), 'plum');
    expect(keptDraft<SchoolSettings>('school')!.mine.boards['raw flesh']).toEqual({ name: 'plum', colour: '#ffffff' });
    expect(screen.getByLabelText('Colour of the board for raw meat and fish')).toBeTruthy();
  });

  it('says what would go before it is set how long it is kept', async () => {
    const { user } = page({ 'GET /school/overdue?photos=1*': { photos: 7, left: 0 } });
    await user.type(await screen.findByLabelText(/Photos of plates, months/), '12');
    expect(await screen.findByText(/Now overdue: 7 photos, 0 students who have left/)).toBeTruthy();
    expect(keptDraft<SchoolSettings>('school')!.mine.retention).toEqual({ photos: 12, left: null });
  });

  it('keeps what was touched when it cannot be saved, and lets it be dropped', async () => {
    const { user } = page({ 'PUT /school': refused(503, { title: 'The database cannot be reached.', status: 503 }) });
    await user.click(await screen.findByRole('radio', { name: 'pass or not yet' }));
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText('The database cannot be reached.')).toBeTruthy();
    expect(screen.getByRole('radio', { name: 'pass or not yet', checked: true })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Drop changes' }));
    expect(screen.getByRole('radio', { name: 'levels with weights', checked: true })).toBeTruthy();
  });

  it('names what a colleague set otherwise meanwhile, and keeps what was touched here', async () => {
    const theirs: School = { version: 4, settings: { ...SCHOOL.settings, marking: 'deductions', timeZone: 'Asia/Tokyo' } };
    const { user } = page({
      'PUT /school': refused(409, {
        type: 'urn:pelvo:problem:changed-meanwhile',
        title: 'Changed meanwhile',
        status: 409,
        current: { content: theirs.settings, version: 4 },
      }),
      '/school': SCHOOL,
    });
    await user.click(await screen.findByRole('radio', { name: 'pass or not yet' }));
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(screen.getByRole('radio', { name: 'pass or not yet', checked: true })).toBeTruthy();
  });
});

describe('how one lesson runs', () => {
  it('goes by the school until it says otherwise', async () => {
    const settings = { marking: null, weighingOut: null };
    const asked: unknown[] = [];
    const { user } = show(<SettingsOfLesson settings={settings} school={SCHOOL.settings} onChange={(next) => asked.push(next)} />);
    const marking = screen.getByLabelText('Marking');
    expect(within(marking).getByRole('option', { name: 'as the school: levels with weights', selected: true })).toBeTruthy();
    await user.selectOptions(marking, 'pass or not yet');
    expect(asked).toEqual([{ marking: 'pass', weighingOut: null }]);
  });

  it('tells those who only read it what holds, and where the lesson decided', () => {
    show(<SettingsOfLesson settings={{ marking: 'pass', weighingOut: null }} school={SCHOOL.settings} />);
    expect(screen.getByText(/pass or not yet, in this lesson/)).toBeTruthy();
    expect(screen.getAllByText(/in this lesson/)).toHaveLength(1);
    expect(screen.getByText('Weighing out:')).toBeTruthy();
  });
});

describe('preferences of a person', () => {
  it('show at once what they do, and only what was touched is saved, although the next touch comes before the answer', async () => {
    const answers: ((_: object) => void)[] = [];
    const { user, sent } = show(<PreferencesPage />, {
      answers: { 'PATCH /preferences': () => new Promise((done) => answers.push(done)) },
    });
    expect(screen.getByText('250 g')).toBeTruthy();
    await user.click(screen.getByRole('radio', { name: 'ounces, fluid ounces, inches' }));
    // Before the server has answered: 250 g ÷ 28.3495 g
    expect(screen.getByText('8.82 oz')).toBeTruthy();
    await user.click(screen.getByRole('radio', { name: '2:30 pm' }));
    answers[0]?.({});
    await waitFor(() => expect(screen.getByRole('status').textContent).toBe('Saved.'));
    // The second is still on its way: neither touch is shown as taken back.
    expect(screen.getByText('8.82 oz')).toBeTruthy();
    expect(screen.getByRole('radio', { name: '2:30 pm', checked: true })).toBeTruthy();
    answers[1]?.({});
    expect(sent).toEqual([
      { method: 'PATCH', path: '/preferences', body: { units: 'customary' }, version: null },
      { method: 'PATCH', path: '/preferences', body: { clock: '12' }, version: null },
    ]);
  });

  it('go back to what is stored when they could not be saved, and say why', async () => {
    const { user } = show(<PreferencesPage />, {
      answers: { ...signedIn({ clock: '12' }), 'PATCH /preferences': refused(500, { title: 'It could not be saved.', status: 500 }) },
    });
    expect(screen.getByRole('radio', { name: '2:30 pm', checked: true })).toBeTruthy();
    await user.click(screen.getByRole('radio', { name: '14:30' }));
    expect(await screen.findByText('It could not be saved.')).toBeTruthy();
    expect(screen.getByRole('radio', { name: '2:30 pm', checked: true })).toBeTruthy();
    expect(screen.getByRole('status').textContent).toBe('');
  });
});

describe('how the installation is', () => {
  const seen = (facts: Partial<HealthFacts>): HealthDetails => {
    const checks = judgeHealth({
      database: 3,
      schema: { waiting: 0, unknown: 0 },
      disk: { free: 40e9, size: 100e9 },
      clock: { ahead: 0, storedAhead: 0 },
      backupDays: 1,
      ...facts,
    });
    return { ok: checks.every(({ state }) => state !== 'wrong'), checks, at: '2026-11-26T08:00:00.000Z', database: '10.11.19-MariaDB' };
  };

  it('is told part by part, with what to do, and looked at again', async () => {
    let health = seen({ disk: { free: 120e6, size: 20e9 }, backupDays: null });
    const { user } = show(<HealthPage />, { answers: { '/health/details': () => health } });
    expect(await screen.findByText(/^2 things to look at\./)).toBeTruthy();
    const disk = screen.getByRole('heading', { name: 'Disk' }).closest('li')!;
    expect(disk.textContent).toMatch(/Wrong\. 120 MB of 20 GB free\.Make room/);
    expect(screen.getByRole('heading', { name: 'Database' }).closest('li')!.textContent!.trim()).toBe('DatabaseGood. Answers in 3 ms.');
    health = seen({});
    await user.click(screen.getByRole('button', { name: 'Look again' }));
    expect(await screen.findByText(/^Nothing to do\./)).toBeTruthy();
    expect(disk.textContent).toContain('Good. 40 GB of 100 GB free.');
  });

  it('stands above the term only while people cannot work', async () => {
    const { unmount } = show(<HealthNotice />, { answers: { '/health/details': seen({ schema: { waiting: 2, unknown: 0 } }) } });
    expect((await screen.findByRole('alert')).textContent).toContain('Tables: 2 steps behind this version of Pelvo. Start Pelvo again');
    unmount();
    let asked = false;
    const well = show(<HealthNotice />, { answers: { '/health/details': () => ((asked = true), seen({ backupDays: null })) } });
    await waitFor(() => expect(asked).toBe(true));
    expect(well.container.textContent).toBe('');
  });
});

describe('doneness', () => {
  const NOBODY = { rules: {}, versions: {}, changes: [] };
  const page = (answers: Record<string, unknown> = {}, role: 'lead' | 'assistant' = 'lead') =>
    show(<DonenessPage />, {
      role,
      answers: {
        '/school': SCHOOL,
        '/practices': { choices: {}, changes: [], versions: {} },
        '/rules': NOBODY,
        '/cut-sets': [],
        ...answers,
      },
    });
  const medium = { from: 57, to: 61, cue: 'springs at once, pink', rest: '8 minutes' };
  const own: School = { version: 4, settings: { ...SCHOOL.settings, doneness: { 'red-meat medium': medium } } };

  it('is set by the lead, band by band, and says what is set', async () => {
    const { user, sent } = page({ 'PUT /school': own });
    await user.click(await screen.findByRole('button', { name: /^Change red meat, a whole piece, medium$/ }));
    const form = within(screen.getByRole('form', { name: 'red meat, a whole piece: medium' }));
    const type = async (label: string, text: string) => {
      await user.clear(form.getByLabelText(label));
      await user.type(form.getByLabelText(label), text);
    };
    await type('Core from, °C', '66');
    await type('To, °C', '70');
    await user.click(form.getByRole('button', { name: 'Keep' }));
    expect(form.getByText(/wrong side of "medium well"/)).toBeTruthy();
    expect(sent).toEqual([]);
    await type('Core from, °C', '57');
    await type('To, °C', '61');
    await type('Rest', '8 minutes');
    await user.click(form.getByRole('button', { name: 'Keep' }));
    expect(await screen.findByText('this school')).toBeTruthy();
    expect(sent).toEqual([{ method: 'PUT', path: '/school', body: own.settings, version: '"3"' }]);
  });

  it('goes on from what another has saved meanwhile, and loses nothing typed', async () => {
    const theirs: School = { version: 9, settings: { ...SCHOOL.settings, timeZone: 'America/Lima' } };
    const { user } = page({
      'PUT /school': refused(412, { type: 'urn:pelvo:problem:changed-meanwhile', title: 'Changed.', status: 412, current: theirs }),
    });
    await user.click(await screen.findByRole('button', { name: /^Change bread, baked through$/ }));
    const form = within(screen.getByRole('form', { name: 'bread: baked through' }));
    await user.clear(form.getByLabelText('Rest'));
    await user.type(form.getByLabelText('Rest'), 'two hours');
    await user.click(form.getByRole('button', { name: 'Keep' }));
    await user.click(await form.findByRole('button', { name: 'Go on from theirs, then keep yours' }));
    expect(form.getByLabelText<HTMLInputElement>('Rest').value).toBe('two hours');
  });

  it('is read by others, and not changed', async () => {
    page({ '/school': own }, 'assistant');
    expect(await screen.findByText('this school')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Change/ })).toBeNull();
  });
});
