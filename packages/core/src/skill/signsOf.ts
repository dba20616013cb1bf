import { levelOf, seenOf, weighs, type Criterion, type EvidenceKind, type Level, type MarkValue, type RubricContent } from '../rubric';

/** What a judgement says of a technique. */
export interface TechniqueSign {
  /** By name, as the rubric's edition has it. */
  readonly technique: string;
  readonly level: Level;
  readonly evidence: EvidenceKind;
  readonly sharedBy: number;
  /** The faults of this technique that were noted, with the component on which each sits; empty for the whole plate. */
  readonly faults: readonly { readonly key: string; readonly place: string }[];
}

/**
 * What one judgement says of techniques. Where a fault was noted it says so of the fault's technique alone; else of every technique that the
 * criterion draws faults from and that was cooked or taught in the lesson. Critical criteria say nothing of skill.
 *
 * @param inLesson - names of the techniques that the dish exercises or the lesson takes up
 */
export function signsOf(
  criterion: Criterion,
  value: MarkValue | null,
  { rubric, inLesson }: { readonly rubric: RubricContent; readonly inLesson: ReadonlySet<string> },
): readonly TechniqueSign[] {
  const seen = weighs(criterion) ? seenOf(criterion, value) : null;
  if (!seen || (seen.kind === 'measured' && seen.level === null)) return [];
  const level = levelOf(criterion, seen, rubric);
  const noted = criterion.faults.filter(({ key }) => seen.faults.includes(key));
  const of = noted.length > 0 ? noted : criterion.faults.filter(({ technique }) => inLesson.has(technique));
  const techniques = [...new Set(of.map(({ technique }) => technique))].filter(Boolean);
  return techniques.map((technique) => ({
    technique,
    level,
    evidence: criterion.evidence,
    sharedBy: techniques.length,
    faults: noted.filter((fault) => fault.technique === technique).map(({ key }) => ({ key, place: seen.notes?.[key]?.place ?? '' })),
  }));
}
