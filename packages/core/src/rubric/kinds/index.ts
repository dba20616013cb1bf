import type { Exact } from '../../exact';
import type { Said } from '../../words';
import type { Level } from '../levels';
import type { Criterion, GradedCriterion, MarkValue, SeenValue } from '../types';
import { COUNTED_KIND } from './counted';
import { CRITICAL_KIND } from './critical';
import type { KindOf, Scale } from './kind';
import { LADDER_KIND } from './ladder';
import { LEVELS_KIND } from './levels';
import { MEASURED_KIND } from './measured';

/** Every kind of criterion; one that is missing here does not compile. */
export const CRITERION_KINDS: { readonly [K in Criterion['kind']]: KindOf<K> } = {
  levels: LEVELS_KIND,
  critical: CRITICAL_KIND,
  measured: MEASURED_KIND,
  counted: COUNTED_KIND,
  ladder: LADDER_KIND,
};

/** The rules of a criterion's kind, for it and a value that was checked to be of it. */
const rulesOf = (criterion: Criterion) => CRITERION_KINDS[criterion.kind] as unknown as KindOf<never>;

/** What was seen of a criterion, where a value is one of its kind. */
export const seenOf = (criterion: Criterion, value: MarkValue | undefined | null): SeenValue | null =>
  value && value.kind !== 'notSeen' && value.kind === CRITERION_KINDS[criterion.kind].value ? value : null;

export const weighs = (criterion: Criterion): criterion is GradedCriterion => CRITERION_KINDS[criterion.kind].weighs;

/** The level at which a dish stands; all that many marks at once need. */
export const levelOf = (criterion: Criterion, value: SeenValue, scale: Scale): Level =>
  rulesOf(criterion).level(criterion as never, value as never, scale);

/** The level at which a dish stands, and the share of the points that it earns. */
export const standingOf = (
  criterion: Criterion,
  value: SeenValue,
  scale: Scale,
): { readonly level: Level; readonly share: Exact; readonly passed: boolean; readonly stands: Said } => {
  const kind = rulesOf(criterion);
  const of = [criterion as never, value as never, scale] as const;
  return { level: kind.level(...of), share: kind.share(...of), passed: kind.passed(...of), stands: kind.stands(...of) };
};

/** What was said of a criterion, and what that means. */
export const seenInWords = (criterion: Criterion, value: SeenValue): readonly [said: string, means: string] =>
  rulesOf(criterion).words(criterion as never, value as never);

export const aimOf = (criterion: Criterion): string => rulesOf(criterion).aim(criterion as never);

/** Why a value cannot be given to a criterion, as a sentence; null when it can. */
export function refusesValue(criterion: Criterion, value: MarkValue): string | null {
  if (value.kind === 'notSeen') return null;
  const kind = rulesOf(criterion);
  if (value.kind !== kind.value) return `"${criterion.name}" is judged ${kind.judged}.`;
  return kind.refuses(criterion as never, value as never);
}

export const lacksOf = (criterion: Criterion, at: string) => rulesOf(criterion).lacks(criterion as never, at);
