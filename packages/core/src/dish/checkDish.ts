import { exact } from '../exact';
import { showAmount, unitOf } from '../quantity';
import { linesOf, type DishContent, type Scaling } from './types';

export interface DishProblem {
  readonly field: string;
  readonly problem: string;
  readonly remedy: string;
}

/** What keeps a dish from being published; empty when it can be. Held lines do not: they are carried, marked, into the order. */
export function checkDish(dish: DishContent): readonly DishProblem[] {
  const problems: DishProblem[] = [];
  const say = (field: string, problem: string, remedy: string) => problems.push({ field, problem, remedy });
  if (!dish.title.trim()) say('title', 'The dish has no title.', 'Give it one.');
  const lines = linesOf(dish);
  if (lines.length === 0) say('components', 'The dish has no ingredient lines.', 'Paste or add at least one.');
  const ids = new Map(lines.map((line) => [line.id, line]));
  const ring = componentRing(dish);
  if (ring) say('components', `Components use each other in a ring: ${ring.join(', ')}.`, 'Let one of them stand without the others.');
  const components = new Map(dish.components.map((component) => [component.id, component]));
  dish.components.forEach((component, c) => {
    component.lines.forEach((line, l) => {
      const used = line.componentId ? components.get(line.componentId) : undefined;
      if (line.componentId && !used) {
        say(
          `components.${c}.lines.${l}.componentId`,
          `"${line.item}" takes from a component that is no longer there.`,
          'Choose where it comes from.',
        );
      } else if (used?.gives && line.amount && unitOf(used.gives.unit).dimension !== unitOf(line.amount.unit).dimension) {
        say(
          `components.${c}.lines.${l}.amount`,
          `"${used.name}" gives ${showAmount(used.gives)}, but this line takes ${showAmount(line.amount)} of it.`,
          'Give both as weight, as volume or as pieces.',
        );
      }
      line.yields.forEach(({ fraction }, y) => {
        const value = exact(fraction);
        if (value.compare(0) <= 0 || value.compare(1) > 0) {
          say(`components.${c}.lines.${l}.yields.${y}`, `A yield of ${fraction} cannot be.`, 'Give a fraction above 0 and at most 1.');
        }
      });
      const field = `components.${c}.lines.${l}.scaling`;
      if (line.scaling.kind !== 'percentOf') return;
      if (!ids.has(line.scaling.lineId)) {
        say(field, `"${line.item}" follows a line that is no longer there.`, 'Choose the line it is a percentage of.');
      } else if (followsItself(line.id, ids)) {
        say(field, `"${line.item}" follows itself by percent.`, 'Let one line of the ring have an amount of its own.');
      }
    });
  });
  return problems;
}

/** Names of components that use each other in a ring, first one repeated last; null when there is none. */
export function componentRing(dish: DishContent): readonly string[] | null {
  const byId = new Map(dish.components.map((component) => [component.id, component]));
  const uses = (id: string) => byId.get(id)?.lines.flatMap((line) => line.componentId ?? []) ?? [];
  const named = (id: string) => byId.get(id)?.name || 'the main list';
  const done = new Set<string>();
  const follow = (id: string, path: readonly string[]): readonly string[] | null => {
    if (path.includes(id)) return [...path.slice(path.indexOf(id)), id].map(named);
    if (done.has(id)) return null;
    for (const next of uses(id)) {
      const ring = follow(next, [...path, id]);
      if (ring) return ring;
    }
    done.add(id);
    return null;
  };
  for (const { id } of dish.components) {
    const ring = follow(id, []);
    if (ring) return ring;
  }
  return null;
}

function followsItself(id: string, lines: ReadonlyMap<string, DishContent['components'][number]['lines'][number]>): boolean {
  const followed = new Set<string>();
  let at: string | undefined = id;
  while (at && !followed.has(at)) {
    followed.add(at);
    const scaling: Scaling | undefined = lines.get(at)?.scaling;
    at = scaling?.kind === 'percentOf' ? scaling.lineId : undefined;
  }
  return at === id;
}
