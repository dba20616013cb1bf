import { exact, exactText, showDecimal, type Exact } from '../exact';
import type { Figure, Part } from '../figure';
import { STRAND_NAMES } from '../technique';
import { LEVEL_NAMES, PASS_LEVEL, type Criterion, type Level, type LevelCriterion, type Marks, type RubricContent } from './types';

/** How results are told; the practices of the matter `marking`. */
export const MARKING_WAYS = ['levels', 'pass', 'deductions'] as const;
export type MarkingWay = (typeof MARKING_WAYS)[number];

/** The way a practice in force stands for; levels with weights where nobody has chosen. */
export function markingWay(practice: string | undefined): MarkingWay {
  return MARKING_WAYS.find((way) => way === practice) ?? 'levels';
}

interface Judged {
  readonly criterion: LevelCriterion;
  readonly level: Level;
  /** Share of its points that the level earns. */
  readonly share: Exact;
  /** Points out of 100 the criterion is worth in this result. */
  readonly points: Exact;
}

/** The same mark told from the top: full marks, less what each criterion falls short. */
export function deductions(judged: readonly Judged[]): readonly Part[] {
  const short = judged.flatMap(({ criterion, level, share, points }): Part[] => {
    const lost = points.mul(exact(1).sub(share));
    if (lost.equals(0)) return [];
    return [
      {
        from: `${STRAND_NAMES[criterion.strand]}, ${criterion.name}`,
        how: `${LEVEL_NAMES[level]} loses ${showDecimal(exact(1).sub(share).mul(100))} % of ${showDecimal(points, 1)} points`,
        value: exactText(exact(0).sub(lost)),
        shown: `−${showDecimal(lost, 1)}`,
      },
    ];
  });
  return [{ from: 'Full marks', how: 'before anything is taken off', value: '100', shown: '100' }, ...short];
}

/**
 * A dish passes when nothing critical is missed and every criterion seen stands at the rubric's level or above.
 *
 * @returns a figure whose value is the number of criteria in the way: 0 is a pass
 */
export function passOrNotYet(
  rubric: RubricContent,
  marks: Marks,
  { notSeen, unmarked }: { readonly notSeen: readonly string[]; readonly unmarked: readonly string[] },
): Figure {
  const passAt = rubric.passAt ?? PASS_LEVEL;
  const parts = rubric.criteria.flatMap((criterion): Part[] => {
    const value = marks[criterion.key];
    if (!value || value.kind === 'notSeen') return [];
    const stands = value.kind === 'critical' ? (value.met ? 'met' : 'not met') : LEVEL_NAMES[value.level];
    const passed = value.kind === 'critical' ? value.met : value.level >= passAt;
    return [{ from: nameOf(criterion), how: stands, value: passed ? '0' : '1', shown: passed ? 'passed' : 'in the way' }];
  });
  const inTheWay = parts.filter(({ value }) => value === '1').length;
  return {
    label: 'Result',
    shown: inTheWay === 0 ? 'Pass' : 'Not yet',
    exact: String(inTheWay),
    value: String(inTheWay),
    unit: null,
    parts,
    rounding: null,
    estimate: unmarked.length > 0,
    notes: [
      `passes when nothing critical is missed and every criterion seen stands at ${LEVEL_NAMES[passAt]} or above`,
      ...(notSeen.length > 0 ? [`not seen, so not counted: ${notSeen.join(', ')}`] : []),
      ...(unmarked.length > 0 ? [`not marked yet, so this is not final: ${unmarked.join(', ')}`] : []),
    ],
  };
}

const nameOf = (criterion: Criterion) =>
  `${STRAND_NAMES[criterion.strand]}, ${criterion.name}${criterion.kind === 'critical' ? ', critical' : ''}`;
