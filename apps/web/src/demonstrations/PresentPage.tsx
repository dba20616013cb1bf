import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { words, type RunningStep } from '@pelvo/core';
import type { DemonstrationsOfLesson, LessonDetail, LessonDish, StoredDemonstration } from '@pelvo/contract';
import { useAction, useLesson, useWakeLock } from '../device';
import { Button, ButtonLink, Dialog, Empty, Fetching, PageHead, ProblemNotice } from '../design';
import { AskForm } from './AskedQuestions';
import { NoOrder } from './NoOrder';
import { useDemonstration, useDemonstrations, withStored } from './useDemonstration';

/** A demonstration before the group, or as a dry run: read at arm's length, one touch a step. */
export default function PresentPage() {
  const { id, dishId } = useParams();
  const lesson = useLesson(id);
  const all = useDemonstrations(id);
  const dish = lesson.data?.dishes.find((each) => each.dishId === dishId);
  const onStored = (stored: StoredDemonstration) => void all.mutate((now) => withStored(now, stored), { revalidate: false });
  return (
    <>
      <Fetching
        what="the demonstration"
        done={lesson.data !== undefined && all.data !== undefined}
        error={lesson.error ?? (all.data ? undefined : all.error)}
        retry={() => {
          void lesson.mutate();
          void all.mutate();
        }}
      />
      {lesson.data && all.data ? (
        dish ? (
          <Presenting lesson={lesson.data} dish={dish} all={all.data} onStored={onStored} onAsked={() => void all.mutate()} />
        ) : (
          <Empty title="The lesson does not cook this dish">
            <ButtonLink to={`/lessons/${id}/demonstrations`}>To its demonstrations</ButtonLink>
          </Empty>
        )
      ) : null}
    </>
  );
}

interface PresentingProps {
  readonly lesson: LessonDetail;
  readonly dish: LessonDish;
  readonly all: DemonstrationsOfLesson;
  readonly onStored: (stored: StoredDemonstration) => void;
  readonly onAsked: () => void;
}

/** Where a presentation is, kept on the device so that a reload goes on from there. */
interface Running {
  readonly step: number;
  /** Milliseconds since 1970 at which the step, and all of it, began; null while it has not. */
  readonly stepBegan: number | null;
  readonly began: number | null;
  /** Minutes that steps have really taken so far. They correct the plan once it is over: before that the running order stays as it is. */
  readonly took: Readonly<Record<string, number>>;
}

const NOT_BEGUN: Running = { step: 0, stepBegan: null, began: null, took: {} };

function useRunning(key: string) {
  const [running, setRunning] = useState<Running>(() => {
    try {
      const kept = JSON.parse(sessionStorage.getItem(key) ?? 'null') as Running | null;
      return kept && Number.isInteger(kept.step) ? { ...NOT_BEGUN, ...kept } : NOT_BEGUN;
    } catch {
      return NOT_BEGUN;
    }
  });
  useEffect(() => sessionStorage.setItem(key, JSON.stringify(running)), [key, running]);
  return [running, setRunning] as const;
}

function useSeconds(on: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!on) return undefined;
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [on]);
  return now;
}

const spent = (milliseconds: number): string => {
  const seconds = Math.max(0, Math.floor(milliseconds / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};

/** Whole minutes by which a step was begun late, or has run over, whichever is more: within its minutes nobody is behind. */
function minutesBehind({ began, stepBegan }: Running, { from, until }: RunningStep, now: number): number {
  if (began === null || stepBegan === null) return 0;
  return Math.floor(Math.max(stepBegan - began - from * 60_000, now - began - until * 60_000) / 60_000);
}

function Presenting({ lesson, dish, all, onStored, onAsked }: PresentingProps) {
  useWakeLock();
  const navigate = useNavigate();
  const here = useDemonstration(lesson, dish, all, onStored);
  const { rows, steps, draft, taken } = here;
  const [running, setRunning] = useRunning(`pelvo.presenting.${lesson.id}.${dish.dishId}`);
  const [asking, setAsking] = useState(false);
  const now = useSeconds(running.began !== null);
  const { run, busy, error } = useAction();
  const back = `/lessons/${lesson.id}/demonstrations?dish=${dish.dishId}`;
  const forget = () => draft.change((content) => ({ ...content, took: {} }));
  // What was begun goes to its end; only then do the minutes it really took count.
  if (!taken && draft.content.choice)
    return (
      <>
        <PageHead title={dish.content.title} />
        <NoOrder broken={here.broken} took={draft.content.took} onForget={forget} />
        <ProblemNotice error={error} />
        <div className="mt-4 flex flex-wrap gap-3">
          {draft.dirty ? (
            <Button kind="main" busy={busy} onClick={() => void run(here.save)}>
              Save the minutes
            </Button>
          ) : null}
          <ButtonLink to={back}>Choose what is shown</ButtonLink>
        </div>
      </>
    );
  if (!taken || rows.length === 0)
    return (
      <>
        <PageHead title={dish.content.title} />
        <Empty title="Nothing is chosen for this demonstration yet">
          <ButtonLink to={back}>Choose what is shown</ButtonLink>
        </Empty>
      </>
    );
  const at = Math.min(running.step, rows.length);
  const row = rows[at];
  const next = rows[at + 1];
  const late = row ? minutesBehind(running, row, now) : 0;
  const begin = () => setRunning({ ...running, step: at, stepBegan: Date.now(), began: running.began ?? Date.now() });
  const note = (took: Running['took']) => {
    if (Object.keys(took).length > 0) draft.change((content) => ({ ...content, took: { ...content.took, ...took } }));
  };
  const done = () => {
    if (!row) return;
    // Less than half a minute is a touch too many, not a measurement.
    const minutes = running.stepBegan === null ? 0 : Math.round((Date.now() - running.stepBegan) / 60_000);
    const took = minutes >= 1 ? { ...running.took, [row.stepId]: Math.min(240, minutes) } : running.took;
    const last = at === rows.length - 1;
    if (last) note(took);
    setRunning({ ...running, step: at + 1, stepBegan: Date.now(), took: last ? {} : took });
  };
  const leave = () => {
    note(running.took);
    setRunning({ ...running, took: {} });
    void navigate(back);
  };
  const textOf = (id: string) => steps.find(({ work }) => work.id === id)?.work.text ?? '';
  return (
    <div className="flex min-h-dvh flex-col px-5 pt-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-2">
        <h1 className="text-2xl">{dish.content.title}</h1>
        <p className="text-xl tabular-nums" role="timer" aria-live="off">
          {running.began === null ? `${taken.showing.minutes} min planned` : `${spent(now - running.began)} of ${taken.showing.minutes}:00`}
          {late >= 1 ? <b className="ml-3 border-l-4 border-beet pl-2">{late} min behind</b> : null}
        </p>
      </div>
      <ProblemNotice error={error} />
      {row ? <Step row={row} textOf={textOf} elapsed={running.stepBegan === null ? null : now - running.stepBegan} /> : null}
      {row ? null : (
        <div className="flex-1 py-6 text-xl">
          <p className="font-title text-3xl font-bold">That is all of it.</p>
          <p className="mt-2">
            {running.began === null ? '' : `It took ${spent((running.stepBegan ?? now) - running.began)}. `}
            {draft.dirty
              ? 'The minutes that steps really took are noted; save them, and the plan goes by them.'
              : Object.keys(draft.content.took).length > 0
                ? 'The minutes are saved.'
                : 'No step took as long as a minute: none is noted.'}
          </p>
        </div>
      )}
      {next ? (
        <p className="border-t border-line py-2 text-lg">
          <span className="text-soft">Next</span> {next.takesUp.length > 0 ? 'from what stands ready: ' : ''}
          {next.text}
        </p>
      ) : null}
      <div className="sticky bottom-0 grid grid-cols-2 gap-2 bg-paper py-3 sm:grid-cols-4">
        {row ? (
          running.began === null || running.stepBegan === null ? (
            <Button kind="main" className="col-span-2 min-h-16 text-xl" onClick={begin}>
              Begin
            </Button>
          ) : (
            <Button kind="main" className="col-span-2 min-h-16 text-xl" onClick={done}>
              {at === rows.length - 1 ? 'Finished' : 'Done, next'}
            </Button>
          )
        ) : (
          <Button
            kind="main"
            className="col-span-2 min-h-16 text-xl"
            busy={busy}
            disabled={!draft.dirty}
            onClick={() => void run(here.save)}
          >
            Save the minutes
          </Button>
        )}
        <Button
          className="min-h-16 text-lg"
          disabled={at === 0}
          onClick={() => setRunning({ ...running, step: at - 1, stepBegan: Date.now() })}
        >
          Back
        </Button>
        {row ? (
          <Button className="min-h-16 text-lg" onClick={() => setAsking(true)}>
            A question
          </Button>
        ) : (
          <Button className="min-h-16 text-lg" onClick={() => setRunning(NOT_BEGUN)}>
            From the start
          </Button>
        )}
        <Button kind="quiet" className="col-span-2 sm:col-span-4" onClick={leave}>
          Leave
        </Button>
      </div>
      {row ? (
        <Dialog open={asking} onClose={() => setAsking(false)} title="What was asked?" sheet>
          <AskForm lesson={lesson} dish={dish} stepId={row.stepId} onAsked={() => (setAsking(false), onAsked())} />
        </Dialog>
      ) : null}
    </div>
  );
}

interface StepProps {
  readonly row: RunningStep;
  readonly textOf: (id: string) => string;
  /** Milliseconds since it began; null before. */
  readonly elapsed: number | null;
}

function Step({ row, textOf, elapsed }: StepProps) {
  return (
    <div className="flex-1 py-4 text-xl">
      {row.takesUp.map((id) => (
        <p key={id} className="mb-3 border-l-8 border-beet bg-beet-wash p-3">
          Take up what stands ready, done up to: <b>{textOf(id)}</b>
        </p>
      ))}
      <div className="flex items-start justify-between gap-6">
        <p className="font-title text-3xl leading-tight font-bold">{row.text}</p>
        <p className="shrink-0 text-3xl tabular-nums" aria-label="This step">
          {elapsed === null ? `${row.until - row.from} min` : spent(elapsed)}
          {elapsed === null ? null : <span className="text-lg text-soft"> of {row.until - row.from}</span>}
        </p>
      </div>
      {row.given === 'jump' ? <p className="mt-2 border-l-8 border-beet pl-3">Leave it, and go on from what stands ready.</p> : null}
      <dl className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-[9rem_1fr]">
        <Told label="Caution" lines={row.cautions} strong />
        <Told label="Say" lines={row.say} />
        <Told label="Ask" lines={row.ask.map(({ asked, answer }) => `${words(asked)}${answer ? ` ${answer}` : ''}`)} />
        <Told label="Pass round" lines={row.pass.map(({ sense, text }) => (sense ? `${sense}: ${text}` : text))} />
        <Told label="They stand" lines={[words(row.place)]} />
      </dl>
    </div>
  );
}

function Told({ label, lines, strong = false }: { label: string; lines: readonly string[]; strong?: boolean }) {
  if (lines.length === 0) return null;
  return (
    <>
      <dt className="text-lg text-soft">{label}</dt>
      <dd className={strong ? 'font-semibold' : ''}>
        <ul>
          {lines.map((line) => (
            <li key={line} className="mb-1">
              {line}
            </li>
          ))}
        </ul>
      </dd>
    </>
  );
}
