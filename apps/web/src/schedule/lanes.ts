import type { ClassProblem, Kitchen, Plan, StepMeaning } from '@pelvo/core';

/** One piece of work in a lane. */
export interface Bar {
  readonly id: string;
  readonly text: string;
  readonly from: number;
  readonly until: number;
  readonly kind: StepMeaning['kind'];
  readonly hands: 'on' | 'off';
  /** Which of the rows of its lane it lies in, where several go on at once. */
  readonly row: number;
  readonly team: number | null;
}

export interface Lane {
  readonly key: string;
  readonly name: string;
  readonly rows: number;
  readonly bars: readonly Bar[];
}

/** Bars that go on at once lie in rows of their own. */
function inRows(bars: readonly Omit<Bar, 'row'>[]): { readonly rows: number; readonly bars: readonly Bar[] } {
  const ends: number[] = [];
  const placed = [...bars]
    .sort((a, b) => a.from - b.from || a.until - b.until)
    .map((bar) => {
      const free = ends.findIndex((end) => end <= bar.from);
      const row = free < 0 ? ends.length : free;
      ends[row] = bar.until;
      return { ...bar, row };
    });
  return { rows: Math.max(1, ends.length), bars: placed };
}

/** The lanes of a plan: the whole class, each team, then what they share and the pass. */
export function lanesOf(
  { instance, meaning }: ClassProblem,
  plan: Plan,
  kitchen: Kitchen,
  teamName: (team: number) => string,
): readonly Lane[] {
  const bars = instance.steps.map((step): Omit<Bar, 'row'> => {
    const { kind, team, work } = meaning.get(step.id)!;
    const from = plan.starts[step.id]!;
    return { id: step.id, text: work?.text ?? step.name ?? '', from, until: from + step.minutes, kind, hands: work?.hands ?? 'on', team };
  });
  const lane = (key: string, name: string, own: readonly Omit<Bar, 'row'>[]): Lane => ({ key, name, ...inRows(own) });
  const teams = [...new Set(bars.flatMap(({ team }) => (team === null ? [] : [team])))].sort((a, b) => a - b);
  const takes = (id: string) => (bar: Omit<Bar, 'row'>) => plan.uses[bar.id]?.includes(id) ?? false;
  const shared = [
    ...kitchen.ovens.map((oven, at) => lane(`oven-${at + 1}`, oven.name, bars.filter(takes(`oven-${at + 1}`)))),
    ...Object.keys(kitchen.equipment).map((kind) => lane(kind, capital(kind), bars.filter(takes(kind.replace(' ', '-'))))),
  ].filter((each) => each.bars.length > 0);
  return [
    lane(
      'class',
      'Everyone',
      bars.filter(({ team }) => team === null),
    ),
    ...teams.map((team) =>
      lane(
        `team-${team}`,
        teamName(team),
        bars.filter((bar) => bar.team === team),
      ),
    ),
    ...shared,
    lane(
      'assessor',
      'The pass',
      bars.filter(({ kind }) => kind === 'tasting'),
    ),
  ];
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** How long plates wait at the pass: the longest, and all told. */
export function platesWait({ instance, meaning }: ClassProblem, plan: Plan): { readonly longest: number; readonly sum: number } {
  const ready = new Map<string, number>();
  const minutesOf = new Map(instance.steps.map(({ id, minutes }) => [id, minutes]));
  for (const { from, to } of instance.links)
    if (meaning.get(to)!.kind === 'tasting') ready.set(to, Math.max(ready.get(to) ?? 0, plan.starts[from]! + minutesOf.get(from)!));
  const waits = [...ready].map(([id, since]) => plan.starts[id]! - since);
  return { longest: Math.max(0, ...waits), sum: waits.reduce((all, each) => all + each, 0) };
}
