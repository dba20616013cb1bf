import { safeCsv } from '../../formats/csv';
import type { Plan } from '../planInstance';
import type { ClassProblem } from './classProblem';

const COLUMNS = ['from', 'to', 'minutes', 'team', 'kind', 'what', 'hands', 'takes'] as const;

/**
 * A plan as CSV (RFC 4180), one row a step in the order of time; cells that a spreadsheet would run as a formula are made harmless.
 *
 * @param clock - the time of day at a minute of the lesson
 * @param nameOf - a thing of the kitchen by its id, as it is spoken of
 */
export function planCsv(
  { instance, meaning, teams }: ClassProblem,
  plan: Pick<Plan, 'starts' | 'uses'>,
  clock: (minute: number) => string,
  nameOf: (resource: string) => string,
): string {
  const rows = [...instance.steps]
    .sort((a, b) => plan.starts[a.id]! - plan.starts[b.id]! || a.id.localeCompare(b.id))
    .map((step) => {
      const { kind, team, work } = meaning.get(step.id)!;
      const from = plan.starts[step.id]!;
      return {
        from: clock(from),
        to: clock(from + step.minutes),
        minutes: String(step.minutes),
        team: team === null ? 'all' : (teams.find(({ id }) => id === team)?.name ?? team),
        kind,
        what: work?.text ?? '',
        hands: work ? work.hands : '',
        takes: [...new Set(plan.uses[step.id] ?? [])].map(nameOf).join('; '),
      };
    });
  return safeCsv(COLUMNS, rows);
}
