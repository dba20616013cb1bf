/** The stations of a lesson in the order of the work. */
export type Station = 'plan' | 'order' | 'mark' | 'results';

export type StationState = 'missing' | 'open' | 'done';

export interface StationReadiness {
  readonly station: Station;
  readonly state: StationState;
  /** What is still missing here, each as a short phrase; empty when nothing is. */
  readonly missing: readonly string[];
  readonly said: string;
}

export interface LessonFacts {
  readonly present: number;
  readonly dishes: number;
  readonly techniques: number;
  readonly hasRubric: boolean;
  readonly heldLines: number;
  readonly orderLines: number;
  /** Dishes to mark: students present times dishes. */
  readonly toMark: number;
  readonly marked: number;
  readonly released: boolean;
}

/** What a lesson still needs, station by station, so that one touch leads to each missing thing. */
export function lessonReadiness(facts: LessonFacts): readonly StationReadiness[] {
  const plan: string[] = [];
  if (facts.present === 0) plan.push('no students');
  if (facts.dishes === 0) plan.push('no dish');
  if (facts.techniques === 0) plan.push('no technique in focus');
  if (!facts.hasRubric) plan.push('no rubric');
  const order = facts.heldLines > 0 ? [`${facts.heldLines} ${facts.heldLines === 1 ? 'line' : 'lines'} to settle`] : [];
  const allMarked = facts.toMark > 0 && facts.marked >= facts.toMark;
  const canOrder = facts.dishes > 0 && facts.present > 0;
  return [
    { station: 'plan', state: plan.length > 0 ? 'missing' : 'done', missing: plan, said: plan.length > 0 ? plan.join(', ') : 'complete' },
    {
      station: 'order',
      state: !canOrder || order.length > 0 ? 'missing' : 'done',
      missing: order,
      said: !canOrder ? 'waits for the plan' : order.length > 0 ? order.join(', ') : `${facts.orderLines} lines`,
    },
    {
      station: 'mark',
      state: !facts.hasRubric || facts.toMark === 0 ? 'missing' : allMarked ? 'done' : 'open',
      missing: [],
      said: facts.hasRubric ? `${facts.marked} of ${facts.toMark} dishes` : 'needs a rubric',
    },
    {
      station: 'results',
      state: facts.released ? 'done' : facts.marked > 0 ? 'open' : 'missing',
      missing: [],
      said: facts.released ? 'with the students' : facts.marked > 0 ? 'not released' : 'after marking',
    },
  ];
}
