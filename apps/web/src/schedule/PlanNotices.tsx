import { teamsOfNobody, type ClassProblem, type Conflict, type TimePlan } from '@pelvo/core';
import { Button, Notice } from '../design';
import type { MadeFrom } from './planOf';

interface ChangedProps {
  readonly from: MadeFrom;
  readonly problem: ClassProblem;
  readonly outOfDate: boolean;
  readonly conflicts: readonly Conflict[];
  /** Whether it is proven that nothing fits any more. */
  readonly unfit: boolean;
  readonly onAsItIs: () => void;
}

/** What there is to say before anything else: what has changed since, and what the kitchen has none of. */
export function Changed({ from: { kitchen }, problem, outOfDate, conflicts, unfit, onAsItIs }: ChangedProps) {
  return (
    <>
      {outOfDate ? (
        <Notice title="The lesson, its kitchen or who comes has changed since this was planned.">
          <p>
            {unfit
              ? 'What would make it fit stands below.'
              : conflicts.length > 0
                ? 'What no longer holds stands beside the plan: put it right, or plan anew.'
                : 'The plan still holds.'}
          </p>
          {conflicts.length === 0 ? (
            <Button kind="quiet" onClick={onAsItIs}>
              Keep it as it is
            </Button>
          ) : null}
        </Notice>
      ) : null}
      {[...new Set(problem.lacking.map(({ need }) => lackOf(need)))].map((what) => (
        <Notice key={what} title={`${kitchen.name} has ${what}.`}>
          <p>The steps that want it are planned without. Choose another kitchen, or change the dish.</p>
        </Notice>
      ))}
    </>
  );
}

/** What else there is to say of a plan: who shares, who is not there, what is borrowed or left out. */
export function Said({ from: { lesson, kitchen }, problem, plan }: { from: MadeFrom; problem: ClassProblem; plan: TimePlan }) {
  const { stray, teams } = problem;
  const present = lesson.students.flatMap(({ id, absent }) => (absent ? [] : [id]));
  const gone = teamsOfNobody({ ...lesson, present });
  return (
    <>
      {teams.length > kitchen.stations ? (
        <Notice
          title={`${teams.length} teams, and ${kitchen.name} has ${kitchen.stations} ${kitchen.stations === 1 ? 'station' : 'stations'}.`}
        >
          <p>Some have to share a station, or work in larger teams.</p>
        </Notice>
      ) : null}
      {gone.length > 0 ? (
        <Notice title={`Nobody is in ${gone.map(({ name }) => name).join(', ')}.`}>
          <p>Nothing is planned for them. Put somebody in, or take them apart.</p>
        </Notice>
      ) : null}
      {stray.length > 0 ? (
        <Notice
          title={`${stray.length} ${stray.length === 1 ? 'decision was' : 'decisions were'} about steps that are not there any more.`}
        />
      ) : null}
      {plan.borrowed.ovens + plan.borrowed.assessors > 0 || plan.without.length > 0 ? (
        <Notice
          title={`Planned with this: ${[
            plan.borrowed.ovens > 0 ? `${plan.borrowed.ovens} borrowed ${plan.borrowed.ovens === 1 ? 'oven' : 'ovens'}` : '',
            plan.borrowed.assessors > 0 ? `${plan.borrowed.assessors} more at the pass` : '',
            ...plan.without.map(
              ({ dishId, componentId }) =>
                `without ${lesson.dishes.find((dish) => dish.dishId === dishId)?.content.components.find(({ id }) => id === componentId)?.name ?? 'a component'}`,
            ),
          ]
            .filter(Boolean)
            .join(', ')}.`}
        />
      ) : null}
    </>
  );
}

function lackOf(need: ClassProblem['lacking'][number]['need']): string {
  switch (need.kind) {
    case 'burner':
      return 'no burner';
    case 'oven':
      return `no oven that reaches ${need.celsius} °C`;
    case 'equipment':
      return `no ${need.of}`;
  }
}
