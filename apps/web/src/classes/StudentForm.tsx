import { useState } from 'react';
import { ALLERGENS, DIETS, type Allergen, type Diet } from '@pelvo/core';
import type { Student, StudentFields } from '@pelvo/contract';
import { fieldProblem, problemOf, useAction } from '../device';
import { Button, ProblemNotice, TextField, Tick } from '../design';

const toggled = <T,>(list: readonly T[], value: T, on: boolean): readonly T[] =>
  on ? [...list, value] : list.filter((other) => other !== value);

/** A student's name and needs, new or changed. */
export function StudentForm({
  student,
  onSave,
  action,
}: {
  student?: Student;
  onSave: (fields: StudentFields) => Promise<void>;
  action: string;
}) {
  const [fields, setFields] = useState<StudentFields>({
    name: student?.name ?? '',
    number: student?.number ?? '',
    needs: student?.needs ?? { allergens: [], diets: [], note: '' },
  });
  const setNeeds = (change: Partial<StudentFields['needs']>) => setFields((now) => ({ ...now, needs: { ...now.needs, ...change } }));
  const { busy, error, run } = useAction();
  const submit = async () => {
    await run(async () => {
      await onSave(fields);
    });
  };
  return (
    <form
      noValidate
      className="space-y-4"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <div className="grid gap-3 sm:grid-cols-[1fr_8rem]">
        <TextField
          autoFocus
          label="Name"
          value={fields.name}
          problem={fieldProblem(error, 'name')}
          onChange={(event) => setFields({ ...fields, name: event.target.value })}
        />
        <TextField
          label="Number"
          value={fields.number}
          problem={fieldProblem(error, 'number')}
          onChange={(event) => setFields({ ...fields, number: event.target.value })}
        />
      </div>
      <fieldset>
        <legend className="font-semibold">Must not eat</legend>
        <div className="grid grid-cols-2 sm:grid-cols-4">
          {ALLERGENS.map((allergen: Allergen) => (
            <Tick
              key={allergen}
              label={allergen}
              checked={fields.needs.allergens.includes(allergen)}
              onChange={(on) => setNeeds({ allergens: toggled(fields.needs.allergens, allergen, on) })}
            />
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="font-semibold">Diet</legend>
        <div className="flex flex-wrap gap-x-5">
          {DIETS.map((diet: Diet) => (
            <Tick
              key={diet}
              label={diet}
              checked={fields.needs.diets.includes(diet)}
              onChange={(on) => setNeeds({ diets: toggled(fields.needs.diets, diet, on) })}
            />
          ))}
        </div>
      </fieldset>
      <TextField
        label="Note"
        value={fields.needs.note}
        problem={fieldProblem(error, 'needs')}
        onChange={(event) => setNeeds({ note: event.target.value })}
      />
      {error && !problemOf(error).errors ? <ProblemNotice error={error} /> : null}
      <Button kind="main" type="submit" busy={busy}>
        {action}
      </Button>
    </form>
  );
}
