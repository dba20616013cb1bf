import type { PlanInstance, PlanReason } from '../planInstance';
import { chanceFrom } from './chance';
import { crowdedSteps } from './crowded';
import { modelOf, type Model } from './model';
import { Search } from './search';
import { windowsOf } from './windows';

/** Work for one look at whether a set of steps can hold together. */
const LOOK = 60_000;
/** Crowds looked at, those of the fewest first. */
const CROWDS = 12;
/** Work for all looks together, and what a look costs besides its search, for each pair of its steps. */
const ALL_LOOKS = 3_000_000;
const A_PAIR = 6;

/**
 * A small set of steps of an instance without a plan that cannot hold together by themselves: taken with the links among them and all
 * resources, they have no plan, and without any one of them (as far as was looked) they have. It begins with what asks for more of
 * something than there is; several orders of leaving out are tried and the smallest set is told.
 */
export function smallReason(model: Model, stop: () => boolean): PlanReason {
  const { instance, impossible } = model;
  if (impossible.length > 0) return reasonOf(instance, [impossible[0]!.step]);
  let smallest = model.instance.steps.map((_, at) => at);
  const drawn = windowsOf(model);
  if (drawn.kind === 'none') smallest = [...drawn.steps];
  let spent = 0;
  const holds = (steps: readonly number[]): boolean => {
    const { proven, work } = look(instance, steps);
    spent += work;
    return !proven;
  };
  const enough = () => spent > ALL_LOOKS || stop();
  for (const steps of crowdedIn(model, drawn)) {
    if (steps.length >= smallest.length || holds(steps)) continue;
    const found = leaveOut(steps, holds, enough);
    if (found.length < smallest.length) smallest = found;
  }
  const chance = chanceFrom(7);
  const tries = smallest.length <= 4 ? 1 : 10;
  const whole = smallest;
  for (let attempt = 0; attempt < tries && !enough(); attempt += 1) {
    const order = [...whole];
    if (attempt > 0) shuffle(order, chance, attempt % 3 === 2 ? model.teams : null);
    const found = leaveOut(order, holds, enough);
    if (found.length < smallest.length) smallest = found;
    if (smallest.length <= 2) break;
  }
  return reasonOf(
    instance,
    smallest.sort((a, b) => a - b),
  );
}

/** Sets of steps that may be too many for something: by what is said of each alone, and with the steps that draw their windows narrower. */
function crowdedIn(model: Model, drawn: ReturnType<typeof windowsOf>): readonly (readonly number[])[] {
  const alone = crowdedSteps(model, model.earliest, model.latest);
  if (drawn.kind === 'none') return alone;
  const { windows, chainOf } = drawn;
  const linked = crowdedSteps(model, windows.earliest, windows.latest).map((steps) => [...new Set(steps.flatMap(chainOf))]);
  return [...alone, ...linked].slice(0, CROWDS);
}

/** Leaves out as many of the steps as can be, in runs first and then one by one, going by their order. */
function leaveOut(order: readonly number[], holds: (steps: readonly number[]) => boolean, enough: () => boolean): number[] {
  let left = [...order];
  for (let run = Math.max(1, Math.floor(left.length / 2)); ; run = Math.max(1, Math.floor(run / 2))) {
    for (let from = 0; from < left.length;) {
      if (enough()) return left;
      const rest = [...left.slice(0, from), ...left.slice(from + run)];
      if (rest.length > 0 && !holds(rest)) left = rest;
      else from += run;
    }
    if (run === 1) return left;
  }
}

/** Whether some of the steps are proven to have no plan by themselves, and what it took to look. */
function look(instance: PlanInstance, steps: readonly number[]): { readonly proven: boolean; readonly work: number } {
  const model = modelOf(partOf(instance, steps));
  const pairs = A_PAIR * steps.length * steps.length;
  if (model.impossible.length > 0 || windowsOf(model).kind === 'none') return { proven: true, work: pairs };
  const search = new Search(model, Infinity);
  const outcome = search.run({ work: LOOK, deadEnds: 400, stop: () => search.best !== null });
  return { proven: outcome === 'exhausted' && search.best === null, work: pairs + search.work };
}

/** The instance of some of its steps: their links among each other, and all resources. */
export function partOf(instance: PlanInstance, steps: readonly number[]): PlanInstance {
  const kept = new Set(steps.map((at) => instance.steps[at]!.id));
  return {
    ...instance,
    steps: instance.steps.filter(({ id }) => kept.has(id)),
    links: instance.links.filter(({ from, to }) => kept.has(from) && kept.has(to)),
  };
}

function shuffle(order: number[], chance: () => number, teams: Int32Array | null): void {
  for (let at = order.length - 1; at > 0; at -= 1) {
    const other = Math.floor(chance() * (at + 1));
    [order[at], order[other]] = [order[other]!, order[at]!];
  }
  if (teams) order.sort((a, b) => teams[a]! - teams[b]!);
}

function reasonOf(instance: PlanInstance, steps: readonly number[]): PlanReason {
  const ids = steps.map((at) => instance.steps[at]!.id);
  const chosen = steps.map((at) => instance.steps[at]!);
  const part = partOf(instance, steps);
  // Those resources matter for which two of the steps ask, and those that cannot meet one at all.
  const asked = new Map<string, number>();
  for (const { needs } of chosen) for (const { anyOf } of needs) for (const id of anyOf) asked.set(id, (asked.get(id) ?? 0) + 1);
  const alone = chosen.length === 1;
  const resources = instance.resources.filter(({ id }) => (asked.get(id) ?? 0) > (alone ? 0 : 1)).map(({ id }) => id);
  const names = chosen.map(({ id, name }) => name ?? id);
  const listed = names.length > 6 ? `${names.slice(0, 6).join(', ')} and ${names.length - 6} more` : names.join(', ');
  const minutes = chosen.reduce((sum, step) => sum + step.minutes, 0);
  const text = alone
    ? `${listed} (${minutes} min) cannot be done: ${resources.length > 0 ? `nothing offers what it needs of ${resources.join(', ')}, or ` : ''}its times leave no start within ${instance.horizon} minutes.`
    : `${listed} take ${minutes} minutes in all and cannot hold together within ${instance.horizon} minutes${
        resources.length > 0 ? ` on ${resources.join(', ')}` : ''
      }${part.links.length > 0 ? `, given what must lie between them (${part.links.length} ${part.links.length === 1 ? 'link' : 'links'})` : ''}.`;
  return { steps: ids, resources, text };
}
