import { Link } from 'react-router';
import { teamName } from '@pelvo/core';
import type { LessonDetail, LessonFields } from '@pelvo/contract';
import { clockTime, longDate } from '../device';
import { StrandGlyph } from '../design';
import { phasePath } from './strips';

// What is decided in each part of a lesson, as it is seen before anything is opened.

export const whenAt = (lesson: LessonDetail) => (
  <>
    <span className="block font-semibold">{longDate(lesson.date)}</span>
    <span className="block">
      {clockTime(lesson.start)} to {clockTime(lesson.end)}
    </span>
    <span className={`block ${lesson.kitchenId === null ? 'border-2 border-dashed border-soft px-2' : ''}`}>
      {lesson.kitchen || 'No kitchen is chosen'}
      {lesson.kitchen && lesson.kitchenId === null ? ': nothing is known of it, choose a kitchen' : ''}
    </span>
  </>
);

export function whoAt(lesson: LessonDetail, { teamSize }: Pick<LessonFields, 'teamSize'>) {
  const away = lesson.students.filter(({ absent }) => absent);
  const together = lesson.teams.length > 0 && lesson.studentCount === null;
  return (
    <>
      <span className="block font-semibold">
        {lesson.className}, {lesson.present} {lesson.present === 1 ? 'student' : 'students'}
      </span>
      <span className="block">
        {together
          ? `In ${lesson.cooking.length} teams: ${lesson.cooking.map(({ name }) => name).join(', ')}`
          : `${teamSize === 1 ? 'Alone' : teamSize === 2 ? 'In pairs' : `In teams of ${teamSize}`}${teamSize > 1 ? `: ${lesson.cooking.length} ${teamName(teamSize, 0).replace(' 0', '').toLowerCase()}s` : ''}`}
        , {lesson.portionsATeam} {lesson.portionsATeam === 1 ? 'portion' : 'portions'} each
      </span>
      {away.length > 0 ? <span className="block text-soft">{away.map(({ name }) => name).join(', ')} away</span> : null}
    </>
  );
}

export const whatAt = (lesson: LessonDetail) => (
  <>
    {lesson.dishes.length === 0 ? <span className="block border-2 border-dashed border-soft px-2">No dish yet</span> : null}
    {lesson.dishes.map((dish) => (
      <span key={dish.editionId} className="block">
        <Link to={`/dish-editions/${dish.editionId}`} className="font-semibold">
          {dish.content.title}
        </Link>{' '}
        <span className="text-small text-soft">edition {dish.number}</span>
      </span>
    ))}
    <span className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-small">
      {lesson.techniques.map((technique) => (
        <span key={technique.id} className="inline-flex items-center gap-1.5">
          <StrandGlyph strand={technique.strand} />
          <Link to={`/techniques/${technique.id}?lesson=${lesson.id}`}>{technique.name}</Link>
          <span className="text-soft">{technique.purpose}</span>
        </span>
      ))}
    </span>
    <span className="mt-1 block text-small text-soft">
      {lesson.rubric ? `Marked by ${lesson.rubric.name}, edition ${lesson.rubric.number}` : 'No rubric: nothing is marked'}
    </span>
  </>
);

export const withAt = (lesson: LessonDetail, teaching: boolean) => (
  <>
    <span className="block">
      <Link to={phasePath(lesson.id, 'order')} className="font-semibold">
        The order
      </Link>
      {Object.keys(lesson.preparations).length > 0
        ? `, with ${Object.values(lesson.preparations)
            .map(({ title }) => title)
            .join(', ')} made in-house`
        : ''}
    </span>
    {teaching ? (
      <span className="block">
        <Link to={`/lessons/${lesson.id}/time`} className="font-semibold">
          The plan of time
        </Link>
        , and what must stand ready before
      </span>
    ) : null}
    <span className="block text-small text-soft">What it teaches where schools differ, and how it runs</span>
  </>
);
