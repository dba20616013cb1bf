import { LEVEL_NAMES, MOST_COUNTED, notedOf, seenInWords, type CountedValue } from '@pelvo/core';
import type { PaneOf } from './pane';

const counted = (value: CountedValue | null, count: number): CountedValue => ({
  kind: 'counted',
  count: Math.min(MOST_COUNTED, Math.max(0, count)),
  ...notedOf(value),
});
const step = 'flex size-20 items-center justify-center rounded-sm border-2 border-ink bg-tile text-4xl font-bold disabled:opacity-40';

export const COUNTED_PANE: PaneOf<'counted'> = {
  Pane: ({ criterion, value, onMark }) => (
    <div className="border-2 border-line bg-tile p-4">
      <div className="flex flex-wrap items-center gap-4">
        <button
          type="button"
          aria-label="One fewer"
          className={step}
          disabled={!value || value.count === 0}
          onClick={() => onMark(counted(value, (value?.count ?? 0) - 1))}
        >
          −
        </button>
        <output className="min-w-24 text-center font-title text-6xl font-bold">{value ? value.count : '–'}</output>
        <button type="button" aria-label="One more" className={step} onClick={() => onMark(counted(value, value ? value.count + 1 : 1))}>
          +
        </button>
        {value ? null : (
          <button
            type="button"
            className="min-h-14 rounded-sm border-2 border-ink px-4 text-lg font-semibold"
            onClick={() => onMark(counted(null, 0))}
          >
            None at all
          </button>
        )}
        <span className="text-xl">{criterion.counts}</span>
      </div>
      <p className="mt-3 text-lg" aria-live="polite">
        {value ? <b>{seenInWords(criterion, value)[0]}. </b> : null}
        <span className="text-soft">
          {LEVEL_NAMES[4]} at most {criterion.most[0]}, {LEVEL_NAMES[3]} at most {criterion.most[1]}, {LEVEL_NAMES[2]} at most{' '}
          {criterion.most[2]}. Keys: + and −.
        </span>
      </p>
    </div>
  ),
  byKey: (_criterion, value, key) =>
    key === '+' ? counted(value, (value?.count ?? 0) + 1) : key === '-' && value ? counted(value, value.count - 1) : null,
  isSettled: () => false,
  brief: ({ count }) => String(count),
};
