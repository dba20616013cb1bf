import { useState } from 'react';
import useSWR from 'swr';
import { marksInForce, wouldHaveBeen, type RubricContent, type WouldHaveBeen } from '@pelvo/core';
import type { LessonMarkedWith, MarkingSheet } from '@pelvo/contract';
import { fetcher, shortDate } from '../device';
import { DataTable, Fetching, Notice, Section, SelectField } from '../design';

interface Row extends WouldHaveBeen {
  readonly key: string;
  readonly student: string;
  readonly dish: string;
}

/** What the marks of a past lesson would have been under the rubric as it stands here, saved or not. */
export function PastMarks({ rubricId, content }: { rubricId: string; content: RubricContent }) {
  const { data: lessons } = useSWR<readonly LessonMarkedWith[]>(`/rubrics/${rubricId}/lessons`, fetcher);
  const [lessonId, setLessonId] = useState('');
  const { data: sheet, error, mutate } = useSWR<MarkingSheet>(lessonId ? `/lessons/${lessonId}/marking-sheet` : null, fetcher);
  if (!lessons || lessons.length === 0) return null;
  return (
    <Section title="What past marks would have been">
      <div className="max-w-md">
        <SelectField
          label="A lesson that was marked with it"
          hint="The judgements stay as they were given; only what they count for changes."
          value={lessonId}
          onChange={(event) => setLessonId(event.target.value)}
        >
          <option value="">Choose a lesson</option>
          {lessons.map(({ id, title, date, className, dishesMarked }) => (
            <option key={id} value={id}>
              {title}, {className}, {shortDate(date)}, {dishesMarked} marked
            </option>
          ))}
        </SelectField>
      </div>
      {lessonId ? <Fetching what="its marks" done={sheet !== undefined} error={error} retry={() => void mutate()} /> : null}
      {sheet?.rubric ? <Compared rows={rowsOf(sheet, sheet.rubric.content, content)} /> : null}
    </Section>
  );
}

function rowsOf(sheet: MarkingSheet, was: RubricContent, would: RubricContent): readonly Row[] {
  const dishes = new Map(sheet.dishes.map(({ editionId, title }) => [editionId, title]));
  return sheet.students.flatMap(({ id, name }) =>
    sheet.plates
      .filter(({ studentId }) => studentId === id)
      .map(({ dishEditionId, given }) => ({
        key: `${id} ${dishEditionId}`,
        student: name,
        dish: dishes.get(dishEditionId) ?? '',
        ...wouldHaveBeen(was, would, marksInForce(given, sheet.counting)),
      })),
  );
}

const said = (points: number | null) => (points === null ? 'none' : String(points));

function Compared({ rows }: { rows: readonly Row[] }) {
  const moved = rows.filter(({ was, would }) => was !== would);
  const names = (of: 'unknown' | 'dropped') => [...new Set(rows.flatMap((row) => row[of]))];
  const [unknown, dropped] = [names('unknown'), names('dropped')];
  const shift = moved.reduce((sum, { was, would }) => sum + (would ?? 0) - (was ?? 0), 0) / (rows.length || 1);
  return (
    <div className="mt-3 space-y-3" aria-live="polite">
      <p className="text-lg">
        {moved.length === 0 ? (
          <b>No mark would be another.</b>
        ) : (
          <>
            <b>
              {moved.length} of {rows.length} marks would be another,
            </b>{' '}
            {Math.abs(shift).toFixed(1)} points {shift < 0 ? 'lower' : 'higher'} on average over all.
          </>
        )}
      </p>
      {unknown.length + dropped.length > 0 ? (
        <Notice kind="caution" title="Not everything can be compared">
          {unknown.length > 0 ? <p>Nobody judged this then, so it re-weights the rest: {unknown.join(', ')}.</p> : null}
          {dropped.length > 0 ? <p>Judged then, and counts no longer: {dropped.join(', ')}.</p> : null}
        </Notice>
      ) : null}
      <DataTable
        rows={rows}
        keyOf={({ key }) => key}
        columns={[
          { head: 'Student', names: true, cell: ({ student }) => student },
          { head: 'Dish', cell: ({ dish }) => dish },
          { head: 'It was', cell: ({ was }) => said(was) },
          { head: 'It would be', cell: ({ was, would }) => (was === would ? said(would) : <b>{said(would)}</b>) },
          {
            head: 'Change',
            cell: ({ was, would }) =>
              was === null || would === null || was === would ? '' : `${would > was ? '+' : '−'}${Math.abs(would - was)}`,
          },
        ]}
      />
    </div>
  );
}
