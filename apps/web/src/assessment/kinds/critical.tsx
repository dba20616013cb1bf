import { notedOf } from '@pelvo/core';
import { Choice, type PaneOf } from './pane';

export const CRITICAL_PANE: PaneOf<'critical'> = {
  Pane: ({ criterion, value, onMark }) =>
    ([false, true] as const).map((met) => (
      <Choice
        key={String(met)}
        chosen={value?.met === met}
        keyCap={met ? '2' : '1'}
        onChoose={() => onMark({ kind: 'critical', met, ...(met ? { faults: [] } : notedOf(value)) })}
      >
        <b>{met ? 'Met' : 'Not met'}.</b> {met ? criterion.met : criterion.notMet}
      </Choice>
    )),
  byKey: (_criterion, value, key) =>
    /^[12]$/.test(key) ? { kind: 'critical', met: key === '2', ...(key === '2' ? { faults: [] } : notedOf(value)) } : null,
  isSettled: ({ met }) => met,
  brief: ({ met }) => (met ? 'met' : 'not met'),
};
