// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { EMPTY_CARD, MATTER_SPECS, MATTERS, SHIPPED_CUT_SETS, type MarkValue, type RubricContent } from '@pelvo/core';
import type { Practices, Rubric, RulesProfile, StoredCutSet, TechniqueImport, TechniqueSummary, TechniqueWithUse } from '@pelvo/contract';
import CommandList from '../src/app/CommandList';
import CutsPage from '../src/cuts/CutsPage';
import DonenessPage from '../src/doneness/DonenessPage';
import PracticesPage from '../src/practices/PracticesPage';
import RubricPage from '../src/rubrics/RubricPage';
import RulesPage from '../src/rules/RulesPage';
import EditTechniquePage from '../src/techniques/EditTechniquePage';
import ImportTechniquesPage from '../src/techniques/ImportTechniquesPage';
import TechniquePage from '../src/techniques/TechniquePage';
import TechniquesPage from '../src/techniques/TechniquesPage';
import { plate, RUBRIC, sheetOf } from './fixtures';
import { keptDraft, refused, show } from './screen';

const card = (more: Partial<TechniqueWithUse> = {}): TechniqueWithUse =>
  ({
    ...EMPTY_CARD,
    id: 't1',
    version: 4,
    archived: false,
    name: 'Deep-fry',
    purpose: 'Crisp **and** dry.',
    steps: ['Heat the oil to 175 °C.', 'Lay the sage in **away** from you.'],
    criticalPoints: [{ text: 'The oil is dry of water.' }],
    cues: [{ sense: 'hear', text: 'a steady hiss' }],
    looksWrong: [{ see: 'It foams up', because: 'Water leaves; wait.' }],
    faults: [
      { key: 'greasy', see: 'Greasy', cause: 'Oil too cool', correction: 'Heat on', rescue: 'Back into hotter oil' },
      { key: 'dark', see: 'Dark', cause: 'Oil too hot', correction: 'Off the heat', rescue: '' },
    ],
    cautions: ['Never fill the pan above half.'],
    descriptors: [{ key: 'crisp', name: 'Crispness', evidence: 'tasted', levels: ['soft', 'patchy', 'crisp', 'crisp and dry'] }],
    minutes: { novice: 20, practised: 10 },
    prerequisites: ['t2'],
    leadsTo: [{ id: 't3', name: 'Tempura of herbs' }],
    ...more,
  }) as TechniqueWithUse;
const summary = (id: string, name: string, more: Partial<TechniqueSummary> = {}): TechniqueSummary => ({
  id,
  name,
  strand: 'cooking',
  purpose: '',
  minutes: { novice: 20, practised: 10 },
  cautions: [],
  matters: [],
  words: [],
  prerequisites: [],
  ...more,
});
const cutSets: readonly StoredCutSet[] = SHIPPED_CUT_SETS.map(
  (set, index) => ({ ...set, id: `set${index + 1}`, version: 1 }) as StoredCutSet,
);
const practices = (choices: Practices['choices'] = {}): Practices => ({
  choices,
  versions: Object.fromEntries(MATTERS.map((matter) => [matter, 0])) as Practices['versions'],
});
const rules: RulesProfile = { rules: {}, versions: {}, changes: [] } as unknown as RulesProfile;
const around = {
  '/techniques': [summary('t1', 'Deep-fry'), summary('t2', 'Season and taste'), summary('t3', 'Tempura of herbs')],
  '/practices': practices(),
  '/cut-sets': cutSets,
  '/rules': rules,
  '/dishes': { items: [], total: 0 },
  '/archived-techniques': [],
};

describe('the cards', () => {
  it('stand in their strands and are found by name, purpose or words', async () => {
    const { user } = show(<TechniquesPage />, {
      answers: {
        ...around,
        '/techniques': [summary('t1', 'Deep-fry', { words: ['crisp the sage'] }), summary('t2', 'Julienne', { strand: 'knife' })],
      },
    });
    expect(await screen.findByRole('link', { name: /Deep-fry/ })).toBeTruthy();
    await user.type(screen.getByLabelText('Find a technique'), 'sage');
    expect(screen.queryByRole('link', { name: /Julienne/ })).toBeNull();
    expect(screen.getByRole('link', { name: /Deep-fry/ })).toBeTruthy();
    expect(screen.getAllByText('Nothing found here. Try another word.')).toHaveLength(2);
  });

  it('hold everything a technique teaches, rescue and who decides included', async () => {
    show(<TechniquePage />, { at: '/techniques/t1', route: '/techniques/:id', answers: { ...around, '/techniques/t1': card() } });
    expect(await screen.findByRole('heading', { name: 'Deep-fry' })).toBeTruthy();
    expect(screen.getByText('away').tagName).toBe('STRONG');
    expect(screen.getByRole('row', { name: /Greasy Oil too cool Heat on Back into hotter oil/ })).toBeTruthy();
    expect(screen.getByRole('row', { name: /Dark.*Cannot be rescued/ })).toBeTruthy();
    expect(screen.getByText('It foams up')).toBeTruthy();
    const care = screen.getByText('Never fill the pan above half.').closest('div')!;
    expect(care.textContent).toContain('The local code and the responsible person decide.');
    expect(screen.getByRole('link', { name: 'Season and taste' }).getAttribute('href')).toBe('/techniques/t2');
    expect(screen.getByRole('link', { name: 'Tempura of herbs' })).toBeTruthy();
  });

  it('are archived by the lead, and offered to be restored', async () => {
    const { user, sent, at } = show(<TechniquePage />, {
      at: '/techniques/t1',
      route: '/techniques/:id',
      answers: { ...around, '/techniques/t1': card(), 'PUT /techniques/t1/archived': card({ archived: true }) },
    });
    await user.click(await screen.findByRole('button', { name: 'Archive' }));
    await waitFor(() => expect(at()).toBe('/techniques'));
    expect(sent).toMatchObject([{ method: 'PUT', body: { archived: true } }]);
  });
});

describe('writing a card', () => {
  const edit = (answers = {}) =>
    show(<EditTechniquePage />, {
      at: '/techniques/t1/edit',
      route: '/techniques/:id/edit',
      answers: { ...around, '/techniques/t1': card(), ...answers },
    });

  it('keeps what is typed on the device, and saves it against the version that was loaded', async () => {
    const { user, sent, at } = edit({ 'PUT /techniques/t1': card({ name: 'Deep-fry herbs', version: 5 }) });
    const name = await screen.findByLabelText('Name');
    fireEvent.change(name, { target: { value: 'Deep-fry herbs' } });
    expect(keptDraft<{ name: string }>('technique.t1')).toMatchObject({
      version: 4,
      mine: { name: 'Deep-fry herbs' },
    });
    await user.click(screen.getAllByRole('button', { name: 'Save the card' })[0]!);
    await waitFor(() => expect(at()).toBe('/techniques/t1'));
    expect(sent[0]).toMatchObject({ method: 'PUT', version: '"4"', body: { name: 'Deep-fry herbs', prerequisites: ['t2'] } });
    expect(keptDraft('technique.t1')).toBeNull();
  });

  it('names in words what someone else changed meanwhile', async () => {
    const theirs = card({ version: 9, name: 'Theirs', criticalPoints: [{ text: 'Other' }] });
    let stored = card();
    const { user } = edit({
      '/techniques/t1': () => stored,
      'PUT /techniques/t1': () => {
        stored = theirs;
        return refused(412, { type: 'urn:pelvo:problem:changed-meanwhile', title: 'Changed.', status: 412, current: theirs });
      },
    });
    fireEvent.change(await screen.findByLabelText('Name'), { target: { value: 'Mine' } });
    await user.click(screen.getAllByRole('button', { name: 'Save the card' })[0]!);
    // The name both changed is asked; what only they changed has come in.
    expect((await screen.findByText(/^Name$/, { selector: 'b' })).closest('li')!.textContent).toContain('yours Mine');
    expect(screen.getByText('Other')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Mine');
  });

  it('names the ring a prerequisite would close, and nothing typed is lost', async () => {
    const errors = [
      { field: 'prerequisites', problem: 'This closes a ring: Deep-fry, Tempura of herbs, Deep-fry.', remedy: 'Take one of them out.' },
    ];
    const { user } = edit({
      'PUT /techniques/t1': refused(422, { type: 'urn:pelvo:problem:invalid-input', title: 'Not right.', status: 422, errors }),
    });
    fireEvent.change(await screen.findByLabelText('Name'), { target: { value: 'Mine' } });
    await user.click(screen.getAllByRole('button', { name: 'Save the card' })[0]!);
    expect((await screen.findAllByText(/This closes a ring: Deep-fry, Tempura of herbs, Deep-fry/)).length).toBeGreaterThan(0);
    expect(keptDraft<{ name: string }>('technique.t1')!.mine.name).toBe('Mine');
  });

  it('tells part by part what a card still lacks', async () => {
    edit({ '/techniques/t1': card({ cues: [], aims: { introduce: '', practise: '', assess: '' } }) });
    const parts = await screen.findByRole('complementary', { name: 'Parts of the card' });
    expect(within(parts).getByText('Cues').closest('li')!.textContent).toContain('none yet');
    expect(within(parts).getByText('What a student shows').closest('li')!.textContent).toContain('not said for assessing');
    expect(within(parts).getByText('Steps').closest('li')!.textContent).toBe('Steps');
  });
});

describe('bringing cards in', () => {
  const preview: TechniqueImport = {
    techniques: [
      { name: 'Rub in', state: 'new', problems: [] },
      { name: 'Deep-fry', state: 'replaces', problems: [] },
    ],
    leftOut: ['Rub in: the heading "Notes"'],
    made: 0,
    replaced: 0,
  };

  it('shows what would come of it, and what has no place, before anything is stored', async () => {
    const { user, sent } = show(<ImportTechniquesPage />, {
      answers: {
        ...around,
        'POST /technique-imports': preview,
        'POST /technique-imports?apply=true': { ...preview, made: 1, replaced: 1 },
      },
    });
    fireEvent.change(screen.getByLabelText('Or paste the text'), { target: { value: '# Rub in' } });
    await user.click(screen.getByRole('button', { name: 'Read the text' }));
    expect(await screen.findByRole('heading', { name: '2 cards found' })).toBeTruthy();
    expect(screen.getByText('replaces the card of that name')).toBeTruthy();
    expect(screen.getByText('Rub in: the heading "Notes"')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take these 2 cards' }));
    expect(await screen.findByText('Done: 1 new, 1 replaced.')).toBeTruthy();
    expect(sent.map(({ path }) => path)).toEqual(['/technique-imports', '/technique-imports?apply=true']);
  });

  it('takes nothing while one card is wrong', async () => {
    const problems = [{ field: 'cautions', problem: 'A step names hot fat.', remedy: 'Write a caution.' }];
    const { user } = show(<ImportTechniquesPage />, {
      answers: {
        ...around,
        'POST /technique-imports': { ...preview, techniques: [preview.techniques[0], { name: 'Fry', state: 'new', problems }] },
      },
    });
    await user.upload(screen.getByLabelText('Choose a file'), new File(['# Fry'], 'cards.md'));
    expect(await screen.findByText('Nothing can be taken until this is right')).toBeTruthy();
    expect(screen.getByText(/A step names hot fat\. Write a caution\./)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Take/ })).toBeNull();
  });
});

describe('practices, rules and cuts', () => {
  it('list every matter, and how many nobody has chosen', async () => {
    show(<PracticesPage />, { answers: { ...around, '/practices': practices({ turning: 'often' }) } });
    expect(await screen.findByText(`${MATTERS.length - 1} of ${MATTERS.length} matters are open`)).toBeTruthy();
    expect(screen.getByRole('group', { name: MATTER_SPECS.turning.name })).toBeTruthy();
    // How a lesson is marked is not a belief about cooking: it is a setting.
    expect(screen.queryByRole('group', { name: 'Marking' })).toBeNull();
  });

  it('show each rule with its default, its source and who decides', async () => {
    show(<RulesPage />, { role: 'assistant', answers: around });
    expect((await screen.findAllByText(/The local code and the responsible person decide/)).length).toBeGreaterThan(0);
    expect(screen.queryByRole('button', { name: /^Change/ })).toBeNull();
  });

  it('set cores beside the local rule, and stages in their order', async () => {
    show(<DonenessPage />, { role: 'stores', answers: around });
    const row = (name: RegExp) => screen.findByRole('row', { name });
    expect((await row(/medium rare/)).textContent).toMatch(/53 °C to 57 °C.*63 °C.*below it: only under an allowance/);
    expect((await row(/minced/)).textContent).not.toMatch(/below it/);
    const sugar = screen.getByRole('heading', { name: 'Sugar' }).parentElement!;
    expect(within(sugar).getAllByRole('listitem')[6]!.textContent).toBe('amber caramel, 168 °C to 174 °C: strong tea');
  });

  it('set the traditions of named cuts side by side in one scale', async () => {
    show(<CutsPage />, { answers: around });
    for (const { name } of SHIPPED_CUT_SETS) expect((await screen.findAllByText(name)).length).toBeGreaterThan(0);
    expect(screen.getAllByRole('img').length).toBeGreaterThan(10);
  });
});

describe('what holds under one practice only', () => {
  const under = { matter: 'plate-regularity', practice: 'free' } as const;
  const shown = (choices: Practices['choices'], at = '/techniques/t1') =>
    show(<TechniquePage />, {
      at,
      route: '/techniques/:id',
      answers: {
        ...around,
        '/practices': practices(choices),
        '/techniques/t1': card({ criticalPoints: [{ text: 'One place is high.', under }], matters: ['plate-regularity'] }),
      },
    });

  it('says so on the card, and that it is not asked here where another is in force', async () => {
    shown({ 'plate-regularity': 'free' });
    expect((await screen.findByText('Holds under Regularity on the plate: free, with height')).closest('li')!.textContent).toContain(
      'One place is high.',
    );
  });

  it('is not asked where another practice is in force', async () => {
    shown({ 'plate-regularity': 'ordered' });
    expect(await screen.findByText(/^Not asked here: holds only under Regularity on the plate: free/)).toBeTruthy();
  });

  it('is set by the lead in the editor, and stays with its line', async () => {
    const { user } = show(<EditTechniquePage />, {
      at: '/techniques/t1/edit',
      route: '/techniques/:id/edit',
      answers: { ...around, '/techniques/t1': card({ criticalPoints: [{ text: 'One place is high.' }], matters: ['plate-regularity'] }) },
    });
    await user.selectOptions(await screen.findByLabelText('"One place is high." holds'), 'plate-regularity free');
    expect(keptDraft<{ criticalPoints: object[] }>('technique.t1')!.mine.criticalPoints).toEqual([{ text: 'One place is high.', under }]);
  });
});

describe('a rubric', () => {
  const stored = (content: RubricContent = RUBRIC): Rubric => ({ id: 'r1', version: 2, content, editions: [], changed: true });
  const page = (answers = {}, role: 'lead' | 'assistant' = 'lead') =>
    show(<RubricPage />, {
      role,
      at: '/rubrics/r1',
      route: '/rubrics/:id',
      answers: { ...around, '/rubrics/r1': stored(), '/rubrics/r1/lessons': [], '/techniques/t1': card(), ...answers },
    });

  it('draws faults and the words of its levels from a card', async () => {
    const { user } = page();
    await user.click(await screen.findByRole('button', { name: /^Change ?Seasoning/ }));
    await user.selectOptions(screen.getByLabelText('Draw on the card of'), 't1');
    await user.click(await screen.findByRole('button', { name: 'Greasy' }));
    await user.click(screen.getByRole('button', { name: 'Crispness, tasted' }));
    const kept = keptDraft<RubricContent>('rubric.r1');
    expect(JSON.stringify(kept)).toContain('"technique":"Deep-fry"');
    expect(screen.getByLabelText<HTMLTextAreaElement>('Assured', { selector: 'textarea' }).value).toBe('crisp and dry');
    expect(screen.queryByRole('button', { name: 'Greasy' })).toBeNull();
  });

  it('says at which level a criterion is passed, and saves it against its version', async () => {
    const { user, sent } = page({ 'PUT /rubrics/r1': stored({ ...RUBRIC, passAt: 2 }) });
    const passed = await screen.findByLabelText<HTMLSelectElement>('Passed at');
    expect(passed.selectedOptions[0]!.text).toBe('Secure');
    await user.selectOptions(passed, 'Nearly');
    await user.click(screen.getByRole('button', { name: /^Save/ }));
    await waitFor(() => expect(sent).toMatchObject([{ method: 'PUT', version: '"2"', body: { passAt: 2 } }]));
  });

  it('shows what past marks would have been while a weight is changed', async () => {
    const at = (level: 1 | 4): MarkValue => ({ kind: 'level', level, faults: [] });
    const { user } = page({
      '/rubrics/r1/lessons': [{ id: 'l1', title: 'Leeks and a dressing', date: '2026-10-01', className: 'Foundation', dishesMarked: 1 }],
      '/lessons/l1/marking-sheet': sheetOf({ plates: [plate('s1', { cut: at(4), salt: at(1) })] }),
    });
    await user.selectOptions(await screen.findByLabelText(/A lesson that was marked with it/), 'l1');
    expect(await screen.findByText('No mark would be another.')).toBeTruthy();
    // Knife 50 of 150 at full marks, cooking 100 of 150 at a quarter: 33.3 + 16.7.
    fireEvent.change(screen.getByLabelText('Cooking weighs'), { target: { value: '100' } });
    const row = within(await screen.findByRole('row', { name: /Ada/ }));
    expect(row.getAllByRole('cell').map(({ textContent }) => textContent)).toEqual(expect.arrayContaining(['63', '50', '−13']));
  });

  it('takes the stages of a ladder for a criterion, by the stage that is wanted', async () => {
    const { user } = page();
    await user.selectOptions(await screen.findByLabelText('Add to Cooking'), 'ladder');
    await user.click((await screen.findAllByRole('button', { name: /^Change/ })).at(-1)!);
    await user.selectOptions(screen.getByLabelText(/Take the stages of a ladder/), 'butter hazel');
    const kept = keptDraft<RubricContent>('rubric.r1')!.mine.criteria.at(-1)!;
    expect(kept.kind === 'ladder' && kept.stages.map(({ name, share }) => [name.split(':')[0], share])).toEqual([
      ['melted', 0.25],
      ['foaming', 0.25],
      ['blond', 0.5],
      ['hazel', 1],
      ['chestnut', 0.5],
      ['burnt', 0.25],
    ]);
  });

  it('shows what another practice is in force against, and says so', async () => {
    const under = { matter: 'plate-regularity', practice: 'free' } as const;
    const fault = { key: 'even', see: 'Spread evenly', cause: 'habit', correction: 'group', rescue: '', under };
    const { user } = page({ '/techniques/t1': card({ faults: [fault] }) });
    await user.click(await screen.findByRole('button', { name: /^Change ?Seasoning/ }));
    await user.selectOptions(screen.getByLabelText('Draw on the card of'), 't1');
    expect((await screen.findByRole('button', { name: /Spread evenly/ })).textContent).toContain(
      '(only under Regularity on the plate: free, with height)',
    );
  });

  it('is read by an assistant', async () => {
    page({}, 'assistant');
    expect(await screen.findByRole('heading', { name: 'Seasoning' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Change/ })).toBeNull();
  });
});

describe('finding anything', () => {
  const open = (role: 'lead' | 'stores') =>
    show(<CommandList onClose={() => undefined} />, {
      role,
      answers: { ...around, '/classes': [{ id: 'c1', name: 'Foundation', term: '', students: 3 }] },
    });

  it('reaches cards, classes and what can be done, by typing', async () => {
    const { user, at } = open('lead');
    await user.type(await screen.findByPlaceholderText(/A lesson, a dish/), 'deep');
    await user.click(await screen.findByRole('option', { name: 'Deep-fry' }));
    expect(at()).toBe('/techniques/t1');
  });

  it('opens with Enter what fits best, not where its letters are scattered', async () => {
    const { user, at } = open('lead');
    // "Invite a colleague" holds the letters too, one here and one there.
    await user.type(await screen.findByPlaceholderText(/A lesson, a dish/), 'ee');
    expect((await screen.findAllByRole('option')).map((option) => option.textContent)).toContain('Deep-fry');
    expect(screen.queryByRole('option', { name: 'Invite a colleague' })).toBeNull();
    await user.clear(screen.getByPlaceholderText(/A lesson, a dish/));
    await user.type(screen.getByPlaceholderText(/A lesson, a dish/), 'fry{Enter}');
    expect(at()).toBe('/techniques/t1');
  });

  it('offers to each role what it may reach', async () => {
    open('stores');
    expect(await screen.findByRole('option', { name: 'See the local rules' })).toBeTruthy();
    expect(screen.queryByRole('option', { name: 'Plan a lesson' })).toBeNull();
    expect(screen.queryByRole('option', { name: 'See the map of a class' })).toBeNull();
  });
});
