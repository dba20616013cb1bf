import { useMemo } from 'react';
import { nameOfStep, nameOfThing, type ClassProblem, type Plan, type TimePlan } from '@pelvo/core';
import { Button, Section } from '../design';
import { platesWait } from './lanes';
import { remediesOf, type MadeFrom, type Remedy } from './planOf';
import { useVariants } from './useSolver';

interface WhyNotProps {
  readonly from: MadeFrom;
  readonly plan: TimePlan;
  readonly reason: readonly string[];
  /** What several of those steps ask for. */
  readonly on: readonly string[];
  readonly problem: ClassProblem;
  readonly clock: (minute: number) => string;
  /** Whether what would change the lesson itself may be taken. */
  readonly mayChangeLesson: boolean;
  readonly onTake: (remedy: Remedy, plan: Plan) => void;
}

/** Why nothing holds, as a few steps that cannot hold together, and what would make it fit, each tried. */
export function WhyNot({ from, plan, reason, on, problem, clock, mayChangeLesson, onTake }: WhyNotProps) {
  const remedies = useMemo(() => remediesOf(from, plan, problem, reason), [from, plan, problem, reason]);
  const variants = useMemo(() => remedies.map(({ key, problem: own }) => ({ key, instance: own.instance })), [remedies]);
  const { plans, busy } = useVariants(variants);
  // What fits comes first once all are tried; while they are, nothing moves under the finger.
  const fits = ({ key }: Remedy) => typeof plans.get(key)?.objective === 'number';
  const shown = busy ? remedies : [...remedies.filter(fits), ...remedies.filter((remedy) => !fits(remedy))];
  return (
    <div className="grid gap-6 lg:grid-cols-2">
      <div>
        <Section title="What cannot hold together">
          <p className="mb-2">{between(problem, reason, placeOf(on, problem, from.kitchen), clock)}</p>
          <ul className="divide-y divide-line border-y border-line">
            {whatTogether(problem, reason).map((line) => (
              <li key={line} className="py-1">
                {line}
              </li>
            ))}
          </ul>
        </Section>
      </div>
      <div>
        <Section title="What would make it fit">
          <ul className="divide-y divide-line border-y border-line">
            {shown.map((remedy) => {
              const tried = plans.get(remedy.key);
              const other = Object.keys(remedy.lesson).length > 0;
              return (
                <li key={remedy.key} className="flex items-center justify-between gap-3 py-2">
                  <span>
                    {remedy.name}
                    {tried && typeof tried.objective === 'number' ? (
                      <span className="block text-small text-soft">{whatItGives(remedy, tried, clock)}</span>
                    ) : null}
                  </span>
                  {tried && typeof tried.objective === 'number' ? (
                    !other || mayChangeLesson ? (
                      <Button kind="main" onClick={() => onTake(remedy, tried)}>
                        {other ? 'It fits: change the lesson so' : 'It fits: plan it so'}
                      </Button>
                    ) : (
                      <span className="text-soft">it fits; the lead instructor can change the lesson so</span>
                    )
                  ) : (
                    <span className="shrink-0 text-soft">
                      {tried ? (tried.status === 'infeasible' ? 'still does not fit' : 'not found in time') : busy ? 'being tried …' : ''}
                    </span>
                  )}
                </li>
              );
            })}
          </ul>
        </Section>
      </div>
    </div>
  );
}

/** " on the burners of station 1", where it is one thing that they all want and no pair of hands. */
function placeOf(on: readonly string[], problem: ClassProblem, kitchen: MadeFrom['kitchen']): string {
  const [thing, ...others] = on.filter((id) => !id.startsWith('hands.'));
  return thing === undefined || others.length > 0 || thing === 'assessor' ? '' : ` on ${nameOfThing(thing, problem, kitchen)}`;
}

/** The window in which they all have to lie. */
function between({ instance }: ClassProblem, reason: readonly string[], place: string, clock: (minute: number) => string): string {
  const steps = instance.steps.filter(({ id }) => reason.includes(id));
  if (steps.length === 0) return 'All steps together leave no room.';
  const from = Math.min(...steps.map(({ earliest = 0, fixedStart }) => fixedStart ?? earliest));
  const until = Math.max(...steps.map(({ latestEnd = instance.horizon }) => latestEnd));
  if (until <= from) return `It may begin at ${clock(from)} and has to end by ${clock(until)}. There is no room${place} for:`;
  const sum = steps.reduce((all, { minutes }) => all + minutes, 0);
  return `Between ${clock(from)} and ${clock(until)}${steps.length > 1 ? `, ${sum} minutes in all,` : ''} there is no room${place} for:`;
}

/** The steps of a reason, those that are the same for several teams on one line: "4 teams need an oven at 220 °C for 40 minutes each: bake". */
export function whatTogether({ instance, meaning, teams }: ClassProblem, reason: readonly string[]): readonly string[] {
  const groups = new Map<string, string[]>();
  for (const id of reason) {
    const about = meaning.get(id);
    const key = about?.kind === 'work' ? `${about.dishId} ${about.work!.id}` : (about?.kind ?? id);
    groups.set(key, [...(groups.get(key) ?? []), id]);
  }
  return [...groups.values()].map((ids) => {
    const step = instance.steps.find(({ id }) => id === ids[0])!;
    const about = meaning.get(ids[0]!)!;
    const names = [...new Set(ids.flatMap((id) => teams.find((team) => team.id === meaning.get(id)?.team)?.name ?? []))];
    // A team brings a plate of each of its dishes.
    const plates = about.kind === 'tasting' && ids.length > 1 ? `${ids.length} plates` : null;
    const who = plates ?? (names.length === 0 ? 'Everyone' : names.length === 1 ? names[0]! : `${names.length} teams`);
    const heat = step.needs.find(({ temperature }) => temperature !== undefined)?.temperature;
    const oven = heat === undefined ? '' : `an oven at ${heat} °C for `;
    const place = about.kind === 'tasting' ? ' at the pass' : '';
    const each = ids.length > 1 ? ' each' : '';
    const what = nameOfStep({ meaning, teams: [] }, ids[0]!);
    return `${who} ${plates || names.length > 1 ? 'need' : 'needs'} ${oven}${step.minutes} minutes${each}${place}: ${what}`;
  });
}

/** What the plan of a remedy is like: when plates come, and how long they wait. */
function whatItGives({ problem }: Remedy, plan: Plan, clock: (minute: number) => string): string {
  const plates = problem.instance.steps.filter(({ id }) => problem.meaning.get(id)!.kind === 'tasting').map(({ id }) => plan.starts[id]!);
  if (plates.length === 0) return '';
  const { longest } = platesWait(problem, plan);
  return `plates from ${clock(Math.min(...plates))} to ${clock(Math.max(...plates))}, the longest wait ${longest} min`;
}
