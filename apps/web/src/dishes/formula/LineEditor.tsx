import {
  MOST_GAIN,
  readLine,
  SCALING_KINDS,
  SCALING_NAMES,
  unitOf,
  UNITS,
  type IngredientLine,
  type OneIs,
  type ScalingKind,
  type Scaling,
  type UnitCode,
  type Component,
  type YieldStep,
} from '@pelvo/core';
import type { DishSummary } from '@pelvo/contract';
import { Button, SelectField, TextField, Tick, useFields, wrongField, type Problems } from '../../design';
import { inWords, useBook } from '../../device';
import { amountText, parseAmount } from './amountText';
import { parsePercent, percentText } from './optional';

const YIELDS = [
  { kind: 'trim', label: 'Left after trimming' },
  { kind: 'cooking', label: 'Becomes, cooked' },
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
  readonly extra: boolean;
  readonly one: string;
  readonly oneIs: OneIs;
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
    extra: line.extra,
    one: line.one ? `${amountText(line.one)} ${line.one.unit}` : '',
    oneIs: line.oneIs,
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

/** What stands in the boxes, read; null where it cannot be. */
function readBoxes(fields: Fields) {
  return {
    amount: fields.amount.trim() ? parseAmount(fields.amount, fields.unit) : null,
    one: fields.one.trim() ? parseAmount(fields.one, 'g') : null,
    scaling: scalingOf(fields),
    yields: YIELDS.flatMap(({ kind }) =>
      fields[kind].trim() ? [{ kind, fraction: parsePercent(fields[kind], kind === 'cooking' ? MOST_GAIN : 1) }] : [],
    ),
  };
}

function problemsIn(fields: Fields): Problems<Fields> {
  const { amount, one, scaling, yields } = readBoxes(fields);
  const needsAmount = fields.scaling !== 'toTaste' && fields.scaling !== 'percentOf';
  return {
    item: wrongField('item', fields.item.trim() ? null : 'No ingredient.', 'Name it.'),
    amount:
      fields.amount.trim() && !amount
        ? wrongField('amount', `"${fields.amount}" is not an amount.`, 'Type 3, 1 1/2, 150-200 or 200 ml.')
        : wrongField('amount', needsAmount && !amount ? 'No amount.' : null, 'Type one, or let it scale "to taste".'),
    one: wrongField('one', fields.one.trim() && !one ? `"${fields.one}" is not an amount.` : null, 'Type 250 g or 400 ml.'),
    scaling: wrongField('scaling', scaling ? null : 'How it scales is not complete.', 'Give its number and, for a percentage, its line.'),
    ...Object.fromEntries(
      yields.map(({ kind, fraction }) => [
        kind,
        wrongField(
          kind,
          fraction ? null : 'A yield is not a percentage.',
          kind === 'cooking'
            ? 'Give more than 0; above 100 where it takes up water, such as 240 for rice.'
            : 'Give more than 0 and at most 100.',
        ),
      ]),
    ),
  };
}

/** Correcting what a line means. What was written stays beside it. */
export function LineEditor({ line, others, preparations, components = [], onSave, onCancel, onRemove }: LineEditorProps) {
  const book = useBook();
  const { fields, set, box, onSubmit } = useFields(fieldsOf(line), { check: problemsIn });
  const save = (typed: Fields) => {
    const { amount, one, scaling, yields } = readBoxes(typed);
    onSave({
      ...line,
      written:
        typed.written.trim() || `${typed.amount} ${typed.unit === 'each' ? '' : typed.unit} ${typed.item}`.replace(/\s+/g, ' ').trim(),
      item: typed.item.trim(),
      amount: typed.scaling === 'percentOf' ? null : amount,
      one,
      oneIs: one ? typed.oneIs : '',
      preparation: typed.preparation.trim(),
      note: typed.note.trim(),
      extra: typed.extra && typed.note.trim() !== '',
      scaling: scaling!,
      certainty: 'sure',
      doubts: [],
      preparationEditionId: typed.preparationEditionId || null,
      componentId: typed.componentId || null,
      yields: yields.map(({ kind, fraction }) => ({ kind, fraction: fraction! })),
    });
  };

  const readAgain = () =>
    set(
      fieldsOf({
        ...readLine(fields.written, book ?? undefined),
        id: line.id,
        preparationEditionId: line.preparationEditionId,
        componentId: line.componentId,
      }),
    );

  return (
    <form
      aria-label={`Correct "${line.written || 'new line'}"`}
      className="space-y-3 border-2 border-ink bg-tile p-4"
      noValidate
      onSubmit={onSubmit(save)}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onCancel();
      }}
    >
      {line.doubts.length > 0 ? (
        <p className="font-semibold">{line.doubts.map((doubt) => inWords({ code: 'doubt', doubt })).join(' ')}</p>
      ) : null}
      <div className="flex flex-wrap items-end gap-3">
        <div className="min-w-64 flex-1">
          <TextField label="As written" {...box('written')} />
        </div>
        <Button onClick={readAgain}>Read again</Button>
      </div>
      <div className="grid gap-3 sm:grid-cols-[8rem_9rem_1fr]">
        <TextField autoFocus label="Amount" disabled={fields.scaling === 'percentOf'} {...box('amount')} />
        <SelectField label="Unit" {...box('unit')}>
          {UNITS.map((unit) => (
            <option key={unit.code} value={unit.code}>
              {unit.one || 'each'}
            </option>
          ))}
        </SelectField>
        <TextField label="Ingredient" {...box('item')} />
      </div>
      <div className="grid gap-3 sm:grid-cols-3">
        <TextField label="Preparation" {...box('preparation')} />
        <TextField label="One weighs or holds" placeholder="250 g" {...box('one')} />
        <TextField label="Note" {...box('note')} />
      </div>
      {fields.one.trim() && unitOf(fields.unit).pack ? (
        <div className="max-w-xs">
          <SelectField label="That is" {...box('oneIs')}>
            <option value="">as its label says</option>
            <option value="gross">with its liquid</option>
            <option value="drained">drained</option>
          </SelectField>
        </div>
      ) : null}
      {fields.note.trim() ? (
        <Tick
          label="The note asks for more than the amount: say so on the order"
          checked={fields.extra}
          onChange={(extra) => set({ extra })}
        />
      ) : null}
      <div className="grid gap-3 sm:grid-cols-3">
        <SelectField label="How it scales" {...box('scaling')}>
          {SCALING_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {SCALING_NAMES[kind]}
            </option>
          ))}
        </SelectField>
        {fields.scaling === 'byTheLoad' ? <TextField label="Portions a load" {...box('load')} /> : null}
        {fields.scaling === 'toTaste' ? (
          <TextField label="Set aside a portion" placeholder="2 g, or leave empty" {...box('allowance')} />
        ) : null}
        {fields.scaling === 'percentOf' ? (
          <>
            <TextField label="Percent" {...box('percent')} />
            <SelectField label="Of" {...box('followed')}>
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
          <SelectField label="Made in-house as" {...box('preparationEditionId')}>
            <option value="">bought</option>
            {preparations.map((dish) => (
              <option key={dish.id} value={dish.editionId!}>
                {dish.title}
              </option>
            ))}
          </SelectField>
        ) : null}
      </div>
      <details open={YIELDS.some(({ kind }) => fields[kind].trim()) || fields.componentId !== ''}>
        <summary className="min-h-9 content-center font-semibold">Losses and gains, and where it comes from</summary>
        <div className="mt-1 grid gap-3 sm:grid-cols-4">
          {YIELDS.map(({ kind, label }) => (
            <TextField key={kind} label={label} placeholder="percent" inputMode="decimal" {...box(kind)} />
          ))}
          {components.length > 0 ? (
            <SelectField label="Taken from" {...box('componentId')}>
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
          Fill one in when the amount above is of the prepared ingredient: the order then buys what it was before. 80 is left after peeling;
          boiled rice becomes 280.
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
