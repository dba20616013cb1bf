import {
  dishAllergens,
  exact,
  factBook,
  judgeSubstitute,
  needConflicts,
  proposeSubstitutes,
  showFraction,
  type DishToCheck,
  type FactBook,
  type Needs,
  type Substitute,
  type SubstituteDoubt,
  type SubstituteVerdict,
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
  const { notKnown, labels } = dishAllergens(
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
            <b>{found.student}</b>: {found.need}. {found.dish} {itemsOf(found)}.
            <Proposals conflict={found} substitutions={substitutions} onChange={onChange} eaters={here} book={book} />
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
      {notKnown.length > 0 ? (
        <p className="mt-2 text-small">
          <b>Not known:</b> {notKnown.join(', ')}.
        </p>
      ) : null}
      {labels.length > 0 ? (
        <p className="mt-2 text-small">
          <b>Read the label:</b> {labels.join(', ')}.
        </p>
      ) : null}
      <p className="mt-2 text-small text-soft">By ingredient names only. The label, the local code and the responsible person decide.</p>
    </div>
  );
}

/** "has cold butter; may, by its label: ruby port". */
function itemsOf({ lines }: NeedConflict): string {
  const named = (may: boolean) => [...new Set(lines.filter(({ mayOnly }) => mayOnly === may).map(({ item }) => item))].join(', ');
  const [has, may] = [named(false), named(true)];
  return [has ? `has ${has}` : '', may ? `may, by its label: ${may}` : ''].filter(Boolean).join('; ');
}

interface ProposalsProps extends Omit<NeedsMarginProps, 'lesson'> {
  readonly conflict: NeedConflict;
  /** Everyone who eats in the lesson. */
  readonly eaters: readonly { readonly id: string; readonly needs: Needs }[];
  readonly book: FactBook;
}

/** What could stand in, with what each does to the dish; what somebody else cannot eat is not offered for all. */
function Proposals({ conflict, substitutions, onChange, eaters, book }: ProposalsProps) {
  if (!onChange) return null;
  const put = (lineId: string, { item, ratio }: Substitute, all: boolean) => {
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
  const own = eaters.filter(({ id }) => id === conflict.studentId).map(({ needs }) => needs);
  return (
    <ul className="text-small">
      {conflict.lines.flatMap(({ lineId, item }) =>
        lineId === null
          ? []
          : proposeSubstitutes(item, conflict.need, book).map((substitute) => (
              <Proposal
                key={`${lineId} ${substitute.item} ${substitute.function}`}
                item={item}
                substitute={substitute}
                forOne={judgeSubstitute(substitute.item, own, book)}
                forAll={judgeSubstitute(
                  substitute.item,
                  eaters.map(({ needs }) => needs),
                  book,
                )}
                onOne={() => put(lineId, substitute, false)}
                onAll={() => put(lineId, substitute, true)}
              />
            )),
      )}
    </ul>
  );
}

interface ProposalProps {
  readonly item: string;
  readonly substitute: Substitute;
  readonly forOne: SubstituteVerdict;
  readonly forAll: SubstituteVerdict;
  readonly onOne: () => void;
  readonly onAll: () => void;
}

const doubtText = ({ need, because, by }: SubstituteDoubt): string =>
  because === 'contains'
    ? `${need}: it contains it`
    : because === 'may contain'
      ? `${need}: it may contain it`
      : because === 'reacts alike'
        ? `${need}: it contains ${by}, which often reacts alike`
        : `${need}: its label has to be read`;

function Proposal({ item, substitute, forOne, forAll, onOne, onAll }: ProposalProps) {
  const { item: instead, function: does, ratio, changes } = substitute;
  return (
    <li>
      Instead of {item}
      {does === 'as it is' ? '' : ` where it ${does}`}: <b>{instead}</b>
      {ratio === '1' ? '' : `, ${showFraction(exact(ratio), 3)} of its weight`}; {changes}.
      {forOne.asked.length > 0 ? <span className="block">Ask first: {forOne.asked.map(doubtText).join('; ')}.</span> : null}
      {forAll.refused.length > 0 ? (
        <span className="block">Not for all: {forAll.refused.map(({ need }) => need).join(', ')} is on the roster.</span>
      ) : null}
      <span className="flex">
        {forOne.refused.length === 0 ? (
          <Button kind="quiet" onClick={onOne}>
            One making
          </Button>
        ) : (
          <span>Not for this student: {forOne.refused.map(doubtText).join('; ')}.</span>
        )}
        {forAll.refused.length === 0 ? (
          <Button kind="quiet" onClick={onAll}>
            For all
          </Button>
        ) : null}
      </span>
    </li>
  );
}
