import { shareOff } from '../../doneness/stages';
import { ladderStageName, wrongAt } from '../../doneness/wanted';
import { exact, fromDecimal } from '../../exact';
import type { Level } from '../levels';
import { LEVELS } from '../levels';
import type { CriterionBase, Weighed } from '../types';
import type { KindOf, Scale } from './kind';
import { shareOfLevel } from './levels';
import type { Noted } from '../noted';

/** A criterion with stages of its own, weakest first: raw, just set, set, dry. */
export interface LadderCriterion extends CriterionBase, Weighed {
  readonly kind: 'ladder';
  /** What each stage is called and looks like, and the share of the points that it earns; the best one need not be the last. */
  readonly stages: readonly { readonly name: string; readonly share: number }[];
}

export interface LadderValue extends Noted {
  readonly kind: 'ladder';
  /** Which stage, from 0. */
  readonly stage: number;
  /** Which stage the dish wanted when it was judged, where it says one: then that earns all, whatever the rubric would. */
  readonly wanted?: number;
}

export const LEAST_STAGES = 2;
export const MOST_STAGES = 8;

const shareAt = ({ stages }: LadderCriterion, { stage, wanted }: LadderValue) =>
  fromDecimal(wanted === undefined ? (stages[stage]?.share ?? 0) : shareOff(stage, wanted), 4);

/** The highest level of the rubric that earns no more than the stage does. */
function levelOf(criterion: LadderCriterion, value: LadderValue, scale: Scale): Level {
  const share = shareAt(criterion, value);
  return [...LEVELS].reverse().find((level) => shareOfLevel(scale, level).compare(share) <= 0) ?? 1;
}

export const LADDER_KIND: KindOf<'ladder'> = {
  value: 'ladder',
  judged: 'by stage',
  weighs: true,
  lacks: ({ stages, name }, at) => [
    ...(stages.length < LEAST_STAGES || new Set(stages.map((stage) => stage.name.trim().toLowerCase())).size < stages.length
      ? [{ field: `${at}.stages`, problem: { code: 'no.same-stage', name }, remedy: { code: 'do.name-each-stage' } } as const]
      : []),
    ...(stages.some(({ share }) => share === 1)
      ? []
      : [{ field: `${at}.stages`, problem: { code: 'no.best-stage', name }, remedy: { code: 'do.full-stage' } } as const]),
  ],
  refuses: ({ stages }, { stage, wanted }) =>
    stages[stage] && (wanted === undefined || stages[wanted]) ? null : `There are ${stages.length} stages; choose one of them.`,
  level: levelOf,
  share: (criterion, value) => shareAt(criterion, value),
  passed: (criterion, value, scale) => levelOf(criterion, value, scale) >= scale.passAt,
  stands: (criterion, value, scale) => {
    const level = levelOf(criterion, value, scale);
    const { stage, wanted } = value;
    if (wanted === undefined || wanted === stage) return { code: 'at-stage', stage: criterion.stages[stage]?.name ?? '', level };
    const why = wrongAt(criterion.stages, stage, wanted);
    return {
      code: 'off-stage',
      stage: ladderStageName(criterion.stages, stage),
      level,
      off: stage - wanted,
      wanted: ladderStageName(criterion.stages, wanted),
      why,
    };
  },
  words: (criterion, { stage, wanted }) => [
    criterion.stages[stage]?.name ?? '',
    wanted === undefined || wanted === stage
      ? ''
      : [`${ladderStageName(criterion.stages, wanted)} was wanted`, wrongAt(criterion.stages, stage, wanted)].filter(Boolean).join(': '),
  ],
  aim: ({ stages }) => stages.reduce((best, stage) => (exact(stage.share).compare(best.share) > 0 ? stage : best), stages[0]!).name,
};
