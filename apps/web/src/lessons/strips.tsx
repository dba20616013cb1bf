import type { LessonDetail, LessonSummary } from '@pelvo/contract';
import type { Station, StationReadiness, StationState } from '@pelvo/core';
import { fromToday, shortDate, today } from '../app/dates';
import { Strip, type StripItem } from '../design';
import { useLessons } from './useLessons';

export const STATION_NAMES: Readonly<Record<Station, string>> = { plan: 'Plan', order: 'Order', mark: 'Mark', results: 'Results' };

export function stationPath(lessonId: string, station: Station): string {
  return station === 'plan' ? `/lessons/${lessonId}` : `/lessons/${lessonId}/${station}`;
}

/** What is still missing before a lesson can run, in the order of the work. */
export function missingIn(readiness: readonly StationReadiness[]) {
  return readiness.flatMap(({ station, missing }) => missing.map((what) => ({ station, what })));
}

function stateOf(lesson: LessonSummary): StationState {
  if (missingIn(lesson.readiness).length > 0) return 'missing';
  return lesson.readiness.every(({ state }) => state === 'done') ? 'done' : 'open';
}

/** The term: every lesson in order, with today among them. */
export function TermStrip({ small = true }: { small?: boolean }) {
  const { data } = useLessons();
  if (!data || data.length === 0) return <div aria-hidden className="no-print h-3 bg-ink" />;
  const items = data.map((lesson): StripItem => {
    const missing = missingIn(lesson.readiness);
    return {
      key: lesson.id,
      to: stationPath(lesson.id, 'plan'),
      when: `${shortDate(lesson.date)}, ${lesson.start}`,
      title: lesson.title,
      said: missing.length > 0 ? missing.map(({ what }) => what).join(', ') : `${lesson.className}, ${fromToday(lesson.date)}`,
      state: stateOf(lesson),
    };
  });
  const next = data.find((lesson) => lesson.date >= today());
  return <Strip label="The term" small={small} items={items} current={null} todayBefore={next?.id ?? null} />;
}

/** One lesson: its stations in the order of the work, at their time. */
export function LessonStrip({ lesson, station, small = false }: { lesson: LessonDetail; station: Station; small?: boolean }) {
  const day = shortDate(lesson.date);
  const when: Readonly<Record<Station, string>> = {
    plan: lesson.title,
    order: `before ${day}`,
    mark: `${day}, ${lesson.start} to ${lesson.end}`,
    results: 'afterwards',
  };
  const items = lesson.readiness.map((entry): StripItem => ({
    key: entry.station,
    to: stationPath(lesson.id, entry.station),
    when: when[entry.station],
    title: STATION_NAMES[entry.station],
    said: entry.said,
    state: entry.state,
  }));
  return <Strip label={`Stations of ${lesson.title}`} items={items} current={station} small={small} />;
}
