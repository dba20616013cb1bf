import { X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import useSWR from 'swr';
import { PURPOSES, type Purpose } from '@pelvo/core';
import type { LessonFields, RubricSummary } from '@pelvo/contract';
import { fetcher, useDishSearch, useTechniques, type fieldProblem } from '../device';
import { FindDish, Section, SelectField, StrandGlyph } from '../design';

interface PickerProps<T> {
  readonly fields: LessonFields;
  readonly onChange: (value: T) => void;
  readonly problem?: ReturnType<typeof fieldProblem>;
}

function Removable({ label, onRemove, children }: { label: string; onRemove: () => void; children: ReactNode }) {
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

export function DishPicker({
  fields,
  titles,
  problem,
  onChange,
}: PickerProps<readonly string[]> & { titles: Readonly<Record<string, string>> }) {
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

export function TechniquePicker({ fields, onChange }: PickerProps<LessonFields['techniques']>) {
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

export function RubricPicker({ fields, name, problem, onChange }: PickerProps<string | null> & { name?: string }) {
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
