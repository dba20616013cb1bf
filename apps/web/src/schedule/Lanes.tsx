import type { Bar, Lane } from './lanes';

const ROW = 22;
/** Minutes between the marks over the lanes, by how long the session is. */
const everyOf = (minutes: number): number => (minutes > 300 ? 60 : minutes > 120 ? 30 : 15);

interface LanesProps {
  readonly lanes: readonly Lane[];
  readonly minutes: number;
  readonly clock: (minute: number) => string;
  readonly chosen: string | null;
  readonly onChoose: (key: string | null) => void;
}

/**
 * A plan as lanes over time. Hands-on work is filled, what goes on by itself is hatched, tasting is framed: told by shape as much as by
 * colour. The table under it says the same, and is what screen readers and paper get.
 */
export function Lanes({ lanes, minutes, clock, chosen, onChoose }: LanesProps) {
  const every = everyOf(minutes);
  const marks = Array.from({ length: Math.floor(minutes / every) + 1 }, (_, index) => index * every);
  const percent = (minute: number) => `${(100 * minute) / Math.max(1, minutes)}%`;
  return (
    <div className="no-print overflow-x-auto border border-line bg-tile">
      <div className="min-w-[44rem]">
        <div className="grid grid-cols-[9rem_1fr] border-b-2 border-ink text-small">
          <span className="px-2 py-1 font-title">Lane</span>
          <div aria-hidden className="relative h-7">
            {marks.map((mark) => (
              <span
                key={mark}
                className={`absolute top-1 tabular-nums ${mark === 0 ? '' : mark > minutes - every / 2 ? '-translate-x-full' : '-translate-x-1/2'}`}
                style={{ left: percent(mark) }}
              >
                {clock(mark)}
              </span>
            ))}
          </div>
        </div>
        {lanes.map((lane) => (
          <div key={lane.key} className="grid grid-cols-[9rem_1fr] border-b border-line last:border-b-0">
            <button
              type="button"
              aria-pressed={chosen === lane.key}
              onClick={() => onChoose(chosen === lane.key ? null : lane.key)}
              className="truncate px-2 py-0.5 text-left text-small hover:bg-wash aria-pressed:bg-ink aria-pressed:text-paper"
            >
              {lane.name}
            </button>
            <div aria-hidden className="relative" style={{ height: lane.rows * ROW + 4 }}>
              {marks.map((mark) => (
                <span key={mark} className="absolute inset-y-0 border-l border-line" style={{ left: percent(mark) }} />
              ))}
              {lane.bars.map((bar) => (
                <span
                  key={bar.id}
                  title={`${clock(bar.from)} to ${clock(bar.until)}: ${bar.text}`}
                  className={`absolute overflow-hidden px-1 text-[0.75rem] leading-[18px] whitespace-nowrap ${lookOf(bar)}`}
                  style={{ left: percent(bar.from), width: percent(bar.until - bar.from), top: bar.row * ROW + 2, height: ROW - 3 }}
                >
                  {bar.team !== null && !lane.key.startsWith('team-') ? `${bar.team + 1} ` : ''}
                  {bar.text}
                </span>
              ))}
            </div>
          </div>
        ))}
      </div>
    </div>
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
    case 'work':
      return hands === 'on' ? 'bg-ink text-paper border-r border-paper' : 'hatch border border-ink bg-tile';
  }
}
