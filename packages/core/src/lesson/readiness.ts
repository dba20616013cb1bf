import type { Said } from '../words';

/** The phases of a lesson in the order of the work. */
export const PHASES = ['plan', 'order', 'mark', 'results'] as const;
export type Phase = (typeof PHASES)[number];

export type PhaseState = 'missing' | 'open' | 'done';

export interface PhaseReadiness {
  readonly phase: Phase;
  readonly state: PhaseState;
  /** What is still missing here; empty when nothing is. */
  readonly missing: readonly Said[];
  readonly said: Said;
}

export interface LessonFacts {
  readonly present: number;
  readonly dishes: number;
  readonly techniques: number;
  readonly hasRubric: boolean;
  /** Whether a plan of time is kept that does not hold: it did not fit, or what was changed broke it. */
  readonly timeOpen: boolean;
  readonly heldLines: number;
  readonly orderLines: number;
  /** Dishes to mark: students present times dishes. */
  readonly toMark: number;
  readonly marked: number;
  readonly released: boolean;
}

/** What a lesson still needs, phase by phase, so that one touch leads to each missing thing. */
export function lessonReadiness(facts: LessonFacts): readonly PhaseReadiness[] {
  const plan: Said[] = [];
  if (facts.present === 0) plan.push({ code: 'no-students' });
  if (facts.dishes === 0) plan.push({ code: 'no-dish' });
  if (facts.techniques === 0) plan.push({ code: 'no-technique' });
  if (!facts.hasRubric) plan.push({ code: 'no-rubric' });
  if (facts.timeOpen && facts.marked === 0 && !facts.released) plan.push({ code: 'time-does-not-fit' });
  const order: Said[] = facts.heldLines > 0 ? [{ code: 'lines-to-settle', count: facts.heldLines }] : [];
  const allMarked = facts.toMark > 0 && facts.marked >= facts.toMark;
  const canOrder = facts.dishes > 0 && facts.present > 0;
  return [
    {
      phase: 'plan',
      state: plan.length > 0 ? 'missing' : 'done',
      missing: plan,
      said: plan.length > 0 ? { code: 'several', parts: plan } : { code: 'complete' },
    },
    {
      phase: 'order',
      state: !canOrder || order.length > 0 ? 'missing' : 'done',
      missing: order,
      said: !canOrder ? { code: 'waits-for-plan' } : (order[0] ?? { code: 'lines-to-buy', count: facts.orderLines }),
    },
    {
      phase: 'mark',
      state: !facts.hasRubric || facts.toMark === 0 ? 'missing' : allMarked ? 'done' : 'open',
      missing: [],
      said: facts.hasRubric ? { code: 'dishes-marked', marked: facts.marked, of: facts.toMark } : { code: 'needs-a-rubric' },
    },
    {
      phase: 'results',
      state: facts.released ? 'done' : facts.marked > 0 ? 'open' : 'missing',
      missing: [],
      said: { code: facts.released ? 'with-the-students' : facts.marked > 0 ? 'not-released' : 'after-marking' },
    },
  ];
}
