// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { SHIPPED_BOOK, type IngredientFact } from '@pelvo/core';
import type { ClassDetail, IngredientRecord, Person, RosterImport } from '@pelvo/contract';
import ClassPage from '../src/classes/ClassPage';
import { FactForm } from '../src/ingredients/FactForm';
import PeoplePage from '../src/people/PeoplePage';
import { JoinPage, SignInPage } from '../src/people/SignInPages';
import { studentOf } from './fixtures';
import { refused, show, type Shown } from './screen';

const invalid = (field: string, problem: string, remedy: string) =>
  refused(422, { type: 'urn:pelvo:problem:invalid-input', title: 'Not right.', status: 422, errors: [{ field, problem, remedy }] });

describe('a class', () => {
  const cohort: ClassDetail = {
    id: 'c1',
    version: 1,
    name: 'Foundation',
    term: 'Autumn',
    students: [
      studentOf('Ada', { needs: { allergens: ['nuts'], diets: ['vegan'], note: 'carries a pen' } }),
      studentOf('Bo', { absences: ['2020-01-06', '2999-01-07'] }),
      studentOf('Cy', { active: false }),
    ],
  };
  const page = (answers = {}, role: 'lead' | 'assistant' = 'lead') =>
    show(<ClassPage />, { role, at: '/classes/c1', route: '/classes/:id', answers: { '/classes/c1': cohort, ...answers } });

  it('shows needs and days away, and who has left', async () => {
    page();
    const ada = (await screen.findByText('Ada', { selector: 'b' })).closest('li')!;
    expect(ada.textContent).toMatch(/no nuts.*vegan.*carries a pen/);
    expect(screen.getByText('Bo', { selector: 'b' }).closest('li')!.textContent).toMatch(/away Mon 7 Jan.*1 day missed/);
    expect(screen.getByRole('heading', { name: 'Have left the class' })).toBeTruthy();
    expect(screen.getByText('Autumn, 2 students')).toBeTruthy();
  });

  it('erases whoever has left, by their typed name', async () => {
    let answer: unknown = invalid('name', 'This is not the name of the student: "C".', 'Type Cy to erase them for good.');
    const { user, sent } = page({ 'POST /students/cy/erasure': () => answer });
    expect((await screen.findByRole('link', { name: 'All that is held' })).getAttribute('href')).toBe('/api/students/cy/file');
    await user.click(screen.getByRole('button', { name: /^Erase …/ }));
    const dialog = await screen.findByRole('dialog', { name: 'Erase Cy' });
    expect(dialog.textContent).toContain('cannot be brought back');
    await user.type(screen.getByLabelText('Type Cy'), 'C');
    await user.click(screen.getByRole('button', { name: 'Erase for good' }));
    expect(await screen.findByText(/This is not the name of the student/)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Type Cy').value).toBe('C');
    answer = {};
    await user.type(screen.getByLabelText('Type Cy'), 'y');
    await user.click(screen.getByRole('button', { name: 'Erase for good' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(sent.map(({ body }) => body)).toEqual([{ name: 'C' }, { name: 'Cy' }]);
  });

  it('is read by an assistant without what only the lead may do', async () => {
    page({}, 'assistant');
    expect(await screen.findByText('Cy')).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'All that is held' })).toBeNull();
    expect(screen.queryByRole('button', { name: /^Erase …/ })).toBeNull();
  });

  it('takes a day away and takes it back', async () => {
    const { user, sent } = page({
      'PUT /students/ada/absences/2999-03-01': studentOf('Ada'),
      'DELETE /students/bo/absences/2999-01-07': studentOf('Bo'),
    });
    await user.click(await screen.findByRole('button', { name: /^Away on … ?\(Ada\)/ }));
    fireEvent.change(screen.getByLabelText('Day Ada is away'), { target: { value: '2999-03-01' } });
    await user.click(screen.getByRole('button', { name: 'Away' }));
    await user.click(screen.getByRole('button', { name: 'Bo is not away on Mon 7 Jan after all' }));
    await waitFor(() =>
      expect(sent.map(({ method, path }) => `${method} ${path}`)).toEqual([
        'PUT /students/ada/absences/2999-03-01',
        'DELETE /students/bo/absences/2999-01-07',
      ]),
    );
  });

  it('adds a student with needs, and keeps what was typed when a field is refused', async () => {
    let answer: unknown = invalid('name', 'This starts with "=", as a spreadsheet formula does.', 'Type the plain text.');
    const { user, sent } = page({ 'POST /classes/c1/students': () => answer });
    await user.click(await screen.findByRole('button', { name: 'Add a student' }));
    const dialog = await screen.findByRole('dialog', { name: 'Add a student' });
    await user.type(within(dialog).getByLabelText('Name'), '=Di');
    await user.click(within(dialog).getByLabelText('milk'));
    await user.click(within(dialog).getByRole('button', { name: 'Add' }));
    expect(await within(dialog).findByText(/Type the plain text/)).toBeTruthy();
    expect(within(dialog).getByLabelText<HTMLInputElement>('milk').checked).toBe(true);
    answer = studentOf('Di');
    await user.clear(within(dialog).getByLabelText('Name'));
    await user.type(within(dialog).getByLabelText('Name'), 'Di');
    await user.click(within(dialog).getByRole('button', { name: 'Add' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(sent.at(-1)!.body).toEqual({ name: 'Di', number: '', needs: { allergens: ['milk'], diets: [], note: '' } });
  });

  it('brings a roster in: first what would happen, then it', async () => {
    const preview: RosterImport = {
      rows: [{ line: 2, name: 'Ed', number: '7', needs: { allergens: ['fish'], diets: [], note: '' } }],
      problems: [{ line: 3, field: 'name', problem: { code: 'no.no-name' }, remedy: { code: 'do.name-or-remove' } }],
      refused: false,
      added: 0,
    };
    const { user, sent } = page({
      'POST /classes/c1/roster': preview,
      'POST /classes/c1/roster?apply=true&leaveOut=true': { ...preview, added: 1 },
    });
    await user.click(await screen.findByRole('button', { name: 'Import a roster' }));
    await user.upload(screen.getByLabelText('Choose a file'), new File(['name\nEd'], 'roster.csv', { type: 'text/csv' }));
    expect(await screen.findByText('1 thing is wrong; these rows would be left out')).toBeTruthy();
    expect(screen.getByText(/The name is missing\. Type a name/).textContent).toContain('Line 3');
    await user.click(screen.getByRole('button', { name: 'Add 1, leave the others out' }));
    expect(await screen.findByText('1 added.')).toBeTruthy();
    expect(sent).toHaveLength(2);
  });

  it('refuses a file that is too large without sending it', async () => {
    const { user, sent } = page();
    await user.click(await screen.findByRole('button', { name: 'Import a roster' }));
    await user.upload(screen.getByLabelText('Choose a file'), new File(['x'.repeat(2_000_000)], 'all.csv', { type: 'text/csv' }));
    expect(await screen.findByText(/a roster has at most/)).toBeTruthy();
    expect(sent).toEqual([]);
  });

  it('is not changed by an assistant, but for who is away', async () => {
    page({}, 'assistant');
    expect(await screen.findByRole('button', { name: /^Away on … ?\(Ada\)/ })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Add a student' })).toBeNull();
    expect(screen.queryByRole('button', { name: /^Edit/ })).toBeNull();
  });
});

describe('people', () => {
  const people: readonly Person[] = [
    { id: 'p1', name: 'Maren Oltz', signIn: 'maren.oltz', role: 'lead', active: true, invited: false },
    { id: 'p2', name: 'Teo Vasz', signIn: null, role: 'assistant', active: true, invited: true },
  ] as unknown as readonly Person[];
  const page = (answers = {}) => show(<PeoplePage />, { at: '/people', answers: { '/people': people, ...answers } });

  it('are invited with a code that is shown once', async () => {
    const { user, sent } = page({ 'POST /people': { code: 'ABCD-EFGH', person: { ...people[1], name: 'Ida Crane' } } });
    await user.type(await screen.findByLabelText('Name'), 'Ida Crane');
    await user.selectOptions(screen.getByLabelText('Role'), 'stores');
    await user.click(screen.getByRole('button', { name: 'Invite' }));
    expect(await screen.findByText('ABCD-EFGH')).toBeTruthy();
    expect(sent[0]!.body).toEqual({ name: 'Ida Crane', role: 'stores' });
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('');
  });

  it('stay typed when the invitation is refused', async () => {
    const { user } = page({ 'POST /people': invalid('name', 'This name is taken.', 'Add a letter.') });
    await user.type(await screen.findByLabelText('Name'), 'Teo Vasz');
    await user.click(screen.getByRole('button', { name: 'Invite' }));
    expect((await screen.findAllByText(/This name is taken/)).length).toBeGreaterThan(0);
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Teo Vasz');
  });

  it('can be locked, but nobody locks themselves', async () => {
    const { user, sent } = page({ 'PUT /people/p2/active': people[1] });
    const row = (name: string) => screen.getByText(name, { selector: 'b' }).closest('li')!;
    await screen.findByText('Teo Vasz', { selector: 'b' });
    expect(within(row('Maren Oltz')).getByRole<HTMLButtonElement>('button', { name: /^Lock/ }).disabled).toBe(true);
    await user.click(within(row('Teo Vasz')).getByRole('button', { name: /^Lock/ }));
    await waitFor(() => expect(sent).toMatchObject([{ path: '/people/p2/active', body: { active: false } }]));
    expect(row('Teo Vasz').textContent).toContain('code waiting');
  });
});

describe('the entrance', () => {
  const enter = async ({ user }: Shown, fields: Readonly<Record<string, string>>, action: string) => {
    for (const [label, text] of Object.entries(fields)) await user.type(screen.getByLabelText(label), text);
    await user.click(screen.getByRole('button', { name: action }));
  };

  it('tells what is wrong and keeps the name', async () => {
    const shown = show(<SignInPage firstVisit={false} />, {
      answers: {
        'POST /session': refused(401, { type: 'urn:pelvo:problem:signed-out', title: 'Name and password do not match.', status: 401 }),
      },
    });
    await enter(shown, { 'Sign-in name': 'teo.vasz', Password: 'wrong-one' }, 'Sign in');
    expect(await screen.findByText('Name and password do not match.')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Sign-in name').value).toBe('teo.vasz');
  });

  it('takes a code, a name and a password, and says at the field what is missing', async () => {
    const shown = show(<JoinPage />, {
      answers: { 'POST /people/join': invalid('password', 'The password is too short.', 'Use at least 10 characters.') },
    });
    await enter(shown, { 'One-time code': 'ABCD', 'Sign-in name': 'ida', Password: 'short' }, 'Set and sign in');
    expect(await screen.findByText(/The password is too short/)).toBeTruthy();
    expect(screen.getByLabelText('Password').getAttribute('aria-invalid')).toBe('true');
  });

  it('makes the first lead with the code of the console', () => {
    show(<SignInPage firstVisit />);
    expect(screen.getByRole('heading', { name: 'Create the first lead instructor' })).toBeTruthy();
    expect(screen.getByText(/The console in which Pelvo was started shows a one-time code/)).toBeTruthy();
  });
});

describe('a fact of one’s own', () => {
  const shipped = SHIPPED_BOOK.find('fennel')!;
  const record: IngredientRecord = { name: shipped.name, shipped, own: null, version: 0 } as unknown as IngredientRecord;

  it('is saved as exact amounts, over what ships', async () => {
    const done = vi.fn();
    const { user, sent } = show(<FactForm record={record} onDone={done} />, {
      answers: { [`PUT /ingredients/${encodeURIComponent(shipped.name)}`]: {} },
    });
    const set = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
    set('One millilitre weighs (g)', '0,92');
    set('One weighs (g)', 'each 250, bulb 300');
    set('Left after trimming (%)', 'peeled 80');
    set('Price', '3.50');
    set('Source', 'weighed in our store');
    await user.click(screen.getByLabelText('A strong spice: scaled tapered'));
    await user.click(screen.getByRole('button', { name: 'Save as your own' }));
    await waitFor(() => expect(done).toHaveBeenCalledOnce());
    expect(sent[0]!.version).toBe('"0"');
    expect(sent[0]!.body as IngredientFact).toMatchObject({
      density: '23/25',
      gramsOfOne: [
        { unit: 'each', grams: '250' },
        { unit: 'bulb', grams: '300' },
      ],
      trim: [{ preparation: 'peeled', fraction: '4/5' }],
      price: { amount: '7/2', per: 'kg' },
      strong: !shipped.strong,
    });
  });

  it.each([
    ['One millilitre weighs (g)', 'a lot', '"a lot" is not a number. Type grams, such as 0.92, or leave it empty.'],
    ['One weighs (g)', 'each 250, big', '"big" is not a unit and its grams. Type each 250, each large 320, bulb 300.'],
    ['One weighs (g)', 'moon 250', '"moon" is not a unit. Type each 250, each large 320, bulb 300.'],
    ['Left after trimming (%)', 'peeled', '"peeled" is not a preparation and its percent. Type peeled 80, trimmed 90.'],
    ['Price', 'cheap', '"cheap" is not a number. Type an amount, such as 3.50, or leave it empty.'],
  ])('is not saved while %s holds "%s"', async (label, text, said) => {
    const { user, sent } = show(<FactForm record={record} onDone={() => undefined} />);
    fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
    await user.click(screen.getByRole('button', { name: 'Save as your own' }));
    expect(screen.getByText(said)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>(label).value).toBe(text);
    expect(sent).toEqual([]);
  });
});
