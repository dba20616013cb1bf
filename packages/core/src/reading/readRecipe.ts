import { SHIPPED_BOOK, type FactBook } from '../ingredients';
import { minutesIn, type Amount } from '../quantity';
import { plain } from '../text';
import { proseOf } from './asMeant';
import {
  besideLines,
  BY_NUMBER,
  goesOnByComponent,
  namedFirst,
  ownSteps,
  secondRecipe,
  withReaders,
  withTitle,
  type Decided,
} from './belonging';
import { decideRoles } from './decide';
import { looksOf, type Role } from './looks';
import {
  headingOf,
  LABELLED,
  LONGEST_NAME,
  portionsAmong,
  portionsOfAll,
  portionsOfColumns,
  portionsOfParts,
  portionsOfHeading,
  titleInProse,
  titleOf,
} from './names';
import { STEP_NAMED } from './likeMore';
import { ingredientsInSteps } from './inSteps';
import { linesApart, placeKey, MOST_LINES_READ } from './linesApart';
import { PER_PLATE, readLine, type LineReading } from './readLine';
import { METHOD_OF, PREPARES } from './sectionWords';
import { yieldSaid } from './yields';

export interface ReadComponent {
  readonly name: string;
  readonly lines: readonly LineReading[];
  /** What its heading says that it gives: "Dough (gives 1.1 kg)". */
  readonly gives: Amount | null;
}

export interface ReadStep {
  readonly text: string;
  readonly minutes: number | null;
  /** Its place among the components; null where the text does not say. */
  readonly component: number | null;
}

/** What one line of the text was taken for. */
export interface ReadPlace {
  /** Which line of the text it is, from 0. */
  readonly at: number;
  /** Which of several things that stand in this line, from 0; see `inlineList`. */
  readonly part: number;
  readonly written: string;
  readonly role: Role;
  /** Its place among the components, for lines, steps and headings; null elsewhere. */
  readonly component: number | null;
  /** Its place among the lines of its component, or among the steps. */
  readonly index: number | null;
}

/** What a pasted text means. `portions` is null when the text does not say; it is then asked for. */
export interface RecipeReading {
  readonly title: string;
  readonly portions: number | null;
  /** "Makes 1 litre": what one making gives besides portions. */
  readonly gives: Amount | null;
  readonly components: readonly ReadComponent[];
  readonly method: readonly ReadStep[];
  readonly tools: readonly string[];
  /** Tips, times and ovens in the head, how it keeps: neither line nor step. */
  readonly notes: readonly string[];
  /** What surrounds the recipe: greetings, navigation, readers' comments. */
  readonly aside: readonly string[];
  /** Every line of the text that is not blank, in order, with what it was taken for. */
  readonly places: readonly ReadPlace[];
  /** The line of the text where a second recipe seems to begin; null where there is one only. */
  readonly secondAt: number | null;
  /** The line of the text from which on nothing was looked at, since it is longer than any recipe; null where all was. */
  readonly unreadFrom: number | null;
}

export interface ReadRecipeOptions {
  readonly book?: FactBook;
  /** What a person says that a line of the text is, or one of the things in it, by `placeKey`. */
  readonly said?: ReadonlyMap<string, Role>;
}

/** Steps go on in the words that they were broken in: a word that was divided is put together again. */
const joinedTo = (before: string, more: string): string =>
  /\p{Ll}[-\u00ad]$/u.test(before) && /^\p{Ll}/u.test(more) ? before.slice(0, -1) + more : `${before} ${more}`;

/** What a dish gives, said at the end of a line about its times. */
const YIELD_AMONG = /(?<=\d.*|,\s)\b(?:serves|makes|feeds|yields?|cuts (?:in)?to)\b\s*:?\s*[^.,;]{1,30}$/i;
const STEP_ALONE = /^step\s*\d{1,2}\s*[.:]?$/i;
const TOOL_LIST = /^[^:]{3,40}:\s*(\S.*)$/;

/**
 * Reads a whole recipe: title, portions, components with their lines and steps, tools, notes, and what is none of it. A pure function;
 * every line of the text has its place in what is given back, and nothing is dropped; where it is longer than any recipe, it is said from
 * which line on nothing was looked at.
 *
 * @example readRecipe('Plum cake\nServes 8\n1 kg plums\nBake for 1 hour.').components[0]?.lines.length // 1
 */
export function readRecipe(text: string, options: ReadRecipeOptions | FactBook = {}): RecipeReading {
  const { book = SHIPPED_BOOK, said } = 'find' in options ? { book: options, said: undefined } : options;
  const kept = linesApart(text, book, said);
  const looks = looksOf(kept, book);
  const placeOf = new Map(kept.map((place, index) => [placeKey(place), index]));
  const saidAt = new Map(
    [...(said ?? [])].flatMap(([key, role]) => {
      const index = placeOf.get(key);
      return index === undefined ? [] : [[index, role] as const];
    }),
  );
  const roles = withTitle(withReaders(decideRoles(looks, saidAt), looks, saidAt), looks, saidAt);
  const lastAt = kept.at(-1)?.at ?? 0;
  const rest =
    kept.length >= MOST_LINES_READ
      ? text
          .replace(/\r\n?/g, '\n')
          .split('\n')
          .slice(lastAt + 1)
      : [];
  const nextAt = rest.findIndex((line) => line.trim() !== '');
  const read = assemble(
    kept.map(({ at, part }, index) => ({ at, part, look: looks[index]!, role: roles[index]! })),
    book,
    proseOf(text),
  );
  return { ...read, unreadFrom: nextAt < 0 ? null : lastAt + 1 + nextAt };
}

/** Ingredient lines and steps with the lines they go on in. */
function assemble(decided: readonly Decided[], book: FactBook, meant: (prose: string) => string): Omit<RecipeReading, 'unreadFrom'> {
  let title = '';
  let titleLike = -Infinity;
  let portions: number | null = null;
  let gives: Amount | null = null;
  const components: { name: string; gives: Amount | null; texts: string[] }[] = [];
  const method: { text: string; written: string; component: number | null }[] = [];
  const tools: string[] = [];
  const notes: string[] = [];
  const aside: string[] = [];
  const places: ReadPlace[] = [];
  let current: number | null = null;
  /** Whether the component's own steps are meant, and not those of the whole. */
  let under: number | null = null;
  let last: Role | null = null;
  let inMethod = false;
  const byComponent = ownSteps(decided);
  /** The components by the number that their headings bear. */
  const numbered = new Map<string, number>();

  const main = (): number => {
    if (current !== null) return current;
    const known = components.findIndex(({ name }) => name === '');
    current = known >= 0 ? known : components.push({ name: '', gives: null, texts: [] }) - 1;
    return current;
  };
  const named = (heading: { name: string; gives: Amount | null }): number => {
    // "Sponge" over the steps is the "Sponge (evening before)" of the list.
    const bare = (name: string) => plain(name.replace(/\s*\([^()]*\)$/, ''));
    const known = components.findIndex(({ name }) => name !== '' && bare(name) === bare(heading.name));
    return known >= 0 ? known : components.push({ ...heading, texts: [] }) - 1;
  };

  for (const [order, { at, part, look, role }] of decided.entries()) {
    let [component, index]: [number | null, number | null] = [null, null];
    switch (role) {
      case 'title': {
        const read = titleOf(look.written);
        // "Product: mushroom velouté" says what it is, whatever stood at the top of the sheet.
        // The name of the page stands over it, and looks less like one.
        if (
          !title ||
          LABELLED.test(look.written) ||
          PREPARES.test(decided[order - 1]?.look.written ?? '') ||
          (components.length === 0 && !/\d/.test(look.written) && look.like.title > titleLike + 8)
        )
          ({ title } = read);
        titleLike = Math.max(titleLike, look.like.title);
        // "Glazed turnips (per student)"
        portions ??= read.portions ?? portionsOfHeading(look.written) ?? (ONE_EACH.test(look.written) ? 1 : null);
        gives ??= read.gives;
        break;
      }
      case 'yield': {
        const read =
          yieldSaid(
            look.written
              .slice(0, LONGEST_NAME)
              .replace(/\*\*/g, '')
              .replace(/^[\s#>*_–—•-]+|[*_]+$/g, ''),
          ) ?? yieldSaid(look.written.replace(/^\W+(?=\d{1,3}\W*$)|(?<=^\W*\d{1,3})\W+$/g, ''), true);
        portions ??= read?.portions ?? null;
        gives ??= read?.gives ?? null;
        // "Crushed potatoes with chive dip | Serves 4 | Prep 10 min"
        const [first = '', ...others] = look.written.split(/\s+[|•/]\s+/);
        if (!title && others.length > 0 && yieldSaid(first) === null && !/\d/.test(first)) ({ title } = titleOf(first));
        break;
      }
      case 'ingredients': {
        const read = yieldSaid(
          look.written.slice(0, LONGEST_NAME).replace(/^.*?ingredients?(?:\s+list)?\s*\(?\s*|^.*?(?=\bfor\s)|\)$/gi, ''),
        );
        // "Mise en place (per group of 4)"
        const making = /\bto make\s(.{3,30}?),?\s(?:you|we)\b/i.exec(look.written)?.[1];
        const made = making ? yieldSaid(`makes ${making}`) : null;
        gives ??= made?.gives ?? null;
        portions ??= (made ?? read)?.portions ?? portionsOfHeading(look.written) ?? (EACH_ONE.test(look.written) ? 1 : null);
        inMethod = false;
        // "Ingredients:" under the name of a part heads what goes into that part.
        if (last !== 'component') {
          current = null;
          under = null;
        }
        break;
      }
      case 'method':
        inMethod = true;
        // A heading inside a component that goes on: its own method, if other components come with theirs.
        under = current !== null && components[current]!.name !== '' && goesOnByComponent(decided, order) ? current : null;
        // "Method B" is that of "Recipe B".
        under = numbered.get(/\s([A-H\d])\W*$/i.exec(look.written)?.[1]?.toLowerCase() ?? '') ?? under;
        // "Method – flatbreads"
        under = namedFirst(`${METHOD_OF.exec(look.text)?.[1] ?? ''}: `, components) ?? under;
        break;
      case 'component':
        current = named(headingOf(look.written));
        // "Beetroot-cured trout (serves 20)": of the dish, where nothing else has said so.
        portions ??= portionsOfHeading(look.written);
        component = current;
        under = current;
        {
          const number = BY_NUMBER.exec(look.written.replace(/^[\s#>*_–—•-]+/, ''))?.[1];
          if (number) numbered.set(number.toLowerCase(), current);
        }
        break;
      case 'line':
        component = main();
        inMethod = false;
        index = components[component]!.texts.push(look.asLine) - 1;
        break;
      case 'step': {
        const byNumber = BY_NUMBER.exec(look.text);
        const place = byNumber ? numbered.get(byNumber[1]!.toLowerCase()) : undefined;
        if (place !== undefined) {
          inMethod = true;
          under = place;
        }
        component = inMethod ? under : current !== null && components[current]!.name !== '' && byComponent ? current : null;
        // "To serve: …" is of the whole dish, under whatever it stands.
        if (/^(?:to (?:serve|plate|finish|assemble)|plate up|plating|service|assembly)\s*[:–—-]/i.test(look.text)) component = null;
        component = namedFirst(look.text, components) ?? component ?? besideLines(places, at, components);
        portions ??= portionsAmong(look.written);
        gives ??= yieldSaid(JARS.exec(look.written.slice(-200))?.[0] ?? '')?.gives ?? null;
        index =
          method.push({
            text:
              STEP_ALONE.test(look.text) || STEP_ALONE.test(look.written)
                ? ''
                : look.text.slice(place === undefined ? 0 : byNumber![0].length).replace(METHOD_BEFORE, ''),
            written: look.written,
            component,
          }) - 1;
        break;
      }
      case 'tools': {
        const listed = TOOL_LIST.exec(look.written);
        if (listed) tools.push(...listed[1]!.split(/\s*[,;]\s*/).filter(Boolean));
        break;
      }
      case 'tool':
        tools.push(look.text);
        break;
      case 'note': {
        // "Prep: 10 min   Cook: 5 min   Makes 1 jar"
        portions ??= portionsOfAll(look.written) ?? portionsOfParts(look.written) ?? portionsAmong(look.written);
        // "(Makes about 1 quart. Will keep 2 days.)"
        gives ??= yieldSaid(GIVES_AMONG.exec(look.written.slice(0, LONGEST_NAME))?.[0] ?? '')?.gives ?? null;
        const told = method.length === 0 ? YIELD_AMONG.exec(look.written.slice(0, LONGEST_NAME)) : null;
        const read = told ? yieldSaid(told[0]) : null;
        if (read && read.left < 4) {
          portions ??= read.portions;
          gives ??= read.gives;
        }
        notes.push(look.written.replace(/^[\s>]+/, ''));
        break;
      }
      case 'aside':
        // "Yield: 2 pizzas" among what is printed around it.
        if (method.length === 0 && /^(?:yields?|serves|servings?|makes|portions?)\s*:/i.test(look.written))
          portions ??= yieldSaid(look.written)?.portions ?? null;
        if (method.length === 0)
          portions ??= portionsOfColumns(look.written) ?? portionsOfParts(look.written) ?? portionsAmong(look.written);
        aside.push(look.written);
        break;
      case 'more': {
        const before = places.at(-1);
        if (before?.role === 'line' || (before?.role === 'more' && last === 'line')) {
          component = before.component;
          index = before.index;
          const { texts } = components[component!]!;
          texts[index!] = joinedTo(texts[index!]!, look.text);
        } else if (before?.role === 'step' || (before?.role === 'more' && last === 'step')) {
          component = before.component;
          index = before.index;
          const step = method[index!]!;
          portions ??= portionsAmong(look.written);
          step.text = step.text ? joinedTo(STEP_NAMED.test(before.written) ? `${step.text}.` : step.text, look.written) : look.written;
        } else if (last === 'aside') aside[aside.length - 1] = joinedTo(aside.at(-1)!, look.written);
        else if (last === 'title') title = joinedTo(title, look.written);
        else if (last === 'tool' || last === 'tools') tools.push(look.text);
        else if (notes.length > 0) notes[notes.length - 1] = joinedTo(notes.at(-1)!, look.written);
        else notes.push(look.written);
        break;
      }
    }
    if (role !== 'more') last = role;
    places.push({ at, part, written: look.written, role, component, index });
  }
  // A mail says in its subject what it is about.
  const subject = title ? undefined : aside.find((line) => /^(?:subject|re)\s*:/i.test(line));
  if (subject) ({ title } = titleOf(subject));
  // "Subject: lunch for the board" names no food; the mail goes on: "Going with the mushroom strudel."
  const mail = subject !== undefined || decided.some(({ role, look }) => role === 'title' && /^(?:subject|re)\s*:/i.test(look.written));
  const toldName = mail && (!/\s/.test(title) || book.read(title.slice(0, 80)).found.length === 0) ? proseTitle(decided) : '';
  if (toldName && book.read(toldName).found.length > 0) title = toldName;
  // "Week 6 practical: emulsions" heads the sheet of a lesson, where no dish has a name of its own.
  const lesson = title ? null : LESSON_HEAD.exec(decided.find(({ role }) => role !== 'yield')?.look.written ?? '');
  if (lesson) ({ title } = titleOf(lesson[1]!.replace(/\s(?:team|group|name|date|class)\s?:.*$/i, '')));
  // "You asked for the way I do the gooseberry fool."
  if (!title) title = proseTitle(decided);
  if (!title) title = leadTitle(decided, book);
  // "Per student:" beside a cream "(for 4 students)": what one takes is for each of the portions, and that is asked.
  const perOne = components.map(({ name }) => PER_ONE.test(name));
  if (portions === null && components.length > 0 && perOne.every(Boolean)) portions = 1;
  const read = components.map(({ texts }, index) => {
    const lines = texts.map((each) => readLine(each, book));
    return perOne[index] && portions !== 1 ? lines.map(perPlate) : withoutUnits(lines);
  });
  const told = ingredientsInSteps(
    title,
    method.map(({ text }) => text),
    read.flatMap((lines) => lines.map(({ item }) => item)),
    book,
  );
  // What is told in sentences is of the whole dish.
  current = null;
  const toldIn = told.length > 0 ? main() : null;
  // A list of its own that has nothing in it is not a component.
  const keep = components.map(({ name, texts }, index) => name !== '' || texts.length > 0 || index === toldIn);
  const place = keep.map((kept, index) => (kept ? keep.slice(0, index).filter(Boolean).length : null));
  const moved = (component: number | null) => (component === null ? null : (place[component] ?? null));
  return {
    title: meant(title),
    portions,
    gives,
    components: components.flatMap(({ name, gives: own }, index) =>
      keep[index]
        ? {
            name,
            gives: own,
            lines: [...(read[index] ?? []), ...(index === toldIn ? told.map((each) => askedOf(readLine(each, book))) : [])],
          }
        : [],
    ),
    // "Step 3" with nothing behind it stays as it is written: places count on every step.
    method: method.map(({ text, written, component }) => ({
      text: meant(text || written),
      minutes: minutesIn(meant(text)),
      component: moved(component),
    })),
    tools,
    notes,
    aside,
    places: places.map((each) => ({ ...each, component: moved(each.component) })),
    secondAt: secondRecipe(decided),
  };
}

/** "onion jam for the ploughman's, since three people asked:" over its list; empty where no food is named so. */
function leadTitle(decided: readonly Decided[], book: FactBook): string {
  for (const { look, role } of decided.slice(0, 5)) {
    const name =
      /^(?!(?:here|this|that|these|i|we|you|for|the|what|all|everything|it)\b)(\p{L}[\p{L} &'’-]{3,30}?)\s(?:for|from|as|which|that)\b.{0,80}:$/iu.exec(
        look.written,
      )?.[1];
    if (name && role !== 'line' && book.read(name).found.length > 0) return headingOf(name).name;
  }
  return '';
}

/** What the first sentences of a letter say that it is about; empty where they do not. */
const proseTitle = (decided: readonly Decided[]): string =>
  decided
    .slice(0, 6)
    .map(({ look }) => titleInProse(look.written))
    .find(Boolean) ?? '';

const PER_ONE = /^(?:per|for each|for one|each)\s(?:student|learner|person|head|portion|plate|cover|guest|diner)$/i;

const ONE_EACH = /\((?:one |1 )?(?:per|for each|each) (?:student|learner|person|candidate)\)\s*$/i;

const GIVES_AMONG = /\b(?:makes|gives|yields)\s(?:about\s)?\d[\d.,]{0,5}\s?(?:litres?|l|ml|kg|g|quarts?|pints?|jars?|bottles?)\b/i;
/** "Pot while hot - makes about 8 jars." */
const JARS = /\bmakes\s(?:about\s)?\d{1,3}\s(?:small\s|large\s)?(?:jars?|bottles?|loaves|tins?)\b/i;

/** "Per person you need" */
const EACH_ONE = /^(?:per|for each|for every)\s(?:student|learner|person|head|guest|diner)\b/i;

/** A line whose amount is for one portion only. */
const perPlate = (line: LineReading): LineReading => ({
  ...line,
  note: [PER_PLATE, line.note].filter(Boolean).join('; '),
  certainty: line.certainty === 'held' ? 'held' : 'doubtful',
  doubts: [...line.doubts, { code: 'per-plate' }],
});

/** "lemon 80" among "beans 800" and "oil 120": where next to no line has a unit, twenty and more of a thing are asked about too. */
function withoutUnits(lines: readonly LineReading[]): readonly LineReading[] {
  const bare = lines.filter(({ doubts }) => doubts.some(({ code }) => code === 'not-counted')).length;
  if (bare < 3 || bare * 2 < lines.length) return lines;
  return lines.map((line) =>
    line.certainty === 'sure' && line.amount?.unit === 'each' && Number(line.amount.max) >= 20
      ? { ...line, certainty: 'held', doubts: [...line.doubts, { code: 'not-counted', count: line.amount.max, item: line.item }] }
      : line,
  );
}

/** A line that was told in a step is asked about. */
const askedOf = (line: LineReading): LineReading => ({
  ...line,
  certainty: line.certainty === 'held' ? 'held' : 'doubtful',
  doubts: [...line.doubts, { code: 'told-in-step' }],
});

/** "Method: whisk …": the heading stands in the line of the first step. */
const METHOD_BEFORE = /^(?:method|procedure|directions|instructions|how(?: to)?)\s*:\s+(?=\p{L})/iu;
const LESSON_HEAD = /^(?:week|unit|lesson|session|module|practical|day|class)\b[^:–—]{0,30}(?::|\s[–—-])\s*(\p{L}.{2,50})$/iu;
