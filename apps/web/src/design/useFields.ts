import type { FormEvent } from 'react';
import { useForm, useWatch, type DefaultValues, type FieldValues, type Path, type PathValue } from 'react-hook-form';
import type { FieldProblem } from '@pelvo/contract';
import { fieldProblem } from '../device';

/** What is wrong, by field; a field that is right may be left out. */
export type Problems<T> = Readonly<Partial<Record<keyof T, FieldProblem | null>>>;

interface Options<T> {
  /** What is wrong with what stands in the boxes; shown from the first try to send it. */
  readonly check?: (fields: T) => Problems<T>;
  /** The error of the last try, whose field problems are shown at their boxes. */
  readonly refusal?: unknown;
}

/** A problem of one field, to be told beside its box. */
export const wrongField = (field: string, problem: string | null, remedy: string): FieldProblem | null =>
  problem === null ? null : { field, problem, remedy };

/**
 * The boxes of a form: what stands in them, what is wrong with them (by a check here, or by the server's refusal), and
 * what is to happen when all are right. The first wrong box gets the focus. What was typed stays whatever happens.
 *
 * @example const { box, onSubmit } = useFields({ name: '' }, { refusal: error });
 *          <form onSubmit={onSubmit(save)}><TextField label="Name" {...box('name')} /></form>
 */
export function useFields<T extends FieldValues>(start: T, { check, refusal }: Options<T> = {}) {
  const { register, handleSubmit, control, setValue, setFocus, reset, formState } = useForm<T>({
    defaultValues: start as DefaultValues<T>,
  });
  const fields = useWatch({ control }) as T;
  const found: Problems<T> = (formState.isSubmitted ? check?.(fields) : undefined) ?? ({} as Problems<T>);
  const problem = (name: keyof T & string): FieldProblem | null => found[name] ?? fieldProblem(refusal, name);
  const set = (change: Partial<T>) => {
    for (const [name, value] of Object.entries(change)) setValue(name as Path<T>, value as PathValue<T, Path<T>>);
  };
  const onSubmit = (then: (fields: T) => unknown) => (event: FormEvent) => {
    // A form inside another one's page section must not send that too.
    event.stopPropagation();
    void handleSubmit(async (now) => {
      const wrong = Object.entries(check?.(now as unknown as T) ?? {}).find(([, each]) => each);
      if (wrong) setFocus(wrong[0] as Path<T>);
      else await then(now as unknown as T);
    })(event as FormEvent<HTMLFormElement>);
  };
  return {
    fields,
    set,
    problem,
    onSubmit,
    /** Back to the start, or to other values. */
    reset: (values: T = start) => reset(values as DefaultValues<T>),
    /** What a box needs to be this field. The value is given too: choices that are loaded later then still show what is chosen. */
    box: (name: Path<T> & keyof T & string) => ({ ...register(name), value: fields[name] as string, problem: problem(name) }),
    busy: formState.isSubmitting,
  };
}
