import type { Plan, PlanInstance, PlanNeed, PlanStep } from '../planInstance';
import { chanceFrom } from '../solve/chance';

/** What a minute of something that does not hold costs against a minute of movement. */
const BROKEN = 25;
/** Moves after which a plan that still does not hold is given up: so many, and so many for each step that may move. */
const MOVES = 400;
const MOVES_A_STEP = 1;
/** Moves for which a step that was moved stays. */
const RESTS = 6;

interface Load {
  readonly step: number;
  readonly amount: number;
  readonly temperature: number | null;
}

/** A shared thing with what lies on it: how much at each minute, and which loads, for ovens. */
interface Thing {
  readonly oven: boolean;
  readonly capacity: number;
  readonly change: number;
  readonly allows: (temperature: number | null) => boolean;
  readonly taken: Int32Array;
  readonly loads: Load[];
}

/**
 * Nudges steps one by one until a plan holds again: a step that breaks something goes where least is broken, counted in minutes, and
 * nearest to where it was; then every step that moved is brought as near to its old place as it can be.
 *
 * @param free - steps that may move; all others stay, broken or not
 * @returns null where it does not hold after so many moves
 * @source min-conflicts local search (Minton and others, 1992) with weights that grow (the breakout method, Morris, 1993)
 */
export function nudge(
  instance: PlanInstance,
  before: Pick<Plan, 'starts' | 'uses'>,
  free: ReadonlySet<string>,
  { seed = 1, stop = () => false }: { readonly seed?: number; readonly stop?: () => boolean } = {},
): Pick<Plan, 'starts' | 'uses'> | null {
  const chance = chanceFrom(seed);
  const { steps, horizon } = instance;
  const index = new Map(steps.map(({ id }, at) => [id, at]));
  const thingOf = new Map(
    instance.resources.map((resource): [string, Thing] => [
      resource.id,
      {
        oven: resource.kind === 'oven',
        capacity: resource.kind === 'oven' ? resource.shelves : resource.capacity,
        change: resource.kind === 'oven' ? resource.changeMinutes : 0,
        allows: (temperature) => resource.kind !== 'oven' || !resource.temperatures || resource.temperatures.includes(temperature!),
        taken: new Int32Array(horizon + 1),
        loads: [],
      },
    ]),
  );
  const links: { from: number; to: number; min: number; max: number; weight: number }[][] = steps.map(() => []);
  for (const { from, to, min, max } of instance.links) {
    const link = { from: index.get(from)!, to: index.get(to)!, min, max: max ?? Infinity, weight: 1 };
    links[link.from]!.push(link);
    links[link.to]!.push(link);
  }
  const fits = (step: PlanStep, need: PlanNeed): readonly string[] =>
    need.anyOf.filter((id) => {
      const thing = thingOf.get(id)!;
      return thing.allows(need.temperature ?? null) && (step.minutes === 0 || need.amount <= thing.capacity);
    });
  const options = steps.map((step) => step.needs.map((need) => fits(step, need)));
  if (options.some((needs) => needs.some((ids) => ids.length === 0))) return null;

  const last = ({ minutes, latestEnd = horizon, fixedStart }: PlanStep) =>
    Math.min(horizon, latestEnd, fixedStart === undefined ? Infinity : fixedStart + minutes) - minutes;
  const first = ({ earliest = 0, fixedStart = 0 }: PlanStep) => Math.max(0, earliest, fixedStart);
  if (steps.some((step) => first(step) > last(step))) return null;
  const within = (step: PlanStep, minute: number) => Math.min(last(step), Math.max(first(step), minute));

  const home = steps.map((step) => before.starts[step.id] ?? -1);
  const at = steps.map((step, each) => (free.has(step.id) || home[each]! < 0 ? within(step, Math.max(0, home[each]!)) : home[each]!));
  const uses = steps.map((step, each) =>
    step.needs.map((_, slot) => {
      const used = before.uses[step.id]?.[slot];
      return used !== undefined && options[each]![slot]!.includes(used) ? used : options[each]![slot]![0]!;
    }),
  );
  const movable = steps.map(({ id, fixedStart }, each) => (free.has(id) || home[each]! < 0) && fixedStart === undefined);

  const put = (each: number, sign: 1 | -1): void => {
    const step = steps[each]!;
    if (step.minutes === 0) return;
    step.needs.forEach(({ amount, temperature }, slot) => {
      const thing = thingOf.get(uses[each]![slot]!)!;
      for (let minute = Math.max(0, at[each]!); minute < Math.min(horizon, at[each]! + step.minutes); minute += 1)
        thing.taken[minute]! += sign * amount;
      if (!thing.oven) return;
      if (sign > 0) thing.loads.push({ step: each, amount, temperature: temperature ?? null });
      else
        thing.loads.splice(
          thing.loads.findIndex((load) => load.step === each),
          1,
        );
    });
  };
  steps.forEach((_, each) => put(each, 1));

  /** What a need breaks on a thing, for every start in a window; the step itself lies on nothing meanwhile. */
  const brokenOn = (id: string, { amount, temperature }: PlanNeed, minutes: number, from: number, to: number): Float64Array => {
    const thing = thingOf.get(id)!;
    const broken = new Float64Array(to - from + 1);
    if (minutes === 0) return broken;
    const over = (minute: number) => Math.max(0, thing.taken[minute]! + amount - thing.capacity);
    let sum = 0;
    for (let minute = from; minute < from + minutes; minute += 1) sum += over(minute);
    broken[0] = sum;
    for (let start = from + 1; start <= to; start += 1) {
      sum += over(start + minutes - 1) - over(start - 1);
      broken[start - from] = sum;
    }
    for (const load of thing.loads) {
      if (load.temperature === temperature) continue;
      const begins = at[load.step]! - thing.change;
      const ends = at[load.step]! + steps[load.step]!.minutes + thing.change;
      for (let start = Math.max(from, begins - minutes + 1); start <= Math.min(to, ends - 1); start += 1)
        broken[start - from]! += Math.min(ends - start, start + minutes - begins);
    }
    return broken;
  };

  /** How heavily each step's things weigh; what stays broken is made to weigh more, so that something else gives way. */
  const pull = new Float64Array(steps.length).fill(1);
  const brokenLinks = (each: number, start: number): number => {
    let sum = 0;
    for (const { from, to, min, max, weight } of links[each]!) {
      const wait = (to === each ? start : at[to]!) - ((from === each ? start : at[from]!) + steps[from]!.minutes);
      if (wait < min) sum += weight * (min - wait);
      else if (wait > max) sum += weight * (wait - max);
    }
    return sum;
  };

  /** What a step breaks where it lies; it stays there. */
  const brokenNow = (each: number): number => {
    const step = steps[each]!;
    put(each, -1);
    const sum = step.needs.reduce(
      (all, need, slot) => all + brokenOn(uses[each]![slot]!, need, step.minutes, at[each]!, at[each]!)[0]!,
      brokenLinks(each, at[each]!),
    );
    put(each, 1);
    return sum;
  };

  /** Moves a step where it costs least, and says whether what it breaks there is nothing. */
  const settle = (each: number, only?: { readonly below: number }): boolean => {
    const step = steps[each]!;
    const [from, to] = [first(step), last(step)];
    put(each, -1);
    const choices = step.needs.map((need, slot) =>
      options[each]![slot]!.map((id) => ({ id, broken: brokenOn(id, need, step.minutes, from, to) })),
    );
    let best = { cost: Infinity, broken: Infinity, start: at[each]!, uses: uses[each]! };
    for (let start = from; start <= to; start += 1) {
      const distance = home[each]! < 0 ? 0 : Math.abs(start - home[each]!);
      if (only && distance >= only.below) continue;
      let broken = brokenLinks(each, start);
      if (BROKEN * broken + distance >= best.cost) continue;
      for (const need of choices) broken += pull[each]! * Math.min(...need.map((choice) => choice.broken[start - from]!));
      const cost = BROKEN * broken + distance + 0.5 * chance();
      if (cost >= best.cost) continue;
      const taken = choices.map((need, slot) => {
        const kept = need.find(({ id }) => id === uses[each]![slot]!)!;
        const [least] = [...need].sort((a, b) => a.broken[start - from]! - b.broken[start - from]!);
        return kept.broken[start - from]! <= least!.broken[start - from]! ? kept.id : least!.id;
      });
      best = { cost, broken, start, uses: taken };
    }
    if (!only || best.broken === 0) {
      at[each] = best.start;
      uses[each] = best.uses;
    }
    put(each, 1);
    return best.broken === 0;
  };

  const insist = (each: number): void => {
    let linked = false;
    for (const link of links[each]!) {
      const wait = at[link.to]! - at[link.from]! - steps[link.from]!.minutes;
      if (wait >= link.min && wait <= link.max) continue;
      link.weight += 1;
      linked = true;
    }
    if (!linked) pull[each]! += 1;
  };

  const may = steps.flatMap((_, each) => (movable[each] ? [each] : []));
  // What a step breaks changes only when it moves, or one that it is linked to, or one that lies on its things at its time.
  const breaks = new Float64Array(steps.length).fill(-1);
  const touchedBy = (each: number): void => {
    breaks[each] = -1;
    for (const { from, to } of links[each]!) breaks[from] = breaks[to] = -1;
    const [begins, ends] = [at[each]!, at[each]! + steps[each]!.minutes];
    for (const other of may) {
      if (breaks[other] === -1) continue;
      const room = uses[each]!.reduce((most, id) => (uses[other]!.includes(id) ? Math.max(most, thingOf.get(id)!.change) : most), -1);
      if (room >= 0 && at[other]! < ends + room && at[other]! + steps[other]!.minutes + room > begins) breaks[other] = -1;
    }
  };
  const restsUntil = new Int32Array(steps.length);
  const limit = MOVES + MOVES_A_STEP * may.length;
  for (let move = 0; ; move += 1) {
    for (const each of may) if (breaks[each] === -1) breaks[each] = brokenNow(each);
    const broken = may.filter((each) => breaks[each]! > 0);
    if (broken.length === 0) break;
    if (move >= limit || (move % 16 === 0 && stop())) return null;
    const rested = broken.filter((each) => restsUntil[each]! <= move);
    const from = rested.length > 0 ? rested : broken;
    const each = from[Math.floor(chance() * from.length)]!;
    touchedBy(each);
    if (!settle(each)) insist(each);
    touchedBy(each);
    restsUntil[each] = move + RESTS;
  }
  for (let round = 0, better = true; better && round < 4 && !stop(); round += 1) {
    better = false;
    for (const each of may) {
      const distance = Math.abs(at[each]! - home[each]!);
      if (home[each]! < 0 || distance === 0) continue;
      const was = at[each];
      settle(each, { below: distance });
      if (at[each] !== was) better = true;
    }
  }
  return {
    starts: Object.fromEntries(steps.map(({ id }, each) => [id, at[each]!])),
    uses: Object.fromEntries(steps.map(({ id }, each) => [id, uses[each]!])),
  };
}
