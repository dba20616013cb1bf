import { TextArea } from '../../design';
import type { EditingOf } from './editing';

export const CRITICAL_EDITING: EditingOf<'critical'> = {
  called: 'critical: met or not',
  cells: ({ met, notMet }) => [
    ['Not met', notMet],
    ['Met', met],
  ],
  Editing: ({ criterion, onChange }) => (
    <div className="grid gap-3 sm:grid-cols-2">
      <TextArea rows={2} label="Met" value={criterion.met} onChange={(event) => onChange({ ...criterion, met: event.target.value })} />
      <TextArea
        rows={2}
        label="Not met"
        value={criterion.notMet}
        onChange={(event) => onChange({ ...criterion, notMet: event.target.value })}
      />
    </div>
  ),
  fresh: { met: 'What is seen when it is met.', notMet: 'What is seen when it is not.', cap: 40 },
};
