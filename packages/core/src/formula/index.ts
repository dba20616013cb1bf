import { exact, fromDecimal, exactText, type ExactText } from '../exact';
import { measure } from '../figure/measure';
import { isMissingFact, SHIPPED_BOOK, toGrams, type FactBook, type IngredientFact } from '../ingredients';
import type { Said } from '../words';
import type { Component, DishContent, IngredientLine } from '../dish/types';

/** A line whose share of its base lies outside what is usual for its kind: asked about, never in the way of anything. */
export interface FormulaDoubt {
  readonly componentId: string;
  readonly lineId: string;
  readonly said: Said;
}

interface Band {
  readonly of: string;
  /** Percent of the base, from and to. */
  readonly least: number;
  readonly most: number;
  readonly source: string;
}

const TAUGHT = 'as commonly taught and printed in baking tables; our own reading';

/**
 * Usual shares by kind of formula, in percent of the base by mass.
 */
export const FORMULA_BANDS: Readonly<Record<string, Band>> = {
  'bread-liquid': { of: 'liquid in a bread dough', least: 50, most: 95, source: `baker's percent, ${TAUGHT}` },
  'bread-salt': { of: 'salt in a bread dough', least: 1, most: 2.8, source: `baker's percent, ${TAUGHT}` },
  'bread-yeast': { of: 'dried yeast in a bread dough', least: 0.1, most: 3, source: `baker's percent, ${TAUGHT}` },
  'bread-fresh-yeast': { of: 'fresh yeast in a bread dough', least: 0.3, most: 8, source: `baker's percent, ${TAUGHT}` },
  'pasta-liquid': { of: 'liquid or egg in a pasta dough', least: 40, most: 70, source: TAUGHT },
  'pastry-fat': { of: 'butter in a short pastry', least: 40, most: 85, source: TAUGHT },
  'pastry-liquid': { of: 'liquid in a short pastry', least: 10, most: 40, source: TAUGHT },
  'puff-fat': { of: 'butter in a laminated pastry', least: 50, most: 120, source: TAUGHT },
  'puff-liquid': { of: 'liquid in a laminated pastry', least: 30, most: 65, source: TAUGHT },
  'choux-fat': { of: 'butter in a choux paste, of the liquid', least: 30, most: 65, source: TAUGHT },
  'choux-flour': { of: 'flour in a choux paste, of the liquid', least: 45, most: 80, source: TAUGHT },
  'choux-egg': { of: 'egg in a choux paste, of the liquid', least: 55, most: 130, source: TAUGHT },
  'white-sauce-flour': { of: 'flour in a bound sauce, of the liquid', least: 2, most: 20, source: TAUGHT },
  'white-sauce-fat': { of: 'butter in a bound sauce, of the flour', least: 50, most: 200, source: TAUGHT },
  'meringue-sugar': { of: 'sugar in a meringue, of the egg white', least: 80, most: 260, source: TAUGHT },
  'mayonnaise-oil': { of: 'oil in a mayonnaise, of the egg', least: 250, most: 2200, source: TAUGHT },
  'custard-sugar': { of: 'sugar in a custard, of the milk and cream', least: 4, most: 45, source: TAUGHT },
  'custard-egg': { of: 'egg in a custard, of the milk and cream', least: 7, most: 70, source: TAUGHT },
  'cake-raising': { of: 'baking powder for the flour', least: 0.8, most: 7, source: TAUGHT },
  'cake-soda': { of: 'bicarbonate of soda for the flour', least: 0.1, most: 2.5, source: TAUGHT },
  'brine-salt': {
    of: 'salt in a brine, of the water',
    least: 1,
    most: 26,
    source: 'from seasoning to nearly saturated; saturation of salt in cold water, 36 g in 100 g',
  },
  'syrup-sugar': {
    of: 'sugar in a syrup, of the water',
    least: 20,
    most: 210,
    source: 'up to the saturation of sugar in cold water, 204 g in 100 g',
  },
  'gel-gelatine': { of: 'gelatine for the liquid', least: 0.4, most: 4, source: 'our own table of firmness, 0.6 to 2.2, and twice that' },
  'gel-agar': { of: 'agar for the liquid', least: 0.2, most: 2, source: TAUGHT },
  'dressing-acid': { of: 'vinegar or juice in a dressing, of the oil', least: 15, most: 70, source: TAUGHT },
  'cure-salt': { of: 'salt in a cure, of the food', least: 1.5, most: 60, source: TAUGHT },
};

interface Weighed {
  readonly line: IngredientLine;
  readonly fact: IngredientFact;
  readonly grams: number;
}

/** Lines of a component in grams, as far as facts go. */
function weighed(component: Component, { measures }: DishContent, book: FactBook): readonly Weighed[] {
  return component.lines.flatMap((line) => {
    const fact = line.componentId ? null : book.find(line.item);
    if (!fact || !line.amount || line.scaling.kind === 'toTaste' || line.scaling.kind === 'percentOf') return [];
    const one = line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
    const grams = toGrams(
      line.item,
      { value: exact(line.amount.max), unit: line.amount.unit },
      { one, size: line.size, us: measures === 'us' },
      book,
    );
    return isMissingFact(grams) ? [] : [{ line, fact, grams: grams.quantity.value.valueOf() }];
  });
}

const isFlour = ({ fact }: Weighed) => /flour$|^semolina$/.test(fact.name) && fact.allergens.includes('gluten');
const isSalt = ({ fact }: Weighed) => ['salt', 'flaky salt', 'coarse salt'].includes(fact.name);
const isFat = ({ fact }: Weighed) => ['butter', 'lard', 'margarine', 'shortening', 'ghee'].includes(fact.name);
const isEgg = ({ fact }: Weighed) => fact.kinds.includes('egg') && !/meringue|mayonnaise/.test(fact.name);
const isWet = (each: Weighed) => (each.fact.liquid && !/oil$/.test(each.fact.name)) || each.fact.name === 'yoghurt' || isEgg(each);
const isOil = ({ fact }: Weighed) => /(?:^| )oil$/.test(fact.name);
const isAcid = ({ fact }: Weighed) => /vinegar|lemon juice|lime juice|verjuice/.test(fact.name);
const isFlesh = ({ fact }: Weighed) => fact.kinds.some((kind) => ['cattle', 'pig', 'other mammal', 'poultry', 'fish'].includes(kind));

const isFactOf = (pattern: RegExp) => (each: Weighed) => pattern.test(each.fact.name);
const isSugar = isFactOf(/sugar$/);
const isSweet = isFactOf(/sugar$|syrup$|^honey$/);
const isWater = isFactOf(/^water$/);
const isDairy = isFactOf(/^(?:milk|cream)$/);
const isLiquid = (each: Weighed) => each.fact.liquid;
const isDoughLiquid = (each: Weighed) => isWet(each) && !isAcid(each);
const isPouredLiquid = (each: Weighed) => isDoughLiquid(each) && !isEgg(each);

/** A share that a kind of formula is held to: its band, the lines, and what they are a share of. */
type Share = readonly [band: string, lines: readonly Weighed[], of: (each: Weighed) => boolean];

/** Which kind of formula a component is, by its name or by what it is made of, and the shares that belong to it. */
function sharesOf(all: readonly Weighed[], named: string): readonly Share[] {
  const base = (is: (each: Weighed) => boolean) => all.filter(is).reduce((sum, { grams }) => sum + grams, 0);
  const share = (band: string, is: (each: Weighed) => boolean, of: (each: Weighed) => boolean): Share => [band, all.filter(is), of];
  const flour = base(isFlour);
  const shares: Share[] = [];
  if (flour > 0) {
    const fat = base(isFat);
    const poured = base(isPouredLiquid);
    const yeast = isFactOf(/^yeast$/);
    const fresh = isFactOf(/^fresh yeast$/);
    const raised = all.some(isFactOf(/^(?:baking powder|bicarbonate of soda)$/));
    const egg = base(isEgg);
    const isBread =
      !raised && /\b(?:bread|loaf|loaves|focaccia|ciabatta|baguettes?|pizza|brioche|buns?|rolls?|flatbreads?|pitta|naan)\b/i.test(named);
    if (isBread || all.some(isFactOf(/^(?:yeast|fresh yeast|sourdough starter)$/)))
      shares.push(
        share('bread-liquid', isDoughLiquid, isFlour),
        share('bread-salt', isSalt, isFlour),
        share('bread-yeast', yeast, isFlour),
        share('bread-fresh-yeast', fresh, isFlour),
      );
    else if (/\bchoux|\b[eé]clair|\bprofiterole|\bgoug[eè]re/i.test(named))
      shares.push(
        share('choux-fat', isFat, isPouredLiquid),
        share('choux-flour', isFlour, isPouredLiquid),
        share('choux-egg', isEgg, isPouredLiquid),
      );
    else if (/\b(?:puff|rough puff|flaky|laminated)\b/i.test(named))
      shares.push(share('puff-fat', isFat, isFlour), share('puff-liquid', isDoughLiquid, isFlour));
    else if (/\bb[eé]chamel|\bwhite sauce|\bvelout[eé]/i.test(named) || (fat > 0 && !egg && !raised && poured > flour * 4))
      shares.push(share('white-sauce-flour', isFlour, isPouredLiquid), share('white-sauce-fat', isFat, isFlour));
    else if (
      !raised &&
      !egg &&
      (fat > flour * 0.2 || /\b(?:short ?crust|short ?pastry|p[aâ]te bris[eé]e|tart (?:case|dough|shell))/i.test(named)) &&
      base(isSweet) < flour * 0.6
    )
      shares.push(share('pastry-fat', isFat, isFlour), share('pastry-liquid', isDoughLiquid, isFlour));
    else if (/\b(?:pasta|tagliatelle|noodle|ravioli|ribbon)/i.test(named)) shares.push(share('pasta-liquid', isDoughLiquid, isFlour));
    shares.push(
      share('cake-raising', isFactOf(/^baking powder$/), isFlour),
      share('cake-soda', isFactOf(/^bicarbonate of soda$/), isFlour),
    );
    return shares;
  }
  if (base(isWater) > 0 && /\bbrine/i.test(named)) shares.push(share('brine-salt', isSalt, isWater));
  if (base(isWater) > 0 && /\bsyrup/i.test(named)) shares.push(share('syrup-sugar', isSugar, isWater));
  if (/\bmeringue|\bpavlova/i.test(named)) shares.push(share('meringue-sugar', isSugar, isEgg));
  if (/\bmayo|\ba[iï]oli/i.test(named)) shares.push(share('mayonnaise-oil', isOil, isEgg));
  if (/\bcustard|\banglaise|\bcr[eè]me br[uû]l[eé]e|\bice cream/i.test(named))
    shares.push(share('custard-sugar', isSugar, isDairy), share('custard-egg', isEgg, isDairy));
  shares.push(share('gel-gelatine', isFactOf(/gelatine$/), isLiquid), share('gel-agar', isFactOf(/^agar/), isLiquid));
  if (/\b(?:dressing|vinaigrette)/i.test(named)) shares.push(share('dressing-acid', isAcid, isOil));
  if (/\bcur(?:e|ed|ing)\b/i.test(named)) shares.push(share('cure-salt', isSalt, isFlesh));
  return shares;
}

/**
 * Shares of a dish's formula that lie outside the usual band of their kind, each with the slip that would explain it best: a factor of
 * ten or a thousand, a tablespoon for a teaspoon, a cup for a spoon. Only ever a question.
 */
export function formulaDoubts(dish: DishContent, book: FactBook = SHIPPED_BOOK): readonly FormulaDoubt[] {
  return dish.components.flatMap((component) => {
    const all = weighed(component, dish, book);
    const base = (is: (each: Weighed) => boolean) => all.filter(is).reduce((sum, { grams }) => sum + grams, 0);
    const doubts: FormulaDoubt[] = component.lines.flatMap((line) => reductionSlip(component, line, dish));
    const hold = (key: string, lines: readonly Weighed[], of: number) => {
      const band = FORMULA_BANDS[key]!;
      if (lines.length === 0 || of <= 0) return;
      const percent = (lines.reduce((sum, { grams }) => sum + grams, 0) / of) * 100;
      if (percent >= band.least && percent <= band.most) return;
      const largest = lines.reduce((top, each) => (each.grams > top.grams ? each : top));
      doubts.push({
        componentId: component.id,
        lineId: largest.line.id,
        said: {
          code: 'formula-outside',
          what: band.of,
          percent: measure(fromDecimal(percent, 2), 'percent'),
          least: measure(fromDecimal(band.least, 2), 'percent'),
          most: measure(fromDecimal(band.most, 2), 'percent'),
          slip: likeliestSlip(percent, band, largest.line, key === 'dressing-acid'),
        },
      });
    };
    for (const [key, lines, of] of sharesOf(all, `${component.name} ${dish.components.length === 1 ? dish.title : ''}`))
      hold(key, lines, base(of));
    return doubts;
  });
}

/** "reduce it by two thirds", "boil down to a third". */
const REDUCED =
  /\b(?:reduc\w*|(?:boil|cook|simmer)\w*(?:\s\w+)?\sdown|concentrat\w*)\b[^.;]{0,60}?\b(by|to)\s+(?:about\s+|roughly\s+|around\s+)?(?:(an?|one|two|three|four)[\s-]+)?(third|quarter|fifth|thirds|quarters|fifths|\d{1,2}\s?%|\d\/\d)/gi;
const COUNTS: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4 };
const PARTS: Readonly<Record<string, number>> = { third: 3, quarter: 4, fifth: 5 };

/** Shares that steps say are taken away ("by") or left ("to"). */
function reductionsSaid(text: string): readonly { readonly word: string; readonly share: number; readonly said: string }[] {
  return [...text.matchAll(REDUCED)].map(([said, word = '', count = 'a', part = '']) => ({
    said,
    word: word.toLowerCase(),
    share: part.endsWith('%')
      ? Number.parseFloat(part) / 100
      : part.includes('/')
        ? exact(part as ExactText).valueOf()
        : COUNTS[count.toLowerCase()]! / PARTS[part.toLowerCase().replace(/s$/, '')]!,
  }));
}

/** A line that keeps what its step says goes, or the other way round: "by" taken for "to". */
function reductionSlip({ id }: Component, line: IngredientLine, { method }: DishContent): FormulaDoubt[] {
  const step = line.yields.find(({ kind }) => kind === 'reduction');
  if (!step) return [];
  const left = exact(step.fraction).valueOf();
  const near = (a: number, b: number) => Math.abs(a - b) < 0.02;
  const said = method.flatMap(({ text }) => reductionsSaid(text));
  const leaves = (each: { word: string; share: number }) => (each.word === 'by' ? 1 - each.share : each.share);
  if (said.some((each) => near(leaves(each), left))) return [];
  const slip = said.find((each) => near(1 - leaves(each), left));
  if (!slip) return [];
  return [
    {
      componentId: id,
      lineId: line.id,
      said: {
        code: 'reduction-by-or-to',
        item: line.item,
        step: slip.said,
        leaves: measure(fromDecimal(leaves(slip) * 100, 0), 'percent'),
        line: measure(fromDecimal(left * 100, 0), 'percent'),
      },
    },
  ];
}

const FACTORS: readonly (readonly [ExactText, string, RegExp])[] = [
  ['1/3', 'a tablespoon for a teaspoon', /^tbsp$/],
  ['3', 'a teaspoon for a tablespoon', /^tsp$/],
  ['1/10', 'a decimal point one place to the right', /./],
  ['10', 'a decimal point one place to the left', /./],
  ['1/16', 'a cup for a tablespoon', /^cup$/],
  ['1/1000', 'kilograms for grams', /^(?:kg|l)$/],
  ['1000', 'milligrams for grams', /^mg$/],
  ['1000', 'grams for kilograms', /^(?:g|ml)$/],
  ['1/100', 'a decimal point two places to the right', /./],
  ['100', 'a decimal point two places to the left', /./],
];

/** The slip after whose correction the share lies inside its band; null where none explains it. */
function likeliestSlip(
  percent: number,
  { least, most }: Band,
  line: IngredientLine,
  /** Both are poured, and either may have been written in the other's place. */
  swappable: boolean,
): { readonly what: string; readonly times: ExactText } | null {
  const swapped = 10_000 / percent;
  if (swappable && swapped >= least && swapped <= most)
    return { what: 'the two amounts the wrong way round', times: exactText(fromDecimal(swapped / percent, 4)) };
  for (const [times, what, unit] of FACTORS) {
    const would = percent * exact(times).valueOf();
    if (unit.test(line.amount!.unit) && would >= least && would <= most) return { what, times: exactText(exact(times)) };
  }
  return null;
}
