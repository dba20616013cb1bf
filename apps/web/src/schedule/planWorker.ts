import { checkPlan, repairPlan, solvePlan, type Plan, type PlanInstance, type Repair } from '@pelvo/core';

/** Asks for a plan, for the first plan of each of some variants, or for one that is broken to be put right. */
export type PlanOrder =
  | { readonly kind: 'plan'; readonly instance: PlanInstance; readonly seconds: number }
  | {
      readonly kind: 'variants';
      readonly variants: readonly { readonly key: string; readonly instance: PlanInstance }[];
      readonly seconds: number;
    }
  | { readonly kind: 'repair'; readonly instance: PlanInstance; readonly before: Pick<Plan, 'starts' | 'uses'>; readonly seconds: number };

export type PlanNews =
  | { readonly kind: 'plan'; readonly plan: Plan; readonly done: boolean }
  | { readonly kind: 'variant'; readonly key: string; readonly plan: Plan; readonly done: boolean }
  | { readonly kind: 'repair'; readonly repair: Repair; readonly done: true };

/** A plan that does not hold is never told: what the check refuses is no plan. */
const checked = (instance: PlanInstance, plan: Plan): Plan => {
  if (plan.objective === null) return plan;
  if (checkPlan(instance, plan).faults.length === 0) return plan;
  return { status: 'unknown', objective: null, bound: null, starts: {}, uses: {} };
};

/** The worker's own end of the line: what posts to a window takes no target here. */
const page = self as unknown as Pick<Worker, 'onmessage' | 'postMessage'>;

page.onmessage = ({ data }: MessageEvent<PlanOrder>) => {
  const say = (news: PlanNews) => page.postMessage(news);
  const until = (seconds: number) => {
    const end = performance.now() + seconds * 1000;
    return () => performance.now() > end;
  };
  switch (data.kind) {
    case 'plan': {
      const plan = solvePlan(data.instance, {
        stop: until(data.seconds),
        onPlan: (better) => say({ kind: 'plan', plan: checked(data.instance, better), done: false }),
      });
      say({ kind: 'plan', plan: checked(data.instance, plan), done: true });
      return;
    }
    case 'variants':
      data.variants.forEach(({ key, instance }, index) => {
        const late = until(data.seconds);
        let found = false;
        const plan = solvePlan(instance, { stop: () => found || late(), onPlan: () => (found = true) });
        say({ kind: 'variant', key, plan: checked(instance, plan), done: index === data.variants.length - 1 });
      });
      return;
    case 'repair':
      say({ kind: 'repair', repair: repairPlan(data.instance, data.before, { stop: until(data.seconds) }), done: true });
  }
};
