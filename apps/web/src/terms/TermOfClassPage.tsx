import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { mutate as mutateAll } from 'swr';
import type { TermOfClass } from '@pelvo/contract';
import { savedMeanwhile, send, useAction, useMe } from '../device';
import { Button, DownloadLink, Empty, Fetching, Notice, PageHead, ProblemNotice } from '../design';
import { CalendarsAndDaysOff } from './CalendarsAndDaysOff';
import { LessonInTerm } from './LessonInTerm';
import { Proposals } from './Proposals';
import { TermPicture } from './TermPicture';
import { useTerm } from './useTerm';

/** The term of a class: what each lesson takes up, in which order, and what does not hold. */
export default function TermOfClassPage() {
  const { id } = useParams();
  const lead = useMe().role === 'lead';
  const { here, term, techniques } = useTerm(id);
  const [chosen, setChosen] = useState<string | null>(null);
  const { run, busy, error } = useAction();
  const retry = () => {
    void term.mutate();
    void techniques.mutate();
  };
  const save = () =>
    run(async () => {
      if (!here) return;
      const moves = Object.entries(here.moves).map(([lessonId, date]) => ({
        lessonId,
        date,
        version: here.term.lessons.find((lesson) => lesson.id === lessonId)!.version,
      }));
      const stored = await send<TermOfClass>('PUT', `/classes/${id}/term/days`, { body: { moves } });
      here.setMoves({});
      await term.mutate(stored, { revalidate: false });
      await mutateAll((key) => typeof key === 'string' && key.startsWith('/lessons'));
    });
  const meanwhile = savedMeanwhile<TermOfClass>(error);
  const count = here ? Object.keys(here.moves).length : 0;
  return (
    <>
      <Fetching what="the term" done={here !== null} error={term.error ?? techniques.error} retry={retry} />
      {here ? (
        <>
          <PageHead
            title={here.term.name}
            lead={`${here.term.term ? `${here.term.term}, ` : ''}${here.term.lessons.length} ${here.term.lessons.length === 1 ? 'lesson' : 'lessons'}${here.breaks.length > 0 ? `, ${here.breaks.length} ${here.breaks.length === 1 ? 'thing does' : 'things do'} not hold` : ''}`}
            actions={
              count > 0 ? (
                <>
                  <Button onClick={() => here.setMoves({})}>Drop the moves</Button>
                  <Button kind="main" busy={busy} onClick={() => void save()}>
                    Save {count} {count === 1 ? 'move' : 'moves'}
                  </Button>
                </>
              ) : (
                <>
                  <DownloadLink href={`/api/classes/${id}/term.pdf?paper=A4`}>Term plan, A4</DownloadLink>
                  <DownloadLink href={`/api/classes/${id}/term.pdf?paper=LETTER`}>Letter</DownloadLink>
                  <DownloadLink href={`/api/classes/${id}/term.ics`}>Calendar file</DownloadLink>
                </>
              )
            }
          />
          <div className="mb-4 space-y-3">
            {meanwhile ? (
              <Notice title="Somebody else has changed a lesson of this term.">
                Nothing of yours is stored.{' '}
                <Button kind="quiet" onClick={() => void term.mutate(meanwhile, { revalidate: false })}>
                  Take theirs, and keep my moves on top
                </Button>
              </Notice>
            ) : (
              <ProblemNotice error={error} />
            )}
          </div>
          {here.term.lessons.length === 0 ? (
            <Empty title="No lesson in this term yet">
              <p>
                Plan the first one, or copy lessons from another class there. <Link to="/lessons/new">Plan a lesson</Link>
              </p>
            </Empty>
          ) : (
            <>
              <TermPicture here={here} chosen={chosen} onChoose={setChosen} lead={lead} />
              <LessonInTerm key={chosen} here={here} chosen={chosen} lead={lead} onCopied={() => void term.mutate()} />
              <Proposals here={here} lead={lead} />
            </>
          )}
          <CalendarsAndDaysOff here={here} lead={lead} onChanged={() => void term.mutate()} />
        </>
      ) : null}
    </>
  );
}
