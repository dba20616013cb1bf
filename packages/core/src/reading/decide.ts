import type { Look, Role } from './looks';

/** The parts of a text. A component is named inside its ingredients or its steps. */
type Part = 'before' | 'head' | 'ingredients' | 'method' | 'tools' | 'notes' | 'aside';

interface State {
  readonly part: Part;
  readonly role: Role;
}

const ROLES_OF: Readonly<Record<Part, readonly Role[]>> = {
  before: ['aside', 'note', 'more'],
  head: ['title', 'yield', 'note', 'aside', 'more'],
  ingredients: ['ingredients', 'component', 'line', 'yield', 'note', 'aside', 'more'],
  method: ['method', 'component', 'step', 'note', 'aside', 'more'],
  tools: ['tools', 'tool', 'more'],
  notes: ['note', 'aside', 'yield', 'more'],
  aside: ['aside', 'note', 'more'],
};

const STATES: readonly State[] = (Object.keys(ROLES_OF) as Part[]).flatMap((part) => ROLES_OF[part].map((role) => ({ part, role })));

/** What it costs to go from one part of a text to another without a heading that says so. */
const GOING: Readonly<Record<Part, Readonly<Partial<Record<Part, number>>>>> = {
  before: { before: 0.5, aside: 0, head: 0, ingredients: -3, method: -8, tools: -2 },
  head: { head: 0.5, ingredients: 0, method: -4, tools: 0, notes: -1, aside: -1 },
  ingredients: { ingredients: 0.5, method: -0.5, tools: 0, notes: -1.5, aside: -2 },
  method: { method: 0.5, ingredients: -3.5, tools: -0.5, notes: -0.5, aside: -1 },
  tools: { tools: 0.5, ingredients: -1, method: -1, notes: -1 },
  notes: { notes: 0.5, ingredients: -3, method: -3, tools: -1, aside: 0 },
  aside: { aside: 0.5, ingredients: -1.5, method: -3, tools: 0, notes: 0, head: -1 },
};
/** Roles that open a part, so that going there costs nothing. */
const OPENS: ReadonlySet<Role> = new Set(['ingredients', 'method', 'tools', 'component', 'title']);

function going(from: State | null, to: State, look: Pick<Look, 'blankBefore' | 'opensAside' | 'labelled'>): number {
  if (from === null) {
    if (to.part === 'before') return 0;
    if (to.part === 'head') return to.role === 'title' ? 1 : to.role === 'yield' ? -1 : to.role === 'note' ? -3 : -10;
    if (to.part === 'aside') return look.opensAside ? 0 : -Infinity;
    if (to.role === 'aside' || to.role === 'note') return -12;
    return to.part === 'ingredients' ? -2 : to.part === 'method' ? -3 : -4;
  }
  // There is one title, and it stands before everything that belongs to the dish.
  if (to.role === 'title')
    return from.part === 'before'
      ? 0
      : from.part === 'aside'
        ? -3
        : from.part === 'head' && from.role !== 'title' && from.role !== 'more'
          ? from.role === 'yield'
            ? -1
            : -5
          : -Infinity;
  // What is said to be the name of the dish ends what is about something else, however long that was.
  if (look.labelled && from.part === 'aside' && (to.part === 'aside' || to.role === 'more')) return -60;
  // A heading of something else opens it, wherever it stands.
  if (look.opensAside && to.role === 'aside' && to.part !== 'aside') return -Infinity;
  if (to.role === 'more') {
    if (from.part !== to.part) return -Infinity;
    return from.role === 'ingredients' || from.role === 'method' ? -Infinity : 0;
  }
  const cost = GOING[from.part][to.part];
  if (cost === undefined) return -Infinity;
  let score = from.part !== to.part && OPENS.has(to.role) ? Math.max(cost, 0) : cost;
  // What stands first by itself is the dish's name rather than that of a component.
  if (from.part === 'before' && (to.role === 'component' || (to.part !== 'before' && (to.role === 'aside' || to.role === 'note'))))
    score -= 9;
  if (from.part !== to.part && look.blankBefore) score += 1;
  // Steps may stand under a component's name, and so may lines; a heading with nothing under it is none.
  if (from.role === 'component') {
    if (to.role === 'line' || to.role === 'step') score += from.part === to.part ? 1.5 : to.role === 'step' ? 1 : -1;
    if (to.role === 'component') score -= 4;
    if (to.role === 'aside' || to.role === 'note') score -= 2;
  }
  if (from.role === 'ingredients' && (to.role === 'line' || to.role === 'component')) score += 2;
  if (from.role === 'method' && (to.role === 'step' || to.role === 'component')) score += 2;
  if (from.role === 'tools' && to.role === 'tool') score += 3;
  // Between two lines, or two steps, what stands without a blank is mostly one more.
  if (from.role === to.role && (to.role === 'line' || to.role === 'step' || to.role === 'tool') && !look.blankBefore) score += 0.5;
  if (to.part === 'head' && from.part === 'aside') return -Infinity;
  // Only a heading opens what is about something else; a greeting or an advert stands where it stands.
  if (to.part === 'aside' && from.part !== 'aside' && !look.opensAside) return -Infinity;
  return score;
}

/** A part that begins with a heading of something else goes on until a heading of the recipe. */
const asideGoesOn = (from: State, to: State): number => (from.part === 'aside' && to.part === 'aside' && to.role === 'aside' ? 6 : 0);

/** What it costs to go from each state to each, by what of a line that hangs on: worked out once. */
const tables = new Map<string, Float64Array>();
function tableOf(look: Look): Float64Array {
  const key = `${look.blankBefore} ${look.opensAside} ${look.labelled}`;
  let table = tables.get(key);
  if (!table) {
    table = Float64Array.from(STATES.flatMap((to) => STATES.map((from) => going(from, to, look) + asideGoesOn(from, to))));
    tables.set(key, table);
  }
  return table;
}

/**
 * One decision over a whole text: the roles that together fit best what its lines look like and how parts of a recipe follow one another.
 * What a person has said stands.
 *
 * @param looks - lines that are not blank
 * @param said - roles a person has given, by place in `looks`
 * @returns a role for each line; takes time in proportion to their number
 * @source the Viterbi algorithm (A. J. Viterbi, 1967) over hand-set scores
 */
export function decideRoles(looks: readonly Look[], said: ReadonlyMap<number, Role> = new Map()): readonly Role[] {
  if (looks.length === 0) return [];
  const back: Int16Array[] = [];
  let scores: number[] = [];
  looks.forEach((look, index) => {
    const told = said.get(index);
    const own = STATES.map(({ role }) => (told === undefined ? look.like[role] : role === told ? 40 : -40));
    const table = tableOf(look);
    const from = new Int16Array(STATES.length);
    const next = STATES.map((to, at) => {
      if (index === 0) return going(null, to, look) + own[at]!;
      let best = -Infinity;
      const row = at * STATES.length;
      for (let before = 0; before < STATES.length; before += 1) {
        const score = scores[before]! + table[row + before]!;
        if (score > best) {
          best = score;
          from[at] = before;
        }
      }
      return best + own[at]!;
    });
    back.push(from);
    scores = next;
  });
  let at = scores.indexOf(Math.max(...scores));
  const roles: Role[] = [];
  for (let index = looks.length - 1; index >= 0; index -= 1) {
    roles.push(STATES[at]!.role);
    at = back[index]![at]!;
  }
  return roles.reverse();
}
