import type { List, ListItem, Paragraph, PhrasingContent, RootContent } from 'mdast';
import { toMarkdown } from 'mdast-util-to-markdown';
import { LEVEL_NAMES, LEVELS } from '../rubric';
import type { HoldsUnder } from '../practice';
import { nodesOf, PURPOSES, readInline, STRAND_NAMES, type RichText, type Sense } from '../technique';
import { CARD_HEADINGS } from './cardHeadings';
import type { PortableTechnique } from './techniqueFile';

export const SENSE_NAMES: Readonly<Record<Sense, string>> = {
  see: 'See',
  hear: 'Hear',
  smell: 'Smell',
  feel: 'Feel',
  taste: 'Taste',
  measure: 'Measure',
};

/** Techniques as Markdown that a person can read and edit; `readTechniqueMarkdown` reads it back without loss. */
export function techniqueMarkdown(techniques: readonly PortableTechnique[]): string {
  return toMarkdown(
    { type: 'root', children: techniques.flatMap(blocksOf) },
    { bullet: '-', emphasis: '*', listItemIndent: 'one', rule: '-', resourceLink: true },
  );
}

function blocksOf(card: PortableTechnique): RootContent[] {
  const H = CARD_HEADINGS;
  const { novice, practised } = card.minutes;
  const about = [
    pair('Strand', STRAND_NAMES[card.strand]),
    ...(novice === null ? [] : [pair('Minutes for a novice', String(novice))]),
    ...(practised === null ? [] : [pair('Minutes for a practised hand', String(practised))]),
  ];
  return [
    heading(1, card.name),
    ...(card.purpose ? [paragraph(richNodes(card.purpose))] : []),
    ...section(H.about, about),
    ...section(H.prerequisites, card.prerequisites.map(plainItem)),
    ...section(H.tools, card.tools.map(plainItem)),
    ...section(H.steps, card.steps.map(richItem), true),
    ...section(
      H.criticalPoints,
      card.criticalPoints.map(({ text, under }) =>
        item(
          richNodes(text),
          underPairs(under).map(([name, value]) => pair(name, value)),
        ),
      ),
    ),
    ...section(
      H.cues,
      card.cues.map(({ sense, text }) => pair(SENSE_NAMES[sense], text)),
    ),
    ...section(
      H.looksWrong,
      card.looksWrong.map(({ see, because }) => nested(see, [['Because', because]])),
    ),
    ...section(
      H.faults,
      card.faults.map((fault) =>
        nested(fault.see, [
          ['Cause', fault.cause],
          ['Correction', fault.correction],
          ['Rescue', fault.rescue],
          ['Looks like', fault.looksLike?.fault ?? ''],
          ['Told apart by', fault.looksLike?.test ?? ''],
          ...underPairs(fault.under),
          ['Key', fault.key],
        ]),
      ),
    ),
    ...section(H.cautions, card.cautions.map(plainItem)),
    ...section(H.passedRound, card.passedRound.map(plainItem)),
    ...section(
      H.questions,
      card.questions.map(({ ask, answer }) => nested(ask, [['Answer', answer]])),
    ),
    ...section(
      H.aims,
      PURPOSES.filter((purpose) => card.aims[purpose]).map((purpose) => pair(capital(purpose), card.aims[purpose])),
    ),
    ...section(
      H.descriptors,
      card.descriptors.map((descriptor) =>
        nested(descriptor.name, [
          ['Evidence', descriptor.evidence],
          ...LEVELS.map((level) => [LEVEL_NAMES[level], descriptor.levels[level - 1] ?? ''] as const),
          ...underPairs(descriptor.under),
          ['Key', descriptor.key],
        ]),
      ),
    ),
    ...section(
      H.variants,
      card.variants.map((variant) =>
        item(
          [{ type: 'text', value: variant.name }],
          [pairRich('Says', variant.text), ...(card.variant === variant.key ? [pair('In force', 'yes')] : []), pair('Key', variant.key)],
        ),
      ),
    ),
    ...section(H.matters, card.matters.map(plainItem)),
    ...section(H.calculators, card.calculators.map(plainItem)),
    ...section(H.ladders, card.ladders.map(plainItem)),
    ...section(
      H.drawings,
      card.drawings.map(({ kind, of }) => (of ? pair(kind, of) : plainItem(kind))),
    ),
    ...section(
      H.answered,
      card.answered.map(({ hazard, because }) => pair(hazard, because)),
    ),
    ...section(H.words, card.words.map(plainItem)),
  ];
}

/** `Under: matter, practice`, by their keys, where something holds under one practice only. */
const underPairs = (under?: HoldsUnder): readonly (readonly [string, string])[] =>
  under ? [['Under', `${under.matter}, ${under.practice}`]] : [];

const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

function heading(depth: 1 | 2, text: string): RootContent {
  return { type: 'heading', depth, children: [{ type: 'text', value: text }] };
}

function section(title: string, items: readonly ListItem[], ordered = false): RootContent[] {
  return items.length === 0 ? [] : [heading(2, title), list(items, ordered)];
}

function list(items: readonly ListItem[], ordered = false): List {
  return { type: 'list', ordered, spread: false, ...(ordered ? { start: 1 } : {}), children: [...items] };
}

const paragraph = (children: PhrasingContent[]): Paragraph => ({ type: 'paragraph', children });
const richNodes = (rich: RichText): PhrasingContent[] => nodesOf(readInline(rich));

function item(children: PhrasingContent[], below: readonly ListItem[] = []): ListItem {
  return { type: 'listItem', spread: false, children: [paragraph(children), ...(below.length > 0 ? [list(below)] : [])] };
}

const plainItem = (text: string) => item([{ type: 'text', value: text }]);
const richItem = (rich: RichText) => item(richNodes(rich));
const pair = (name: string, value: string) => item([{ type: 'text', value: `${name}: ${value}` }]);
const pairRich = (name: string, value: RichText) => item([{ type: 'text', value: `${name}: ` }, ...richNodes(value)]);

function nested(text: string, pairs: readonly (readonly [string, string])[]): ListItem {
  return item(
    [{ type: 'text', value: text }],
    pairs.filter(([, value]) => value).map(([name, value]) => pair(name, value)),
  );
}
