import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import useSWR, { mutate as mutateAll } from 'swr';
import { linesOf, type DishContent } from '@pelvo/core';
import type { Dish, DishEdition } from '@pelvo/contract';
import { dayOf, longDate, fetcher, send, useAction, useMe } from '../../device';
import { Button, Fetching, Loading, PageHead, ProblemNotice, SelectField } from '../../design';
import { LineRow } from '../formula/LineRow';

const DRAFT = 'draft';

/** Two states of a dish side by side, line by line; an earlier edition can be made the draft again. */
export default function ComparePage() {
  const { id } = useParams();
  const { data, error, mutate } = useSWR<Dish>(`/dishes/${id}`, fetcher);
  return (
    <>
      <Fetching what="the dish" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <Compare key={data.id} dish={data} /> : null}
    </>
  );
}

function useSide(dish: Dish, which: string): DishContent | undefined {
  const { data } = useSWR<DishEdition>(which === DRAFT ? null : `/dish-editions/${which}`, fetcher);
  return which === DRAFT ? dish.content : data?.content;
}

function Compare({ dish }: { dish: Dish }) {
  const lead = useMe().role === 'lead';
  const navigate = useNavigate();
  const { busy, error, run } = useAction();
  const [left, setLeft] = useState(dish.editions[1]?.id ?? dish.editions[0]?.id ?? DRAFT);
  const [right, setRight] = useState(dish.editions.length > 1 ? dish.editions[0]!.id : DRAFT);
  const [before, after] = [useSide(dish, left), useSide(dish, right)];
  const restore = (content: DishContent) =>
    run(async () => {
      const stored = await send<Dish>('PUT', `/dishes/${dish.id}`, { body: content, version: dish.version });
      await mutateAll(`/dishes/${dish.id}`, stored, { revalidate: false });
      void navigate(`/dishes/${dish.id}`);
    });
  const picker = (label: string, value: string, onChange: (value: string) => void) => (
    <SelectField label={label} value={value} onChange={(event) => onChange(event.target.value)}>
      <option value={DRAFT}>The draft</option>
      {dish.editions.map((edition) => (
        <option key={edition.id} value={edition.id}>
          Edition {edition.number}, {longDate(dayOf(edition.publishedAt))}
        </option>
      ))}
    </SelectField>
  );
  return (
    <>
      <PageHead title={`Compare: ${dish.content.title}`} lead={<Link to={`/dishes/${dish.id}`}>To the dish</Link>} />
      <ProblemNotice error={error} />
      <div className="mb-4 grid grid-cols-2 gap-6">
        {picker('Before', left, setLeft)}
        {picker('After', right, setRight)}
      </div>
      {before && after ? <SideBySide before={before} after={after} /> : <Loading what="the editions" />}
      {lead && before && left !== DRAFT ? (
        <div className="mt-6">
          <Button busy={busy} onClick={() => void restore(before)}>
            Make “Before” the draft again
          </Button>
        </div>
      ) : null}
    </>
  );
}

/** Rows of both sides in one order: what stands on the left, then what is only on the right. */
function pair<T extends { readonly id: string }>(
  before: readonly T[],
  after: readonly T[],
): readonly (readonly [T | undefined, T | undefined])[] {
  const rest = after.filter((item) => !before.some(({ id }) => id === item.id));
  return [
    ...before.map((item) => [item, after.find(({ id }) => id === item.id)] as const),
    ...rest.map((item) => [undefined, item] as const),
  ];
}

function SideBySide({ before, after }: { before: DishContent; after: DishContent }) {
  const lines = pair(linesOf(before), linesOf(after));
  const steps = pair(before.method, after.method);
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  const cell = (isSame: boolean) => `min-w-0 px-2 py-1 ${isSame ? 'text-soft' : 'border-l-8 border-ink bg-tile'}`;
  const changed =
    [...lines, ...steps].filter(([a, b]) => !same(a, b)).length +
    (before.title === after.title ? 0 : 1) +
    (before.portions === after.portions ? 0 : 1);
  return (
    <div>
      <p className="mb-2 font-semibold">
        {changed === 0 ? 'The two are the same.' : `${changed} ${changed === 1 ? 'place differs' : 'places differ'}; they carry a bar.`}
      </p>
      <ul className="divide-y divide-line border-y-2 border-ink">
        <Row isSame={before.title === after.title && before.portions === after.portions}>
          {[before, after].map((side, index) => (
            <div key={index} className={cell(before.title === after.title && before.portions === after.portions)}>
              <b>{side.title}</b>, serves {side.portions}
            </div>
          ))}
        </Row>
        {lines.map(([a, b]) => (
          <Row key={(a ?? b)!.id} isSame={same(a, b)}>
            <div className={cell(same(a, b))}>{a ? <LineRow line={a} lines={linesOf(before)} /> : <i>not there</i>}</div>
            <div className={cell(same(a, b))}>{b ? <LineRow line={b} lines={linesOf(after)} /> : <i>removed</i>}</div>
          </Row>
        ))}
        {steps.map(([a, b]) => (
          <Row key={(a ?? b)!.id} isSame={same(a, b)}>
            <div className={cell(same(a, b))}>{a?.text ?? <i>not there</i>}</div>
            <div className={cell(same(a, b))}>{b?.text ?? <i>removed</i>}</div>
          </Row>
        ))}
      </ul>
    </div>
  );
}

function Row({ isSame, children }: { isSame: boolean; children: React.ReactNode }) {
  return (
    <li className="grid grid-cols-2 gap-6">
      {children}
      {isSame ? null : <span className="sr-only">differs</span>}
    </li>
  );
}
