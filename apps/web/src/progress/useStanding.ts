import { useMemo } from 'react';
import { classCoverage, lessonAdds, type CourseFacts } from '@pelvo/core';
import type { Course } from '@pelvo/contract';
import { useTechniques } from '../device';
import type { Standing } from './standing';

/** The facts of a course for a whole class or one of its students, with where it stands by a day. */
export function useStanding(course: Course | undefined, studentId: string, upTo: string, lessonId: string): Standing | null {
  const { data: techniques } = useTechniques();
  const facts = useMemo((): CourseFacts | null => {
    if (!course || !techniques) return null;
    return {
      students: studentId ? course.students.filter(({ id }) => id === studentId) : course.students,
      techniques,
      prerequisites: new Map(techniques.map(({ id, prerequisites }) => [id, prerequisites])),
      lessons: course.lessons,
    };
  }, [course, techniques, studentId]);
  return useMemo(
    () =>
      facts && techniques ? { facts, techniques, coverage: classCoverage(facts, upTo), adds: lessonAdds(facts, lessonId, upTo) } : null,
    [facts, techniques, upTo, lessonId],
  );
}
