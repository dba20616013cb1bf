import { useEffect, useMemo, useRef, useState } from 'react';
import type { Plan, PlanInstance } from '@pelvo/core';
import type { PlanNews, PlanOrder } from './planWorker';

/** How long a plan is improved before it is left as it is. */
const SECONDS = 10;
const SECONDS_A_VARIANT = 3;
/** Milliseconds between two plans on the screen. */
const BETWEEN_SHOWN = 200;

const work = (order: PlanOrder, hear: (news: PlanNews) => void): (() => void) => {
  const worker = new Worker(new URL('./planWorker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<PlanNews>) => hear(data);
  worker.postMessage(order);
  return () => worker.terminate();
};

export interface ClassPlan {
  readonly plan: Plan | null;
  /** Whether it is still being improved. */
  readonly busy: boolean;
  /** Leaves it as it is now. */
  readonly stop: () => void;
}

interface Known {
  readonly key: string;
  readonly plan: Plan | null;
  readonly done: boolean;
}

/** The plan of an instance, made in a worker: the first as soon as there is one, better ones as they are found. */
export function useClassPlan(instance: PlanInstance | null): ClassPlan {
  const key = useMemo(() => JSON.stringify(instance), [instance]);
  const [known, setKnown] = useState<Known>({ key: '', plan: null, done: true });
  const end = useRef(() => {});
  useEffect(() => {
    if (!instance) return;
    // Better plans follow quickly at first: the screen takes the last of them, a few times a second.
    let latest: Plan | null = null;
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const show = (done: boolean) => {
      clearTimeout(waiting);
      waiting = undefined;
      setKnown({ key, plan: latest, done });
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
    return () => end.current();
    // The key says whether the instance changed.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const mine = known.key === key;
  return {
    plan: mine ? known.plan : null,
    busy: instance !== null && (!mine || !known.done),
    stop: () => {
      end.current();
      setKnown((now) => (now.key === key ? { ...now, done: true } : { key, plan: null, done: true }));
    },
  };
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
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const mine = known.key === key;
  return { plans: mine ? known.plans : new Map(), busy: variants.length > 0 && (!mine || !known.done) };
}
