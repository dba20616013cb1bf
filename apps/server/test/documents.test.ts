import { describe, expect, it } from 'vitest';
import {
  computeOrder,
  computeResult,
  EMPTY_CARD,
  planMakings,
  readRecipe,
  SHIPPED_CUT_SETS,
  toDish,
  traysOf,
  SHIPPED_BOOK,
  WHO_DECIDES,
  type DishContent,
  type MarkingWay,
  type Marks,
  type OrderInput,
  type RubricContent,
  type TechniqueCard,
  NO_BOARDS,
} from '@pelvo/core';
import type { DishResult } from '@pelvo/contract';
import { resultDocument } from '../src/assessment/resultDocument';
import { handoutDocument } from '../src/dishes/handoutDocument';
import type { Lesson } from '../src/lessons/lesson.entity';
import { orderDocument } from '../src/orders/orderDocument';
import { pagesOf, printable, renderPdf } from '../src/platform/pdf';
import { starterTechniques } from '../src/starter/cards';
import { cardDocument } from '../src/techniques/cardDocument';

/** Every word of a document in the order in which it is laid out. */
function wordsOf(content: unknown): string {
  if (typeof content === 'string' || typeof content === 'number') return String(content);
  if (Array.isArray(content)) return content.map(wordsOf).filter(Boolean).join(' ');
  if (typeof content !== 'object' || content === null) return '';
  const { text, stack, columns, ul, ol, table, content: inner } = content as Record<string, unknown>;
  const body = (table as { body?: unknown } | undefined)?.body;
  return [text, stack, columns, ul, ol, body, inner].map(wordsOf).filter(Boolean).join(' ');
}

let next = 0;
const dishFrom = (text: string): DishContent =>
  toDish(readRecipe(text), { newId: () => `i${(next += 1)}`, portions: 4, techniques: [{ id: 't1', words: ['sweat'] }] });
const SOUP = dishFrom(
  'Leek soup\nserves 4\n400 g leeks\n1 lemon\n2 g salt\nMethod\n1. Sweat the leeks for 8 minutes.\n2. Simmer at 90C for 20 minutes.',
);

describe('a handout', () => {
  const care = {
    techniques: new Map([['t1', { name: 'Sweat', cautions: ['Stir, or it catches.'] }]]),
    rules: {},
    book: SHIPPED_BOOK,
    preparations: new Map(),
    allergenList: 'eu-uk' as const,
    boards: NO_BOARDS,
  };

  it('weighs out for the station, with steps, heat in both scales and cautions', () => {
    const words = wordsOf(handoutDocument(SOUP, 10, 'Edition 2', care));
    expect(words).toContain('For 10 portions, 2½ × the formula of 4. Edition 2.');
    expect(words).toContain('1 kg leeks');
    expect(words).toContain('2½ lemon');
    expect(words).toMatch(/1 +Sweat the leeks for 8 minutes\. +\(8 min/);
    expect(words).toContain('90 °C, 194 °F');
    expect(words).toContain('Sweat: Stir, or it catches.');
    expect(words).toContain(WHO_DECIDES);
  });

  it('says when a piece is taken out that is served below the rule on purpose', () => {
    const [step] = SOUP.method;
    const [component] = SOUP.components;
    const pink = {
      ...SOUP,
      components: [{ ...component!, allowance: { allowance: 'whole-pink' as const, reason: 'as the code allows', kept: [] } }],
      method: [{ ...step!, text: 'Render, turn, to a core of 54 °C.', celsius: 54, heats: 'core' as const, componentId: component!.id }],
    };
    const out = 'Out at about 52 °C, between 51 °C and 53 °C';
    expect(wordsOf(handoutDocument(pink, 4, 'Draft', care))).toContain(out);
    const through = { ...pink, components: [component!] };
    expect(wordsOf(handoutDocument(through, 4, 'Draft', care))).not.toContain('Out at about');
  });

  it('has no care where nothing can hurt, and is one page', async () => {
    const plain = handoutDocument({ ...SOUP, method: [] }, 4, 'Draft', care);
    expect(wordsOf(plain)).not.toContain('Care');
    expect(pagesOf(await renderPdf(plain, 'A4'))).toBe(1);
  });
});

describe('an order on paper', () => {
  const input: OrderInput = {
    plan: { students: 5, teamSize: 2, portionsATeam: 2, demonstrationPortions: 2, referencePlates: 1, tastingPortions: 0, spareMakings: 0 },
    dishes: [{ editionId: 'e1', content: SOUP }],
    preparations: new Map(),
  };
  const lesson = {
    title: 'Soups',
    start: '09:00:00',
    date: '2026-12-04',
    kitchen: 'Kitchen 2',
    inKitchen: null,
    teamSize: 2,
    portionsATeam: 2,
    class: { name: 'Foundation' },
    dishes: [{ position: 0, edition: { number: 3, content: SOUP } }],
  } as unknown as Lesson;
  const paper = (trays = traysOf(input)) => orderDocument({ lesson, order: computeOrder(input), present: 5, trays, allergenList: 'eu-uk' });

  it('says what to buy, for whom, and how each figure was reached', () => {
    const words = wordsOf(paper());
    expect(words).toContain('Order for 5 students');
    expect(words).toContain('Leek soup (edition 3)');
    expect(words).toContain('3 makings of 2');
    // 3 pairs × 200 g + 300 g for the demonstration.
    expect(words).toContain('leeks 900 g');
    expect(words).toContain('How each figure was reached');
    expect(words).toMatch(/3 × \(400 g × ½\)/);
  });

  it('has a block a tray, and none where teams draw from store', () => {
    const words = wordsOf(paper());
    expect(words).toContain('Trays to weigh out');
    expect(words).toContain('3 × Leek soup, 3 pairs, 2 portions each');
    expect(words).toContain('1 × Leek soup, demonstration with reference plate, 3 portions each');
    expect(words).toMatch(/On each tray Amount {1,2}leeks 200 g/);
    expect(wordsOf(paper([]))).not.toContain('Trays to weigh out');
    expect(planMakings(input.plan).map(({ count }) => count)).toEqual([3, 1]);
  });

  it('names what is held instead of leaving it out', () => {
    const odd = { ...input, dishes: [{ editionId: 'e1', content: dishFrom('Broth\nserves 4\n3 glugs cider') }] };
    const words = wordsOf(orderDocument({ lesson, order: computeOrder(odd), present: 5, trays: traysOf(odd), allergenList: 'eu-uk' }));
    expect(words).toContain('Held: not in this order until settled');
    expect(words).toContain('3 glugs cider');
  });
});

describe('a result on paper', () => {
  const rubric: RubricContent = {
    name: 'Practical',
    strandWeights: { knife: 0, cooking: 1, plating: 0, process: 0 },
    levelShares: [0.25, 0.5, 0.75, 1],
    passAt: 3,
    criteria: ['Seasoning', 'Colour'].map((name) => ({
      kind: 'levels',
      key: name,
      name,
      strand: 'cooking',
      weight: 1,
      evidence: 'tasted',
      descriptors: ['a', 'near', 'c', 'd'],
      faults: [{ key: 'flat', see: `${name} is flat`, cause: 'no salt', correction: 'taste', rescue: '', technique: 'Season and taste' }],
    })),
  };
  const marks: Marks = { Seasoning: { kind: 'level', level: 2, faults: ['flat'] }, Colour: { kind: 'level', level: 4, faults: [] } };
  const words = (way: MarkingWay) =>
    wordsOf(
      resultDocument({
        student: 'Ada',
        dish: 'Leek soup',
        dishEdition: 1,
        rubric: 'Practical',
        rubricEdition: 1,
        lesson: 'Soups',
        date: '2026-12-04',
        assessors: ['Maren Oltz'],
        agreed: [],
        marks,
        criteria: rubric.criteria,
        result: computeResult(rubric, marks, way),
      } as unknown as DishResult),
    );

  it('is told in the way of the lesson, with its working', () => {
    expect(words('levels')).toContain('75  of 100');
    expect(words('levels')).toContain('Nearly earns: 50 % of 50 points');
    expect(words('deductions')).toMatch(/75 {2}of 100.*Full marks: {1,2}= 100.*= −25/);
    expect(words('pass')).toContain('Not yet');
    expect(words('pass')).not.toContain('of 100');
    expect(words('pass')).toContain('Cooking, Seasoning: Nearly (in the way) = 1');
  });

  it('names the fault, its cause and what to practise next', () => {
    expect(words('levels')).toMatch(
      /Seasoning: Seasoning is flat.*Likely cause: no salt.*Next time: taste.*Practise next: Season and taste/,
    );
  });
});

describe('a card on paper', () => {
  const options = { size: 9, choices: { turning: 'once' as const }, cutSet: SHIPPED_CUT_SETS[0]!, before: ['Season and taste'] };
  const card: TechniqueCard = {
    ...EMPTY_CARD,
    name: 'Sear',
    steps: ['Dry it **well**.'],
    cues: [{ sense: 'hear', text: 'a steady hiss' }],
    faults: [
      { key: 'a', see: 'Grey', cause: 'wet', correction: 'dry it', rescue: 'hotter, once more' },
      { key: 'b', see: 'Burnt', cause: 'too hot', correction: 'lower', rescue: '' },
    ],
    cautions: ['Lay it away from you.'],
    matters: ['turning', 'resting'],
    minutes: { novice: 12, practised: 6 },
  };

  it('holds every part, the practice in force, and who decides', () => {
    const words = wordsOf(cardDocument(card, options));
    expect(words).toContain('novice 12 min  ·  practised 6 min  ·  after: Season and taste');
    expect(words).toContain('Hear:  a steady hiss');
    expect(words).toMatch(/Grey.*wet.*dry it.*hotter, once more/);
    expect(words).toContain('Lay it away from you.');
    expect(words).toContain(WHO_DECIDES);
    expect(words).toMatch(/Turning in the pan.*once/);
    expect(words).toMatch(/Resting meat/);
  });

  it('is one page for the longest starter cards and those with two drawings, on both papers', async () => {
    const over: string[] = [];
    const byLength = [...starterTechniques()].sort((a, b) => JSON.stringify(b).length - JSON.stringify(a).length);
    const long = byLength.filter(({ drawings }, at) => at < 12 || drawings.length > 1);
    for (const paper of ['A4', 'LETTER'] as const)
      for (const starter of long)
        if (pagesOf(await renderPdf(cardDocument(starter, { ...options, size: 7, close: true }), paper)) !== 1)
          over.push(`${starter.name}, ${paper}`);
    expect(over).toEqual([]);
  }, 60_000);
});

describe('words in print', () => {
  it('spell the fractions the face has no sign for, however deep they stand', () => {
    expect(printable({ stack: ['1⅓ cup', { text: ['⅞'] }, 3, null] })).toEqual({ stack: ['1 1/3 cup', { text: ['7/8'] }, 3, null] });
    expect(printable('½ and ¼')).toBe('½ and ¼');
  });
});

describe('the starter cards', () => {
  it('are read whole from their files, each once, with prerequisites that are there', () => {
    const cards = starterTechniques();
    const names = cards.map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
    for (const { name, prerequisites } of cards) expect([name, prerequisites.filter((each) => !names.includes(each))]).toEqual([name, []]);
  });
});
