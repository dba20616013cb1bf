import { exact, fromDecimal, roundTo, sum as sumOf, type Exact } from '../exact';
import { figure, given, least, measure, product, quotient, rounding, sum, type Figure, type Measure, type Working } from '../figure';
import type { Said } from '../words';
import { criticalNotSeen, deductions, earnings, passOrNotYet, type MarkingWay } from './markingWay';
import { aimOf, seenInWords, seenOf, standingOf, weighs } from './kinds';
import { RUBRIC_STRANDS, type Criterion, type GradedCriterion, type Marks, type RubricContent, type RubricStrand } from './types';

/** A fault or shortfall that mattered, with what to do about it. */
export interface Remark {
  readonly criterion: string;
  readonly see: string;
  /** Empty when no fault was chosen and only the descriptor speaks. */
  readonly cause: string;
  readonly correction: string;
  readonly technique: string;
  /** The component of the dish on which it sits; empty for the whole plate. */
  readonly place: string;
  /** Points out of 100 that were lost here. */
  readonly lost: number;
  readonly critical: boolean;
}

export interface Result {
  /** How it is told; decides what `mark` shows and how its parts add up. */
  readonly way: MarkingWay;
  /** Null while nothing has been marked by level; but a missed critical criterion alone is already "not yet". */
  readonly mark: Figure | null;
  readonly capped: { readonly by: string; readonly cap: number; readonly before: Measure } | null;
  /** Criteria not marked yet, by name. */
  readonly unmarked: readonly string[];
  readonly notSeen: readonly string[];
  /** True when every criterion has been marked, "not seen" included. */
  readonly complete: boolean;
  /** The two or three that mattered most. */
  readonly remarks: readonly Remark[];
  readonly practiseNext: string | null;
}

const REMARKS = 3;

/**
 * The mark of one dish with its working.
 *
 * A strand's score is the weighted mean of its seen criteria; the mark is the weighted mean of the strands in which
 * anything was seen. So "not seen" re-weights first within its strand, and a strand with nothing seen leaves the
 * balance of the others as it was. A critical criterion that was not met caps the mark.
 *
 * @param way - how the lesson marks; the levels touched at the pass are the same whichever it is
 */
export function computeResult(rubric: RubricContent, marks: Marks, way: MarkingWay = 'levels'): Result {
  const seen = rubric.criteria.filter(weighs).flatMap((criterion) => {
    const value = seenOf(criterion, marks[criterion.key]);
    return value ? [{ criterion, value, ...standingOf(criterion, value, rubric) }] : [];
  });
  const seenStrands = RUBRIC_STRANDS.filter((strand) => seen.some((entry) => entry.criterion.strand === strand));
  const strandTotal = sumOf(seenStrands.map((strand) => weight(rubric.strandWeights[strand])));
  const unmarked = rubric.criteria.filter((criterion) => !marks[criterion.key]).map((criterion) => criterion.name);
  const notSeen = rubric.criteria.filter((criterion) => marks[criterion.key]?.kind === 'notSeen').map((criterion) => criterion.name);
  const failed = rubric.criteria.filter((criterion) => {
    const value = marks[criterion.key];
    return criterion.kind === 'critical' && value?.kind === 'critical' && !value.met;
  });

  const share = (of: Exact, all: Exact) => quotient(given(measure(of, 'times')), given(measure(all, 'times')), 'times');
  const ofStrand = new Map(
    seenStrands.map((strand) => {
      const inStrand = sumOf(seen.filter(({ criterion }) => criterion.strand === strand).map(({ criterion }) => weight(criterion.weight)));
      return [strand, { inStrand, share: share(weight(rubric.strandWeights[strand]), strandTotal) }];
    }),
  );
  /** Points out of 100 each criterion is worth in this result. */
  const worths = new Map(
    seen.map(({ criterion }): [GradedCriterion, Working] => {
      const strand = ofStrand.get(criterion.strand)!;
      const shares = [strand.share, share(weight(criterion.weight), strand.inStrand)];
      return [criterion, product([given(measure(100, 'point')), ...shares], 'point', { said: { code: 'points' } })];
    }),
  );
  const worth = (criterion: GradedCriterion): Working => worths.get(criterion)!;

  const judged = seen.map((entry) => ({ ...entry, points: worth(entry.criterion) }));
  const total = sum(earnings(judged), 'point');
  const caps = failed.map((criterion) => (criterion.kind === 'critical' ? criterion : null)).filter((criterion) => criterion !== null);
  const cap = caps.length > 0 ? caps.reduce((low, criterion) => (criterion.cap < low.cap ? criterion : low)) : null;
  const before = roundTo(exact(total.value.value), exact(1));
  const isCapped = cap !== null && exact(total.value.value).compare(cap.cap) > 0;
  const told = (of: Working): Figure => {
    const rounded = rounding(of, before, 'nearest', measure(1, 'point'));
    const final = isCapped
      ? least([rounded, given(measure(cap.cap, 'point'))], { said: { code: 'capped', cap: cap.cap, by: cap.name } })
      : rounded;
    const notes = [...weightNotes(rubric, seenStrands, notSeen, unmarked), ...criticalNotSeen(rubric, notSeen)];
    return figure({ code: 'mark' }, final, { estimate: unmarked.length > 0, notes });
  };
  const tell: Readonly<Record<MarkingWay, () => Figure>> = {
    levels: () => told(total),
    deductions: () => told(sum(deductions(judged), 'point')),
    pass: () => passOrNotYet(rubric, marks, { notSeen, unmarked }),
  };

  const lostIn = (criterion: Criterion, share: Exact): number =>
    weighs(criterion) ? exact(worth(criterion).value.value).mul(exact(1).sub(share)).valueOf() : 100;

  return {
    way,
    // A critical criterion alone makes no number, but it can already stand in the way of a pass.
    mark: seen.length === 0 && (way !== 'pass' || failed.length === 0) ? null : tell[way](),
    capped: isCapped && way !== 'pass' ? { by: cap.name, cap: cap.cap, before: measure(before, 'point') } : null,
    unmarked,
    notSeen,
    complete: unmarked.length === 0,
    ...remarksOf(rubric, marks, seen, lostIn),
  };
}

function remarksOf(
  rubric: RubricContent,
  marks: Marks,
  seen: readonly { criterion: GradedCriterion; level: number; share: Exact }[],
  lostIn: (criterion: Criterion, share: Exact) => number,
): { remarks: readonly Remark[]; practiseNext: string | null } {
  const graded = new Map(seen.map((entry) => [entry.criterion.key, entry]));
  const all = rubric.criteria.flatMap((criterion): Remark[] => {
    const value = seenOf(criterion, marks[criterion.key]);
    if (!value) return [];
    const grade = graded.get(criterion.key);
    const critical = value.kind === 'critical' && !value.met;
    if (value.kind === 'critical' && value.met && value.faults.length === 0) return [];
    const lost = grade ? lostIn(criterion, grade.share) : critical ? 100 : 0;
    const chosen = criterion.faults.filter((fault) => value.faults.includes(fault.key));
    if (chosen.length > 0) {
      return chosen.map(({ key, see, cause, correction, technique }) => {
        const { place = '', nextTime = correction } = value.notes?.[key] ?? {};
        return { criterion: criterion.name, see, cause, correction: nextTime, technique, place, lost, critical };
      });
    }
    const technique = criterion.faults[0]?.technique ?? '';
    const place = '';
    const [said, means] = seenInWords(criterion, value);
    const see = means || said;
    if (critical) return [{ criterion: criterion.name, see, cause: '', correction: aimOf(criterion), technique, place, lost, critical }];
    if (grade && grade.level <= 2)
      return [{ criterion: criterion.name, see, cause: '', correction: `Aim for: ${aimOf(criterion)}`, technique, place, lost, critical }];
    return [];
  });
  const remarks = all
    .map((remark, index) => ({ remark, index }))
    .sort((a, b) => Number(b.remark.critical) - Number(a.remark.critical) || b.remark.lost - a.remark.lost || a.index - b.index)
    .slice(0, REMARKS)
    .map(({ remark }) => remark);
  return { remarks, practiseNext: remarks.find((remark) => remark.technique)?.technique ?? null };
}

function weightNotes(
  rubric: RubricContent,
  seen: readonly RubricStrand[],
  notSeen: readonly string[],
  unmarked: readonly string[],
): readonly Said[] {
  const weighted = RUBRIC_STRANDS.filter((strand) => rubric.strandWeights[strand] > 0);
  const left = weighted.filter((strand) => !seen.includes(strand));
  return [
    { code: 'strands-weigh', weights: weighted.map((strand) => ({ strand, weight: rubric.strandWeights[strand] })) },
    ...(left.length > 0 ? [{ code: 'nothing-seen-in', strands: left } as const] : []),
    ...(notSeen.length > 0 ? [{ code: 'not-seen-reweighs', names: notSeen } as const] : []),
    ...(unmarked.length > 0 ? [{ code: 'not-marked-yet', names: unmarked } as const] : []),
  ];
}

function weight(value: number): Exact {
  return fromDecimal(value, 4);
}
