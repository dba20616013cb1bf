import { linesOf, type DishContent, type ScalingRule } from './types';

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
  dish.components.forEach((component, c) => {
    component.lines.forEach((line, l) => {
      const field = `components.${c}.lines.${l}.rule`;
      if (line.rule.kind !== 'percentOf') return;
      if (!ids.has(line.rule.lineId)) {
        say(field, `"${line.item}" follows a line that is no longer there.`, 'Choose the line it is a percentage of.');
      } else if (followsItself(line.id, ids)) {
        say(field, `"${line.item}" follows itself by percent.`, 'Let one line of the ring have an amount of its own.');
      }
    });
  });
  return problems;
}

function followsItself(id: string, lines: ReadonlyMap<string, DishContent['components'][number]['lines'][number]>): boolean {
  const followed = new Set<string>();
  let at: string | undefined = id;
  while (at && !followed.has(at)) {
    followed.add(at);
    const rule: ScalingRule | undefined = lines.get(at)?.rule;
    at = rule?.kind === 'percentOf' ? rule.lineId : undefined;
  }
  return at === id;
}
