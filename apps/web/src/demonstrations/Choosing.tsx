import { useMemo } from 'react';
import {
  computeOrder,
  exact,
  orderCost,
  showDecimal,
  type Choices,
  type Demonstration,
  type DemonstrationOption,
  type DoesNotFit,
  type Given,
  type ShowStep,
  type Wanted,
} from '@pelvo/core';
import { orderInputOf, type LessonDetail, type LessonDish } from '@pelvo/contract';
import { useBook } from '../device';
import { Button, Notice, Section, SelectField } from '../design';

interface ChoosingProps {
  readonly lesson: LessonDetail;
  readonly dish: LessonDish;
  readonly content: Demonstration;
  readonly steps: readonly ShowStep[];
  readonly choices: Choices;
  readonly taken: DemonstrationOption | null;
  readonly onChange: (part: Partial<Demonstration>) => void;
}

const LETTERS = 'ABCDE';
const GIVEN: Readonly<Record<Given, string>> = { live: 'shown', jump: 'shown, then jump', ready: 'not seen' };

const sameChoice = (a: DemonstrationOption, b: DemonstrationOption) =>
  a.choice.shown.join() === b.choice.shown.join() && a.choice.jumps.join() === b.choice.jumps.join();

/** The ways that fit the slot, side by side over the steps of the dish. */
export function Choosing({ lesson, dish, content, steps, choices, taken, onChange }: ChoosingProps) {
  const costs = useCosts(lesson, dish, choices);
  const options = choices.kind === 'options' ? choices.options : [];
  const kept = taken && !options.some((option) => sameChoice(option, taken)) ? taken : null;
  const columns = [
    ...options.map((option, at) => ({ name: LETTERS[at]!, option, cost: costs[at] ?? '' })),
    ...(kept ? [{ name: 'Taken', option: kept, cost: '' }] : []),
  ];
  const want = (id: string, value: string) => {
    const { [id]: _was, ...rest } = content.wanted;
    onChange({ wanted: value === '' ? rest : { ...rest, [id]: value as Wanted } });
  };
  return (
    <Section title="What is shown, and what is jumped over">
      {choices.kind === 'none' ? (
        <Why because={choices.because} steps={steps} slot={content.slot} onSlot={(slot) => onChange({ slot })} />
      ) : null}
      {choices.kind === 'options' && !choices.all ? (
        <p className="mb-2 text-small text-soft">The dish has so many steps that not every way was looked at.</p>
      ) : null}
      <div className="overflow-x-auto">
        <table className="w-full text-left align-top">
          <thead>
            <tr className="align-top">
              <th scope="col" className="min-w-64 pb-2">
                Step
              </th>
              <th scope="col" className="w-44 pb-2">
                Wanted
              </th>
              {columns.map(({ name, option, cost }) => {
                const mine = taken !== null && sameChoice(option, taken);
                return (
                  <th
                    key={name}
                    scope="col"
                    className={`w-40 border-x border-t border-line px-3 pb-2 font-normal ${mine ? 'bg-beet-wash' : 'bg-tile'}`}
                  >
                    <span className="font-title text-xl font-bold">{name}</span>
                    <dl className="text-small">
                      <Figure label="Minutes" value={String(option.showing.minutes)} />
                      <Figure label="Ready" value={`${option.standIns.after.length}`} />
                      <Figure label="Ahead" value={`${option.standIns.minutes} min`} />
                      <Figure label="Not seen" value={`${option.unseen} min`} />
                      {cost ? <Figure label="Cost" value={cost} /> : null}
                    </dl>
                    {mine ? (
                      <p className="flex min-h-11 items-center font-semibold">Taken</p>
                    ) : (
                      <Button className="w-full !px-2" onClick={() => onChange({ choice: option.choice })}>
                        Take {name}
                      </Button>
                    )}
                  </th>
                );
              })}
            </tr>
          </thead>
          <tbody className="divide-y divide-line border-y border-line">
            {steps.map(({ work, active, waits, decisive, cannotStand }, at) => (
              <tr key={work.id} className="align-top">
                <th scope="row" className="py-2 pr-3 font-normal">
                  {decisive ? <b>{work.text}</b> : work.text}
                  <span className="block text-small text-soft">
                    {active} min{waits > 0 ? `, then ${waits} by itself` : ''}
                    {cannotStand
                      ? `; cannot stand ready, ${cannotStand === 'forbidden' ? 'its dish says so' : 'it must be used at once'}`
                      : ''}
                  </span>
                </th>
                <td className="py-2 pr-3">
                  <SelectField
                    label={`Wanted of: ${work.text}`}
                    labelHidden
                    value={content.wanted[work.id] ?? ''}
                    onChange={(event) => want(work.id, event.target.value)}
                  >
                    <option value="">{decisive && !content.wanted[work.id] ? 'decides: shown' : 'as it fits'}</option>
                    <option value="shown">must be shown</option>
                    <option value="ready">not shown</option>
                  </SelectField>
                </td>
                {columns.map(({ name, option }) => {
                  const way = option.given[at]!;
                  const mine = taken !== null && sameChoice(option, taken);
                  const ready = option.standIns.after.includes(at);
                  return (
                    <td key={name} className={`border-x border-line px-3 py-2 text-small ${mine ? 'bg-beet-wash' : 'bg-tile'}`}>
                      <span className={way === 'ready' ? 'text-soft' : 'font-semibold'}>{GIVEN[way]}</span>
                      {ready ? <span className="mt-0.5 block border-l-4 border-beet pl-2">one stands ready, done</span> : null}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-small text-soft">
        Minutes are a practised hand’s, with one more at each step that decides for what is said. A step in bold decides the result, or
        carries a technique that this lesson introduces or practises.
      </p>
    </Section>
  );
}

const Figure = ({ label, value }: { label: string; value: string }) => (
  <div className="flex justify-between gap-2">
    <dt className="text-soft">{label}</dt>
    <dd className="font-semibold tabular-nums">{value}</dd>
  </div>
);

/** What the things that stand ready add to the order, at the school's prices, for each way. */
function useCosts(lesson: LessonDetail, dish: LessonDish, choices: Choices): readonly string[] {
  const book = useBook() ?? undefined;
  return useMemo(() => {
    if (choices.kind === 'none' || lesson.present === 0) return [];
    const costOf = (further: ReadonlyMap<string, number>) => {
      const standIns = { ...lesson.standIns, [dish.dishId]: Object.fromEntries(further) };
      return orderCost(computeOrder(orderInputOf({ ...lesson, standIns })), book);
    };
    const without = costOf(new Map());
    return choices.options.map(({ standIns: { further } }) => {
      if (further.size === 0) return 'no more';
      const with_ = costOf(further);
      const more = exact(with_.known.value.value).sub(exact(without.known.value.value));
      // Of nothing that is known, nothing is said: what is made ahead may be all of what has no price.
      if (without.unknown.length > 0 && more.equals(0)) return 'not known';
      return `${without.unknown.length > 0 ? 'at least ' : ''}${showDecimal(more, 2)}`;
    });
  }, [lesson, dish, choices, book]);
}

interface WhyProps {
  readonly because: DoesNotFit;
  readonly steps: readonly ShowStep[];
  readonly slot: number;
  readonly onSlot: (slot: number) => void;
}

/** Why nothing fits, and what would. */
function Why({ because, steps, slot, onSlot }: WhyProps) {
  const textOf = (id: string) => steps.find(({ work }) => work.id === id)?.work.text ?? '';
  const needs = 'needs' in because ? because.needs : null;
  const title =
    because.kind === 'too-short'
      ? `The steps that decide take ${because.decisive} minutes by themselves, and the slot is ${slot}.`
      : because.kind === 'cannot-stand'
        ? `It would fit if this could stand ready, and it cannot: ${because.steps.map((id) => `“${textOf(id)}”`).join(', ')}.`
        : because.kind === 'waits'
          ? 'The times between the steps leave no way that fits.'
          : 'Nothing of this dish is to be shown.';
  return (
    <div className="mb-4">
      <Notice title={title}>
        {needs !== null && needs > slot ? (
          <>
            <p>The shortest way takes {needs} minutes. Or let a step stand ready below.</p>
            <Button kind="quiet" onClick={() => onSlot(needs)}>
              Make the slot {needs} minutes
            </Button>
          </>
        ) : (
          <p>Let another step be shown, or stand ready, below.</p>
        )}
      </Notice>
    </div>
  );
}
