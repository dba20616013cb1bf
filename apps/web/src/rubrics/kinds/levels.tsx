import { LEVEL_NAMES, LEVELS } from '@pelvo/core';
import { TextArea } from '../../design';
import { withAt, type EditingOf } from './editing';

export const LEVELS_EDITING: EditingOf<'levels'> = {
  called: 'by level',
  cells: ({ descriptors }) => LEVELS.map((level) => [LEVEL_NAMES[level], descriptors[level - 1]!] as const),
  Editing: ({ criterion, onChange }) => (
    <div className="grid gap-3 sm:grid-cols-2">
      {LEVELS.map((level) => (
        <TextArea
          key={level}
          rows={2}
          label={LEVEL_NAMES[level]}
          value={criterion.descriptors[level - 1]}
          onChange={(event) => onChange({ ...criterion, descriptors: withAt(criterion.descriptors, level - 1, event.target.value) })}
        />
      ))}
    </div>
  ),
  fresh: {
    weight: 1,
    descriptors: [
      'What is seen when it fails.',
      'What is seen when it nearly succeeds.',
      'What is seen when it is right.',
      'What is seen when it is better than asked.',
    ],
  },
};
