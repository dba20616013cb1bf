import { useMemo } from 'react';
import { Link } from 'react-router';
import { computeOrder, momentAt, prepareAhead, type AheadTask, type ClassProblem, type TimePlan } from '@pelvo/core';
import { madeInOf, orderInputOf, type LessonDetail } from '@pelvo/contract';
import { clockTime, dayOf, shortDate, shown } from '../device';
import { Button, Section } from '../design';

interface BeforeLessonProps {
  readonly lesson: LessonDetail;
  readonly problem: ClassProblem;
  readonly plan: TimePlan;
  readonly clock: (minute: number) => string;
  readonly onBack: (dishId: string, stepId: string) => void;
}

/** What must stand ready when the lesson begins: stages made ahead, and sub-preparations, which nobody may forget. */
export function BeforeLesson({ lesson, problem, plan, clock, onBack }: BeforeLessonProps) {
  const dishes = useMemo(() => lesson.dishes.map(({ dishId, content }) => ({ id: dishId, content })), [lesson]);
  const tasks = useMemo(() => prepareAhead(problem, dishes, plan.placed?.starts, madeInOf(lesson)), [problem, dishes, plan.placed, lesson]);
  const preparations = useMemo(() => preparationsOf(lesson), [lesson]);
  if (tasks.length === 0 && preparations.length === 0) return null;
  const asked = (task: AheadTask) => plan.ahead.some(({ dishId, stepId }) => dishId === task.dishId && stepId === task.stepId);
  return (
    <Section title="Ready before the lesson">
      <div className="overflow-x-auto">
        <table className="w-full min-w-[40rem] text-left">
          <thead className="text-small text-soft">
            <tr>
              <th scope="col">What</th>
              <th scope="col" className="w-36">
                How much
              </th>
              <th scope="col" className="w-28">
                By whom
              </th>
              <th scope="col" className="w-28">
                Ready by
              </th>
              <th scope="col" className="w-40">
                Kept
              </th>
              <td className="w-48" />
            </tr>
          </thead>
          <tbody className="divide-y divide-line border-y border-line align-top">
            {preparations.map(({ title, needed, usedBy, editionId }) => (
              <tr key={editionId}>
                <td className="py-1">
                  <Link to={`/dish-editions/${editionId}`}>{title}</Link>{' '}
                  <span className="text-small text-soft">for {usedBy.join(', ')}</span>
                </td>
                <td className="py-1">{shown(needed)}</td>
                <td className="py-1">technician</td>
                <td className="py-1 tabular-nums">{clock(0)}</td>
                <td className="py-1 text-small">as its card says</td>
                <td />
              </tr>
            ))}
            {tasks.map((task) => (
              <tr key={`${task.dishId} ${task.stepId}`}>
                <td className="py-1">
                  {task.text} <span className="text-small text-soft">{task.dish}</span>
                  {task.against ? <p className="text-small font-semibold">Its dish says that it must not be made ahead.</p> : null}
                </td>
                <td className="py-1">
                  {task.makings} {task.makings === 1 ? 'making' : 'makings'} of {lesson.portionsATeam}
                </td>
                <td className="py-1">{task.madeIn ? `the class, in “${task.madeIn}”` : task.by === 'team' ? 'each team' : task.by}</td>
                <td className="py-1 tabular-nums">{clock(task.wantedAt)}</td>
                <td className="py-1 text-small">
                  {task.store ? `${task.store}${task.hours ? `, not before ${earliest(lesson, task)}` : ''}` : ''}
                </td>
                <td className="py-1 text-right">
                  {asked(task) ? (
                    <Button kind="quiet" onClick={() => onBack(task.dishId, task.stepId)}>
                      Do it in the lesson
                    </Button>
                  ) : null}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-small text-soft">How long it keeps, and how cold, the local code and the responsible person decide.</p>
    </Section>
  );
}

/** The earliest at which something can be made, so that it is still within its time when it is wanted. */
function earliest(lesson: LessonDetail, { hours, wantedAt }: AheadTask): string {
  const zone = lesson.school.timeZone;
  const at = momentAt(lesson, zone, wantedAt - hours! * 60);
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(at);
  return `${shortDate(dayOf(at))}, ${clockTime(time)}`;
}

const preparationsOf = (lesson: LessonDetail) =>
  Object.keys(lesson.preparations).length === 0 || lesson.present === 0 ? [] : computeOrder(orderInputOf(lesson)).preparations;
