import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { DISH_LIMITS, linesOf, unlinkedIn, type DishContent, type Role } from '@pelvo/core';
import type { Dish } from '@pelvo/contract';
import { fieldProblem, send, useDraft, useAction, useBook, useTechniques } from '../../device';
import { Button, Choice, Empty, Notice, PageHead, ProblemNotice, Stepper, TextArea, TextField } from '../../design';
import { DishEditor } from '../formula/DishEditor';
import { LitContext } from './lit';
import { readDraft, type Corrections, type SaidRoles } from './readDraft';
import { SourceLines } from './SourceLines';

interface Draft {
  readonly text: string;
  readonly corrections: Corrections;
  /** What lines are said to be; left out in drafts from before that could be said. */
  readonly said?: SaidRoles;
  readonly portions: number | null;
  readonly title: string | null;
}

const NOTHING: Draft = { text: '', corrections: {}, said: {}, portions: null, title: null };
const NEW = { content: NOTHING, version: 0 };
const EXAMPLE =
  'Braised leeks (serves 4)\n8 slim leeks, trimmed\n30 g butter\n150–200 ml vegetable stock\nsalt, to taste\n\nMethod\n1. Sweat the leeks in butter for 6 minutes.';

/** A recipe pasted as text on the left, read on the right. What is typed is kept on the device until the dish is saved. */
export default function ReadRecipePage() {
  const navigate = useNavigate();
  const { data: techniques = [] } = useTechniques();
  const book = useBook();
  const { content: kept, change: setKept, drop: forget } = useDraft<Draft>('recipe', NEW);
  const [refused, setRefused] = useState<string | null>(null);
  const text = useDeferredValue(kept.text);
  const draft = useMemo(
    () => readDraft(text, { techniques, corrections: kept.corrections, said: kept.said, book: book ?? undefined }),
    [text, techniques, kept.corrections, kept.said, book],
  );
  const [view, setView] = useState<'text' | 'lines'>(kept.text ? 'lines' : 'text');
  const [lit, setLit] = useState<string | null>(null);
  const light = useMemo(() => ({ id: lit, light: setLit }), [lit]);
  const portionsSaid = draft.portionsSaid || kept.portions !== null;
  const content: DishContent = {
    ...draft.content,
    title: kept.title ?? draft.content.title,
    portions: kept.portions ?? draft.content.portions,
  };

  const setText = (value: string) => {
    if (value.length > DISH_LIMITS.pasteBytes) {
      setRefused(
        `This text has ${Math.round(value.length / 1000)} thousand characters; at most ${DISH_LIMITS.pasteBytes / 1000} thousand are read. Paste one recipe at a time. What was here before is unchanged.`,
      );
      return;
    }
    setRefused(null);
    setKept((now) => ({ ...now, text: value }));
  };

  // Corrections are kept by the line as written, so that they stay while the text is still being typed.
  const correct = (changed: DishContent) => {
    const before = new Map(linesOf(content).map((line) => [line.id, line]));
    const corrections: Record<string, DishContent['components'][number]['lines'][number]> = { ...kept.corrections };
    for (const line of linesOf(changed)) {
      const old = before.get(line.id);
      if (old && JSON.stringify(old) !== JSON.stringify(line)) corrections[old.written] = { ...line, written: old.written };
    }
    setKept((now) => ({ ...now, corrections }));
  };

  const say = (keys: readonly string[], role: Role | null) =>
    setKept((now) => {
      const others = Object.entries(now.said ?? {}).filter(([key]) => !keys.includes(key));
      const said: SaidRoles = Object.fromEntries([...others, ...(role === null ? [] : keys.map((key) => [key, role] as const))]);
      return { ...now, said };
    });
  const keepPart = (from: number, to: number) =>
    setKept((now) => ({
      ...now,
      text: now.text.replace(/\r\n?/g, '\n').split('\n').slice(from, to).join('\n').trim(),
      title: null,
      portions: null,
    }));

  const { busy, error, run } = useAction();
  const save = async () => {
    await run(async () => {
      const dish = await send<Dish>('POST', '/dishes', { body: content });
      forget();
      void navigate(`/dishes/${dish.id}`);
    });
  };

  const hasLines = linesOf(content).length + content.method.length > 0;
  const { lines: unused, steps: without } = unlinkedIn(content);
  return (
    <>
      <PageHead
        title="Read a recipe"
        lead="Paste it as it is. Every line stays beside its reading; what is doubtful is asked, not guessed."
        actions={
          <>
            {kept.text ? (
              <Button kind="quiet" onClick={() => setKept(NOTHING)}>
                Start over
              </Button>
            ) : null}
            <Button kind="main" busy={busy} disabled={!hasLines} onClick={() => void save()}>
              Save as a dish
            </Button>
          </>
        }
      />
      <div className="space-y-3">
        <ProblemNotice error={error} />
        {refused ? (
          <Notice kind="problem" title="Too long to read">
            {refused}
          </Notice>
        ) : null}
      </div>
      {draft.secondAt !== null ? (
        <div className="mt-3">
          <Notice title="There seem to be two recipes in this text">
            <p>They are read one at a time. What is left out here can be pasted again.</p>
            <p className="mt-1 flex flex-wrap gap-2">
              <Button onClick={() => keepPart(0, draft.secondAt!)}>Read the first</Button>
              <Button onClick={() => keepPart(draft.secondAt!, Infinity)}>Read the second</Button>
            </p>
          </Notice>
        </div>
      ) : null}
      {draft.unreadFrom !== null ? (
        <div className="mt-3">
          <Notice title={`Only the first ${draft.source.length} lines of this text are read`}>
            <p>No recipe is so long. The rest stands in the text as it is, and can be read on its own.</p>
            <p className="mt-1">
              <Button onClick={() => keepPart(draft.unreadFrom!, Infinity)}>Read the rest, from line {draft.unreadFrom + 1}</Button>
            </p>
          </Notice>
        </div>
      ) : null}
      <div className="mt-3 grid gap-8 lg:grid-cols-[2fr_3fr]">
        <div>
          <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
            <h2 className="text-base font-semibold" id="recipe-text">
              The recipe as text
            </h2>
            {draft.source.length > 0 ? (
              <Choice
                label="How the text is shown"
                labelHidden
                value={view}
                options={[
                  { value: 'text', label: 'Type' },
                  { value: 'lines', label: 'Line by line' },
                ]}
                onChange={setView}
              />
            ) : null}
          </div>
          {view === 'lines' && draft.source.length > 0 ? (
            <SourceLines source={draft.source} lit={lit} onLight={setLit} onSay={say} />
          ) : (
            <TextArea
              label="The recipe as text"
              labelHidden
              rows={24}
              placeholder={EXAMPLE}
              className="font-mono text-small leading-7"
              value={kept.text}
              spellCheck={false}
              onPaste={() => setView('lines')}
              onChange={(event) => setText(event.target.value)}
            />
          )}
        </div>
        <div>
          {hasLines ? (
            <>
              <div className="mb-5 grid gap-4 sm:grid-cols-[minmax(0,1fr)_auto]">
                <TextField
                  label="Title"
                  maxLength={DISH_LIMITS.title}
                  value={content.title}
                  problem={fieldProblem(error, 'title')}
                  onChange={(event) => setKept((now) => ({ ...now, title: event.target.value }))}
                />
                <Stepper
                  label="Serves"
                  value={content.portions}
                  min={1}
                  max={1000}
                  hint={portionsSaid ? undefined : 'the text does not say: check'}
                  onChange={(portions) => setKept((now) => ({ ...now, portions }))}
                />
              </div>
              {unused.length > 0 ? (
                <p className="mb-2 text-small">
                  <b>No step names:</b> {unused.map(({ item }) => item).join(', ')}.
                </p>
              ) : null}
              {without.length > 0 ? (
                <p className="mb-2 text-small">
                  <b>Names none of the lines:</b> {without.map(({ text: step }) => `“${step.slice(0, 60)}”`).join(', ')}.
                </p>
              ) : null}
              <LitContext value={light}>
                <DishEditor content={content} onChange={correct} readOnlyShape />
              </LitContext>
            </>
          ) : draft.source.length > 0 ? (
            <Notice title="No ingredient line and no step was found in this text">
              Nothing is lost: turn lines into what they are on the left, with one key each.
            </Notice>
          ) : (
            <Empty title="The reading appears here">
              <p>For example:</p>
              <pre className="mt-2 whitespace-pre-wrap font-body">{EXAMPLE}</pre>
              <p className="mt-3">
                <Button onClick={() => setText(EXAMPLE)}>Try the example</Button>
              </p>
            </Empty>
          )}
        </div>
      </div>
    </>
  );
}
