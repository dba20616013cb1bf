import { mean } from 'simple-statistics';
import { agreementOf, type Agreement, type LevelPair } from '../fairness';
import { LEVELS, seenOf, standingOf, type Criterion, type Level, type MarkValue, type RubricContent } from '../rubric';

export const STANDARDISATION_LIMITS = { kept: 200, title: 120, samples: 12, about: 2000 } as const;

/** A dish that all who mark judge, each alone: told in words, or a plate that was marked once. */
export interface SampleDish {
  readonly id: string;
  readonly title: string;
  /** What is to be seen, in words; empty where photos say it. */
  readonly about: string;
  /** The plate it was; null where it is told in words. */
  readonly assessmentId: string | null;
}

/** What was said of one criterion of a sample dish. */
export interface SampleMark {
  readonly sampleId: string;
  readonly criterionKey: string;
  readonly value: MarkValue;
}

/** One assessor's word on the sample dishes. */
export interface SampleJudge {
  readonly personId: string;
  readonly name: string;
  readonly marks: readonly SampleMark[];
}

/** What can be said of a criterion by looking: none for what is measured or counted, which no two see differently. */
export function valuesByEye(criterion: Criterion): readonly MarkValue[] {
  switch (criterion.kind) {
    case 'levels':
      return LEVELS.map((level) => ({ kind: 'level', level, faults: [] }));
    case 'critical':
      return [true, false].map((met) => ({ kind: 'critical', met, faults: [] }));
    case 'ladder':
      return criterion.stages.map((_, stage) => ({ kind: 'ladder', stage, faults: [] }));
    case 'measured':
    case 'counted':
      return [];
  }
}

export const criteriaByEye = ({ criteria }: Pick<RubricContent, 'criteria'>): readonly Criterion[] =>
  criteria.filter((criterion) => valuesByEye(criterion).length > 0);

/** Whether somebody has judged every sample dish by every criterion. */
export const hasJudgedAll = (
  rubric: Pick<RubricContent, 'criteria'>,
  samples: readonly Pick<SampleDish, 'id'>[],
  marks: readonly SampleMark[],
): boolean => {
  const judged = new Set(marks.map(({ sampleId, criterionKey }) => `${sampleId} ${criterionKey}`));
  return samples.every(({ id }) => criteriaByEye(rubric).every(({ key }) => judged.has(`${id} ${key}`)));
};

/** How a criterion of a sample dish came out. */
export interface SampleOutcome {
  readonly sampleId: string;
  readonly criterion: Criterion;
  readonly said: readonly { readonly personId: string; readonly value: MarkValue; readonly level: Level }[];
  /** What the school takes for right; null where nothing is set yet. */
  readonly standard: MarkValue | null;
  /** Levels between the mildest and the strictest. */
  readonly apart: number;
}

/** How one assessor stands to what the school takes for right. */
export interface JudgeOutcome {
  readonly personId: string;
  readonly name: string;
  /** Judgements that there is something to hold against. */
  readonly of: number;
  /** Share given exactly so; null where there are none. */
  readonly exactly: number | null;
  /** Levels above (milder) or below (stricter); null where there are none. */
  readonly off: number | null;
  readonly agreement: Agreement;
}

/**
 * What a standardisation comes to: where those who mark lie apart, the widest first, and how each stands to the standard that was set. No
 * standard is made up from what most have said: it is set by who looked at the dish together.
 */
export function standardisationOutcome(
  rubric: RubricContent,
  samples: readonly SampleDish[],
  judges: readonly SampleJudge[],
  standard: readonly SampleMark[],
): { readonly samples: readonly SampleOutcome[]; readonly judges: readonly JudgeOutcome[] } {
  const levelOf = (criterion: Criterion, value: MarkValue): Level | null => {
    const seen = seenOf(criterion, value);
    return seen ? standingOf(criterion, seen, rubric).level : null;
  };
  const at = (marks: readonly SampleMark[], sampleId: string, key: string) =>
    marks.find((mark) => mark.sampleId === sampleId && mark.criterionKey === key)?.value ?? null;
  const outcomes = samples.flatMap(({ id }) =>
    criteriaByEye(rubric).map((criterion): SampleOutcome => {
      const said = judges.flatMap(({ personId, marks }) => {
        const value = at(marks, id, criterion.key);
        const level = value ? levelOf(criterion, value) : null;
        return value && level ? [{ personId, value, level }] : [];
      });
      const levels = said.map(({ level }) => level);
      return {
        sampleId: id,
        criterion,
        said,
        standard: at(standard, id, criterion.key),
        apart: levels.length > 0 ? Math.max(...levels) - Math.min(...levels) : 0,
      };
    }),
  );
  return {
    samples: [...outcomes].sort((a, b) => b.apart - a.apart),
    judges: judges.map(({ personId, name }) => {
      const pairs = outcomes.flatMap(({ criterion, said, standard: right }): LevelPair[] => {
        const own = said.find((each) => each.personId === personId)?.level;
        const level = right ? levelOf(criterion, right) : null;
        return own && level ? [[level, own]] : [];
      });
      return {
        personId,
        name,
        of: pairs.length,
        exactly: pairs.length > 0 ? pairs.filter(([right, own]) => right === own).length / pairs.length : null,
        off: pairs.length > 0 ? mean(pairs.map(([right, own]) => own - right)) : null,
        agreement: agreementOf(pairs),
      };
    }),
  };
}
