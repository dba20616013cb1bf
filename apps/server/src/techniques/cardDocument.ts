import type { Content, ContentText, TDocumentDefinitions } from 'pdfmake/interfaces';
import {
  drawCard,
  holdsHere,
  ladderOf,
  lookAlike,
  LEVEL_NAMES,
  LEVELS,
  MATTER_SPECS,
  practiceOf,
  readInline,
  SENSE_NAMES,
  STRAND_NAMES,
  toSvg,
  WHO_DECIDES,
  type CutSet,
  type Fault,
  type PracticeChoices,
  type RichText,
  type StageLadder,
  type TechniqueCard,
} from '@pelvo/core';

interface CardOptions {
  /** Size of the text in points. */
  readonly size: number;
  readonly choices: PracticeChoices;
  readonly cutSet: CutSet | null;
  /** Names of what is to be learned before. */
  readonly before: readonly string[];
  /** For whose hands its drawings are. */
  readonly hand?: 'left' | 'right';
  /** Closer lines, narrower margins and smaller drawings, where the smallest type alone does not do. */
  readonly close?: boolean;
}

/** What tells a fault from one that looks like it. */
function toldApart(fault: Fault, among: readonly Fault[]): Content[] {
  const alike = lookAlike(fault, among);
  return alike ? [{ text: `Looks like "${alike.other.see}". ${alike.test}`, italics: true }] : [];
}

/** A ladder in a paragraph, from least to most: "Sugar: thread, 106 to 112 °C, a short thread between two spoons; …". */
const stages = ({ name, stages: all }: StageLadder, gap: number): Content => ({
  text: [
    { text: `${name}: `, bold: true },
    ...all.flatMap(({ name: stage, heat, cue }, at): ContentText[] => [
      { text: stage, bold: true },
      { text: `${heat ? `, ${heat[0]} to ${heat[1]} °C` : ''}, ${cue}${at < all.length - 1 ? '; ' : ''}` },
    ]),
  ],
  margin: [0, 0, 0, gap],
});

/** A technique card to teach from, laid out for one sheet: what to do on the left, how to know on the right, faults below. */
export function cardDocument(card: TechniqueCard, { size, choices, cutSet, before, hand, close = false }: CardOptions): TDocumentDefinitions {
  const heading = (text: string): Content => ({ text, font: 'Bitter', bold: true, fontSize: size + 1.5, margin: [0, size * 0.7, 0, 2] });
  const small = size - 1;
  const drawings = card.drawings.flatMap((spec) => drawCard(spec, { practices: choices, cutSet, hand }) ?? []);
  const { novice, practised } = card.minutes;
  const facts = [
    STRAND_NAMES[card.strand],
    novice ? `novice ${novice} min` : '',
    practised ? `practised ${practised} min` : '',
    before.length > 0 ? `after: ${before.join(', ')}` : '',
  ].filter(Boolean);
  const gap = size * 0.25;
  const drawn = close ? 0.75 : 1;
  return {
    info: { title: card.name },
    pageMargins: close ? [30, 22, 30, 30] : [34, 30, 34, 34],
    defaultStyle: { font: 'Atkinson', fontSize: size, lineHeight: close ? 1 : 1.1 },
    content: [
      { text: card.name, style: 'title', fontSize: 19 },
      { text: facts.join('  ·  '), fontSize: small },
      ...(card.purpose ? [{ text: runs(card.purpose), fontSize: size + 1, margin: [0, 3, 0, 0] } satisfies Content] : []),
      {
        columnGap: 16,
        columns: [
          {
            width: '54%',
            stack: [
              ...part(
                heading('Steps'),
                card.steps.map((step, index) => numbered(index + 1, step, gap)),
              ),
              ...part(
                heading('What decides the result'),
                card.criticalPoints.filter((point) => holdsHere(point, choices)).map((point) => marked(point.text, gap)),
              ),
              ...part(
                heading('Looks wrong but is right'),
                card.looksWrong.map(({ see, because }) => ({ text: [{ text: `${see}. `, bold: true }, because], margin: [0, 0, 0, gap] })),
              ),
              ...practices(card, choices, heading, gap),
            ],
          },
          {
            width: '*',
            stack: [
              ...drawings.slice(0, 2).map((drawing): Content => ({
                svg: toSvg(drawing),
                fit: [21 * size * drawn, 11.8 * size * drawn],
                alignment: 'center',
                margin: [0, 4, 0, 2],
              })),
              ...part(
                heading('Cues'),
                card.cues.map(({ sense, text }) => ({
                  text: [{ text: `${SENSE_NAMES[sense]}: `, bold: true }, text],
                  margin: [0, 0, 0, gap],
                })),
              ),
              ...part(
                heading('Stages'),
                card.ladders.map((key) => stages(ladderOf(key)!, gap)),
              ),
              ...part(heading('Passed round'), card.passedRound.length > 0 ? [{ text: card.passedRound.join('; ') }] : []),
              ...part(
                heading('Asked'),
                card.questions.map(({ ask, answer }) => ({ text: [{ text: `${ask} `, bold: true }, answer], margin: [0, 0, 0, gap] })),
              ),
              ...part(heading('Tools'), card.tools.length > 0 ? [{ text: card.tools.join(', ') }] : []),
              ...part(
                heading('Aims'),
                (['introduce', 'practise', 'assess'] as const)
                  .filter((purpose) => card.aims[purpose])
                  .map((purpose) => ({ text: [{ text: `${AIM[purpose]}: `, bold: true }, card.aims[purpose]], margin: [0, 0, 0, gap] })),
              ),
            ],
          },
        ],
      },
      ...(card.faults.length > 0
        ? [
            heading('Faults'),
            {
              table: {
                headerRows: 1,
                widths: ['24%', '22%', '30%', '*'],
                body: [
                  ['You see', 'Likely cause', 'Correction', 'Rescue'].map((text) => ({ text, bold: true, fontSize: small })),
                  ...card.faults
                    .filter((fault) => holdsHere(fault, choices))
                    .map((fault) => [
                      { stack: [{ text: fault.see, bold: true }, ...toldApart(fault, card.faults)] },
                      { text: fault.cause },
                      { text: fault.correction },
                      { text: fault.rescue || 'none: start again' },
                    ]),
                ],
              },
              layout: 'pelvo',
            } satisfies Content,
          ]
        : []),
      ...(card.descriptors.length > 0
        ? [
            heading('How it is judged'),
            {
              table: {
                headerRows: 1,
                widths: ['20%', '20%', '20%', '20%', '*'],
                body: [
                  ['', ...LEVELS.map((level) => LEVEL_NAMES[level])].map((text) => ({ text, bold: true, fontSize: small })),
                  ...card.descriptors
                    .filter((each) => holdsHere(each, choices))
                    .map(({ name, evidence, levels }) => [
                      { text: [{ text: name, bold: true }, `, ${evidence}`] },
                      ...levels.map((text) => ({ text, fontSize: small })),
                    ]),
                ],
              },
              layout: 'pelvo',
            } satisfies Content,
          ]
        : []),
      {
        margin: [0, size * 0.8, 0, 0],
        table: {
          widths: ['*'],
          body: [
            [
              {
                stack: [
                  { text: 'Care', bold: true },
                  ...card.cautions.map((caution) => ({ text: caution, margin: [0, 0, 0, 1] as [number, number, number, number] })),
                  { text: WHO_DECIDES, italics: true },
                ],
                margin: [4, 3, 4, 3],
              },
            ],
          ],
        },
        layout: 'frame',
      },
    ],
    footer: { text: 'Pelvo', alignment: 'center', fontSize: 7, margin: [0, 8, 0, 0] },
  };
}

const AIM = { introduce: 'Introduced', practise: 'Practised', assess: 'Assessed' } as const;

const part = (head: Content, items: readonly Content[]): Content[] => (items.length > 0 ? [head, ...items] : []);

const runs = (rich: RichText): ContentText[] =>
  readInline(rich).map(({ text, strong, emphasis }) => ({ text, bold: strong, italics: emphasis }));

const numbered = (number: number, rich: RichText, gap: number): Content => ({
  columns: [
    { width: 14, text: `${number}`, bold: true },
    { width: '*', text: runs(rich) },
  ],
  margin: [0, 0, 0, gap],
});

const marked = (rich: RichText, gap: number): Content => ({
  table: { widths: ['*'], body: [[{ text: runs(rich), bold: true }]] },
  layout: 'bar',
  margin: [0, 0, 0, gap + 1],
});

/** What is in force here, and, where nobody has chosen, all there is to choose from. */
function practices(card: TechniqueCard, choices: PracticeChoices, heading: (text: string) => Content, gap: number): Content[] {
  const lines = card.matters
    .filter((matter) => matter !== 'named-cuts')
    .map((matter): Content => {
      const { name, practices: all } = MATTER_SPECS[matter];
      const chosen = choices[matter] ? practiceOf(matter, choices[matter]) : undefined;
      return {
        text: chosen
          ? [{ text: `${name}: ${chosen.name}. `, bold: true }, chosen.says]
          : [{ text: `${name}, nobody has chosen: `, bold: true }, all.map((each) => each.name).join('; ')],
        margin: [0, 0, 0, gap],
      };
    });
  const variant = card.variants.find(({ key }) => key === card.variant);
  const variants = (variant ? [variant] : card.variants).map(({ name, text }): Content => ({
    text: [{ text: `${name}${variant ? ', in force' : ''}. `, bold: true }, ...runs(text)],
    margin: [0, 0, 0, gap],
  }));
  return part(heading('How this school does it'), [...lines, ...variants]);
}
