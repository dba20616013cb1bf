import type { Level, MarkValue, RubricContent } from '@pelvo/core';

/** Marks that look like a class: mostly secure, seasoning weakest, a few faults of the techniques the dish exercises, now and then something not seen. */
export function demoMarks(rubric: RubricContent, techniques: ReadonlySet<string>, salt: number): Readonly<Record<string, MarkValue>> {
  return Object.fromEntries(
    rubric.criteria.map((criterion, index): [string, MarkValue] => {
      const draw = (salt * 7919 + index * 104_729 + salt * index * 31) % 100;
      if (criterion.kind === 'critical') return [criterion.key, { kind: 'critical', met: draw !== 3, faults: [] }];
      if (draw === 50) return [criterion.key, { kind: 'notSeen' }];
      const lower = criterion.key === 'seasoning' ? 22 : 0;
      const score = draw - lower;
      const level: Level = score < 8 ? 1 : score < 34 ? 2 : score < 80 ? 3 : 4;
      const fitting = criterion.faults.filter((fault) => techniques.has(fault.technique));
      const faults = level <= 2 && fitting.length > 0 ? [fitting[draw % fitting.length]!.key] : [];
      return [criterion.key, { kind: 'level', level, faults }];
    }),
  );
}
