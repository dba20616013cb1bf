import { useLocation } from 'react-router';
import { Plus } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode, useMemo } from 'react';
import {
  componentFactors,
  DISH_LIMITS,
  EMPTY_COMPONENT,
  linesOf,
  readLine,
  type Component,
  type DishContent,
  type IngredientLine,
  methodChanges,
  takeOutOfSteps,
} from '@pelvo/core';
import type { DishSummary } from '@pelvo/contract';
import { inWords, newId, useDishSearch } from '../../device';
import { Button, Section, TextArea, TextField, useFields } from '../../design';
import { ComponentDetails, componentText } from './ComponentDetails';
import { LineEditor } from './LineEditor';
import { LineRow } from './LineRow';
import { Method } from '../method/Method';
import { useLit } from '../read/lit';
import { PlateSection } from '../plate/PlateSection';
import { WorkSection } from '../work/WorkSection';

interface DishEditorProps {
  readonly content: DishContent;
  /** Left out where the dish is only looked at. */
  readonly onChange?: (content: DishContent) => void;
  /** Lines can be corrected, but lines, components and steps come from a text beside it. */
  readonly readOnlyShape?: boolean;
}

/** The formula and method of a dish: each line as written beside what it means, doubtful ones marked. */
export function DishEditor({ content, onChange, readOnlyShape = false }: DishEditorProps) {
  const changes = useMemo(() => methodChanges(content), [content]);
  const outs = useMemo(() => takeOutOfSteps(content), [content]);
  const shape = readOnlyShape ? undefined : onChange;
  const dishes = useDishSearch(onChange ? { published: true, preparation: true } : null);
  const preparations = dishes.items.filter((dish) => dish.editionId);
  const lines = linesOf(content);
  const open = lines.filter((line) => line.certainty !== 'sure');
  const setComponent = (id: string, change: (component: Component) => Component) =>
    onChange?.({ ...content, components: content.components.map((component) => (component.id === id ? change(component) : component)) });
  return (
    <div>
      {open.length > 0 ? (
        <OpenLines open={open} content={content} preparations={preparations} setComponent={onChange ? setComponent : undefined} />
      ) : null}
      {content.components.map((component) => (
        <ComponentSection
          key={component.id}
          component={component}
          content={content}
          preparations={preparations}
          onChange={onChange ? (change) => setComponent(component.id, change) : undefined}
          shape={Boolean(shape)}
          onRemove={
            shape && component.lines.length === 0 && content.components.length > 1
              ? () =>
                  shape({
                    ...content,
                    components: content.components.filter(({ id }) => id !== component.id),
                    plate: content.plate.filter((item) => item.componentId !== component.id),
                  })
              : undefined
          }
        />
      ))}
      {shape ? (
        <NewComponent
          onAdd={(name) => shape({ ...content, components: [...content.components, { ...EMPTY_COMPONENT, id: newId(), name }] })}
        />
      ) : null}
      {readOnlyShape ? null : <PlateSection dish={content} onChange={shape ? (plate) => shape({ ...content, plate }) : undefined} />}
      <Method
        steps={content.method}
        components={content.components}
        changes={changes}
        outs={outs}
        onChange={shape ? (method) => shape({ ...content, method }) : undefined}
      />
      {readOnlyShape ? null : <WorkSection content={content} onChange={shape ? (method) => shape({ ...content, method }) : undefined} />}
      <Listed
        title="Tools"
        hint="One a line."
        items={content.tools}
        onChange={shape ? (tools) => shape({ ...content, tools }) : undefined}
      />
      <Listed
        title="Notes"
        hint="What goes with the dish and is no step. One a line."
        items={content.notes}
        onChange={shape ? (notes) => shape({ ...content, notes }) : undefined}
      />
    </div>
  );
}

interface ComponentSectionProps {
  readonly component: Component;
  readonly content: DishContent;
  readonly preparations: readonly DishSummary[];
  readonly onChange?: (change: (component: Component) => Component) => void;
  readonly shape: boolean;
  readonly onRemove?: () => void;
}

function ComponentSection({ component, content, preparations, onChange, shape, onRemove }: ComponentSectionProps) {
  const [open, setOpen] = useState(false);
  const said = componentText(component);
  const size = componentFactors(content).get(component.id);
  return (
    <Section
      title={component.name || 'Ingredients'}
      aside={
        shape && onChange ? (
          <span>
            {onRemove ? (
              <Button kind="quiet" onClick={onRemove}>
                Remove
              </Button>
            ) : null}
            <Button kind="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
              Yield and keeping
            </Button>
            <Button kind="quiet" onClick={() => onChange((now) => ({ ...now, lines: [...now.lines, { id: newId(), ...readLine('') }] }))}>
              <Plus aria-hidden className="size-4" /> Add a line
            </Button>
          </span>
        ) : null
      }
    >
      {said ? <p className="mb-1 text-small text-soft">{said}</p> : null}
      {size?.because ? <p className="mb-1 text-small font-semibold">{inWords(size.because)}</p> : null}
      {open && onChange ? <ComponentDetails component={component} onChange={(next) => onChange(() => next)} /> : null}
      <Lines
        component={component}
        all={linesOf(content)}
        components={content.components.filter(({ id }) => id !== component.id)}
        preparations={preparations}
        canRemove={shape}
        onChange={onChange ? (lines) => onChange((now) => ({ ...now, lines })) : undefined}
      />
    </Section>
  );
}

interface OpenLinesProps {
  readonly open: readonly IngredientLine[];
  readonly content: DishContent;
  readonly preparations: readonly DishSummary[];
  readonly setComponent?: (id: string, change: (component: Component) => Component) => void;
}

/** Doubtful and held lines, first. Settling one brings the keyboard to the next. */
function OpenLines({ open, content, preparations, setComponent }: OpenLinesProps) {
  const box = useRef<HTMLDivElement>(null);
  const before = useRef(open.length);
  useEffect(() => {
    if (open.length < before.current) box.current?.querySelector<HTMLElement>('li button')?.focus();
    before.current = open.length;
  }, [open.length]);
  return (
    <div ref={box} className="mb-4 border-2 border-dashed border-beet px-3 py-2">
      <p className="font-semibold">
        {open.length === 1 ? 'One line needs' : `${open.length} lines need`} your eye.
        {setComponent ? '' : ' A lead instructor can settle it.'}
      </p>
      {setComponent
        ? content.components.map((component) => {
            const own = component.lines.filter((line) => open.includes(line));
            if (own.length === 0) return null;
            return (
              <Lines
                key={component.id}
                anchored={false}
                component={{ ...component, lines: own }}
                all={linesOf(content)}
                components={content.components.filter(({ id }) => id !== component.id)}
                preparations={preparations}
                canRemove={false}
                onChange={(changed) =>
                  setComponent(component.id, (now) => ({
                    ...now,
                    lines: now.lines.map((line) => changed.find(({ id }) => id === line.id) ?? line),
                  }))
                }
              />
            );
          })
        : null}
    </div>
  );
}

interface LinesProps {
  readonly component: Component;
  readonly all: readonly IngredientLine[];
  readonly preparations: readonly DishSummary[];
  readonly components: readonly Component[];
  readonly canRemove: boolean;
  /** Whether a link can lead to a line here; each line is the aim of one. */
  readonly anchored?: boolean;
  readonly onChange?: (lines: readonly IngredientLine[]) => void;
}

function Lines({ component, all, components, preparations, canRemove, anchored = true, onChange }: LinesProps) {
  const [openId, setOpenId] = useState<string | null>(null);
  const { hash } = useLocation();
  if (component.lines.length === 0) return <p className="py-2 text-soft">No line yet.</p>;
  return (
    <ul className="divide-y divide-line">
      {component.lines.map((line) => {
        const isNew = !line.written && !line.item;
        return (
          <LitRow key={line.id} id={line.id} anchored={anchored} aimed={anchored && hash === `#line-${line.id}`}>
            {onChange && (openId === line.id || isNew) ? (
              <LineEditor
                line={line}
                others={all.filter((other) => other.id !== line.id)}
                preparations={preparations}
                components={components}
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
              <LineRow
                line={line}
                lines={all}
                onOpen={onChange ? () => setOpenId(line.id) : undefined}
                onAnswer={onChange ? (next) => onChange(component.lines.map((other) => (other.id === line.id ? next : other))) : undefined}
              />
            )}
          </LitRow>
        );
      })}
    </ul>
  );
}

interface ListedProps {
  readonly title: string;
  readonly hint: string;
  readonly items: readonly string[];
  readonly onChange?: (items: readonly string[]) => void;
}

/** A list of words that go with the dish, typed one a line. */
function Listed({ title, hint, items, onChange }: ListedProps) {
  const [typed, setTyped] = useState<string | null>(null);
  if (items.length === 0 && !onChange) return null;
  const most = title === 'Tools' ? DISH_LIMITS.tools : DISH_LIMITS.notes;
  const longest = title === 'Tools' ? 120 : 500;
  const keep = (text: string) => {
    const lines = text
      .split('\n')
      .map((line) => line.trim().slice(0, longest))
      .filter(Boolean);
    onChange?.(lines.slice(0, most));
  };
  return (
    <Section title={title}>
      {typed === null ? (
        <>
          {items.length > 0 ? (
            <ul className="list-disc pl-5">
              {items.map((item, index) => (
                <li key={`${index} ${item}`} className="[overflow-wrap:anywhere]">
                  {item}
                </li>
              ))}
            </ul>
          ) : (
            <p className="py-2 text-soft">None yet.</p>
          )}
          {onChange ? (
            <Button
              kind="quiet"
              aria-label={`${items.length > 0 ? 'Change' : 'Add'} ${title.toLowerCase()}`}
              onClick={() => setTyped(items.join('\n'))}
            >
              {items.length > 0 ? 'Change' : 'Add'}
            </Button>
          ) : null}
        </>
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            keep(typed);
            setTyped(null);
          }}
        >
          <TextArea
            label={title}
            labelHidden
            hint={typed.split('\n').filter((line) => line.trim()).length > most ? `At most ${most} are kept.` : hint}
            rows={Math.min(12, Math.max(3, typed.split('\n').length + 1))}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
          <div className="mt-2 flex gap-2">
            <Button type="submit">Keep</Button>
            <Button kind="quiet" onClick={() => setTyped(null)}>
              Leave as it was
            </Button>
          </div>
        </form>
      )}
    </Section>
  );
}

/** A line that a link can lead to, and that is lit with its source where a text stands beside it. */
function LitRow({ id, anchored, aimed, children }: { id: string; anchored: boolean; aimed: boolean; children: ReactNode }) {
  const lit = useLit(id);
  return (
    <li
      id={anchored ? `line-${id}` : undefined}
      className={aimed ? 'bg-beet-wash outline-2 outline-beet' : lit.className}
      onClick={lit.onClick}
      onFocus={lit.onFocus}
    >
      {children}
    </li>
  );
}

function NewComponent({ onAdd }: { onAdd: (name: string) => void }) {
  const [asking, setAsking] = useState(false);
  const { box, onSubmit, reset } = useFields({ name: '' });
  if (!asking)
    return (
      <div className="mt-4">
        <Button kind="quiet" onClick={() => setAsking(true)}>
          <Plus aria-hidden className="size-4" /> Add a component
        </Button>
      </div>
    );
  return (
    <form
      className="mt-4 flex items-end gap-2"
      onSubmit={onSubmit(({ name }) => {
        if (name.trim()) onAdd(name.trim());
        reset();
        setAsking(false);
      })}
    >
      <div className="w-64">
        <TextField autoFocus label="Name of the component" placeholder="Crumb" {...box('name')} />
      </div>
      <Button type="submit">Add</Button>
    </form>
  );
}
