import { LEVEL_NAMES, MOST_COUNTED } from '@pelvo/core';
import { TextField } from '../../design';
import { NumberField, withAt, type EditingOf } from './editing';

const BEST_FIRST = [4, 3, 2] as const;

export const COUNTED_EDITING: EditingOf<'counted'> = {
  called: 'counted',
  cells: ({ counts, most }) => BEST_FIRST.map((level, at) => [LEVEL_NAMES[level], `at most ${most[at]} ${counts}`] as const),
  Editing: ({ criterion, onChange }) => (
    <div className="grid gap-3 sm:grid-cols-[1fr_repeat(3,9rem)]">
      <TextField
        label="What is counted"
        value={criterion.counts}
        onChange={(event) => onChange({ ...criterion, counts: event.target.value })}
      />
      {BEST_FIRST.map((level, at) => (
        <NumberField
          key={level}
          label={`${LEVEL_NAMES[level]}, at most`}
          max={MOST_COUNTED}
          value={criterion.most[at]!}
          onChange={(value) => onChange({ ...criterion, most: withAt(criterion.most, at, Math.round(value)) })}
        />
      ))}
    </div>
  ),
  fresh: { weight: 1, counts: 'faults seen', most: [0, 1, 3] },
};
