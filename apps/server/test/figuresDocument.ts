import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import {
  AGAINST_DIET,
  ALLERGEN_LISTS,
  ALLERGENS,
  ALLOWANCE_SPECS,
  boilingPoint,
  CALCULATORS,
  calculate,
  COOLING_SETS,
  crossReacting,
  EQUAL_PAIRS,
  exact,
  FACT_SOURCES,
  FORMULA_BANDS,
  GAS_MARKS,
  initialValues,
  KIND_NAMES,
  MEASURE_NAMES,
  MEASURE_SYSTEMS,
  millilitresOf,
  MOST_GAIN,
  RULE_KEYS,
  RULE_SPECS,
  SHIPPED_CUT_SETS,
  SHIPPED_GROUPS,
  showDecimal,
  showRuleValue,
  TAPER,
  UNITS,
  type CalculatorKey,
  type IngredientFact,
} from '@pelvo/core';

const SOURCE = new URL('../../../packages/core/src/', import.meta.url).pathname;

/** Every `@source` in the code, with the name it stands at and the first sentence above it. */
function formulas(): readonly (readonly [name: string, file: string, says: string, source: string])[] {
  const files = (readdirSync(SOURCE, { recursive: true }) as string[]).filter((name) => name.endsWith('.ts')).sort();
  return files.flatMap((file) => {
    const text = readFileSync(join(SOURCE, file), 'utf8');
    return [
      ...text.matchAll(
        /\/\*\*((?:(?!\*\/)[\s\S])*?@source(?:(?!\*\/)[\s\S])*?)\*\/\s*(?:export )?(?:const|function\*?|class|type|interface)? ?(\w+)/g,
      ),
    ].map((match) => {
      const plain = match[1]!
        .replace(/^\s*\* ?/gm, '')
        .replace(/\s+/g, ' ')
        .trim();
      const [says = '', rest = ''] = plain.split('@source');
      const source = rest.split(/\s@(?:param|returns|throws|example)\b/)[0]!.trim();
      const sentence =
        says
          .split(/\s@\w+/)[0]!
          .trim()
          .split(/(?<=\.)\s/)[0] ?? '';
      return [match[2]!, relative('.', file), sentence, source] as const;
    });
  });
}

const cell = (text: string) => text.replaceAll('|', '\\|').trim();
const table = (heads: readonly string[], rows: readonly (readonly string[])[]) =>
  [heads, heads.map(() => '---'), ...rows].map((row) => `| ${row.map(cell).join(' | ')} |`).join('\n');
const number = (text: string, digits = 3) => showDecimal(exact(text), digits);

function factRow({
  name,
  density,
  gramsOfOne,
  trim,
  cooked,
  allergens,
  mayContain,
  kinds,
  mayBe,
  piece,
  label,
  strong,
  exacting,
}: IngredientFact) {
  return [
    name,
    density ? number(density) : '',
    gramsOfOne.map(({ unit, size, grams }) => `${[unit, size].filter(Boolean).join(' ')} ${number(grams, 1)}`).join(', '),
    [
      ...trim.map(({ preparation, fraction }) => `${preparation} ${number(fraction)}`),
      ...cooked.map(({ way, factor }) => `${way} ${number(factor)}`),
    ].join(', '),
    allergens.join(', '),
    mayContain.join(', '),
    [kinds.join(', '), mayBe.length > 0 ? `perhaps ${mayBe.join(', ')}` : ''].filter(Boolean).join('; '),
    [gramsOfOne.length > 0 ? piece : '', label ? 'label' : '', strong ? 'strong' : '', exacting ? 'exacting' : '']
      .filter(Boolean)
      .join(', '),
  ];
}

/** Every constant and formula with its source and how sure it is, from the code itself. */
export function figuresDocument(): string {
  const context = { practices: {}, rules: {}, cutSet: null };
  const sections = [
    '# Figures, their sources and how sure they are\n\nGenerated from the code by `npm run figures`; a test fails where the two differ. A school puts its own measurements, facts and local rules over all of this.',
    `## Ingredients\n\n${table(
      ['Figure', 'Source', 'How sure'],
      Object.values(FACT_SOURCES).map(({ what, source, sure }) => [what, source, sure]),
    )}`,
    ...SHIPPED_GROUPS.map(
      ({ group, facts }) =>
        `### ${group}\n\n${table(['Ingredient', 'g a ml', 'g of one', 'left or becomes', 'contains', 'may contain', 'kind', 'marks'], facts.map(factRow))}`,
    ),
    `A part that is cooked or soaked becomes at most ${MOST_GAIN} times as much.`,
    `## Allergens and diets\n\n${table(
      ['List', 'Names'],
      Object.values(ALLERGEN_LISTS).map(({ name, allergens }) => [name, allergens.join(', ')]),
    )}\n\n${table(
      ['Allergen', 'Asked about for who reacts to it'],
      ALLERGENS.filter((allergen) => crossReacting(allergen).length > 0).map((allergen) => [allergen, crossReacting(allergen).join(', ')]),
    )}\n\n${table(
      ['Diet', 'Against it', 'Asked about'],
      Object.entries(AGAINST_DIET).map(([diet, { against, ask }]) => [
        diet,
        against.map((kind) => KIND_NAMES[kind]).join('; '),
        ask.map((kind) => KIND_NAMES[kind]).join('; '),
      ]),
    )}`,
    `## Units\n\n${table(
      ['Unit', 'Measures', 'Size in g, ml or pieces', 'How sure'],
      UNITS.map(({ code, dimension, size, byEye }) => [
        code,
        dimension,
        number(showExact(size), 4),
        byEye ? 'estimate, by eye' : 'by definition',
      ]),
    )}\n\n${table(
      ['Household measures', 'tsp', 'tbsp', 'fl oz', 'cup', 'pint', 'quart'],
      MEASURE_SYSTEMS.map((system) => [
        MEASURE_NAMES[system],
        ...(['tsp', 'tbsp', 'floz', 'cup', 'pint', 'quart'] as const).map((unit) => number(showExact(millilitresOf(unit, system)), 2)),
      ]),
    )}\n\nA tapered line grows with the power ${TAPER} of its batch: a working figure of ours within the 0.7 to 0.85 that kitchens work with.`,
    `## Heat\n\n${table(
      ['Gas mark', '°C', '°F'],
      GAS_MARKS.map(([celsius, fahrenheit, mark]) => [mark, String(celsius), String(fahrenheit)]),
    )}\n\n${table(
      ['Height, m', 'Water boils at, °C'],
      [0, 500, 1000, 1500, 2000, 3000].map((metres) => [String(metres), String(boilingPoint(metres))]),
    )}`,
    `## Local rules\n\nThe default is the stricter of the codes named; each school checks them against its own.\n\n${table(
      ['Rule', 'Default', 'A school may set', 'Source'],
      RULE_KEYS.map((key) => {
        const { name, keep, value, unit, between, source } = RULE_SPECS[key];
        return [name, `${keep} ${showRuleValue(value, unit)}`, between.map((limit) => showRuleValue(limit, unit)).join(' to '), source];
      }),
    )}\n\n${table(
      ['Counts as 70 °C for 2 min', 'held for, s'],
      EQUAL_PAIRS.map(({ celsius, seconds }) => [`${celsius} °C`, String(seconds)]),
    )}\n\n${table(
      ['Cooling by', 'Source'],
      COOLING_SETS.map(({ name, source }) => [name, source]),
    )}\n\n${table(
      ['Allowance', 'Reaches', 'Conditions'],
      Object.values(ALLOWANCE_SPECS).map(({ name, kinds, conditions }) => [name, kinds.join(', '), Object.values(conditions).join('; ')]),
    )}`,
    `## Usual shares in a formula\n\nOutside them a question is asked, never more.\n\n${table(
      ['Share', 'Percent', 'Source'],
      Object.values(FORMULA_BANDS).map(({ of, least, most, source }) => [of, `${least} to ${most}`, source]),
    )}`,
    `## Calculators\n\n${table(
      ['Calculator', 'Sources', 'Up to where it can be believed'],
      (Object.keys(CALCULATORS) as CalculatorKey[]).map((key) => {
        const answer = calculate(key, initialValues(key, context), context);
        return [CALCULATORS[key].name, ...(answer.kind === 'answer' ? [answer.sources.join('; '), answer.limits.join(' ')] : ['', ''])];
      }),
    )}`,
    `## Named cuts\n\n${table(
      ['Set', 'Whose sizes', 'Cuts'],
      SHIPPED_CUT_SETS.map(({ name, about, cuts }) => [name, about, String(cuts.length)]),
    )}`,
    `## Formulas and tables in the code\n\n${table(
      ['Name', 'File', 'What it is', 'Source'],
      formulas().map(([name, file, says, source]) => [`\`${name}\``, `\`core/src/${file}\``, says, source]),
    )}`,
  ];
  return `${sections.join('\n\n')}\n`;
}

const showExact = (value: { toFraction: () => string }) => value.toFraction();
