import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import useSWR from 'swr';
import type { ClassSummary, Course } from '@pelvo/contract';
import { useCourse, fetcher, shortDate, today } from '../device';
import { ButtonLink, Empty, Fetching, Loading, PageHead, ProblemNotice, SelectField, DateField } from '../design';
import { MapLists } from './MapLists';
import { SelectedTechnique } from './SelectedTechnique';
import { TechniqueMap } from './TechniqueMap';
import { useStanding } from './useStanding';
import { useMapLayout } from './useMapLayout';

/** Width over height that unconnected parts of the map are packed to. */
const ASPECT = 1.8;

/** The techniques as a map of what comes before what, with where a class or a student stands. */
export default function MapPage() {
  const [chosen, setChosen] = useSearchParams();
  const { data: classes, error, mutate } = useSWR<readonly ClassSummary[]>('/classes', fetcher);
  const set = (name: string, value: string) =>
    setChosen(
      (now) => {
        if (value) now.set(name, value);
        else now.delete(name);
        if (name === 'class') for (const each of ['student', 'lesson']) now.delete(each);
        return now;
      },
      { replace: true },
    );
  const classId = chosen.get('class') ?? largest(classes)?.id;
  const { data: course, error: failed, mutate: again } = useCourse(classId);
  return (
    <>
      <PageHead title="Map of a class" lead="What comes before what, who has met it, and what is good to teach next." />
      <Fetching what="the classes" done={classes !== undefined} error={error} retry={() => void mutate()} />
      {classes?.length === 0 ? (
        <Empty
          title="No class yet"
          action={
            <ButtonLink kind="main" to="/classes">
              To the classes
            </ButtonLink>
          }
        >
          The map shows where a class stands. Make one, for example "Foundation, autumn", and add its students.
        </Empty>
      ) : null}
      {classes && classes.length > 0 ? (
        <>
          <Fetching what="the course of the class" done={course !== undefined} error={failed} retry={() => void again()} />
          {course ? <Map course={course} classes={classes} chosen={chosen} onChoose={set} /> : null}
        </>
      ) : null}
    </>
  );
}

/** The class most likely meant: the one with the most students. */
const largest = (classes: readonly ClassSummary[] = []) => [...classes].sort((a, b) => b.students - a.students)[0];

/** How wide the page is: the map keeps its size when something opens beside it. */
function useRoom() {
  const page = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(1220);
  useLayoutEffect(() => {
    const observer = new ResizeObserver(() => page.current && setRoom(page.current.clientWidth - 28));
    if (page.current) observer.observe(page.current);
    return () => observer.disconnect();
  });
  return { page, room };
}

interface MapProps {
  readonly course: Course;
  readonly classes: readonly ClassSummary[];
  readonly chosen: URLSearchParams;
  readonly onChoose: (name: string, value: string) => void;
}

function Map({ course, classes, chosen, onChoose }: MapProps) {
  const { page, room } = useRoom();
  const upTo = chosen.get('date') || today();
  const studentId = chosen.get('student') ?? '';
  const planned = course.lessons.filter(({ date }) => date >= upTo);
  // A lesson that the day has gone past is no longer planned.
  const lessonId = planned.find(({ id }) => id === chosen.get('lesson'))?.id ?? '';
  const selected = chosen.get('technique');
  const standing = useStanding(course, studentId, upTo, lessonId);
  const { layout, error } = useMapLayout(standing?.techniques ?? [], ASPECT);
  const byId = useMemo(() => new globalThis.Map((standing?.techniques ?? []).map((each) => [each.id, each])), [standing?.techniques]);
  if (!standing) return <Loading what="the techniques" />;
  if (standing.techniques.length === 0)
    return (
      <Empty title="No technique yet" action={<ButtonLink to="/techniques/new">Write a card</ButtonLink>}>
        The map is drawn from the technique cards and what is learned before each, for example julienne before fine dice.
      </Empty>
    );
  const shown = layout && layout.nodes.length === byId.size && layout.nodes.every(({ id }) => byId.has(id)) ? layout : null;
  const technique = selected ? byId.get(selected) : undefined;
  return (
    <>
      <div className="mb-4 grid items-end gap-3 sm:grid-cols-2 lg:grid-cols-4">
        <SelectField label="Class" value={course.classId} onChange={(event) => onChoose('class', event.target.value)}>
          {classes.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <SelectField label="Who" value={studentId} onChange={(event) => onChoose('student', event.target.value)}>
          <option value="">the whole class, {course.students.length} students</option>
          {course.students.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <DateField label="By the end of" value={upTo} onChange={(day) => onChoose('date', day)} />
        <SelectField
          label="With a planned lesson"
          value={lessonId}
          onChange={(event) => onChoose('lesson', event.target.value)}
        >
          <option value="">no lesson</option>
          {planned.map(({ id, title, date }) => (
            <option key={id} value={id}>
              {shortDate(date)}: {title}
            </option>
          ))}
        </SelectField>
      </div>
      {error ? <ProblemNotice error={error} /> : null}
      <div ref={page} className="gap-6 min-[1100px]:flex">
        <div className="min-w-0 flex-1">
          {shown ? (
            <TechniqueMap
              layout={shown}
              room={room}
              techniques={byId}
              prerequisites={standing.facts.prerequisites}
              coverage={standing.coverage}
              adds={standing.adds}
              selected={technique ? technique.id : null}
              onSelect={(id) => onChoose('technique', id ?? '')}
            />
          ) : (
            <Loading what="the places on the map" />
          )}
        </div>
        {technique ? (
          <SelectedTechnique
            key={technique.id}
            technique={technique}
            standing={standing}
            course={course}
            upTo={upTo}
            onSelect={(id) => onChoose('technique', id ?? '')}
          />
        ) : null}
      </div>
      <MapLists standing={standing} course={course} upTo={upTo} onSelect={(id) => onChoose('technique', id)} />
    </>
  );
}
