import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Plan, PlanInstance, Repair } from '@pelvo/core';
import type { PlanNews, PlanOrder } from './planWorker';

/** How long a plan is improved before it is left as it is, and how long one is put right. */
const SECONDS = 10;
const SECONDS_TO_REPAIR = 4;
const SECONDS_A_VARIANT = 3;
/** Milliseconds between two plans on the screen. */
const BETWEEN_SHOWN = 200;

const work = (order: PlanOrder, hear: (news: PlanNews) => void): (() => void) => {
  const worker = new Worker(new URL('./planWorker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<PlanNews>) => hear(data);
  worker.postMessage(order);
  return () => worker.terminate();
};

/** What is being worked out: a plan that gets better until it is left as it is, or one that is put right. */
export type Solving = { readonly kind: 'idle' } | { readonly kind: 'plan' | 'repair' };

export interface Solver {
  readonly solving: Solving;
  /** Makes a plan: `onPlan` is given the first as soon as there is one, and better ones as they come; `done` with the last. */
  readonly plan: (instance: PlanInstance, onPlan: (plan: Plan, done: boolean) => void) => void;
  readonly repair: (instance: PlanInstance, before: Pick<Plan, 'starts' | 'uses'>, onRepair: (repair: Repair) => void) => void;
  /** Ends at once what is being worked out. */
  readonly stop: () => void;
}

/** Works out plans in a worker of its own. */
export function useSolver(): Solver {
  const [solving, setSolving] = useState<Solving>({ kind: 'idle' });
  const end = useRef(() => {});
  useEffect(() => () => end.current(), []);
  const stop = useCallback(() => {
    end.current();
    end.current = () => {};
    setSolving({ kind: 'idle' });
  }, []);
  const plan = useCallback<Solver['plan']>(
    (instance, onPlan) => {
      stop();
      setSolving({ kind: 'plan' });
      // Better plans follow quickly at first: the screen takes the last of them, a few times a second.
      let latest: Plan | null = null;
      let waiting: ReturnType<typeof setTimeout> | undefined;
      const show = (done: boolean) => {
        clearTimeout(waiting);
        waiting = undefined;
        if (done) setSolving({ kind: 'idle' });
        onPlan(latest!, done);
      };
      const leave = work({ kind: 'plan', instance, seconds: SECONDS }, (news) => {
        if (news.kind !== 'plan') return;
        const first = latest === null;
        latest = news.plan;
        if (first || news.done) show(news.done);
        else waiting ??= setTimeout(() => show(false), BETWEEN_SHOWN);
      });
      end.current = () => {
        clearTimeout(waiting);
        leave();
      };
    },
    [stop],
  );
  const repair = useCallback<Solver['repair']>(
    (instance, before, onRepair) => {
      stop();
      setSolving({ kind: 'repair' });
      end.current = work({ kind: 'repair', instance, before, seconds: SECONDS_TO_REPAIR }, (news) => {
        if (news.kind !== 'repair') return;
        setSolving({ kind: 'idle' });
        onRepair(news.repair);
      });
    },
    [stop],
  );
  return useMemo(() => ({ solving, plan, repair, stop }), [solving, plan, repair, stop]);
}

/** Which of some variants have a plan: by key, those that are known so far. */
export function useVariants(variants: readonly { readonly key: string; readonly instance: PlanInstance }[]): {
  readonly plans: ReadonlyMap<string, Plan>;
  readonly busy: boolean;
} {
  const key = useMemo(() => JSON.stringify(variants), [variants]);
  const [known, setKnown] = useState<{ key: string; plans: ReadonlyMap<string, Plan>; done: boolean }>({
    key: '',
    plans: new Map(),
    done: true,
  });
  useEffect(() => {
    if (variants.length === 0) return;
    return work({ kind: 'variants', variants, seconds: SECONDS_A_VARIANT }, (news) => {
      if (news.kind === 'variant')
        setKnown((now) => ({ key, plans: new Map([...(now.key === key ? now.plans : []), [news.key, news.plan]]), done: news.done }));
    });
    // oxlint-disable-next-line react/exhaustive-deps
  }, [key]);
  const mine = known.key === key;
  return { plans: mine ? known.plans : new Map(), busy: variants.length > 0 && (!mine || !known.done) };
}
