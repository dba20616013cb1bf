import { LEVEL_NAMES, LEVELS, notedOf, type Level } from '@pelvo/core';
import { Choice, type PaneOf } from './pane';

export const LEVELS_PANE: PaneOf<'levels'> = {
  Pane: ({ criterion, value, onMark }) =>
    LEVELS.map((level) => (
      <Choice
        key={level}
        chosen={value?.level === level}
        keyCap={String(level)}
        onChoose={() => onMark({ kind: 'level', level, ...notedOf(value) })}
      >
        <b>{LEVEL_NAMES[level]}.</b> {criterion.descriptors[level - 1]}
      </Choice>
    )),
  byKey: (_criterion, value, key) => (/^[1-4]$/.test(key) ? { kind: 'level', level: Number(key) as Level, ...notedOf(value) } : null),
  isSettled: ({ level, faults }) => level >= 3 && faults.length === 0,
  brief: ({ level }) => `${level} ${LEVEL_NAMES[level]}`,
};
