// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState, type ComponentType } from 'react';
import { describe, expect, it, vi } from 'vitest';
import {
  CALCULATORS,
  CARD_LIMITS,
  EMPTY_STEP,
  MATTER_SPECS,
  MATTERS,
  RULE_KEYS,
  RULE_SPECS,
  SHIPPED_CUT_SETS,
  type MethodStep,
} from '@pelvo/core';
import type { RulesProfile, StoredCutSet, TechniqueFields } from '@pelvo/contract';
import { ProblemError } from '../src/device';
import CutsPage from '../src/cuts/CutsPage';
import { StepEditor } from '../src/dishes/method/StepEditor';
import RulesPage from '../src/rules/RulesPage';
import { NEW_TECHNIQUE } from '../src/techniques/cardFields';
import { JudgingSection } from '../src/techniques/editor/JudgingSection';
import { PlaceSection } from '../src/techniques/editor/PlaceSection';
import { CuesSection, FaultsSection, LooksWrongSection } from '../src/techniques/editor/TroubleSections';
import { WaysSection } from '../src/techniques/editor/WaysSection';
import { refused, show } from './screen';

const cutSets = SHIPPED_CUT_SETS.map((set, index) => ({ ...set, id: `set${index + 1}`, version: 1 }) as StoredCutSet);
const versions = Object.fromEntries(MATTERS.map((matter) => [matter, 0]));
const rules = (more: Partial<RulesProfile> = {}): RulesProfile => ({
  rules: {},
  changes: [],
  versions: Object.fromEntries(RULE_KEYS.map((key) => [key, 0])) as RulesProfile['versions'],
  ...more,
});
const around = {
  '/techniques': [
    { id: 't1', name: 'Sweat', strand: 'cooking', matters: [], prerequisites: [] },
    { id: 't2', name: 'Julienne', strand: 'knife', matters: [], prerequisites: [] },
  ],
  '/practices': { choices: {}, versions },
  '/cut-sets': cutSets,
  '/rules': rules(),
};

type Section = ComponentType<{
  fields: TechniqueFields;
  onChange: (change: Partial<TechniqueFields>) => void;
  error: unknown;
  ownId: string | null;
}>;
/** A section of the form of a card, and the card as it stands after each change. */
function section(Part: Section, from: Partial<TechniqueFields> = {}, error: unknown = null) {
  const now = { fields: { ...NEW_TECHNIQUE, ...from } };
  function Form() {
    const [fields, setFields] = useState(now.fields);
    return (
      <Part
        fields={fields}
        error={error}
        ownId="t1"
        onChange={(change) => setFields((before) => (now.fields = { ...before, ...change }))}
      />
    );
  }
  return { now, ...show(<Form />, { answers: around }) };
}
const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('cues, stages and faults of a card', () => {
  it('have a sense and words', async () => {
    const { user, now } = section(CuesSection);
    await user.click(screen.getByRole('button', { name: 'Add a cue' }));
    await user.selectOptions(screen.getByLabelText('Sense of cue 1'), 'hear');
    type('Cue 1', 'a steady hiss');
    expect(now.fields.cues).toEqual([{ sense: 'hear', text: 'a steady hiss' }]);
  });

  it('say what looks wrong and why it is right', async () => {
    const { user, now } = section(LooksWrongSection);
    await user.click(screen.getByRole('button', { name: 'Add a stage' }));
    type('Stage 1: it looks', 'Lumpy');
    type('Stage 1: it is right because', 'It melts in; wait.');
    expect(now.fields.looksWrong).toEqual([{ see: 'Lumpy', because: 'It melts in; wait.' }]);
  });

  it('keep the keys of faults, whatever is moved, so that rubrics still know them', async () => {
    const { user, now } = section(FaultsSection, {
      faults: [
        { key: 'pale', see: 'Pale', cause: '', correction: '', rescue: '' },
        { key: 'dark', see: 'Dark', cause: '', correction: '', rescue: '' },
      ],
    });
    await user.click(screen.getByRole('button', { name: 'fault 1 down' }));
    type('Rescue now; empty if it cannot be', 'scrape it');
    await user.click(screen.getByRole('button', { name: 'Add a fault' }));
    expect(now.fields.faults.map(({ key, see }) => [key, see])).toEqual([
      ['dark', 'Dark'],
      ['pale', 'Pale'],
      ['fault', ''],
    ]);
    expect(now.fields.faults[0]!.rescue).toBe('scrape it');
    await user.click(screen.getByRole('button', { name: 'Add a fault' }));
    expect(now.fields.faults[3]!.key).toBe('fault-2');
  });

  it('are marked where the server found something wrong', () => {
    const errors = [{ field: 'faults.1.see', problem: 'There is nothing in it.', remedy: 'Write something, or take it out.' }];
    const fault = { key: 'a', see: 'Pale', cause: '', correction: '', rescue: '' };
    section(
      FaultsSection,
      { faults: [fault, { ...fault, key: 'b', see: '' }] },
      new ProblemError({ type: 'urn:pelvo:problem:invalid-input', title: 'x', status: 422, errors }),
    );
    expect(screen.getByLabelText('You see, fault 2').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByLabelText('You see').getAttribute('aria-invalid')).toBeNull();
  });

  it('end at the most a card takes', () => {
    section(CuesSection, { cues: Array.from({ length: CARD_LIMITS.cues }, () => ({ sense: 'see' as const, text: 'x' })) });
    expect(screen.getByText(`That is the most a card takes: ${CARD_LIMITS.cues}.`)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Add a cue' })).toBeNull();
  });
});

describe('how a card is judged', () => {
  it('by four levels in words, and by what kind of evidence', async () => {
    const { user, now } = section(JudgingSection);
    await user.click(screen.getByRole('button', { name: 'Add a descriptor' }));
    type('Name of descriptor 1', 'Bite');
    await user.selectOptions(screen.getByLabelText('Evidence of descriptor 1'), 'tasted');
    type('Secure', 'tender with bite');
    expect(now.fields.descriptors).toEqual([
      { key: 'descriptor', name: 'Bite', evidence: 'tasted', levels: ['', '', 'tender with bite', ''] },
    ]);
  });
});

describe('ways of doing it', () => {
  const variants = [
    { key: 'dry', name: 'Dry', text: 'Without water.' },
    { key: 'wet', name: 'Wet', text: 'With water.' },
  ];

  it('are in force once someone chooses, and no longer when that variant is taken out', async () => {
    const { user, now } = section(WaysSection, { variants });
    await user.selectOptions(screen.getByLabelText('Variant in force'), 'wet');
    expect(now.fields.variant).toBe('wet');
    await user.click(screen.getByRole('button', { name: 'Take out variant 1' }));
    expect(now.fields.variant).toBe('wet');
    await user.click(screen.getByRole('button', { name: 'Take out variant 1' }));
    expect(now.fields).toMatchObject({ variants: [], variant: null });
  });

  it('touch matters, in their order', async () => {
    const { user, now } = section(WaysSection);
    const [first, , third] = MATTERS;
    await user.click(screen.getByLabelText(MATTER_SPECS[third!].name));
    await user.click(screen.getByLabelText(MATTER_SPECS[first!].name));
    expect(now.fields.matters).toEqual([first, third]);
  });
});

describe('the place of a card', () => {
  it('is after others, never after itself', async () => {
    const { user, now } = section(PlaceSection);
    const add = await screen.findByLabelText('Add a technique to learn first');
    await screen.findByRole('option', { name: 'Julienne' });
    expect(within(add).queryByRole('option', { name: 'Sweat' })).toBeNull();
    await user.selectOptions(add, 't2');
    expect(now.fields.prerequisites).toEqual(['t2']);
    await user.click(screen.getByRole('button', { name: 'Take out Julienne' }));
    expect(now.fields.prerequisites).toEqual([]);
  });

  it('carries measures in one order, and drawings that can be seen at once', async () => {
    const { user, now } = section(PlaceSection);
    await user.click(screen.getByLabelText(CALCULATORS.cooling.name));
    await user.click(screen.getByLabelText(CALCULATORS.spine.name));
    expect(now.fields.calculators).toEqual(['spine', 'cooling']);
    await user.selectOptions(screen.getByLabelText('Add a drawing'), 'cut batonnet');
    expect(now.fields.drawings).toEqual([{ kind: 'cut', of: 'batonnet' }]);
    expect(await screen.findByRole('img', { name: /^Bâtonnet/ })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Take out the drawing: A named cut/ }));
    expect(now.fields.drawings).toEqual([]);
  });
});

describe('a step in detail', () => {
  const step: MethodStep = { ...EMPTY_STEP, id: 's', text: 'Roast.', techniqueIds: ['t1'] };
  const detail = () => {
    const saved = vi.fn<(step: MethodStep) => void>();
    return { saved, ...show(<StepEditor components={[]} step={step} onSave={saved} onCancel={() => undefined} />) };
  };

  it('takes heat as ovens are set, hands, times and what decides', async () => {
    const { user, saved } = detail();
    type('Heat', '350F');
    await user.selectOptions(screen.getByLabelText('Hands'), 'off');
    type('Minutes', '25');
    type('For a novice', '30');
    type('To next, at least', '5');
    type('Decides the result because', 'colour is flavour');
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    expect(saved.mock.calls[0]![0]).toMatchObject({
      celsius: 180,
      heats: 'oven',
      hands: 'off',
      minutes: 25,
      noviceMinutes: 30,
      toNext: { least: 5, most: null },
      critical: 'colour is flavour',
      techniqueIds: ['t1'],
    });
  });

  it('is not kept while something in it cannot be', async () => {
    const { user, saved } = detail();
    const keep = () => user.click(screen.getByRole('button', { name: 'Keep' }));
    type('Heat', 'hot');
    await keep();
    expect(screen.getByText('Not a temperature. Type 180, 180C, 350F or gas 4.')).toBeTruthy();
    type('Heat', 'gas 4');
    type('To next, at least', '60');
    type('At most', '30');
    await keep();
    expect(screen.getByText('Less than the least. Swap the two.')).toBeTruthy();
    type('At most', '90');
    type('Step', '   ');
    await keep();
    expect(screen.getByText(/A step without words/)).toBeTruthy();
    expect(saved).not.toHaveBeenCalled();
    type('Step', 'Roast until brown.');
    await keep();
    expect(saved.mock.calls[0]![0]).toMatchObject({ text: 'Roast until brown.', celsius: 180, toNext: { least: 60, most: 90 } });
  });
});

describe('a local rule being changed', () => {
  const rule = 'hot-holding';
  const { name, value } = RULE_SPECS[rule];
  const page = (profile = rules(), answers = {}) => show(<RulesPage />, { answers: { ...around, '/rules': profile, ...answers } });
  const open = async (user: ReturnType<typeof page>['user']) => {
    await user.click(await screen.findByRole('button', { name: new RegExp(`^Change ?${name}`) }));
    return screen.getByLabelText('Value, °C');
  };

  it('needs a reason, and is shown beside its default', async () => {
    const stored = rules({
      rules: { [rule]: value + 2 },
      changes: [{ rule, value: value + 2, reason: 'Our code asks for it.', by: 'Maren Oltz', at: '2026-11-20T08:00:00Z' }],
    });
    const { user, sent } = page(rules(), { [`PUT /rules/${rule}`]: stored });
    fireEvent.change(await open(user), { target: { value: String(value + 2) } });
    type('Reason', 'Our code asks for it.');
    await user.click(screen.getByRole('button', { name: 'Change the rule' }));
    expect((await screen.findAllByText(/Our code asks for it\./)).length).toBe(2);
    expect(sent).toMatchObject([{ path: `/rules/${rule}`, version: '"0"', body: { value: value + 2, reason: 'Our code asks for it.' } }]);
  });

  it.each([
    ['', 'There is no value.'],
    ['hot', '"hot" is not a number.'],
  ])('never goes back to its default because "%s" was typed', async (typed, said) => {
    const { user, sent } = page(rules({ rules: { [rule]: value + 2 } }));
    fireEvent.change(await open(user), { target: { value: typed } });
    type('Reason', 'A slip of the hand.');
    await user.click(screen.getByRole('button', { name: 'Change the rule' }));
    expect(screen.getByText(new RegExp(said.replace('.', '\\.')))).toBeTruthy();
    expect(sent).toEqual([]);
  });

  it('goes back to its default when that is asked for, and says what someone else did meanwhile', async () => {
    const now = rules({ rules: { [rule]: value + 4 }, versions: { ...rules().versions, [rule]: 3 } });
    const { user, sent } = page(rules({ rules: { [rule]: value + 2 } }), {
      [`PUT /rules/${rule}`]: refused(412, { type: 'urn:pelvo:problem:changed-meanwhile', title: 'Changed.', status: 412, current: now }),
    });
    await open(user);
    type('Reason', 'Back to what ships.');
    await user.click(screen.getByRole('button', { name: /^Back to the default/ }));
    expect(await screen.findByText(/What you typed is still here/)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Reason').value).toBe('Back to what ships.');
    expect(sent[0]!.body).toEqual({ value: null, reason: 'Back to what ships.' });
  });
});

describe('the chart of cuts', () => {
  it('shows the sets that are ticked, and puts one in force against its version', async () => {
    const { user, sent } = show(<CutsPage />, { answers: { ...around, 'PUT /practices/named-cuts': {} } });
    const [first, second] = cutSets;
    expect(await screen.findByRole('columnheader', { name: new RegExp(second!.name) })).toBeTruthy();
    await user.click(screen.getByLabelText(second!.name));
    expect(screen.queryByRole('columnheader', { name: new RegExp(second!.name) })).toBeNull();
    await user.click(screen.getByRole('button', { name: new RegExp(`^Put in force ?: ${first!.name}`) }));
    await waitFor(() =>
      expect(sent).toMatchObject([{ method: 'PUT', path: '/practices/named-cuts', version: '"0"', body: { practice: 'set1' } }]),
    );
  });

  it('says what to do when no set is ticked', async () => {
    const { user } = show(<CutsPage />, { role: 'stores', answers: around });
    for (const { name } of cutSets) await user.click(await screen.findByLabelText(name));
    expect(screen.getByText('No set is chosen. Tick one to see its cuts.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Change/ })).toBeNull();
  });
});
