// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { RubricContent } from '@pelvo/core';
import type { MarkingSheet } from '@pelvo/contract';
import { lessonOf, plate, RUBRIC, sheetOf } from './fixtures';
import { eachMarkingAnew, AT, marking, marksSent } from './marking';
import { refused, show } from './screen';

eachMarkingAnew();

const base = { strand: 'knife', evidence: 'seen', faults: [], weight: 1 } as const;
const KNIFE: RubricContent = {
  ...RUBRIC,
  criteria: [
    {
      ...base,
      kind: 'measured',
      key: 'dice',
      name: 'Dice',
      target: { unit: 'mm', sizes: [{ name: 'side', least: 9, most: 11 }], pieces: 3, shares: [0.4, 0.7, 0.9] },
    },
    { ...base, kind: 'counted', key: 'boards', name: 'Boards', counts: 'changes missed', most: [0, 1, 3] },
    {
      ...base,
      kind: 'ladder',
      key: 'order',
      name: 'Order',
      stages: [
        { name: 'cluttered', share: 0.25 },
        { name: 'clear', share: 1 },
      ],
    },
  ],
};

const criterion = () => screen.getByRole('region').getAttribute('aria-label');
describe('marking a dish', () => {
  it('names the conditions of what is served below its rule beside the safety of the food, and nowhere else', async () => {
    const below = ['Duck breast: below the rule on purpose. Judge its conditions, not its core: seared all over.'];
    const { user } = await marking(sheetOf({ dishes: [{ editionId: 'e1', title: 'Leek salad', below }] }));
    await screen.findByRole('heading', { name: 'Ada' });
    expect(screen.queryByText(below[0]!)).toBeNull();
    const critical = RUBRIC.criteria.find(({ kind }) => kind === 'critical')!;
    await user.click(within(screen.getByRole('list', { name: 'Criteria' })).getByRole('button', { name: new RegExp(critical.name) }));
    expect(screen.getByText(below[0]!)).toBeTruthy();
  });

  it('takes a touch, moves on by itself when nothing more is to be said, and sends it', async () => {
    const { user, sent } = await marking();
    await screen.findByRole('heading', { name: 'Ada' });
    expect(criterion()).toBe('Cut');
    await user.click(screen.getByRole('button', { name: /Assured\. exact/ }));
    expect(criterion()).toBe('Seasoning');
    await waitFor(() => expect(marksSent(sent)).toMatchObject([{ criterionKey: 'cut', value: { kind: 'level', level: 4, faults: [] } }]));
  });

  it('has the student’s aim of the day in view, where there is one', async () => {
    const sheet = sheetOf();
    const students = sheet.students.map((each, at) => (at === 0 ? { ...each, aim: 'Seasoning: salt in two goes' } : each));
    const { user } = await marking({ ...sheet, students });
    expect((await screen.findByText(/salt in two goes/)).textContent).toBe('Aim of the day. Seasoning: salt in two goes');
    await user.click(screen.getByRole('button', { name: 'Next student' }));
    await waitFor(() => expect(screen.queryByText(/Aim of the day/)).toBeNull());
  });

  it('stays where something went wrong, so that the fault can be touched', async () => {
    const { user, sent } = await marking();
    await screen.findByRole('heading', { name: 'Ada' });
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /Cut slips/ }).disabled).toBe(true);
    await user.click(screen.getByRole('button', { name: /Nearly\. near/ }));
    expect(criterion()).toBe('Cut');
    await user.click(screen.getByRole('button', { name: /Cut slips/ }));
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ value: { level: 2, faults: ['cut-f'] } }));
  });

  it('is done from the keyboard alone, with undo', async () => {
    const { user, sent } = await marking();
    await screen.findByRole('heading', { name: 'Ada' });
    await user.keyboard('3');
    expect(criterion()).toBe('Seasoning');
    await user.keyboard('1a');
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ criterionKey: 'salt', value: { level: 1, faults: ['salt-f'] } }));
    await user.keyboard('u');
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ criterionKey: 'salt', value: { level: 1, faults: [] } }));
    await user.keyboard('0');
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ criterionKey: 'salt', value: { kind: 'notSeen' } }));
    expect(criterion()).toBe('Safe food');
    await user.keyboard('1');
    expect(await screen.findByText('Capped at 40: Safe food was not met.')).toBeTruthy();
  });

  it('marks a plate once for all who cooked it, takes it back for all, and goes on to the next team', async () => {
    const of = (id: string, name: string, station: number, absent = false) => ({ ...sheetOf().students[0]!, id, name, station, absent });
    const students = [of('s1', 'Ada', 1), of('s2', 'Bo', 1), of('s3', 'Cleo', 1, true), of('s4', 'Dov', 2), of('s5', 'Edda', 2)];
    const { user, sent } = await marking({ ...sheetOf(), students });
    await user.click(await screen.findByRole('button', { name: 'For the team of 2' }));
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Ada, Bo');
    await user.click(screen.getByRole('button', { name: /Assured\. exact/ }));
    await waitFor(() =>
      expect(
        marksSent(sent)
          .map((mark) => (mark as unknown as { studentId: string }).studentId)
          .sort(),
      ).toEqual(['s1', 's2']),
    );
    expect(screen.getByRole('button', { name: 'Next student' }).textContent).toContain('Dov');
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(marksSent(sent).filter(({ value }) => value === null)).toHaveLength(2));
    // From here on for oneself alone again.
    await user.click(screen.getByRole('button', { name: 'For all 2 of the team' }));
    expect(screen.getByRole('button', { name: 'Next student' }).textContent).toContain('Bo');
  });

  it('shows the mark so far as the lesson tells it', async () => {
    const { user, unmount } = await marking();
    await screen.findByRole('heading', { name: 'Ada' });
    await user.keyboard('3');
    expect(screen.getByText('~75').textContent).toContain('of 100, not final');
    unmount();
    vi.resetModules();
    vi.stubGlobal('indexedDB', new IDBFactory());
    const again = await marking(sheetOf({ way: 'pass' }));
    await screen.findByRole('heading', { name: 'Ada' });
    await again.user.keyboard('1');
    expect(screen.getByText(/~Not yet/).textContent).not.toContain('of 100');
  });

  it('tells what is taught here, and goes on to the next student who is there', async () => {
    const { user, at, sent } = await marking();
    await screen.findByRole('heading', { name: 'Ada' });
    await user.click(screen.getByRole('button', { name: 'Taught here' }));
    expect((await screen.findByRole('dialog', { name: 'What this lesson teaches' })).textContent).toContain('Turning in the pan: often');
    await user.keyboard('3');
    expect(marksSent(sent)).toEqual([]);
    await user.keyboard('{Escape}');
    await user.click(screen.getByRole('button', { name: 'Next student' }));
    await waitFor(() => expect(at()).toBe('/lessons/l1/mark/s2/e1'));
    await screen.findByRole('heading', { name: 'Bo' });
    await user.keyboard('[[');
    await waitFor(() => expect(at()).toBe(AT));
  });

  it('measures piece by piece, refuses nonsense with what was typed still there, and proposes a level that a person gives', async () => {
    const { user, sent } = await marking(sheetOf({ rubric: { editionId: 'r1', content: KNIFE } }));
    await screen.findByRole('heading', { name: 'Ada' });
    const field = await screen.findByLabelText<HTMLInputElement>('Piece 1, in mm');
    // As an instrument types: figures and Enter.
    await user.type(field, '10.5{Enter}');
    expect(await screen.findByText('1 of 1 within')).toBeTruthy();
    await user.type(field, '3O00{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('"3O00" is no measure in mm');
    expect(field.value).toBe('3O00');
    await user.clear(field);
    // Of the 9 to 11 that are wanted: nothing is 0, and 3000 is asked about before it is taken.
    await user.type(field, '0{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('Nothing is 0 mm');
    await user.clear(field);
    await user.type(field, '3000{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('3000 mm is far from the 9 to 11 that is wanted');
    expect(screen.getByText('1 of 1 within')).toBeTruthy();
    await user.type(field, '{Enter}');
    await user.click(await screen.findByRole('button', { name: 'Take out piece 2, 3000 mm' }));
    for (const digit of ['1', '2']) await user.click(screen.getByRole('button', { name: digit }));
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    expect(await screen.findByText('1 of 2 within')).toBeTruthy();
    expect(screen.getByText(/1 more piece before a level is proposed/)).toBeTruthy();
    // Kept before anybody gives a level.
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ value: { kind: 'measured', pieces: [[10.5], [12]], level: null } }));
    await user.click(screen.getByRole('button', { name: /Take out piece 2/ }));
    await user.type(field, '9{Enter}10{Enter}');
    const proposed = await screen.findByRole('button', { name: /Assured proposed/ });
    await user.click(proposed);
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ value: { pieces: [[10.5], [9], [10]], level: 4 } }));
  });

  it('takes figures from an instrument: steady ones at once, moving ones after a look, none where it shows nothing', async () => {
    const said = [
      { name: 'calliper', value: 10.4, unit: 'mm', steady: true },
      { name: 'calliper', value: 9.8, unit: 'mm', steady: false },
      refused(409, {
        type: 'urn:pelvo:problem:conflict',
        title: 'Not now.',
        status: 409,
        errors: [{ field: 'name', problem: 'The calliper shows nothing.', remedy: 'Close it on the piece.' }],
      }),
    ];
    const { user } = await marking(sheetOf({ rubric: { editionId: 'r1', content: KNIFE } }), {
      '/instruments': {
        state: 'there',
        instruments: [
          { name: 'calliper', unit: 'mm', resolution: 0.01 },
          { name: 'probe', unit: '°C', resolution: 0.1 },
        ],
      },
      'POST /instruments/calliper/readings': () => said.shift(),
    });
    const read = await screen.findByRole('button', { name: 'Read the calliper' });
    // A probe does not measure dice.
    expect(screen.queryByRole('button', { name: 'Read the probe' })).toBeNull();
    await user.click(read);
    expect(await screen.findByText('1 of 1 within')).toBeTruthy();
    await user.click(read);
    expect((await screen.findByRole('alert')).textContent).toContain('still moves: 9.8 mm');
    expect(screen.getByLabelText<HTMLInputElement>('Piece 2, in mm').value).toBe('9.8');
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    expect(await screen.findByText('2 of 2 within')).toBeTruthy();
    await user.click(read);
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('Close it on the piece.'));
    expect(screen.getByText('2 of 2 within')).toBeTruthy();
  });

  it('counts by touch and by key, and takes a stage by its number', async () => {
    const { user, sent } = await marking(
      sheetOf({ rubric: { editionId: 'r1', content: { ...KNIFE, criteria: KNIFE.criteria.slice(1) } } }),
    );
    await screen.findByRole('heading', { name: 'Ada' });
    await user.click(screen.getByRole('button', { name: 'None at all' }));
    expect(await screen.findByText('Assured.')).toBeTruthy();
    await user.keyboard('++');
    await user.click(screen.getByRole('button', { name: 'One more' }));
    await user.keyboard('-');
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ criterionKey: 'boards', value: { kind: 'counted', count: 2 } }));
    await user.keyboard('{ArrowDown}2');
    await waitFor(() => expect(marksSent(sent).at(-1)).toMatchObject({ criterionKey: 'order', value: { kind: 'ladder', stage: 1 } }));
  });

  it('keeps a mark the server refuses, and says why', async () => {
    const errors = [{ field: 'events.0.value', problem: 'The rubric has changed.', remedy: 'Load the marking screen again.' }];
    const { user } = await marking(sheetOf(), {
      'POST /lessons/l1/events': refused(422, { type: 'urn:pelvo:problem:invalid-input', title: 'Not right.', status: 422, errors }),
    });
    await screen.findByRole('heading', { name: 'Ada' });
    await user.keyboard('4');
    expect(await screen.findByText(/refused|not taken|not saved/i)).toBeTruthy();
    expect(screen.getByRole('button', { name: /^Cut/ }).textContent).toContain('4 Assured');
  });
});

describe('a second marking', () => {
  it('hides what the first gave until every criterion is judged', async () => {
    localStorage.setItem('pelvo.second', '1');
    const first = plate('s1', { cut: { kind: 'level', level: 1, faults: [] } }, 'other');
    const { user, sent } = await marking(sheetOf({ plates: [first], assessors: { other: 'Ottil Brand' } }));
    await screen.findByRole('heading', { name: 'Ada' });
    expect(screen.getByText(/what the first assessor gave is hidden/)).toBeTruthy();
    expect(screen.queryByText('1 Not yet')).toBeNull();
    await user.keyboard('3');
    await user.keyboard('3');
    await user.keyboard('2');
    await waitFor(() => expect(marksSent(sent)).toHaveLength(3));
    await waitFor(() => expect(screen.queryByText(/what the first assessor gave is hidden/)).toBeNull());
    // Nothing of it is sent into the next test.
    await screen.findByText('All saved');
    localStorage.removeItem('pelvo.second');
  });
});

describe('a round of the stations', () => {
  const round = async (sheet: MarkingSheet) => {
    const { default: StationRoundPage } = await import('../src/assessment/StationRoundPage');
    return show(<StationRoundPage />, {
      role: 'assistant',
      at: '/lessons/l1/mark/round',
      route: '/lessons/:id/mark/round',
      answers: { '/lessons/l1': lessonOf(), '/lessons/l1/marking-sheet': sheet, 'POST /lessons/l1/events': { stored: 1, number: 1 } },
    });
  };
  const PROCESS: RubricContent = {
    ...KNIFE,
    criteria: [
      ...KNIFE.criteria.map((criterion) => ({ ...criterion, strand: 'process' as const })),
      { ...base, kind: 'critical', key: 'safe', name: 'Safe', met: 'claw', notMet: 'flat', cap: 40 },
      { ...base, strand: 'plating', kind: 'counted', key: 'rim', name: 'Rim', counts: 'marks', most: [0, 1, 2] },
    ],
  };

  it('gives what is judged at the station by a touch each, and says who was looked at', async () => {
    const { user, sent } = await round(sheetOf({ rubric: { editionId: 'r1', content: PROCESS } }));
    await user.click(await screen.findByRole('button', { name: 'Ada, Safe: not met' }));
    await user.click(screen.getByRole('button', { name: 'Ada, Boards: one more, now 0' }));
    await user.click(await screen.findByRole('button', { name: 'Ada, Boards: one more, now 1' }));
    await user.click(screen.getByRole('button', { name: 'Ada, Order: clear' }));
    await waitFor(() =>
      expect(marksSent(sent).map(({ criterionKey, value }) => [criterionKey, value])).toEqual([
        ['safe', { kind: 'critical', met: false, faults: [] }],
        ['boards', { kind: 'counted', count: 1, faults: [] }],
        ['boards', { kind: 'counted', count: 2, faults: [] }],
        ['order', { kind: 'ladder', stage: 1, faults: [] }],
      ]),
    );
    expect(screen.getByText(/^1 of \d+ looked at in this round$/)).toBeTruthy();
    // What is seen at the pass, or measured, is not of the round.
    expect(screen.queryByRole('button', { name: /Rim|Dice/ })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Begin a new round' }));
    expect(screen.getByText(/^0 of \d+ looked at in this round$/)).toBeTruthy();
  });

  it('takes the last touch back', async () => {
    const { user, sent } = await round(sheetOf({ rubric: { editionId: 'r1', content: PROCESS } }));
    await user.click(await screen.findByRole('button', { name: 'Ada, Safe: not met' }));
    await user.click(screen.getByRole('button', { name: /Undo/ }));
    await waitFor(() => expect(marksSent(sent).map(({ value }) => value)).toEqual([{ kind: 'critical', met: false, faults: [] }, null]));
    expect((await screen.findByRole('button', { name: 'Ada, Safe: not met' })).getAttribute('aria-pressed')).toBe('false');
  });

  it('says where a rubric has nothing to judge at a station', async () => {
    const content = { ...PROCESS, criteria: PROCESS.criteria.filter(({ strand }) => strand === 'plating') };
    await round(sheetOf({ rubric: { editionId: 'r1', content } }));
    expect(await screen.findByText('Nothing is judged at the station')).toBeTruthy();
  });
});

describe('the rest as usual', () => {
  const marked = (studentId: string, level: 1 | 2 | 3 | 4) =>
    plate(studentId, { cut: { kind: 'level', level, faults: [] }, salt: { kind: 'level', level, faults: [] } });
  it('gives what is not marked the level of the class in one touch, but never what caps a dish, and is taken back in one', async () => {
    const { user, sent } = await marking(sheetOf({ plates: [marked('s2', 2), marked('s3', 2), marked('s4', 4)] }));
    await screen.findByRole('heading', { name: 'Ada' });
    expect(screen.getAllByText('usual 2')).toHaveLength(2);
    await user.click(screen.getByRole('button', { name: 'Rest as usual' }));
    await waitFor(() =>
      expect(marksSent(sent)).toMatchObject([
        { criterionKey: 'cut', value: { kind: 'level', level: 2 } },
        { criterionKey: 'salt', value: { kind: 'level', level: 2 } },
      ]),
    );
    expect(criterion()).toBe('Safe food');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Rest as usual' }).disabled).toBe(true);
    await user.keyboard('u');
    await waitFor(() =>
      expect(marksSent(sent).slice(2)).toMatchObject([
        { criterionKey: 'cut', value: null },
        { criterionKey: 'salt', value: null },
      ]),
    );
  });
  it('goes on to what has stood at the pass the longest, once a dish is done', async () => {
    const came = (studentId: string, at: string) => ({ studentId, dishEditionId: 'e1', at });
    const arrivals = [came('s3', '2026-11-27T10:05:00Z'), came('s2', '2026-11-27T10:01:00Z')];
    const { user, at } = await marking(sheetOf({ arrivals }));
    await screen.findByRole('heading', { name: 'Ada' });
    expect(screen.queryByRole('button', { name: 'Next at the pass' })).toBeNull();
    await user.keyboard('r2');
    await user.click(await screen.findByRole('button', { name: 'Next at the pass' }));
    expect(at()).toBe('/lessons/l1/mark/s2/e1');
  });
  it('leaves what was marked already as it is, from the keyboard too', async () => {
    const { user, sent } = await marking();
    await screen.findByRole('heading', { name: 'Ada' });
    await user.keyboard('4r');
    await waitFor(() => expect(marksSent(sent).map(({ criterionKey }) => criterionKey)).toEqual(['cut', 'salt']));
  });
});

describe('the queue at the pass', () => {
  const open = async (sheet: MarkingSheet) => {
    const { default: MarkListPage } = await import('../src/assessment/MarkListPage');
    return show(<MarkListPage />, {
      role: 'assistant',
      at: '/lessons/l1/mark',
      route: '/lessons/:id/mark',
      answers: { '/lessons/l1/marking-sheet': sheet, 'POST /lessons/l1/events': { stored: 1, number: 1 } },
    });
  };
  const ago = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
  const at = (studentId: string, minutes: number) => ({ studentId, dishEditionId: 'e1', at: ago(minutes) });
  it('has what came, what is due and what is marked, and takes a plate in by one touch', async () => {
    const { user, sent } = await open(sheetOf({ arrivals: [at('s2', 12)], due: [at('s1', 3)], plateWaits: 8 }));
    expect(await screen.findByText('waits 12 min: too long')).toBeTruthy();
    expect(screen.getByText('3 min late')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Here: Ada/ }));
    expect(await screen.findByText('just came')).toBeTruthy();
    const events = () => sent.filter(({ path }) => path.endsWith('/events')).flatMap(({ body }) => (body as { events: object[] }).events);
    await waitFor(() =>
      expect(events()).toMatchObject([{ kind: 'arrived', body: { studentId: 's1', dishEditionId: 'e1', arrived: true } }]),
    );
    await user.click(screen.getByRole('button', { name: /^Not here after all: Ada/ }));
    await waitFor(() => expect(events().at(-1)).toMatchObject({ body: { arrived: false } }));
  });
  it('hides who it is until it is marked, where that is wanted, and remembers it', async () => {
    const { user, unmount } = await open(sheetOf());
    await screen.findByText('Ada');
    await user.click(screen.getByRole('checkbox', { name: /By station/ }));
    expect(screen.getByText('Station 1')).toBeTruthy();
    expect(screen.queryByText('Ada')).toBeNull();
    unmount();
    await marking();
    expect(await screen.findByRole('heading', { name: 'Station 1' })).toBeTruthy();
  });
});
