import { useState } from 'react';
import { Link } from 'react-router';
import { LESSONS_SHOWN, type LessonSummary } from '@pelvo/contract';
import { clockTime, fetcher, inWords, fromToday, longDate, shortDate, today, useAction, useLessons, useMe } from '../device';
import { Button, ButtonLink, Empty, Fetching, PageHead, ProblemNotice, Section, StrandGlyph } from '../design';
import { HealthNotice } from '../school';
import { missingIn, PHASE_NAMES, phasePath } from './strips';

/** The term: what comes next, what is still missing for it, and everything before and after. */
export default function TermPage() {
  const lead = useMe().role === 'lead';
  const { data, error, mutate } = useLessons();
  const plan = lead ? (
    <ButtonLink kind="main" to="/lessons/new">
      Plan a lesson
    </ButtonLink>
  ) : null;
  const coming = data?.filter((lesson) => lesson.date >= today()) ?? [];
  const past = data?.filter((lesson) => lesson.date < today()).reverse() ?? [];
  const [next, ...later] = coming;
  return (
    <>
      <PageHead
        title={next ? next.title : 'The term'}
        lead={next ? <NextLead lesson={next} /> : data ? 'No lesson ahead.' : undefined}
        actions={plan}
      />
      {lead ? <HealthNotice /> : null}
      <Fetching what="the term" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data?.length === 0 ? (
        <Empty title="No lesson yet" action={plan}>
          Plan one, for example "Blanching and emulsions": choose a class, a dish and the techniques in focus. The order follows by itself.
        </Empty>
      ) : null}
      {next ? <NextLesson lesson={next} /> : null}
      {later.length > 0 ? (
        <Section title="Later">
          <LessonRows lessons={later} />
        </Section>
      ) : null}
      {past.length > 0 ? (
        <Section title="Earlier">
          <LessonRows lessons={past} />
          {data && data.length >= LESSONS_SHOWN ? <StillEarlier shown={data} /> : null}
        </Section>
      ) : null}
    </>
  );
}

/** Lessons before those of the list, which holds so many and no more: by their dates, a list at a time. */
function StillEarlier({ shown }: { shown: readonly LessonSummary[] }) {
  const [pages, setPages] = useState<readonly (readonly LessonSummary[])[]>([]);
  const { busy, error, run } = useAction();
  const last = pages.at(-1) ?? shown;
  // The day on which a list ends may have more lessons than it holds: it is asked for again, and shown once.
  const show = () =>
    run(async () => {
      const page = await fetcher<readonly LessonSummary[]>(`/lessons?to=${last[0]!.date}`);
      setPages((now) => [...now, page]);
    });
  const there = new Set(shown.map(({ id }) => id));
  const more = [...new Map(pages.flat().map((lesson) => [lesson.id, lesson])).values()]
    .filter(({ id }) => !there.has(id))
    .sort((a, b) => (a.date === b.date ? b.start.localeCompare(a.start) : b.date.localeCompare(a.date)));
  return (
    <>
      <LessonRows lessons={more} />
      <ProblemNotice error={error} />
      {last.length >= LESSONS_SHOWN ? (
        <p className="mt-4 flex flex-wrap items-center gap-4">
          Lessons before {longDate(last[0]!.date)} are not shown.
          <Button busy={busy} onClick={() => void show()}>
            Show earlier ones
          </Button>
        </p>
      ) : null}
    </>
  );
}

function NextLead({ lesson }: { lesson: LessonSummary }) {
  return (
    <>
      <b className="text-ink">{fromToday(lesson.date)}</b>, {shortDate(lesson.date)}, {clockTime(lesson.start)} to {clockTime(lesson.end)}
      {lesson.kitchen ? `, ${lesson.kitchen}` : ''}. {lesson.className}, {lesson.present} students.
    </>
  );
}

function NextLesson({ lesson }: { lesson: LessonSummary }) {
  const missing = missingIn(lesson);
  return (
    <div className="grid gap-8 md:grid-cols-[3fr_2fr]">
      <div>
        <p className="font-title text-2xl">{lesson.dishes.join('; ') || 'No dish yet'}</p>
        <ul className="mt-3 flex flex-wrap gap-2">
          {lesson.techniques.map((technique) => (
            <li key={technique.name} className="inline-flex items-center gap-2 border border-ink bg-tile px-2.5 py-1">
              <StrandGlyph strand={technique.strand} size={18} /> {technique.name}{' '}
              <span className="text-small text-soft">{technique.purpose}</span>
            </li>
          ))}
        </ul>
      </div>
      <div className="border-l-2 border-beet pl-4">
        <h2 className="text-lg">{missing.length > 0 ? 'Still missing' : 'Nothing is missing'}</h2>
        <ul>
          {missing.map(({ phase, what, to }) => (
            <li key={what}>
              <Link to={to} className="inline-flex min-h-11 items-center">
                {PHASE_NAMES[phase]}: {what}
              </Link>
            </li>
          ))}
          {lesson.readiness
            .filter(({ missing: lacks }) => lacks.length === 0)
            .map(({ phase, said }) => (
              <li key={phase}>
                <Link to={phasePath(lesson.id, phase)} className="inline-flex min-h-11 items-center">
                  {PHASE_NAMES[phase]}: {inWords(said)}
                </Link>
              </li>
            ))}
        </ul>
      </div>
    </div>
  );
}

function LessonRows({ lessons }: { lessons: readonly LessonSummary[] }) {
  return (
    <ul className="divide-y divide-line">
      {lessons.map((lesson) => {
        const missing = missingIn(lesson);
        const mark = lesson.readiness.find(({ phase }) => phase === 'mark');
        return (
          <li key={lesson.id}>
            <Link
              to={phasePath(lesson.id, 'plan')}
              className="grid items-baseline gap-x-6 py-2.5 no-underline hover:bg-wash sm:grid-cols-[10.5rem_minmax(0,4fr)_minmax(0,3fr)_minmax(0,3fr)]"
            >
              <span className="text-soft">
                {shortDate(lesson.date)}, {clockTime(lesson.start)}
              </span>
              <span className="min-w-0">
                <b className="font-title text-lg">{lesson.title}</b>
                <span className="block truncate text-small text-soft">{lesson.dishes.join('; ')}</span>
              </span>
              <span>
                {lesson.className}, {lesson.present}
              </span>
              <span className="text-small">
                {missing.length > 0 ? (
                  <b className="border border-dashed border-beet px-1.5">{missing.map(({ what }) => what).join(', ')}</b>
                ) : lesson.date < today() ? (
                  mark ? (
                    inWords(mark.said)
                  ) : (
                    ''
                  )
                ) : (
                  'nothing missing'
                )}
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
