import { useEffect, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { mutate } from 'swr';
import type { LessonDetail, LessonFields } from '@pelvo/contract';
import { send, useDraft, useAction } from '../device';
import { Button, PageHead, ProblemNotice, Section } from '../design';
import { WhatPart, WhenPart, WhoPart } from './LessonForm';
import { completed, newLesson, withTechnique } from './lessonFields';

export default function NewLessonPage() {
  const navigate = useNavigate();
  const [blank] = useState(() => ({ content: newLesson(''), version: 0 }));
  const { content: draft, change: setFields, drop: forget } = useDraft<LessonFields>('lesson', blank, { personal: ['substitutions'] });
  const fields = completed(draft, blank.content);
  const { busy, error, run } = useAction();
  const [asked, setAsked] = useSearchParams();
  // From the map: the class and the technique that were chosen there go into the plan, once.
  useEffect(() => {
    if (!asked.has('technique')) return;
    setFields((now) => withTechnique(now, asked));
    setAsked({}, { replace: true });
  }, [asked, setAsked, setFields]);
  const save = async () => {
    await run(async () => {
      const lesson = await send<LessonDetail>('POST', '/lessons', { body: fields });
      forget();
      await mutate('/lessons');
      void navigate(`/lessons/${lesson.id}`);
    });
  };
  return (
    <>
      <PageHead
        title="Plan a lesson"
        lead="What is taught decides the dish; the dish and the class decide the order."
        actions={
          <Button kind="main" busy={busy} onClick={() => void save()}>
            Save the plan
          </Button>
        }
      />
      <div className="mb-5">
        <ProblemNotice error={error} />
      </div>
      <Section title="When and where">
        <WhenPart fields={fields} onChange={setFields} error={error} />
      </Section>
      <Section title="Who">
        <WhoPart fields={fields} onChange={setFields} error={error} />
      </Section>
      <WhatPart fields={fields} onChange={setFields} error={error} />
      <div className="mt-8">
        <Button kind="main" busy={busy} onClick={() => void save()}>
          Save the plan
        </Button>
      </div>
    </>
  );
}
