import { measure, quotient } from '../figure';
import { amount } from '../quantity';
import { text } from '../words';
import { amountOf, byFormula, figureOf, numberOf, of, part, plain, share } from './figures';
import { answer, choice, number, refuse, type Calculator } from './types';

/** Percent of gelatine of 200 bloom over the liquid, by how firm it sets. @source our own table from common formulas, 0.6 to 2.2 percent */
const FIRMNESS: Readonly<Record<string, { readonly name: string; readonly percent: number }>> = {
  trembling: { name: 'just holds, in the glass', percent: 0.6 },
  spoon: { name: 'set to the spoon', percent: 0.9 },
  turned: { name: 'can be turned out', percent: 1.4 },
  cut: { name: 'can be cut into cubes', percent: 2.2 },
};

/** Trade grades of leaves: bloom and grams of one. @source grades as commonly sold; check the packet */
const GRADES: Readonly<Record<string, { readonly name: string; readonly bloom: number; readonly leaf: number }>> = {
  bronze: { name: 'bronze leaves, 140 bloom', bloom: 140, leaf: 3.3 },
  silver: { name: 'silver leaves, 160 bloom', bloom: 160, leaf: 2.5 },
  gold: { name: 'gold leaves, 200 bloom', bloom: 200, leaf: 2 },
  platinum: { name: 'platinum leaves, 240 bloom', bloom: 240, leaf: 1.7 },
  powder: { name: 'powder, by its bloom', bloom: 0, leaf: 0 },
};

/** Share of its strength that gelatine loses in a minute at the boil, and at most. @source our own guess within what makers say, a quarter to one percent; unsure */
const LOST_A_MINUTE = 0.005;
const MOST_LOST = 0.5;

/** Gelatine by its strength and the firmness wanted. */
export const gel: Calculator = {
  name: 'Gelatine',
  asks: 'How much gelatine of this strength sets this much liquid this firm?',
  inputs: () => [
    number('liquid', 'Liquid to set', 'ml', [10, 50_000, 500], 'all of it, cream and puree too'),
    choice('firmness', 'Firmness', Object.fromEntries(Object.entries(FIRMNESS).map(([key, { name }]) => [key, name])), 'turned'),
    choice('grade', 'Gelatine', Object.fromEntries(Object.entries(GRADES).map(([key, { name }]) => [key, name])), 'gold'),
    number('bloom', 'Bloom of the powder', '', [50, 300], 'on the packet; for powder only'),
    number('alcohol', 'Alcohol in the liquid', '%', [0, 60, 0]),
    number('boiled', 'Minutes it boils once it is in', 'min', [0, 120, 0], 'better none'),
    number('brings', 'Gelatine a stock brings, of each 100 ml', 'g', [0, 5, 0], 'from bones: what set without any'),
  ],
  compute: (given) => {
    const [firmness, grade] = [FIRMNESS[given.choice('firmness')], GRADES[given.choice('grade')]];
    if (!firmness || !grade) return refuse('grade', { code: 'no.not-offered' }, { code: 'do.choose-offered' });
    const typed = given.optional('bloom');
    if (grade.bloom === 0 && typed === null) return refuse('bloom', { code: 'no.no-bloom' }, { code: 'do.type-bloom' });
    const bloom = grade.bloom || typed!;
    const [liquid, alcohol] = [given.number('liquid'), given.number('alcohol')];
    if (alcohol > 40) return refuse('alcohol', { code: 'no.too-much-alcohol', most: measure(40, 'percent') }, { code: 'do.dilute' });
    const standard = (liquid * firmness.percent) / 100;
    const strength = Math.sqrt(200 / bloom);
    const bare = standard * strength * (1 + (alcohol > 10 ? alcohol / 100 : 0));
    const [boiled, brings] = [given.number('boiled'), given.number('brings')];
    const boiledAway = bare * (1 / (1 - Math.min(MOST_LOST, boiled * LOST_A_MINUTE)) - 1);
    const brought = Math.min(bare + boiledAway, (liquid * brings) / 100);
    const grams = figureOf({
      label: { code: 'calc.gelatine' },
      unit: 'g',
      parts: [
        part({ code: 'calc.at-200-bloom', name: firmness.name }, share(of(liquid, 'g'), firmness.percent)),
        byFormula({ code: 'calc.for-bloom', bloom }, { code: 'calc.by-bloom', bloom }, standard * (strength - 1), 'g'),
        ...(alcohol > 10 ? [part({ code: 'calc.for-the-alcohol' }, share(of(standard * strength, 'g'), alcohol))] : []),
        ...(boiled > 0
          ? [byFormula(text('For the boiling'), text(`÷ (1 − ${plain(boiled)} min × half a percent) − 1`), boiledAway, 'g')]
          : []),
        ...(brings > 0
          ? [byFormula(text('Less what the stock brings'), text(`${plain(liquid)} ml × ${plain(brings)} g ÷ 100 ml`), -brought, 'g')]
          : []),
      ],
      estimate: true,
      notes: [{ code: 'calc.try-on-plate' }],
    });
    const exactGrams = Math.max(0, bare + boiledAway - brought);
    const leaves = grade.leaf
      ? figureOf({
          label: { code: 'calc.leaves' },
          unit: 'leaf',
          parts: [
            part(
              { code: 'calc.named', name: grade.name },
              quotient(of(exactGrams, 'g'), of(grade.leaf, 'g', { code: 'calc.a-leaf' }), 'leaf'),
            ),
          ],
          estimate: true,
          notes: [{ code: 'calc.weigh-leaves' }],
        })
      : null;
    // Leaf for leaf: grades are cut so that a leaf of each sets about alike, whatever it weighs.
    const leafForLeaf = grade.leaf
      ? figureOf({
          label: text('Leaves, if a leaf of each grade is taken for alike'),
          unit: 'leaf',
          parts: [
            part(
              text('As of gold leaves'),
              quotient(of(exactGrams / strength, 'g'), of(GRADES.gold!.leaf, 'g', { code: 'calc.a-leaf' }), 'leaf'),
            ),
          ],
          estimate: true,
        })
      : null;
    return answer({
      figures: [grams, ...(leaves ? [leaves] : []), ...(leafForLeaf ? [leafForLeaf] : [])],
      limits: [
        'Kiwi, papaya, fig, ginger and other raw fruit with protein-cutting enzymes keep it from setting: heat the fruit first.',
        'Acid and salt soften it: below about pH 4, as with lemon or vinegar, try half as much again. Boiling weakens it; it firms for a day in the cold.',
        'How much boiling takes away is little known: half a percent a minute is our guess, between a quarter and one; best it never boils.',
        'What a stock brings is seen on a cold plate, not computed: chill a spoonful without gelatine first.',
        'From animals: not for vegetarians, and some guests ask which animal.',
      ],
      sources: [
        'Firmness grows about with bloom times the square of the concentration, so the amount goes by the square root of the bloom',
        'Firmness in percent: our own table',
        'What alcohol and acid take away: our own rule of thumb, without a source; try it on a plate',
      ],
      cautions: [text('Set and kept cold; what is unset stands in the danger zone: chill at once.')],
      rules: ['cold-holding', 'chilled-life'],
      lines: [
        { item: 'liquid to set', amount: amount(liquid, 'ml'), note: 'all of it' },
        {
          item: `gelatine, ${bloom} bloom`,
          amount: amountOf(grams),
          note: `${firmness.name}${leaves ? `, about ${plain(numberOf(leaves), 1)} leaves` : ''}`,
        },
      ],
    });
  },
};
