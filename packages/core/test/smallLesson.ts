import {
  AS_IT_READS,
  EMPTY_DISH,
  EMPTY_KITCHEN,
  EMPTY_STEP,
  USUAL_SEGMENTS,
  type ClassToPlan,
  type DishContent,
  type MethodStep,
  type StepWork,
} from '../src';

export const step = (id: string, text: string, part: Partial<MethodStep> = {}, work: Partial<StepWork> = {}): MethodStep => ({
  ...EMPTY_STEP,
  id,
  text,
  minutes: 10,
  ...part,
  work: { ...AS_IT_READS, ...work },
});
export const dish = (...method: MethodStep[]): DishContent => ({ ...EMPTY_DISH, title: 'Tart', portions: 2, method });
export const teams = (...hands: number[]) => hands.map((count, at) => ({ id: `t${at + 1}`, name: `Team ${at + 1}`, hands: count, dishIds: null }));
export const toPlan = (content: DishContent, part: Partial<ClassToPlan> = {}): ClassToPlan => ({
  minutes: 180,
  teams: teams(2, 2),
  portionsATeam: 2,
  dishes: [{ id: 'd', content }],
  kitchen: EMPTY_KITCHEN,
  practice: { purposes: new Map() },
  segments: USUAL_SEGMENTS,
  ...part,
});
