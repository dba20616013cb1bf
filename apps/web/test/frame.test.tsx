// @vitest-environment happy-dom
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { figure, given, measure, text, type Figure, type PhaseReadiness } from '@pelvo/core';
import type { LessonSummary } from '@pelvo/contract';
import { fieldProblem, fromToday, isOffline, problemOf, ProblemError, savedMeanwhile, send, today, useAction } from '../src/device';
import { Fetching, FigureValue, MeanwhileNotice, PlainHttpNotice, ProblemNotice, Stepper, TextField, WorkingPage } from '../src/design';
import TermPage from '../src/lessons/TermPage';
import { missingIn, phasePath } from '../src/lessons/strips';
import { refused, show } from './screen';

describe('a request', () => {
  it('that fails without a network is told as one, and nothing is lost', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
    const failure = await send('GET', '/x').catch((error: unknown) => error);
    expect([isOffline(failure), problemOf(failure).title]).toEqual([true, 'Pelvo cannot be reached.']);
    vi.unstubAllGlobals();
  });
  it('answered by something that is not Pelvo is told as out of reach', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('<html>Bad gateway</html>', { status: 502 })));
    expect(isOffline(await send('GET', '/x').catch((error: unknown) => error))).toBe(true);
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('<html>no</html>', { status: 404 })));
    expect(isOffline(await send('GET', '/x').catch((error: unknown) => error))).toBe(false);
    vi.unstubAllGlobals();
  });
  it('names the field a problem belongs to, nested ones too', () => {
    const error = new ProblemError({
      type: 'urn:pelvo:problem:invalid-input',
      title: 'Not right.',
      status: 422,
      errors: [{ field: 'needs.note', problem: 'Too long.', remedy: 'Shorten it.' }],
    });
    expect(fieldProblem(error, 'needs')?.remedy).toBe('Shorten it.');
    expect(fieldProblem(error, 'need')).toBeNull();
    expect(savedMeanwhile(error)).toBeNull();
  });
});

describe('something set off', () => {
  function Once({ work }: { work: () => Promise<void> }) {
    const { busy, error, run } = useAction();
    return (
      <>
        <button type="button" disabled={busy} onClick={() => void run(work)}>
          Go
        </button>
        <ProblemNotice error={error} />
      </>
    );
  }
  it('is busy until it is done, tells how it failed, and can be tried again', async () => {
    let settle: (fail?: Error) => void = () => undefined;
    const work = () => new Promise<void>((done, fail) => (settle = (error) => (error ? fail(error) : done())));
    const { user } = show(<Once work={work} />);
    const go = screen.getByRole<HTMLButtonElement>('button', { name: 'Go' });
    await user.click(go);
    expect(go.disabled).toBe(true);
    await act(async () => settle(new Error('The oven is out')));
    expect(screen.getByRole('alert').textContent).toContain('The oven is out');
    await user.click(go);
    await act(async () => settle());
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('boxes', () => {
  function Count() {
    const [value, setValue] = useState(5);
    return <Stepper label="Students" value={value} min={1} max={6} onChange={setValue} />;
  }
  it('step within their bounds, typed or touched', async () => {
    const { user } = show(<Count />);
    const box = screen.getByLabelText<HTMLInputElement>('Students');
    await user.click(screen.getByRole('button', { name: 'Students: one more' }));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Students: one more' }).disabled).toBe(true);
    fireEvent.change(box, { target: { value: '99' } });
    expect(box.value).toBe('6');
    fireEvent.change(box, { target: { value: 'x' } });
    expect(box.value).toBe('6');
    fireEvent.change(box, { target: { value: '0' } });
    expect(box.value).toBe('1');
  });
  it('tie what is wrong, or a hint, to the box it belongs to', () => {
    const { rerender } = show(<TextField label="Title" hint="short" />);
    const said = () => document.getElementById(screen.getByLabelText('Title').getAttribute('aria-describedby')!)!.textContent;
    expect(said()).toBe('short');
    rerender(<TextField label="Title" hint="short" problem={{ field: 'title', problem: 'Missing.', remedy: 'Type one.' }} />);
    expect(said()).toBe('Missing. Type one.');
  });
});

describe('the working of a figure', () => {
  const leeks = (grams: number, label = 'Leeks'): Figure =>
    figure(text(label), given(measure(grams, 'g'), { said: text('Salad') }), { estimate: true, notes: [text('untrimmed')] });
  function Changing() {
    const [grams, setGrams] = useState(1000);
    return (
      <WorkingPage>
        <FigureValue id="leeks" figure={leeks(grams)} />
        <FigureValue id="other" figure={leeks(2000, 'Onions')} />
        <button type="button" onClick={() => setGrams(3000)}>
          More
        </button>
      </WorkingPage>
    );
  }
  it('stays open while the figure changes under it, one at a time, and closes again', async () => {
    const { user } = show(<Changing />);
    const margin = screen.getByRole('complementary', { name: 'Working' });
    expect(margin.textContent).toContain('Figures with a dotted line open to their working');
    await user.click(screen.getByRole('button', { name: 'Leeks: about 1 kg, show the working' }));
    expect(margin.textContent).toMatch(/Salad.*1 kg.*an estimate, not a measurement.*untrimmed/);
    await user.click(screen.getByRole('button', { name: 'More' }));
    expect(margin.textContent).toContain('3 kg');
    await user.click(screen.getByRole('button', { name: 'Onions: about 2 kg, show the working' }));
    expect(screen.getByRole('button', { name: /^Leeks/ }).getAttribute('aria-expanded')).toBe('false');
    await user.click(within(margin).getByRole('button', { name: 'Close' }));
    expect(margin.textContent).toContain('Figures with a dotted line');
  });
});

describe('what is fetched', () => {
  it('is said to be coming, to have failed with a way on, and then is not spoken of', async () => {
    const retry = vi.fn();
    const { rerender, user } = show(<Fetching what="the dish" done={false} error={null} retry={retry} />);
    expect(screen.getByRole('status').textContent).toContain('Fetching the dish');
    rerender(<Fetching what="the dish" done={false} error={new Error('gone')} retry={retry} />);
    await user.click(screen.getByRole('button', { name: 'Try again' }));
    expect(retry).toHaveBeenCalledOnce();
    rerender(<Fetching what="the dish" done error={null} retry={retry} />);
    expect(screen.queryByRole('status')).toBeNull();
  });
  it('saved by another meanwhile names what both changed, and can take theirs', async () => {
    const [theirs, none] = [vi.fn(), vi.fn()];
    const clashes = [{ where: 'name', mine: 'Slice', theirs: 'Dice' }];
    const { user, rerender } = show(<MeanwhileNotice what="card" clashes={clashes} onTakeTheirs={theirs} onDrop={none} />);
    expect(screen.getByText(/Nothing of yours is lost/)).toBeTruthy();
    expect(screen.getByText('name').closest('li')!.textContent).toBe('name: stored Dice; yours Slice');
    await user.click(screen.getByRole('button', { name: 'Take theirs in these' }));
    expect([theirs.mock.calls.length, none.mock.calls.length]).toEqual([1, 0]);
    rerender(<MeanwhileNotice what="card" clashes={[]} onTakeTheirs={theirs} onDrop={none} />);
    expect(screen.queryByRole('button', { name: 'Take theirs in these' })).toBeNull();
  });
});

describe('the term', () => {
  afterEach(() => void vi.useRealTimers());
  const ready = (missing: readonly string[]): readonly PhaseReadiness[] => [
    { phase: 'plan', state: missing.length > 0 ? 'missing' : 'done', said: text('complete'), missing: missing.map(text) },
    { phase: 'order', state: 'done', said: text('4 lines'), missing: [] },
  ];
  const lesson = (id: string, date: string, missing: readonly string[] = []): LessonSummary => ({
    id,
    title: `Lesson ${id}`,
    date,
    start: '09:00',
    end: '12:00',
    kitchen: '',
    className: 'Foundation',
    present: 5,
    dishes: ['Leek salad'],
    techniques: [],
    readiness: ready(missing),
  });

  it('begins with what comes next, says what is missing, and one touch leads there', async () => {
    // Half past midnight at the school, and still the day before where the clock is set to UTC: its day is the school's.
    vi.useFakeTimers({ toFake: ['Date'], now: new Date('2027-01-31T23:30:00Z') });
    show(<TermPage />, {
      answers: { '/lessons': [lesson('old', '2027-01-31'), lesson('next', '2027-02-01', ['a dish']), lesson('later', '2027-02-02')] },
    });
    expect(await screen.findByRole('heading', { name: 'Lesson next' })).toBeTruthy();
    expect(screen.getByRole('heading', { name: 'Still missing' })).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Plan: a dish' }).getAttribute('href')).toBe('/lessons/next');
    expect(screen.getByRole('link', { name: 'Order: 4 lines' }).getAttribute('href')).toBe(phasePath('next', 'order'));
    expect(within(screen.getByRole('heading', { name: 'Later' }).closest('section')!).getByText('Lesson later')).toBeTruthy();
    expect(within(screen.getByRole('heading', { name: 'Earlier' }).closest('section')!).getByText('Lesson old')).toBeTruthy();
    const readiness = ready(['a dish', 'a class']);
    const [plan] = readiness;
    const open: PhaseReadiness = { ...plan!, missing: [...plan!.missing, { code: 'time-does-not-fit' }] };
    expect(missingIn({ id: 'next', readiness: [open] })).toEqual([
      { phase: 'plan', what: 'a dish', to: '/lessons/next' },
      { phase: 'plan', what: 'a class', to: '/lessons/next' },
      // Where it is put right: not on the page of the lesson, but where its time is planned.
      { phase: 'plan', what: 'the time does not fit', to: '/lessons/next/time' },
    ]);
  });

  it('is empty with a way to begin, for those who may', async () => {
    const { unmount } = show(<TermPage />, { answers: { '/lessons': [] } });
    expect((await screen.findAllByRole('link', { name: 'Plan a lesson' }))[0]!.getAttribute('href')).toBe('/lessons/new');
    unmount();
    show(<TermPage />, { role: 'stores', answers: { '/lessons': [] } });
    expect(await screen.findByText('No lesson yet')).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Plan a lesson' })).toBeNull();
  });

  it('says when it could not be fetched', async () => {
    show(<TermPage />, { answers: { '/lessons': refused(503, { title: 'Away' }) } });
    expect(await screen.findByRole('button', { name: 'Try again' })).toBeTruthy();
  });

  it('counts days in words', () => {
    const away = (days: number) => fromToday(new Date(Date.parse(`${today()}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10));
    expect([away(0), away(1), away(-1), away(5), away(-3)]).toEqual(['today', 'tomorrow', 'yesterday', 'in 5 days', '3 days ago']);
  });
});

describe('a page that came over plain http', () => {
  it('says what is not kept there, and a secure one says nothing', () => {
    vi.stubGlobal('isSecureContext', false);
    const { unmount } = render(<PlainHttpNotice />);
    expect(screen.getByText(/Ask for the\s+address that begins with https/)).toBeTruthy();
    unmount();
    vi.stubGlobal('isSecureContext', true);
    expect(render(<PlainHttpNotice />).container.textContent).toBe('');
  });
});
