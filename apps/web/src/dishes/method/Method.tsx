import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { arrayMove, SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { ArrowDown, ArrowUp, GripVertical, X } from 'lucide-react';
import { useState } from 'react';
import {
  changeSaid,
  stepFrom,
  techniquesIn,
  temperatureWays,
  wantedInWords,
  type ChangePrompt,
  type Said,
  type Component,
  type Heated,
  type MethodStep,
} from '@pelvo/core';
import type { TechniqueSummary } from '@pelvo/contract';
import { Button, IconButton, Section, SelectField, StrandGlyph, TextArea, useFields } from '../../design';
import { inWords, newId, usePreferences, useTechniques } from '../../device';
import { useLit } from '../read/lit';
import { StepEditor } from './StepEditor';

interface MethodProps {
  readonly steps: readonly MethodStep[];
  /** Components of the dish, which steps can be of. */
  readonly components: readonly Pick<Component, 'id' | 'name'>[];
  /** What one pair of hands changes before a step, by the step. */
  readonly changes?: ReadonlyMap<string, ChangePrompt>;
  /** When a piece is taken out, so that it peaks where it shall, by the step. */
  readonly outs?: ReadonlyMap<string, Said>;
  readonly onChange?: (steps: readonly MethodStep[]) => void;
}

/** The method: steps in order, moved by dragging, by the arrow buttons, or with the keyboard on the handle. */
export function Method({ steps, components, changes, outs, onChange }: MethodProps) {
  const { data: techniques = [] } = useTechniques();
  const { box, onSubmit, reset } = useFields({ text: '' });
  const [heat, setHeat] = useState<HeatScale>(usePreferences().temperature === 'fahrenheit' ? 'fahrenheit' : 'all');
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const place = (id: string | number) => steps.findIndex((step) => step.id === id);
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onChange?.(arrayMove([...steps], place(active.id), place(over.id)));
  };
  const add = ({ text }: { text: string }) => {
    if (!text.trim()) return;
    onChange?.([...steps, stepFrom(newId(), text.trim(), techniques)]);
    reset();
  };
  return (
    <Section
      title="Method"
      aside={
        steps.some((step) => typeof step.celsius === 'number') ? (
          <div className="no-print w-44">
            <SelectField
              label="Show heat as"
              labelHidden
              className="!min-h-9 !py-0.5 text-small"
              value={heat}
              onChange={(event) => setHeat(event.target.value as HeatScale)}
            >
              {HEAT_SCALES.map((scale) => (
                <option key={scale} value={scale}>
                  heat {HEAT_NAMES[scale]}
                </option>
              ))}
            </SelectField>
          </div>
        ) : null
      }
    >
      {steps.length === 0 ? <p className="py-2 text-soft">No step yet. Steps name the techniques they exercise.</p> : null}
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        <SortableContext items={steps.map((step) => step.id)} strategy={verticalListSortingStrategy}>
          <ol className="divide-y divide-line">
            {steps.map((step, index) => (
              <StepRow
                key={step.id}
                step={step}
                index={index}
                count={steps.length}
                techniques={techniques}
                components={components}
                change={changes?.get(step.id)}
                out={outs?.get(step.id)}
                earlier={firstNamed(steps.slice(0, index))}
                heat={heat}
                onChange={
                  onChange ? (next) => onChange(steps.flatMap((other) => (other.id === step.id ? (next ?? []) : other))) : undefined
                }
                onMove={(by) => onChange?.(arrayMove([...steps], index, index + by))}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      {onChange ? (
        <form className="mt-2 flex flex-wrap items-end gap-2" onSubmit={onSubmit(add)}>
          <div className="min-w-72 flex-1">
            <TextArea label="Next step" rows={2} maxLength={2000} {...box('text')} />
          </div>
          <Button type="submit">Add the step</Button>
        </form>
      ) : null}
    </Section>
  );
}

interface StepRowProps {
  readonly step: MethodStep;
  readonly index: number;
  readonly count: number;
  readonly techniques: readonly TechniqueSummary[];
  readonly components: MethodProps['components'];
  readonly change?: ChangePrompt;
  readonly out?: Said;
  /** Number of the first step that names each technique, by its id. */
  readonly earlier: ReadonlyMap<string, number>;
  readonly heat: HeatScale;
  readonly onChange?: (step: MethodStep | null) => void;
  readonly onMove: (by: number) => void;
}

function StepRow({ step, index, count, techniques, components, change, out, earlier, heat, onChange, onMove }: StepRowProps) {
  const [open, setOpen] = useState(false);
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: step.id,
    disabled: !onChange,
  });
  const lit = useLit(step.id);
  const style = transform ? { transform: `translateY(${transform.y}px)`, transition } : undefined;
  return (
    <li
      ref={setNodeRef}
      style={style}
      className={`grid grid-cols-[2rem_minmax(0,1fr)_auto] gap-x-3 bg-paper py-2 ${isDragging ? 'relative z-10 border-2 border-ink' : ''} ${lit.className}`}
      onClick={lit.onClick}
      onFocus={lit.onFocus}
    >
      <b className="text-right font-title text-xl">{index + 1}</b>
      <div>
        {change ? <p className="border-l-4 border-beet pl-2 text-small">{inWords(changeSaid(change))}</p> : null}
        <p className="[overflow-wrap:anywhere]">{step.text}</p>
        {out ? <p className="text-small">{inWords(out)}</p> : null}
        <StepFacts step={step} heat={heat} component={components.find(({ id }) => id === step.componentId)?.name ?? ''} />
        <StepCare step={step} techniques={techniques} earlier={earlier} />
        <StepTechniques
          step={step}
          techniques={techniques}
          onChange={onChange ? (techniqueIds) => onChange({ ...step, techniqueIds }) : undefined}
        />
        {onChange && open ? (
          <StepEditor
            step={step}
            components={components}
            onSave={(next) => {
              onChange(next);
              setOpen(false);
            }}
            onCancel={() => setOpen(false)}
          />
        ) : null}
      </div>
      {onChange ? (
        <div className="flex items-start">
          <Button kind="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
            Detail<span className="sr-only"> of step {index + 1}</span>
          </Button>
          <IconButton label={`Step ${index + 1} up`} disabled={index === 0} onClick={() => onMove(-1)}>
            <ArrowUp aria-hidden className="size-5" />
          </IconButton>
          <IconButton label={`Step ${index + 1} down`} disabled={index === count - 1} onClick={() => onMove(1)}>
            <ArrowDown aria-hidden className="size-5" />
          </IconButton>
          <IconButton label={`Remove step ${index + 1}`} onClick={() => onChange(null)}>
            <X aria-hidden className="size-5" />
          </IconButton>
          <button
            ref={setActivatorNodeRef}
            type="button"
            {...attributes}
            {...listeners}
            aria-label={`Drag step ${index + 1}`}
            className="flex size-11 cursor-grab touch-none items-center justify-center hover:bg-wash"
          >
            <GripVertical aria-hidden className="size-5" />
          </button>
        </div>
      ) : null}
    </li>
  );
}

/** A span of minutes in words: "at least 30 min, at most 2 h". */
export function spanText(span: { least: number | null; most: number | null } | undefined): string {
  const said = (minutes: number) => (minutes >= 120 && minutes % 60 === 0 ? `${minutes / 60} h` : `${minutes} min`);
  if (!span) return '';
  return [span.least === null ? '' : `at least ${said(span.least)}`, span.most === null ? '' : `at most ${said(span.most)}`]
    .filter(Boolean)
    .join(', ');
}

const HEAT_SCALES = ['all', 'celsius', 'fan', 'fahrenheit', 'gas'] as const;
type HeatScale = (typeof HEAT_SCALES)[number];
const HEAT_NAMES: Readonly<Record<HeatScale, string>> = {
  all: 'in every scale',
  celsius: 'in °C',
  fan: 'in °C, fan oven',
  fahrenheit: 'in °F',
  gas: 'by gas mark',
};

/** A temperature as the person sets it; only ovens have a fan and marks. */
function heatText(celsius: number, heats: Heated, scale: HeatScale): string {
  const ways = temperatureWays(celsius, heats);
  switch (scale) {
    case 'celsius':
      return `${ways.celsius} °C`;
    case 'fahrenheit':
      return `${ways.fahrenheit} °F`;
    case 'fan':
      return ways.fan !== null ? `${ways.fan} °C fan` : `${ways.celsius} °C`;
    case 'gas':
      return ways.gas ? `gas ${ways.gas}` : `${ways.celsius} °C`;
    case 'all':
      return [
        `${ways.celsius} °C`,
        `${ways.fahrenheit} °F`,
        ...(ways.fan !== null ? [`fan ${ways.fan} °C`] : []),
        ...(ways.gas ? [`gas ${ways.gas}`] : []),
      ].join(', ');
  }
}

function StepFacts({ step, heat, component }: { step: MethodStep; heat: HeatScale; component: string }) {
  const facts = [
    component,
    step.minutes ? `${step.minutes} min${step.noviceMinutes ? `, ${step.noviceMinutes} for a novice` : ''}` : '',
    step.hands === 'off' ? 'hands off' : 'hands on',
    typeof step.celsius === 'number' ? heatText(step.celsius, step.heats, heat) : '',
    step.wants ? wantedInWords(step.wants) : '',
    step.store ?? '',
    step.equipment,
    spanText(step.toNext) ? `to the next step ${spanText(step.toNext)}` : '',
  ].filter(Boolean);
  return (
    <>
      {facts.length > 0 ? <p className="text-small text-soft">{facts.join(' · ')}</p> : null}
      {step.critical ? <p className="mt-1 border-l-8 border-ink pl-2 text-small font-semibold">{step.critical}</p> : null}
      {step.caution ? (
        <p className="mt-1 text-small">
          <b>Care.</b> {step.caution}
        </p>
      ) : null}
    </>
  );
}

/** Number of the first step that names each technique. */
function firstNamed(steps: readonly MethodStep[]): ReadonlyMap<string, number> {
  const first = new Map<string, number>();
  steps.forEach((step, index) => {
    for (const id of step.techniqueIds) if (!first.has(id)) first.set(id, index + 1);
  });
  return first;
}

/** The cautions of the techniques a step names: in full where it is named first, with a pointer back after that. */
function StepCare({ step, techniques, earlier }: { step: MethodStep } & Pick<StepRowProps, 'techniques' | 'earlier'>) {
  const named = step.techniqueIds.flatMap((id) => techniques.find((each) => each.id === id && each.cautions.length > 0) ?? []);
  return named.map(({ id, name, cautions }) => {
    const first = earlier.get(id);
    return (
      <p key={id} className="mt-1 text-small">
        <b>Care, {name.toLowerCase()}.</b> {first ? `As in step ${first}.` : cautions.join(' ')}
      </p>
    );
  });
}

interface StepTechniquesProps {
  readonly step: MethodStep;
  readonly techniques: readonly TechniqueSummary[];
  readonly onChange?: (ids: readonly string[]) => void;
}

function StepTechniques({ step, techniques, onChange }: StepTechniquesProps) {
  const own = step.techniqueIds.flatMap((id) => techniques.find((technique) => technique.id === id) ?? []);
  const rest = techniques.filter((technique) => !step.techniqueIds.includes(technique.id));
  // What verb and object do not say for sure is proposed, and counts once a person has said so.
  const perhaps = onChange ? techniquesIn(step.text, rest).flatMap(({ id }) => rest.find((technique) => technique.id === id) ?? []) : [];
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
      {perhaps.slice(0, 3).map((technique) => (
        <button
          key={technique.id}
          type="button"
          className="inline-flex min-h-8 items-center gap-1 border border-dashed border-ink px-2 text-small"
          onClick={() => onChange?.([...step.techniqueIds, technique.id])}
        >
          <StrandGlyph strand={technique.strand} size={15} silent /> {technique.name}?
          <span className="sr-only">{' It is exercised here'}</span>
        </button>
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
