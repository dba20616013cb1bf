import type { List, ListItem, Nodes, PhrasingContent, RootContent } from 'mdast';
import { fromMarkdown } from 'mdast-util-from-markdown';
import { CALCULATOR_KEYS, type CalculatorKey } from '../calculators/keys';
import { LADDER_KEYS, type LadderKey } from '../doneness/stages';
import { DRAWING_KINDS, type DrawingKind } from '../drawing/spec';
import { MATTERS, practiceOf, type HoldsUnder, type MatterKey } from '../practice';
import { LEVEL_NAMES, LEVELS } from '../rubric';
import {
  EMPTY_CARD,
  HAZARDS,
  newKey,
  PURPOSES,
  runsOf,
  SENSES,
  STRANDS,
  STRAND_NAMES,
  writeInline,
  type CardDescriptor,
  type HazardKey,
  type RichText,
} from '../technique';
import { oneLine, shortened } from '../text';
import { CARD_HEADINGS } from './cardHeadings';
import { SENSE_NAMES } from './techniqueMarkdown';
import type { PortableTechnique, ReadTechniques } from './techniqueFile';
import { untangled } from './tangled';

type Section = keyof typeof CARD_HEADINGS;
type Draft = { -readonly [K in keyof PortableTechnique]: PortableTechnique[K] };

/**
 * Techniques from Markdown: each first-level heading begins a card, second-level headings its sections.
 *
 * Headings are known whatever their case; text under other headings, and anything a section has no place for, is named
 * in `leftOut`.
 */
export function readTechniqueMarkdown(text: string): ReadTechniques {
  const { text: plain, tangles } = untangled(text);
  const children = cardsIn(plain).flatMap((card) => fromMarkdown(card).children);
  const techniques: Draft[] = [];
  const leftOut: string[] = tangles.map(
    ({ lines: [first, last] }) => `lines ${first} to ${last}: too deeply nested, or too many signs, to be read`,
  );
  let section: Section | 'unknown' | null = null;
  for (const node of children) {
    const card = techniques.at(-1);
    if (node.type === 'heading' && node.depth === 1) {
      techniques.push({ ...EMPTY_CARD, prerequisites: [], name: textOf(node.children) });
      section = null;
    } else if (node.type === 'heading') {
      section = sectionOf(textOf(node.children)) ?? 'unknown';
      if (section === 'unknown') leftOut.push(`${card?.name ? `${card.name}: ` : ''}the heading "${textOf(node.children)}"`);
    } else if (!card) leftOut.push(said(node));
    else if (section === null && node.type === 'paragraph') card.purpose = oneLine(`${card.purpose} ${richOf(node.children)}`);
    else if (section !== null && section !== 'unknown' && node.type === 'list') fill(card, section, node, leftOut);
    else if (section !== null && section !== 'unknown' && node.type === 'paragraph') fill(card, section, lone(node.children), leftOut);
    else leftOut.push(`${card.name}: ${said(node)}`);
  }
  return { techniques, leftOut };
}

const FENCE = /^ {0,3}(`{3,}|~{3,})/;

/**
 * The text of each card, since a parser of Markdown takes for a text what grows with its square: ninety cards in a fifth of the time.
 * A `#` in a block of code or in a comment begins none, and links that are defined apart hold the text together.
 */
function cardsIn(markdown: string): readonly string[] {
  if (/^ {0,3}\[[^\]\n]+\]:/m.test(markdown)) return [markdown];
  const cards: string[][] = [[]];
  let fence = '';
  let comment = false;
  for (const line of markdown.split('\n')) {
    const mark = FENCE.exec(line)?.[1];
    if (!fence && !comment && /^# /.test(line) && !cards.at(-1)!.at(-1)?.trim()) cards.push([]);
    cards.at(-1)!.push(line);
    if (!comment && mark && (!fence || mark.startsWith(fence))) fence = fence ? '' : mark;
    if (!fence) comment = line.lastIndexOf('<!--') > line.lastIndexOf('-->') || (comment && !line.includes('-->'));
  }
  return cards.map((lines) => lines.join('\n'));
}

function sectionOf(heading: string): Section | undefined {
  return (Object.keys(CARD_HEADINGS) as Section[]).find((key) => CARD_HEADINGS[key].toLowerCase() === heading.trim().toLowerCase());
}

const lone = (children: PhrasingContent[]): List => ({
  type: 'list',
  children: [{ type: 'listItem', children: [{ type: 'paragraph', children }] }],
});

/** The words of a node, shortened, for telling that it was left out. */
function said(node: RootContent): string {
  const text = oneLine(allText(node));
  return text ? `"${shortened(text, 80)}"` : `a ${node.type}`;
}

function allText(node: Nodes): string {
  if ('value' in node) return node.value;
  return 'children' in node ? node.children.map((child) => allText(child as Nodes)).join(' ') : '';
}

const textOf = (children: readonly PhrasingContent[]) =>
  oneLine(
    runsOf(children)
      .map((run) => run.text)
      .join(''),
  );
const richOf = (children: readonly PhrasingContent[]): RichText => writeInline(runsOf(children));

/** An item's own text, plain and rich, and its list of `Name: value` below. */
interface Item {
  readonly text: string;
  readonly rich: RichText;
  readonly below: ReadonlyMap<string, { readonly text: string; readonly rich: RichText }>;
}

function itemOf(node: ListItem): Item {
  const first = node.children.find((child) => child.type === 'paragraph');
  const inner = node.children.find((child) => child.type === 'list');
  const below = (inner?.children ?? []).flatMap((each) => {
    const paragraph = each.children.find((child) => child.type === 'paragraph');
    const split = paragraph ? named(textOf(paragraph.children)) : null;
    if (!paragraph || !split) return [];
    return [[split[0].toLowerCase(), { text: split[1], rich: named(richOf(paragraph.children))?.[1] ?? '' }] as const];
  });
  return { text: first ? textOf(first.children) : '', rich: first ? richOf(first.children) : '', below: new Map(below) };
}

/** `Name: value` in two. */
function named(text: string): readonly [string, string] | null {
  const at = text.indexOf(':');
  return at < 0 ? null : [text.slice(0, at).trim(), text.slice(at + 1).trim()];
}

function fill(card: Draft, section: Section, list: List, leftOut: string[]): void {
  const items = list.children.map(itemOf).filter(({ text }) => text);
  const lost = (text: string) => leftOut.push(`${card.name}, ${CARD_HEADINGS[section]}: "${text}"`);
  const known = <T extends string>(keys: readonly T[], text: string): T | null => {
    const key = keys.find((each) => each === text.toLowerCase());
    if (!key) lost(text);
    return key ?? null;
  };
  const below = (item: Item, name: string) => item.below.get(name)?.text ?? '';
  switch (section) {
    case 'about':
      for (const { text } of items) about(card, text, lost);
      break;
    case 'prerequisites':
    case 'tools':
    case 'cautions':
    case 'words':
    case 'passedRound':
      card[section] = [...card[section], ...items.map(({ text }) => text)];
      break;
    case 'steps':
      card.steps = [...card.steps, ...items.map(({ rich }) => rich)];
      break;
    case 'criticalPoints':
      card.criticalPoints = [...card.criticalPoints, ...items.map((item) => ({ text: item.rich, ...underOf(item, lost) }))];
      break;
    case 'questions':
      card.questions = [...card.questions, ...items.map((item) => ({ ask: item.text, answer: below(item, 'answer') }))];
      break;
    case 'cues':
      card.cues = [
        ...card.cues,
        ...items.map(({ text }) => {
          const [name, value] = named(text) ?? ['', ''];
          const sense = SENSES.find((each) => SENSE_NAMES[each].toLowerCase() === name.toLowerCase());
          return sense ? { sense, text: value } : { sense: 'see' as const, text };
        }),
      ];
      break;
    case 'looksWrong':
      card.looksWrong = [...card.looksWrong, ...items.map((item) => ({ see: item.text, because: below(item, 'because') }))];
      break;
    case 'faults':
      for (const item of items) {
        const key = below(item, 'key') || newKey(item.text, card.faults);
        const rescue = below(item, 'rescue');
        const [cause, correction] = [below(item, 'cause'), below(item, 'correction')];
        const [fault, test] = [below(item, 'looks like'), below(item, 'told apart by')];
        const looksLike = fault && test ? { looksLike: { fault, test } } : {};
        card.faults = [...card.faults, { key, see: item.text, cause, correction, rescue, ...looksLike, ...underOf(item, lost) }];
      }
      break;
    case 'aims':
      for (const { text } of items) {
        const [name, value] = named(text) ?? ['', ''];
        const purpose = PURPOSES.find((each) => each === name.toLowerCase());
        if (purpose) card.aims = { ...card.aims, [purpose]: value };
        else lost(text);
      }
      break;
    case 'descriptors':
      for (const item of items) card.descriptors = [...card.descriptors, { ...descriptorOf(item, card), ...underOf(item, lost) }];
      break;
    case 'variants':
      for (const item of items) {
        const key = below(item, 'key') || newKey(item.text, card.variants);
        card.variants = [...card.variants, { key, name: item.text, text: item.below.get('says')?.rich ?? '' }];
        if (below(item, 'in force').toLowerCase() === 'yes') card.variant = key;
      }
      break;
    case 'matters':
      card.matters = items.flatMap(({ text }): MatterKey[] => only(known(MATTERS, text)));
      break;
    case 'calculators':
      card.calculators = items.flatMap(({ text }): CalculatorKey[] => only(known(CALCULATOR_KEYS, text)));
      break;
    case 'ladders':
      card.ladders = items.flatMap(({ text }): LadderKey[] => only(known(LADDER_KEYS, text)));
      break;
    case 'drawings':
      card.drawings = items.flatMap(({ text }) => {
        const [kind, of] = named(text) ?? [text, ''];
        return only(known<DrawingKind>(DRAWING_KINDS, kind)).map((found) => (of ? { kind: found, of } : { kind: found }));
      });
      break;
    case 'answered':
      card.answered = items.flatMap(({ text }) => {
        const [hazard, because] = named(text) ?? [text, ''];
        return only(known<HazardKey>(HAZARDS, hazard)).map((found) => ({ hazard: found, because }));
      });
      break;
  }
}

/** The practice under which an item holds, where one is named that exists. */
function underOf({ below }: Item, lost: (text: string) => void): { readonly under?: HoldsUnder } {
  const said = below.get('under')?.text;
  if (!said) return {};
  const [matter, practice = ''] = said.split(',').map((part) => part.trim());
  const known = MATTERS.find((key) => key === matter);
  if (known && practiceOf(known, practice)) return { under: { matter: known, practice } };
  lost(`Under: ${said}`);
  return {};
}

const only = <T>(value: T | null): T[] => (value === null ? [] : [value]);

function about(card: Draft, text: string, lost: (text: string) => void): void {
  const [name, value] = named(text) ?? ['', ''];
  const minutes = /^\d{1,4}$/.test(value) ? Number(value) : null;
  const strand = STRANDS.find((key) => STRAND_NAMES[key].toLowerCase() === value.toLowerCase() || key === value.toLowerCase());
  if (name.toLowerCase() === 'strand' && strand) card.strand = strand;
  else if (name.toLowerCase() === 'minutes for a novice' && minutes !== null) card.minutes = { ...card.minutes, novice: minutes };
  else if (name.toLowerCase() === 'minutes for a practised hand' && minutes !== null)
    card.minutes = { ...card.minutes, practised: minutes };
  else lost(text);
}

function descriptorOf(item: Item, card: Draft): CardDescriptor {
  const evidence = item.below.get('evidence')?.text;
  const [a, b, c, d] = LEVELS.map((level) => item.below.get(LEVEL_NAMES[level].toLowerCase())?.text ?? '');
  return {
    key: item.below.get('key')?.text || newKey(item.text, card.descriptors),
    name: item.text,
    evidence: evidence === 'measured' || evidence === 'tasted' ? evidence : 'seen',
    levels: [a ?? '', b ?? '', c ?? '', d ?? ''],
  };
}
