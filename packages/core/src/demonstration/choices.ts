import type { ShowStep } from './showing';
import { inTheSlot, type Showing } from './inTheSlot';
import { givenBy, readyAfter, standIns, type StandIns } from './standIns';
import type { Choice, Given } from './types';

/** One way of giving a demonstration that fits its slot. */
export interface DemonstrationOption {
  readonly choice: Choice;
  readonly given: readonly Given[];
  readonly showing: Showing;
  readonly standIns: StandIns;
  /** Minutes of hands-on work that nobody sees. */
  readonly unseen: number;
}

/** Why nothing fits, and what would. */
export type DoesNotFit =
  /** Decisive steps alone take longer than the slot. */
  | { readonly kind: 'too-short'; readonly decisive: number; readonly needs: number | null }
  /** It would fit if these could stand ready, which their dish or their time forbids. */
  | { readonly kind: 'cannot-stand'; readonly steps: readonly string[]; readonly needs: number | null }
  /** Times between steps leave no room. */
  | { readonly kind: 'waits'; readonly needs: number | null }
  | { readonly kind: 'nothing' };

export type Choices =
  | { readonly kind: 'options'; readonly options: readonly DemonstrationOption[]; readonly all: boolean }
  | { readonly kind: 'none'; readonly because: DoesNotFit };

/** Ways that are looked at before the best so far are taken. */
const MOST_LOOKED_AT = 60_000;
/** How many things more than the fewest may stand ready in what is offered. */
const FURTHER_THINGS = 3;
const MOST_OFFERED = 5;

interface Search {
  readonly found: readonly DemonstrationOption[];
  readonly all: boolean;
  readonly shortest: DemonstrationOption | null;
}

/**
 * Goes over the ways of giving the steps. What is offered has the fewest things made ahead first, of these the least work ahead, of these
 * the least unseen; a way with more things is offered only where it saves work or shows more.
 */
function search(steps: readonly ShowStep[], slot: number, { stand = true, shortest = false } = {}): Search {
  const given: Given[] = [];
  const must = steps.map(({ decisive, active }) => (decisive ? active : 0));
  const mustAfter = steps.map((_, at) => must.slice(at).reduce((sum, minutes) => sum + minutes, 0));
  const best = new Map<string, DemonstrationOption>();
  let fewest = Infinity;
  let quickest: DemonstrationOption | null = null;
  let looked = 0;

  const leaf = () => {
    const things = readyAfter(steps, given);
    if (stand && [...things].some((at) => steps[at]!.cannotStand !== null)) return;
    if (!shortest && things.size > fewest + FURTHER_THINGS) return;
    const limit = shortest ? (quickest ? quickest.showing.minutes - 1 : Infinity) : slot;
    const showing = inTheSlot(steps, given, limit);
    if (!showing || showing.minutes > limit) return;
    const option = optionOf(steps, given, showing);
    if (shortest) {
      quickest = option;
      return;
    }
    fewest = Math.min(fewest, things.size);
    for (const [key, better] of [
      ['cheap', compare(option, best.get(`cheap ${things.size}`), ({ standIns: { minutes }, unseen }) => [minutes, unseen])],
      ['seen', compare(option, best.get(`seen ${things.size}`), ({ standIns: { minutes }, unseen }) => [unseen, minutes])],
    ] as const)
      if (better) best.set(`${key} ${things.size}`, option);
  };

  const go = (at: number, minutes: number, things: number): void => {
    if (looked > MOST_LOOKED_AT) return;
    if (at === steps.length) {
      looked += 1;
      leaf();
      return;
    }
    const step = steps[at]!;
    for (const way of step.ways) {
      const sum = minutes + (way === 'ready' ? 0 : step.active);
      if (sum + (mustAfter[at + 1] ?? 0) > slot) continue;
      if (way === 'live' && !shortest && step.active + step.waits > slot) continue;
      given[at] = way;
      const fresh = way === 'ready' ? [] : step.after.filter((before) => given[before] !== 'live');
      if (stand && fresh.some((before) => steps[before]!.cannotStand !== null)) continue;
      const sure = things + fresh.filter((before) => !goneOnFrom(steps, given, before, at)).length;
      if (!shortest && sure > fewest + FURTHER_THINGS) continue;
      go(at + 1, sum, sure);
    }
    given.length = at;
  };
  go(0, 0, 0);
  return { found: [...new Set(best.values())], all: looked <= MOST_LOOKED_AT, shortest: quickest };
}

/** Whether somebody before `at` goes on from the result of `before` already. */
const goneOnFrom = (steps: readonly ShowStep[], given: readonly Given[], before: number, at: number): boolean =>
  steps.slice(0, at).some(({ after }, other) => given[other] !== 'ready' && after.includes(before));

function compare(
  option: DemonstrationOption,
  other: DemonstrationOption | undefined,
  by: (option: DemonstrationOption) => readonly number[],
): boolean {
  if (!other) return true;
  const [mine, theirs] = [by(option), by(other)];
  const at = mine.findIndex((value, place) => value !== theirs[place]);
  return at >= 0 && mine[at]! < theirs[at]!;
}

const optionOf = (steps: readonly ShowStep[], given: readonly Given[], showing: Showing): DemonstrationOption => ({
  choice: choiceOf(steps, given),
  given: [...given],
  showing,
  standIns: standIns(steps, given),
  unseen: unseenMinutes(steps, given),
});

const unseenMinutes = (steps: readonly ShowStep[], given: readonly Given[]): number =>
  steps.reduce(
    (sum, { work, active }, at) => sum + (given[at] === 'ready' ? (work.hands === 'on' ? work.minutes.practised : active) : 0),
    0,
  );

const choiceOf = (steps: readonly ShowStep[], given: readonly Given[]): Choice => ({
  shown: steps.flatMap(({ work }, at) => (given[at] === 'ready' ? [] : [work.id])),
  jumps: steps.flatMap(({ work }, at) => (given[at] === 'jump' ? [work.id] : [])),
});

/**
 * The ways of demonstrating a dish in a slot: which steps are done before the group, where one jumps, what stands ready. Decisive steps
 * are always shown; waiting is jumped over where it does not fit.
 *
 * @param slot - minutes
 * @returns the best few, fewest and cheapest things ahead first; or why nothing fits, and how many minutes would do
 */
export function demonstrationChoices(steps: readonly ShowStep[], slot: number): Choices {
  if (steps.length === 0 || !steps.some(({ ways }) => ways.some((way) => way !== 'ready')))
    return { kind: 'none', because: { kind: 'nothing' } };
  const { found, all } = search(steps, slot);
  if (found.length > 0) return { kind: 'options', options: offered(found), all };
  const needs = search(steps, Infinity, { shortest: true }).shortest?.showing.minutes ?? null;
  const decisive = steps.reduce((sum, step) => sum + (step.decisive ? step.active : 0), 0);
  if (decisive > slot) return { kind: 'none', because: { kind: 'too-short', decisive, needs } };
  const [free] = offered(search(steps, slot, { stand: false }).found);
  if (!free) return { kind: 'none', because: { kind: 'waits', needs } };
  const blocked = free.standIns.after.filter((at) => steps[at]!.cannotStand !== null).map((at) => steps[at]!.work.id);
  return { kind: 'none', because: { kind: 'cannot-stand', steps: blocked, needs } };
}

/** Those than which no other is at least as good in everything, in the order in which they are offered. */
function offered(found: readonly DemonstrationOption[]): readonly DemonstrationOption[] {
  const of = ({ standIns: { after, minutes }, unseen }: DemonstrationOption) => [after.length, minutes, unseen] as const;
  return found
    .filter((option) => {
      const mine = of(option);
      return !found.some((other) => {
        const theirs = of(other);
        return other !== option && theirs.every((value, at) => value <= mine[at]!) && theirs.some((value, at) => value < mine[at]!);
      });
    })
    .sort((a, b) => of(a)[0] - of(b)[0] || of(a)[1] - of(b)[1] || of(a)[2] - of(b)[2])
    .filter(
      (option, at, all) =>
        all.findIndex(
          (other) => other.choice.shown.join() === option.choice.shown.join() && other.choice.jumps.join() === option.choice.jumps.join(),
        ) === at,
    )
    .slice(0, MOST_OFFERED);
}

/** A choice that was taken, with the steps as they are now; null where no order keeps its times. */
export function optionFor(steps: readonly ShowStep[], choice: Choice): DemonstrationOption | null {
  const given = givenBy(steps, choice);
  const showing = inTheSlot(steps, given);
  return showing ? optionOf(steps, given, showing) : null;
}

/**
 * Steps of a choice that no order keeps, whose own time at most until the next is in the way: without it there would be an order. All that
 * have such a time where no one of them is to blame by itself; empty where the choice holds.
 */
export function inTheWay(steps: readonly ShowStep[], choice: Choice): readonly ShowStep[] {
  if (optionFor(steps, choice)) return [];
  const given = givenBy(steps, choice);
  const limited = steps.filter(({ most }, at) => given[at] === 'live' && most !== null);
  const alone = limited.filter((one) =>
    optionFor(
      steps.map((step) => (step === one ? { ...step, most: null } : step)),
      choice,
    ),
  );
  return alone.length > 0 ? alone : limited;
}
