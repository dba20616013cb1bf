import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Component, LinedStep, MethodStep, WorkLine } from '@pelvo/core';

const ROW = 30;
const NAMES = 120;
/** Pixels at the end of a bar that make it longer. */
const EDGE = 10;

interface WorkPictureProps {
  readonly line: WorkLine;
  readonly components: readonly Pick<Component, 'id' | 'name'>[];
  readonly chosen: string | null;
  readonly onChoose: (id: string | null) => void;
  /** Steps of which something is asked. */
  readonly asked: ReadonlySet<string>;
  readonly onChange?: (id: string, next: (step: MethodStep) => MethodStep) => void;
  readonly onLink?: (from: string, to: string) => void;
}

interface Placed extends LinedStep {
  readonly row: number;
}

/** Steps by component, and in rows where several go on at once. */
function placedIn(line: WorkLine, components: WorkPictureProps['components']) {
  const lanes = [...components.map(({ id, name }) => ({ id, name: name || 'the main list' })), { id: null, name: 'the whole dish' }];
  let top = 0;
  const placed: Placed[] = [];
  const shown = lanes.flatMap(({ id, name }) => {
    const own = line.steps.filter(({ work }) => work.componentId === id).sort((a, b) => a.from - b.from);
    if (own.length === 0) return [];
    const ends: number[] = [];
    for (const step of own) {
      const free = ends.findIndex((end) => end <= step.from);
      const row = free < 0 ? ends.length : free;
      ends[row] = step.noviceUntil;
      placed.push({ ...step, row: top + row });
    }
    const lane = { name, from: top, rows: ends.length };
    top += ends.length;
    return [lane];
  });
  return { lanes: shown, placed, rows: top };
}

/** The network of a dish's steps as a picture: bars over time, a line from each to what waits for it. */
export function WorkPicture({ line, components, chosen, onChoose, asked, onChange, onLink }: WorkPictureProps) {
  const [linking, setLinking] = useState<string | null>(null);
  const [seen, setSeen] = useState(860);
  const { lanes, placed, rows } = placedIn(line, components);
  const most = Math.max(30, ...placed.map(({ noviceUntil }) => noviceUntil));
  const pixels = Math.max(0.4, Math.min(12, (seen - NAMES - 24) / most));
  const every = [5, 10, 15, 30, 60, 120, 240, 720, 1440].find((minutes) => minutes * pixels >= 56) ?? 2880;
  const measure = (element: HTMLDivElement | null) => {
    if (element && element.clientWidth > 0 && Math.abs(element.clientWidth - seen) > 1) setSeen(element.clientWidth);
  };
  const at = new Map(placed.map((step) => [step.work.id, step]));
  /** Minutes by which a step moves are minutes that what it waits for the longest is followed by at least. */
  const move = (step: Placed, by: number) => {
    const before = step.work.after.flatMap((id) => at.get(id) ?? []);
    const last = before.sort((a, b) => b.until + b.work.toNext.least - (a.until + a.work.toNext.least))[0];
    if (!last) return;
    const least = Math.max(0, last.work.toNext.least + by);
    onChange?.(last.work.id, (now) => ({
      ...now,
      toNext: { least: least === 0 ? null : least, most: now.toNext.most === null ? null : Math.max(least, now.toNext.most) },
    }));
  };
  const lengthen = ({ work }: Placed, by: number) =>
    onChange?.(work.id, (now) => ({ ...now, minutes: Math.max(1, (now.minutes ?? work.minutes.practised) + by) }));
  return (
    <div ref={measure} className="overflow-x-auto border border-line bg-tile" role="group" aria-label="The work as a picture over time">
      <div className="relative" style={{ height: rows * ROW + 26, minWidth: NAMES + most * pixels + 20 }}>
        {lanes.map((lane) => (
          <div
            key={lane.name}
            className="absolute inset-x-0 border-t border-line"
            style={{ top: lane.from * ROW + 24, height: lane.rows * ROW }}
          >
            <span className="block truncate px-2 text-small leading-7" style={{ width: NAMES }}>
              {lane.name}
            </span>
          </div>
        ))}
        {Array.from({ length: Math.floor(most / every) + 1 }, (_, index) => index * every).map((minute) => (
          <span
            key={minute}
            aria-hidden
            className="absolute inset-y-0 border-l border-line pl-0.5 text-[0.75rem] text-soft tabular-nums"
            style={{ left: NAMES + minute * pixels }}
          >
            {minute >= 120 && minute % 60 === 0 ? `${minute / 60} h` : minute}
          </span>
        ))}
        <svg aria-hidden className="pointer-events-none absolute inset-0 size-full">
          {placed.flatMap((step) =>
            step.work.after.flatMap((id) => {
              const before = at.get(id);
              if (!before) return [];
              const [x1, y1] = [NAMES + before.until * pixels, before.row * ROW + 24 + ROW / 2];
              const [x2, y2] = [NAMES + step.from * pixels, step.row * ROW + 24 + ROW / 2];
              if (y1 === y2 && x2 - x1 < 2) return [];
              return [
                <path
                  key={`${id} ${step.work.id}`}
                  d={`M${x1} ${y1} C${x1 + 12} ${y1} ${x2 - 14} ${y2} ${x2} ${y2}`}
                  fill="none"
                  className={step.decides && before.decides ? 'stroke-beet' : 'stroke-soft'}
                  strokeWidth={step.decides && before.decides ? 2 : 1}
                />,
              ];
            }),
          )}
        </svg>
        {placed.map((step, index) => (
          <StepBar
            key={step.work.id}
            step={step}
            number={index + 1}
            pixels={pixels}
            chosen={chosen === step.work.id}
            asked={asked.has(step.work.id)}
            linking={linking !== null}
            onChoose={onChoose}
            onMove={onChange && step.work.after.length > 0 ? (by) => move(step, by) : undefined}
            onLengthen={onChange ? (by) => lengthen(step, by) : undefined}
            onLinkFrom={onLink ? () => setLinking(step.work.id) : undefined}
            onLinkTo={(to) => {
              setLinking(null);
              if (to) onLink?.(step.work.id, to);
            }}
          />
        ))}
      </div>
    </div>
  );
}

interface StepBarProps {
  readonly step: Placed;
  readonly number: number;
  readonly pixels: number;
  readonly chosen: boolean;
  readonly asked: boolean;
  readonly linking: boolean;
  readonly onChoose: (id: string | null) => void;
  readonly onMove?: (by: number) => void;
  readonly onLengthen?: (by: number) => void;
  readonly onLinkFrom?: () => void;
  /** The step on which the dot was let go; null for none. */
  readonly onLinkTo: (id: string | null) => void;
}

function StepBar({ step, pixels, chosen, asked, linking, onChoose, onMove, onLengthen, onLinkFrom, onLinkTo }: StepBarProps) {
  const { work, from, until, noviceUntil, decides } = step;
  const [drag, setDrag] = useState<{ readonly by: number; readonly edge: boolean } | null>(null);
  const began = useRef<{ readonly x: number; readonly edge: boolean } | null>(null);
  const shift = drag && !drag.edge ? drag.by : 0;
  const longer = drag?.edge ? drag.by : 0;
  const width = Math.max(6, (until - from + longer) * pixels);
  const keys = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const size = event.shiftKey ? 5 : 1;
    if (by && onMove) onMove(by * size);
    else if ((event.key === '+' || event.key === '=') && onLengthen) onLengthen(size);
    else if ((event.key === '-' || event.key === '_') && onLengthen) onLengthen(-size);
    else if (event.key === 'Escape') onChoose(null);
    else return;
    event.preventDefault();
  };
  const pointer = {
    onPointerDown: (event: PointerEvent<HTMLButtonElement>) => {
      const edge = event.clientX > event.currentTarget.getBoundingClientRect().right - EDGE;
      if (event.button !== 0 || !(edge ? onLengthen : onMove)) return;
      began.current = { x: event.clientX, edge };
      event.currentTarget.setPointerCapture(event.pointerId);
    },
    onPointerMove: (event: PointerEvent<HTMLButtonElement>) => {
      if (!began.current) return;
      const by = Math.round((event.clientX - began.current.x) / pixels);
      if (drag || Math.abs(event.clientX - began.current.x) > 4) setDrag({ by, edge: began.current.edge });
    },
    onPointerUp: () => {
      if (drag && drag.by !== 0) (drag.edge ? onLengthen : onMove)?.(drag.by);
      began.current = null;
      // What a drag ends with is no touch.
      setTimeout(() => setDrag(null));
    },
    onPointerCancel: () => {
      began.current = null;
      setDrag(null);
    },
  };
  const top = step.row * ROW + 24 + 3;
  const said = `${work.text}, from minute ${from} to ${until}${noviceUntil > until ? `, ${noviceUntil} for a novice` : ''}${work.hands === 'off' ? ', goes on by itself' : ''}${decides ? ', decides' : ''}${asked ? ', something is asked' : ''}`;
  return (
    <>
      {noviceUntil > until ? (
        <span
          aria-hidden
          className="absolute border border-dashed border-soft"
          style={{ left: NAMES + (until + shift) * pixels, width: (noviceUntil - until) * pixels, top: top + 4, height: ROW - 14 }}
        />
      ) : null}
      <button
        type="button"
        data-bar
        data-step={work.id}
        title={said}
        aria-label={said}
        aria-pressed={chosen}
        onClick={() => !drag && onChoose(chosen ? null : work.id)}
        onKeyDown={keys}
        {...pointer}
        className={`absolute touch-pan-y overflow-hidden px-1 text-left text-[0.78rem] leading-5 whitespace-nowrap ${
          work.hands === 'on' ? 'bg-ink text-paper' : 'hatch border border-ink bg-tile'
        } ${decides ? 'border-b-4 !border-b-beet' : ''} ${chosen || drag ? 'z-10 ring-3 ring-beet' : ''} ${linking ? 'outline-2 outline-beet outline-dashed' : ''}`}
        style={{ left: NAMES + (from + shift) * pixels, width, top, height: ROW - 6 }}
      >
        {drag ? `${drag.by > 0 ? '+' : '−'}${Math.abs(drag.by)} ` : null}
        {asked ? '? ' : ''}
        {work.text}
      </button>
      {onLinkFrom ? (
        <span
          aria-hidden
          title="Drag to the step that waits for this one, or that no longer does"
          data-dot={work.id}
          className="absolute z-10 size-3 cursor-crosshair touch-none rounded-full border-2 border-beet bg-tile"
          style={{ left: NAMES + (until + shift + longer) * pixels - 4, top: top + 6 }}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            onLinkFrom();
          }}
          onPointerUp={(event) => {
            const under = document
              .elementsFromPoint(event.clientX, event.clientY)
              .find((element) => element instanceof HTMLElement && element.dataset.step);
            onLinkTo(under instanceof HTMLElement ? (under.dataset.step ?? null) : null);
          }}
          onPointerCancel={() => onLinkTo(null)}
        />
      ) : null}
    </>
  );
}
