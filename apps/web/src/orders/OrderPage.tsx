import { useDeferredValue, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import {
  asOrdered,
  holdsSaid,
  orderedItem,
  SCALING_NAMES,
  computeOrder,
  exact,
  factBook,
  money,
  orderCost,
  portionsEach,
  type AllergenList,
  type Order,
} from '@pelvo/core';
import { LESSON_LIMITS, orderInputOf, type LessonDetail } from '@pelvo/contract';
import { inWords, shortDate, speech, useLesson } from '../device';
import {
  DataTable,
  Button,
  ButtonLink,
  DownloadLink,
  Empty,
  Fetching,
  FigureValue,
  Notice,
  PageHead,
  Section,
  Stepper,
  WorkingPage,
} from '../design';
import { Trays } from './Trays';

/** What to buy for a lesson, recomputed here as the number of students changes. */
export default function OrderPage() {
  const { id } = useParams();
  const { data, error, mutate } = useLesson(id);
  return (
    <>
      <Fetching what="the order" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <OrderScreen key={data.id} lesson={data} /> : null}
    </>
  );
}

function OrderScreen({ lesson }: { lesson: LessonDetail }) {
  const [asked, setAsked] = useState<number | null>(null);
  const students = asked ?? lesson.present;
  const wanted = useDeferredValue(students);
  const input = useMemo(() => orderInputOf(lesson, wanted), [lesson, wanted]);
  const order = useMemo(() => computeOrder(input), [input]);
  const cost = useMemo(() => orderCost(order, factBook(lesson.facts)), [order, lesson.facts]);
  const file = (kind: string, more = '') => `/api/lessons/${lesson.id}/order.${kind}?${asked === null ? '' : `students=${asked}`}${more}`;
  if (lesson.dishes.length === 0 || lesson.present === 0) {
    return (
      <Empty
        title={lesson.dishes.length === 0 ? 'No dish in this lesson yet' : 'Nobody is expected in this lesson'}
        action={
          <ButtonLink kind="main" to={`/lessons/${lesson.id}`}>
            To the plan
          </ButtonLink>
        }
      >
        {lesson.dishes.length === 0
          ? 'The order follows from the dishes and the class. Add a dish to the plan.'
          : 'Everyone is away or the class is empty. Add students, or set a number of students in the plan.'}
      </Empty>
    );
  }
  return (
    <WorkingPage>
      <PageHead
        title={`Order for ${students} ${students === 1 ? 'student' : 'students'}`}
        lead={`${lesson.title}, ${shortDate(lesson.date)}. ${order.makings.map((making) => `${inWords(making.called)}, ${portionsEach(exact(making.portions))}`).join('; ')}.`}
        actions={
          <>
            <DownloadLink href={file('csv')}>CSV</DownloadLink>
            <DownloadLink href={file('pdf')}>PDF, A4</DownloadLink>
            <DownloadLink href={file('pdf', '&paper=LETTER')}>PDF, Letter</DownloadLink>
          </>
        }
      />
      <div className="mb-5 flex flex-wrap items-start gap-6">
        <Stepper big label="Students" value={students} min={1} max={LESSON_LIMITS.students} onChange={setAsked} />
        <div>
          <p className="font-semibold">In all</p>
          <FigureValue id="demand" figure={order.demand} className="!text-2xl" />
        </div>
        <div>
          <p className="font-semibold">Cost, as far as priced</p>
          <FigureValue id="cost" figure={cost.known} className="!text-2xl" />
          <p className="text-small text-soft">
            {cost.unknown.length > 0
              ? `${cost.unknown.length} of ${order.lines.length} without a price`
              : `${money(exact(cost.known.value.value).div(students))} a student`}
          </p>
        </div>
        {asked !== null && asked !== lesson.present ? (
          <p className="self-center">
            <b>What if:</b> the lesson counts {lesson.present}.{' '}
            <Button kind="quiet" onClick={() => setAsked(null)}>
              Back to {lesson.present}
            </Button>
          </p>
        ) : null}
      </div>
      {order.held.length > 0 ? (
        <div className="mb-5">
          <Notice
            kind="problem"
            title={`${order.held.length} ${order.held.length === 1 ? 'line is' : 'lines are'} held and not in the order`}
          >
            <ul className="mt-1">
              {order.held.map((held) => (
                <li key={held.editionId + held.lineId}>
                  <Link to={`/dish-editions/${held.editionId}#line-${held.lineId}`}>{held.dish}</Link>: “{held.written}”.{' '}
                  {inWords(held.because)}
                </li>
              ))}
            </ul>
            <p className="mt-1 text-small">Settle the line on its dish, publish, and use the new edition in the plan.</p>
          </Notice>
        </div>
      ) : null}
      {order.missingFacts.length > 0 ? (
        <div className="mb-5">
          <Notice title="Some amounts of one item stand on separate lines">
            <ul>
              {order.missingFacts.map(({ item, need }) => (
                <li key={item + need}>
                  The {need} of {item} is not known. <Link to="/ingredients">Enter it</Link>, and they are added up.
                </li>
              ))}
            </ul>
          </Notice>
        </div>
      ) : null}
      {order.components.length > 0 ? (
        <div className="mb-5">
          <Notice title="Components to look at">
            <ul>
              {order.components.map(({ editionId, dish, said }, index) => (
                <li key={`${editionId} ${index}`}>
                  <Link to={`/dish-editions/${editionId}`}>{dish}</Link>: {inWords(said)}
                </li>
              ))}
            </ul>
          </Notice>
        </div>
      ) : null}
      <OrderTable
        order={order}
        single={lesson.dishes.length === 1 && order.preparations.length === 0}
        allergenList={lesson.school.allergenList}
      />
      {order.tap.length > 0 ? (
        <p className="mt-2">
          <b>From the tap, not bought:</b>{' '}
          {order.tap.map((line, index) => (
            <span key={line.key}>
              {index > 0 ? ', ' : ''}
              {line.item} <FigureValue id={line.key} figure={line.figure} as={asOrdered(line, speech().preferences)} />
            </span>
          ))}
        </p>
      ) : null}
      {order.preparations.length > 0 ? (
        <Section title="To make ahead, in bulk">
          <ul>
            {order.preparations.map((need) => (
              <li key={`${need.editionId} ${need.separateFor}`} className="py-1">
                <b>{need.title}:</b> <FigureValue id={`make ${need.editionId} ${need.separateFor}`} figure={need.needed} />, for{' '}
                {need.usedBy.join(', ')}
                {need.separateFor > 0
                  ? `, a separate making for ${need.separateFor} ${need.separateFor === 1 ? 'team' : 'teams'}`
                  : ''}. <Link to={`/dish-editions/${need.editionId}`}>Its formula</Link>
              </li>
            ))}
          </ul>
        </Section>
      ) : null}
      <Trays lesson={lesson} input={input} />
      <p className="mt-6 text-small text-soft">
        Allergens are named by ingredient. The maker’s label, the local code and the responsible person decide.
      </p>
    </WorkingPage>
  );
}

function OrderTable({ order, single, allergenList }: { order: Order; single: boolean; allergenList: AllergenList }) {
  return (
    <DataTable
      rows={order.lines}
      keyOf={({ key }) => key}
      columns={[
        { head: 'To buy', names: true, cell: orderedItem },
        {
          head: 'Amount',
          align: 'right',
          cell: (line) => <FigureValue id={line.key} figure={line.figure} as={asOrdered(line, speech().preferences)} />,
        },
        { head: 'Scales', small: true, from: 'md', cell: (line) => line.scalings.map((kind) => SCALING_NAMES[kind]).join(', ') },
        single ? null : { head: 'For', small: true, from: 'md', cell: (line) => line.dishes.join(', ') },
        {
          head: 'Allergens',
          small: true,
          from: 'sm',
          cell: (line) => inWords(holdsSaid(line, allergenList)),
        },
      ]}
    />
  );
}
