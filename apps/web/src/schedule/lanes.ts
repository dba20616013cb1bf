import { nameOfThing, ovenTasks, type ClassProblem, type Kitchen, type Plan, type StepMeaning } from '@pelvo/core';

/** One piece of work in a lane. */
export interface Bar {
  readonly id: string;
  readonly text: string;
  readonly from: number;
  readonly until: number;
  readonly kind: StepMeaning['kind'] | 'oven';
  readonly hands: 'on' | 'off';
  /** Which of the rows of its lane it lies in, where several go on at once. */
  readonly row: number;
  /** Name of the team whose dish it is; empty for everyone. */
  readonly team: string;
  /** Minutes a plate stands before it is tasted. */
  readonly waits: number;
  /** Whether a person can move it. */
  readonly moves: boolean;
}

export interface Lane {
  readonly key: string;
  readonly name: string;
  readonly kind: 'class' | 'team' | 'thing' | 'pass';
  readonly rows: number;
  readonly bars: readonly Bar[];
}

type Loose = Omit<Bar, 'row'>;

/** Bars that go on at once lie in rows of their own. */
function inRows(bars: readonly Loose[]): { readonly rows: number; readonly bars: readonly Bar[] } {
  const ends: number[] = [];
  const placed = [...bars]
    .sort((a, b) => a.from - b.from || a.until - b.until)
    .map((bar) => {
      const free = ends.findIndex((end) => end <= bar.from - bar.waits);
      const row = free < 0 ? ends.length : free;
      ends[row] = bar.until;
      return { ...bar, row };
    });
  return { rows: Math.max(1, ends.length), bars: placed };
}

/** The lanes of a plan: the whole class, each team, then what they share and the pass. What has no place yet lies in none. */
export function lanesOf(problem: ClassProblem, plan: Pick<Plan, 'starts' | 'uses'>, kitchen: Kitchen): readonly Lane[] {
  const { instance, meaning, teams } = problem;
  const waits = platesWaiting(problem, plan);
  const bars = instance.steps
    .filter(({ id }) => plan.starts[id] !== undefined)
    .map((step): Loose & { readonly owner: string | null; readonly by: string | null } => {
      const { kind, team, by, work } = meaning.get(step.id)!;
      const from = plan.starts[step.id]!;
      return {
        id: step.id,
        text: kind === 'warm-up' ? `heat up: ${work!.text}` : (work?.text ?? step.name ?? ''),
        from,
        until: from + step.minutes,
        kind,
        hands: kind === 'warm-up' ? 'off' : (work?.hands ?? 'on'),
        team: teams.find(({ id }) => id === team)?.name ?? '',
        waits: waits.get(step.id) ?? 0,
        moves: kind === 'work' || kind === 'tasting',
        owner: team,
        by,
      };
    });
  const lane = (key: string, name: string, kind: Lane['kind'], own: readonly Loose[]): Lane => ({ key, name, kind, ...inRows(own) });
  const takes = (id: string) => bars.filter((bar) => plan.uses[bar.id]?.includes(id) ?? false);
  const borrowed = instance.resources.filter(({ kind }) => kind === 'oven').length - kitchen.ovens.length;
  const tasks = ovenTasks(problem, plan);
  const things = instance.resources.filter(({ id }) => !id.includes('.') && id !== 'assessor');
  return [
    lane(
      'class',
      'Everyone',
      'class',
      bars.filter(({ owner }) => owner === null),
    ),
    ...teams.map(({ id, name }) =>
      lane(
        `team ${id}`,
        name,
        'team',
        bars.filter(({ owner, by, kind }) => (kind === 'tasting' ? owner === id : (by ?? owner) === id)),
      ),
    ),
    ...things
      .map(({ id }) => {
        const turns = tasks
          .filter(({ oven }) => oven === id)
          .map(({ kind, celsius, from, until }, at): Loose => ({
            id: `${id} ${at}`,
            text: `${kind === 'warm' ? 'heat to' : 'to'} ${celsius} °C`,
            from: Math.max(0, from),
            until,
            kind: 'oven',
            hands: 'off',
            team: '',
            waits: 0,
            moves: false,
          }));
        return lane(
          id,
          id.startsWith('block-')
            ? `Burners ${id.slice('block-'.length)}`
            : capital(nameOfThing(id, problem, kitchen, borrowed).replace(/^the /, '')),
          'thing',
          [...turns.filter(({ from, until }) => until > from), ...takes(id)],
        );
      })
      .filter((each) => each.bars.length > 0),
    lane(
      'assessor',
      'The pass',
      'pass',
      bars.filter(({ kind }) => kind === 'tasting'),
    ),
  ];
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** How long each plate stands before it is tasted, by its tasting. */
function platesWaiting({ instance, meaning }: ClassProblem, { starts }: Pick<Plan, 'starts'>): ReadonlyMap<string, number> {
  const ready = new Map<string, number>();
  const minutesOf = new Map(instance.steps.map(({ id, minutes }) => [id, minutes]));
  for (const { from, to } of instance.links)
    if (meaning.get(to)!.kind === 'tasting' && starts[from] !== undefined)
      ready.set(to, Math.max(ready.get(to) ?? 0, starts[from] + minutesOf.get(from)!));
  return new Map([...ready].map(([id, since]) => [id, Math.max(0, (starts[id] ?? since) - since)]));
}

/** How long plates wait at the pass: the longest, and all told. */
export function platesWait(problem: ClassProblem, plan: Pick<Plan, 'starts'>): { readonly longest: number; readonly sum: number } {
  const waits = [...platesWaiting(problem, plan).values()];
  return { longest: Math.max(0, ...waits), sum: waits.reduce((all, each) => all + each, 0) };
}
