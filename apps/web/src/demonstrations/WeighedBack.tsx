import { useState } from 'react';
import { Link } from 'react-router';
import {
  DEMONSTRATION_LIMITS,
  exact,
  exactText,
  lineAsUsed,
  linesOf,
  readTyped,
  reallyUsed,
  showDecimal,
  usedUp,
  words,
  type Demonstration,
  type Weighing,
} from '@pelvo/core';
import type { LessonDish } from '@pelvo/contract';
import { newId, useBook } from '../device';
import { Button, Section, SelectField, TextField } from '../design';

/** A weight as it was read off, not as the fraction that it is kept as: 85.5 g, not 171/2. */
const asReadOff = (kept: string): string => `${showDecimal(exact(kept))} g`;

interface WeighedBackProps {
  readonly dish: LessonDish;
  readonly content: Demonstration;
  readonly before: readonly Weighing[];
  readonly onChange: (part: Partial<Demonstration>) => void;
}

/** What was weighed before and after, and what lines therefore really take. */
export function WeighedBack({ dish, content, before, onChange }: WeighedBackProps) {
  const book = useBook() ?? undefined;
  const lines = linesOf(dish.content).filter(({ componentId }) => componentId === null);
  const found = reallyUsed(lines, [...content.weighings, ...before], book);
  const lineOf = (id: string) => lines.find((line) => line.id === id);
  const grams = (value: { valueOf: () => number }) => Math.round(value.valueOf());
  return (
    <Section title="Weighed back">
      {found.length > 0 ? (
        <table className="mb-4 w-full text-left">
          <thead className="text-small text-soft">
            <tr>
              <th scope="col">Line</th>
              <th scope="col">It says</th>
              <th scope="col">Really used</th>
              <td />
            </tr>
          </thead>
          <tbody className="divide-y divide-line border-y border-line">
            {found.map((used) => {
              const { lineId, times, least, most, mean, says } = used;
              const line = lineOf(lineId)!;
              const { amount, note } = lineAsUsed(line, used, 'weighed back');
              return (
                <tr key={lineId}>
                  <td className="py-2">{line.written || line.item}</td>
                  <td className="py-2 tabular-nums">{says ? `${grams(says)} g` : 'no weight'}</td>
                  <td className="py-2 font-semibold tabular-nums">
                    {least.equals(most) ? `${grams(mean)} g` : `${grams(least)} to ${grams(most)} g, mean ${grams(mean)} g`}{' '}
                    <span className="text-small font-normal text-soft">
                      weighed {times} {times === 1 ? 'time' : 'times'}
                    </span>
                  </td>
                  <td className="py-2 text-right">
                    <Link
                      to={`/dishes/${dish.dishId}`}
                      state={{ used: { lineId, amount, note }, carried: `${line.item}, ${grams(mean)} g`, from: 'Weighed back' }}
                      className="inline-flex min-h-11 items-center"
                    >
                      Propose for the next edition
                    </Link>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      ) : null}
      {content.weighings.length > 0 ? (
        <ul className="mb-4 divide-y divide-line border-y border-line">
          {content.weighings.map((weighing) => (
            <li key={weighing.id} className="flex items-center justify-between gap-3">
              <span className="tabular-nums">
                {lineOf(weighing.lineId)?.item ?? 'a line that is gone'}: {asReadOff(weighing.before)} before
                {weighing.added.map((more) => `, ${asReadOff(more)} added`).join('')}, {asReadOff(weighing.after)} left
              </span>
              <Button kind="quiet" onClick={() => onChange({ weighings: content.weighings.filter(({ id }) => id !== weighing.id) })}>
                Take away
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
      <details>
        <summary className="flex min-h-11 items-center font-semibold">Weigh something back</summary>
        <WeighForm
          lines={lines}
          full={content.weighings.length >= DEMONSTRATION_LIMITS.weighings}
          onAdd={(weighing) => onChange({ weighings: [...content.weighings, weighing] })}
        />
      </details>
    </Section>
  );
}

const BAD = { problem: 'This is not a weight.', remedy: 'Give grams, such as 850 or 12.5.' };

function WeighForm({ lines, full, onAdd }: { lines: ReturnType<typeof linesOf>; full: boolean; onAdd: (weighing: Weighing) => void }) {
  const [lineId, setLineId] = useState(lines[0]?.id ?? '');
  const [typed, setTyped] = useState({ before: '', added: '', after: '' });
  const [wrong, setWrong] = useState<{ readonly field: string; readonly problem: string; readonly remedy: string } | null>(null);
  const add = () => {
    const read = (text: string) => {
      const number = readTyped(text);
      return number.kind !== 'number' || number.value.compare(0) < 0 ? null : exactText(number.value);
    };
    const before = read(typed.before);
    const after = read(typed.after);
    const parts = typed.added.split(/[+;\s]+/).filter(Boolean);
    const added = parts.map(read);
    const field = before === null ? 'before' : added.includes(null) ? 'added' : after === null ? 'after' : null;
    if (field || before === null || after === null) return setWrong({ field: field!, ...BAD });
    const weighing: Weighing = { id: newId(), lineId, before, added: added as readonly string[], after };
    const used = usedUp(weighing);
    if ('field' in used) return setWrong({ field: used.field, problem: words(used.problem), remedy: words(used.remedy) });
    setWrong(null);
    setTyped({ before: '', added: '', after: '' });
    onAdd(weighing);
  };
  const field = (name: keyof typeof typed, label: string, hint?: string) => (
    <TextField
      label={label}
      hint={hint}
      inputMode="decimal"
      value={typed[name]}
      problem={wrong?.field === name ? wrong : null}
      onChange={(event) => setTyped((now) => ({ ...now, [name]: event.target.value }))}
    />
  );
  if (full) return <p>No more fit here. Take one away first.</p>;
  return (
    <div className="grid items-start gap-3 sm:grid-cols-4">
      <SelectField label="Line" value={lineId} onChange={(event) => setLineId(event.target.value)}>
        {lines.map((line) => (
          <option key={line.id} value={line.id}>
            {line.written || line.item}
          </option>
        ))}
      </SelectField>
      {field('before', 'Bowl before, g')}
      {field('added', 'Added, g', 'Several: 50 + 30')}
      {field('after', 'Bowl after, g')}
      <div>
        <Button onClick={add}>Add</Button>
      </div>
    </div>
  );
}
