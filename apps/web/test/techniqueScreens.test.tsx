// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { Route, Routes } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import {
  classCoverage,
  EMPTY_COMPONENT,
  EMPTY_DISH,
  EMPTY_STEP,
  HAZARD_SPECS,
  lessonAdds,
  MATTERS,
  SHIPPED_CUT_SETS,
  type CourseFacts,
} from '@pelvo/core';
import type { Dish, TechniqueFields, TechniqueSummary } from '@pelvo/contract';
import { CutSetEditor } from '../src/cuts/CutSetEditor';
import DishPage from '../src/dishes/DishPage';
import { RuleUse, WorkingPage } from '../src/design';
import { PracticesOfLesson } from '../src/lessons/PracticesOfLesson';
import { MatterLine } from '../src/practices/MatterLine';
import { MapLists } from '../src/progress/MapLists';
import type { MapLayout } from '../src/progress/mapLayout';
import { SelectedTechnique } from '../src/progress/SelectedTechnique';
import { TechniqueMap } from '../src/progress/TechniqueMap';
import { CoreCheck } from '../src/rules/CoreCheck';
import { DishRules } from '../src/rules/DishRules';
import { CalculatorPane } from '../src/techniques/CalculatorPane';
import { NEW_TECHNIQUE } from '../src/techniques/cardFields';
import { CareSection } from '../src/techniques/editor/CareSection';
import { Rows } from '../src/techniques/editor/Rows';
import { TechniqueCare } from '../src/techniques/TechniqueCare';
import { keptDraft, refused, show } from './screen';
import { quiet as allQuiet } from './quiet';

const summary = (id: string, more: Partial<TechniqueSummary> = {}): TechniqueSummary => ({
  id,
  name: id,
  strand: 'cooking',
  purpose: '',
  minutes: { novice: null, practised: null },
  cautions: [],
  matters: [],
  words: [],
  prerequisites: [],
  ...more,
});

const versions = Object.fromEntries(MATTERS.map((matter) => [matter, matter === 'turning' ? 4 : 0]));
const dish: Dish = {
  id: 'd1',
  version: 3,
  archived: false,
  changed: false,
  editions: [],
  preparations: {},
  content: { ...EMPTY_DISH, title: 'Leeks', components: [{ ...EMPTY_COMPONENT, id: 'c1' }] },
};
const around = {
  '/techniques': [],
  '/ingredients': [],
  '/practices': { choices: {}, versions: {} },
  '/cut-sets': [],
  '/rules': { rules: {}, changes: [], versions: {} },
};

describe('a calculator on its card', () => {
  const inForce = { practices: {}, rules: {}, cutSet: null, doneness: {} };

  it('answers at once, opens to its working, and says what is wrong and what to do', async () => {
    const { user } = show(
      <WorkingPage>
        <CalculatorPane name="brine" inForce={inForce} />
      </WorkingPage>,
    );
    const water = screen.getByLabelText(/^Water/);
    await user.clear(water);
    await user.type(water, '1000');
    const percent = screen.getByLabelText('Salt, %');
    await user.clear(percent);
    await user.type(percent, '4');
    await user.click(screen.getByRole('button', { name: 'Salt: 40 g, show the working' }));
    expect(within(screen.getByRole('complementary', { name: 'Working' })).getByText('4 % of 1 kg')).toBeTruthy();
    await user.clear(percent);
    await user.type(percent, 'lots');
    expect(screen.getByRole('alert').textContent).toContain('"lots" is not a number');
    expect(percent.getAttribute('aria-invalid')).toBe('true');
    expect(screen.queryByRole('button', { name: /show the working/ })).toBeNull();
  });

  it('is carried into a dish with one touch, into its draft, and only by the lead', async () => {
    const page = { items: [{ id: 'd1', title: 'Leeks' }], total: 1 };
    const answers = { ...around, '/dishes': page, '/dishes?technique=t1': page, '/dishes/d1': dish };
    const pane = (
      <WorkingPage>
        <CalculatorPane
          name="brine"
          inForce={inForce}
          technique={{ id: 't1', name: 'Cure', purpose: 'Salt draws water.', steps: [], cues: [], faults: [] }}
        />
      </WorkingPage>
    );
    const ui = (
      <Routes>
        <Route path="/dishes/:id" element={<DishPage />} />
        <Route path="*" element={pane} />
      </Routes>
    );
    const { user, at, unmount } = show(ui, { answers });
    await user.click(await screen.findByRole('button', { name: 'Carry into the dish' }));
    await waitFor(() => expect(at()).toBe('/dishes/d1'));
    await waitFor(() => expect(keptDraft<Dish['content']>('dish.d1')?.mine.components[0]!.lines).toHaveLength(2));
    const draft = keptDraft<Dish['content']>('dish.d1')!;
    const [water, salt] = draft.mine.components[0]!.lines;
    expect([draft.version, water!.item, salt!.item]).toEqual([3, 'water', 'fine salt']);
    expect(salt!.scaling).toMatchObject({ kind: 'percentOf', lineId: water!.id });
    unmount();
    show(pane, { role: 'assistant', answers });
    expect(screen.queryByRole('button', { name: 'Carry into the dish' })).toBeNull();
  });
});

describe('care on a card', () => {
  function Form({ onFields }: { onFields: (fields: TechniqueFields) => void }) {
    const [fields, setFields] = useState<TechniqueFields>({ ...NEW_TECHNIQUE, steps: ['Deep-fry the sage.'] });
    return (
      <CareSection
        fields={fields}
        error={null}
        onChange={(change) => {
          const next = { ...fields, ...change };
          setFields(next);
          onFields(next);
        }}
      />
    );
  }

  it('is asked for where a step names a hazard, and the usual caution answers it', async () => {
    const onFields = vi.fn<(fields: TechniqueFields) => void>();
    const { user } = show(<Form onFields={onFields} />);
    await user.click(screen.getByRole('button', { name: /^Take the usual caution/ }));
    expect(onFields.mock.lastCall![0].cautions).toEqual([HAZARD_SPECS['hot-fat'].caution]);
    expect(screen.queryByText(/no caution speaks of it/)).toBeNull();
  });

  it('can be answered with why none is needed, and asked again', async () => {
    const onFields = vi.fn<(fields: TechniqueFields) => void>();
    const { user } = show(<Form onFields={onFields} />);
    await user.click(screen.getByRole('button', { name: /^None is needed here/ }));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Keep the answer' }).disabled).toBe(true);
    await user.type(screen.getByLabelText(/^Why none is needed/), 'The instructor fries it.');
    await user.click(screen.getByRole('button', { name: 'Keep the answer' }));
    expect(onFields.mock.lastCall![0].answered).toEqual([{ hazard: 'hot-fat', because: 'The instructor fries it.' }]);
    await user.click(screen.getByRole('button', { name: /^Ask again/ }));
    expect(screen.getByText(/no caution speaks of it/)).toBeTruthy();
  });
});

describe('rows of a form', () => {
  it('are changed, moved, taken out and added, up to the most a card takes', async () => {
    const seen = vi.fn<(rows: readonly { text: string }[]) => void>();
    function Form() {
      const [rows, setRows] = useState<readonly { text: string }[]>([{ text: 'one' }, { text: 'two' }]);
      return (
        <Rows
          what="cue"
          rows={rows}
          most={3}
          fresh={() => ({ text: '' })}
          onChange={(next) => {
            setRows(next);
            seen(next);
          }}
        >
          {(row, set, index) => (
            <input aria-label={`Cue ${index + 1}`} value={row.text} onChange={(event) => set({ text: event.target.value })} />
          )}
        </Rows>
      );
    }
    const { user } = show(<Form />);
    const texts = () => seen.mock.lastCall![0].map(({ text }) => text);
    await user.type(screen.getByLabelText('Cue 1'), '!');
    expect(texts()).toEqual(['one!', 'two']);
    await user.click(screen.getByRole('button', { name: 'cue 1 down' }));
    expect(texts()).toEqual(['two', 'one!']);
    await user.click(screen.getByRole('button', { name: 'Add a cue' }));
    expect(texts()).toEqual(['two', 'one!', '']);
    expect(screen.getByText('That is the most a card takes: 3.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take out cue 1' }));
    expect(texts()).toEqual(['one!', '']);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'cue 1 up' }).disabled).toBe(true);
  });
});

describe('a matter', () => {
  const practices = (choices: object) => ({ '/practices': { choices, versions }, '/cut-sets': [] });

  it('says that nobody has chosen, shows every side, and is chosen by the lead against its version', async () => {
    const { user, sent } = show(<MatterLine matter="turning" />, { answers: { ...practices({}), 'PUT /practices/turning': {} } });
    expect(await screen.findByText(/nobody has chosen yet/)).toBeTruthy();
    expect(screen.getByText(/Turn every half minute/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'often' }));
    await waitFor(() => expect(sent).toEqual([{ method: 'PUT', path: '/practices/turning', body: { practice: 'often' }, version: '"4"' }]));
  });

  it('goes by what a lesson teaches, and by the school without one', async () => {
    const answers = practices({ turning: 'once' });
    const { unmount } = show(<MatterLine matter="turning" taught={{ title: 'Duck', practices: { turning: 'often' } }} />, { answers });
    expect(await screen.findByText(/taught in "Duck"/)).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
    unmount();
    show(<MatterLine matter="turning" />, { role: 'assistant', answers });
    expect(await screen.findByText('the practice of this school.')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('says when it could not be stored', async () => {
    const problem = { type: 'urn:pelvo:problem:changed-meanwhile', title: 'Someone else has chosen meanwhile.' };
    const { user } = show(<MatterLine matter="turning" />, {
      answers: { ...practices({}), 'PUT /practices/turning': refused(409, problem) },
    });
    await user.click(await screen.findByRole('button', { name: 'once' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Someone else has chosen meanwhile.');
  });

  it('is taught otherwise in a lesson, and taken back, only where its techniques touch it', async () => {
    const onChange = vi.fn();
    const answers = { ...practices({ resting: 'share' }), '/techniques': [summary('sear', { matters: ['resting'] }), summary('dice')] };
    const { user } = show(<PracticesOfLesson techniqueIds={['sear', 'dice']} practices={{}} onChange={onChange} />, { answers });
    const select = await screen.findByLabelText('Resting meat');
    expect(within(select).getByRole('option', { name: 'as the school: a share of the cooking time' })).toBeTruthy();
    expect(screen.queryByLabelText('Turning in the pan')).toBeNull();
    await user.selectOptions(select, 'peaked');
    expect(onChange).toHaveBeenLastCalledWith({ resting: 'peaked' });
  });
});

describe('local rules', () => {
  it('are shown with their source, or as set by the school, and with who decides', () => {
    show(<RuleUse rules={['hot-holding', 'reheating']} profile={{ reheating: 74 }} />);
    expect(screen.getByText('Hot holding: at least 63 °C').parentElement!.textContent).toContain('Regulations');
    expect(screen.getByText(/at least 74 °C/).parentElement!.textContent).toContain('set by this school');
    expect(screen.getByText(/The local code and the responsible person decide\./)).toBeTruthy();
  });

  it('are held against a core temperature, with time only where that is the practice', async () => {
    const { user, unmount } = show(<CoreCheck rules={{}} byTime={false} />);
    await user.type(screen.getByLabelText('Core, °C'), '66,5');
    await user.type(screen.getByLabelText('Held for, min'), '12');
    expect(screen.getByText(/Missed: Poultry: at least 75 °C\./)).toBeTruthy();
    unmount();
    const again = show(<CoreCheck rules={{}} byTime />);
    await again.user.type(screen.getByLabelText('Core, °C'), '66.5');
    await again.user.type(screen.getByLabelText('Held for, min'), '12');
    expect(screen.getByText(/Met: 65 °C for 10 min\./)).toBeTruthy();
    await again.user.clear(screen.getByLabelText('Core, °C'));
    await again.user.type(screen.getByLabelText('Core, °C'), '900');
    expect(screen.getByText(/Give −5 °C to 150 °C\./)).toBeTruthy();
  });

  it('speak up in a dish that plans against them, and are silent otherwise', async () => {
    const profile = { rules: {}, changes: [], versions: {} };
    const hot = { ...dish.content, method: [{ ...EMPTY_STEP, id: 's1', text: 'Fry in hot oil.', minutes: 3, celsius: 190 }] };
    const { unmount } = show(<DishRules dishes={[hot]} />, { answers: { '/rules': profile } });
    expect((await screen.findByText(/Fat at 190 °C/)).textContent).toContain('Frying fat: at most 175 °C');
    unmount();
    const quiet = show(<DishRules dishes={[dish.content]} />, { answers: { '/rules': profile } });
    await allQuiet();
    expect(quiet.container.textContent).toBe('');
  });
});

describe('cautions of techniques', () => {
  it('stand under the card they come from, once, and nothing stands where there is none', async () => {
    const answers = { '/techniques': [summary('sear', { name: 'Sear', cautions: ['Hot fat spits.'] }), summary('dice')] };
    show(<TechniqueCare ids={['sear', 'dice', 'sear']} title="Care" />, { answers });
    expect(await screen.findAllByText('Hot fat spits.')).toHaveLength(1);
    expect(screen.getByRole('link', { name: 'Sear' }).getAttribute('href')).toBe('/techniques/sear');
    expect(screen.queryByRole('link', { name: 'dice' })).toBeNull();
  });
});

describe('a set of cuts being changed', () => {
  const set = { id: 'set1', version: 2, ...SHIPPED_CUT_SETS[0]! };

  it('keeps what was typed when the server refuses a field, and names it there', async () => {
    const problem = {
      type: 'urn:pelvo:problem:invalid-input',
      title: 'Something is not right.',
      errors: [{ field: 'cuts.0.tolerance', problem: 'This is not a number.', remedy: 'Give millimetres.' }],
    };
    const { user, sent } = show(<CutSetEditor set={set} onClose={() => undefined} onRemoved={() => undefined} />, {
      answers: { 'PUT /cut-sets/set1': refused(422, problem) },
    });
    const tolerance = screen.getAllByLabelText('± side')[0]!;
    await user.clear(tolerance);
    await user.type(tolerance, 'much');
    await user.click(screen.getByRole('button', { name: 'Save the set' }));
    await waitFor(() => expect(tolerance.getAttribute('aria-invalid')).toBe('true'));
    expect((tolerance as HTMLInputElement).value).toBe('much');
    expect(sent[0]).toMatchObject({ version: '"2"', body: { name: set.name } });
    expect(keptDraft<{ cuts: { tolerance: string }[] }>('cut-set.set1')!.mine.cuts[0]!.tolerance).toBe('much');
  });

  it('hands a removed set over, so that it can be restored', async () => {
    const onRemoved = vi.fn();
    const { user } = show(<CutSetEditor set={set} onClose={() => undefined} onRemoved={onRemoved} />, {
      answers: { 'DELETE /cut-sets/set1': {}, '/cut-sets': [] },
    });
    await user.click(screen.getByRole('button', { name: 'Remove the set' }));
    await waitFor(() => expect(onRemoved).toHaveBeenCalledWith(SHIPPED_CUT_SETS[0]));
  });
});

describe('the map of a class', () => {
  const techniques = [
    summary('grip', { name: 'Grip', strand: 'knife' }),
    summary('julienne', { name: 'Julienne', strand: 'knife', prerequisites: ['grip'] }),
    summary('sweat', { name: 'Sweat' }),
  ];
  const students = [
    { id: 'a', name: 'Ann' },
    { id: 'b', name: 'Bo' },
    { id: 'c', name: 'Cy' },
  ];
  const lessons: CourseFacts['lessons'] = [
    { id: 'l1', title: 'Knives', date: '2026-11-02', techniques: [{ id: 'grip', purpose: 'introduce' }], inPassing: [], absent: ['c'] },
    { id: 'l2', title: 'Sticks', date: '2026-12-07', techniques: [{ id: 'grip', purpose: 'assess' }], inPassing: [], absent: [] },
  ];
  const facts: CourseFacts = {
    students,
    techniques,
    lessons,
    prerequisites: new Map(techniques.map(({ id, prerequisites }) => [id, prerequisites])),
  };
  const upTo = '2026-11-20';
  const standing = { facts, techniques, coverage: classCoverage(facts, upTo), adds: lessonAdds(facts, 'l2', upTo) };
  const course = { classId: 'k1', students, lessons, dishes: { grip: 2 } };
  const layout: MapLayout = {
    width: 400,
    height: 200,
    nodes: [
      { id: 'grip', x: 0, y: 32 },
      { id: 'julienne', x: 200, y: 32 },
      { id: 'sweat', x: 0, y: 130 },
    ],
    edges: [{ from: 'grip', to: 'julienne', d: 'M0 0L1 1', across: false }],
    bands: [{ strand: 'knife', x: 0, y: 0, width: 400 }],
  };

  function Walked() {
    const [selected, setSelected] = useState<string | null>(null);
    return (
      <TechniqueMap
        layout={layout}
        room={800}
        techniques={new Map(techniques.map((each) => [each.id, each]))}
        prerequisites={facts.prerequisites}
        coverage={standing.coverage}
        adds={standing.adds}
        selected={selected}
        onSelect={setSelected}
      />
    );
  }

  it('says in words what its fills say, and is walked by arrows from one tab stop', async () => {
    const { user } = show(<Walked />);
    const grip = screen.getByRole('button', { name: 'Grip: met, not met by 1 of 3; the lesson brings 3 further' });
    const nodes = () => within(screen.getByRole('group', { name: 'Map of techniques' })).getAllByRole('button');
    expect(nodes().filter((node) => node.tabIndex === 0)).toEqual([grip]);
    grip.focus();
    await user.keyboard('{ArrowRight}');
    expect(document.activeElement?.getAttribute('aria-label')).toContain('Julienne');
    expect(document.activeElement?.getAttribute('aria-pressed')).toBe('true');
    await user.keyboard('{ArrowRight}');
    expect(document.activeElement?.getAttribute('aria-label')).toContain('Julienne');
    await user.keyboard('{Escape}');
    expect(nodes().every((node) => node.getAttribute('aria-pressed') === 'false')).toBe(true);
  });

  it('is made larger and smaller, and fitted again', async () => {
    const { user } = show(<Walked />);
    await user.click(screen.getByRole('button', { name: 'Larger' }));
    expect(screen.getByRole('button', { name: 'The whole width' }).textContent).toBe('115 %');
    await user.click(screen.getByRole('button', { name: 'The whole width' }));
    expect(screen.getByRole('button', { name: 'The whole width' }).textContent).toBe('100 %');
  });

  it('answers as lists, and leads the lead to a plan', () => {
    show(<MapLists standing={standing} course={course} upTo={upTo} onSelect={() => undefined} />);
    const section = (title: RegExp) => screen.getByRole('heading', { name: title }).closest('section')!;
    expect(section(/^Met by some/).textContent).toContain('Not met by Cy.');
    expect(section(/^Assessed before/).textContent).toContain('Without practice: the whole class.');
    expect(section(/^No lesson covers these, 2 of 3/).textContent).toContain('Julienne');
    const next = section(/^Good to teach next/);
    expect(next.textContent).toContain('Grip met by 2 of 3');
    const plan = within(next).getByRole('link', { name: /Julienne/ });
    expect(plan.getAttribute('href')).toBe('/lessons/new?class=k1&technique=julienne&purpose=introduce');
  });

  it('offers no plan to an assistant', () => {
    show(<MapLists standing={standing} course={course} upTo={upTo} onSelect={() => undefined} />, { role: 'assistant' });
    expect(screen.queryByRole('link', { name: /^Plan it/ })).toBeNull();
  });

  it('tells of one technique who has not met it and why, and where it is taken up', async () => {
    const onSelect = vi.fn();
    const { user } = show(
      <SelectedTechnique technique={techniques[0]!} standing={standing} course={course} upTo={upTo} onSelect={onSelect} />,
    );
    const margin = screen.getByRole('complementary', { name: 'Grip' });
    expect(margin.textContent).toContain('Cy, away on Mon 2 Nov');
    expect(margin.textContent).toContain('Ann, Bo');
    expect(margin.textContent).toContain('brings 3 further, to assess it');
    expect(
      within(margin)
        .getByRole('link', { name: /Sticks, assess/ })
        .getAttribute('href'),
    ).toBe('/lessons/l2');
    await user.click(within(margin).getByRole('button', { name: 'Julienne' }));
    expect(onSelect).toHaveBeenCalledWith('julienne');
  });
});
