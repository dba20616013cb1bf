import { notedOf } from '@pelvo/core';
import { Choice, type PaneOf } from './pane';

export const LADDER_PANE: PaneOf<'ladder'> = {
  Pane: ({ criterion, value, onMark }) =>
    criterion.stages.map(({ name, share }, stage) => (
      <Choice
        key={name}
        chosen={value?.stage === stage}
        keyCap={String(stage + 1)}
        onChoose={() => onMark({ kind: 'ladder', stage, ...notedOf(value) })}
      >
        <b>{name}</b> <span className="opacity-80">earns {Math.round(share * 100)} %</span>
      </Choice>
    )),
  byKey: ({ stages }, value, key) => {
    const stage = /^[1-8]$/.test(key) ? Number(key) - 1 : -1;
    return stages[stage] ? { kind: 'ladder', stage, ...notedOf(value) } : null;
  },
  // Where another stage was wanted, what went wrong is to be read and said.
  isSettled: ({ faults, stage, wanted }) => faults.length === 0 && (wanted === undefined || wanted === stage),
  brief: ({ stage }) => `stage ${stage + 1}`,
};
