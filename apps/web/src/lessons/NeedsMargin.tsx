import {
  dishAllergens,
  exact,
  factBook,
  needConflicts,
  proposeSubstitutes,
  showFraction,
  type DishToCheck,
  type LineSubstitution,
  type NeedConflict,
} from '@pelvo/core';
import type { LessonDetail } from '@pelvo/contract';
import { Button } from '../design';

interface NeedsMarginProps {
  readonly lesson: LessonDetail;
  readonly substitutions: readonly LineSubstitution[];
  /** Left out for those who may not change the plan. */
  readonly onChange?: (substitutions: readonly LineSubstitution[]) => void;
}

/** Where the dishes go against what students may eat, and what could stand in: for one team, or for all. */
export function NeedsMargin({ lesson, substitutions, onChange }: NeedsMarginProps) {
  const here = lesson.students.filter((student) => !student.absent);
  const dishes: DishToCheck[] = [
    ...lesson.dishes,
    ...Object.entries(lesson.preparations).map(([editionId, content]) => ({ editionId, content })),
  ];
  const book = factBook(lesson.facts);
  const conflicts = needConflicts(here, dishes, { book, substitutions });
  const { unknown } = dishAllergens(
    lesson.dishes.map((dish) => dish.content),
    { book, preparations: new Map(Object.entries(lesson.preparations)) },
  );
  return (
    <div>
      <h2 className="text-lg">What students may not eat</h2>
      {conflicts.length === 0 ? <p className="text-soft">No conflict found with the needs on the roster.</p> : null}
      <ul className="mt-1 space-y-2">
        {conflicts.map((found) => (
          <li key={`${found.studentId} ${found.editionId} ${found.need}`} className="border-l-8 border-ink pl-2 leading-snug">
            <b>{found.student}</b>: {found.need}. {found.dish} {found.lines.every((line) => line.mayOnly) ? 'may hold' : 'has'}{' '}
            {found.lines.map((line) => line.item).join(', ')}.
            <Proposals conflict={found} substitutions={substitutions} onChange={onChange} />
          </li>
        ))}
      </ul>
      {substitutions.length > 0 ? (
        <>
          <h3 className="mt-3 font-semibold">Cooked with something else</h3>
          <ul className="divide-y divide-line">
            {substitutions.map((swap) => (
              <li key={swap.editionId + swap.lineId} className="flex flex-wrap items-center gap-x-2 py-1 text-small">
                <span className="min-w-0 flex-1">
                  {swap.item} ({swap.reason}),{' '}
                  {swap.makings === 'all' ? 'for all' : `${swap.makings} ${swap.makings === 1 ? 'making' : 'makings'}`}
                </span>
                {onChange ? (
                  <Button kind="quiet" onClick={() => onChange(substitutions.filter((other) => other !== swap))}>
                    Undo
                  </Button>
                ) : null}
              </li>
            ))}
          </ul>
        </>
      ) : null}
      {unknown.length > 0 ? <p className="mt-2 text-small">Nothing is known of: {unknown.join(', ')}. Check the label.</p> : null}
      <p className="mt-2 text-small text-soft">By ingredient names only. The label, the local code and the responsible person decide.</p>
    </div>
  );
}

function Proposals({ conflict, substitutions, onChange }: { conflict: NeedConflict } & Omit<NeedsMarginProps, 'lesson'>) {
  if (!onChange) return null;
  const lines = conflict.lines.flatMap((line) => {
    const [best] = proposeSubstitutes(line.item, conflict.need);
    return best ? [{ line, best }] : [];
  });
  const put = (lineId: string, item: string, ratio: string, all: boolean) => {
    const known = substitutions.find((swap) => swap.editionId === conflict.editionId && swap.lineId === lineId);
    const makings = all ? 'all' : known && known.makings !== 'all' && known.item === item ? known.makings + 1 : 1;
    onChange([
      ...substitutions.filter((swap) => swap !== known),
      {
        editionId: conflict.editionId,
        lineId,
        item,
        ratio,
        makings,
        reason: /^(?:vegan|vegetarian|no )/.test(conflict.need) ? conflict.need : `no ${conflict.need}`,
      },
    ]);
  };
  return (
    <ul className="text-small">
      {lines.map(({ line, best }) => (
        <li key={line.lineId}>
          Instead of {line.item}: <b>{best.item}</b>
          {best.ratio === '1' ? '' : `, ${showFraction(exact(best.ratio))} of the amount`}. {best.changes}.
          <span className="flex">
            <Button kind="quiet" onClick={() => put(line.lineId, best.item, best.ratio, false)}>
              One making
            </Button>
            <Button kind="quiet" onClick={() => put(line.lineId, best.item, best.ratio, true)}>
              For all
            </Button>
          </span>
        </li>
      ))}
    </ul>
  );
}
