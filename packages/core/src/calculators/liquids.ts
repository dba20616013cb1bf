import { text } from '../words';
import { amountOf, byFormula, figureOf, grams, of, part, plain, share } from './figures';
import { answer, choice, number, refuse, type Calculator } from './types';

/** Grams for a litre of stock to clear, least and most. @source as commonly taught in professional cookery, our own reading */
const CLEARS = { whites: [60, 90], mince: [150, 250], vegetables: [80, 120] } as const;
/** Grams of the white of one medium egg. @source our facts of ingredients */
const WHITE_OF_ONE = 33;

/** What clears a stock. */
export const clarify: Calculator = {
  name: 'Clear a stock',
  asks: 'How much white and mince clears this much stock?',
  inputs: () => [
    number('stock', 'Stock, cold and free of fat', 'ml', [200, 100_000, 2000]),
    choice('taste', 'The stock is', { strong: 'strong already', weak: 'a little weak' }, 'strong'),
  ],
  compute: (given) => {
    const stock = given.number('stock');
    const at = given.choice('taste') === 'weak' ? 1 : 0;
    const figureFor = (name: string, key: keyof typeof CLEARS) =>
      figureOf({
        label: text(name),
        unit: 'g',
        parts: [
          byFormula(
            text(`${CLEARS[key][at]} g a litre`),
            text(`${plain(stock / 1000)} l × ${CLEARS[key][at]} g`),
            (stock / 1000) * CLEARS[key][at],
            'g',
          ),
        ],
        estimate: true,
      });
    const [whites, mince, vegetables] = [
      figureFor('Egg whites', 'whites'),
      figureFor('Lean mince', 'mince'),
      figureFor('Fine vegetables', 'vegetables'),
    ];
    const eggs = ((stock / 1000) * CLEARS.whites[at]) / WHITE_OF_ONE;
    return answer({
      figures: [whites, mince, vegetables],
      limits: [
        `About ${Math.ceil(eggs)} medium whites. Whites alone clear as well and take taste away: mince gives it back.`,
        'A stock that was boiled with its fat stays cloudy whatever is put in: chill it and lift the fat first.',
      ],
      sources: ['Grams a litre as commonly taught; our own table, least for a strong stock and most for a weak one'],
      cautions: [
        text('Raw white and mince: cold until they go in, all of it at the tremble for its whole time. Egg and celery are allergens.'),
      ],
      lines: [
        { item: 'egg whites', amount: amountOf(whites), note: 'to clear the stock' },
        { item: 'lean mince', amount: amountOf(mince), note: 'to clear the stock' },
        { item: 'vegetables, fine', amount: amountOf(vegetables), note: 'to clear the stock' },
      ],
    });
  },
};

/** Grams of sauce for each gram. @source our own table from portions as commonly served */
const DRINKS: Readonly<Record<string, { readonly name: string; readonly ratio: number; readonly of: string }>> = {
  long: { name: 'long noodles, weighed dry', ratio: 1.1, of: 'dry' },
  short: { name: 'short shapes, weighed dry', ratio: 1.3, of: 'dry' },
  leaves: { name: 'leaves', ratio: 0.14, of: 'leaf' },
  firm: { name: 'firm raw vegetables', ratio: 0.25, of: 'vegetable' },
  grain: { name: 'cooked grain', ratio: 0.3, of: 'grain' },
  couscous: { name: 'a dry base that drinks: couscous, fine bulgur', ratio: 1.5, of: 'dry' },
  bread: { name: 'dried bread', ratio: 0.7, of: 'bread' },
};

/** Sauce or dressing for what it coats. */
export const coating: Calculator = {
  name: 'Sauce that coats',
  asks: 'How much sauce or dressing coats this, and not more?',
  inputs: () => [
    number('base', 'What it coats', 'g', [5, 100_000, 400]),
    choice('kind', 'It is', Object.fromEntries(Object.entries(DRINKS).map(([key, { name }]) => [key, name])), 'long'),
    number('portions', 'Portions', '', [1, 500, 4]),
  ],
  compute: (given) => {
    const kind = DRINKS[given.choice('kind')];
    if (!kind) return refuse('kind', { code: 'no.not-offered' }, { code: 'do.choose-offered' });
    const [base, portions] = [given.number('base'), given.number('portions')];
    const sauce = figureOf({
      label: text('Sauce'),
      unit: 'g',
      parts: [part(text(kind.name), share(grams(base), kind.ratio * 100))],
      estimate: true,
      notes: [text('Begin with three quarters, look, add the rest by eye')],
    });
    return answer({
      figures: [
        sauce,
        figureOf({
          label: text('For a portion'),
          unit: 'g',
          parts: [byFormula(text('Divided'), text(`÷ ${plain(portions)}`), (base * kind.ratio) / portions, 'g')],
          estimate: true,
        }),
      ],
      limits: ['A thick sauce coats with less, a thin one runs through. Leaves must be dry, or the dressing slides off.'],
      sources: ['Grams of sauce for each gram: our own table from portions as commonly served'],
      cautions: [text('Name the allergens of the sauce: it reaches everything that it coats.')],
      lines: [{ item: 'sauce or dressing', amount: amountOf(sauce), note: `for ${plain(base)} g, ${kind.name}` }],
    });
  },
};

/** Share of a heap of cut vegetables that is air. @source loose packing of small pieces, 35 to 45 percent; 40 taken */
const AIR = 0.4;

/** How high liquid stands in a pan of vegetables, for a paste or a soup. */
export const level: Calculator = {
  name: 'Liquid in the pan',
  asks: 'How high does the liquid stand over vegetables that become a paste or a soup?',
  inputs: () => [
    number('solids', 'Vegetables, cut', 'g', [50, 100_000, 1000]),
    number('pan', 'Pan across', 'cm', [8, 120, 24]),
    choice(
      'wanted',
      'It becomes',
      {
        paste: 'a paste: half-way up',
        thick: 'a thick soup: level with them',
        soup: 'a soup: two fingers above',
        thin: 'a thin soup: a hand above',
      },
      'thick',
    ),
  ],
  compute: (given) => {
    const [solids, pan] = [given.number('solids'), given.number('pan')];
    const area = Math.PI * (pan / 2) ** 2;
    const height = solids / (1 - AIR) / area;
    const wanted = given.choice('wanted');
    const above = wanted === 'soup' ? 3 : wanted === 'thin' ? 8 : 0;
    const filled = wanted === 'paste' ? height / 2 : height;
    const liquid = figureOf({
      label: text('Liquid'),
      unit: 'ml',
      parts: [
        byFormula(text('Between the pieces'), text(`${plain(area, 0)} cm² × ${plain(filled, 1)} cm × 0.4`), area * filled * AIR, 'ml'),
        ...(above > 0 ? [byFormula(text('Above them'), text(`${plain(area, 0)} cm² × ${above} cm`), area * above, 'ml')] : []),
      ],
      estimate: true,
      notes: [text('Hold a fifth back when it is blended: it can be added, never taken out')],
    });
    return answer({
      figures: [
        liquid,
        figureOf({
          label: text('Stands this high from the bottom'),
          unit: 'millimetre',
          parts: [
            byFormula(
              text('In this pan'),
              text(`${plain(filled, 1)} cm of vegetables${above ? ` + ${above} cm` : ''}`),
              (filled + above) * 10,
              'millimetre',
            ),
          ],
          estimate: true,
        }),
      ],
      limits: ['For pieces of a centimetre or two that lie loosely; starchy ones drink more as they cook, leaves hardly any.'],
      sources: ['Volume of a cylinder; air between loose pieces about two fifths'],
      cautions: [
        height > pan * 1.2
          ? text('The vegetables stand higher than the pan is wide: take a larger one, or it boils over.')
          : text('Hot soup bursts out of a blender: jug a third full, lid vented, a cloth on top.'),
      ],
      lines: [{ item: 'stock or water', amount: amountOf(liquid), note: `in a pan ${plain(pan)} cm across` }],
    });
  },
};

/** Range in which a fat begins to smoke, °C; its milk solids brown earlier. @source ranges as printed in handbooks of frying, our own reading; they fall with every use */
const SMOKES: Readonly<Record<string, { readonly name: string; readonly from: number; readonly to: number; readonly solids?: true }>> = {
  butter: { name: 'butter', from: 150, to: 175, solids: true },
  clear: { name: 'clear butter', from: 200, to: 230 },
  olive: { name: 'olive oil, virgin', from: 165, to: 205 },
  'olive-refined': { name: 'olive oil, refined', from: 200, to: 240 },
  rapeseed: { name: 'rapeseed oil, refined', from: 200, to: 230 },
  'rapeseed-cold': { name: 'rapeseed oil, cold-pressed', from: 130, to: 190 },
  sunflower: { name: 'sunflower oil, refined', from: 210, to: 235 },
  peanut: { name: 'peanut oil, refined', from: 220, to: 235 },
  coconut: { name: 'coconut fat, refined', from: 195, to: 230 },
  lard: { name: 'lard', from: 180, to: 205 },
  duck: { name: 'duck fat', from: 180, to: 195 },
  sesame: { name: 'sesame oil, toasted', from: 165, to: 180 },
};
const FATS = Object.fromEntries(Object.entries(SMOKES).map(([key, { name }]) => [key, name]));

/** Whether a fat or a mixture stands the heat that is asked for. */
export const smoke: Calculator = {
  name: 'Fat and its heat',
  asks: 'Does this fat, or this mixture, stand the heat that is asked for?',
  inputs: () => [
    number('heat', 'Heat asked for', '°C', [60, 260, 180]),
    choice('first', 'Fat', FATS, 'butter'),
    choice('second', 'Mixed with', { none: 'nothing', ...FATS }, 'none'),
  ],
  compute: (given, { rules }) => {
    const heat = given.number('heat');
    const first = SMOKES[given.choice('first')];
    const second = given.choice('second') === 'none' ? null : SMOKES[given.choice('second')];
    if (!first || second === undefined)
      return refuse(first ? 'second' : 'first', { code: 'no.not-offered' }, { code: 'do.choose-offered' });
    const both = second ? [first, second] : [first];
    const [from, to] = [Math.min(...both.map((fat) => fat.from)), Math.min(...both.map((fat) => fat.to))];
    const solids = both.some((fat) => fat.solids);
    const lowest = both.reduce((low, fat) => (fat.from < low.from ? fat : low));
    const name = both.map((fat) => fat.name).join(' and ');
    const limitOf = (label: string, celsius: number) =>
      figureOf({ label: text(label), unit: 'celsius', parts: [of(celsius, 'celsius', text(lowest.name))], estimate: true });
    return answer({
      figures: [limitOf('Begins to smoke, at the earliest', from), limitOf('Smokes at the latest', to)],
      limits: [
        'Of fresh fat. Every use, crumbs and salt bring it down; a mixture smokes like the part that smokes first.',
        ...(solids
          ? ['Oil does not protect butter: its milk solids brown from about 120 °C and burn from about 150 °C whatever is mixed in.']
          : []),
      ],
      sources: ['Ranges as printed in handbooks of frying, our own reading'],
      cautions: [
        heat >= to
          ? text(`${name} smokes and burns before it is that hot: take another fat, or less heat.`)
          : heat > from || (solids && heat > 150)
            ? text(`${name} is at its limit there: fresh fat, watched all the time, or another one.`)
            : text(`${name} stands that heat while it is fresh.`),
        text('Fat that smokes is taken off the heat; burning fat: lid on, heat off, never water.'),
      ],
      rules: heat > 150 && rules ? ['frying-fat'] : [],
      step: {
        text: `Heat the fat (${name}) and keep it below ${from} °C: it must not smoke.`,
        minutes: null,
        hands: 'on',
        caution: 'Burning fat: lid on, heat off, never water.',
      },
    });
  },
};
