import type { ComponentType } from 'react';
import { CRITERION_KINDS, type Criterion, type CriterionOf, type MarkValue, type ValueOf } from '@pelvo/core';

/** How a kind of criterion is given at the pass, by touch and by key. */
export interface PaneOf<K extends Criterion['kind']> {
  readonly Pane: ComponentType<PaneProps<K>>;
  /** What a key stands for on it; null when for nothing. */
  readonly byKey: (criterion: CriterionOf<K>, value: ValueOf<K> | null, key: string) => ValueOf<K> | null;
  /** Whether a judgement leaves nothing more to say, so that the next criterion can come up by itself. */
  readonly isSettled: (value: ValueOf<K>) => boolean;
  /** What stands in the list of criteria. */
  readonly brief: (value: ValueOf<K>) => string;
}

export interface PaneProps<K extends Criterion['kind']> {
  readonly criterion: CriterionOf<K>;
  readonly value: ValueOf<K> | null;
  readonly onMark: (value: ValueOf<K>) => void;
}

/** A value where it is one of the criterion's kind; while pieces are measured, too. */
export const valueOfKind = <K extends Criterion['kind']>(criterion: CriterionOf<K>, value: MarkValue | undefined): ValueOf<K> | null =>
  value && value.kind === CRITERION_KINDS[criterion.kind].value ? (value as ValueOf<K>) : null;

const box = (chosen: boolean) =>
  `flex min-h-[4.5rem] items-center gap-3 rounded-sm border-2 px-3 py-2 text-left text-lg leading-snug ${chosen ? 'border-ink bg-ink text-paper' : 'border-line bg-tile hover:border-ink'}`;

/** One thing to touch, with the key that does the same. */
export function Choice({
  chosen,
  keyCap,
  onChoose,
  dashed = false,
  children,
}: {
  chosen: boolean;
  keyCap: string;
  onChoose: () => void;
  dashed?: boolean;
  children: React.ReactNode;
}) {
  return (
    <button type="button" aria-pressed={chosen} onClick={onChoose} className={`${box(chosen)} ${dashed ? '!min-h-12 border-dashed' : ''}`}>
      <span aria-hidden className="flex size-8 shrink-0 items-center justify-center rounded-sm border border-current font-semibold">
        {keyCap}
      </span>
      <span>{children}</span>
    </button>
  );
}
