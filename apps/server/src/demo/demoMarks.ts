import type { Level, MarkValue, MeasuredCriterion, RubricContent } from '@pelvo/core';

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
      switch (criterion.kind) {
        case 'levels':
          return [criterion.key, { kind: 'level', level, faults }];
        case 'measured':
          return [criterion.key, { kind: 'measured', pieces: demoPieces(criterion, level, draw), level, faults }];
        case 'counted':
          return [
            criterion.key,
            { kind: 'counted', count: [0, 5, criterion.most[2], criterion.most[1], criterion.most[0]][level]!, faults },
          ];
        case 'ladder':
          return [criterion.key, { kind: 'ladder', stage: Math.min(criterion.stages.length, level) - 1, faults }];
      }
    }),
  );
}

/** Pieces as a student of a level cuts them: so many within tolerance, the others a little beyond it. */
function demoPieces({ target }: MeasuredCriterion, level: Level, draw: number): number[][] {
  const count = target.pieces > 1 ? target.pieces + (draw % 3) : 1;
  const right = target.pieces > 1 ? Math.round(count * [0, 0.3, 0.6, 0.8, 1][level]!) : level >= 3 ? 1 : 0;
  return Array.from({ length: count }, (_, piece) =>
    target.sizes.map(({ least, most }, size) => {
      const spread = ((draw * 37 + piece * 53 + size * 17) % 100) / 100;
      const figure = piece < right ? least + (most - least) * (0.1 + 0.8 * spread) : most + (most - least) * (0.1 + 0.5 * spread);
      return Math.round(figure * 10) / 10;
    }),
  );
}

/** What a second person says of the same plate: mostly the same, now and then a level lower, seldom one higher. */
export function demoSecondMarks(marks: Readonly<Record<string, MarkValue>>, salt: number): Readonly<Record<string, MarkValue>> {
  return Object.fromEntries(
    Object.entries(marks).map(([key, value], index): [string, MarkValue] => {
      if (value.kind !== 'level' && value.kind !== 'measured') return [key, value];
      const draw = (salt * 37 + index * 53) % 100;
      const change = draw < 24 ? -1 : draw >= 92 ? 1 : 0;
      return [key, { ...value, level: Math.min(4, Math.max(1, (value.level ?? 1) + change)) as Level }];
    }),
  );
}
