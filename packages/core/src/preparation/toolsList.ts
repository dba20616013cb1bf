import type { DishContent } from '../dish';
import { SHIPPED_BOOK } from '../ingredients';
import { EQUIPMENT_KINDS, type EquipmentKind, type Kitchen, type KitchenTool } from '../kitchen';
import type { TechniqueCard } from '../technique';
import { plain, singular } from '../text';

/** Something that a lesson needs besides food. */
export interface ToolNeed {
  readonly name: string;
  readonly kind: 'tool' | 'shared' | 'equipment' | 'plate' | 'paper' | 'water';
  /** How many in all, and for each station; `aStation` is null for what all share. */
  readonly count: number;
  readonly aStation: number | null;
  /** How many the kitchen has; null where it keeps no count of it. */
  readonly has: number | null;
  /** Of equipment: minutes that all stations need it, one after another, and how many are needed at once so that they fit. */
  readonly inTurn: { readonly minutes: number; readonly of: number; readonly atOnce: number } | null;
  /** How many too few the kitchen has. */
  readonly short: number;
  readonly because: readonly string[];
}

interface ToolsInput {
  readonly dishes: readonly { readonly content: DishContent; readonly stations: number; readonly portions: number }[];
  readonly cards: ReadonlyMap<string, Pick<TechniqueCard, 'name' | 'tools'>>;
  readonly kitchen: Kitchen | null;
  /** Minutes of the lesson in which is cooked; null where nobody knows. */
  readonly minutes?: number | null;
}

/** What one station uses alone; a water bath takes the bags of several at once. */
const ONE_AT_A_TIME: ReadonlySet<EquipmentKind> = new Set(['blender', 'mixer', 'fryer']);

/** Minutes that a step takes of what it needs where it says none. @source our own working figure */
const USUAL_MINUTES = 5;

/** What several stations share: one among so many. @source our own working figure */
const SHARED_AMONG: readonly (readonly [RegExp, number])[] = [
  [/\b(?:scales?)\b/, 2],
  [/\b(?:mandolines?|slicers?|graters?|zesters?)\b/, 3],
  [/\b(?:probes?|thermometers?)\b/, 2],
  [/\b(?:blow ?torch|torches)\b/, 4],
  [/\b(?:whetstones?|stones?|steels?|rods?)\b/, 4],
];
const EQUIPMENT: readonly (readonly [RegExp, EquipmentKind])[] = [
  [/\b(?:blenders?|stick blenders?|food processors?)\b/, 'blender'],
  [/\bmixers?\b/, 'mixer'],
  [/\bfryers?\b/, 'fryer'],
  [/\bwater baths?\b/, 'water bath'],
];
const PAPER: readonly (readonly [string, RegExp])[] = [
  ['cling film', /\b(?:cling ?film|film|wrap(?:ped)? (?:tightly|in film))\b/],
  ['baking paper', /\b(?:baking paper|parchment|greaseproof|paper lid|cartouche)\b/],
  ['foil', /\bfoil\b/],
  ['kitchen paper', /\b(?:kitchen paper|paper towels?|pat (?:it |them )?dry|drain(?:ed)? on paper)\b/],
  ['string', /\b(?:string|tie (?:it|them|up|with|the)|truss)\b/],
  ['skewers', /\bskewers?\b/],
  ['muslin', /\b(?:muslin|cheesecloth|straining cloth|herb bag|spice bag)\b/],
  ['piping bag', /\b(?:piping bags?|pipe (?:it|them|the|onto|into))\b/],
];
const WATER: readonly (readonly [string, RegExp])[] = [
  ['ice', /\b(?:ice bath|ice water|iced water|over ice|on ice|bowl of ice)\b/],
  ['boiling water', /\b(?:boiling (?:salted )?water|blanch(?:ed)?|pot of water)\b/],
];
/** What is cooked with and does not reach the plate: it goes in counted and comes out counted. */
const NOT_SERVED =
  /\b(?:herb bag|spice bag|bouquet garni|skewers?|string|toothpicks?|cocktail sticks?|cloves? (?:studded|stuck)|bay lea(?:f|ves)|cinnamon sticks?|baking beans)\b/g;

const HEATED =
  /\b(warm(?:ed)?|hot(?! plate\b)|cold|chilled|frozen) (?:(?:soup|deep|shallow|flat|serving) )?(plates?|bowls?|glass(?:es)?)\b/;
const SERVED_ON = /\b(?:plat(?:e|ed|ing)|serv(?:e|ed|ing)|spoon|ladle|divide|arrange|pile)\b[a-z ]{0,30}? (plates?|bowls?|glass(?:es)?)\b/;

const told = (step: DishContent['method'][number]) => plain(`${step.text} ${step.equipment}`);

const equipmentOf = (step: DishContent['method'][number]): EquipmentKind | null =>
  EQUIPMENT.find(([word]) => word.test(told(step)))?.[1] ?? null;

const HOT_TIN =
  /\b(?:hot|pre-?heated|smoking[- ]hot|already hot)\s+(?:(?:baking|roasting|oven|cast[- ]iron|heavy|oiled|dry)\s+)?(tins?|trays?|sheets?|stones?|griddles?|casseroles?|dish(?:es)?)\b|\bheat (?:the |a |an )?(?:(?:baking|roasting|oven|heavy) )?(tins?|trays?|sheets?|stones?|griddles?)\b[^.;]{0,20}\boven\b/;

const TAKEN_OUT = /\b(?:take|lift|carry|bring|get)\b[^.;]{0,30}\bout\b|\bremove\b/;

/**
 * What a step puts food on or in that has to be hot by then; null where it says none.
 *
 * @example hotTinOf('Slide onto the hot baking stone and bake.') // 'stone'
 */
export function hotTinOf(text: string): string | null {
  const said = plain(text);
  // "Take the hot tray out": it has been in the oven, with the food.
  if (TAKEN_OUT.test(said) && !/\b(?:onto|into)\b/.test(said)) return null;
  const [, hot, heated] = HOT_TIN.exec(said) ?? [];
  return hot ?? heated ?? null;
}

/** Minutes until a tin, tray or stone in the oven has its heat. @source our own working figures */
export const minutesToHeat = (tin: string): number => (/^(?:stone|casserole|griddle)/.test(tin) ? 30 : 15);

/**
 * Tools, equipment, plates and paper goods of a lesson: from the cards of what is done, from steps, and from what dishes list; by station, or
 * one among several; against what the kitchen has.
 */
export function toolsList({ dishes, cards, kitchen, minutes = null }: ToolsInput): readonly ToolNeed[] {
  const needs = new Map<string, ToolNeed>();
  /** Minutes that each kind of equipment is used, by all stations together. */
  const used = new Map<EquipmentKind, number>();
  for (const { content, stations } of dishes)
    for (const step of content.method) {
      const kind = equipmentOf(step);
      if (kind) used.set(kind, (used.get(kind) ?? 0) + stations * (step.minutes ?? USUAL_MINUTES));
    }
  const add = (need: Omit<ToolNeed, 'has' | 'inTurn' | 'short'>) => {
    const known = needs.get(need.name);
    const count = known ? Math.max(known.count, need.count) : need.count;
    const kind = (EQUIPMENT_KINDS as readonly string[]).includes(need.name) ? (need.name as EquipmentKind) : null;
    const has = kitchen ? (kind ? kitchen.equipment[kind] : countOf(need.name, kitchen.tools)) : null;
    const all = kind && ONE_AT_A_TIME.has(kind) ? (used.get(kind) ?? 0) : 0;
    const atOnce = minutes !== null && minutes > 0 ? Math.max(1, Math.ceil(all / minutes)) : 1;
    needs.set(need.name, {
      ...need,
      count,
      has,
      inTurn: kind && minutes !== null && all > 0 ? { minutes: all, of: minutes, atOnce } : null,
      short: has === null ? 0 : Math.max(0, (kind ? Math.min(atOnce, count) : count) - has),
      because: [...new Set([...(known?.because ?? []), ...need.because])],
    });
  };
  for (const { content, stations, portions } of dishes) {
    const techniques = new Set(content.method.flatMap(({ techniqueIds }) => techniqueIds));
    for (const id of techniques) for (const tool of cards.get(id)?.tools ?? []) addTool(tool, cards.get(id)!.name, stations, add);
    for (const tool of content.tools) addTool(tool, content.title, stations, add);
    for (const step of content.method) {
      const said = told(step);
      const equipment = equipmentOf(step);
      if (equipment) add({ name: equipment, kind: 'equipment', count: stations, aStation: null, because: [content.title] });
      for (const [kind, list] of [['paper', PAPER] as const, ['water', WATER] as const])
        for (const [name, word] of list) if (word.test(said)) add({ name, kind, count: stations, aStation: 1, because: [content.title] });
    }
    const plates = platesOf(content);
    const heat = plates.heat ? `${plates.heat} ${plates.kind}` : plates.kind;
    // What several dishes are served on is needed for all of them.
    if (portions > 0)
      add({ name: heat, kind: 'plate', count: (needs.get(heat)?.count ?? 0) + portions, aStation: null, because: [content.title] });
  }
  const order = ['equipment', 'shared', 'tool', 'plate', 'paper', 'water'];
  return [...needs.values()].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind) || a.name.localeCompare(b.name));
}

const wordsOf = (name: string): string[] => plain(name).split(' ').map(singular);

/** By what a tool is known, however it is written: "Boards" are "board". */
export const toolKey = (name: string): string => wordsOf(name).join(' ');

/**
 * How many of a tool a kitchen says that it has; null where it keeps no count of it. What is counted by a shorter name counts for the
 * longer: 6 probe thermometers are those "that stay in" too. Of several that fit, the nearest name holds.
 */
export function countOf(name: string, tools: readonly KitchenTool[]): number | null {
  const wanted = new Set(wordsOf(name));
  const fitting = tools
    .map((tool) => ({ tool, words: wordsOf(tool.name) }))
    .filter(({ words }) => words.every((word) => wanted.has(word)))
    .sort((a, b) => b.words.length - a.words.length);
  return fitting[0]?.tool.count ?? null;
}

/** What a dish is served on or in, and at which heat, as its steps say. */
export interface Plates {
  readonly kind: 'plates' | 'bowls' | 'glasses';
  readonly heat: 'warm' | 'cold' | null;
}

/** @example platesOf(mussels) // { kind: 'bowls', heat: 'warm' }, of "Plate in warm bowls, spoon over the liquor" */
export function platesOf({ method }: Pick<DishContent, 'method'>): Plates {
  // What it ends on counts; a bowl in which something is mixed does not, nor the hot plate of a hob.
  for (const { text } of [...method].reverse()) {
    const said = plain(text);
    const [, heat = '', warm = ''] = HEATED.exec(said) ?? [];
    const on = warm || (SERVED_ON.exec(said)?.[1] ?? '');
    if (!on) continue;
    const kind = on.startsWith('bowl') ? 'bowls' : on.startsWith('glass') ? 'glasses' : 'plates';
    return { kind, heat: /warm|hot/.test(heat) ? 'warm' : heat ? 'cold' : null };
  }
  return { kind: 'plates', heat: null };
}

/** Counted for each portion, with their heat. */
const PLATE = /\b(?:warm|cold|hot) (?:or (?:warm|cold|hot) )?plates?$/;
/** "Two bowls": so many at each station. */
const SEVERAL = /^(two|three|four|five|six|[2-9]|1\d) (\D+)$/;
const NUMBERS: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4, five: 5, six: 6 };
/** Named after the food that they are for. */
const FOOD_TOOL = /\b(?:slice|board|knife|tray|pan|bowl)s?\b/;

function addTool(tool: string, because: string, stations: number, add: (need: Omit<ToolNeed, 'has' | 'inTurn' | 'short'>) => void): void {
  const said = plain(tool);
  const equipment = EQUIPMENT.find(([word]) => word.test(said))?.[1];
  if (equipment) return add({ name: equipment, kind: 'equipment', count: stations, aStation: null, because: [because] });
  const among = SHARED_AMONG.find(([word]) => word.test(said))?.[1];
  // "Probe thermometer, checked in ice" is one with a word about it.
  const [name = '', ...about] = tool.split(',').map((part) => part.trim());
  if (!name || PLATE.test(said)) return;
  const food = FOOD_TOOL.test(said) ? null : SHIPPED_BOOK.read(name);
  if (food && food.found.length > 0 && food.notKnown.length === 0) {
    // "Cold butter" is ordered; ice and hot water are not.
    if (food.found.every(({ fact }) => fact.name === 'water'))
      add({ name: name.toLowerCase(), kind: 'water', count: stations, aStation: 1, because: [because] });
    return;
  }
  const of = { name: name.toLowerCase(), because: [about.length > 0 ? `${because} (${about.join(', ')})` : because] };
  const [, several = '', ones = ''] = SEVERAL.exec(of.name) ?? [];
  if (several) {
    const aStation = NUMBERS[several] ?? Number(several);
    return add({ ...of, name: toolKey(ones), kind: 'tool', count: stations * aStation, aStation });
  }
  if (among) return add({ ...of, kind: 'shared', count: Math.ceil(stations / among), aStation: null });
  add({ ...of, kind: 'tool', count: stations, aStation: 1 });
}

/** Something that is cooked with and taken out before the plate. */
export interface CountedInAndOut {
  readonly name: string;
  readonly dish: string;
  /** As many as there are makings. */
  readonly count: number;
}

/** What must come out again: herb bags, skewers, string, whole spices. */
export function countedInAndOut(
  dishes: readonly { readonly content: DishContent; readonly makings: number }[],
): readonly CountedInAndOut[] {
  return dishes.flatMap(({ content, makings }) => {
    const said = plain(
      [
        ...content.method.map(({ text }) => text),
        ...content.components.flatMap(({ lines }) => lines.map(({ written, item }) => written || item)),
      ].join('. '),
    );
    const names = new Set([...said.matchAll(NOT_SERVED)].map(([name]) => name));
    return [...names].map((name) => ({ name, dish: content.title, count: makings }));
  });
}
