import { test } from 'vitest';
import {
  assessedTooEarly,
  EMPTY_COMPONENT,
  EMPTY_DISH,
  computeOrder,
  exact,
  linesOf,
  readLine,
  scaleDish,
  type Component,
  type CourseFacts,
  type DishContent,
} from '../src';
import { CORPUS } from '../test/corpus/lines';
import { at, held, took } from './held';
import { medianOf, ms, reference } from './median';

const lines = CORPUS.filter((row) => row.certainty === 'sure').map((row) => readLine(row.written));

/** A class of fourteen in pairs, with a demonstration and a second try: three kinds of making. */
const plan = {
  students: 14,
  teamSize: 2,
  portionsATeam: 2,
  demonstrationPortions: 2,
  referencePlates: 1,
  tastingPortions: 0,
  spareMakings: 1,
};

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

test('orders and what a term needs', async () => {
  const dishes = Array.from({ length: 40 }, (_, index) => ({
    editionId: `e${index}`,
    content: { ...dishOf(3, 25), title: `Dish ${index}` },
  }));
  const term = () => {
    for (let lesson = 0; lesson < 60; lesson += 1)
      computeOrder({ plan, dishes: [0, 1, 2, 3].map((place) => dishes[(lesson * 4 + place) % 40]!), preparations: new Map() });
  };
  const first = await took(term);
  const times = [];
  for (let index = 0; index < 7; index += 1) times.push(await took(term));
  const content = dishOf(6, 100);
  const one = medianOf(() => computeOrder({ plan, dishes: [{ editionId: 'e', content }], preparations: new Map() }));
  const own = reference();
  console.log(
    `a term: ${ms(first)} the first time, then ${ms(at(0.5, times))}; one order of 100 lines ${ms(one)}; the reference ${ms(own)}`,
  );
  held('what a term needs, 60 lessons of 4 dishes of 25 lines, the first time', first / own, 87, 'times the reference');
  held('what a term needs, median', at(0.5, times) / own, 32, 'times the reference');
  held('the order of one lesson of 100 lines, median', one / own, 0.9, 'times the reference');
});

test('who was assessed too early', () => {
  const of = (count: number, prefix: string) =>
    Array.from({ length: count }, (_, index) => ({ id: `${prefix}${index}`, name: `${prefix} ${index}` }));
  const facts = (lessons: number): CourseFacts => ({
    students: of(24, 's'),
    techniques: of(60, 't'),
    prerequisites: new Map(),
    lessons: Array.from({ length: lessons }, (_, index) => ({
      id: `l${index}`,
      title: `Lesson ${index}`,
      date: new Date(Date.UTC(2026, 8, 1 + index * 2)).toISOString().slice(0, 10),
      techniques: (['introduce', 'practise', 'assess'] as const).map((purpose, place) => ({ id: `t${(index + place * 7) % 60}`, purpose })),
      inPassing: [1, 2, 3, 4, 5, 6].map((step) => `t${(index * step) % 60}`),
      absent: [`s${index % 24}`],
    })),
  });
  const [year, four] = [facts(60), facts(240)];
  const one = medianOf(() => assessedTooEarly(year), 40);
  held('who was assessed too early, 24 students in 60 lessons, median', one, 30);
  held('the same in four times the lessons takes', medianOf(() => assessedTooEarly(four), 20) / one, 6, 'times as long');
});
