// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import {
  EMPTY_COMPONENT,
  EMPTY_STEP,
  linesOf,
  NEW_SCHOOL,
  SHIPPED_BOOK,
  type Component,
  type DishContent,
  type LineSubstitution,
  type MethodStep,
  type SchoolSettings,
} from '@pelvo/core';
import type { LessonDetail, RulesProfile } from '@pelvo/contract';
import DishPage from '../src/dishes/DishPage';
import { ComponentDetails, componentText } from '../src/dishes/formula/ComponentDetails';
import { LineEditor } from '../src/dishes/formula/LineEditor';
import { StepEditor } from '../src/dishes/method/StepEditor';
import { FactForm } from '../src/ingredients/FactForm';
import { NeedsMargin } from '../src/lessons/NeedsMargin';
import OrderPage from '../src/orders/OrderPage';
import RulesPage from '../src/rules/RulesPage';
import SchoolPage from '../src/school/SchoolPage';
import { dishFrom, lessonOf, storedDish } from './fixtures';
import { keptDraft, show } from './screen';

const around = {
  '/techniques': [],
  '/rules': { rules: {}, versions: {}, changes: [] },
  '/practices': { choices: {}, versions: {} },
  '/cut-sets': [],
};
const dishPage = (content: DishContent, answers = {}) =>
  show(<DishPage />, { at: '/dishes/d1', route: '/dishes/:id', answers: { ...around, '/dishes/d1': storedDish(content), ...answers } });
const lessonWith = (content: DishContent, change: Partial<LessonDetail> = {}) =>
  lessonOf({ dishes: [{ ...lessonOf().dishes[0]!, content }], ...change });

describe('what is known of a dish', () => {
  it('is said in three ways: contains, may contain, not known; and only a dish fully known is free of anything', async () => {
    const { unmount } = dishPage(dishFrom('Plate\nserves 2\n100 g hake in parsley sauce\n50 g pumpkin seeds\n20 g mayonnaise'));
    expect((await screen.findByText('fish')).closest('li')!.textContent).toBe('fish: hake in parsley sauce');
    expect(screen.getByText('nuts, peanut').closest('li')!.textContent).toBe('may contain nuts, peanut: pumpkin seeds');
    expect(screen.getByText('Not known:').closest('p')!.textContent).toBe('Not known: sauce in "hake in parsley sauce".');
    expect(screen.getByText('Read the label:').closest('p')!.textContent).toBe('Read the label: mayonnaise.');
    expect(screen.queryByText(/free of/)).toBeNull();
    unmount();
    dishPage(dishFrom('Leeks\nserves 2\n400 g leeks\n20 g butter'));
    expect((await screen.findByText(/By its ingredients free of/)).textContent).not.toContain('milk');
  });

  it('names the allergens of the school’s country', async () => {
    const settings = { ...NEW_SCHOOL, allergenList: 'us' as const };
    dishPage(dishFrom('Celery\nserves 2\n100 g celery\n20 g butter'), { '/school': { version: 1, settings } });
    await screen.findByText('milk');
    await waitFor(() => expect(screen.queryByText('celery', { selector: 'b' })).toBeNull());
  });

  it('goes on to what can go wrong with it, and to shares that look like a slip', async () => {
    dishPage(
      dishFrom('Loaf\nserves 8\n500 g bread flour\n7 g yeast\n100 g salt\n325 g water\nFor the herb oil:\n1 bunch basil\n100 ml olive oil'),
    );
    expect((await screen.findByText('Herb oil', { selector: 'b' })).closest('li')!.textContent).toContain(
      'garlic, herbs or vegetables under oil',
    );
    expect(screen.getByText('Does this formula look right?')).toBeTruthy();
    expect(screen.getByText(/20 % salt in a bread dough; 1 % to 2.8 % is usual/)).toBeTruthy();
  });

  it('says why a component is made larger than its formula', async () => {
    const base = dishFrom('Cake\nserves 8\nFor the cream:\n500 g cream\nFor the filling:\n700 g cream base');
    const [cream, filling] = base.components;
    const made: DishContent = {
      ...base,
      components: [
        { ...cream!, gives: { min: '500', max: '500', unit: 'g', about: false } },
        { ...filling!, lines: filling!.lines.map((line) => ({ ...line, componentId: cream!.id })) },
      ],
    };
    dishPage(made);
    expect(await screen.findByText('Cream gives 500 g; 700 g are taken of it, so it is made 1.4 times.')).toBeTruthy();
  });
});

describe('a component served below the rule', () => {
  it('is marked by a person, with a reason and the conditions that are seen to', async () => {
    let now: Component = { ...EMPTY_COMPONENT, id: 'c', name: 'Duck' };
    function Editing() {
      const [component, set] = useState(now);
      now = component;
      return <ComponentDetails component={component} onChange={set} />;
    }
    const { user } = show(<Editing />);
    await user.selectOptions(screen.getByLabelText('Served below the rule on purpose'), 'whole-pink');
    expect(screen.getByText(/No reason yet\./)).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Reason'), { target: { value: 'Taught pink, county code 3' } });
    await user.click(screen.getByLabelText(/^seared all over/));
    expect(now.allowance).toEqual({ allowance: 'whole-pink', reason: 'Taught pink, county code 3', kept: ['seared'] });
    expect(componentText(now)).toContain('served below the rule: whole muscle served pink');
    await user.selectOptions(screen.getByLabelText('Served below the rule on purpose'), '');
    expect(now.allowance).toBeNull();
  });
});

describe('a step and a line', () => {
  it('say which allergens share fat, board or water, what the heat is of, and where the food is meanwhile', async () => {
    const saved = vi.fn<(step: MethodStep) => void>();
    const step: MethodStep = { ...EMPTY_STEP, id: 's', text: 'Fry the sticks.' };
    const { user } = show(<StepEditor components={[]} step={step} onSave={saved} onCancel={() => undefined} />);
    fireEvent.change(screen.getByLabelText('Heat'), { target: { value: '350F' } });
    await user.selectOptions(screen.getByLabelText('Heat of'), 'fat');
    await user.click(screen.getByText(/Fat, board, fryer or water is shared/));
    await user.click(screen.getByLabelText('fish'));
    await user.selectOptions(screen.getByLabelText('Food meanwhile'), 'hot-held');
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    // Only an oven goes by the table of marks: 350 °F of fat are 177 °C.
    expect(saved.mock.calls[0]![0]).toMatchObject({ celsius: 177, heats: 'fat', sharedWith: ['fish'], store: 'hot-held' });
  });

  it('take a gain above what there was, and a tin by its drained weight', async () => {
    const saved = vi.fn();
    const [line] = linesOf(dishFrom('Dish\nserves 2\n2 tins chickpeas'));
    const { user } = show(<LineEditor line={line!} others={[]} preparations={[]} onSave={saved} onCancel={() => undefined} />);
    fireEvent.change(screen.getByLabelText('One weighs or holds'), { target: { value: '240 g' } });
    await user.selectOptions(screen.getByLabelText('That is'), 'drained');
    fireEvent.change(screen.getByLabelText('Left after trimming'), { target: { value: '240' } });
    await user.click(screen.getByRole('button', { name: 'Settle this line' }));
    expect(screen.getByText(/Give more than 0 and at most 100\./)).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Left after trimming'), { target: { value: '' } });
    fireEvent.change(screen.getByLabelText('Becomes, cooked'), { target: { value: '240' } });
    await user.selectOptions(screen.getByLabelText('How it scales'), 'shared');
    await user.click(screen.getByRole('button', { name: 'Settle this line' }));
    expect(saved.mock.calls[0]![0]).toMatchObject({
      one: { max: '240', unit: 'g' },
      oneIs: 'drained',
      scaling: { kind: 'shared' },
      yields: [{ kind: 'cooking', fraction: '12/5' }],
    });
  });
});

describe('a fact', () => {
  it('keeps sizes, gains, kinds and labels as they are typed', async () => {
    const egg = SHIPPED_BOOK.named('egg')!;
    const { user, sent } = show(<FactForm record={{ name: 'egg', shipped: egg, own: null, version: 0 }} onDone={() => undefined} />, {
      answers: { 'PUT /ingredients/egg': {} },
    });
    fireEvent.change(screen.getByLabelText('One weighs (g)'), { target: { value: 'each 52, each large 61' } });
    fireEvent.change(screen.getByLabelText('Becomes, cooked or soaked (%)'), { target: { value: 'boiled 98' } });
    fireEvent.change(screen.getByLabelText('Source'), { target: { value: 'weighed here' } });
    await user.selectOptions(screen.getByLabelText('A counted piece is given'), 'weighed');
    await user.click(screen.getByLabelText('Made: its label has to be read'));
    await user.click(screen.getByRole('button', { name: 'Save as your own' }));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]!.body).toMatchObject({
      gramsOfOne: [
        { unit: 'each', size: '', grams: '52' },
        { unit: 'each', size: 'large', grams: '61' },
      ],
      cooked: [{ way: 'boiled', factor: '49/50' }],
      kinds: ['egg'],
      piece: 'weighed',
      label: true,
    });
  });

  it('is of at least one kind of food', async () => {
    const egg = SHIPPED_BOOK.named('egg')!;
    const { user, sent } = show(<FactForm record={{ name: 'egg', shipped: egg, own: null, version: 0 }} onDone={() => undefined} />);
    const kinds = screen.getByText('What it is made of; diets follow from it').closest('details')!;
    await user.click(within(kinds).getByLabelText('egg'));
    await user.click(screen.getByRole('button', { name: 'Save as your own' }));
    expect(screen.getByText('Tick at least one of what it is made of.')).toBeTruthy();
    expect(sent).toEqual([]);
  });
});

describe('the order and its trays', () => {
  it('leave water to the tap, and say what is shared, not known, and what the label has to tell', async () => {
    const content = dishFrom('Remoulade\nserves 4\n1 celeriac\n200 ml water\n100 g mayonnaise\n40 g crispy onions');
    show(<OrderPage />, {
      at: '/lessons/l1/order',
      route: '/lessons/:id/order',
      answers: { ...around, '/lessons/l1': lessonWith(content) },
    });
    expect((await screen.findByText('From the tap, not bought:')).closest('p')!.textContent).toContain('water 500 ml');
    const [table, tray] = screen.getAllByRole('table');
    // Five students of two portions each take half a celeriac: three are bought.
    expect(within(table!).getByRole('row', { name: /^celeriac/ }).textContent).toBe('celeriac3sharedcelery');
    expect(within(table!).getByRole('row', { name: /^mayonnaise/ }).textContent).toContain(
      'egg, mustard; may contain soya, milk, sulphites; label: mayonnaise'.replace('soya, milk', 'milk, soya'),
    );
    expect(within(table!).getByRole('row', { name: /^crispy onions/ }).textContent).toContain('not known: crispy');
    expect(within(tray!).getByRole('row', { name: /^celeriac/ }).textContent).toContain('cut from one that is shared; celery');
  });
});

describe('what stands in', () => {
  it('depends on what the ingredient does, and is not offered for all where somebody cannot eat it', async () => {
    const content = dishFrom('Custard\nserves 2\n4 egg yolks\n500 ml milk');
    const base = lessonOf().students;
    const students = [
      { ...base[0]!, absent: false, needs: { allergens: ['egg' as const], diets: [], note: '' } },
      { ...base[1]!, absent: false, needs: { allergens: ['milk' as const], diets: [], note: '' } },
      { ...base[2]!, absent: false, needs: { allergens: ['gluten' as const], diets: [], note: '' } },
    ];
    let swaps: readonly LineSubstitution[] = [];
    const { user } = show(
      <NeedsMargin lesson={lessonWith(content, { students })} substitutions={[]} onChange={(next) => (swaps = next)} />,
    );
    const egg = screen.getAllByRole('listitem').find(({ textContent }) => textContent!.includes(': egg.'))!;
    expect(egg.textContent).toContain('where it thickens: cornflour');
    expect(egg.textContent).toContain('where it emulsifies: sunflower lecithin');
    await user.click(within(egg).getAllByRole('button', { name: 'One making' })[0]!);
    expect(swaps).toMatchObject([{ item: 'cornflour', ratio: '1/2', makings: 1 }]);
    const milk = screen.getAllByRole('listitem').find(({ textContent }) => textContent!.includes(': milk.'))!;
    // Oat milk holds gluten, which somebody else must not eat.
    const oat = within(milk)
      .getAllByRole('listitem')
      .find(({ textContent }) => textContent!.includes('oat milk'))!;
    expect(oat.textContent).toContain('Not for all: gluten is on the roster.');
    expect(within(oat).queryByRole('button', { name: 'For all' })).toBeNull();
  });

  it('names whoever eats nothing below the rule', () => {
    const base = dishFrom('Duck\nserves 2\n2 duck breasts');
    const pink = {
      ...base,
      components: base.components.map((each) => ({
        ...each,
        allowance: { allowance: 'whole-pink' as const, reason: 'taught pink', kept: [] },
      })),
    };
    const students = [
      { ...lessonOf().students[0]!, absent: false, needs: { allergens: [], diets: ['cooked through' as const], note: '' } },
    ];
    show(<NeedsMargin lesson={lessonWith(pink, { students })} substitutions={[]} />);
    expect(screen.getByText(/: cooked through\./).textContent).toContain('has the main list, served below the rule');
  });
});

describe('the school and its rules', () => {
  it('name the allergens of one country', async () => {
    const { user } = show(<SchoolPage />);
    await user.selectOptions(await screen.findByLabelText('Named on dishes, orders, trays and handouts'), 'us');
    expect(keptDraft<SchoolSettings>('school')!.mine.allergenList).toBe('us');
    expect(screen.getByText(/^gluten, crustaceans, egg, fish, peanut, soya, milk, nuts, sesame\./)).toBeTruthy();
  });

  it('take over how one code has food cooled, and say which is in force', async () => {
    const versions = {} as RulesProfile['versions'];
    const codex: RulesProfile = {
      rules: { 'cooling-start': 60, 'cooling-middle': 10, 'cooling-end': 10, 'cooling-total': 120 },
      versions,
      changes: [],
    };
    const { user, sent } = show(<RulesPage />, {
      answers: { ...around, '/rules': { rules: {}, versions, changes: [] }, 'PUT /rules/cooling-set': codex },
    });
    expect(await screen.findByText(/In force: Two stages: 57 to 21 °C in 2 h/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /Take over: One stage: 60 to 10 °C/ }));
    expect(await screen.findByText(/In force: One stage: 60 to 10 °C in 2 h/)).toBeTruthy();
    expect(sent).toMatchObject([{ method: 'PUT', path: '/rules/cooling-set', body: { set: 'codex' } }]);
  });
});
