import { measure } from '../figure/measure';
import { unitOf, type Amount } from '../quantity';
import type { FieldRefused, Said } from '../words';
import { MOST_GAIN } from '../ingredients/gain';
import { isYield, linesOf, type DishContent, type Scaling } from './types';

/** What keeps a dish from being published; empty when it can be. Held lines do not: they are carried, marked, into the order. */
export function checkDish(dish: DishContent): readonly FieldRefused[] {
  const problems: FieldRefused[] = [];
  const say = (field: string, problem: Said, remedy: Said) => problems.push({ field, problem, remedy });
  if (!dish.title.trim()) say('title', { code: 'no.no-title' }, { code: 'do.give-one' });
  const lines = linesOf(dish);
  if (lines.length === 0) say('components', { code: 'no.no-lines' }, { code: 'do.add-a-line' });
  const ids = new Map(lines.map((line) => [line.id, line]));
  const ring = componentRing(dish);
  if (ring) say('components', { code: 'no.component-ring', names: ring }, { code: 'do.let-one-stand' });
  const components = new Map(dish.components.map((component) => [component.id, component]));
  dish.components.forEach((component, c) => {
    component.lines.forEach((line, l) => {
      const used = line.componentId ? components.get(line.componentId) : undefined;
      if (line.componentId && !used) {
        say(`components.${c}.lines.${l}.componentId`, { code: 'no.component-gone', item: line.item }, { code: 'do.choose-source' });
      } else if (used?.gives && line.amount && unitOf(used.gives.unit).dimension !== unitOf(line.amount.unit).dimension) {
        say(
          `components.${c}.lines.${l}.amount`,
          { code: 'no.gives-otherwise', name: used.name, gives: mostOf(used.gives), takes: mostOf(line.amount) },
          { code: 'do.one-kind-of-unit' },
        );
      }
      line.yields.forEach((step, y) => {
        if (isYield(step)) return;
        const field = `components.${c}.lines.${l}.yields.${y}`;
        say(
          field,
          { code: 'no.yield-outside', fraction: step.fraction },
          step.kind === 'cooking' ? { code: 'do.gain-to', most: MOST_GAIN } : { code: 'do.fraction-to-one' },
        );
      });
      const field = `components.${c}.lines.${l}.scaling`;
      if (line.scaling.kind !== 'percentOf') return;
      if (!ids.has(line.scaling.lineId)) {
        say(field, { code: 'no.follows-nothing', item: line.item }, { code: 'do.choose-base' });
      } else if (followsItself(line.id, ids)) {
        say(field, { code: 'no.follows-itself', item: line.item }, { code: 'do.give-own-amount' });
      }
    });
  });
  return problems;
}

const mostOf = ({ max, unit }: Amount) => measure(max, unit);

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
