import { useId, type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, type TextareaHTMLAttributes } from 'react';
import type { FieldProblem } from '@pelvo/contract';

const BOX = 'w-full min-h-11 rounded-sm border-2 bg-tile px-3 py-2 text-ink placeholder:text-soft disabled:bg-wash';
const border = (wrong: boolean) => (wrong ? 'border-beet border-dashed' : 'border-line hover:border-soft');

interface Shared {
  readonly label: string;
  /** Said below the box while nothing is wrong. */
  readonly hint?: ReactNode;
  readonly problem?: FieldProblem | null;
  /** Hides the label from sight, not from screen readers. */
  readonly labelHidden?: boolean;
}

interface Ids {
  readonly id: string;
  readonly 'aria-describedby'?: string;
  readonly 'aria-invalid'?: true;
}

function Frame({ label, hint, problem, labelHidden, children }: Shared & { children: (ids: Ids) => ReactNode }) {
  const id = useId();
  const about = `${id}-about`;
  const said = problem ? (
    <span className="font-semibold text-beet">
      {problem.problem} {problem.remedy}
    </span>
  ) : (
    hint
  );
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={labelHidden ? 'sr-only' : 'mb-1 block font-semibold'}>
        {label}
      </label>
      {children({ id, ...(said ? { 'aria-describedby': about } : {}), ...(problem ? { 'aria-invalid': true as const } : {}) })}
      {said ? (
        <p id={about} className="mt-1 text-small text-soft">
          {said}
        </p>
      ) : null}
    </div>
  );
}

export function TextField({ label, hint, problem, labelHidden, className = '', ...rest }: Shared & InputHTMLAttributes<HTMLInputElement>) {
  return (
    <Frame {...{ label, hint, problem, labelHidden }}>
      {(ids) => <input {...rest} {...ids} className={`${BOX} read-only:bg-wash ${border(Boolean(problem))} ${className}`} />}
    </Frame>
  );
}

export function TextArea({
  label,
  hint,
  problem,
  labelHidden,
  className = '',
  ...rest
}: Shared & TextareaHTMLAttributes<HTMLTextAreaElement>) {
  return (
    <Frame {...{ label, hint, problem, labelHidden }}>
      {(ids) => <textarea {...rest} {...ids} className={`${BOX} ${border(Boolean(problem))} ${className}`} />}
    </Frame>
  );
}

export function SelectField({
  label,
  hint,
  problem,
  labelHidden,
  className = '',
  children,
  ...rest
}: Shared & SelectHTMLAttributes<HTMLSelectElement>) {
  return (
    <Frame {...{ label, hint, problem, labelHidden }}>
      {(ids) => (
        <select {...rest} {...ids} className={`${BOX} ${border(Boolean(problem))} ${className}`}>
          {children}
        </select>
      )}
    </Frame>
  );
}

interface StepperProps extends Shared {
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly onChange: (value: number) => void;
  readonly big?: boolean;
}

/** A whole number with a touch for one less and one more; typing works too. */
export function Stepper({ value, min, max, onChange, big = false, ...shared }: StepperProps) {
  const size = big ? 'min-h-14 min-w-14 text-2xl' : 'min-h-11 min-w-11 text-lg';
  const set = (next: number) => onChange(Math.min(max, Math.max(min, next)));
  return (
    <Frame {...shared}>
      {(ids) => (
        <div className="flex">
          <button
            type="button"
            aria-label={`${shared.label}: one less`}
            disabled={value <= min}
            onClick={() => set(value - 1)}
            className={`${size} rounded-l-sm border-2 border-r-0 border-ink bg-tile font-bold disabled:opacity-40`}
          >
            −
          </button>
          <input
            {...ids}
            inputMode="numeric"
            value={value}
            onChange={(event) => {
              const digits = event.target.value.replace(/\D/g, '');
              if (digits) set(Number(digits));
            }}
            onFocus={(event) => event.target.select()}
            className={`${size} w-16 border-2 border-ink bg-tile text-center font-bold`}
          />
          <button
            type="button"
            aria-label={`${shared.label}: one more`}
            disabled={value >= max}
            onClick={() => set(value + 1)}
            className={`${size} rounded-r-sm border-2 border-l-0 border-ink bg-tile font-bold disabled:opacity-40`}
          >
            +
          </button>
        </div>
      )}
    </Frame>
  );
}

interface ChoiceProps<T extends string | number> {
  readonly label: string;
  readonly labelHidden?: boolean;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChange: (value: T) => void;
}

/** A few choices side by side, one of them taken. */
export function Choice<T extends string | number>({ label, labelHidden, value, options, onChange }: ChoiceProps<T>) {
  const name = useId();
  return (
    <fieldset>
      <legend className={labelHidden ? 'sr-only' : 'mb-1 font-semibold'}>{label}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map((option) => (
          <label
            key={option.value}
            className="inline-flex min-h-11 items-center rounded-sm border-2 border-line bg-tile px-3 has-checked:border-ink has-checked:bg-ink has-checked:text-white has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-beet"
          >
            <input type="radio" name={name} className="sr-only" checked={option.value === value} onChange={() => onChange(option.value)} />
            {option.label}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** A box to tick, with its label as part of the target. */
export function Tick({
  label,
  checked,
  onChange,
  disabled,
}: {
  label: ReactNode;
  checked: boolean;
  onChange: (checked: boolean) => void;
  disabled?: boolean;
}) {
  return (
    <label className="inline-flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        className="size-5 accent-beet"
        checked={checked}
        disabled={disabled}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}
