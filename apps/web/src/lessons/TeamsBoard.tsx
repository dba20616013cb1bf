import { DndContext, PointerSensor, useDraggable, useDroppable, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { GripVertical, X } from 'lucide-react';
import { useId, type ReactNode } from 'react';
import { proposeTeams, STAGES, studentCoverage, teamName, type LessonTeam, type Mixing } from '@pelvo/core';
import { LESSON_LIMITS, type Course, type LessonDetail, type LessonFields } from '@pelvo/contract';
import { fetcher, newId, useAction } from '../device';
import { Button, IconButton, ProblemNotice, SelectField, TextField } from '../design';

interface TeamsBoardProps {
  readonly lesson: LessonDetail;
  readonly fields: LessonFields;
  readonly onChange: (teams: readonly LessonTeam[]) => void;
}

/** Where those stand who are in no team. */
const NOWHERE = 'none';

/** Who cooks with whom: put together by hand, by drag or from a list, or proposed by where each stands with what the lesson teaches. */
export function TeamsBoard({ lesson, fields, onChange }: TeamsBoardProps) {
  const { busy, error, run } = useAction();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const { teams } = fields;
  const here = lesson.students.filter(({ absent }) => !absent);
  const inTeam = new Set(teams.flatMap(({ studentIds }) => studentIds));
  const free = here.filter(({ id }) => !inTeam.has(id));
  const dishes = lesson.dishes.map(({ dishId, content }) => ({ id: dishId, title: content.title }));

  const propose = async (mixing: Mixing | 'listed') => {
    const course = mixing === 'listed' ? null : ((await fetcher(`/classes/${lesson.classId}/course`)) as Course);
    const earlier = course?.lessons.filter(({ date }) => date < lesson.date) ?? [];
    const practiceOf = (id: string) => {
      const stages = studentCoverage(id, earlier, lesson.date);
      return fields.techniques.reduce((sum, technique) => sum + STAGES.indexOf(stages.get(technique.id)?.stage ?? 'unmet'), 0);
    };
    const people = here.map(({ id }) => ({ id, practice: mixing === 'listed' ? 0 : practiceOf(id) }));
    onChange(
      proposeTeams(people, fields.teamSize, mixing === 'mixed' ? 'mixed' : 'alike').map((studentIds, at) => {
        // A team that is there keeps its name, its station and its dish.
        const there = teams[at];
        return {
          id: there?.id ?? newId(),
          name: there?.name ?? teamName(Math.max(3, fields.teamSize), at + 1),
          station: there?.station ?? `Station ${at + 1}`,
          studentIds,
          dishIds: there?.dishIds ?? null,
        };
      }),
    );
  };
  const put = (studentId: string, teamId: string) =>
    onChange(
      teams.map((team) => {
        const others = team.studentIds.filter((id) => id !== studentId);
        return { ...team, studentIds: team.id === teamId ? [...others, studentId] : others };
      }),
    );
  const change = (id: string, part: Partial<LessonTeam>) => onChange(teams.map((team) => (team.id === id ? { ...team, ...part } : team)));
  const add = () => {
    let number = teams.length + 1;
    while (teams.some(({ name }) => name === `Team ${number}`)) number += 1;
    onChange([...teams, { id: newId(), name: `Team ${number}`, station: `Station ${number}`, studentIds: [], dishIds: null }]);
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over) put(String(active.id), String(over.id));
  };
  if (lesson.students.length === 0) return null;
  const person = (id: string, teamId: string) => {
    const student = lesson.students.find((each) => each.id === id);
    if (!student) return null;
    return (
      <Person key={id} id={id} name={student.name} absent={student.absent} teams={teams} teamId={teamId} onPut={(to) => put(id, to)} />
    );
  };
  return (
    <div className="mt-6">
      <h3 className="text-lg">Teams</h3>
      <p className="mb-2 text-small text-soft">
        {teams.length === 0
          ? 'Nobody is put together yet: the number of students and the size decide. Put them together to say who cooks with whom, where, and what.'
          : 'Drag a name to another team, or choose the team beside it.'}
      </p>
      <div className="mb-3 flex flex-wrap gap-2">
        <Button busy={busy} onClick={() => void run(() => propose('mixed'))}>
          Mix the practised with the new
        </Button>
        <Button busy={busy} onClick={() => void run(() => propose('alike'))}>
          Alike in practice
        </Button>
        <Button onClick={() => void run(() => propose('listed'))}>As in the list</Button>
        <Button kind="quiet" onClick={add} disabled={teams.length >= LESSON_LIMITS.teams}>
          Add a team
        </Button>
        {teams.length > 0 ? (
          <Button kind="quiet" onClick={() => onChange([])}>
            Let the size decide
          </Button>
        ) : null}
      </div>
      <ProblemNotice error={error} />
      {teams.length > 0 ? (
        <DndContext sensors={sensors} onDragEnd={onDragEnd}>
          <ul className="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
            {teams.map((team) => (
              <Place key={team.id} id={team.id} name={team.name}>
                <div className="mb-1 flex items-end gap-1">
                  <span className="min-w-0 flex-1">
                    <TextField
                      label="Team"
                      value={team.name}
                      maxLength={LESSON_LIMITS.teamName}
                      onChange={(event) => change(team.id, { name: event.target.value })}
                    />
                  </span>
                  <span className="min-w-0 flex-1">
                    <TextField
                      label="Station"
                      value={team.station}
                      maxLength={40}
                      onChange={(event) => change(team.id, { station: event.target.value })}
                    />
                  </span>
                  <IconButton label={`Take ${team.name} apart`} onClick={() => onChange(teams.filter(({ id }) => id !== team.id))}>
                    <X aria-hidden className="size-5" />
                  </IconButton>
                </div>
                {dishes.length > 1 ? (
                  <SelectField
                    label="Cooks"
                    value={team.dishIds?.length === 1 ? team.dishIds[0] : ''}
                    onChange={(event) => change(team.id, { dishIds: event.target.value ? [event.target.value] : null })}
                  >
                    <option value="">all dishes</option>
                    {dishes.map(({ id, title }) => (
                      <option key={id} value={id}>
                        {title}
                      </option>
                    ))}
                  </SelectField>
                ) : null}
                <ul className="mt-1 divide-y divide-line">{team.studentIds.map((id) => person(id, team.id))}</ul>
                {team.studentIds.length === 0 ? <p className="text-small text-soft">Nobody is in it.</p> : null}
              </Place>
            ))}
            {free.length > 0 ? (
              <Place id={NOWHERE} name="In no team">
                <p className="font-semibold">In no team</p>
                <p className="text-small text-soft">They make up further teams by themselves.</p>
                <ul className="divide-y divide-line">{free.map(({ id }) => person(id, NOWHERE))}</ul>
              </Place>
            ) : null}
          </ul>
        </DndContext>
      ) : null}
    </div>
  );
}

function Place({ id, name, children }: { id: string; name: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <li ref={setNodeRef} aria-label={name} className={`border-2 p-3 ${isOver ? 'border-beet bg-beet-wash' : 'border-line bg-paper'}`}>
      {children}
    </li>
  );
}

interface PersonProps {
  readonly id: string;
  readonly name: string;
  readonly absent: boolean;
  readonly teams: readonly LessonTeam[];
  readonly teamId: string;
  readonly onPut: (teamId: string) => void;
}

function Person({ id, name, absent, teams, teamId, onPut }: PersonProps) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id });
  const label = useId();
  return (
    <li
      ref={setNodeRef}
      className={`flex items-center gap-1 py-0.5 ${isDragging ? 'relative z-10 bg-tile opacity-80' : ''}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
    >
      <span
        {...attributes}
        {...listeners}
        tabIndex={-1}
        aria-hidden
        className="flex size-9 cursor-grab touch-none items-center justify-center text-soft"
      >
        <GripVertical className="size-4" />
      </span>
      <span id={label} className={`min-w-0 flex-1 truncate ${absent ? 'text-soft line-through' : ''}`}>
        {name}
        {absent ? ', away' : ''}
      </span>
      <select
        aria-labelledby={label}
        className="min-h-9 w-28 border border-line bg-tile px-1 text-small"
        value={teamId}
        onChange={(event) => onPut(event.target.value)}
      >
        {teams.map(({ id: each, name: team }) => (
          <option key={each} value={each}>
            {team}
          </option>
        ))}
        <option value={NOWHERE}>no team</option>
      </select>
    </li>
  );
}
