import { plain, singular } from '../text';
import type { Look, Role } from './looks';
import { FOR_THE, NUMBERING } from './names';
import type { ReadPlace } from './readRecipe';
import { TO_PLATE } from './sectionWords';

/** A line of a text with what it was taken for. */
export interface Decided {
  readonly at: number;
  readonly part: number;
  readonly look: Look;
  readonly role: Role;
}

/** The component of the lines that a step stands beside in a table, whose lines were read before it; null where it stands behind them. */
export function besideLines(places: readonly ReadPlace[], at: number, components: readonly { readonly name: string }[]): number | null {
  if (!places.some((place) => place.role === 'line' && place.at > at)) return null;
  // Beside a list in a column of its own stands the method of all of it.
  const last = places.findLast((place) => place.role === 'line');
  const component = last && last.at <= at ? last.component : null;
  return component !== null && components[component]!.name !== '' ? component : null;
}

/** "Custard: bring the milk …": the component that a step begins with, by its place. */
export function namedFirst(text: string, components: readonly { readonly name: string }[]): number | null {
  const first =
    /^(?:(?:for|(?:to )?(?:make|prepare|do|finish|start)(?: with)?) (?:the|your)\s+)?(\p{L}[^:.,]{1,40}?)\s*(?::|\s[–—-])\s/iu.exec(
      text.slice(0, 80),
    )?.[1];
  if (!first) {
    // "Crust. Pulse the flours …", "Finish. Scatter over the crumbs": one word, by which the part was headed.
    const word = /^(\p{Lu}\p{L}{2,14}(?:\s\p{L}{3,14})?)\.\s+(?=\p{Lu})/u.exec(text.slice(0, 60))?.[1];
    const place = word ? components.findIndex(({ name }) => [plain(word), plain(`to ${word}`)].includes(plain(name))) : -1;
    return place < 0 ? null : place;
  }
  const of = (same: (name: string) => boolean) =>
    components.flatMap(({ name }, at) => (name !== '' && same(singular(plain(name))) ? [at] : []));
  const word = singular(plain(first));
  const [exact] = of((name) => name === word);
  if (exact !== undefined) return exact;
  // "Filling: mix" of the "Curd filling", where no other is one.
  const within = /\s/.test(word) ? [] : of((name) => name.split(' ').includes(word));
  return within.length === 1 ? within[0]! : null;
}

/** "Part 2. Beat butter and sugar": a step that names its component by the number under which the component stood. */
export const BY_NUMBER = /^(?:recipe|part|element|component|stage)\s+(\d{1,2}|[A-H])\s*(?:[.:)]|[–—-](?=\s))\s*(?=\p{L})/iu;

/** Whether components stand each with its own steps, rather than all steps at the end. */
export function ownSteps(decided: readonly Decided[]): boolean {
  let seen = false;
  for (const { role } of decided) {
    if (role === 'step') seen = true;
    else if (role === 'line' && seen) return true;
    else if (role === 'method') return false;
  }
  // One component and its steps behind it: those of the dish.
  return decided.some(({ role }, index) => role === 'component' && decided[index + 1]?.role === 'step');
}

const HEADS_READERS =
  /^(?:\d+\s)?(?:comments?|reviews?|replies|responses?|ratings?|thoughts?|questions?(?: (?:and|&) answers?)?)\b[^.]{0,20}$/i;

/** What readers write under a page is nothing of its recipe, however many grams they took: "Jo: used 300 g flour". */
export function withReaders(roles: readonly Role[], looks: readonly Look[], said: ReadonlyMap<number, Role>): readonly Role[] {
  const head = roles.findLastIndex((role, index) => role === 'aside' && HEADS_READERS.test(looks[index]!.written));
  if (head < 0 || !roles.slice(0, head).includes('step')) return roles;
  const after = roles.slice(head);
  if (after.some((role) => role === 'step' || role === 'method' || role === 'ingredients' || role === 'component')) return roles;
  return roles.map((role, index) => (index > head && role === 'line' && !said.has(index) ? 'aside' : role));
}

/** Whether lines of ingredients come again after this method, or came again after steps before it; one by itself is no list. */
export const goesOnByComponent = (decided: readonly Decided[], from: number): boolean =>
  decided.slice(from).filter(({ role }) => role === 'line' || role === 'component').length > 1 ||
  decided
    .slice(0, from)
    .some(
      ({ role }, index) =>
        role === 'step' &&
        decided.slice(0, index).some((earlier) => earlier.role === 'line') &&
        decided.slice(index, from).some((later) => later.role === 'line'),
    );

/** A name in capitals with what it gives behind it in brackets. */
const NAME_WITH_YIELD = /^[^\p{Ll}()\d]{4,60}\s\([^()]*\d[^()]*\)$/u;

/**
 * Where a second recipe begins: what says how much it gives, or "Ingredients", comes again after a method, and a method after that. It
 * begins with the last line before it that stands behind a blank and is neither line nor step.
 */
export function secondRecipe(decided: readonly Decided[]): number | null {
  const named = decided.some(({ role, look }) => role === 'title' && NAME_WITH_YIELD.test(look.written));
  // "GREEN OLIVE TAPENADE (600 g)" under a sheet that began with "FOCACCIA (2 trays)": another dish, written as the first is.
  const opens = ({ role, look }: Decided) =>
    role === 'yield' ||
    role === 'ingredients' ||
    role === 'title' ||
    (role === 'component' && look.blankBefore && /^recipe\s+(?:\d{1,2}[a-h]?|[A-H])\b/i.test(look.written)) ||
    (named && role === 'component' && look.blankBefore && NAME_WITH_YIELD.test(look.written));
  const first = decided.findIndex(opens);
  const steps = decided.findIndex(({ role }, index) => index > first && role === 'step');
  const again = decided.findIndex((each, index) => steps >= 0 && index > steps && opens(each));
  if (first < 0 || again < 0) return null;
  const after = decided.slice(again);
  if (after.filter(({ role }) => role === 'line').length < 2 || !after.some(({ role }) => role === 'step')) return null;
  for (let index = again; index > steps; index -= 1) {
    const { look, role, at } = decided[index]!;
    if (role === 'line') break;
    if (look.blankBefore && (index === again || role !== 'yield')) {
      const above = decided[index - 1]!;
      // Its name may have been taken for a heading or a step: the short line right above.
      return index === again && !above.look.blankAfter && above.look.blankBefore ? above.at : at;
    }
  }
  return decided[again]!.at;
}

/** A dish whose only heading stands before all its lines, and that has no title, bears that name. */
export function withTitle(roles: readonly Role[], looks: readonly Look[], said: ReadonlyMap<number, Role>): readonly Role[] {
  // A mail about "Order for bread week" with one list, under the name of what it makes.
  const subject = roles.indexOf('title');
  const only = roles.indexOf('component');
  if (
    subject >= 0 &&
    only > subject &&
    /^subject\s*:/i.test(looks[subject]!.written) &&
    roles.indexOf('component', only + 1) < 0 &&
    roles.indexOf('line') > only &&
    !said.has(subject) &&
    !said.has(only) &&
    !/:$/.test(looks[only]!.written) &&
    !FOR_THE.test(looks[only]!.written)
  )
    return roles.map((role, index) => (index === subject ? 'aside' : index === only ? 'title' : role));
  if (subject >= 0) return roles;
  const at = roles.indexOf('component');
  const before = roles.slice(0, Math.max(at, 0));
  // A table with the dish's name under it, over the steps.
  const behind = before.includes('line') && roles.indexOf('component', at + 1) < 0 && !roles.includes('line', at);
  if (behind && roles[at + 1] === 'step' && looks[at + 1]!.number === 1 && !looks[at]!.marked && looks[at]!.blankBefore && !said.has(at)) {
    const { written } = looks[at]!;
    if (!/:$/.test(written) && !FOR_THE.test(written) && !TO_PLATE.test(written))
      return roles.map((role, index) => (index === at ? 'title' : role));
  }

  // "**Baguettes, poolish method** — 8 pcs at 200 g" under its table.
  const over = roles.findLastIndex((role, index) => role === 'component' && roles[index + 1] === 'yield');
  if (over >= 0 && roles.slice(0, over).includes('line') && !roles.includes('line', over) && !said.has(over))
    return roles.map((role, index) => (index === over ? 'title' : role));
  if (at < 0 || roles.indexOf('component', at + 1) >= 0 || said.has(at) || before.includes('line')) return roles;
  const { written } = looks[at]!;
  // "mum's onion gravy:" at the top of a note.
  if ((/:$/.test(written) && at > 0) || FOR_THE.test(written) || NUMBERING.test(written)) return roles;
  // What was taken for a step before the name of the dish is what surrounds it.
  return roles.map((role, index) => (index === at ? 'title' : index < at && role === 'step' && !said.has(index) ? 'aside' : role));
}
