import { X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import useSWR from 'swr';
import { PURPOSES, type Purpose } from '@pelvo/core';
import { LESSON_LIMITS, type ClassSummary, type LessonFields, type RubricSummary } from '@pelvo/contract';
import { fetcher, fieldProblem, useDishSearch, useKitchens, useTechniques } from '../device';
import { Choice, DateField, FindDish, Section, SelectField, Stepper, StrandGlyph, TextField, Tick, TimeField } from '../design';

interface LessonFormProps {
  readonly fields: LessonFields;
  readonly onChange: (fields: LessonFields) => void;
  readonly error: unknown;
  /** Titles of editions already in the lesson that are no longer the newest. */
  readonly editionTitles?: Readonly<Record<string, string>>;
  /** Names of rubric editions already in the lesson that are no longer the newest. */
  readonly rubricName?: string;
  /** Students by roster and absences, when the lesson is known. */
  readonly byRoster?: number;
}

/** The plan of a lesson. */
export function LessonForm({ fields, onChange, error, editionTitles = {}, rubricName, byRoster }: LessonFormProps) {
  const { data: classes = [] } = useSWR<readonly ClassSummary[]>('/classes', fetcher);
  const { data: kitchens = [] } = useKitchens();
  const set = (change: Partial<LessonFields>) => onChange({ ...fields, ...change });
  const problem = (field: keyof LessonFields) => fieldProblem(error, field);
  const cookeryClass = classes.find((item) => item.id === fields.classId);
  const roster = byRoster ?? cookeryClass?.students ?? 0;
  return (
    <div className="space-y-8">
      <Section title="When and who">
        <div className="grid gap-4 sm:grid-cols-2">
          <TextField
            label="Title"
            placeholder="Blanching and emulsions"
            value={fields.title}
            problem={problem('title')}
            onChange={(event) => set({ title: event.target.value })}
          />
          <SelectField
            label="Class"
            value={fields.classId}
            problem={problem('classId')}
            hint={cookeryClass?.students === 0 ? 'Nobody is in this class yet: add students, or set a number below.' : undefined}
            onChange={(event) => set({ classId: event.target.value })}
          >
            <option value="">Choose a class</option>
            {classes.map((item) => (
              <option key={item.id} value={item.id}>
                {item.name}, {item.students} students
              </option>
            ))}
          </SelectField>
        </div>
        <div className="mt-4 grid grid-cols-2 gap-4 sm:grid-cols-4">
          <DateField label="Date" value={fields.date} problem={problem('date')} onChange={(date) => set({ date })} />
          <TimeField label="Starts" value={fields.start} problem={problem('start')} onChange={(start) => set({ start })} />
          <TimeField label="Ends" value={fields.end} problem={problem('end') ?? endProblem(fields)} onChange={(end) => set({ end })} />
          <SelectField
            label="Kitchen"
            value={fields.kitchen}
            problem={problem('kitchen')}
            hint={kitchens.length === 0 ? <Link to="/kitchens">Add the kitchens</Link> : undefined}
            onChange={(event) => set({ kitchen: event.target.value })}
          >
            <option value="">Choose a kitchen</option>
            {/* What a lesson says stays, also where the school keeps no kitchen of that name. */}
            {[...new Set([...kitchens.map(({ name }) => name), ...(fields.kitchen ? [fields.kitchen] : [])])].map((name) => (
              <option key={name}>{name}</option>
            ))}
          </SelectField>
        </div>
      </Section>
      <Section title="How they work">
        <div className="flex flex-wrap items-start gap-x-6 gap-y-4">
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
      </Section>
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
    </div>
  );
}

function endProblem({ start, end }: LessonFields) {
  return start && end && end <= start ? { field: 'end', problem: 'The lesson ends before it starts.', remedy: 'Let it end later.' } : null;
}

interface PickerProps<T> {
  readonly fields: LessonFields;
  readonly onChange: (value: T) => void;
  readonly problem?: ReturnType<typeof fieldProblem>;
}

function Removable({ label, onRemove, children }: { label: string; onRemove: () => void; children: React.ReactNode }) {
  return (
    <li className="flex items-center gap-3 py-1">
      <span className="flex min-w-0 flex-1 flex-wrap items-center gap-3">{children}</span>
      <button
        type="button"
        aria-label={`Remove ${label}`}
        title={`Remove ${label}`}
        onClick={onRemove}
        className="flex size-11 items-center justify-center hover:bg-wash"
      >
        <X aria-hidden className="size-5" />
      </button>
    </li>
  );
}

function DishPicker({ fields, titles, problem, onChange }: PickerProps<readonly string[]> & { titles: Readonly<Record<string, string>> }) {
  const dishes = useDishSearch({ published: true });
  const published = dishes.items.filter((dish) => dish.editionId);
  // What was chosen while another word was typed keeps its name.
  const [chosen, setChosen] = useState<Readonly<Record<string, string>>>({});
  const titleOf = (id: string) =>
    titles[id] ?? chosen[id] ?? published.find((dish) => dish.editionId === id)?.title ?? 'A dish in the archive';
  const taken = new Set(fields.dishEditionIds);
  const takenTitles = new Set(fields.dishEditionIds.map(titleOf));
  const left = published.filter((dish) => !taken.has(dish.editionId!) && !takenTitles.has(dish.title));
  return (
    <Section title="Dishes">
      <ul className="divide-y divide-line">
        {fields.dishEditionIds.map((id) => (
          <Removable key={id} label={titleOf(id)} onRemove={() => onChange(fields.dishEditionIds.filter((other) => other !== id))}>
            <b>{titleOf(id)}</b>
          </Removable>
        ))}
      </ul>
      <div className="mt-2 max-w-md space-y-2">
        <FindDish dishes={dishes} />
        <SelectField
          label="Add a dish"
          labelHidden={left.length > 0 && taken.size > 0}
          value=""
          problem={problem}
          hint={
            dishes.done && !dishes.typed && published.length === 0
              ? 'No dish is published yet. Read a recipe first, then publish it.'
              : undefined
          }
          onChange={(event) => {
            const id = event.target.value;
            if (!id) return;
            setChosen((now) => ({ ...now, [id]: published.find((dish) => dish.editionId === id)!.title }));
            onChange([...fields.dishEditionIds, id]);
            dishes.type('');
          }}
        >
          <option value="">{dishes.typed && left.length === 0 ? 'Nothing of that name' : 'Add a dish'}</option>
          {left.map((dish) => (
            <option key={dish.id} value={dish.editionId!}>
              {dish.title} (edition {dish.edition})
            </option>
          ))}
        </SelectField>
      </div>
    </Section>
  );
}

function TechniquePicker({ fields, onChange }: PickerProps<LessonFields['techniques']>) {
  const { data: techniques = [] } = useTechniques();
  const [purpose, setPurpose] = useState<Purpose>('practise');
  const left = techniques.filter((technique) => !fields.techniques.some(({ id }) => id === technique.id));
  return (
    <Section title="Techniques in focus">
      <ul className="divide-y divide-line">
        {fields.techniques.map((chosen) => {
          const technique = techniques.find(({ id }) => id === chosen.id);
          if (!technique) return null;
          return (
            <Removable
              key={chosen.id}
              label={technique.name}
              onRemove={() => onChange(fields.techniques.filter(({ id }) => id !== chosen.id))}
            >
              <StrandGlyph strand={technique.strand} />{' '}
              <Link to={`/techniques/${technique.id}`} className="inline-flex min-h-11 min-w-56 items-center font-semibold">
                {technique.name}
              </Link>
              <span className="w-36">
                <SelectField
                  label={`Purpose of ${technique.name}`}
                  labelHidden
                  value={chosen.purpose}
                  onChange={(event) =>
                    onChange(
                      fields.techniques.map((other) =>
                        other.id === chosen.id ? { ...other, purpose: event.target.value as Purpose } : other,
                      ),
                    )
                  }
                >
                  {PURPOSES.map((each) => (
                    <option key={each}>{each}</option>
                  ))}
                </SelectField>
              </span>
            </Removable>
          );
        })}
      </ul>
      <div className="mt-2 flex flex-wrap gap-3">
        <div className="w-72">
          <SelectField
            label="Add a technique"
            labelHidden
            value=""
            onChange={(event) => event.target.value && onChange([...fields.techniques, { id: event.target.value, purpose }])}
          >
            <option value="">Add a technique</option>
            {left.map((technique) => (
              <option key={technique.id} value={technique.id}>
                {technique.name}
              </option>
            ))}
          </SelectField>
        </div>
        <div className="w-36">
          <SelectField label="to" labelHidden value={purpose} onChange={(event) => setPurpose(event.target.value as Purpose)}>
            {PURPOSES.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </SelectField>
        </div>
      </div>
    </Section>
  );
}

function RubricPicker({ fields, name, problem, onChange }: PickerProps<string | null> & { name?: string }) {
  const { data = [] } = useSWR<readonly RubricSummary[]>('/rubrics', fetcher);
  const published = data.filter((rubric) => rubric.editionId);
  const older = fields.rubricEditionId && !published.some((rubric) => rubric.editionId === fields.rubricEditionId);
  return (
    <Section title="Rubric">
      <div className="max-w-md">
        <SelectField
          label="Dishes are marked by"
          labelHidden
          value={fields.rubricEditionId ?? ''}
          problem={problem}
          onChange={(event) => onChange(event.target.value || null)}
        >
          <option value="">No rubric: nothing is marked</option>
          {older ? <option value={fields.rubricEditionId!}>{name ?? 'The edition in use'}</option> : null}
          {published.map((rubric) => (
            <option key={rubric.id} value={rubric.editionId!}>
              {rubric.name} (edition {rubric.edition})
            </option>
          ))}
        </SelectField>
      </div>
    </Section>
  );
}
