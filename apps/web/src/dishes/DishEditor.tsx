import { ArrowDown, ArrowUp, Plus, X } from 'lucide-react';
import { useState } from 'react';
import useSWR from 'swr';
import {
  linesOf,
  minutesIn,
  readLine,
  suggestTechniques,
  type Component,
  type DishContent,
  type IngredientLine,
  type MethodStep,
} from '@pelvo/core';
import type { DishSummary, Page, Technique } from '@pelvo/contract';
import { fetcher } from '../app/client';
import { Button, Section, SelectField, StrandGlyph, TextArea, TextField } from '../design';
import { useTechniques } from '../techniques';
import { LineEditor } from './LineEditor';
import { LineRow } from './LineRow';

const newId = () => crypto.randomUUID();

interface DishEditorProps {
  readonly content: DishContent;
  /** Left out where the dish is only looked at. */
  readonly onChange?: (content: DishContent) => void;
  /** Lines can be corrected, but lines, components and steps come from a text beside it. */
  readonly readOnlyShape?: boolean;
}

/** The formula and method of a dish: each line as written beside what it means, doubtful ones marked. */
export function DishEditor({ content, onChange, readOnlyShape = false }: DishEditorProps) {
  const shape = readOnlyShape ? undefined : onChange;
  const { data: dishes } = useSWR<Page<DishSummary>>(onChange ? '/dishes' : null, fetcher);
  const preparations = (dishes?.items ?? []).filter((dish) => dish.isPreparation && dish.editionId);
  const lines = linesOf(content);
  const open = lines.filter((line) => line.certainty !== 'sure');
  const setComponent = (id: string, change: (component: Component) => Component) =>
    onChange?.({ ...content, components: content.components.map((component) => (component.id === id ? change(component) : component)) });
  return (
    <div>
      {open.length > 0 ? (
        <p className="mb-3 flex flex-wrap items-center gap-x-3 border-2 border-dashed border-beet px-3 py-1 font-semibold">
          {open.length === 1 ? 'One line needs' : `${open.length} lines need`} your eye.
          {onChange ? (
            <Button kind="quiet" onClick={() => showLine(open[0]!.id)}>
              Go to the first
            </Button>
          ) : (
            ' A lead instructor can settle it.'
          )}
        </p>
      ) : null}
      {content.components.map((component) => (
        <Section
          key={component.id}
          title={component.name || 'Ingredients'}
          aside={
            shape ? (
              <Button
                kind="quiet"
                onClick={() => setComponent(component.id, (now) => ({ ...now, lines: [...now.lines, { id: newId(), ...readLine('') }] }))}
              >
                <Plus aria-hidden className="size-4" /> Add a line
              </Button>
            ) : null
          }
        >
          <Lines
            component={component}
            all={lines}
            preparations={preparations}
            canRemove={Boolean(shape)}
            onChange={onChange ? (own) => setComponent(component.id, (now) => ({ ...now, lines: own })) : undefined}
          />
        </Section>
      ))}
      {shape ? (
        <NewComponent onAdd={(name) => shape({ ...content, components: [...content.components, { id: newId(), name, lines: [] }] })} />
      ) : null}
      <Method steps={content.method} onChange={shape ? (method) => shape({ ...content, method }) : undefined} />
    </div>
  );
}

/** Brings a line into view and under the keyboard. */
function showLine(id: string): void {
  const line = document.getElementById(`line-${id}`);
  line?.scrollIntoView({ block: 'center' });
  line?.querySelector<HTMLElement>('button, input')?.focus();
}

interface LinesProps {
  readonly component: Component;
  readonly all: readonly IngredientLine[];
  readonly preparations: readonly DishSummary[];
  readonly canRemove: boolean;
  readonly onChange?: (lines: readonly IngredientLine[]) => void;
}

function Lines({ component, all, preparations, canRemove, onChange }: LinesProps) {
  const [openId, setOpenId] = useState<string | null>(null);
  if (component.lines.length === 0) return <p className="py-2 text-soft">No line yet.</p>;
  return (
    <ul className="divide-y divide-line">
      {component.lines.map((line) => {
        const isNew = !line.written && !line.item;
        return (
          <li key={line.id} id={`line-${line.id}`}>
            {onChange && (openId === line.id || isNew) ? (
              <LineEditor
                line={line}
                others={all.filter((other) => other.id !== line.id)}
                preparations={preparations}
                onSave={(saved) => {
                  onChange(component.lines.map((other) => (other.id === line.id ? saved : other)));
                  setOpenId(null);
                }}
                onCancel={() => {
                  if (isNew) onChange(component.lines.filter((other) => other.id !== line.id));
                  setOpenId(null);
                }}
                onRemove={
                  canRemove
                    ? () => {
                        onChange(component.lines.filter((other) => other.id !== line.id));
                        setOpenId(null);
                      }
                    : undefined
                }
              />
            ) : (
              <LineRow line={line} lines={all} onOpen={onChange ? () => setOpenId(line.id) : undefined} />
            )}
          </li>
        );
      })}
    </ul>
  );
}

function NewComponent({ onAdd }: { onAdd: (name: string) => void }) {
  const [name, setName] = useState<string | null>(null);
  if (name === null)
    return (
      <div className="mt-4">
        <Button kind="quiet" onClick={() => setName('')}>
          <Plus aria-hidden className="size-4" /> Add a component
        </Button>
      </div>
    );
  return (
    <form
      className="mt-4 flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim()) onAdd(name.trim());
        setName(null);
      }}
    >
      <div className="w-64">
        <TextField
          autoFocus
          label="Name of the component"
          placeholder="Crumb"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <Button type="submit">Add</Button>
    </form>
  );
}

function Method({ steps, onChange }: { steps: readonly MethodStep[]; onChange?: (steps: readonly MethodStep[]) => void }) {
  const { data: techniques = [] } = useTechniques();
  const [text, setText] = useState('');
  const move = (from: number, by: number) => {
    const next = [...steps];
    const [step] = next.splice(from, 1);
    next.splice(from + by, 0, step!);
    onChange?.(next);
  };
  const add = () => {
    if (!text.trim()) return;
    onChange?.([...steps, { id: newId(), text: text.trim(), minutes: minutesIn(text), techniqueIds: suggestTechniques(text, techniques) }]);
    setText('');
  };
  return (
    <Section title="Method">
      {steps.length === 0 ? <p className="py-2 text-soft">No step yet. Steps name the techniques they exercise.</p> : null}
      <ol className="divide-y divide-line">
        {steps.map((step, index) => (
          <li key={step.id} className="grid grid-cols-[2rem_minmax(0,1fr)_auto] gap-x-3 py-2">
            <b className="text-right font-title text-xl">{index + 1}</b>
            <div>
              <p className="[overflow-wrap:anywhere]">
                {step.text}
                {step.minutes ? <span className="whitespace-nowrap text-soft"> {step.minutes} min</span> : null}
              </p>
              <StepTechniques
                step={step}
                techniques={techniques}
                onChange={
                  onChange
                    ? (techniqueIds) => onChange(steps.map((other) => (other.id === step.id ? { ...other, techniqueIds } : other)))
                    : undefined
                }
              />
            </div>
            {onChange ? (
              <div className="flex">
                <IconButton label={`Step ${index + 1} up`} disabled={index === 0} onClick={() => move(index, -1)}>
                  <ArrowUp aria-hidden className="size-5" />
                </IconButton>
                <IconButton label={`Step ${index + 1} down`} disabled={index === steps.length - 1} onClick={() => move(index, 1)}>
                  <ArrowDown aria-hidden className="size-5" />
                </IconButton>
                <IconButton label={`Remove step ${index + 1}`} onClick={() => onChange(steps.filter((other) => other.id !== step.id))}>
                  <X aria-hidden className="size-5" />
                </IconButton>
              </div>
            ) : null}
          </li>
        ))}
      </ol>
      {onChange ? (
        <form
          className="mt-2 flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            add();
          }}
        >
          <div className="min-w-72 flex-1">
            <TextArea label="Next step" rows={2} maxLength={2000} value={text} onChange={(event) => setText(event.target.value)} />
          </div>
          <Button type="submit">Add the step</Button>
        </form>
      ) : null}
    </Section>
  );
}

function IconButton({ label, children, ...rest }: { label: string; disabled?: boolean; onClick: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      className="flex size-11 items-center justify-center hover:bg-wash disabled:opacity-30"
      {...rest}
    >
      {children}
    </button>
  );
}

function StepTechniques({
  step,
  techniques,
  onChange,
}: {
  step: MethodStep;
  techniques: readonly Technique[];
  onChange?: (ids: readonly string[]) => void;
}) {
  const own = step.techniqueIds.flatMap((id) => techniques.find((technique) => technique.id === id) ?? []);
  const rest = techniques.filter((technique) => !step.techniqueIds.includes(technique.id));
  return (
    <div className="mt-1 flex flex-wrap items-center gap-1.5">
      {own.map((technique) => (
        <span key={technique.id} className="inline-flex min-h-8 items-center gap-1 border border-ink px-2 text-small">
          <StrandGlyph strand={technique.strand} size={15} silent /> {technique.name}
          {onChange ? (
            <button
              type="button"
              aria-label={`${technique.name} is not exercised here`}
              className="flex size-8 items-center justify-center"
              onClick={() => onChange(step.techniqueIds.filter((id) => id !== technique.id))}
            >
              <X aria-hidden className="size-4" />
            </button>
          ) : null}
        </span>
      ))}
      {onChange && rest.length > 0 ? (
        <div className="w-44">
          <SelectField
            label="Add a technique"
            labelHidden
            value=""
            className="!min-h-8 !py-0.5 text-small"
            onChange={(event) => event.target.value && onChange([...step.techniqueIds, event.target.value])}
          >
            <option value="">add a technique</option>
            {rest.map((technique) => (
              <option key={technique.id} value={technique.id}>
                {technique.name}
              </option>
            ))}
          </SelectField>
        </div>
      ) : null}
    </div>
  );
}
