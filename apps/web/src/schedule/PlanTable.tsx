import { memo } from 'react';
import type { Bar, Lane } from './lanes';
import { nameOfBar } from './nameOfBar';

interface PlanTableProps {
  readonly lane: Lane;
  readonly clock: (minute: number) => string;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  readonly broken: ReadonlySet<string>;
  readonly pinned: ReadonlySet<string>;
  readonly slack: ReadonlyMap<string, number>;
}

/** What the lanes show, as a table: for screen readers, for paper, and for whoever would rather read. A step can be chosen here as well. */
export const PlanTable = memo(function PlanTable({ lane, clock, chosen, onChoose, broken, pinned, slack }: PlanTableProps) {
  const named = lane.kind !== 'team';
  const notes = (bar: Bar) =>
    [
      broken.has(bar.id) ? 'does not hold' : '',
      pinned.has(bar.id) ? 'pinned' : '',
      bar.kind === 'work' && bar.hands === 'off' ? 'goes on by itself' : '',
      bar.waits > 0 ? `the plate waits ${bar.waits} min` : '',
      bar.moves && (slack.get(bar.id) ?? 0) > 0 ? `room ${slack.get(bar.id)} min` : '',
    ].filter(Boolean);
  return (
    <table className="mb-6 w-full text-left">
      <caption className="pb-1 text-left font-title text-lg">{lane.name}</caption>
      <thead className="text-small text-soft">
        <tr>
          <th scope="col" className="w-16">
            From
          </th>
          <th scope="col" className="w-16">
            To
          </th>
          {named ? (
            <th scope="col" className="w-24">
              Team
            </th>
          ) : null}
          <th scope="col">What</th>
        </tr>
      </thead>
      <tbody className="divide-y divide-line border-y border-line align-top">
        {[...lane.bars]
          .sort((a, b) => a.from - b.from)
          .map((bar) => (
            <tr key={bar.id} className={chosen === bar.id ? 'bg-beet-wash' : ''}>
              <td className="py-1 tabular-nums">{clock(bar.from)}</td>
              <td className="py-1 tabular-nums">{clock(bar.until)}</td>
              {named ? <td className="py-1">{bar.team || (bar.kind === 'oven' ? '' : 'all')}</td> : null}
              <td className="py-1">
                {bar.moves ? (
                  <button
                    type="button"
                    className="min-h-6 text-left underline decoration-line underline-offset-4"
                    onClick={() => onChoose(bar.id)}
                  >
                    {nameOfBar(bar)}
                  </button>
                ) : (
                  nameOfBar(bar)
                )}
                {notes(bar).length > 0 ? <span className="text-small text-soft"> ({notes(bar).join(', ')})</span> : null}
              </td>
            </tr>
          ))}
      </tbody>
    </table>
  );
});
