// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { EMPTY_COMPONENT, EMPTY_STEP, linesOf, type Component, type DishContent, type MethodStep } from '@pelvo/core';
import type { Dish, DishImport, TechniqueSummary } from '@pelvo/contract';
import ComparePage from '../src/dishes/editions/ComparePage';
import { ComponentDetails, componentText } from '../src/dishes/formula/ComponentDetails';
import DishPage from '../src/dishes/DishPage';
import ImportPage from '../src/dishes/files/ImportPage';
import { Method } from '../src/dishes/method/Method';
import { dishFrom, SALAD, storedDish } from './fixtures';
import { keptDraft, refused, show, signedIn } from './screen';

const sweat = {
  id: 't1',
  name: 'Sweat',
  strand: 'cooking',
  words: ['sweat'],
  cautions: ['Stir, or it catches.'],
  matters: [],
} as unknown as TechniqueSummary;
const around = {
  '/techniques': [sweat],
  '/dishes': { items: [], total: 0 },
  '/ingredients': [],
  '/rules': { rules: {}, versions: {}, changes: [] },
  '/practices': { choices: {}, versions: {} },
};
const edition = (number: number) => ({ id: `e${number}`, number, publishedAt: '2026-11-20T08:00:00Z', publishedBy: 'Maren Oltz' });

describe('a dish', () => {
  const page = (dish: Dish = storedDish(SALAD), answers = {}, role: 'lead' | 'assistant' = 'lead') =>
    show(<DishPage />, { role, at: '/dishes/d1', route: '/dishes/:id', answers: { ...around, '/dishes/d1': dish, ...answers } });

  it('is changed in a draft that stays on the device, and saved against its version', async () => {
    const { user, sent } = page(storedDish(SALAD), { 'PUT /dishes/d1': storedDish({ ...SALAD, title: 'Leeks' }, { version: 4 }) });
    fireEvent.change(await screen.findByLabelText('Title'), { target: { value: 'Leeks' } });
    expect(keptDraft<DishContent>('dish.d1')).toMatchObject({ version: 3, mine: { title: 'Leeks' } });
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(keptDraft('dish.d1')).toBeNull());
    expect(sent[0]).toMatchObject({ method: 'PUT', version: '"3"', body: { title: 'Leeks' } });
  });

  it('brings two people’s changes together, line by line, and asks where both changed the same', async () => {
    const theirs = storedDish({ ...SALAD, title: 'Salad of leeks', portions: 6 }, { version: 8 });
    let refuse = true;
    const { user, sent } = page(storedDish(SALAD), {
      'PUT /dishes/d1': () => {
        if (!refuse) return theirs;
        refuse = false;
        return refused(412, { type: 'urn:pelvo:problem:changed-meanwhile', title: 'Changed.', status: 412, current: theirs });
      },
    });
    fireEvent.change(await screen.findByLabelText('Title'), { target: { value: 'My leeks' } });
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect((await screen.findByText(/^Nothing of yours|Someone else has saved this dish/)).closest('section, div')).toBeTruthy();
    expect(screen.getByText(/yours "?My leeks/).textContent).toContain('Salad of leeks');
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('My leeks');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1]).toMatchObject({ version: '"8"', body: { title: 'My leeks', portions: 6 } });
  });

  it('is published when it is right, as the next edition', async () => {
    const changed = storedDish(SALAD, { changed: true, editions: [edition(1)] });
    const { user, sent } = page(changed, { 'POST /dishes/d1/editions': edition(2) });
    await user.click(await screen.findByRole('button', { name: 'Publish edition 2' }));
    await waitFor(() => expect(sent).toMatchObject([{ method: 'POST', path: '/dishes/d1/editions', version: '"3"' }]));
  });

  it('claims nothing absent while an ingredient is unknown', async () => {
    page(storedDish(dishFrom('Odd salad\nserves 2\n60 g hazelnuts\n100 g moonfruit')));
    expect((await screen.findByText('nuts')).closest('li')!.textContent).toBe('nuts: hazelnuts');
    expect(screen.getByText('Not known:').closest('p')!.textContent).toBe('Not known: moonfruit.');
    expect(screen.getByText('So nothing is claimed absent.')).toBeTruthy();
    expect(screen.queryByText(/By its ingredients free of/)).toBeNull();
  });

  it('puts lines that need an eye first', async () => {
    const { user } = page(storedDish(dishFrom('Broth\nserves 2\n3 glugs cider\n200 g leeks')));
    const box = (await screen.findByText('One line needs your eye.')).closest('div')!;
    await user.click(within(box).getByRole('button', { name: /glugs cider/ }));
    expect(within(box).getByRole('form', { name: 'Correct "3 glugs cider"' })).toBeTruthy();
  });

  it('is looked at, not changed, by an assistant', async () => {
    page(storedDish(SALAD, { changed: true }), {}, 'assistant');
    expect(await screen.findByRole('link', { name: 'Scale it' })).toBeTruthy();
    expect(screen.queryByLabelText('Title')).toBeNull();
    expect(screen.queryByRole('button', { name: /Publish/ })).toBeNull();
  });
});

describe('editions side by side', () => {
  it('say how many places differ, and an earlier one becomes the draft again', async () => {
    const before = { ...SALAD, portions: 2 };
    const dish = storedDish(SALAD, { editions: [edition(2), edition(1)] });
    const { user, sent, at } = show(<ComparePage />, {
      at: '/dishes/d1/compare',
      route: '/dishes/:id/compare',
      answers: {
        '/dishes/d1': dish,
        '/dish-editions/e1': { ...edition(1), dishId: 'd1', content: before },
        '/dish-editions/e2': { ...edition(2), dishId: 'd1', content: SALAD },
        'PUT /dishes/d1': dish,
      },
    });
    expect(await screen.findByText('1 place differs; they carry a bar.')).toBeTruthy();
    await user.selectOptions(screen.getByLabelText('Before'), 'e2');
    expect(await screen.findByText('The two are the same.')).toBeTruthy();
    await user.selectOptions(screen.getByLabelText('Before'), 'e1');
    await user.click(await screen.findByRole('button', { name: 'Make “Before” the draft again' }));
    await waitFor(() => expect(at()).toBe('/dishes/d1'));
    expect(sent[0]).toMatchObject({ version: '"3"', body: { portions: 2 } });
  });
});

describe('the method', () => {
  const step = (id: string, text: string, more: Partial<MethodStep> = {}): MethodStep => ({
    id,
    ...EMPTY_STEP,
    text,
    ...more,
  });
  const method = (steps: readonly MethodStep[]) => {
    const changes: (readonly MethodStep[])[] = [];
    return { changes, ...show(<Method components={[]} steps={steps} onChange={(next) => changes.push(next)} />, { answers: around }) };
  };

  it('reads a new step: its minutes, and the technique it names', async () => {
    const { user, changes } = method([]);
    await screen.findByText(/No step yet/);
    await waitFor(() => expect(screen.getByLabelText('Next step')).toBeTruthy());
    await user.type(screen.getByLabelText('Next step'), 'Sweat the leeks for 6 minutes.');
    await user.click(screen.getByRole('button', { name: 'Add the step' }));
    expect(changes[0]![0]).toMatchObject({ text: 'Sweat the leeks for 6 minutes.', minutes: 6, techniqueIds: ['t1'] });
  });

  it('is moved by buttons as well as by dragging', async () => {
    const { user, changes } = method([step('a', 'First.'), step('b', 'Second.')]);
    await user.click((await screen.findAllByRole('button', { name: /down|later/i }))[0]!);
    expect(changes[0]!.map(({ id }) => id)).toEqual(['b', 'a']);
  });

  it('shows heat as the person reads it, and the cautions of what it exercises', async () => {
    const steps = [step('a', 'Roast.', { celsius: 180, techniqueIds: ['t1'] })];
    const { unmount } = method(steps);
    await screen.findByText('Stir, or it catches.');
    const shown = () => screen.getByText('Roast.').closest('li')!.textContent;
    expect(shown()).toContain('180 °C');
    unmount();
    show(<Method components={[]} steps={steps} onChange={() => undefined} />, {
      answers: { ...around, ...signedIn({ temperature: 'fahrenheit' }) },
    });
    await screen.findByText('Stir, or it catches.');
    await waitFor(() => expect(shown()).toContain('350 °F'));
  });
});

describe('what a component gives and how it keeps', () => {
  it('is said in words, and typed in boxes', async () => {
    let component: Component = { ...EMPTY_COMPONENT, id: 'c', name: 'Crumb' };
    function Form() {
      const [now, setNow] = useState(component);
      return <ComponentDetails component={now} onChange={(next) => setNow((component = next))} />;
    }
    const { user } = show(<Form />);
    const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
    type('One making gives', 'plenty');
    expect(screen.getByText('Not an amount. Type 110 g, 24 or 1.8-2 l.')).toBeTruthy();
    type('One making gives', '24');
    type('Keeps, chilled', '48');
    type('Before use, from', '30');
    type('at most', '240');
    type('A making really gave', '22');
    await user.click(screen.getByRole('button', { name: 'Note' }));
    expect(component).toMatchObject({
      gives: { max: '24' },
      gave: ['22'],
      keeps: [{ store: 'chilled', hours: 48 }],
      before: { least: 30, most: 240 },
    });
    expect(componentText(component)).toContain('gives 24');
    expect(componentText(component)).toContain('really gave 22');
    expect(componentText(component)).toContain('keeps 48 h chilled');
  });
});

describe('dishes from a file', () => {
  const preview: DishImport = { format: 'json-ld', dishes: [{ content: SALAD, problems: [] }], made: [] };
  const choose = (answers: object) => show(<ImportPage />, { answers: { ...around, ...answers } });
  const file = new File(['{}'], 'salad.json');

  it('are shown as what they would become, then made', async () => {
    const { user, sent } = choose({
      'POST /dish-imports?name=salad.json': preview,
      'POST /dish-imports?name=salad.json&apply=true': { ...preview, made: ['d9'] },
    });
    await user.upload(screen.getByLabelText('Choose a file'), file);
    expect(await screen.findByText(/Read as a schema.org Recipe/)).toBeTruthy();
    expect(screen.getByText(`${linesOf(SALAD).length} lines, 0 to settle`)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Make this dish' }));
    expect((await screen.findByRole('link', { name: 'Leek salad' })).getAttribute('href')).toBe('/dishes/d9');
    expect(sent).toHaveLength(2);
  });

  it('are taken all or none', async () => {
    const problems = [{ field: 'title', problem: 'This is missing.', remedy: 'Fill it in.' }];
    const { user } = choose({
      'POST /dish-imports?name=salad.json': { ...preview, dishes: [preview.dishes[0], { content: SALAD, problems }] },
    });
    await user.upload(screen.getByLabelText('Choose a file'), file);
    expect((await screen.findByText(/This is missing\. Fill it in\./)).textContent).toContain('Dish 2');
    expect(screen.queryByRole('button', { name: /^Make/ })).toBeNull();
  });
});
