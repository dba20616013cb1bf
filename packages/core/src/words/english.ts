import type { Doubt, ScalingKind, YieldStep } from '../dish';
import type { Measure } from '../figure';
import type { Known } from '../ingredients/allergensOf';
import { exact, showDecimal, showFraction, type ExactText } from '../exact';
import { LEVEL_NAMES, type Level } from '../rubric/levels';
import { SCALING_NAMES } from '../dish/types';
import { RUBRIC_STRAND_NAMES, type RubricStrand } from '../rubric/types';
import { CALCULATORS_IN_ENGLISH } from './calculatorsInEnglish';
import { DEMONSTRATION_IN_ENGLISH } from './demonstrationInEnglish';
import { HEALTH_IN_ENGLISH } from './healthInEnglish';
import { REFUSALS_IN_ENGLISH } from './refusalsInEnglish';
import { RULES_IN_ENGLISH } from './rulesInEnglish';
import { TERM_IN_ENGLISH } from './termInEnglish';
import { TIME_IN_ENGLISH } from './timeInEnglish';
import { WORK_IN_ENGLISH } from './workInEnglish';

/** Something said inside something else. Only its code is known here, since the catalog is what says which codes there are. */
export interface Inner {
  readonly code: string;
}

/** How parts of a sentence are put into words: measures by the person's preferences, sayings inside sayings. */
export interface Speaker {
  readonly show: (value: Measure) => string;
  readonly say: (said: Inner) => string;
}

const STAGES: Readonly<Record<YieldStep['kind'], string>> = { trim: 'trimming', cooking: 'cooking', reduction: 'reducing' };
const many = (count: number, one: string, more = `${one}s`) => `${count} ${count === 1 ? one : more}`;
const list = (items: readonly string[]) => items.join(', ');

/**
 * Everything the core says, by its code, in English. Another language is another file of this shape. What a person wrote,
 * and what stands on a card, comes through as it is under `text`.
 */
export const ENGLISH = {
  text: ({ text }: { text: string }) => text,
  ...RULES_IN_ENGLISH,
  ...CALCULATORS_IN_ENGLISH,
  ...REFUSALS_IN_ENGLISH,
  ...HEALTH_IN_ENGLISH,
  ...DEMONSTRATION_IN_ENGLISH,
  ...TERM_IN_ENGLISH,
  ...TIME_IN_ENGLISH,
  ...WORK_IN_ENGLISH,

  // Makings
  'making.team': ({ count, each }: { count: number; each: 'student' | 'pair' | 'team' }) => many(count, each),
  'making.teams': ({ names }: { names: readonly string[] }) =>
    names.length > 0 && names.length <= 6 ? list(names) : many(names.length, 'team'),
  'making.shown': ({ demonstration, reference, tasting }: { demonstration: number; reference: number; tasting: number }) =>
    [demonstration > 0 ? 'demonstration' : '', reference > 0 ? 'reference plate' : '', tasting > 0 ? 'tasting' : '']
      .filter(Boolean)
      .join(' with ')
      .replace(/ with (?=.* with )/, ', '),
  'making.spare': ({ count }: { count: number }) => many(count, 'second try', 'second tries'),
  'making.bulk': ({ factor }: { factor: ExactText }) => `one bulk making × ${showFraction(exact(factor))}`,
  'making.separate': ({ count, factor }: { count: number; factor: ExactText }) =>
    `a separate making for ${many(count, 'team')} × ${showFraction(exact(factor))}`,
  'made-apart': () => 'made apart for those who cannot eat what is in it',
  'making.some': ({ count, of }: { count: number; of: Inner }, { say }: Speaker) => `${count} of ${say(of)}`,
  'portions-in-all': () => 'Portions',
  'times-formula': () => 'Times the formula',

  // How a line scales
  scaling: ({ kind }: { kind: ScalingKind }) => SCALING_NAMES[kind],
  'set-aside': () => 'set aside, to taste',
  once: () => 'once',
  'loads-of': ({ portions }: { portions: ExactText }) => `of ${showFraction(exact(portions))} portions`,
  tapered: ({ factor }: { factor: ExactText }) => `(${showFraction(exact(factor))} tapered)`,
  'left-after': ({ stage }: { stage: YieldStep['kind'] }) => `left after ${STAGES[stage]}`,
  'gained-by': ({ stage }: { stage: YieldStep['kind'] }) => `of what it was, after ${STAGES[stage]}`,
  'by-its-measures': () => 'by its measures',
  'instead-of': ({ item, reason }: { item: string; reason: string }) => `instead of ${item}${reason ? `: ${reason}` : ''}`,
  taste: () => 'taste',
  'range-upper': () => 'written as a range; the upper end is taken so that no making runs short',
  'allowance-only': () => 'to taste: an allowance for the order, not a figure to cook by',
  'not-in-figure': ({ dish, note }: { dish: string; note: string }) => `${dish}: ${note}, not in the figure`,
  'written-multiple': () => 'as written',
  'in-hand': () => 'in hand',
  'plates-a-making': () => 'that one making gives',
  'by-area': () => 'by area',
  'by-volume': () => 'by volume',

  // Why a line is held
  'not-settled': () => 'The line has not been settled.',
  'no-amount-yet': () => 'How much? The line has no amount.',
  'no-load-size': () => 'How many portions does one load serve?',
  'follows-itself': ({ item }: { item: string }) => `"${item}" follows itself by percent. Choose another line for it to follow.`,
  'follows-nothing': ({ item }: { item: string }) =>
    `"${item}" follows a line that is no longer there. Choose the line it is a percentage of.`,
  'follows-open': ({ item, base }: { item: string; base: string }) => `"${item}" follows "${base}", which has no amount yet.`,
  'follows-without-mass': ({ base, need }: { base: string; need: 'density' | 'weight of one' }) =>
    `A percentage goes by weight; the ${need} of "${base}" is not known. Enter it under Ingredients, or give the line an amount of its own.`,
  'gives-nothing': ({ title }: { title: string }) =>
    `"${title}" does not say how much one making gives. Add its yield and publish it again.`,
  'gives-otherwise': ({ title, gives }: { title: string; gives: Measure }, { show }: Speaker) =>
    `"${title}" gives ${show(gives)}; this line asks for it in another kind of unit.`,
  doubt: ({ doubt }: { doubt: Doubt }) => DOUBTS(doubt),

  // Does a formula look right
  'formula-outside': (
    {
      what,
      percent,
      least,
      most,
      slip,
    }: { what: string; percent: Measure; least: Measure; most: Measure; slip: { readonly what: string; readonly times: ExactText } | null },
    { show }: Speaker,
  ) => `Is this right? ${show(percent)} ${what}; ${show(least)} to ${show(most)} is usual.${slip ? ` Could it be ${slip.what}?` : ''}`,
  'reduction-by-or-to': ({ item, step, leaves, line }: { item: string; step: string; leaves: Measure; line: Measure }, { show }: Speaker) =>
    `Is this right? ${show(line)} of ${item} is left by its line; "${step}" leaves ${show(leaves)}. Could it be "by" for "to"?`,
  'pieces-of': ({ item }: { item: string }) => `of a ${item}`,

  // Components made for other components
  'component-made-larger': (
    { name, gives, asked, times }: { name: string; gives: Measure; asked: Measure; times: Measure },
    { show }: Speaker,
  ) => `${name || 'The main list'} gives ${show(gives)}; ${show(asked)} are taken of it, so it is made ${show(times)} times.`,
  'component-gives-nothing': ({ name }: { name: string }) =>
    `${name || 'The main list'} does not say what it gives, so it is made as written: check that it is enough for what is taken of it.`,
  'component-asked-openly': ({ name, item }: { name: string; item: string }) =>
    `How much ${name || 'of the main list'} does "${item}" take? Until that is known it is made as written.`,
  'component-other-unit': ({ name, gives, takes }: { name: string; gives: Measure; takes: Measure }, { show }: Speaker) =>
    `${name || 'The main list'} gives ${show(gives)}, and ${show(takes)} are taken of it: in another kind of unit, so it is made as written.`,

  'cooked-apart': ({ name, portions }: { name: string; portions: number }) =>
    `${portions} ${portions === 1 ? 'portion' : 'portions'} of ${name || 'the main list'} cooked through, in a making apart, for those at risk: the rest is served below the rule. The local rules say how far.`,

  // Pieces
  'whole-each': () => 'made up to whole ones in each making',
  'whole-together': ({ pieces }: { pieces: ExactText }) => `all lines together ${showFraction(exact(pieces))}`,
  'from-one-piece': () => 'taken of the same pieces',
  'cut-from': ({ parts, pieces }: { parts: string; pieces: number }) => `${parts} cut from ${pieces}, each part from one piece`,
  'cut-from-shared': () => 'cut from one that is shared',
  'measured-out': () => 'measured out once broken up',
  'other-choice': ({ now, other, pieces }: { now: 'whole' | 'shared' | 'weighed'; other: 'whole' | 'shared'; pieces: number }) =>
    now === 'whole'
      ? `whole in each making; shared it would be ${pieces}`
      : `${other === 'whole' ? 'whole in each making' : 'shared'} it would be ${pieces}`,
  'for-parts': ({ parts }: { parts: readonly { readonly amount: Measure; readonly use: string }[] }, { show }: Speaker) =>
    `for ${list(parts.map(({ amount, use }) => `${show(amount)} ${use}`))}`,
  'about-weight': ({ amount }: { amount: Measure }, { show }: Speaker) => `about ${show(amount)}`,
  'shared-with-step': ({ step }: { step: string }) => `shared fat, board or water: ${step}`,
  'of-one': ({ item }: { item: string }) => `of one ${item}`,
  'pieces-from': ({ amount, each }: { amount: Measure; each: Measure }, { show }: Speaker) =>
    `${show(amount)} at about ${show(each)} of one`,
  'pieces-together': () => 'together',
  leaves: ({ count, item }: { count: ExactText; item: string }) =>
    `leaves ${showFraction(exact(count))} ${item}${exact(count).equals(1) ? '' : 's'}`,
  'needs-scale': ({ step }: { step: Measure }, { show }: Speaker) => `needs a scale that shows ${show(step)}`,
  'from-the-tap': () => 'from the tap, not bought',

  // What ingredients hold
  holds: (
    { allergens, mayContain, open }: { allergens: readonly string[]; mayContain: readonly string[]; open: Inner },
    { say }: Speaker,
  ) => [list(allergens), mayContain.length > 0 ? `may contain ${list(mayContain)}` : '', say(open)].filter(Boolean).join('; '),
  'not-known-of': ({ known, notKnown, labels }: { known: Known; notKnown: readonly string[]; labels: readonly string[] }) =>
    known === 'not known'
      ? 'not known, check the label'
      : [notKnown.length > 0 ? `not known: ${list(notKnown)}` : '', labels.length > 0 ? `label: ${list(labels)}` : '']
          .filter(Boolean)
          .join('; '),

  // Orders
  'not-added': ({ item, because }: { item: string; because: Inner }, { say }: Speaker) => `not added to the other ${item}: ${say(because)}`,
  'fact-missing': ({ item, need }: { item: string; need: 'density' | 'weight of one' }) => `the ${need} of ${item} is not known`,
  'fact-needed': ({ item, need }: { item: string; need: 'density' | 'weight of one' }) => `The ${need} of ${item} is not known.`,
  'weighs-in-all': ({ amount, each }: { amount: Measure; each: Measure | null }, { show }: Speaker) =>
    `about ${show(amount)} in all${each ? `, at about ${show(each)} each` : ''}`,
  'in-other-grades': ({ grades }: { grades: readonly { readonly size: string; readonly count: number }[] }) =>
    `by weight the same as ${grades.map(({ size, count }) => `${count} ${size}`).join(' or ')}`,
  cost: () => 'Cost',
  'no-price': ({ items }: { items: readonly string[] }) => `no price known for: ${list(items)}`,
  'on-some-trays': ({ count, of }: { count: number; of: number }) => `in ${count} of ${of} trays`,
  'tray-item': ({ item, of }: { item: string; of: Inner }, { say }: Speaker) => `${item}, tray for ${say(of)}`,
  'rounding-changes': ({ percent, weigh }: { percent: ExactText; weigh: Measure }, { show }: Speaker) => {
    const change = exact(percent);
    return `rounding changes it by ${change.compare(0) > 0 ? '+' : '−'}${showDecimal(change.abs(), 1)} %: weigh ${show(weigh)}`;
  },

  // Plates
  'plates-figure': () => 'Plates one making gives',
  'a-plate': () => 'a plate',
  'would-be-enough': ({ name, plates }: { name: string; plates: ExactText }) =>
    `${name} would be enough for ${showFraction(exact(plates))}`,
  'says-no-yield': () => 'it does not say what one making gives',
  'nothing-on-plate': () => 'nothing of it goes on the plate',
  'other-kind-of-unit': ({ gives, takes }: { gives: Measure; takes: Measure }, { show }: Speaker) =>
    `it gives ${show(gives)}, the plate takes ${show(takes)}`,
  'main-list': () => 'Main list',

  // Scaling to a target
  'nobody-served': () => 'Nobody would be served.',
  'no-plate-served': () => 'No plate would be served.',
  'build-unknown': () => 'The plate build does not say how many plates one making gives.',
  'vessel-without-size': () => 'A vessel has no size.',
  'line-without-amount': () => 'This line has no amount to compare with.',
  'nothing-in-hand': () => 'Nothing is in hand.',
  'units-apart': () => 'These units cannot be compared.',
  'give-one-or-more': () => 'Give 1 or more.',
  'give-build': () => 'Say what each component gives and how much goes on a plate.',
  'give-width': () => 'Give its width.',
  'give-width-and-depth': () => 'Give its width and its depth.',
  'choose-another-line': () => 'Choose another line.',
  'give-above-nothing': () => 'Give an amount above 0.',
  'give-in-unit-or-fact': ({ unit }: { unit: string }) => `Give the amount in ${unit || 'pieces'}, or enter the fact.`,
  'use-its-unit': () => 'Use the unit of the line.',

  // Marks
  mark: () => 'Mark',
  result: () => 'Result',
  pass: () => 'Pass',
  'not-yet': () => 'Not yet',
  points: () => 'points',
  'level-earns': ({ level }: { level: Level }) => `${LEVEL_NAMES[level]} earns`,
  'level-loses': ({ level }: { level: Level }) => `${LEVEL_NAMES[level]} loses`,
  stands: ({ level }: { level: Level }) => LEVEL_NAMES[level],
  counted: ({ count, of, level }: { count: number; of: string; level: Level }) => `${LEVEL_NAMES[level]}, ${count} ${of}`,
  'at-stage': ({ stage, level }: { stage: string; level: Level }) => `${stage}, ${LEVEL_NAMES[level]}`,
  'off-stage': ({ stage, level, off, wanted, why }: { stage: string; level: Level; off: number; wanted: string; why: string }) =>
    `${stage}, ${LEVEL_NAMES[level]}: ${Math.abs(off)} ${Math.abs(off) === 1 ? 'stage' : 'stages'} ${off < 0 ? 'short of' : 'past'} ${wanted}${why ? `, ${why}` : ''}`,
  'measured-as': ({ said, level }: { said: string; level: Level }) => `${LEVEL_NAMES[level]}, ${said}`,
  met: () => 'met',
  'not-met': () => 'not met',
  passed: () => 'passed',
  'in-the-way': () => 'in the way',
  'full-marks': () => 'Full marks',
  'before-deductions': () => 'before anything is taken off',
  capped: ({ cap, by }: { cap: number; by: string }) => `capped at ${cap}: ${by} was not met`,
  'strands-weigh': ({ weights }: { weights: readonly { readonly strand: RubricStrand; readonly weight: number }[] }) =>
    `strands weigh ${list(weights.map(({ strand, weight }) => `${RUBRIC_STRAND_NAMES[strand]} ${weight}`))}`,
  'nothing-seen-in': ({ strands }: { strands: readonly RubricStrand[] }) =>
    `nothing seen in ${list(strands.map((strand) => RUBRIC_STRAND_NAMES[strand]))}: the other strands take its weight`,
  'not-seen-reweighs': ({ names }: { names: readonly string[] }) => `not seen, so the rest weighs more: ${list(names)}`,
  'not-seen-uncounted': ({ names }: { names: readonly string[] }) => `not seen, so not counted: ${list(names)}`,
  'not-marked-yet': ({ names }: { names: readonly string[] }) => `not marked yet, so this is not final: ${list(names)}`,
  'critical-not-seen': ({ name }: { name: string }) => `critical and not seen: ${name}`,
  'passes-when': ({ level }: { level: Level }) =>
    `passes when nothing critical is missed and every criterion seen stands at ${LEVEL_NAMES[level]} or above`,

  // What is good next
  'practised-enough': ({ times, by, of }: { times: number; by: number; of: number }) =>
    `Practised ${times} times or more by ${by} of ${of}`,
  'met-by': ({ by, of, practised }: { by: number; of: number; practised: number }) =>
    `Met by ${by} of ${of}, ${practised === 0 ? 'not practised yet' : `practised by ${practised}`}`,
  'last-taken-up': ({ days }: { days: number }) =>
    `last taken up ${days === 0 ? 'that day' : days === 1 ? 'a day ago' : `${days} days ago`}`,
  'nothing-first': () => 'Nothing has to be learned first',
  'learned-first': ({ names, by, of }: { names: readonly (string | null)[]; by: number; of: number }) =>
    `${list(names.map((name) => name ?? 'an archived technique'))} met by ${by} of ${of}`,
  'leads-to': ({ count }: { count: number }) => `leads to ${count} more`,
  'dishes-carry': ({ count }: { count: number }) => (count === 1 ? '1 dish carries it' : `${count} dishes carry it`),

  // What a lesson still needs
  'no-students': () => 'no students',
  'no-dish': () => 'no dish',
  'no-technique': () => 'no technique in focus',
  'no-rubric': () => 'no rubric',
  'time-does-not-fit': () => 'the time does not fit',
  'lines-to-settle': ({ count }: { count: number }) => `${many(count, 'line')} to settle`,
  complete: () => 'complete',
  'waits-for-plan': () => 'waits for the plan',
  'lines-to-buy': ({ count }: { count: number }) => many(count, 'line'),
  'dishes-marked': ({ marked, of }: { marked: number; of: number }) => `${marked} of ${of} dishes`,
  'needs-a-rubric': () => 'needs a rubric',
  'with-the-students': () => 'with the students',
  'not-released': () => 'not released',
  'after-marking': () => 'after marking',
  several: ({ parts }: { parts: readonly Inner[] }, { say }: Speaker) => list(parts.map(say)),
} as const;

function DOUBTS(doubt: Doubt): string {
  switch (doubt.code) {
    case 'scanned':
      return `Read as "${doubt.read}": the text looks scanned.`;
    case 'per-plate':
      return 'Per plate: it is multiplied by the portions.';
    case 'dash-or-minus':
      return 'Is this a list dash or a negative amount? A line cannot take less than nothing.';
    case 'percent-of-what':
      return `${doubt.percent} % of what? Choose the line it follows.`;
    case 'amounts-disagree':
      return 'The two amounts on this line do not agree. The first was taken.';
    case 'second-amount':
      return `A second amount: plus ${doubt.amount}. Add it to the first, or give it a line of its own.`;
    case 'told-in-step':
      return 'It stands in a step, and in no list. Is it an ingredient, and is this all of it?';
    case 'several-items':
      return 'Is this several ingredients, so much of each of what? Give each a line of its own.';
    case 'another-item':
      return `Is "${doubt.text}" another ingredient? Give it a line of its own.`;
    case 'which-amount':
      return `Which amount will be used: the first, or ${doubt.other}?`;
    case 'which-item':
      return `Which one will be used: ${doubt.one} or ${doubt.other}?`;
    case 'no-item':
      return 'Of what? No ingredient was found on this line.';
    case 'no-allowance':
      return 'How much is set aside for a portion? Nothing is ordered for it yet.';
    case 'no-amount':
      return `How much? No amount was found${doubt.instead ? ` ("${doubt.instead}")` : ''}.`;
    case 'unreadable':
      return 'Nothing on this line could be read.';
    case 'too-long':
      return 'This is long for one ingredient. Is it a step, or several lines? Give each a line of its own.';
    case 'unknown-unit':
      return `Is "${doubt.word}" a unit? Pelvo does not know it; choose one.`;
    case 'not-counted':
      return `${doubt.count} of what? ${doubt.item} is not counted in pieces.`;
    case 'very-large':
      return 'Is this amount right? It is very large.';
    case 'weight-of-piece':
      return `How much does a piece of ${doubt.size} weigh?`;
    case 'which-comma':
      return `Is this ${doubt.one} or ${doubt.other}? The comma or point could be either; it was read as ${doubt.one}.`;
    case 'left-over':
      return `Is "${doubt.text}" only the name of the ingredient?`;
    case 'which-pint':
      return 'Which pint? It is taken by the measures of the dish: imperial 568 ml, American 473 ml.';
    case 'said':
      return doubt.text;
  }
}
