import { useState } from 'react';
import { DEMONSTRATION_LIMITS } from '@pelvo/core';
import type { AskedRecord, LessonDetail, LessonDish } from '@pelvo/contract';
import { fieldProblem, send, shortDate, useAction } from '../device';
import { Button, ProblemNotice, Section, SelectField, TextField } from '../design';

interface AskedProps {
  readonly lesson: LessonDetail;
  readonly dish: LessonDish;
  readonly onAsked: () => void;
}

/** Notes a question that was asked at a step, with its answer. */
export function AskForm({ lesson, dish, onAsked, stepId: at }: AskedProps & { readonly stepId?: string }) {
  const [stepId, setStepId] = useState(at ?? dish.content.method[0]!.id);
  const [asked, setAsked] = useState('');
  const [answer, setAnswer] = useState('');
  const { run, busy, error } = useAction();
  const note = () =>
    run(async () => {
      await send('POST', `/lessons/${lesson.id}/demonstrations/${dish.dishId}/questions`, {
        body: { stepId: at ?? stepId, asked, answer },
      });
      setAsked('');
      setAnswer('');
      onAsked();
    });
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void note();
      }}
    >
      {at === undefined ? (
        <SelectField label="At the step" value={stepId} onChange={(event) => setStepId(event.target.value)}>
          {dish.content.method.map(({ id, text }) => (
            <option key={id} value={id}>
              {text}
            </option>
          ))}
        </SelectField>
      ) : null}
      <TextField
        label="What was asked"
        maxLength={DEMONSTRATION_LIMITS.text}
        value={asked}
        problem={fieldProblem(error, 'asked')}
        onChange={(event) => setAsked(event.target.value)}
      />
      <TextField
        label="What was answered"
        maxLength={DEMONSTRATION_LIMITS.text}
        value={answer}
        problem={fieldProblem(error, 'answer')}
        onChange={(event) => setAnswer(event.target.value)}
      />
      <ProblemNotice error={error} />
      <div>
        <Button type="submit" busy={busy} disabled={asked.trim() === ''}>
          Note the question
        </Button>
      </div>
    </form>
  );
}

/** Questions of this and earlier demonstrations of the dish: they stand in its next script. */
export function AskedQuestions({ lesson, dish, asked, onAsked }: AskedProps & { readonly asked: readonly AskedRecord[] }) {
  const own = asked.filter(({ dishId }) => dishId === dish.dishId);
  const textOf = (id: string) => dish.content.method.find((step) => step.id === id)?.text ?? 'a step that is gone';
  const { run, error } = useAction();
  const forget = (id: string) =>
    run(async () => {
      await send('DELETE', `/demonstration-questions/${id}`);
      onAsked();
    });
  return (
    <Section title="Questions that were asked">
      {own.length > 0 ? (
        <ul className="mb-4 divide-y divide-line border-y border-line">
          {own.map(({ id, stepId, asked: question, answer, lesson: in_, date }) => (
            <li key={id} className="flex items-start justify-between gap-3 py-2">
              <div>
                <b>{question}</b> {answer}
                <span className="block text-small text-soft">
                  {textOf(stepId)} {in_ ? `${in_}, ` : ''}
                  {shortDate(date)}
                </span>
              </div>
              <Button kind="quiet" aria-label={`Take away: ${question}`} onClick={() => void forget(id)}>
                Take away
              </Button>
            </li>
          ))}
        </ul>
      ) : (
        <p className="mb-3 text-soft">None yet. What is noted here stands at its step in the next script.</p>
      )}
      <ProblemNotice error={error} />
      <details>
        <summary className="flex min-h-11 items-center font-semibold">Note a question</summary>
        <AskForm lesson={lesson} dish={dish} onAsked={onAsked} />
      </details>
    </Section>
  );
}
