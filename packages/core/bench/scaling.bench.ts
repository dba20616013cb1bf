import { test } from 'vitest';
import { EMPTY_COMPONENT, EMPTY_DISH, computeOrder, exact, linesOf, readLine, scaleDish, type Component, type DishContent } from '../src';
import { CORPUS } from '../test/corpus/lines';
import { medianOf, ms } from './median';

const lines = CORPUS.filter((row) => row.certainty === 'sure').map((row) => readLine(row.written));

/** A dish of some components and lines, every rule among them. */
function dishOf(components: number, count: number): DishContent {
  const perComponent = Math.ceil(count / components);
  const all = Array.from({ length: components }, (_, c): Component => ({
    ...EMPTY_COMPONENT,
    id: `c${c}`,
    name: `Component ${c}`,
    lines: Array.from({ length: Math.min(perComponent, count - c * perComponent) }, (_, l) => ({
      id: `c${c}l${l}`,
      ...lines[(c * perComponent + l) % lines.length]!,
    })),
  }));
  return { ...EMPTY_DISH, title: 'Bench', components: all };
}

test('scaling: speed', () => {
  const [small, large] = [dishOf(6, 80), dishOf(6, 800)];
  const factor = exact('7/3');
  const plan = { students: 14, teamSize: 2, portionsATeam: 2, demonstrationPortions: 2, referencePlates: 1, spareMakings: 1 };
  const order = (content: DishContent) => () => computeOrder({ plan, dishes: [{ editionId: 'e', content }], preparations: new Map() });
  const [one, ten] = [medianOf(() => scaleDish(small, factor)), medianOf(() => scaleDish(large, factor), 50)];
  console.log(
    `\nScaling 6 components, ${linesOf(small).length} lines, with working: ${ms(one)} (asked: under 1 ms). ${linesOf(large).length} lines: ${ms(ten)}, ${(ten / one).toFixed(1)} times as long.`,
  );
  const [orderOne, orderTen] = [medianOf(order(small)), medianOf(order(large), 50)];
  console.log(
    `The whole order of it, three kinds of making: ${ms(orderOne)}; ten times the lines: ${(orderTen / orderOne).toFixed(1)} times as long.`,
  );
});
