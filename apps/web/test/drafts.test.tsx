// @vitest-environment happy-dom
import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { DISH, seal } from '@pelvo/core';
import { forgetPersonal, useDraft, type DraftOptions, type Stored } from '../src/device/drafts';
import { rebaseFields } from '../src/device/rebase';
import { SALAD } from './fixtures';

interface Plan {
  readonly title: string;
  readonly kitchen: string;
  readonly swaps: readonly string[];
}

const STORED: Stored<Plan> = { content: { title: 'Leeks', kitchen: 'Kitchen 2', swaps: [] }, version: 3 };
const KEY = 'pelvo.draft.p1.plan';
const signIn = (id: string) => localStorage.setItem('pelvo.me', JSON.stringify({ me: { id, name: id, role: 'lead' } }));
const kept = (key = KEY) => JSON.parse(localStorage.getItem(key) ?? 'null') as { content: Record<string, unknown> } | null;

beforeEach(() => signIn('p1'));
afterEach(() => localStorage.clear());

/** A screen with a draft, shown in front of what is stored. */
function draftOf(stored: Stored<Plan> = STORED, options: DraftOptions<Plan> = {}) {
  const view = renderHook(({ now }) => useDraft<Plan>('plan', now, options), { initialProps: { now: stored } });
  return {
    ...view,
    now: () => view.result.current,
    type: (change: Partial<Plan>) => act(() => view.result.current.change((old) => ({ ...old, ...change }))),
    storedIs: (now: Stored<Plan>) => view.rerender({ now }),
  };
}
/** A save whose answer comes when it is let go. */
function held() {
  let letGo: (stored: Stored<Plan>) => void = () => undefined;
  const sent: { content: Plan; version: number }[] = [];
  const put = (content: Plan, version: number) => {
    sent.push({ content, version });
    return new Promise<Stored<Plan>>((done) => (letGo = done));
  };
  return { put, sent, answer: (stored: Stored<Plan>) => act(() => Promise.resolve(letGo(stored))) };
}

describe('a draft', () => {
  it('survives leaving the screen, and is gone once dropped', () => {
    const first = draftOf();
    expect([first.now().dirty, kept()]).toEqual([false, null]);
    first.type({ title: 'Mine' });
    first.unmount();
    const again = draftOf();
    expect([again.now().content.title, again.now().dirty, again.now().version]).toEqual(['Mine', true, 3]);
    act(() => again.now().drop());
    expect([again.now().content.title, kept()]).toEqual(['Leeks', null]);
  });

  it('is gone when a change is taken back by hand', () => {
    const screen = draftOf();
    screen.type({ title: 'Mine' });
    screen.type({ title: 'Leeks' });
    expect([screen.now().dirty, kept()]).toEqual([false, null]);
  });

  it('never hides what is stored: a colleague’s fields come in under it, at once or after a reload', () => {
    for (const reload of [false, true]) {
      const screen = draftOf();
      screen.type({ title: 'Mine' });
      const theirs = { content: { ...STORED.content, kitchen: 'Kitchen 1' }, version: 4 };
      let after = screen;
      if (reload) {
        screen.unmount();
        after = draftOf(theirs);
      } else screen.storedIs(theirs);
      expect(after.now().content).toEqual({ title: 'Mine', kitchen: 'Kitchen 1', swaps: [] });
      expect([after.now().version, after.now().meanwhile]).toEqual([4, { clashes: [] }]);
      after.unmount();
      localStorage.removeItem(KEY);
    }
  });

  it('asks where both changed the same, and can take theirs', () => {
    const screen = draftOf();
    screen.type({ title: 'Mine', kitchen: 'Yard' });
    screen.storedIs({ content: { ...STORED.content, title: 'Theirs' }, version: 4 });
    expect(screen.now().meanwhile?.clashes).toEqual([{ where: 'title', mine: 'Mine', theirs: 'Theirs' }]);
    expect(screen.now().content.title).toBe('Mine');
    act(() => screen.now().takeTheirs());
    expect(screen.now().content).toEqual({ title: 'Theirs', kitchen: 'Yard', swaps: [] });
    expect(screen.now().meanwhile?.clashes).toEqual([]);
  });

  it('is gone when a colleague stored the very same', () => {
    const screen = draftOf();
    screen.type({ title: 'Mine' });
    screen.storedIs({ content: { ...STORED.content, title: 'Mine' }, version: 4 });
    expect([screen.now().dirty, screen.now().meanwhile, kept()]).toEqual([false, null, null]);
  });

  it('does not fall back when the screen is handed something older than what it was based on', () => {
    const screen = draftOf();
    screen.type({ title: 'Mine' });
    screen.storedIs({ content: { ...STORED.content, kitchen: 'Old' }, version: 2 });
    expect([screen.now().content.kitchen, screen.now().version]).toEqual(['Kitchen 2', 3]);
  });
});

describe('a draft being saved', () => {
  it('sends what stands there, and keeps what is typed while it is under way', async () => {
    const screen = draftOf();
    const save = held();
    screen.type({ title: 'Mine' });
    act(() => void screen.now().save(save.put));
    screen.type({ title: 'Mine, longer' });
    await save.answer({ content: { ...STORED.content, title: 'Mine' }, version: 4 });
    screen.storedIs({ content: { ...STORED.content, title: 'Mine' }, version: 4 });
    expect(save.sent).toMatchObject([{ version: 3, content: { title: 'Mine' } }]);
    expect([screen.now().content.title, screen.now().version, screen.now().dirty]).toEqual(['Mine, longer', 4, true]);
    expect(screen.now().meanwhile).toBeNull();
  });

  it('keeps a change that was typed and typed back while it was under way', async () => {
    const screen = draftOf();
    const save = held();
    screen.type({ title: 'Mine' });
    act(() => void screen.now().save(save.put));
    // Back to what was stored before: that is a change of what is being stored now.
    screen.type({ title: 'Leeks' });
    await save.answer({ content: { ...STORED.content, title: 'Mine' }, version: 4 });
    screen.storedIs({ content: { ...STORED.content, title: 'Mine' }, version: 4 });
    await waitFor(() => expect([screen.now().content.title, screen.now().dirty]).toEqual(['Leeks', true]));
  });

  it('is gone once it is stored, and stays when it could not be', async () => {
    const screen = draftOf();
    screen.type({ title: 'Mine' });
    await act(() =>
      screen
        .now()
        .save(() => Promise.reject(new Error('no network')))
        .catch(() => undefined),
    );
    expect([screen.now().content.title, screen.now().dirty]).toEqual(['Mine', true]);
    const stored = { content: { ...STORED.content, title: 'Mine' }, version: 4 };
    await act(() => screen.now().save(() => Promise.resolve(stored)));
    screen.storedIs(stored);
    expect([screen.now().dirty, kept()]).toEqual([false, null]);
  });
});

describe('drafts on a shared device', () => {
  it('are each their owner’s', () => {
    const mine = draftOf();
    mine.type({ title: 'Mine' });
    mine.unmount();
    signIn('p2');
    const other = draftOf();
    expect(other.now().content.title).toBe('Leeks');
    other.type({ title: 'Other' });
    other.unmount();
    signIn('p1');
    expect(draftOf().now().content.title).toBe('Mine');
  });

  it('lose what may name a need at sign-out, and nothing else', () => {
    const options: DraftOptions<Plan> = { personal: ['swaps'] };
    const mine = draftOf(STORED, options);
    mine.type({ title: 'Mine', swaps: ['no nuts for Bo'] });
    mine.unmount();
    forgetPersonal();
    expect(localStorage.getItem(KEY)).not.toContain('Bo');
    const theirs = { content: { ...STORED.content, swaps: ['seeds'] }, version: 3 };
    const again = draftOf(theirs, options);
    expect(again.now().content).toEqual({ title: 'Mine', kitchen: 'Kitchen 2', swaps: ['seeds'] });
    expect(again.now().meanwhile).toBeNull();
  });
});

describe('drafts from an earlier Pelvo', () => {
  it.each([
    ['a plan', { version: 3, fields: { ...STORED.content, title: 'Mine' } }],
    ['a rubric', { version: 3, content: { ...STORED.content, title: 'Mine' } }],
    ['a set of cuts', { version: 3, draft: { ...STORED.content, title: 'Mine' } }],
    ['a dish', { base: STORED.content, version: 3, mine: { ...STORED.content, title: 'Mine' } }],
    ['a recipe', { ...STORED.content, title: 'Mine' }],
  ])('are taken over, of whatever shape: %s', (_, older) => {
    localStorage.setItem('pelvo.draft.plan', JSON.stringify(older));
    const screen = draftOf();
    expect([screen.now().content.title, screen.now().content.kitchen]).toEqual(['Mine', 'Kitchen 2']);
    expect(localStorage.getItem('pelvo.draft.plan')).toBeNull();
  });

  it('are opened by the version of their content', () => {
    const { plate: _, measures: __, ...older } = SALAD;
    localStorage.setItem('pelvo.draft.p1.dish', JSON.stringify({ base: null, version: 2, mine: { ...older, title: 'Mine' } }));
    const { result } = renderHook(() => useDraft('dish', { content: SALAD, version: 2 }, { format: DISH }));
    expect(result.current.content).toMatchObject({ title: 'Mine', plate: [], measures: 'labelling' });
  });

  it('that cannot be read are left aside, those of a newer Pelvo too', () => {
    const newer = { ...seal(DISH, { ...SALAD, title: 'Later' }), version: 99 };
    for (const text of ['{"half', 'null', '3', JSON.stringify({ document: 'draft', version: 2, content: { mine: newer, version: 2 } })]) {
      localStorage.setItem('pelvo.draft.p1.dish', text);
      const { result, unmount } = renderHook(() => useDraft('dish', { content: SALAD, version: 2 }, { format: DISH }));
      expect([result.current.content.title, result.current.dirty]).toEqual(['Leek salad', false]);
      unmount();
    }
  });
});

describe('changes brought onto what someone else stored', () => {
  it('go field by field, and into fields of fields', () => {
    const base = { a: 1, settings: { x: 'old', y: 'old' }, list: [1, 2] };
    const mine = { a: 2, settings: { x: 'mine', y: 'old' }, list: [1, 2] };
    const theirs = { a: 1, settings: { x: 'old', y: 'theirs' }, list: [1, 2, 3] };
    expect(rebaseFields(base, mine, theirs)).toEqual({
      mine: { a: 2, settings: { x: 'mine', y: 'theirs' }, list: [1, 2, 3] },
      clashes: [],
    });
  });

  it('stay mine where both changed, and say so', () => {
    const { mine, clashes } = rebaseFields({ s: { x: 1 } }, { s: { x: 2 } }, { s: { x: 3 } });
    expect([mine, clashes]).toEqual([{ s: { x: 2 } }, [{ where: 's.x', mine: '2', theirs: '3' }]]);
  });

  it('count as changed by both where nobody knows what they were based on', () => {
    const { mine, clashes } = rebaseFields(null, { a: 1, b: 2 }, { a: 1, b: 3 });
    expect([mine, clashes.map(({ where }) => where)]).toEqual([{ a: 1, b: 2 }, ['b']]);
  });
});
