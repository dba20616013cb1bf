// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { linesOf, type DishContent } from '@pelvo/core';
import ReadRecipePage from '../src/dishes/read/ReadRecipePage';
import { readDraft } from '../src/dishes/read/readDraft';
import { DishEditor } from '../src/dishes/formula/DishEditor';
import { storedDish } from './fixtures';
import { show } from './screen';

Element.prototype.scrollIntoView = () => undefined;

const TEXT = `Skip to content
Plum tranche
Covers 14
Prep time: 40 min

Sablé
180 g butter, soft
90 g icing sugar
Cream butter and sugar.

Plums
1.2 kg plums, stoned
1 vanilla pod
Roast the plums at 190 °C, 18-20 min.

You will need
a 7 cm cutter
NB The sablé keeps for five days.`;

const page = (answers = {}) =>
  show(<ReadRecipePage />, { at: '/dishes/new', answers: { '/techniques': [], '/dishes': { items: [], total: 0 }, ...answers } });

async function opened(text = TEXT, answers = {}) {
  const shown = page(answers);
  fireEvent.change(screen.getByLabelText('The recipe as text'), { target: { value: text } });
  await shown.user.click(await screen.findByLabelText('Line by line'));
  return shown;
}
const roleOf = (line: string) => screen.getByLabelText<HTMLSelectElement>(`What "${line}" is`).value;
const row = (line: string) => screen.getByLabelText(`What "${line}" is`).closest<HTMLElement>('[data-row]')!;

describe('a text, line by line', () => {
  it('shows what each line was taken for', async () => {
    await opened();
    expect(
      ['Skip to content', 'Plum tranche', 'Covers 14', 'Prep time: 40 min', 'Sablé', '180 g butter, soft', 'Cream butter and sugar.'].map(
        roleOf,
      ),
    ).toEqual(['aside', 'title', 'yield', 'note', 'component', 'line', 'step']);
    expect([roleOf('a 7 cm cutter'), roleOf('NB The sablé keeps for five days.')]).toEqual(['tool', 'note']);
  });

  it('lights a line’s reading, and a reading’s line', async () => {
    const { user } = await opened();
    await user.click(row('1 vanilla pod'));
    const lit = () => [...document.querySelectorAll('li.outline-beet')].map((each) => each.textContent);
    expect(lit()).toHaveLength(1);
    expect(lit()[0]).toContain('vanilla pod');
    await user.click(screen.getByText('Cream butter and sugar.', { selector: 'li p' }));
    expect(row('Cream butter and sugar.').className).toContain('bg-beet-wash');
  });

  it('is turned by one key, and what follows is read again; Backspace takes it back', async () => {
    await opened();
    const line = row('Cream butter and sugar.');
    fireEvent.focus(line);
    fireEvent.keyDown(line, { key: 'n' });
    await waitFor(() => expect(roleOf('Cream butter and sugar.')).toBe('note'));
    expect(screen.getAllByText('Cream butter and sugar.').length).toBeGreaterThan(1);
    fireEvent.keyDown(row('Cream butter and sugar.'), { key: 'Backspace' });
    await waitFor(() => expect(roleOf('Cream butter and sugar.')).toBe('step'));
    // A letter with a modifier is the browser's.
    fireEvent.keyDown(row('Cream butter and sugar.'), { key: 'n', ctrlKey: true });
    expect(roleOf('Cream butter and sugar.')).toBe('step');
  });

  it('is walked by the arrow keys, with one stop for the tabulator', async () => {
    await opened();
    expect(document.querySelectorAll('[data-row][tabindex="0"]')).toHaveLength(1);
    fireEvent.focus(row('Skip to content'));
    fireEvent.keyDown(row('Skip to content'), { key: 'ArrowDown' });
    await waitFor(() => expect(document.activeElement).toBe(row('Plum tranche')));
    fireEvent.keyDown(row('Plum tranche'), { key: 'End' });
    await waitFor(() => expect(document.activeElement).toBe(row('NB The sablé keeps for five days.')));
  });

  it('moves a border by key: the line it passes becomes part of what stands above', async () => {
    await opened('Dal\nServes 8\n400 g lentils\n1.6 l water\nthe leaves of a bunch of mint\nSimmer for 25 min.\nServe.');
    const border = screen.getAllByRole('separator').find((each) => each.getAttribute('aria-label')!.endsWith('and steps'))!;
    const at = Number(border.getAttribute('aria-valuenow'));
    fireEvent.keyDown(border, { key: 'ArrowDown' });
    await waitFor(() => expect([...document.querySelectorAll('[data-row]')][at]!.querySelector('select')!.value).toBe('line'));
  });

  it('is kept on the device with what was said of its lines, and saved with tools, notes and components of steps', async () => {
    const { user, sent } = await opened(TEXT, { 'POST /dishes': storedDish({} as DishContent, { id: 'd9' }) });
    await user.selectOptions(screen.getByLabelText('What "Prep time: 40 min" is'), 'aside');
    await user.click(screen.getByRole('button', { name: 'Save as a dish' }));
    await waitFor(() => expect(sent).toHaveLength(1));
    const body = sent[0]!.body as DishContent;
    expect([body.title, body.portions, body.tools, body.notes]).toEqual([
      'Plum tranche',
      14,
      ['a 7 cm cutter'],
      ['NB The sablé keeps for five days.'],
    ]);
    const name = (id: string | null) => body.components.find((component) => component.id === id)?.name;
    expect(body.method.map(({ componentId, minutes, celsius }) => [name(componentId), minutes, celsius])).toEqual([
      ['Sablé', null, null],
      ['Plums', 20, 190],
    ]);
  });

  it('says that there are two recipes, and offers both', async () => {
    const two = `Leek soup\nServes 4\n\n500 g leeks\n1 l stock\n\nMethod\nSweat the leeks for 8 min.\nAdd the stock.\n\nPlum jam\nMakes 2 jars\n\n1 kg plums\n600 g sugar\n\nMethod\nBoil for 20 minutes.`;
    const { user } = page();
    fireEvent.change(screen.getByLabelText('The recipe as text'), { target: { value: two } });
    await user.click(await screen.findByRole('button', { name: 'Read the second' }));
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('Plum jam'));
    expect(screen.queryByText('There seem to be two recipes in this text')).toBeNull();
  });

  it('says from where on a text is longer than any recipe, and reads the rest on its own', async () => {
    const { user } = page();
    const lines = Array.from({ length: 1003 }, (_, at) => (at < 1000 ? '2 leeks' : '30 g butter'));
    fireEvent.change(screen.getByLabelText('The recipe as text'), { target: { value: lines.join('\n') } });
    await user.click(await screen.findByRole('button', { name: 'Read the rest, from line 1001' }, { timeout: 10_000 }));
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLTextAreaElement>('The recipe as text').value).toBe('30 g butter\n30 g butter\n30 g butter'),
    );
  }, 30_000);

  it('says when nothing in it is a recipe, and keeps every line', async () => {
    await opened('Dear readers,\nSpring has come to the valley.\nSee you soon!');
    expect(screen.getByText('No ingredient line and no step was found in this text')).toBeTruthy();
    expect(document.querySelectorAll('[data-row]')).toHaveLength(3);
  });

  it('points out lines that no step names', async () => {
    page();
    fireEvent.change(screen.getByLabelText('The recipe as text'), {
      target: { value: 'Soup\nServes 2\n200 g peas\n1 sprig mint\nBoil the peas for 5 minutes.' },
    });
    expect((await screen.findByText('No step names:')).parentElement!.textContent).toContain('mint');
  });
});

describe('a draft of a text', () => {
  it('keeps what was said of one of two lines that are alike', () => {
    const text = 'Jam\nServes 2\n1 kg plums\nStir.\nStir.';
    const draft = readDraft(text, { techniques: [], corrections: {}, said: { 'Stir.-2': 'note' } });
    expect(draft.source.map(({ role, said }) => [role, said]).slice(3)).toEqual([
      ['step', false],
      ['note', true],
    ]);
  });

  it('links every line and step to what it became', () => {
    const { source, content } = readDraft(TEXT, { techniques: [], corrections: {} });
    const ids = new Set([
      ...linesOf(content).map(({ id }) => id),
      ...content.method.map(({ id }) => id),
      ...content.components.map(({ id }) => id),
    ]);
    for (const { role, id } of source)
      expect([role, id !== null && ids.has(id)]).toEqual([role, ['line', 'step', 'component'].includes(role)]);
  });
});

describe('tools and notes of a dish', () => {
  const dish: DishContent = readDraft(TEXT, { techniques: [], corrections: {} }).content;

  it('are typed one a line, and left as they were', async () => {
    const changes: DishContent[] = [];
    const { user } = show(<DishEditor content={dish} onChange={(next) => changes.push(next)} />, { answers: { '/techniques': [] } });
    await user.click(screen.getByRole('button', { name: 'Change tools' }));
    const box = screen.getByLabelText('Tools');
    fireEvent.change(box, { target: { value: 'cutter\n\n  rolling pin  ' } });
    await user.click(within(box.closest('form')!).getByRole('button', { name: 'Keep' }));
    expect(changes.at(-1)!.tools).toEqual(['cutter', 'rolling pin']);
    await user.click(screen.getByRole('button', { name: 'Change notes' }));
    await user.click(screen.getByRole('button', { name: 'Leave as it was' }));
    expect(changes).toHaveLength(1);
  });
});

describe('techniques of a step', () => {
  it('are proposed where verb and object do not say for sure, and count once somebody has said so', async () => {
    const dish = readDraft('Soup\nServes 2\n200 g peas\nToast the bread.', { techniques: [], corrections: {} }).content;
    const toast = { id: 't1', name: 'Toast nuts and seeds', strand: 'cooking', words: ['toast'], cautions: [], prerequisites: [] };
    const changes: DishContent[] = [];
    const { user } = show(<DishEditor content={dish} onChange={(next) => changes.push(next)} />, { answers: { '/techniques': [toast] } });
    await user.click(await screen.findByRole('button', { name: /Toast nuts and seeds\?/ }));
    expect(changes.at(-1)!.method[0]!.techniqueIds).toEqual(['t1']);
  });
});

describe('a question about a line', () => {
  it('is answered by a button that says what it would mean', async () => {
    const { user } = page();
    fireEvent.change(screen.getByLabelText('The recipe as text'), {
      target: { value: 'Salad\nServes 2\n1,500 g carrots\n2 leeks or onions' },
    });
    await user.click((await screen.findAllByRole('button', { name: '1.5 g carrots' }))[0]!);
    await waitFor(() => expect(screen.queryByRole('button', { name: '1.5 g carrots' })).toBeNull());
    await user.click((await screen.findAllByRole('button', { name: '2 onions' }))[0]!);
    await waitFor(() => expect(screen.queryByText(/your eye/)).toBeNull());
  });
});
