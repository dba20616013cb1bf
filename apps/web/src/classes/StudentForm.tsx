import { ALLERGENS, DIETS, type Allergen, type Diet } from '@pelvo/core';
import type { Student, StudentFields } from '@pelvo/contract';
import { problemOf, useAction } from '../device';
import { Button, ProblemNotice, TextField, Tick, useFields } from '../design';

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
  const { error, run } = useAction();
  const { fields, set, box, problem, onSubmit, busy } = useFields<StudentFields>(
    {
      name: student?.name ?? '',
      number: student?.number ?? '',
      needs: student?.needs ?? { allergens: [], diets: [], note: '' },
    },
    { refusal: error },
  );
  const setNeeds = (change: Partial<StudentFields['needs']>) => set({ needs: { ...fields.needs, ...change } });
  return (
    <form noValidate className="space-y-4" onSubmit={onSubmit((now) => run(() => onSave(now)))}>
      <div className="grid gap-3 sm:grid-cols-[1fr_8rem]">
        <TextField autoFocus label="Name" {...box('name')} />
        <TextField label="Number" {...box('number')} />
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
        problem={problem('needs')}
        onChange={(event) => setNeeds({ note: event.target.value })}
      />
      {error && !problemOf(error).errors ? <ProblemNotice error={error} /> : null}
      <Button kind="main" type="submit" busy={busy}>
        {action}
      </Button>
    </form>
  );
}
