// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { linesOf, readLine, type DishContent, type IngredientLine, type PlateItem } from '@pelvo/core';
import type { DishSummary } from '@pelvo/contract';
import { WorkingPage } from '../src/design';
import { LineEditor } from '../src/dishes/formula/LineEditor';
import { LineRow, scalingText } from '../src/dishes/formula/LineRow';
import { PlateSection } from '../src/dishes/plate/PlateSection';
import ReadRecipePage from '../src/dishes/read/ReadRecipePage';
import ScalePage from '../src/dishes/scale/ScalePage';
import { dishFrom, SALAD, storedDish } from './fixtures';
import { keptDraft, refused, show } from './screen';

const line = (text: string): IngredientLine => ({ ...readLine(text), id: 'x1' });

describe('a line being settled', () => {
  const editor = (of: IngredientLine, { others = [] as readonly IngredientLine[], preparations = [] as readonly DishSummary[] } = {}) => {
    const saved = vi.fn<(line: IngredientLine) => void>();
    return {
      saved,
      ...show(<LineEditor line={of} others={others} preparations={preparations} onSave={saved} onCancel={() => undefined} />),
    };
  };
  const settle = { name: 'Settle this line' };

  it('asks its question, and is sure once it is answered', async () => {
    const { user, saved } = editor(line('3 glugs olive oil'));
    expect(screen.getByText(/glugs/)).toBeTruthy();
    const amount = screen.getByLabelText('Amount');
    await user.clear(amount);
    await user.type(amount, '3');
    await user.selectOptions(screen.getByLabelText('Unit'), 'tbsp');
    fireEvent.change(screen.getByLabelText('Ingredient'), { target: { value: 'olive oil' } });
    await user.click(screen.getByRole('button', settle));
    expect(saved.mock.calls[0]![0]).toMatchObject({
      written: '3 glugs olive oil',
      amount: { min: '3', max: '3', unit: 'tbsp' },
      certainty: 'sure',
      doubts: [],
    });
  });

  it('takes amounts as people write them, and says what is none', async () => {
    const { user, saved } = editor(line('200 g flour'));
    const amount = screen.getByLabelText('Amount');
    fireEvent.change(amount, { target: { value: 'plenty' } });
    await user.click(screen.getByRole('button', settle));
    expect(screen.getByText('"plenty" is not an amount. Type 3, 1 1/2, 150-200 or 200 ml.')).toBeTruthy();
    fireEvent.change(amount, { target: { value: '150-200' } });
    await user.click(screen.getByRole('button', settle));
    expect(saved.mock.calls[0]![0].amount).toMatchObject({ min: '150', max: '200', unit: 'g' });
  });

  it('follows another line by percent only when both are given', async () => {
    const flour = { ...line('500 g flour'), id: 'f' };
    const { user, saved } = editor(line('10 g salt'), { others: [flour] });
    await user.selectOptions(screen.getByLabelText('How it scales'), 'percentOf');
    await user.click(screen.getByRole('button', settle));
    expect(screen.getByText(/How it scales is not complete/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Percent'), { target: { value: '2' } });
    await user.selectOptions(screen.getByLabelText('Of'), 'f');
    await user.click(screen.getByRole('button', settle));
    expect(saved.mock.calls[0]![0]).toMatchObject({ amount: null, scaling: { kind: 'percentOf', percent: '2', lineId: 'f' } });
    expect(scalingText(saved.mock.calls[0]![0], [flour])).toBe('2 % of flour');
  });

  it('is filled by the load, or set aside to taste', async () => {
    const { user, saved } = editor(line('2 l frying oil'));
    await user.selectOptions(screen.getByLabelText('How it scales'), 'byTheLoad');
    fireEvent.change(screen.getByLabelText('Portions a load'), { target: { value: '6' } });
    await user.click(screen.getByRole('button', settle));
    expect(saved.mock.calls[0]![0].scaling).toEqual({ kind: 'byTheLoad', portionsALoad: '6' });
    await user.selectOptions(screen.getByLabelText('How it scales'), 'toTaste');
    fireEvent.change(screen.getByLabelText('Set aside a portion'), { target: { value: '2 g' } });
    await user.click(screen.getByRole('button', settle));
    expect(saved.mock.calls[1]![0].scaling).toMatchObject({ kind: 'toTaste', allowance: { max: '2', unit: 'g' } });
  });

  it('keeps its losses as fractions, and refuses more than there is', async () => {
    const { user, saved } = editor(line('400 g carrots'));
    fireEvent.change(screen.getByLabelText('Left after trimming'), { target: { value: '120' } });
    await user.click(screen.getByRole('button', settle));
    expect(screen.getAllByText(/Give more than 0 and at most 100/).length).toBeGreaterThan(0);
    fireEvent.change(screen.getByLabelText('Left after trimming'), { target: { value: '80' } });
    await user.click(screen.getByRole('button', settle));
    expect(saved.mock.calls[0]![0].yields).toEqual([{ kind: 'trim', fraction: '4/5' }]);
  });

  it('is read again after its words were changed', async () => {
    const { user } = editor(line('3 glugs cider'));
    fireEvent.change(screen.getByLabelText('As written'), { target: { value: '150 ml dry cider' } });
    await user.click(screen.getByRole('button', { name: 'Read again' }));
    expect(screen.getByLabelText<HTMLInputElement>('Amount').value).toBe('150');
    expect(screen.getByLabelText<HTMLSelectElement>('Unit').value).toBe('ml');
    expect(screen.getByLabelText<HTMLInputElement>('Ingredient').value).toBe('dry cider');
  });

  it('can be made in-house', async () => {
    const stock = { id: 'd7', title: 'Vegetable stock', editionId: 'e7' } as unknown as DishSummary;
    const { user, saved } = editor(line('500 ml vegetable stock'), { preparations: [stock] });
    await user.selectOptions(screen.getByLabelText('Made in-house as'), 'e7');
    await user.click(screen.getByRole('button', settle));
    expect(saved.mock.calls[0]![0].preparationEditionId).toBe('e7');
  });

  it('stands beside what was written, with what is doubtful asked', () => {
    const { container } = show(<LineRow line={line('3 glugs cider')} lines={[]} />);
    expect(container.textContent).toContain('3 glugs cider');
    expect(container.innerHTML).toContain('hatch');
  });
});

describe('reading a recipe', () => {
  const page = (answers = {}) =>
    show(<ReadRecipePage />, { at: '/dishes/new', answers: { '/techniques': [], '/dishes': { items: [], total: 0 }, ...answers } });

  it('reads the example, keeps it on the device, and saves it as a dish', async () => {
    const { user, sent, at } = page({ 'POST /dishes': storedDish(SALAD, { id: 'd9' }) });
    await user.click(screen.getByRole('button', { name: 'Try the example' }));
    expect((await screen.findByLabelText<HTMLInputElement>('Title')).value).toBe('Braised leeks');
    expect(screen.getByLabelText<HTMLInputElement>('Serves').value).toBe('4');
    expect(keptDraft<{ text: string }>('recipe')!.mine.text).toContain('8 slim leeks');
    await user.click(screen.getByRole('button', { name: 'Save as a dish' }));
    await waitFor(() => expect(at()).toBe('/dishes/d9'));
    const body = sent[0]!.body as DishContent;
    expect(linesOf(body).map(({ item }) => item)).toEqual(['slim leeks', 'butter', 'vegetable stock', 'salt']);
    expect(body.method).toHaveLength(1);
    expect(keptDraft('recipe')).toBeNull();
  });

  it('keeps the text when the dish cannot be saved', async () => {
    const { user } = page({ 'POST /dishes': refused(503, { title: 'Away' }) });
    fireEvent.change(screen.getByLabelText('The recipe as text'), { target: { value: 'Salad\nserves 2\n2 leeks' } });
    await user.click(await screen.findByRole('button', { name: 'Save as a dish' }));
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(screen.getByLabelText<HTMLTextAreaElement>('The recipe as text').value).toContain('2 leeks');
  });

  it('refuses a text that is too long and leaves what was there', () => {
    page();
    const box = screen.getByLabelText<HTMLTextAreaElement>('The recipe as text');
    fireEvent.change(box, { target: { value: 'Salad\n2 leeks' } });
    fireEvent.change(box, { target: { value: 'x'.repeat(100_001) } });
    expect(screen.getByText('Too long to read')).toBeTruthy();
    expect(box.value).toBe('Salad\n2 leeks');
  });
});

describe('scaling a dish', () => {
  const page = (content: DishContent = SALAD) =>
    show(<ScalePage />, { at: '/dishes/d1/scale', route: '/dishes/:id/scale', answers: { '/dishes/d1': storedDish(content) } });

  it('goes by portions, with every amount open to its working', async () => {
    const { user } = page();
    const portions = await screen.findByLabelText('Portions');
    fireEvent.change(portions, { target: { value: '10' } });
    expect(screen.getByRole('button', { name: 'Times the formula: 2½, show the working' })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'leeks: 1 kg, show the working' }));
    expect(screen.getByRole('complementary', { name: 'Working' }).textContent).toContain('in proportion');
    expect(screen.getByRole('button', { name: 'lemon: 2½, show the working' })).toBeTruthy();
    expect(screen.getByText('to taste')).toBeTruthy();
  });

  it('goes by what is in hand, and says what is not an amount', async () => {
    const { user } = page();
    await user.click(await screen.findByLabelText('what is in hand'));
    const leeks = linesOf(SALAD)[0]!;
    await user.selectOptions(screen.getByLabelText('Ingredient'), leeks.id);
    const have = screen.getByLabelText('I have');
    fireEvent.change(have, { target: { value: 'a heap' } });
    expect(screen.getByText('Not an amount. Type 1.8 kg or 6.')).toBeTruthy();
    fireEvent.change(have, { target: { value: '1 kg' } });
    expect(screen.getByRole('button', { name: 'Times the formula: 2½, show the working' })).toBeTruthy();
  });

  it('goes by the pan, in centimetres or inches', async () => {
    const { user } = page();
    await user.click(await screen.findByLabelText('pan or tray'));
    const mine = screen.getByRole('group', { name: 'Mine' });
    fireEvent.change(within(mine).getByLabelText('Across'), { target: { value: '48' } });
    expect(screen.getByRole('button', { name: 'Times the formula: 4, show the working' })).toBeTruthy();
    fireEvent.change(within(mine).getByLabelText('Across'), { target: { value: 'wide' } });
    expect(screen.getByText('Not a length. Type 24 or 9 in.')).toBeTruthy();
    fireEvent.change(within(mine).getByLabelText('Across'), { target: { value: '9 in' } });
    expect(screen.getByText('22.86 cm')).toBeTruthy();
  });

  it('counts loads, and says how many are in the last', async () => {
    page();
    fireEvent.change(await screen.findByLabelText('Portions'), { target: { value: '10' } });
    fireEvent.change(screen.getByLabelText('A tray, pan or bowl holds'), { target: { value: '4' } });
    expect(screen.getByRole('status').textContent).toBe('3 loads, the last of 2 portions');
  });

  it('shows what rounding does to what matters', async () => {
    page(dishFrom('Dough\nserves 5\n500 g flour\n1 tsp baking powder'));
    fireEvent.change(await screen.findByLabelText('Portions'), { target: { value: '3' } });
    expect(screen.getByText(/rounding changes it by/)).toBeTruthy();
  });
});

describe('the plate', () => {
  it('takes a component with its amount', async () => {
    const plated = {
      ...SALAD,
      components: [{ ...SALAD.components[0]!, name: 'Salad', gives: { min: '400', max: '400', unit: 'g', about: false } }],
    };
    let plate: readonly PlateItem[] = [];
    const { user } = show(
      <WorkingPage>
        <PlateSection dish={{ ...plated, plate } as DishContent} onChange={(next) => (plate = next)} />
      </WorkingPage>,
    );
    await user.selectOptions(screen.getByLabelText('Component'), plated.components[0]!.id);
    fireEvent.change(screen.getByLabelText('On a plate'), { target: { value: 'some' } });
    expect(screen.getByText('"some" is not an amount. Type 3 or 15 g.')).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Put on the plate' }).disabled).toBe(true);
    fireEvent.change(screen.getByLabelText('On a plate'), { target: { value: '80 g' } });
    await user.click(screen.getByRole('button', { name: 'Put on the plate' }));
    expect(plate).toMatchObject([{ amount: { max: '80', unit: 'g' } }]);
  });
});
