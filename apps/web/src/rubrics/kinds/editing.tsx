import type { ComponentType } from 'react';
import type { Criterion, CriterionOf } from '@pelvo/core';
import { TextField } from '../../design';

/** How a kind of criterion is read, changed and begun in a rubric. */
export interface EditingOf<K extends Criterion['kind']> {
  /** "levels with descriptors": what it is called where one is added. */
  readonly called: string;
  /** What it is judged by, each with its name. */
  readonly cells: (criterion: CriterionOf<K>) => readonly (readonly [name: string, text: string])[];
  readonly Editing: ComponentType<EditingProps<K>>;
  /** What a new one has beside its key, name, strand, evidence and faults. */
  readonly fresh: Omit<CriterionOf<K>, 'key' | 'name' | 'strand' | 'evidence' | 'faults' | 'kind'>;
}

export interface EditingProps<K extends Criterion['kind']> {
  readonly criterion: CriterionOf<K>;
  readonly onChange: (criterion: CriterionOf<K>) => void;
}

/** A list with one entry of another value. */
export const withAt = <T extends readonly unknown[]>(list: T, at: number, value: T[number]): T =>
  list.map((each, index) => (index === at ? value : each)) as unknown as T;

/** A number to type; what is no number is 0. */
export function NumberField({
  label,
  value,
  onChange,
  min = 0,
  max,
}: {
  label: string;
  value: number;
  onChange: (value: number) => void;
  min?: number;
  max: number;
}) {
  return (
    <TextField
      label={label}
      type="number"
      min={min}
      max={max}
      step="any"
      value={value}
      onChange={(event) => onChange(Number(event.target.value) || 0)}
    />
  );
}
