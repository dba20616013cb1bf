import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { ChevronsUpDown } from 'lucide-react';
import type { Role } from '@pelvo/core';
import type { SourceLine } from './readDraft';

/** What a line can be turned into, with the key that does it. */
const WAYS: readonly (readonly [role: Role, name: string, key: string])[] = [
  ['title', 'title', 't'],
  ['yield', 'yield', 'y'],
  ['component', 'heading', 'h'],
  ['line', 'line', 'l'],
  ['step', 'step', 's'],
  ['more', 'goes on', 'g'],
  ['tool', 'tool', 'o'],
  ['note', 'note', 'n'],
  ['aside', 'set aside', 'a'],
  ['ingredients', '“Ingredients”', 'i'],
  ['method', '“Method”', 'm'],
  ['tools', '“Tools”', 'e'],
];
const NAMES = new Map(WAYS.map(([role, name]) => [role, name]));
const BY_KEY = new Map(WAYS.map(([role, , key]) => [key, role]));

/** How each role looks: weight and edge tell it, and the word beside it says it. */
const LOOKS: Readonly<Record<Role, string>> = {
  title: 'border-ink font-title text-lg font-bold',
  yield: 'border-transparent',
  ingredients: 'border-transparent text-soft',
  method: 'border-transparent text-soft',
  tools: 'border-transparent text-soft',
  component: 'border-ink font-bold',
  line: 'border-ink',
  step: 'border-beet',
  tool: 'border-line',
  note: 'border-line italic',
  aside: 'border-transparent text-soft line-through decoration-line',
  more: 'border-transparent pl-6',
};

type Part = 'head' | 'ingredients' | 'steps' | 'notes';
const PART_OF: Readonly<Record<Role, Part | null>> = {
  title: 'head',
  yield: 'head',
  ingredients: 'ingredients',
  component: null,
  line: 'ingredients',
  method: 'steps',
  step: 'steps',
  tools: 'notes',
  tool: 'notes',
  note: 'notes',
  aside: 'notes',
  more: null,
};
const PART_NAMES: Readonly<Record<Part, string>> = {
  head: 'head',
  ingredients: 'ingredients',
  steps: 'steps',
  notes: 'notes and the rest',
};
/** What a line becomes when the border of a part is moved over it. */
const INTO: Readonly<Record<Part, Role>> = { head: 'note', ingredients: 'line', steps: 'step', notes: 'note' };

interface Border {
  /** Place in the source of the first line below it. */
  readonly at: number;
  readonly above: Part;
  readonly below: Part;
}

function bordersOf(source: readonly SourceLine[]): readonly Border[] {
  const borders: Border[] = [];
  let part: Part | null = null;
  source.forEach(({ role }, index) => {
    const own = PART_OF[role];
    if (own === null) return;
    if (part !== null && own !== part)
      borders.push({ at: source[index - 1]!.role === 'component' ? index - 1 : index, above: part, below: own });
    part = own;
  });
  return borders;
}

interface SourceLinesProps {
  readonly source: readonly SourceLine[];
  /** The line or step that is lit on the other side. */
  readonly lit: string | null;
  readonly onLight: (id: string | null) => void;
  /** Several lines are said to be something, or, with null, to be as they were read. */
  readonly onSay: (keys: readonly string[], role: Role | null) => void;
}

/**
 * The text line by line, each with what it was taken for. One key turns a line into something else; borders between the parts are
 * dragged, or moved by the arrow keys; what follows is read again.
 */
export function SourceLines({ source, lit, onLight, onSay }: SourceLinesProps) {
  const [focus, setFocus] = useState(0);
  const list = useRef<HTMLOListElement>(null);
  const [drag, setDrag] = useState<{ readonly border: Border; readonly to: number } | null>(null);
  const borders = bordersOf(source);
  const now = Math.min(focus, source.length - 1);

  useEffect(() => {
    if (lit === null) return;
    const rows = [...(list.current?.querySelectorAll<HTMLElement>('[data-row]') ?? [])];
    const row = rows.find(({ dataset }) => dataset.id === lit);
    row?.scrollIntoView({ block: 'nearest' });
  }, [lit]);

  const go = (to: number) => {
    const place = Math.max(0, Math.min(source.length - 1, to));
    setFocus(place);
    list.current?.querySelectorAll<HTMLElement>('[data-row]')[place]?.focus();
  };
  const onKey = (event: KeyboardEvent, place: number) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.target instanceof HTMLSelectElement) return;
    const line = source[place]!;
    const role = BY_KEY.get(event.key.toLowerCase());
    if (event.key === 'ArrowDown') go(place + 1);
    else if (event.key === 'ArrowUp') go(place - 1);
    else if (event.key === 'Home') go(0);
    else if (event.key === 'End') go(source.length - 1);
    else if (event.key === 'Backspace' || event.key === 'Delete') onSay([line.key], null);
    else if (role) onSay([line.key], role);
    else return;
    event.preventDefault();
  };

  /** Lines that a border is moved over become part of what it is moved away from. */
  const move = ({ at, above, below }: Border, to: number) => {
    const [from, until, part] = to > at ? [at, to, above] : [to, at, below];
    const keys = source.slice(Math.max(0, from), until).map(({ key }) => key);
    if (keys.length > 0) onSay(keys, INTO[part]);
  };
  const placeAt = (event: PointerEvent): number | null => {
    const row = document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-row]');
    return row ? Number(row.dataset.row) : null;
  };

  return (
    <>
      <p className="mb-2 text-small text-soft">
        Touch a line to see what it became. One key turns it:{' '}
        {WAYS.slice(0, 9).map(([role, name, key], index) => (
          <span key={role}>
            {index > 0 ? ', ' : ''}
            <kbd className="font-mono font-bold text-ink">{key}</kbd> {name}
          </span>
        ))}
        . Drag a border, or move it with the arrow keys.
      </p>
      <ol ref={list} className="border-2 border-line-strong bg-white py-1" aria-label="Lines of the text">
        {source.map((line, place) => {
          const border = borders.find(({ at }) => at === place);
          return (
            <li key={`${line.at}.${line.part}`}>
              {border ? (
                <div
                  role="separator"
                  tabIndex={0}
                  aria-orientation="horizontal"
                  aria-label={`Border between ${PART_NAMES[border.above]} and ${PART_NAMES[border.below]}`}
                  aria-valuenow={place}
                  aria-valuemin={0}
                  aria-valuemax={source.length}
                  className="group flex min-h-6 cursor-ns-resize touch-none items-center gap-2 px-2 text-small text-soft select-none focus-visible:bg-beet-wash"
                  onPointerDown={(event) => {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    setDrag({ border, to: place });
                  }}
                  onPointerMove={(event) => {
                    const to = drag ? placeAt(event) : null;
                    if (drag && to !== null && to !== drag.to) setDrag({ ...drag, to });
                  }}
                  onPointerUp={() => {
                    if (drag && drag.to !== drag.border.at) move(drag.border, drag.to > drag.border.at ? drag.to + 1 : drag.to);
                    setDrag(null);
                  }}
                  onPointerCancel={() => setDrag(null)}
                  onKeyDown={(event) => {
                    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
                    event.preventDefault();
                    move(border, place + (event.key === 'ArrowDown' ? 1 : -1));
                  }}
                >
                  <ChevronsUpDown aria-hidden className="size-4" />
                  <span className="grow border-t-2 border-dashed border-line-strong" />
                  {PART_NAMES[border.below]}
                </div>
              ) : null}
              <div
                data-row={place}
                data-id={line.id ?? undefined}
                tabIndex={place === now ? 0 : -1}
                className={`grid grid-cols-[minmax(0,1fr)_auto] items-center gap-2 border-l-4 px-2 ${LOOKS[line.role]} ${
                  line.id !== null && line.id === lit ? 'bg-beet-wash' : ''
                } ${inDrag(drag, place) ? 'bg-wash' : ''}`}
                onFocus={() => {
                  setFocus(place);
                  onLight(line.id);
                }}
                onClick={() => onLight(line.id)}
                onKeyDown={(event) => onKey(event, place)}
              >
                <span className="py-1 font-mono text-small leading-6 [overflow-wrap:anywhere]">{line.written}</span>
                <select
                  aria-label={`What "${line.written.slice(0, 60)}" is`}
                  tabIndex={place === now ? 0 : -1}
                  className={`min-h-8 w-28 border-0 bg-transparent text-right text-small no-underline ${line.said ? 'font-bold text-beet' : 'text-soft'}`}
                  value={line.role}
                  onChange={(event) => onSay([line.key], event.target.value as Role)}
                >
                  {WAYS.map(([role]) => (
                    <option key={role} value={role}>
                      {NAMES.get(role)}
                    </option>
                  ))}
                </select>
              </div>
            </li>
          );
        })}
      </ol>
    </>
  );
}

const inDrag = (drag: { readonly border: Border; readonly to: number } | null, place: number): boolean =>
  drag !== null && (drag.to > drag.border.at ? place >= drag.border.at && place <= drag.to : place >= drag.to && place < drag.border.at);
