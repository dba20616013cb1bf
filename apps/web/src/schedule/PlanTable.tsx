import type { Bar, Lane } from './lanes';

/** What the lanes show, as a table: for screen readers, for paper, and for whoever would rather read. */
export function PlanTable({ lane, clock, numbered }: { lane: Lane; clock: (minute: number) => string; numbered: boolean }) {
  return (
    <table className="mb-6 w-full text-left">
      <caption className="pb-1 text-left font-title text-lg">{lane.name}</caption>
      <thead className="text-small text-soft">
        <tr>
          <th scope="col" className="w-20">
            From
          </th>
          <th scope="col" className="w-20">
            To
          </th>
          {numbered ? (
            <th scope="col" className="w-20">
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
            <tr key={bar.id}>
              <td className="py-1 tabular-nums">{clock(bar.from)}</td>
              <td className="py-1 tabular-nums">{clock(bar.until)}</td>
              {numbered ? <td className="py-1 tabular-nums">{bar.team === null ? 'all' : bar.team + 1}</td> : null}
              <td className="py-1">
                {nameOf(bar)}
                {bar.kind === 'work' && bar.hands === 'off' ? <span className="text-small text-soft"> (goes on by itself)</span> : null}
              </td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}

const NAMES = { briefing: 'Briefing', demonstration: 'Demonstration', 'clean-down': 'Clean down', tasting: 'Tasting and marking' } as const;

export const nameOf = ({ kind, text }: Pick<Bar, 'kind' | 'text'>): string => (kind === 'work' ? text : NAMES[kind]);
