import type { LessonDetail, LessonSummary } from '@pelvo/contract';
import { useLocation, useParams } from 'react-router';
import { PHASES, words, type Phase, type PhaseReadiness, type PhaseState } from '@pelvo/core';
import { clockTime, fromToday, shortDate, today, useLesson, useLessons } from '../device';
import { Strip, type StripItem } from '../design';

export const PHASE_NAMES: Readonly<Record<Phase, string>> = { plan: 'Plan', order: 'Order', mark: 'Mark', results: 'Results' };

export function phasePath(lessonId: string, phase: Phase): string {
  return phase === 'plan' ? `/lessons/${lessonId}` : `/lessons/${lessonId}/${phase}`;
}

/** What is still missing before a lesson can run, in the order of the work, and where it is put right. */
export function missingIn({ id, readiness }: { readonly id: string; readonly readiness: readonly PhaseReadiness[] }) {
  return readiness.flatMap(({ phase, missing }) =>
    missing.map((what) => ({
      phase,
      what: words(what),
      to: what.code === 'time-does-not-fit' ? `/lessons/${id}/time` : phasePath(id, phase),
    })),
  );
}

function stateOf(lesson: LessonSummary): PhaseState {
  if (missingIn(lesson).length > 0) return 'missing';
  return lesson.readiness.every(({ state }) => state === 'done') ? 'done' : 'open';
}

/** The term: every lesson in order, with today among them. */
export function TermStrip({ small = true }: { small?: boolean }) {
  const { data } = useLessons();
  if (!data || data.length === 0) return <div aria-hidden className="no-print h-3 bg-ink" />;
  const items = data.map((lesson): StripItem => {
    const missing = missingIn(lesson);
    return {
      key: lesson.id,
      to: phasePath(lesson.id, 'plan'),
      when: `${shortDate(lesson.date)}, ${clockTime(lesson.start)}`,
      title: lesson.title,
      said: missing.length > 0 ? missing.map(({ what }) => what).join(', ') : `${lesson.className}, ${fromToday(lesson.date)}`,
      state: stateOf(lesson),
    };
  });
  const next = data.find((lesson) => lesson.date >= today());
  return <Strip label="The term" small={small} items={items} current={null} todayBefore={next?.id ?? null} />;
}

/** One lesson: its phases in the order of the work, at their time. */
export function LessonStrip({ lesson, phase, small = false }: { lesson: LessonDetail; phase: Phase; small?: boolean }) {
  const day = shortDate(lesson.date);
  const when: Readonly<Record<Phase, string>> = {
    plan: lesson.title,
    order: `before ${day}`,
    mark: `${day}, ${clockTime(lesson.start)} to ${clockTime(lesson.end)}`,
    results: 'afterwards',
  };
  const items = lesson.readiness.map((entry): StripItem => ({
    key: entry.phase,
    to: phasePath(lesson.id, entry.phase),
    when: when[entry.phase],
    title: PHASE_NAMES[entry.phase],
    said: words(entry.said),
    state: entry.state,
  }));
  return <Strip label={`Phases of ${lesson.title}`} items={items} current={phase} small={small} />;
}

/** The strip over every screen of one lesson: which phase one is in follows from the address. */
export function LessonStripHere({ small = false }: { small?: boolean }) {
  const { id } = useParams();
  const { data } = useLesson(id);
  const { pathname } = useLocation();
  const phase = PHASES.find((each) => pathname.split('/')[3] === each) ?? 'plan';
  return data ? <LessonStrip lesson={data} phase={phase} small={small} /> : <div aria-hidden className="no-print h-3 bg-ink" />;
}
