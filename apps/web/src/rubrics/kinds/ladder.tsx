import { LADDERS, ladderOf, LEAST_STAGES, MOST_STAGES, sharesFor } from '@pelvo/core';
import { Button, SelectField, TextField } from '../../design';
import { NumberField, withAt, type EditingOf } from './editing';

export const LADDER_EDITING: EditingOf<'ladder'> = {
  called: 'stages of its own',
  cells: ({ stages }) => stages.map(({ name, share }) => [name, `earns ${Math.round(share * 100)} %`] as const),
  Editing: ({ criterion, onChange }) => (
    <div className="space-y-2">
      <SelectField
        label="Take the stages of a ladder"
        hint="The stage that is wanted earns all, its neighbours half, the others a quarter."
        value=""
        onChange={(event) => {
          const [key = '', wanted = ''] = event.target.value.split(' ');
          const ladder = ladderOf(key);
          if (ladder) onChange({ ...criterion, stages: sharesFor(ladder, wanted) });
        }}
      >
        <option value="">a ladder, and the stage that is wanted …</option>
        {LADDERS.map((ladder) => (
          <optgroup key={ladder.key} label={ladder.name}>
            {ladder.stages.map((stage) => (
              <option key={stage.key} value={`${ladder.key} ${stage.key}`}>
                {ladder.name}: {stage.name} wanted
              </option>
            ))}
          </optgroup>
        ))}
      </SelectField>
      {criterion.stages.map((stage, at) => (
        // Stages are told apart by where they stand: two may be called the same while they are written.
        <div key={at} className="grid items-end gap-3 sm:grid-cols-[1fr_9rem_auto]">
          <TextField
            label={`Stage ${at + 1}`}
            value={stage.name}
            onChange={(event) => onChange({ ...criterion, stages: withAt(criterion.stages, at, { ...stage, name: event.target.value }) })}
          />
          <NumberField
            label="earns, percent"
            max={100}
            value={Math.round(stage.share * 100)}
            onChange={(value) =>
              onChange({ ...criterion, stages: withAt(criterion.stages, at, { ...stage, share: Math.min(100, Math.max(0, value)) / 100 }) })
            }
          />
          <Button
            kind="quiet"
            disabled={criterion.stages.length <= LEAST_STAGES}
            onClick={() => onChange({ ...criterion, stages: criterion.stages.filter((_, index) => index !== at) })}
          >
            Remove<span className="sr-only"> stage {at + 1}</span>
          </Button>
        </div>
      ))}
      {criterion.stages.length < MOST_STAGES ? (
        <Button onClick={() => onChange({ ...criterion, stages: [...criterion.stages, { name: '', share: 0 }] })}>Add a stage</Button>
      ) : null}
    </div>
  ),
  fresh: {
    weight: 1,
    stages: [
      { name: 'under', share: 0.25 },
      { name: 'right', share: 1 },
      { name: 'over', share: 0.5 },
    ],
  },
};
