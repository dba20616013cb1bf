import { useState } from 'react';
import {
  readLine,
  SCALING_KINDS,
  SCALING_NAMES,
  UNITS,
  type IngredientLine,
  type ScalingKind,
  type Scaling,
  type UnitCode,
  type Component,
  type YieldStep,
} from '@pelvo/core';
import type { DishSummary } from '@pelvo/contract';
import { Button, SelectField, TextField } from '../../design';
import { inWords } from '../../device';
import { amountText, parseAmount } from './amountText';
import { parsePercent, percentText } from './optional';

const YIELDS = [
  { kind: 'trim', label: 'Left after trimming' },
  { kind: 'cooking', label: 'Left after cooking' },
  { kind: 'reduction', label: 'Left after reducing' },
] as const;

interface LineEditorProps {
  readonly line: IngredientLine;
  /** The other lines of the dish, for "percent of". */
  readonly others: readonly IngredientLine[];
  /** Published sub-preparations a line can draw on. */
  readonly preparations: readonly DishSummary[];
  /** The other components of the dish, which a line can take from. */
  readonly components?: readonly Component[];
  readonly onSave: (line: IngredientLine) => void;
  readonly onCancel: () => void;
  readonly onRemove?: () => void;
}

interface Fields {
  readonly written: string;
  readonly amount: string;
  readonly unit: UnitCode;
  readonly item: string;
  readonly preparation: string;
  readonly note: string;
  readonly one: string;
  readonly scaling: ScalingKind;
  readonly percent: string;
  readonly followed: string;
  readonly load: string;
  readonly allowance: string;
  readonly preparationEditionId: string;
  readonly componentId: string;
  readonly trim: string;
  readonly cooking: string;
  readonly reduction: string;
}

function fieldsOf(line: IngredientLine): Fields {
  const { scaling } = line;
  return {
    written: line.written,
    amount: amountText(line.amount),
    unit: line.amount?.unit ?? 'g',
    item: line.item,
    preparation: line.preparation,
    note: line.note,
    one: line.one ? `${amountText(line.one)} ${line.one.unit}` : '',
    scaling: scaling.kind,
    percent: scaling.kind === 'percentOf' ? amountText({ min: scaling.percent, max: scaling.percent, unit: 'each', about: false }) : '',
    followed: scaling.kind === 'percentOf' ? scaling.lineId : '',
    load:
      scaling.kind === 'byTheLoad'
        ? amountText({ min: scaling.portionsALoad, max: scaling.portionsALoad, unit: 'each', about: false })
        : '4',
    allowance: scaling.kind === 'toTaste' && scaling.allowance ? `${amountText(scaling.allowance)} ${scaling.allowance.unit}` : '',
    preparationEditionId: line.preparationEditionId ?? '',
    componentId: line.componentId ?? '',
    trim: yieldText(line, 'trim'),
    cooking: yieldText(line, 'cooking'),
    reduction: yieldText(line, 'reduction'),
  };
}

const yieldText = (line: IngredientLine, kind: YieldStep['kind']) => {
  const step = line.yields.find((each) => each.kind === kind);
  return step ? percentText(step.fraction) : '';
};

const wrong = (field: string, problem: string, remedy: string) => ({ field, problem, remedy });

/** Correcting what a line means. What was written stays beside it. */
export function LineEditor({ line, others, preparations, components = [], onSave, onCancel, onRemove }: LineEditorProps) {
  const [fields, setFields] = useState(() => fieldsOf(line));
  const [tried, setTried] = useState(false);
  const set = (change: Partial<Fields>) => setFields((now) => ({ ...now, ...change }));

  const needsAmount = fields.scaling !== 'toTaste' && fields.scaling !== 'percentOf';
  const amount = fields.amount.trim() ? parseAmount(fields.amount, fields.unit) : null;
  const one = fields.one.trim() ? parseAmount(fields.one, 'g') : null;
  const scaling = scalingOf(fields);
  const yields = YIELDS.flatMap(({ kind }) => (fields[kind].trim() ? [{ kind, fraction: parsePercent(fields[kind]) }] : []));
  const problems = {
    item: fields.item.trim() ? null : wrong('item', 'No ingredient.', 'Name it.'),
    amount:
      fields.amount.trim() && !amount
        ? wrong('amount', `"${fields.amount}" is not an amount.`, 'Type 3, 1 1/2, 150-200 or 200 ml.')
        : needsAmount && !amount
          ? wrong('amount', 'No amount.', 'Type one, or let it scale "to taste".')
          : null,
    one: fields.one.trim() && !one ? wrong('one', `"${fields.one}" is not an amount.`, 'Type 250 g or 400 ml.') : null,
    yields: yields.every((step) => step.fraction)
      ? null
      : wrong('yields', 'A yield is not a percentage.', 'Give more than 0 and at most 100.'),
    scaling: scaling ? null : wrong('scaling', 'How it scales is not complete.', 'Give its number and, for a percentage, its line.'),
  };
  const isRight = Object.values(problems).every((problem) => problem === null);
  const shown = tried ? problems : { item: null, amount: null, one: null, scaling: null, yields: null };

  const save = () => {
    setTried(true);
    if (!isRight || !scaling) return;
    onSave({
      ...line,
      written:
        fields.written.trim() || `${fields.amount} ${fields.unit === 'each' ? '' : fields.unit} ${fields.item}`.replace(/\s+/g, ' ').trim(),
      item: fields.item.trim(),
      amount: fields.scaling === 'percentOf' ? null : amount,
      one,
      preparation: fields.preparation.trim(),
      note: fields.note.trim(),
      scaling,
      certainty: 'sure',
      doubts: [],
      preparationEditionId: fields.preparationEditionId || null,
      componentId: fields.componentId || null,
      yields: yields.map(({ kind, fraction }) => ({ kind, fraction: fraction! })),
    });
  };

  const readAgain = () =>
    setFields((now) =>
      fieldsOf({ ...readLine(now.written), id: line.id, preparationEditionId: line.preparationEditionId, componentId: line.componentId }),
    );

  return (
    <form
      aria-label={`Correct "${line.written || 'new line'}"`}
      className="space-y-3 border-2 border-ink bg-tile p-4"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onCancel();
      }}
    >
      {line.doubts.length > 0 ? (
        <p className="font-semibold">{line.doubts.map((doubt) => inWords({ code: 'doubt', doubt })).join(' ')}</p>
      ) : null}
      <div className="flex flex-wrap items-end gap-3">
        <div className="min-w-64 flex-1">
          <TextField label="As written" value={fields.written} onChange={(event) => set({ written: event.target.value })} />
        </div>
        <Button onClick={readAgain}>Read again</Button>
      </div>
      <div className="grid gap-3 sm:grid-cols-[8rem_9rem_1fr]">
        <TextField
          autoFocus
          label="Amount"
          disabled={fields.scaling === 'percentOf'}
          value={fields.amount}
          problem={shown.amount}
          onChange={(event) => set({ amount: event.target.value })}
        />
        <SelectField label="Unit" value={fields.unit} onChange={(event) => set({ unit: event.target.value as UnitCode })}>
          {UNITS.map((unit) => (
            <option key={unit.code} value={unit.code}>
              {unit.one || 'each'}
            </option>
          ))}
        </SelectField>
        <TextField label="Ingredient" value={fields.item} problem={shown.item} onChange={(event) => set({ item: event.target.value })} />
      </div>
      <div className="grid gap-3 sm:grid-cols-3">
        <TextField label="Preparation" value={fields.preparation} onChange={(event) => set({ preparation: event.target.value })} />
        <TextField
          label="One weighs or holds"
          placeholder="250 g"
          value={fields.one}
          problem={shown.one}
          onChange={(event) => set({ one: event.target.value })}
        />
        <TextField label="Note" value={fields.note} onChange={(event) => set({ note: event.target.value })} />
      </div>
      <div className="grid gap-3 sm:grid-cols-3">
        <SelectField
          label="How it scales"
          value={fields.scaling}
          problem={shown.scaling}
          onChange={(event) => set({ scaling: event.target.value as ScalingKind })}
        >
          {SCALING_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {SCALING_NAMES[kind]}
            </option>
          ))}
        </SelectField>
        {fields.scaling === 'byTheLoad' ? (
          <TextField label="Portions a load" value={fields.load} onChange={(event) => set({ load: event.target.value })} />
        ) : null}
        {fields.scaling === 'toTaste' ? (
          <TextField
            label="Set aside a portion"
            placeholder="2 g, or leave empty"
            value={fields.allowance}
            onChange={(event) => set({ allowance: event.target.value })}
          />
        ) : null}
        {fields.scaling === 'percentOf' ? (
          <>
            <TextField label="Percent" value={fields.percent} onChange={(event) => set({ percent: event.target.value })} />
            <SelectField label="Of" value={fields.followed} onChange={(event) => set({ followed: event.target.value })}>
              <option value="">Choose a line</option>
              {others.map((other) => (
                <option key={other.id} value={other.id}>
                  {other.item || other.written}
                </option>
              ))}
            </SelectField>
          </>
        ) : null}
        {preparations.length > 0 && fields.scaling !== 'percentOf' ? (
          <SelectField
            label="Made in-house as"
            value={fields.preparationEditionId}
            onChange={(event) => set({ preparationEditionId: event.target.value })}
          >
            <option value="">bought</option>
            {preparations.map((dish) => (
              <option key={dish.id} value={dish.editionId!}>
                {dish.title}
              </option>
            ))}
          </SelectField>
        ) : null}
      </div>
      <details open={yields.length > 0 || fields.componentId !== ''}>
        <summary className="min-h-9 content-center font-semibold">Losses, and where it comes from</summary>
        <div className="mt-1 grid gap-3 sm:grid-cols-4">
          {YIELDS.map(({ kind, label }) => (
            <TextField
              key={kind}
              label={label}
              placeholder="percent"
              inputMode="decimal"
              value={fields[kind]}
              problem={shown.yields}
              onChange={(event) => set({ [kind]: event.target.value })}
            />
          ))}
          {components.length > 0 ? (
            <SelectField label="Taken from" value={fields.componentId} onChange={(event) => set({ componentId: event.target.value })}>
              <option value="">the store</option>
              {components.map((component) => (
                <option key={component.id} value={component.id}>
                  {component.name || 'the main list'}
                </option>
              ))}
            </SelectField>
          ) : null}
        </div>
        <p className="mt-1 text-small text-soft">
          Fill a yield in when the amount above is of the prepared ingredient; the order then buys what was lost.
        </p>
      </details>
      <div className="flex flex-wrap gap-2">
        <Button type="submit" kind="main">
          Settle this line
        </Button>
        <Button onClick={onCancel}>Leave as it is</Button>
        {onRemove ? (
          <Button kind="quiet" onClick={onRemove}>
            Remove the line
          </Button>
        ) : null}
      </div>
    </form>
  );
}

function scalingOf(fields: Fields): Scaling | null {
  switch (fields.scaling) {
    case 'byTheLoad': {
      const load = parseAmount(fields.load, 'each');
      return load ? { kind: 'byTheLoad', portionsALoad: load.max } : null;
    }
    case 'percentOf': {
      const percent = parseAmount(fields.percent, 'each');
      return percent && fields.followed ? { kind: 'percentOf', percent: percent.max, lineId: fields.followed } : null;
    }
    case 'toTaste': {
      if (!fields.allowance.trim()) return { kind: 'toTaste', allowance: null };
      const allowance = parseAmount(fields.allowance, 'g');
      return allowance ? { kind: 'toTaste', allowance } : null;
    }
    default:
      return { kind: fields.scaling };
  }
}
