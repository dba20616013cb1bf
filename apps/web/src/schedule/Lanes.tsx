import { memo, useCallback, useLayoutEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Bar, Lane } from './lanes';

/** Height of a row of bars, pixels; lower where there are many, so that a class of twelve teams is seen at once. */
const ROW = 22;
const LOW_ROW = 16;
const MANY_ROWS = 16;
/** No lane is lower: its name is touched. */
const LOWEST = 24;
/** Width of the names of lanes, pixels. */
const NAMES = 128;
/** Pixels a minute at each step of nearness; the first shows the whole lesson. */
export const NEARNESS = [0, 4, 8, 16] as const;
/** Pixels a pointer moves before it drags and no longer touches. */
const DRAGS = 4;

/** Minutes between the marks over the lanes, by pixels a minute. */
const everyOf = (pixels: number): number => [5, 10, 15, 30, 60].find((minutes) => minutes * pixels >= 60) ?? 120;

interface LanesProps {
  readonly lanes: readonly Lane[];
  readonly minutes: number;
  readonly clock: (minute: number) => string;
  /** Pixels a minute; 0 for all of it at once. */
  readonly near: number;
  readonly chosenLane: string | null;
  readonly onLane: (key: string | null) => void;
  readonly chosen: string | null;
  readonly onChoose: (id: string | null) => void;
  /** Absent where the plan may only be looked at. */
  readonly onMove?: (id: string, by: number) => void;
  readonly onKey?: (id: string, key: string) => boolean;
  readonly pinned: ReadonlySet<string>;
  readonly broken: ReadonlySet<string>;
  readonly critical: ReadonlySet<string>;
  readonly slack: ReadonlyMap<string, number>;
  /** The minute by which all must be done, and until when there is slack. */
  readonly slackFrom: number;
  readonly slackUntil: number;
}

/**
 * A plan as lanes over time, told by shape as much as by colour: hands-on work is filled, what goes on by itself is hatched, tasting is
 * framed, what does not hold stands out with a mark, what decides is underlined, and a line after a bar says how much room it has.
 * Every bar can be reached and moved by key. The table beside it says the same.
 */
export const Lanes = memo(function Lanes(props: LanesProps) {
  const { lanes, minutes, clock, near, chosen, chosenLane, onLane, slackFrom, slackUntil } = props;
  const [seen, setSeen] = useState(900);
  const area = useRef<HTMLDivElement>(null);
  const pixels = near > 0 ? near : Math.max(1, (seen - NAMES - 2) / Math.max(1, minutes));
  const row = lanes.reduce((sum, lane) => sum + lane.rows, 0) > MANY_ROWS ? LOW_ROW : ROW;
  const every = everyOf(pixels);
  const marks = Array.from({ length: Math.floor(minutes / every) + 1 }, (_, index) => index * every);
  const measure = (element: HTMLDivElement | null) => {
    area.current = element;
    if (element && element.clientWidth > 0 && Math.abs(element.clientWidth - seen) > 1) setSeen(element.clientWidth);
  };
  // Nearer and further away go on where one looks: at the chosen step, or at the middle of what is seen.
  const lookedAt = lanes.flatMap(({ bars }) => bars).find(({ id }) => id === chosen);
  const drawnAt = useRef(pixels);
  useLayoutEffect(() => {
    const box = area.current;
    if (!box || drawnAt.current === pixels) return;
    const half = (box.clientWidth - NAMES) / 2;
    const middle = lookedAt ? (lookedAt.from + lookedAt.until) / 2 : (box.scrollLeft + half) / drawnAt.current;
    drawnAt.current = pixels;
    box.scrollLeft = middle * pixels - half;
  }, [pixels, lookedAt]);
  const focusBeside = useCallback((from: HTMLElement, down: boolean) => {
    const own = from.closest('[data-lane]')!;
    const beside = down ? own.nextElementSibling : own.previousElementSibling;
    const left = from.offsetLeft;
    const bars = [...(beside?.querySelectorAll<HTMLElement>('[data-bar]') ?? [])];
    bars.sort((a, b) => Math.abs(a.offsetLeft - left) - Math.abs(b.offsetLeft - left))[0]?.focus();
  }, []);
  return (
    <div
      ref={measure}
      className="no-print overflow-x-auto border border-line bg-tile"
      role="group"
      aria-label="The plan as lanes over time"
    >
      <div style={{ width: near > 0 ? NAMES + minutes * pixels : '100%' }}>
        <div className="flex border-b-2 border-ink text-small">
          <span className="sticky left-0 z-20 shrink-0 bg-tile px-2 py-1 font-title" style={{ width: NAMES }}>
            Lane
          </span>
          <div aria-hidden className="relative h-7 grow">
            {marks.map((mark) => (
              <span
                key={mark}
                className={`absolute top-1 tabular-nums ${mark === 0 ? '' : mark > minutes - every / 2 ? '-translate-x-full' : '-translate-x-1/2'}`}
                style={{ left: mark * pixels }}
              >
                {clock(mark)}
              </span>
            ))}
          </div>
        </div>
        {lanes.map((lane) => (
          <div
            key={lane.key}
            data-lane
            className={`flex border-line last:border-b-0 ${lane.kind === 'class' || lane.kind === 'pass' ? 'border-b-2' : 'border-b'}`}
          >
            <button
              type="button"
              aria-pressed={chosenLane === lane.key}
              onClick={() => onLane(chosenLane === lane.key ? null : lane.key)}
              className="sticky left-0 z-20 shrink-0 truncate bg-tile px-2 text-left text-small leading-none hover:bg-wash aria-pressed:bg-ink aria-pressed:text-paper"
              style={{ width: NAMES }}
            >
              {lane.name}
            </button>
            <div className="relative grow" style={{ height: Math.max(LOWEST, lane.rows * row + 3) }}>
              {marks.map((mark) => (
                <span key={mark} aria-hidden className="absolute inset-y-0 border-l border-line" style={{ left: mark * pixels }} />
              ))}
              {slackUntil > slackFrom ? (
                <span
                  aria-hidden
                  className="absolute inset-y-0 border-x border-dashed border-soft bg-wash"
                  style={{ left: slackFrom * pixels, width: (slackUntil - slackFrom) * pixels }}
                >
                  {lane.kind === 'class' ? <span className="px-0.5 text-[0.7rem] text-soft">slack</span> : null}
                </span>
              ) : null}
              {lane.bars.map((bar) => (
                <BarInLane
                  key={bar.id}
                  bar={bar}
                  named={lane.kind !== 'team'}
                  pixels={pixels}
                  row={row}
                  onBeside={focusBeside}
                  {...props}
                />
              ))}
            </div>
          </div>
        ))}
      </div>
    </div>
  );
});

interface BarProps extends LanesProps {
  readonly bar: Bar;
  readonly named: boolean;
  readonly pixels: number;
  readonly row: number;
  readonly onBeside: (from: HTMLElement, down: boolean) => void;
}

function BarInLane({
  bar,
  named,
  pixels,
  row,
  clock,
  chosen,
  onChoose,
  onMove,
  onKey,
  pinned,
  broken,
  critical,
  slack,
  onBeside,
}: BarProps) {
  const [dragged, setDragged] = useState<number | null>(null);
  const began = useRef<number | null>(null);
  const isPinned = pinned.has(bar.id);
  const isBroken = broken.has(bar.id);
  const room = bar.moves ? (slack.get(bar.id) ?? 0) : 0;
  const shift = dragged ?? 0;
  const width = Math.max(3, (bar.until - bar.from) * pixels);
  const place = { top: bar.row * row + 1.5, height: row - 2 };
  const low = row < ROW;
  const movable = bar.moves && onMove !== undefined;
  const keys = (event: KeyboardEvent<HTMLButtonElement>) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (by !== undefined && movable) onMove(bar.id, by * (event.shiftKey ? 5 : 1));
    else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') onBeside(event.currentTarget, event.key === 'ArrowDown');
    else if (event.key === 'Escape') onChoose(null);
    else if (!(movable && !event.ctrlKey && !event.metaKey && onKey?.(bar.id, event.key.toLowerCase()))) return;
    event.preventDefault();
  };
  const pointer = {
    onPointerDown: (event: PointerEvent<HTMLButtonElement>) => {
      if (!movable || event.button !== 0) return;
      began.current = event.clientX;
      event.currentTarget.setPointerCapture(event.pointerId);
    },
    onPointerMove: (event: PointerEvent<HTMLButtonElement>) => {
      if (began.current === null) return;
      const moved = event.clientX - began.current;
      if (dragged !== null || Math.abs(moved) > DRAGS) setDragged(Math.round(moved / pixels));
    },
    onPointerUp: () => {
      if (dragged) onMove!(bar.id, dragged);
      began.current = null;
      // What a drag ends with is no touch.
      setTimeout(() => setDragged(null));
    },
    onPointerCancel: () => {
      began.current = null;
      setDragged(null);
    },
  };
  const said = [
    bar.team,
    `${clock(bar.from)} to ${clock(bar.until)}`,
    bar.text,
    isBroken ? 'does not hold' : '',
    isPinned ? 'pinned' : '',
    critical.has(bar.id) ? 'decides' : '',
    room > 0 ? `room of ${room} minutes` : '',
    bar.waits > 0 ? `the plate waits ${bar.waits}` : '',
  ].filter(Boolean);
  return (
    <>
      {bar.waits > 0 ? (
        <span
          aria-hidden
          className="absolute border-b-2 border-dotted border-beet text-[0.7rem] leading-4 text-beet"
          style={{ ...place, left: (bar.from + shift - bar.waits) * pixels, width: bar.waits * pixels }}
        >
          {bar.waits * pixels > 14 ? bar.waits : ''}
        </span>
      ) : null}
      {room > 0 && !isBroken ? (
        <span
          aria-hidden
          className="absolute h-0 border-t border-soft"
          style={{ left: (bar.until + shift) * pixels, width: Math.min(room, 60) * pixels, top: place.top + row - 5 }}
        />
      ) : null}
      <button
        type="button"
        data-bar
        title={said.join(', ')}
        aria-label={said.join(', ')}
        aria-pressed={chosen === bar.id}
        onClick={() => dragged === null && onChoose(chosen === bar.id ? null : bar.id)}
        onKeyDown={keys}
        {...pointer}
        className={`absolute overflow-hidden px-0.5 text-left whitespace-nowrap focus-visible:z-10 ${low ? 'text-[0.68rem] leading-[12px]' : 'text-[0.75rem] leading-[17px]'} ${lookOf(bar)} ${
          isBroken ? 'z-[5] outline-2 outline-offset-0 outline-beet outline-dashed' : ''
        } ${critical.has(bar.id) ? (low ? 'border-b-3 !border-b-beet' : 'border-b-4 !border-b-beet') : ''} ${chosen === bar.id ? 'z-10 ring-3 ring-beet' : ''} ${movable ? 'cursor-grab touch-pan-y' : ''} ${dragged !== null ? 'z-20 cursor-grabbing opacity-80' : ''}`}
        style={{ ...place, left: (bar.from + shift) * pixels, width }}
      >
        {dragged !== null ? `${clock(bar.from + shift)} ` : null}
        {isBroken ? '! ' : ''}
        {isPinned ? '◆ ' : ''}
        {named && bar.team ? `${bar.team} ` : ''}
        {bar.text}
      </button>
    </>
  );
}

function lookOf({ kind, hands }: Bar): string {
  switch (kind) {
    case 'tasting':
      return 'border-2 border-beet bg-beet-wash';
    case 'briefing':
    case 'demonstration':
    case 'clean-down':
      return 'border border-ink bg-wash';
    case 'oven':
    case 'warm-up':
      return 'border border-dashed border-soft bg-paper text-soft';
    case 'work':
      return hands === 'on' ? 'bg-ink text-paper border-r border-paper' : 'hatch border border-ink bg-tile';
  }
}
