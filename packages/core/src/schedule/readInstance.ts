import type { PlanInstance } from './planInstance';

/** What is wrong with an instance: where, what, and what to do. */
export interface InstanceProblem {
  readonly field: string;
  readonly problem: string;
  readonly remedy: string;
}

export type InstanceReading =
  | { readonly kind: 'instance'; readonly instance: PlanInstance }
  | { readonly kind: 'refused'; readonly problems: readonly InstanceProblem[] };

/** About ten weeks: nothing that is planned by the minute is longer, and every minute has a place in memory. */
export const LONGEST_SESSION = 100_000;
/** Far more than any class has; beyond it a file is a mistake. */
export const MOST_STEPS = 2_000;
const ID = /^[A-Za-z0-9][A-Za-z0-9._-]*$/;

type Bag = Readonly<Record<string, unknown>>;
const isBag = (value: unknown): value is Bag => typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Reads a planning problem as it is written down (`docs/formats/plan.md`). What the format does not allow is refused with its field; what
 * it allows and nobody can do is left to `solvePlan`, which says why.
 */
export function readInstance(value: unknown): InstanceReading {
  const problems: InstanceProblem[] = [];
  const wrong = (field: string, problem: string, remedy: string) => void problems.push({ field, problem, remedy });
  const whole = (bag: Bag, key: string, field: string, { optional = false, least = 0, most = LONGEST_SESSION } = {}): void => {
    const at = `${field}${key}`;
    const number = bag[key];
    if (number === undefined && optional) return;
    if (typeof number !== 'number' || !Number.isSafeInteger(number))
      wrong(at, number === undefined ? 'It is missing.' : 'It is not a whole number.', 'Give whole minutes or amounts.');
    else if (number < least) wrong(at, `It is ${number}, less than ${least}.`, `Give ${least} or more.`);
    else if (number > most) wrong(at, `It is ${number}, more than ${most}.`, `Give ${most} or less.`);
  };
  const id = (bag: Bag, key: string, field: string): string => {
    const name = bag[key];
    if (typeof name === 'string' && ID.test(name)) return name;
    wrong(
      `${field}${key}`,
      name === undefined ? 'It is missing.' : 'It is not an id.',
      'Give letters, digits, points, dashes and underscores.',
    );
    return '';
  };
  const known = (bag: Bag, keys: readonly string[], field: string): void => {
    for (const key of Object.keys(bag))
      if (!keys.includes(key)) wrong(`${field}${key}`, 'The format knows no such field.', `Leave it out; there are ${keys.join(', ')}.`);
  };
  const list = (bag: Bag, key: string): readonly unknown[] => {
    if (Array.isArray(bag[key])) return bag[key];
    wrong(key, bag[key] === undefined ? 'It is missing.' : 'It is not a list.', 'Give a list, empty if there is nothing in it.');
    return [];
  };

  if (!isBag(value))
    return { kind: 'refused', problems: [{ field: '', problem: 'It is not an object.', remedy: 'Give one plan instance as JSON.' }] };
  known(value, ['$schema', 'format', 'version', 'id', 'title', 'horizon', 'objective', 'resources', 'steps', 'links'], '');
  if (value.format !== 'plan-instance') wrong('format', 'It is not "plan-instance".', 'Give a plan instance.');
  if (value.version !== 1) wrong('version', 'It is not 1.', 'Give version 1 of the format.');
  id(value, 'id', '');
  whole(value, 'horizon', '');
  if (isBag(value.objective)) {
    known(value.objective, ['makespanWeight'], 'objective.');
    whole(value.objective, 'makespanWeight', 'objective.', { most: 1_000_000 });
  } else wrong('objective', 'It is missing.', 'Give { "makespanWeight": … }.');

  const resources = new Map<string, 'units' | 'oven'>();
  for (const [at, resource] of list(value, 'resources').entries()) {
    const field = `resources[${at}].`;
    if (!isBag(resource)) {
      wrong(`resources[${at}]`, 'It is not an object.', 'Give units or an oven.');
      continue;
    }
    const name = id(resource, 'id', field);
    if (resources.has(name)) wrong(`${field}id`, `There is another ${name}.`, 'Give each resource an id of its own.');
    if (resource.kind === 'units') {
      known(resource, ['id', 'kind', 'capacity'], field);
      whole(resource, 'capacity', field);
    } else if (resource.kind === 'oven') {
      known(resource, ['id', 'kind', 'shelves', 'changeMinutes', 'temperatures'], field);
      whole(resource, 'shelves', field);
      whole(resource, 'changeMinutes', field);
      const { temperatures } = resource;
      if (
        temperatures !== undefined &&
        (!Array.isArray(temperatures) || temperatures.length === 0 || !temperatures.every(Number.isSafeInteger))
      )
        wrong(
          `${field}temperatures`,
          'It is not a list of whole degrees.',
          'Give at least one, or leave it out where the oven can be set to anything.',
        );
    } else wrong(`${field}kind`, 'It is neither "units" nor "oven".', 'Give one of the two.');
    if (resource.kind === 'units' || resource.kind === 'oven') resources.set(name, resource.kind);
  }

  const steps = new Set<string>();
  const listed = list(value, 'steps');
  if (listed.length > MOST_STEPS) wrong('steps', `There are ${listed.length}, more than ${MOST_STEPS}.`, 'Plan fewer at a time.');
  for (const [at, step] of listed.slice(0, MOST_STEPS).entries()) {
    const field = `steps[${at}].`;
    if (!isBag(step)) {
      wrong(`steps[${at}]`, 'It is not an object.', 'Give a step.');
      continue;
    }
    known(step, ['id', 'name', 'team', 'minutes', 'needs', 'earliest', 'latestEnd', 'fixedStart', 'earlyCost'], field);
    const name = id(step, 'id', field);
    if (steps.has(name)) wrong(`${field}id`, `There is another ${name}.`, 'Give each step an id of its own.');
    steps.add(name);
    id(step, 'team', field);
    whole(step, 'minutes', field);
    for (const key of ['earliest', 'latestEnd', 'fixedStart']) whole(step, key, field, { optional: true });
    whole(step, 'earlyCost', field, { optional: true, most: 1_000_000 });
    if (!Array.isArray(step.needs)) {
      wrong(`${field}needs`, 'It is not a list.', 'Give a list, empty if the step needs nothing.');
      continue;
    }
    for (const [slot, need] of (step.needs as unknown[]).entries()) {
      const inner = `${field}needs[${slot}].`;
      if (!isBag(need)) {
        wrong(`${field}needs[${slot}]`, 'It is not an object.', 'Give { "anyOf": […], "amount": … }.');
        continue;
      }
      known(need, ['anyOf', 'amount', 'temperature'], inner);
      whole(need, 'amount', inner, { least: 1 });
      const { anyOf, temperature } = need;
      if (!Array.isArray(anyOf) || anyOf.length === 0) {
        wrong(`${inner}anyOf`, 'It names nothing.', 'Name at least one resource.');
        continue;
      }
      for (const resource of anyOf as unknown[])
        if (typeof resource !== 'string' || !resources.has(resource))
          wrong(`${inner}anyOf`, `There is no resource ${String(resource)}.`, 'Name one of the resources.');
      if (new Set(anyOf).size < anyOf.length) wrong(`${inner}anyOf`, 'It names one twice.', 'Name each once.');
      if (temperature !== undefined && !Number.isSafeInteger(temperature))
        wrong(`${inner}temperature`, 'It is not a whole number.', 'Give degrees Celsius.');
      if (temperature === undefined && anyOf.some((resource) => resources.get(resource as string) === 'oven'))
        wrong(`${inner}temperature`, 'It is missing, and an oven is among what is needed.', 'Say at which temperature.');
    }
  }

  for (const [at, link] of list(value, 'links').entries()) {
    const field = `links[${at}].`;
    if (!isBag(link)) {
      wrong(`links[${at}]`, 'It is not an object.', 'Give a link.');
      continue;
    }
    known(link, ['from', 'to', 'min', 'max', 'waitCost'], field);
    for (const end of ['from', 'to'] as const)
      if (!steps.has(link[end] as string)) wrong(`${field}${end}`, `There is no step ${String(link[end])}.`, 'Name one of the steps.');
    if (link.from === link.to) wrong(`${field}to`, 'It joins a step to itself.', 'Name two different steps.');
    whole(link, 'min', field);
    if (link.max !== null) whole(link, 'max', field);
    whole(link, 'waitCost', field, { most: 1_000_000 });
  }
  return problems.length > 0
    ? { kind: 'refused', problems: problems.slice(0, 50) }
    : { kind: 'instance', instance: value as unknown as PlanInstance };
}
