import { Suspense, useEffect } from 'react';
import type { Criterion, MarkValue, RubricContent, SeenValue } from '@pelvo/core';
import { Loading } from '../../design';
import { fetchFaultNotes } from '../fetchFaultNotes';
import { fetchTaught } from '../fetchTaught';
import { COUNTED_PANE } from './counted';
import { CRITICAL_PANE } from './critical';
import { LADDER_PANE } from './ladder';
import { LEVELS_PANE } from './levels';
import { fetchMeasuredPane, MEASURED_PANE } from './measured';
import { valueOfKind, type PaneOf } from './pane';

export { Choice } from './pane';

/** How each kind is given; one that is missing does not compile. */
const PANES: { readonly [K in Criterion['kind']]: PaneOf<K> } = {
  levels: LEVELS_PANE,
  critical: CRITICAL_PANE,
  measured: MEASURED_PANE,
  counted: COUNTED_PANE,
  ladder: LADDER_PANE,
};

const paneOf = (criterion: Criterion) => PANES[criterion.kind] as unknown as PaneOf<never>;
const own = (criterion: Criterion, value: MarkValue | undefined) => valueOfKind(criterion as never, value) as SeenValue | null;

/** What a criterion is given by, of whatever kind it is. */
export function GivenBy({
  criterion,
  value,
  onMark,
}: {
  criterion: Criterion;
  value: MarkValue | undefined;
  onMark: (value: MarkValue) => void;
}) {
  const { Pane } = paneOf(criterion);
  return (
    <Suspense fallback={<Loading what="what it is measured with" />}>
      <Pane key={criterion.key} criterion={criterion as never} value={own(criterion, value) as never} onMark={onMark} />
    </Suspense>
  );
}

export const byKey = (criterion: Criterion, value: MarkValue | undefined, key: string): MarkValue | null =>
  paneOf(criterion).byKey(criterion as never, own(criterion, value) as never, key);

/** Whether a judgement leaves nothing more to say, so that the next criterion can come up by itself. */
export const isSettled = (criterion: Criterion, value: MarkValue): boolean =>
  value.kind === 'notSeen' || paneOf(criterion).isSettled(value as never);

export const brief = (criterion: Criterion, value: MarkValue): string =>
  value.kind === 'notSeen' ? 'not seen' : paneOf(criterion).brief(value as never);

/** Has at hand what a rubric is given by before it is touched, so that it is there when the network is gone. */
export function usePanes(rubric: RubricContent | undefined): void {
  const known = rubric !== undefined;
  const measures = rubric?.criteria.some(({ kind }) => kind === 'measured') ?? false;
  useEffect(() => {
    // A device without a network has them from before, or has not.
    if (known) for (const fetch of [fetchTaught, fetchFaultNotes]) void fetch().catch(() => undefined);
    if (measures) void fetchMeasuredPane().catch(() => undefined);
  }, [known, measures]);
}
