import { checkPlan, solvePlan, type Plan, type PlanInstance } from '@pelvo/core';

/** Asks for a plan, or for the first plan of each of some variants. */
export type PlanOrder =
  | { readonly kind: 'plan'; readonly instance: PlanInstance; readonly seconds: number }
  | {
      readonly kind: 'variants';
      readonly variants: readonly { readonly key: string; readonly instance: PlanInstance }[];
      readonly seconds: number;
    };

export type PlanNews =
  | { readonly kind: 'plan'; readonly plan: Plan; readonly done: boolean }
  | { readonly kind: 'variant'; readonly key: string; readonly plan: Plan; readonly done: boolean };

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
  if (data.kind === 'plan') {
    const until = performance.now() + data.seconds * 1000;
    const plan = solvePlan(data.instance, {
      stop: () => performance.now() > until,
      onPlan: (better) => say({ kind: 'plan', plan: checked(data.instance, better), done: false }),
    });
    say({ kind: 'plan', plan: checked(data.instance, plan), done: true });
    return;
  }
  data.variants.forEach(({ key, instance }, index) => {
    const until = performance.now() + data.seconds * 1000;
    let found = false;
    const plan = solvePlan(instance, { stop: () => found || performance.now() > until, onPlan: () => (found = true) });
    say({ kind: 'variant', key, plan: checked(instance, plan), done: index === data.variants.length - 1 });
  });
};
