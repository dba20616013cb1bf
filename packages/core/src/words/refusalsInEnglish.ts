import { measure, type Measure } from '../figure/measure';
import { RULE_SPECS, ruleValue, showRuleValue, type LocalRules, type RuleKey } from '../rules/specs';
import { RUBRIC_STRAND_NAMES, type RubricStrand } from '../rubric/types';
import type { Speaker } from './english';

const list = (items: readonly string[]) => items.join(', ');
const ruleAsSet = (key: RuleKey, rules: LocalRules) => {
  const { name, keep, unit } = RULE_SPECS[key];
  return `${name}: ${keep} ${showRuleValue(ruleValue(key, rules), unit)}`;
};

/** Why something typed or brought in a file cannot be taken (`no.…`), and what to do about it (`do.…`). */
export const REFUSALS_IN_ENGLISH = {
  // Files
  'no.binary': () => 'The file is not text: it holds binary data.',
  'no.not-utf8': ({ line }: { line: number }) => `The file is not UTF-8 text: line ${line} holds a character that cannot be read.`,
  'do.save-utf8': () => 'Save it as UTF-8 text (for a table, "CSV UTF-8") and choose it again.',
  'no.empty-file': () => 'The file is empty.',
  'do.choose-recipe-file': () =>
    'Choose a recipe as JSON-LD, as a web page that holds one, as CSV of lines, as plain text, or a file Pelvo has written.',
  'no.text-in-pdf': () => 'There are no letters in this PDF: its pages are pictures.',
  'no.locked-file': () => 'This file is locked with a password.',
  'do.unlock-file': () => 'Save it without a password, or copy its text and paste it.',
  'no.broken-document': () => 'This file begins like a document but cannot be opened: it breaks off or is damaged.',
  'no.broken-json': () => 'The file begins like JSON but is not: it breaks off or has a typing error.',
  'do.export-again': () => 'Export it again.',
  'no.unknown-version': () => 'This Pelvo file is of a version that is not known here.',
  'do.update-or-export': () => 'Update Pelvo, or export the dishes again.',
  'no.no-recipe-in-json': () => 'The JSON holds no schema.org Recipe, or holds it too deeply nested.',
  'no.no-recipe-in-page': () => 'The page holds no recipe in a form that can be read (JSON-LD).',
  'do.paste-instead': () => 'Copy the recipe’s text and paste it instead.',
  'no.no-line-column': () => 'The heading row names neither "line" nor "item".',
  'do.use-columns': ({ columns }: { columns: readonly string[] }) => `Use the columns ${list(columns)}; "line" alone is enough.`,
  'no.not-portions': ({ typed }: { typed: string }) => `"${typed}" is not a number of portions.`,
  'do.whole-number': ({ least, most }: { least: number; most: number }) => `Give a whole number from ${least} to ${most}.`,
  'no.heading-only': () => 'There is a heading row but nothing under it.',
  'do.add-rows': () => 'Add one row for each.',

  // Rosters
  'do.choose-roster': () => 'Choose a file with a heading row and one student a row.',
  'no.too-many-students': ({ count, more, most }: { count: number; more: boolean; most: number }) =>
    `The file has ${more ? 'more than ' : ''}${count} students; a class holds at most ${most}.`,
  'do.split-file': () => 'Split the file into classes.',
  'no.no-name-column': ({ has }: { has: string }) => `There is no "name" column; the heading row has: ${has || 'nothing'}.`,
  'do.name-column': () => 'Name the column that holds the students "name".',
  'no.no-name': () => 'The name is missing.',
  'do.name-or-remove': () => 'Type a name, or remove the row.',
  'no.too-long': ({ what, most }: { what: string; most: number }) => `The ${what} is longer than ${most} characters.`,
  'do.shorten': () => 'Shorten it.',
  'no.formula': ({ sign }: { sign: string }) => `The cell starts with "${sign}", as a spreadsheet formula does.`,
  'do.replace-formula': () => 'Replace the formula by its value.',
  'no.in-class': ({ name }: { name: string }) => `${name} is in the class already.`,
  'no.on-line': ({ name, line }: { name: string; line: number }) => `${name} stands on line ${line} already.`,
  'do.remove-or-tell-apart': () => 'Remove the row, or add what tells the two apart.',
  'no.number-in-class': ({ number }: { number: string }) => `Number ${number} is in the class already.`,
  'no.number-on-line': ({ number, line }: { number: string; line: number }) => `Number ${number} stands on line ${line} already.`,
  'do.correct-one-number': () => 'Correct one of the two numbers.',
  'no.not-an-allergen': ({ word }: { word: string }) => `"${word}" is not one of the declared allergens.`,
  'no.not-a-diet': ({ word }: { word: string }) => `"${word}" is not a diet Pelvo knows.`,
  'do.use-or-note': ({ words }: { words: readonly string[] }) => `Use: ${list(words)}; or put it in the note.`,

  // Local rules
  'no.band': ({ from, to }: { from: number; to: number }) =>
    Number.isFinite(from) && Number.isFinite(to) ? `${from} to ${to} °C is no band of doneness.` : 'A core is no number.',
  'do.band': ({ least, most, widest }: { least: number; most: number; widest: number }) =>
    `Give two cores between ${least} and ${most} °C, the lower one first, at most ${widest} degrees apart.`,
  'no.band-below': ({ need }: { need: number }, { show }: Speaker) =>
    `Its rule is ${show(measure(need, 'celsius'))}, and no allowance reaches below it.`,
  'do.band-above': () => 'Let the band begin at the rule or above it.',
  'no.band-order': ({ beside }: { beside: string }) => `It would lie on the wrong side of "${beside}".`,
  'do.band-order': () => 'Degrees of one food go from the least cooked to the most: change the other one first, or give other cores.',
  'no.rule-outside': ({ rule, value }: { rule: RuleKey; value: number }) =>
    `${showRuleValue(value, RULE_SPECS[rule].unit)} is outside what this rule can be.`,
  'no.pair-below-codes': ({ celsius, seconds }: { celsius: number; seconds: number }, { show }: Speaker) =>
    `${show(measure(celsius, 'celsius'))} held for ${seconds} s is less than any code that is named asks for.`,
  'do.hotter-or-longer': ({ pairs }: { pairs: readonly { readonly celsius: number; readonly seconds: number }[] }, { show }: Speaker) =>
    `Set it hotter or longer, such as ${pairs.map(({ celsius, seconds }) => `${show(measure(celsius, 'celsius'))} for ${seconds} s`).join(', ')}.`,
  'no.frozen-below-codes': ({ celsius, hours }: { celsius: number; hours: number }, { show }: Speaker) =>
    `Frozen at ${show(measure(celsius, 'celsius'))} for ${showRuleValue(hours, 'h')} is less than any code that is named asks for.`,
  'do.colder-or-longer': ({ pairs }: { pairs: readonly { readonly celsius: number; readonly hours: number }[] }, { show }: Speaker) =>
    `Codes ask for ${pairs.map(({ celsius, hours }) => `${show(measure(celsius, 'celsius'))} for ${showRuleValue(hours, 'h')}`).join(', or ')}: set the colder temperature or the longer time first, then the other.`,
  'no.rules-crossed': ({ low, high, rules }: { low: RuleKey; high: RuleKey; rules: LocalRules }) =>
    `"${ruleAsSet(low, rules)}" would not be below "${ruleAsSet(high, rules)}".`,
  'do.change-other-first': () => 'Change the other one first, or give a value that keeps their order.',

  'no.trim-unknown': () => 'How much is left after trimming is not given.',
  'do.give-trim': () => 'Give it in percent, or weigh the food trimmed.',
  'no.mould-unweighed': () => 'How much one mould holds is not given.',
  'do.weigh-one': () => 'Weigh one, filled.',
  'no.no-piece': () => 'Not one piece comes out of this.',
  'do.larger-or-thinner': () => 'Take a larger batch, roll it thinner, or a smaller cutter.',
  'no.more-than-dissolves': ({ most }: { most: Measure }, { show }: Speaker) =>
    `More salt than water dissolves: at most ${show(most)} of the water.`,
  'do.less-salt': () => 'Take less salt, or more water.',
  'no.could-be-either': ({ typed, one, other }: { typed: string; one: string; other: string }) => `"${typed}" could be ${one} or ${other}.`,
  'do.without-thousands': () => 'Type it without a comma for thousands, or with a point for the decimals.',
  // Named cuts
  'no.tolerance-eats-cut': ({ cut, tolerance }: { cut: string; tolerance: Measure }, { show }: Speaker) =>
    `${cut}: a piece ${show(tolerance)} too thin would be nothing at all.`,
  'no.tolerance-long': ({ cut }: { cut: string }) => `${cut}: the tolerance is as long as the cut.`,
  'do.give-less': ({ than }: { than: Measure }, { show }: Speaker) => `Give less than ${show(than)}.`,
  'no.wider-than-long': ({ cut }: { cut: string }) => `${cut}: it is wider than it is long.`,
  'do.longest-is-length': () => 'Give the longest side as its length.',

  // Dishes
  'no.no-title': () => 'The dish has no title.',
  'do.give-one': () => 'Give it one.',
  'no.no-lines': () => 'The dish has no ingredient lines.',
  'do.add-a-line': () => 'Paste or add at least one.',
  'no.component-ring': ({ names }: { names: readonly string[] }) => `Components use each other in a ring: ${list(names)}.`,
  'do.let-one-stand': () => 'Let one of them stand without the others.',
  'no.component-gone': ({ item }: { item: string }) => `"${item}" takes from a component that is no longer there.`,
  'do.choose-source': () => 'Choose where it comes from.',
  'no.gives-otherwise': ({ name, gives, takes }: { name: string; gives: Measure; takes: Measure }, { show }: Speaker) =>
    `"${name}" gives ${show(gives)}, but this line takes ${show(takes)} of it.`,
  'do.one-kind-of-unit': () => 'Give both as weight, as volume or as pieces.',
  'no.yield-outside': ({ fraction }: { fraction: string }) => `A yield of ${fraction} cannot be.`,
  'do.gain-to': ({ most }: { most: number }) => `Give what one part becomes: above 0 and at most ${most}.`,
  'do.fraction-to-one': () => 'Give a fraction above 0 and at most 1.',
  'no.follows-nothing': ({ item }: { item: string }) => `"${item}" follows a line that is no longer there.`,
  'do.choose-base': () => 'Choose the line it is a percentage of.',
  'no.follows-itself': ({ item }: { item: string }) => `"${item}" follows itself by percent.`,
  'do.give-own-amount': () => 'Let one line of the ring have an amount of its own.',

  // Rubrics
  'no.no-criterion': () => 'No criterion is judged by level.',
  'do.add-one': () => 'Add at least one.',
  'no.weight-alone': ({ strand }: { strand: RubricStrand }) => `${RUBRIC_STRAND_NAMES[strand]} has a weight but no criterion.`,
  'do.add-or-zero': () => 'Add a criterion or set the weight to 0.',
  'no.no-weight': ({ strand }: { strand: RubricStrand }) => `${RUBRIC_STRAND_NAMES[strand]} has criteria but no weight.`,
  'do.weight-above-nothing': () => 'Give it a weight above 0.',
  'no.key-twice': ({ key }: { key: string }) => `Two criteria share the key "${key}".`,
  'do.rename-one': () => 'Rename one.',
  'no.same-descriptor': ({ name }: { name: string }) => `"${name}" has two levels with the same descriptor.`,
  'do.say-each-level': () => 'Say what can be seen at each level.',
  'no.counts-fall': ({ name }: { name: string }) => `"${name}" allows more at a better level than at a weaker one.`,
  'do.let-counts-rise': () => 'Let the weaker level allow as many or more.',
  'no.same-stage': ({ name }: { name: string }) => `"${name}" has fewer than two stages, or two of one name.`,
  'do.name-each-stage': () => 'Give it two stages or more, each with a name of its own.',
  'no.best-stage': ({ name }: { name: string }) => `No stage of "${name}" earns full weight.`,
  'do.full-stage': () => 'Let the best stage earn 100 percent.',
  'no.tolerance': ({ name }: { name: string }) => `"${name}" has a tolerance whose least is not below its most.`,
  'do.least-below-most': () => 'Give the smallest and the largest that is still right.',
  'no.top-not-full': () => 'The top level does not earn full weight.',
  'do.top-full': () => 'Let it earn 100 percent.',
  'no.shares-fall': () => 'A higher level earns less than a lower one.',
  'do.let-shares-rise': () => 'Let the shares rise.',

  // Facts of an ingredient
  'no.not-above-nothing': () => 'This is not an amount above 0.',
  'do.number-above-nothing': () => 'Give a number above 0.',
  'no.cannot-be-more': ({ most }: { most: number }) => `More than ${most} cannot be.`,
  'do.fraction-at-most': ({ most }: { most: number }) => `Give at most ${most}.`,
  'no.weight-of-weight': () => 'A weight does not need the weight of one.',
  'do.counted-unit': () => 'Choose a counted unit.',
  'no.contained-already': ({ allergens }: { allergens: readonly string[] }) => `${list(allergens)}: contained already.`,
  'do.one-of-two': () => 'Keep it under one of the two.',
};
