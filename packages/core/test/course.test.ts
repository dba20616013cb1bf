import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  assessedTooEarly,
  classCoverage,
  lessonAdds,
  missedIn,
  neverCovered,
  nextTechniques,
  PURPOSES,
  STAGES,
  studentCoverage,
  type CourseFacts,
  type TaughtLesson,
} from '../src';

const TECHNIQUES = ['grip', 'sticks', 'dice', 'sweat', 'stock', 'rim'];
const STUDENTS = ['ada', 'bo', 'cy', 'di', 'ed'];
const LAST = '2026-12-31';

const day = fc.integer({ min: 1, max: 28 }).map((of) => `2026-11-${String(of).padStart(2, '0')}`);
const lesson = fc.record({
  date: day,
  techniques: fc.uniqueArray(fc.record({ id: fc.constantFrom(...TECHNIQUES), purpose: fc.constantFrom(...PURPOSES) }), {
    selector: ({ id }) => id,
    maxLength: 4,
  }),
  inPassing: fc.uniqueArray(fc.constantFrom(...TECHNIQUES), { maxLength: 3 }),
  absent: fc.uniqueArray(fc.constantFrom(...STUDENTS), { maxLength: 5 }),
});
/** Prerequisites that point back in the list only, so that there is no ring. */
const needs = fc.tuple(
  ...TECHNIQUES.map((_, index) => fc.uniqueArray(fc.integer({ min: 0, max: Math.max(0, index - 1) }), { maxLength: 2 })),
);
const course = fc.record({ lessons: fc.array(lesson, { maxLength: 10 }), needs }).map(({ lessons, needs: needed }): CourseFacts => ({
  students: STUDENTS.map((id) => ({ id, name: id })),
  techniques: TECHNIQUES.map((id) => ({ id, name: id })),
  prerequisites: new Map(TECHNIQUES.map((id, index) => [id, index === 0 ? [] : needed[index]!.map((each) => TECHNIQUES[each]!)])),
  lessons: lessons.map((each, index): TaughtLesson => ({ ...each, id: `l${index}`, title: `Lesson ${index}` })),
}));
const rank = (facts: CourseFacts, student: string, technique: string, upTo: string) =>
  STAGES.indexOf(studentCoverage(student, facts.lessons, upTo).get(technique)?.stage ?? 'unmet');

describe('where a student stands', () => {
  it('never falls back as days go by', () => {
    fc.assert(
      fc.property(course, day, day, fc.constantFrom(...STUDENTS), fc.constantFrom(...TECHNIQUES), (facts, a, b, student, technique) => {
        const [early, late] = [a, b].sort() as [string, string];
        expect(rank(facts, student, technique, late)).toBeGreaterThanOrEqual(rank(facts, student, technique, early));
      }),
    );
  });

  it('does not hang on the order in which lessons are listed', () => {
    fc.assert(
      fc.property(course, (facts) => {
        // Lessons of one day keep their order; only days are turned round.
        const turned = [...facts.lessons].sort((a, b) => b.date.localeCompare(a.date));
        for (const { id } of facts.students)
          expect(studentCoverage(id, turned, LAST)).toEqual(
            studentCoverage(
              id,
              [...turned].sort((a, b) => a.date.localeCompare(b.date)),
              LAST,
            ),
          );
      }),
    );
  });

  it('is nowhere for who was away from everything', () => {
    fc.assert(
      fc.property(course, (facts) => {
        const away = facts.lessons.map((each) => ({ ...each, absent: [...each.absent, 'zoe'] }));
        expect(studentCoverage('zoe', away, LAST).size).toBe(0);
        for (const technique of TECHNIQUES)
          expect(missedIn('zoe', technique, away, LAST)).toHaveLength(
            away.filter(({ techniques }) => techniques.some(({ id }) => id === technique)).length,
          );
      }),
    );
  });

  it('is not moved by what a dish exercises before it was introduced', () => {
    const passing: TaughtLesson = { id: 'a', title: 'A', date: '2026-11-01', techniques: [], inPassing: ['dice'], absent: [] };
    const taught: TaughtLesson = {
      ...passing,
      id: 'b',
      date: '2026-11-02',
      techniques: [{ id: 'dice', purpose: 'introduce' }],
      inPassing: [],
    };
    expect(studentCoverage('ada', [passing], LAST).get('dice')).toBeUndefined();
    expect(studentCoverage('ada', [passing, taught], LAST).get('dice')).toMatchObject({ stage: 'met', practised: 0 });
    expect(studentCoverage('ada', [passing, taught, { ...passing, id: 'c', date: '2026-11-03' }], LAST).get('dice')).toMatchObject({
      stage: 'practised',
      practised: 1,
      last: '2026-11-03',
    });
  });
});

describe('where a class stands', () => {
  it('counts every student once, and names who has not met it', () => {
    fc.assert(
      fc.property(course, day, (facts, upTo) => {
        for (const [technique, { counts, unmet, stage }] of classCoverage(facts, upTo)) {
          expect(Object.values(counts).reduce((sum, count) => sum + count)).toBe(STUDENTS.length);
          expect(unmet).toHaveLength(counts.unmet);
          const atLeast = STUDENTS.filter((student) => rank(facts, student, technique, upTo) >= STAGES.indexOf(stage));
          expect(atLeast.length * 2).toBeGreaterThan(stage === 'unmet' ? 0 : STUDENTS.length);
        }
      }),
    );
  });

  it('is moved by a planned lesson exactly as it is when the lesson has been held last', () => {
    fc.assert(
      fc.property(course, (facts) => {
        const planned = facts.lessons[0];
        if (!planned) return;
        const others = { ...facts, lessons: facts.lessons.slice(1) };
        const held = { ...facts, lessons: [...others.lessons, { ...planned, date: LAST }] };
        for (const [technique, { further, after }] of lessonAdds(facts, planned.id, LAST)) {
          const grown = STUDENTS.filter((student) => rank(held, student, technique, LAST) > rank(others, student, technique, LAST));
          expect([...further].sort()).toEqual(grown);
          expect(after).toEqual(classCoverage(held, LAST).get(technique));
        }
      }),
    );
    expect(lessonAdds({ students: [], techniques: [], prerequisites: new Map(), lessons: [] }, 'gone', LAST).size).toBe(0);
  });
});

describe('the lists of the map', () => {
  it('propose only what somebody is ready for, and what no later lesson takes up', () => {
    fc.assert(
      fc.property(course, day, (facts, upTo) => {
        const later = facts.lessons.filter(({ date }) => date > upTo).flatMap(({ techniques }) => techniques.map(({ id }) => id));
        const proposed = nextTechniques(facts, upTo);
        expect(new Set(proposed.map(({ techniqueId }) => techniqueId)).size).toBe(proposed.length);
        for (const { techniqueId, purpose, ready, notReady, because } of proposed) {
          expect(later).not.toContain(techniqueId);
          expect(ready).toBeGreaterThan(0);
          expect(because.length).toBeGreaterThan(0);
          if (purpose !== 'introduce') continue;
          const needed = facts.prerequisites.get(techniqueId) ?? [];
          const able = STUDENTS.filter((student) => needed.every((each) => rank(facts, student, each, upTo) > 0));
          expect([ready, [...notReady].sort()]).toEqual([able.length, STUDENTS.filter((student) => !able.includes(student))]);
        }
      }),
    );
  });

  it('find every assessment that someone present comes to without practice, and no other', () => {
    fc.assert(
      fc.property(course, (facts) => {
        const found = assessedTooEarly(facts);
        for (const each of facts.lessons)
          for (const { id, purpose } of each.techniques) {
            if (purpose !== 'assess') continue;
            const before = facts.lessons.filter(({ date }) => date < each.date);
            const early = STUDENTS.filter(
              (student) => !each.absent.includes(student) && !studentCoverage(student, before, LAST).get(id)?.practised,
            );
            const named = found.find(({ techniqueId, lessonId }) => techniqueId === id && lessonId === each.id);
            expect([...(named?.students ?? [])].sort()).toEqual(early);
          }
      }),
    );
  });

  it('name what no lesson is about, in passing or not', () => {
    fc.assert(
      fc.property(course, (facts) => {
        const taught = new Set(facts.lessons.flatMap(({ techniques }) => techniques.map(({ id }) => id)));
        expect(neverCovered(facts)).toEqual(TECHNIQUES.filter((id) => !taught.has(id)));
      }),
    );
  });

  it('have nothing to say of a class without students', () => {
    fc.assert(
      fc.property(course, (facts) => {
        expect(nextTechniques({ ...facts, students: [] }, LAST)).toEqual([]);
      }),
    );
  });
});

describe('walking through a course once', () => {
  it('finds the same early assessments as looking back from each lesson', () => {
    fc.assert(
      fc.property(course, (facts) => {
        const looked = [...facts.lessons]
          .sort((a, b) => a.date.localeCompare(b.date))
          .flatMap((one) =>
            one.techniques
              .filter(({ purpose }) => purpose === 'assess')
              .flatMap(({ id: techniqueId }) => {
                const before = facts.lessons.filter(({ date }) => date < one.date);
                const students = facts.students
                  .filter(({ id }) => !one.absent.includes(id))
                  .filter(({ id }) => !studentCoverage(id, before, LAST).get(techniqueId)?.practised)
                  .map(({ id }) => id);
                return students.length > 0 ? [{ techniqueId, lessonId: one.id, students }] : [];
              }),
          );
        expect(assessedTooEarly(facts)).toEqual(looked);
      }),
      { numRuns: 300 },
    );
  });
});
