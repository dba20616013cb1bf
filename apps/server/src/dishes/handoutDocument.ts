import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import {
  changeSaid,
  dishRuleNotices,
  methodChanges,
  takeOutOfSteps,
  showAmount,
  shownOf,
  words,
  exact,
  plateBuild,
  scaleDish,
  showFactor,
  temperatureWays,
  wantedInWords,
  WHO_DECIDES,
  type AllergenList,
  type DishContent,
  type FactBook,
  type LocalRules,
  type MethodStep,
  type SchoolBoards,
} from '@pelvo/core';
import { allergenLines } from './allergenLines';

interface HandoutCare {
  /** Cautions of each technique the steps name, by its id. */
  readonly techniques: ReadonlyMap<string, { readonly name: string; readonly cautions: readonly string[] }>;
  readonly rules: LocalRules;
  /** Facts of ingredients, the school's own among them. */
  readonly book: FactBook;
  /** Formulas of sub-preparations, by edition id. */
  readonly preparations: ReadonlyMap<string, DishContent>;
  readonly allergenList: AllergenList;
  /** The school's own words for boards. */
  readonly boards: SchoolBoards;
}

/** A dish scaled for one making, on one sheet: what to weigh, how to make it, what goes on the plate, what to mind. */
export function handoutDocument(dish: DishContent, portions: number, edition: string, care: HandoutCare): TDocumentDefinitions {
  const named = [...new Set(dish.method.flatMap((step) => step.techniqueIds))].flatMap((id) => care.techniques.get(id) ?? []);
  const cautions = [
    ...named.flatMap(({ name, cautions: own }) => own.map((caution) => `${name}: ${caution}`)),
    ...dishRuleNotices(dish, care.rules, care.book).map(({ where, said }) => `${where}: ${words(said)}`),
  ];
  const scaled = scaleDish(dish, exact(portions).div(dish.portions), care.book);
  const { shares } = plateBuild(dish);
  const changes = methodChanges(dish);
  const outs = takeOutOfSteps(dish);
  return {
    info: { title: `${dish.title}, for ${portions}` },
    content: [
      { text: dish.title, style: 'title' },
      {
        text: `For ${portions} ${portions === 1 ? 'portion' : 'portions'}, ${showFactor(scaled.factor)} the formula of ${dish.portions}. ${edition}.`,
        style: 'lead',
        margin: [0, 0, 0, 8],
      },
      {
        columns: [
          {
            width: '42%',
            stack: scaled.components.map((component): Content => ({
              stack: [
                { text: `${component.name || 'Weigh out'}${component.gives ? `, gives ${component.gives}` : ''}`, style: 'heading' },
                component.rows.length === 0
                  ? { text: 'Nothing to weigh yet.', italics: true }
                  : {
                      table: {
                        widths: ['auto', '*'],
                        body: component.rows.map((row) => [
                          { text: row.figure ? shownOf(row.figure) : row.toTaste ? 'to taste' : 'held', bold: true, alignment: 'right' },
                          {
                            text: [
                              row.line.item || row.line.written,
                              row.line.preparation ? `, ${row.line.preparation}` : '',
                              row.warning ? `\n${words(row.warning)}` : '',
                              row.because ? `\n${words(row.because)}` : '',
                            ],
                          },
                        ]),
                      },
                      layout: 'pelvo',
                    },
              ],
              unbreakable: component.rows.length < 14,
            })),
          },
          {
            width: '*',
            margin: [16, 0, 0, 0],
            stack: [
              { text: 'Method', style: 'heading' },
              ...dish.method.map((step, index): Content => ({
                text: [
                  ...(changes.has(step.id) ? [{ text: `${words(changeSaid(changes.get(step.id)!, care.boards))}\n`, fontSize: 9 }] : []),
                  { text: `${index + 1}  `, bold: true },
                  ...stepText(step, dish),
                  ...(outs.has(step.id) ? [{ text: `\n${words(outs.get(step.id)!)}`, fontSize: 9 }] : []),
                ],
                margin: [0, 0, 0, 5],
              })),
              ...(shares.length > 0
                ? [
                    { text: 'On one plate', style: 'heading' },
                    { ul: shares.map((share) => `${showAmount(share.onPlate)} ${share.name || 'of the main list'}`) },
                  ]
                : []),
            ],
          },
        ],
      },
      ...listed('Tools', dish.tools),
      ...listed('Notes', dish.notes),
      ...allergenBlock(dish, care),
      ...(cautions.length > 0
        ? [
            { text: 'Care', style: 'heading' },
            { ul: cautions },
            { text: WHO_DECIDES, italics: true, margin: [0, 3, 0, 0] } satisfies Content,
          ]
        : []),
    ],
  };
}

const listed = (heading: string, items: readonly string[]): Content[] =>
  items.length === 0 ? [] : [{ text: heading, style: 'heading' }, { ul: [...items] }];

/** What the dish contains, may contain, and what is not known. */
const allergenBlock = (dish: DishContent, care: HandoutCare): Content[] => [
  { text: 'Allergens', style: 'heading' },
  { ul: [...allergenLines(dish, care)] },
];

function stepText(step: MethodStep, { components }: DishContent): Content[] {
  const ways = step.celsius === null ? null : temperatureWays(step.celsius, step.heats);
  const facts = [
    components.find(({ id }) => id === step.componentId)?.name ?? '',
    step.minutes ? `${step.minutes} min${step.hands === 'off' ? ', hands off' : ''}` : '',
    ways ? `${ways.celsius} °C, ${ways.fahrenheit} °F` : '',
    step.wants ? wantedInWords(step.wants) : '',
    step.store ?? '',
    step.equipment,
  ].filter(Boolean);
  return [
    { text: step.text },
    ...(facts.length > 0 ? [{ text: ` (${facts.join('; ')})`, fontSize: 9 }] : []),
    ...(step.critical ? [{ text: `\nDecides the result: ${step.critical}`, bold: true }] : []),
    ...(step.caution ? [{ text: `\nCare: ${step.caution}`, italics: true }] : []),
  ];
}
