import type { Kitchen } from '../../kitchen';
import type { Plan } from '../planInstance';
import { ovensOf, type ClassProblem, type StepMeaning } from './classProblem';
import { ovenTasks } from './ovenUse';

/** One thing that happens, as a sheet or a card says it. */
export interface SheetRow {
  readonly from: number;
  readonly until: number;
  /** Names of the teams; empty for everyone. */
  readonly who: readonly string[];
  readonly kind: StepMeaning['kind'] | 'oven';
  /** The step as the dish says it, or what is done to an oven; empty for parts of the lesson that their kind names. */
  readonly what: string;
  readonly dishId: string | null;
  readonly hands: 'on' | 'off';
  /** Ovens and other shared things it lies on, with the heat. */
  readonly on: readonly string[];
}

export interface Sheet {
  readonly name: string;
  readonly rows: readonly SheetRow[];
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const byTime = (a: SheetRow, b: SheetRow) => a.from - b.from || a.until - b.until || a.what.localeCompare(b.what);

interface Placed extends SheetRow {
  readonly team: string | null;
  readonly by: string | null;
  readonly uses: readonly string[];
}

function rowsOf(
  { instance, meaning, teams }: ClassProblem,
  { starts, uses }: Pick<Plan, 'starts' | 'uses'>,
  names: ReadonlyMap<string, string>,
): readonly Placed[] {
  return instance.steps
    .filter(({ id }) => starts[id] !== undefined)
    .map((step) => {
      const { kind, team, by, work, dishId } = meaning.get(step.id)!;
      const used = uses[step.id] ?? [];
      return {
        from: starts[step.id]!,
        until: starts[step.id]! + step.minutes,
        who: teams.filter(({ id }) => id === team).map(({ name }) => name),
        kind,
        what: work?.text ?? '',
        dishId,
        hands: kind === 'warm-up' ? 'off' : (work?.hands ?? 'on'),
        on: used.flatMap((id, slot) => {
          const name = names.get(id);
          const heat = step.needs[slot]?.temperature;
          return name ? [heat === undefined ? name : `${name} at ${heat} °C`] : [];
        }),
        team,
        by,
        uses: used,
      };
    });
}

/** Names of what is shared: ovens by their own, the rest by kind. */
function sharedNames(problem: ClassProblem, kitchen: Kitchen): ReadonlyMap<string, string> {
  const ovens = problem.instance.resources.filter(({ kind }) => kind === 'oven').length;
  return new Map([
    ...ovensOf(kitchen, ovens - kitchen.ovens.length).map(({ id, name }): [string, string] => [id, name]),
    ...Object.keys(kitchen.equipment).map((kind): [string, string] => [kind.replace(' ', '-'), capital(kind)]),
  ]);
}

const ovenRows = (
  problem: ClassProblem,
  placed: Pick<Plan, 'starts' | 'uses'>,
  names: ReadonlyMap<string, string>,
): readonly (SheetRow & { readonly oven: string })[] =>
  ovenTasks(problem, placed).map(({ oven, kind, celsius, from, until }) => ({
    from,
    until,
    who: [],
    kind: 'oven',
    what: `${kind === 'warm' ? 'Heat' : 'Turn'} ${names.get(oven) ?? oven} to ${celsius} °C`,
    dishId: null,
    hands: 'off',
    on: [],
    oven,
  }));

const plain = ({ from, until, who, kind, what, dishId, hands, on }: SheetRow): SheetRow => ({
  from,
  until,
  who,
  kind,
  what,
  dishId,
  hands,
  on,
});

/** One sheet for the wall: what begins when, teams that begin the same at once on one row, and what is done to the ovens. */
export function wallSheet(problem: ClassProblem, placed: Pick<Plan, 'starts' | 'uses'>, kitchen: Kitchen): readonly SheetRow[] {
  const names = sharedNames(problem, kitchen);
  const together = new Map<string, SheetRow>();
  for (const row of [...rowsOf(problem, placed, names), ...ovenRows(problem, placed, names)]) {
    const key = JSON.stringify([row.from, row.until, row.kind, row.dishId, row.what, row.on]);
    const there = together.get(key);
    together.set(key, there ? { ...there, who: [...there.who, ...row.who] } : plain(row));
  }
  return [...together.values()].sort(byTime);
}

/** A card for each team: its own steps, those it does for others, and the parts of the lesson that are everyone's. */
export function teamSheets(problem: ClassProblem, placed: Pick<Plan, 'starts' | 'uses'>, kitchen: Kitchen): readonly Sheet[] {
  const rows = rowsOf(problem, placed, sharedNames(problem, kitchen));
  return problem.teams.map(({ id, name }) => ({
    name,
    rows: rows
      .filter(({ team, by }) => team === null || team === id || by === id)
      .map((row) => {
        const { who, what } = row;
        // What another team's hands do is said on both cards.
        const doneBy = problem.teams.find((each) => each.id === row.by && row.by !== row.team)?.name;
        return plain({
          ...row,
          what:
            doneBy && row.by !== id
              ? `${what} (done by ${doneBy})`
              : row.team !== null && row.team !== id
                ? `${what} (for ${who[0]})`
                : what,
        });
      })
      .sort(byTime),
  }));
}

/** A card for each thing that is shared and used, the pass last. */
export function stationSheets(problem: ClassProblem, placed: Pick<Plan, 'starts' | 'uses'>, kitchen: Kitchen): readonly Sheet[] {
  const names = sharedNames(problem, kitchen);
  const rows = rowsOf(problem, placed, names);
  const tasks = ovenRows(problem, placed, names);
  return [...names, ['assessor', 'The pass'] as const].flatMap(([id, name]) => {
    const own = [...rows.filter(({ uses }) => uses.includes(id)), ...tasks.filter(({ oven }) => oven === id)];
    return own.length > 0 ? [{ name, rows: own.map(plain).sort(byTime) }] : [];
  });
}
