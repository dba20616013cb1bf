import type { Measure } from '../figure/measure';
import { practiceOf, MATTER_SPECS, type MatterKey } from '../practice';
import type { Inner, Speaker } from './english';

/** One of the names in a calculator's own tables: a starch, a firmness, a grade. */
interface Named {
  readonly name: string;
}
type Show = Pick<Speaker, 'show'>;

/** Beside which of several values a figure stands; null where there is only one. */
const beside = (value: Measure | null, { show }: Show) => (value === null ? '' : `, ${show(value)}`);

/** What a calculator answers: names of its figures and of what adds up to them, formulas, notes, and why it refuses. */
export const CALCULATORS_IN_ENGLISH = {
  'practice-in-force': ({ matter, practice }: { matter: MatterKey; practice: string }) =>
    `In force: ${practiceOf(matter, practice)?.name ?? practice}`,
  'practice-open': ({ matter }: { matter: MatterKey }) =>
    `Nobody has chosen a practice for the school (${MATTER_SPECS[matter].name.toLowerCase()}): all are shown.`,
  'practice-open-plain': ({ matter }: { matter: MatterKey }) =>
    `Nobody has chosen a practice for the school (${MATTER_SPECS[matter].name.toLowerCase()}).`,
  'by-practice': ({ figure, matter, practice }: { figure: Inner; matter: MatterKey; practice: string }, { say }: Speaker) =>
    `${say(figure)} (${practiceOf(matter, practice)?.name ?? practice})`,
  'sizes-of': ({ set }: { set: string }) => `Sizes of "${set}"`,

  // Salt and sugar
  'calc.salt': () => 'Salt',
  'calc.salt-at': ({ percent }: { percent: Measure | null }, by: Speaker) => `Salt${beside(percent, by)}`,
  'calc.salt-in-sauce': ({ percent }: { percent: Measure | null }, by: Speaker) => `Salt the sauce gets from it${beside(percent, by)}`,
  'calc.salt-to-add': () => 'Salt to add',
  'calc.sugar': () => 'Sugar',
  'calc.water': () => 'Water',
  'calc.food': () => 'Food',
  'calc.water-kept': () => 'Water kept',
  'calc.with-its-salt': () => 'with its salt',
  'calc.less-brought': () => 'Less what is in it',
  'calc.of-the-syrup': () => 'Of the syrup',
  'calc.the-rest': () => 'The rest',
  'calc.water-to-add': () => 'Water to add',
  'calc.sugar-to-add': () => 'Sugar to add',
  'calc.should-weigh': () => 'It should weigh',
  'calc.weighs': () => 'It weighs',
  'calc.in-hand': () => 'In hand',
  'calc.season-after': () => 'Season the sauce after it has gone in',
  'calc.salty-enough': () => 'There is enough in it already: add none, and taste',
  'calc.begin-two-thirds': () => 'Begin with two thirds, taste, then the rest',

  'calc.taken-up': () => 'Taken up',
  'calc.to-boil-in': () => 'To boil in',
  'calc.boils-off': () => 'Boils off',
  'calc.boils-off-by': ({ area, rate, minutes }: { area: Measure; rate: number; minutes: Measure }, { show }: Speaker) =>
    `${show(area)} × ${rate} ml a square centimetre and minute × ${show(minutes)}`,
  'calc.cooked-weight': () => 'Cooked it weighs',
  'calc.dry': () => 'Dry',
  'calc.pieces-at-least': () => 'Pieces a batch, at least',
  'calc.pieces-at-most': () => 'Pieces a batch, at most',
  'calc.first-rolling': () => 'First rolling',
  'calc.slices-of': () => 'Slices',
  'calc.moulds-of': () => 'Moulds',
  'calc.batch-measures': ({ length, width }: { length: Measure; width: Measure }, { show }: Speaker) =>
    `${show(length)} long by ${show(width)}`,
  'calc.rolled-again': ({ time }: { time: number }) => `Rolled again${time > 1 ? `, time ${time}` : ''}`,
  'calc.more-really-given': () => 'More that a batch really gave',
  'calc.gave-counts': ({ gave, computed }: { gave: number; computed: number }) =>
    `a batch really gave ${gave}; by its measures ${computed}`,
  'calc.count-and-note': () => 'by its measures only: count a batch and note it',
  'calc.batches-for': ({ pieces }: { pieces: number }) => `Batches for ${pieces} pieces`,
  'calc.whole-batches': () => 'whole batches',
  'calc.scraps': () => 'Scraps',
  'calc.filling-in-all': () => 'Filling in all',
  'calc.pieces-by-filling': () => 'Pieces by what each holds',
  'calc.salt-at-rest': () => 'Salt in it at rest, food and water alike',
  'calc.salt-of-all': ({ salt, all }: { salt: Measure; all: Measure }, { show }: Speaker) => `${show(salt)} of ${show(all)}`,

  // Reduction, thickening, purees
  'calc.stop-at': () => 'Stop at',
  'calc.give-back': () => 'Water to give back: it went too far',
  'calc.stopped-late': () => 'where it should have stopped, less what is left',
  'calc.of-the-start': () => 'Of the start',
  'calc.mark-depth': () => 'Mark the depth with the handle of a wooden spoon at the start',
  'calc.salt-when-reduced': () => 'Salt when reduced',
  'calc.same-salt-in-less': () => 'The same salt in less',
  'calc.too-salty': ({ over }: { over: Measure }, { show }: Speaker) =>
    `Above ${show(over)} it is too salty for most: season after reducing`,
  'calc.tastes-seasoned': ({ about }: { about: Measure }, { show }: Speaker) => `Around ${show(about)} tastes seasoned`,
  'calc.time-to-go': () => 'Time to go',
  'calc.rate-measured': () => 'At the rate measured',
  'calc.if-heat-stays': () => 'If the heat stays as it is',
  'calc.by-surface': () => 'By the surface of the pan',
  'calc.time-your-pan': () => 'Give the minutes and the volume now for a time from your own pan',
  'calc.named': ({ name }: Named) => name,
  'calc.for-the-acid': () => 'For the acid',
  'calc.hold-a-fifth': () => 'Hold a fifth back, look at the spoon after a minute, then correct',
  'calc.butter-or-oil': () => 'butter or oil',
  'calc.as-much-as-flour': () => 'With the flour, as much',
  'calc.fat': () => 'Fat',
  'calc.liquid': () => 'Liquid',
  'calc.liquid-hot': () => 'Liquid, hot',
  'calc.vegetable': () => 'Vegetable',
  'calc.vegetable-drained': () => 'Vegetable, cooked and drained',
  'calc.puree': () => 'Puree',
  'calc.begin-with': ({ grams }: { grams: Measure }, { show }: Speaker) => `Begin with ${show(grams)}, two thirds; add the rest by eye`,
  'calc.before-passing': () => 'Before passing; a fine sieve keeps back a tenth or so',

  // Gelatine
  'calc.gelatine': () => 'Gelatine',
  'calc.leaves': () => 'Leaves',
  'calc.a-leaf': () => 'a leaf',
  'calc.at-200-bloom': ({ name }: Named) => `${name}, at 200 bloom`,
  'calc.for-bloom': ({ bloom }: { bloom: number }) => `For ${bloom} bloom`,
  'calc.by-bloom': ({ bloom }: { bloom: number }) => `× √(200 ÷ ${bloom}) − 1`,
  'calc.for-the-alcohol': () => 'For the alcohol, as much more in percent',
  'calc.try-on-plate': () => 'Set a spoonful on a cold plate and look, before all of it is poured',
  'calc.weigh-leaves': () => 'Weigh them: leaves of one grade differ between makers',

  // Knife work
  'calc.spine-underside': ({ angle }: { angle: Measure | null }, by: Speaker) =>
    `Underside of the spine over the stone${beside(angle, by)}`,
  'calc.spine-middle': () => 'Middle of the spine over the stone',
  'calc.blade-middle': () => 'Middle of the blade',
  'calc.less-half-spine': () => 'Less half the spine',
  'calc.right-triangle': () => 'Right triangle',
  'calc.sine': ({ length, angle }: { length: Measure; angle: Measure }, { show }: Speaker) => `${show(length)} × sin ${show(angle)}`,
  'calc.half-cosine': ({ length, angle }: { length: Measure; angle: Measure }, { show }: Speaker) =>
    `${show(length)} ÷ 2 × cos ${show(angle)}`,
  'calc.feel-the-angle': () => 'Stack coins or card to this height and rest the spine on them once: that is the feel of the angle',
  'calc.true-pieces': () => 'True pieces from one',
  'calc.plank-by-plank': ({ length, across }: { length: number; across: Measure }, { show }: Speaker) =>
    `Length ${length}, at least ${show(across)} across, plank by plank`,
  'calc.careful-hand': () => 'Straight planks, whole pieces only; a careful hand gets near it, a novice perhaps three quarters',
  'calc.in-true-pieces': () => 'In true pieces',
  'calc.volume-of-pieces': () => 'Volume of the pieces over that of the vegetable',
  'calc.pieces-by-volume': ({ pieces, each, whole }: { pieces: number; each: Measure; whole: Measure }, { show }: Speaker) =>
    `${pieces} × ${show(each)} ÷ ${show(whole)}`,
  'calc.trim-of-all': () => 'Trim from all of them',
  'calc.not-in-a-piece': () => 'What is not in a true piece',
  'calc.use-the-trim': () => 'Clean trim goes to stock, soup or a puree; weigh it, it is the measure of the cutting',
  'calc.needed-for': ({ pieces }: { pieces: number }) => `Needed for ${pieces} pieces`,
  'calc.whole-vegetables': () => 'Whole vegetables',

  // Resting and cooling
  'calc.rest': () => 'Rest',
  'calc.rest-least': () => 'Rest at least',
  'calc.rest-most': () => 'Rest at most',
  'calc.share-of-cooking': () => 'Share of the cooking time',
  'calc.so-thick': ({ thick }: { thick: Measure }, { show }: Speaker) => `${show(thick)} thick`,
  'calc.core-peaks': () => 'Core peaks at about',
  'calc.core-out': () => 'Core when it leaves the heat',
  'calc.carry-over': () => 'Carry-over',
  'calc.carry-over-by': (
    { thick, oven, core, most }: Readonly<Record<'thick' | 'oven' | 'core', Measure>> & { most: number },
    { show }: Speaker,
  ) => `${show(thick)} × (${show(oven)} − ${show(core)}) × 0.0006 a mm and °C, at most ${most} °C`,
  'calc.carry-over-rule': () => 'Our own rule of thumb, about 1 °C in a thin piece and 3 to 6 °C in a thick one; the probe decides',
  'calc.peak-after': () => 'Peak after about',
  'calc.by-thickness': () => 'By thickness',
  'calc.peak-by': ({ thick }: { thick: Measure }, { show }: Speaker) => `1 min + ${show(thick)} × 0.12 min a mm`,
  'calc.will-not-reach': ({ peak, need, seconds }: { peak: Measure; need: Measure; seconds: number }, { show }: Speaker) =>
    `It will not reach its rule: the core peaks at about ${show(peak)}, and the rule is ${show(need)}${seconds > 0 ? ` for ${seconds} s` : ''}. Cook it on, or serve it under an allowance of the local code.`,
  'calc.peak-is-a-moment': ({ peak, need, seconds }: { peak: Measure; need: Measure; seconds: number }, { show }: Speaker) =>
    `The core may peak at about ${show(peak)}, over the ${show(need)} of its rule${seconds > 0 ? `; but a peak is a moment, and the rule asks for ${seconds} s` : ''}: prove it by thermometer.`,
  'calc.rests-too-long': ({ minutes, most }: { minutes: Measure; most: Measure }, { show }: Speaker) =>
    `${show(minutes)} is longer than food may be kept neither hot nor cold: at most ${show(most)}.`,
  'calc.rest-counts': ({ most, warm }: { most: Measure; warm: Measure }, { show }: Speaker) =>
    `Resting counts as time below ${show(warm)}: at most ${show(most)} with everything that follows.`,
  'calc.forecast-between': ({ from, to }: { from: Measure; to: Measure }, { show }: Speaker) =>
    `by the spread of the readings between ${show(from)} and ${show(to)}`,
  'calc.forecast-of-two': () => 'from two readings alone: a third tells how far it can be trusted',
  'calc.measure-thickest': () => 'Measured at the thickest part, away from bone.',
  'calc.from-to': ({ from, to }: { from: Measure; to: Measure }, { show }: Speaker) => `From ${show(from)} to ${show(to)}`,
  'calc.expected-at': ({ at }: { at: Measure }, { show }: Speaker) => `Expected at ${show(at)} after`,
  'calc.the-curve': () => 'The curve',
  'calc.straight-lines': () => 'straight lines between readings',
  'calc.newton': () => 'Newton’s law of cooling from the last two readings',

  // When to take something out
  'calc.take-out-at': () => 'Take it out at about',
  'calc.middle-of-band': ({ from, to }: { from: Measure; to: Measure }, { show }: Speaker) =>
    `Middle of the band, ${show(from)} to ${show(to)}`,
  'calc.less-rise': () => 'Less what it rises afterwards',
  'calc.rise-by': ({ thick, heat, most }: { thick: Measure; heat: Measure; most: number }, { show }: Speaker) =>
    `${show(thick)} × (${show(heat)} − the core) × 0.0006 a mm and °C, at most ${most} °C`,
  'calc.out-between': ({ from, to }: { from: Measure; to: Measure }, { show }: Speaker) =>
    `between ${show(from)} and ${show(to)}, should it rise half as much again or half as much`,
  'calc.minutes-to-go': () => 'Minutes to go',
  'calc.by-two-readings': () => 'Newton’s law of heating through the two readings',
  'calc.look-early': () => 'Look before that: it quickens and slows with the oven',
  'calc.reading-under': ({ at, by }: { at: Measure; by: string }, { show }: Speaker) => `${show(at)} is under, by ${by} °C: leave it in.`,
  'calc.reading-over': ({ at, by }: { at: Measure; by: string }, { show }: Speaker) => `${show(at)} is over its band, by ${by} °C.`,
  'calc.reading-in': ({ at }: { at: Measure }, { show }: Speaker) => `${show(at)} is right: take it out now.`,
  'calc.does-not-rise': () => 'The two readings do not rise: measure again, in the thickest part.',
  'calc.below-its-rule': (
    { from, to, need, seconds }: Readonly<Record<'from' | 'to' | 'need', Measure>> & { seconds: number },
    { show }: Speaker,
  ) =>
    `${show(from)} to ${show(to)} lies below the local rule, ${show(need)}${seconds > 0 ? ` for ${seconds} s` : ''}: only under an allowance of the local code, its conditions kept, and never for whom is at risk.`,

  // Why a calculator refuses, and what to do
  'no.not-offered': () => 'There is no such choice.',
  'do.choose-offered': () => 'Choose one of the list.',
  'no.missing': ({ label }: { label: string }) => `${label}: this is missing.`,
  'no.not-a-number': ({ label, typed }: { label: string; typed: string }) => `${label}: "${typed}" is not a number.`,
  'no.outside': ({ label, typed }: { label: string; typed: string }) => `${label}: ${typed} is outside what this can answer.`,
  'do.give-between': ({ least, most, unit }: { least: number; most: number; unit: string }) =>
    `Give ${least} to ${most}${unit ? ` ${unit}` : ''}.`,
  'no.food-unweighed': () => 'An equilibrium brine needs the weight of the food.',
  'do.weigh-food': () => 'Weigh the food and type its grams.',
  'no.half-a-correction': () => 'To correct a syrup, both its reading and its weight are needed.',
  'do.both-or-neither': () => 'Fill in both, or neither.',
  'no.kept-above-all': () => 'More is kept than there is.',
  'do.at-most-all': () => 'Give at most the water there is.',
  'no.half-of-salty': () => 'Salty things need their weight and how salty they are.',
  'no.salty-above-food': () => 'The salty things weigh more than all the food.',
  'do.weigh-with-all': () => 'Give the food with everything in it.',
  'no.more-than-start': () => 'There is more in the pan than at the start.',
  'do.larger-first': () => 'Give the larger volume as the start.',
  'no.no-bloom': () => 'The bloom of the powder is missing.',
  'do.type-bloom': () => 'Type the bloom from the packet, often 220 to 240.',
  'no.too-much-alcohol': ({ most }: { most: Measure }, { show }: Speaker) => `Above ${show(most)} of alcohol gelatine does not set.`,
  'do.dilute': () => 'Dilute it, or set another liquid.',
  'no.thicker-than-wide': () => 'The spine is thicker than the blade is wide.',
  'do.check-measures': () => 'Check the two measures.',
  'no.no-such-cut': ({ set }: { set: string }) => `${set} has no such cut.`,
  'do.choose-cut': () => 'Choose a cut of the set in force.',
  'no.ends-swapped': () => 'The thin end is thicker than the thick one.',
  'do.swap-ends': () => 'Change the two over.',
  'no.too-many-pieces': ({ most }: { most: number }) => `That is more than ${most.toLocaleString('en')} pieces.`,
  'do.check-millimetres': () => 'Check that all measures are millimetres.',
  'no.nothing-fits': ({ cut }: { cut: string }) => `Not one whole ${cut} fits.`,
  'do.larger-or-smaller': () => 'Take a larger vegetable or a smaller cut.',
  'no.half-a-reading': () => 'A reading needs its time and its temperature.',
  'no.not-after': () => 'It is not after the reading before it.',
  'do.minutes-since-first': () => 'Give minutes since the first reading.',
  'no.one-reading': () => 'A curve needs at least two readings.',
  'do.second-reading': () => 'Give the second reading.',
};
