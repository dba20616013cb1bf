import { Link } from 'react-router';
import useSWR from 'swr';
import { LESSON_LIMITS, type ClassSummary, type LessonFields } from '@pelvo/contract';
import { fetcher, fieldProblem, useKitchens } from '../device';
import { Choice, DateField, SelectField, Stepper, TextField, Tick, TimeField } from '../design';
import { DishPicker, RubricPicker, TechniquePicker } from './pickers';

export interface PartProps {
  readonly fields: LessonFields;
  readonly onChange: (fields: LessonFields) => void;
  readonly error: unknown;
}

/** When it is, and where. */
export function WhenPart({ fields, onChange, error }: PartProps) {
  const { data: kitchens = [] } = useKitchens();
  const set = (change: Partial<LessonFields>) => onChange({ ...fields, ...change });
  const problem = (field: keyof LessonFields) => fieldProblem(error, field);
  return (
    <>
      <TextField
        label="Title"
        placeholder="Blanching and emulsions"
        value={fields.title}
        problem={problem('title')}
        onChange={(event) => set({ title: event.target.value })}
      />
      <div className="mt-4 grid grid-cols-2 gap-4 sm:grid-cols-4">
        <DateField label="Date" value={fields.date} problem={problem('date')} onChange={(date) => set({ date })} />
        <TimeField label="Starts" value={fields.start} problem={problem('start')} onChange={(start) => set({ start })} />
        <TimeField label="Ends" value={fields.end} problem={problem('end') ?? endProblem(fields)} onChange={(end) => set({ end })} />
        <SelectField
          label="Kitchen"
          value={fields.kitchenId ?? ''}
          problem={problem('kitchenId')}
          hint={kitchens.length === 0 ? <Link to="/kitchens">Add the kitchens</Link> : undefined}
          onChange={(event) => set({ kitchenId: event.target.value || null })}
        >
          <option value="">Choose a kitchen</option>
          {kitchens.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
      </div>
    </>
  );
}

/** Who comes, how they work, and what is cooked besides. @param byRoster - students by roster and absences, when the lesson is known */
export function WhoPart({ fields, onChange, error, byRoster }: PartProps & { readonly byRoster?: number }) {
  const { data: classes = [] } = useSWR<readonly ClassSummary[]>('/classes', fetcher);
  const set = (change: Partial<LessonFields>) => onChange({ ...fields, ...change });
  const problem = (field: keyof LessonFields) => fieldProblem(error, field);
  const cookeryClass = classes.find((item) => item.id === fields.classId);
  const roster = byRoster ?? cookeryClass?.students ?? 0;
  return (
    <>
      <div className="max-w-md">
        <SelectField
          label="Class"
          value={fields.classId}
          problem={problem('classId')}
          hint={cookeryClass?.students === 0 ? 'Nobody is in this class yet: add students, or set a number below.' : undefined}
          // Teams are of the students of a class: with another class they begin anew.
          onChange={(event) => set({ classId: event.target.value, teams: [] })}
        >
          <option value="">Choose a class</option>
          {classes.map((item) => (
            <option key={item.id} value={item.id}>
              {item.name}, {item.students} students
            </option>
          ))}
        </SelectField>
      </div>
      <div className="mt-4 flex flex-wrap items-start gap-x-6 gap-y-4">
        <Choice
          label="Students work"
          value={fields.teamSize > 2 ? 3 : fields.teamSize}
          options={[
            { value: 1, label: 'alone' },
            { value: 2, label: 'in pairs' },
            { value: 3, label: 'in teams' },
          ]}
          onChange={(mode) => set({ teamSize: mode === 3 ? Math.max(3, fields.teamSize) : mode })}
        />
        {fields.teamSize > 2 ? (
          <Stepper
            label="In a team"
            value={fields.teamSize}
            min={3}
            max={12}
            problem={problem('teamSize')}
            onChange={(teamSize) => set({ teamSize })}
          />
        ) : null}
        <Stepper
          label={fields.teamSize === 1 ? 'Portions a student' : fields.teamSize === 2 ? 'Portions a pair' : 'Portions a team'}
          value={fields.portionsATeam}
          min={1}
          max={100}
          problem={problem('portionsATeam')}
          onChange={(portionsATeam) => set({ portionsATeam })}
        />
        <Stepper
          label="Demonstration"
          hint="portions"
          value={fields.demonstrationPortions}
          min={0}
          max={100}
          onChange={(demonstrationPortions) => set({ demonstrationPortions })}
        />
        <Stepper
          label="Reference plates"
          value={fields.referencePlates}
          min={0}
          max={20}
          onChange={(referencePlates) => set({ referencePlates })}
        />
        <Stepper
          label="For tasting"
          hint="portions"
          value={fields.tastingPortions}
          min={0}
          max={100}
          onChange={(tastingPortions) => set({ tastingPortions })}
        />
        <Stepper
          label="Second tries"
          hint="whole makings"
          value={fields.spareMakings}
          min={0}
          max={20}
          onChange={(spareMakings) => set({ spareMakings })}
        />
      </div>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <Tick
          label={`Count students by roster and absences (${roster})`}
          checked={fields.studentCount === null}
          onChange={(follow) => set({ studentCount: follow ? null : Math.max(1, roster) })}
        />
        {fields.studentCount === null ? null : (
          <Stepper
            label="Students to plan for"
            value={fields.studentCount}
            min={1}
            max={LESSON_LIMITS.students}
            problem={problem('studentCount')}
            onChange={(studentCount) => set({ studentCount })}
          />
        )}
      </div>
    </>
  );
}

interface WhatPartProps extends PartProps {
  /** Titles of editions already in the lesson that are no longer the newest. */
  readonly editionTitles?: Readonly<Record<string, string>>;
  /** Names of rubric editions already in the lesson that are no longer the newest. */
  readonly rubricName?: string;
}

/** What is cooked, what is taught by it, and by what it is marked. */
export function WhatPart({ fields, onChange, error, editionTitles = {}, rubricName }: WhatPartProps) {
  const set = (change: Partial<LessonFields>) => onChange({ ...fields, ...change });
  const problem = (field: keyof LessonFields) => fieldProblem(error, field);
  return (
    <>
      <DishPicker
        fields={fields}
        titles={editionTitles}
        problem={problem('dishEditionIds')}
        onChange={(dishEditionIds) => set({ dishEditionIds })}
      />
      <TechniquePicker fields={fields} onChange={(techniques) => set({ techniques })} />
      <RubricPicker
        fields={fields}
        name={rubricName}
        problem={problem('rubricEditionId')}
        onChange={(rubricEditionId) => set({ rubricEditionId })}
      />
    </>
  );
}

function endProblem({ start, end }: LessonFields) {
  return start && end && end <= start ? { field: 'end', problem: 'The lesson ends before it starts.', remedy: 'Let it end later.' } : null;
}
