import { exact } from '../exact';
import { difference, measure, product, quotient, type Figure } from '../figure';
import { shownOf, text } from '../words';
import { amount } from '../quantity';
import { amountOf, figureOf, grams as gramsOf, numberOf, of, part, percent as percentOf, plain, share } from './figures';
import { following } from './following';
import { answer, choice, number, refuse, type Calculator } from './types';

/**
 * Grams of water a pan loses a minute for each square centimetre of surface, by how it boils. From the latent heat of
 * water, 2257 J/g, with 1.3 kW going into 450 cm² for a brisk boil; the others in proportion as commonly seen.
 */
const LOSS: Readonly<Record<string, number>> = { simmer: 0.025, boil: 0.075, hard: 0.1 };

/** Volume, salt and time of a reduction. */
export const reduction: Calculator = {
  name: 'Reduction',
  asks: 'When is it reduced far enough, how salty will it be, how long to go?',
  inputs: () => [
    number('start', 'Volume at the start', 'ml', [10, 100_000, 800]),
    number('now', 'Volume now', 'ml', [10, 100_000, 800]),
    number('fraction', 'Reduce to', '%', [3, 99, 30], 'of the volume at the start'),
    number('salt', 'Salt at the start', '%', [0, 10, 0.5]),
    number('minutes', 'Minutes since the start', 'min', [0, 600], 'with the volume now, this gives the time from your own pan'),
    number('pan', 'Pan, across', 'cm', [8, 80, 24]),
    choice('boil', 'It', { simmer: 'simmers', boil: 'boils briskly', hard: 'boils hard' }, 'boil'),
  ],
  compute: (given) => {
    const [start, now, percent, salt] = [given.number('start'), given.number('now'), given.number('fraction'), given.number('salt')];
    if (now > start) return refuse('now', { code: 'no.more-than-start' }, { code: 'do.larger-first' });
    const end = (start * percent) / 100;
    const target = figureOf({
      label: { code: 'calc.stop-at' },
      unit: 'ml',
      parts: [part({ code: 'calc.of-the-start' }, share(of(start, 'ml'), percent))],
      notes: [{ code: 'calc.mark-depth' }],
    });
    const salty = figureOf({
      label: { code: 'calc.salt-when-reduced' },
      unit: 'percent',
      parts: [
        part(
          { code: 'calc.same-salt-in-less' },
          product([of(100, 'times'), quotient(percentOf(salt), percentOf(percent), 'times')], 'percent'),
        ),
      ],
      notes:
        salt * 100 > 1.5 * percent
          ? [{ code: 'calc.too-salty', over: measure('1.5', 'percent') }]
          : [{ code: 'calc.tastes-seasoned', about: measure(1, 'percent') }],
    });
    const minutes = given.optional('minutes');
    const back =
      now < end
        ? figureOf({
            label: { code: 'calc.give-back' },
            unit: 'ml',
            parts: [part({ code: 'calc.stopped-late' }, difference(share(of(start, 'ml'), percent), of(now, 'ml')))],
          })
        : null;
    const time = timeLeft({ start, now, end, minutes, pan: given.number('pan'), boil: given.choice('boil') });
    return answer({
      figures: [...(back ? [back] : []), target, salty, ...(time ? [time] : [])],
      limits: [
        'Stocks thicken as they reduce and then lose water more slowly; the last minutes need an eye.',
        ...(now === end ? ['It is already reduced this far.'] : []),
        ...(back ? ['Water gives back the volume and the salt, not the time: it has boiled longer and tastes of it.'] : []),
      ],
      sources: [
        'Salt stays, water goes: percent rises as volume falls',
        minutes ? 'Rate measured in your own pan' : 'Rate from the latent heat of water, 2257 J/g, for a common burner: an estimate',
      ],
      cautions: [text('A reduction that is left alone burns; sugar and cream boil over.')],
      lines: [
        {
          item: 'stock or wine to reduce',
          amount: amount(start, 'ml'),
          preparation: `reduced to ${shownOf(target)}`,
          note: `${plain(percent)} % of the volume stays`,
        },
      ],
      step: {
        text: `Reduce ${plain(start)} ml to ${shownOf(target)}, then season.`,
        minutes: time ? Math.max(1, Math.round(numberOf(time))) : null,
        hands: 'off',
      },
    });
  },
};

interface Boiling {
  readonly start: number;
  readonly now: number;
  readonly end: number;
  readonly minutes: number | null;
  readonly pan: number;
  readonly boil: string;
}

function timeLeft({ start, now, end, minutes, pan, boil }: Boiling): Figure | null {
  if (now <= end) return null;
  const toGo = difference(of(now, 'ml'), of(end, 'ml'));
  if (minutes && now < start) {
    return figureOf({
      label: { code: 'calc.time-to-go' },
      unit: 'minute',
      parts: [
        part(
          { code: 'calc.rate-measured' },
          quotient(toGo, quotient(of(start - now, 'ml'), of(minutes, 'minute'), 'millilitresPerMinute'), 'minute'),
        ),
      ],
      notes: [{ code: 'calc.if-heat-stays' }],
    });
  }
  const surface = (Math.PI * pan * pan) / 4;
  return figureOf({
    label: { code: 'calc.time-to-go' },
    unit: 'minute',
    parts: [
      part(
        { code: 'calc.by-surface' },
        quotient(
          toGo,
          product([of(surface, 'squareCentimetre'), of(LOSS[boil] ?? LOSS.boil!, 'gramsPerMinute')], 'gramsPerMinute'),
          'minute',
        ),
      ),
    ],
    estimate: true,
    notes: [{ code: 'calc.time-your-pan' }],
  });
}

/** Grams of starch for a litre, by body; flour is cooked with as much fat. @source ratios as taught in sauce work, rounded */
const STARCH: Readonly<
  Record<string, { readonly name: string; readonly perLitre: readonly [number, number, number]; readonly limit: string }>
> = {
  flour: {
    name: 'wheat flour, as a roux',
    perLitre: [40, 60, 90],
    limit: 'Cook a flour sauce twenty minutes or it tastes raw. Contains gluten.',
  },
  cornflour: { name: 'cornflour', perLitre: [20, 30, 45], limit: 'Slake cold, boil one minute; long boiling and acid thin it.' },
  'potato-starch': { name: 'potato starch', perLitre: [16, 24, 36], limit: 'Do not boil on: it thins and turns stringy.' },
  arrowroot: { name: 'arrowroot', perLitre: [20, 30, 45], limit: 'Clear and fine; slimy with milk, thins when held hot.' },
  tapioca: { name: 'tapioca starch', perLitre: [22, 33, 50], limit: 'Clear, stands freezing; stringy when overcooked.' },
  'rice-flour': { name: 'rice flour', perLitre: [45, 65, 95], limit: 'No gluten; cook ten minutes; a little grainy.' },
};
const BODY: Readonly<Record<string, string>> = { light: 'runs off the spoon', coating: 'coats the spoon', thick: 'holds a line' };

/** Starch for a sauce by its kind and the body wanted. */
export const thickening: Calculator = {
  name: 'Thickening with starch',
  asks: 'How much of this starch gives this body?',
  inputs: () => [
    number('liquid', 'Liquid', 'ml', [10, 100_000, 500]),
    choice('starch', 'Starch', Object.fromEntries(Object.entries(STARCH).map(([key, { name }]) => [key, name])), 'cornflour'),
    choice('body', 'Body', BODY, 'coating'),
    choice('acid', 'It is', { no: 'not sour', yes: 'sour: wine, tomato, citrus' }, 'no'),
  ],
  compute: (given) => {
    const starch = STARCH[given.choice('starch')];
    const body = Object.keys(BODY).indexOf(given.choice('body'));
    if (!starch || body < 0) return refuse('starch', { code: 'no.not-offered' }, { code: 'do.choose-offered' });
    const liquid = given.number('liquid');
    const rate = starch.perLitre[body as 0 | 1 | 2];
    const sour = given.choice('acid') === 'yes';
    const starchFor = product([of(liquid / 1000, 'l'), of(rate, 'gramsPerLitre')], 'g');
    const base = (liquid * rate) / 1000;
    const grams = figureOf({
      label: { code: 'calc.named', name: starch.name },
      unit: 'g',
      parts: [
        part({ code: 'calc.named', name: BODY[given.choice('body')]! }, starchFor),
        ...(sour ? [part({ code: 'calc.for-the-acid' }, share(gramsOf(base), 10))] : []),
      ],
      estimate: true,
      notes: [{ code: 'calc.hold-a-fifth' }],
    });
    const roux = given.choice('starch') === 'flour';
    const fat = figureOf({ ...FAT, parts: [part({ code: 'calc.as-much-as-flour' }, gramsOf(base * (sour ? 1.1 : 1)))] });
    return answer({
      figures: roux ? [grams, fat] : [grams],
      limits: [starch.limit, 'Milk, egg and reduction thicken too: less starch where they are.'],
      sources: ['Ratios by the litre as commonly taught in sauce work, rounded; our own tenth for acid'],
      cautions: [text('A thick sauce spits: stir to the bottom, stand back. Starch sauces cool slowly: shallow and in ice.')],
      rules: ['hot-holding', 'cooling-first', 'cooling-total'],
      lines: [
        { item: 'liquid to thicken', amount: amount(liquid, 'ml'), note: 'for the sauce' },
        { item: roux ? 'wheat flour' : starch.name, amount: amountOf(grams), note: `${rate} g a litre, ${BODY[given.choice('body')]}` },
        ...(roux ? [{ item: 'butter', amount: amountOf(fat), note: 'for the roux' }] : []),
      ],
    });
  },
};
const FAT = { label: { code: 'calc.butter-or-oil' }, unit: 'g', estimate: true } as const;

/** Percent of liquid and of fat, over the cooked vegetable, by the thickness wanted. Our own, from common formulas. */
const PUREE_THICKNESS: Readonly<Record<string, { readonly name: string; readonly liquid: number }>> = {
  peak: { name: 'holds a peak', liquid: 10 },
  swipe: { name: 'holds a spoon’s trail', liquid: 25 },
  pour: { name: 'pours slowly', liquid: 50 },
};
const PUREE_KIND: Readonly<Record<string, { readonly name: string; readonly drinks: number }>> = {
  starchy: { name: 'starchy: parsnip, peas, pulses', drinks: 15 },
  middling: { name: 'in between: carrot, broccoli', drinks: 0 },
  watery: { name: 'watery: courgette, pepper, spinach', drinks: -8 },
};

/** Liquid and fat of a vegetable puree. */
export const puree: Calculator = {
  name: 'Liquid and fat in a puree',
  asks: 'How much liquid and fat for this thickness?',
  inputs: () => [
    number('vegetable', 'Cooked, drained vegetable', 'g', [10, 50_000, 600]),
    choice('kind', 'It is', Object.fromEntries(Object.entries(PUREE_KIND).map(([key, { name }]) => [key, name])), 'middling'),
    choice('thickness', 'It should', Object.fromEntries(Object.entries(PUREE_THICKNESS).map(([key, { name }]) => [key, name])), 'swipe'),
    number('fat', 'Fat', '%', [0, 60, 8], 'of the cooked vegetable; 5 light, 15 rich'),
  ],
  compute: (given) => {
    const [vegetable, fatPercent] = [given.number('vegetable'), given.number('fat')];
    const kind = PUREE_KIND[given.choice('kind')];
    const thickness = PUREE_THICKNESS[given.choice('thickness')];
    if (!kind || !thickness) return refuse('kind', { code: 'no.not-offered' }, { code: 'do.choose-offered' });
    const percent = Math.max(0, thickness.liquid + kind.drinks);
    const fat = figureOf({
      label: { code: 'calc.fat' },
      unit: 'g',
      parts: [part({ code: 'calc.vegetable' }, share(gramsOf(vegetable), fatPercent))],
    });
    const liquid = figureOf({
      label: { code: 'calc.liquid-hot' },
      unit: 'g',
      parts: [
        part({ code: 'calc.named', name: thickness.name }, share(gramsOf(vegetable), thickness.liquid)),
        part({ code: 'calc.named', name: kind.name }, share(gramsOf(vegetable), percent - thickness.liquid)),
      ],
      estimate: true,
      notes: [{ code: 'calc.begin-with', grams: measure(Math.round((vegetable * percent) / 150), 'g') }],
    });
    const total = figureOf({
      label: { code: 'calc.puree' },
      unit: 'g',
      parts: [
        of(vegetable, 'g', { code: 'calc.vegetable-drained' }),
        part({ code: 'calc.liquid' }, share(gramsOf(vegetable), percent)),
        part({ code: 'calc.fat' }, share(gramsOf(vegetable), fatPercent)),
      ],
      estimate: true,
      notes: [{ code: 'calc.before-passing' }],
    });
    return answer({
      figures: [liquid, fat, total],
      limits: ['Vegetables differ by season and by how well they were drained: the figure is where to begin, the spoon decides.'],
      sources: ['Our own table, from common formulas; percent by mass of the cooked vegetable'],
      cautions: [text('Hot puree bursts out of a blender: fill it a third, vent the lid, cloth on top, start slowly.')],
      rules: ['hot-holding', 'cooling-first', 'cooling-total'],
      lines: [
        { item: 'cooked vegetable', amount: amount(vegetable, 'g'), note: 'for the puree' },
        following(liquid, 'cooking liquid or milk', percent, thickness.name),
        ...(fatPercent > 0 ? [following(fat, 'butter', fatPercent, `${plain(fatPercent)} % of the vegetable`)] : []),
      ].filter((line) => exact(line.amount.max).compare(0) > 0),
    });
  },
};
