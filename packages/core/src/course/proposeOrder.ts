import type { Prerequisites } from '../technique';
import type { TermLesson } from './termBreaks';

/** An order of lessons over the days that they have. */
export interface ProposedOrder {
  /** Ids of the lessons, for the days in their order. */
  readonly order: readonly string[];
  /** Breaks of prerequisites and of practice before assessment, in this order and as it is now. */
  readonly breaks: number;
  readonly breaksNow: number;
  /** No order has fewer. */
  readonly atLeast: number;
  readonly moved: number;
}

/** Lessons of which every order is looked at; beyond it, so many neighbours at a time. */
const EVERY_ORDER_OF = 12;
const WINDOW = 8;

/** What a lesson takes up that the lessons before it have not made ready: one for each prerequisite not met, and for each assessment without practice. */
function breaksAt(lesson: TermLesson, before: ReadonlySet<string>, practised: ReadonlySet<string>, prerequisites: Prerequisites): number {
  const own = new Set(lesson.techniques.map(({ id }) => id));
  return lesson.techniques.reduce((sum, { id, purpose }) => {
    const needed = (prerequisites.get(id) ?? []).filter((each) => !before.has(each) && !own.has(each)).length;
    return sum + needed + (purpose === 'assess' && !practised.has(id) ? 1 : 0);
  }, 0);
}

/** What counts first, second and last: a break, taking up what nobody has met, a place by which a lesson moves. */
const BREAK = 1e6;
const UNEASY = 1e3;

/** Techniques that it practises or assesses before they were introduced: no break by itself, but nobody would plan it so. */
const uneasyAt = ({ techniques }: TermLesson, before: ReadonlySet<string>): number =>
  techniques.filter(({ id, purpose }) => purpose !== 'introduce' && !before.has(id)).length;

/** What some lessons leave behind: techniques met, and techniques practised. */
function leftBy(lessons: readonly TermLesson[]): { readonly met: Set<string>; readonly practised: Set<string> } {
  const met = new Set<string>();
  const practised = new Set<string>();
  for (const { techniques, inPassing } of lessons)
    for (const { id, purpose } of [
      ...techniques,
      ...inPassing.filter((each) => met.has(each)).map((each) => ({ id: each, purpose: 'practise' as const })),
    ]) {
      met.add(id);
      if (purpose === 'practise') practised.add(id);
    }
  return { met, practised };
}

const countBreaks = (held: readonly TermLesson[], order: readonly TermLesson[], prerequisites: Prerequisites): number =>
  order.reduce((sum, lesson, at) => {
    const { met, practised } = leftBy([...held, ...order.slice(0, at)]);
    return sum + breaksAt(lesson, met, practised, prerequisites);
  }, 0);

/** The order of fewest breaks among all orders of a handful, of these the one that moves least; by dynamic programming over what came before. */
function bestOf(held: readonly TermLesson[], lessons: readonly TermLesson[], prerequisites: Prerequisites): readonly TermLesson[] {
  const count = lessons.length;
  const all = 1 << count;
  const cost = new Float64Array(all).fill(Infinity);
  const last = new Int8Array(all).fill(-1);
  cost[0] = 0;
  for (let set = 0; set < all; set += 1) {
    if (cost[set] === Infinity) continue;
    const inside = lessons.filter((_, at) => set & (1 << at));
    const { met, practised } = leftBy([...held, ...inside]);
    const place = inside.length;
    for (let at = 0; at < count; at += 1) {
      if (set & (1 << at)) continue;
      const next = set | (1 << at);
      const sum =
        cost[set]! +
        breaksAt(lessons[at]!, met, practised, prerequisites) * BREAK +
        uneasyAt(lessons[at]!, met) * UNEASY +
        Math.abs(place - at);
      if (sum < cost[next]! - 1e-12) {
        cost[next] = sum;
        last[next] = at;
      }
    }
  }
  const order: TermLesson[] = [];
  for (let set = all - 1; set > 0; set &= ~(1 << last[set]!)) order.unshift(lessons[last[set]!]!);
  return order;
}

/** Always the lesson next that breaks least after those before it; of equals the one that comes first now. */
function easiestFirst(held: readonly TermLesson[], ahead: readonly TermLesson[], prerequisites: Prerequisites): readonly TermLesson[] {
  const order: TermLesson[] = [];
  const left = [...ahead];
  while (left.length > 0) {
    const { met, practised } = leftBy([...held, ...order]);
    const costs = left.map((lesson) => breaksAt(lesson, met, practised, prerequisites));
    const [next] = left.splice(costs.indexOf(Math.min(...costs)), 1);
    order.push(next!);
  }
  return order;
}

/**
 * An order of the lessons that are ahead over the days that they have, with as few breaks as can be: what comes first is met first, what is
 * assessed has been practised. Exact up to a dozen lessons; beyond it neighbours are put in order, over and over, and the bound says how
 * far it may be off.
 *
 * @param held - lessons that stay where they are, before all others
 * @param ahead - lessons in the order of their days
 */
export function proposeOrder(held: readonly TermLesson[], ahead: readonly TermLesson[], prerequisites: Prerequisites): ProposedOrder {
  const breaksNow = countBreaks(held, ahead, prerequisites);
  const atLeast = ahead.reduce((sum, lesson) => {
    const { met, practised } = leftBy([...held, ...ahead.filter((other) => other !== lesson)]);
    return sum + breaksAt(lesson, met, practised, prerequisites);
  }, 0);
  let order: readonly TermLesson[] = ahead;
  if (ahead.length <= EVERY_ORDER_OF) order = bestOf(held, ahead, prerequisites);
  else {
    const easiest = easiestFirst(held, ahead, prerequisites);
    let breaks = countBreaks(held, easiest, prerequisites);
    if (breaks < breaksNow) order = easiest;
    else breaks = breaksNow;
    for (let better = true; better && breaks > atLeast;) {
      better = false;
      for (let from = 0; from + 2 <= order.length; from += WINDOW / 2) {
        const window = order.slice(from, from + WINDOW);
        const next = [
          ...order.slice(0, from),
          ...bestOf([...held, ...order.slice(0, from)], window, prerequisites),
          ...order.slice(from + WINDOW),
        ];
        const now = countBreaks(held, next, prerequisites);
        if (now < breaks) [order, breaks, better] = [next, now, true];
      }
    }
  }
  const breaks = countBreaks(held, order, prerequisites);
  const [kept, found] = breaks < breaksNow ? [order, breaks] : [ahead, breaksNow];
  return {
    order: kept.map(({ id }) => id),
    breaks: found,
    breaksNow,
    // Of a dozen every order was looked at: what was found is what there is.
    atLeast: ahead.length <= EVERY_ORDER_OF ? found : atLeast,
    moved: kept.filter((lesson, at) => lesson !== ahead[at]).length,
  };
}
