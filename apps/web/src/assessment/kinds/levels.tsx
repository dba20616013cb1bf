import { LEVEL_NAMES, LEVELS, type Level } from '@pelvo/core';
import { Choice, faultsOf, type PaneOf } from './pane';

export const LEVELS_PANE: PaneOf<'levels'> = {
  Pane: ({ criterion, value, onMark }) =>
    LEVELS.map((level) => (
      <Choice
        key={level}
        chosen={value?.level === level}
        keyCap={String(level)}
        onChoose={() => onMark({ kind: 'level', level, faults: faultsOf(value) })}
      >
        <b>{LEVEL_NAMES[level]}.</b> {criterion.descriptors[level - 1]}
      </Choice>
    )),
  byKey: (_criterion, value, key) => (/^[1-4]$/.test(key) ? { kind: 'level', level: Number(key) as Level, faults: faultsOf(value) } : null),
  isSettled: ({ level, faults }) => level >= 3 && faults.length === 0,
  brief: ({ level }) => `${level} ${LEVEL_NAMES[level]}`,
};
