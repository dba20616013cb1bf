import { measure, quotient } from '../figure';
import { amount } from '../quantity';
import { practiceOf } from '../practice';
import { text } from '../words';
import { figureOf, grams, less, of, part, plain, share } from './figures';
import { following } from './following';
import { answer, number, refuse, type Calculator } from './types';

/** Percent of salt over the water, by practice; field guide, 11. */
const BOILING: Readonly<Record<string, number>> = { light: 1, sea: 3 };

/** Salt for water that food is boiled in; by each practice where nobody has chosen. */
export const boiling: Calculator = {
  name: 'Salt in boiling water',
  asks: 'How much salt for this much water, by the practice in force?',
  inputs: ({ practices }) => {
    const chosen = BOILING[practices['boiling-salt'] ?? ''];
    return [
      number('water', 'Water', 'g', [100, 200_000, 4000], '1 litre is 1000 g; about a litre for 100 g of pasta'),
      number(
        'percent',
        'Salt',
        '%',
        chosen ? [0.1, 5, chosen] : [0.1, 5],
        chosen ? 'By the practice in force' : 'Nobody has chosen a practice: leave it empty to see them all',
      ),
      number('kept', 'Of it kept for a sauce', 'g', [0, 20_000], 'to see how much salt it brings along'),
    ];
  },
  compute: (given, { practices }) => {
    const [water, typed, kept] = [given.number('water'), given.optional('percent'), given.optional('kept')];
    if (kept !== null && kept > water) return refuse('kept', { code: 'no.kept-above-all' }, { code: 'do.at-most-all' });
    const percents = typed === null ? Object.values(BOILING) : [typed];
    const beside = (percent: number) => (percents.length > 1 ? measure(percent, 'percent') : null);
    const salt = percents.map((percent) =>
      figureOf({
        label: { code: 'calc.salt-at', percent: beside(percent) },
        unit: 'g',
        parts: [part({ code: 'calc.water' }, share(grams(water), percent))],
      }),
    );
    const brought = percents.map((percent) =>
      figureOf({
        label: { code: 'calc.salt-in-sauce', percent: beside(percent) },
        unit: 'g',
        parts: [
          part(
            { code: 'calc.water-kept' },
            quotient(share(grams(kept ?? 0), percent), of(100 + percent, 'percent', { code: 'calc.with-its-salt' }), 'g'),
          ),
        ],
        notes: [{ code: 'calc.season-after' }],
      }),
    );
    const [only] = percents.length === 1 ? percents : [];
    const chosen = practiceOf('boiling-salt', practices['boiling-salt'] ?? '');
    return answer({
      figures: [...salt, ...(kept ? brought : [])],
      limits: [
        'Weigh the salt: a spoon of coarse salt holds half as much as one of fine.',
        'Water boils away: a pot that has boiled for an hour is saltier than it began.',
        ...(percents.some((percent) => percent > 2) ? ['Above about 2 percent the water is too salty to go into a sauce.'] : []),
      ],
      sources: ['Percent by mass of the water: 1 percent is 10 g to the litre'],
      cautions: [text('Boiling water scalds: salt goes in before it boils over, the pot is carried by two hands with a clear way.')],
      practice: chosen
        ? { code: 'practice-in-force', matter: 'boiling-salt', practice: chosen.key }
        : { code: 'practice-open', matter: 'boiling-salt' },
      lines: only
        ? [
            { item: 'water', amount: amount(water, 'g'), note: 'to boil in', load: true },
            following(salt[0]!, 'fine salt', only, `${plain(only)} % of the water`),
          ]
        : [],
    });
  },
};

/** Salt for food by its weight, less what salty things in it bring. */
export const seasoning: Calculator = {
  name: 'Salt by weight',
  asks: 'How much salt seasons this much food?',
  inputs: () => [
    number('food', 'Food as it is eaten', 'g', [10, 200_000, 1000]),
    number('percent', 'Salt wanted', '%', [0.2, 2.5, 1], 'commonly 0.8 to 1.2; less for the very young and for those on a diet'),
    number('salty', 'Salty things in it', 'g', [0, 50_000], 'cheese, olives, stock, soy sauce'),
    number('strength', 'Salt in those', '%', [0, 40], 'on the packet: hard cheese about 2, soy sauce about 16'),
  ],
  compute: (given, { practices }) => {
    const [food, percent, salty, strength] = [
      given.number('food'),
      given.number('percent'),
      given.optional('salty'),
      given.optional('strength'),
    ];
    if ((salty ?? 0) > 0 !== (strength ?? 0) > 0)
      return refuse(salty ? 'strength' : 'salty', { code: 'no.half-of-salty' }, { code: 'do.both-or-neither' });
    if ((salty ?? 0) > food) return refuse('salty', { code: 'no.salty-above-food' }, { code: 'do.weigh-with-all' });
    const wanted = (food * percent) / 100;
    const there = ((salty ?? 0) * (strength ?? 0)) / 100;
    const enough = there >= wanted;
    const salt = figureOf({
      label: { code: 'calc.salt-to-add' },
      unit: 'g',
      parts: [
        part({ code: 'calc.food' }, share(grams(food), percent)),
        ...(there > 0 ? [less(part({ code: 'calc.less-brought' }, enough ? grams(wanted) : share(grams(salty!), strength!)))] : []),
      ],
      notes: [{ code: enough ? 'calc.salty-enough' : 'calc.begin-two-thirds' }],
    });
    const chosen = practiceOf('seasoning', practices.seasoning ?? '');
    return answer({
      figures: [salt],
      limits: [
        'Fat, cold and sweetness dull salt; acid lifts it: the tongue decides.',
        'What is reduced afterwards is seasoned afterwards.',
      ],
      sources: ['Percent by mass of the food; 0.8 to 1.2 percent as commonly taught'],
      cautions: [text('Some guests must not have salt: ask, and say what is in it. The responsible person decides.')],
      practice: chosen
        ? { code: 'practice-in-force', matter: 'seasoning', practice: chosen.key }
        : { code: 'practice-open-plain', matter: 'seasoning' },
      lines: enough
        ? []
        : [
            { item: 'food to season', amount: amount(food, 'g'), note: 'as it is eaten' },
            following(salt, 'fine salt', (percent * (wanted - there)) / wanted, `${plain(percent)} % of the food, then taste`),
          ],
    });
  },
};
