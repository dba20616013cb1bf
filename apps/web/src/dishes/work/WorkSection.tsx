import { useMemo, useState } from 'react';
import { AS_IT_READS, ringOfSteps, workLine, workOf, workQuestions, type DishContent, type MethodStep } from '@pelvo/core';
import { inWords } from '../../device';
import { Notice, Section } from '../../design';
import { WorkPanel } from './WorkPanel';
import { WorkPicture } from './WorkPicture';

interface WorkSectionProps {
  readonly content: DishContent;
  /** Left out where the dish is only looked at. */
  readonly onChange?: (method: readonly MethodStep[]) => void;
}

/** The work of a dish over time: what waits for what, how long it takes, and what it needs. */
export function WorkSection({ content, onChange }: WorkSectionProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [ring, setRing] = useState<readonly string[]>([]);
  const work = useMemo(() => workOf(content), [content]);
  const proposed = useMemo(
    () => workOf({ ...content, method: content.method.map((step) => ({ ...step, work: { ...AS_IT_READS, after: step.work.after } })) }),
    [content],
  );
  const line = useMemo(() => workLine(work), [work]);
  const questions = useMemo(() => workQuestions(content), [content]);
  if (content.method.length === 0) return null;
  const textOf = (id: string) => content.method.find((step) => step.id === id)?.text.slice(0, 60) ?? '';
  /** What would go round in a ring is not taken, and said. */
  const change = (id: string, next: (step: MethodStep) => MethodStep) => {
    const method = content.method.map((step) => (step.id === id ? next(step) : step));
    const found = ringOfSteps({ ...content, method });
    setRing(found);
    if (found.length === 0) onChange?.(method);
  };
  /** Joins two steps, or parts them where the later waits for the earlier already. */
  const link = (from: string, to: string) => {
    if (from === to) return;
    const before = work.find(({ id }) => id === to)?.after ?? [];
    const after = before.includes(from) ? before.filter((id) => id !== from) : [...before, from];
    change(to, (step) => ({ ...step, work: { ...step.work, after } }));
  };
  return (
    <Section
      title="The work over time"
      aside={
        <span className="text-small text-soft">
          {line.least} min from first to last, {line.byHand} by hand
        </span>
      }
    >
      {ring.length > 0 ? (
        <div className="mb-3">
          <Notice kind="problem" title="These steps would wait for each other.">
            <p>{[...new Set(ring)].map((id) => `"${textOf(id)}"`).join(', ')}. Let one of them wait for less.</p>
          </Notice>
        </div>
      ) : null}
      <WorkPicture
        line={line}
        components={content.components}
        chosen={chosen}
        onChoose={setChosen}
        asked={new Set(questions.map(({ stepId }) => stepId))}
        onChange={onChange ? change : undefined}
        onLink={onChange ? link : undefined}
      />
      {onChange ? (
        <p className="mt-1 text-small text-soft">
          Touch a step to say more. Drag it, or its end; drag the dot to the step that waits for it, and once more to let it wait no longer.
          By key: arrows move it, plus and minus make it longer and shorter; what it waits for is ticked beside it.
        </p>
      ) : null}
      {chosen && work.some(({ id }) => id === chosen) ? (
        <WorkPanel
          key={chosen}
          step={content.method.find(({ id }) => id === chosen)!}
          work={work.find(({ id }) => id === chosen)!}
          proposed={proposed.find(({ id }) => id === chosen)!}
          others={content.method.filter(({ id }) => id !== chosen)}
          questions={questions.filter(({ stepId }) => stepId === chosen).map(({ ask }) => inWords(ask))}
          onChange={onChange ? (next) => change(chosen, () => next) : undefined}
          onClose={() => setChosen(null)}
        />
      ) : questions.length > 0 ? (
        <ul className="mt-3 divide-y divide-line border-y border-line">
          {questions.map(({ stepId, ask }, index) => (
            <li key={index}>
              <button type="button" className="min-h-11 w-full py-1 text-left hover:bg-wash" onClick={() => setChosen(stepId)}>
                <span className="text-small text-soft">{textOf(stepId)}:</span> {inWords(ask)}
              </button>
            </li>
          ))}
        </ul>
      ) : null}
    </Section>
  );
}
