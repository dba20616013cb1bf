import { cutPieces, showCut, SHIPPED_CUT_SETS, type CutSet, type Vegetable } from '../cuts';
import { angleDrawing, sectionDrawing } from '../drawing';
import { exact } from '../exact';
import { measure, product, quotient, rounding, sum } from '../figure';
import { amount } from '../quantity';
import { shownOf, text } from '../words';
import { MATTER_SPECS } from '../practice';
import { byFormula, figureOf, of, part, plain } from './figures';
import { answer, choice, number, refuse, type Calculator, type CalculatorContext } from './types';

const ANGLES = MATTER_SPECS['edge-angle'].practices.map(({ key }) => Number(key));

/** Spine height that gives an angle on a stone. */
export const spine: Calculator = {
  name: 'Spine height on the stone',
  asks: 'How high over the stone is the spine, for the angle of the edge?',
  inputs: ({ practices }) => [
    number('blade', 'Width of the blade, edge to spine', 'mm', [5, 120, 45]),
    number('thickness', 'Thickness at the spine', 'mm', [0.5, 8, 2]),
    number(
      'angle',
      'Angle a side',
      '°',
      practices['edge-angle'] ? [5, 45, Number(practices['edge-angle'])] : [5, 45],
      practices['edge-angle'] ? 'By the practice in force' : 'Nobody has chosen a practice: leave it empty to see them all',
    ),
  ],
  compute: (given, { practices }) => {
    const [blade, thickness, typed] = [given.number('blade'), given.number('thickness'), given.optional('angle')];
    if (thickness >= blade) return refuse('thickness', 'The spine is thicker than the blade is wide.', 'Check the two measures.');
    const angles = typed === null ? ANGLES : [typed];
    const figures = angles.flatMap((angle) => {
      const radians = (angle * Math.PI) / 180;
      const middle = blade * Math.sin(radians);
      const under = (thickness / 2) * Math.cos(radians);
      const named = angles.length > 1 ? `, ${angle}°` : '';
      return [
        figureOf({
          label: `Underside of the spine over the stone${named}`,
          unit: 'millimetre',
          parts: [
            byFormula('Middle of the blade', `${plain(blade)} mm × sin ${plain(angle)}°`, middle, 'millimetre'),
            byFormula('Less half the spine', `${plain(thickness)} mm ÷ 2 × cos ${plain(angle)}°`, -under, 'millimetre'),
          ],
          notes: ['Stack coins or card to this height and rest the spine on them once: that is the feel of the angle'],
        }),
        ...(angles.length > 1
          ? []
          : [
              figureOf({
                label: 'Middle of the spine over the stone',
                unit: 'millimetre',
                parts: [byFormula('Right triangle', `${plain(blade)} mm × sin ${plain(angle)}°`, middle, 'millimetre')],
              }),
            ]),
      ];
    });
    const [first] = angles;
    return answer({
      figures,
      limits: [
        'For blades ground alike on both sides. A blade with one bevel lies on that bevel, whatever its angle.',
        'A blade that curves to its tip needs the handle lifted along the curve; the height is for the straight part.',
      ],
      sources: ['Right triangle: height = width × sine of the angle; half the spine lies below the middle of the blade'],
      cautions: ['Fingers stay off the edge; the stone lies on a damp cloth; wipe the blade away from the edge.'],
      practice: practices['edge-angle']
        ? `${practices['edge-angle']}° is the practice in force`
        : 'Nobody has chosen an edge angle for the school.',
      drawing: angleDrawing(first ?? 20),
      step:
        angles.length === 1
          ? {
              text: `Hone at ${plain(angles[0]!)}° a side: the underside of the spine ${shownOf(figures[0]!)} over the stone for a blade ${plain(blade)} mm wide.`,
              minutes: 5,
              hands: 'on',
            }
          : null,
    });
  },
};

const setOf = ({ cutSet }: CalculatorContext): CutSet => cutSet ?? SHIPPED_CUT_SETS[0]!;

/** Pieces of a named cut from a vegetable. */
export const pieces: Calculator = {
  name: 'Pieces and trim',
  asks: 'How many true pieces does a vegetable give, and how much is left as trim?',
  inputs: (context) => [
    choice(
      'cut',
      `Cut, ${setOf(context).name}`,
      Object.fromEntries(setOf(context).cuts.map((cut) => [cut.key, `${cut.name}, ${showCut(cut)}`])),
      setOf(context).cuts[0]?.key ?? '',
    ),
    choice(
      'shape',
      'Vegetable',
      { tapered: 'long and tapered, as a carrot', ball: 'round, as a turnip', block: 'already squared' },
      'tapered',
    ),
    number('length', 'Length, or diameter of a round one', 'mm', [5, 500, 160], 'after topping and peeling'),
    number('thick', 'Across at the thick end, or width', 'mm', [5, 300, 38]),
    number('thin', 'Across at the thin end, or height', 'mm', [1, 300, 18]),
    number('needed', 'Pieces needed', '', [1, 5000, 60]),
    number('weight', 'Weight of one, as bought', 'g', [1, 5000, 120], 'for the trim in grams'),
  ],
  compute: (given, context) => {
    const set = setOf(context);
    const cut = set.cuts.find(({ key }) => key === given.choice('cut'));
    if (!cut) return refuse('cut', `${set.name} has no such cut.`, 'Choose a cut of the set in force.');
    const [length, thick, thin] = [given.number('length'), given.number('thick'), given.number('thin')];
    const shape = given.choice('shape');
    if (shape === 'tapered' && thin > thick) return refuse('thin', 'The thin end is thicker than the thick one.', 'Change the two over.');
    const vegetable: Vegetable =
      shape === 'ball'
        ? { shape: 'ball', diameter: length }
        : shape === 'block'
          ? { shape: 'block', length, width: thick, height: thin }
          : { shape: 'tapered', length, thick, thin };
    const result = cutPieces(vegetable, cut);
    if (result.pieces > 20_000) return refuse('length', 'That is more than 20,000 pieces.', 'Check that all measures are millimetres.');
    if (result.pieces === 0)
      return refuse('cut', `Not one whole ${cut.name.toLowerCase()} of ${showCut(cut)} fits.`, 'Take a larger vegetable or a smaller cut.');
    const [needed, weight] = [given.number('needed'), given.number('weight')];
    const many = Math.ceil(needed / result.pieces);
    const percent = Math.round(result.used * 100);
    const each = figureOf({
      label: 'True pieces from one',
      unit: 'each',
      parts: result.lengths.map(({ across, columns }, index) =>
        sum(
          columns.map((pieces) => of(pieces, 'each')),
          'each',
          { said: text(`Length ${index + 1}, at least ${plain(across, 1)} mm across, plank by plank`) },
        ),
      ),
      estimate: true,
      notes: ['Straight planks, whole pieces only; a careful hand gets near it, a novice perhaps three quarters'],
    });
    const used = figureOf({
      label: 'In true pieces',
      unit: 'percent',
      parts: [
        byFormula(
          'Volume of the pieces over that of the vegetable',
          `${result.pieces} × ${plain(result.pieceVolume / 1000, 2)} ml ÷ ${plain(result.vegetableVolume / 1000, 1)} ml`,
          percent,
          'percent',
        ),
      ],
      estimate: true,
    });
    const trim = figureOf({
      label: 'Trim from all of them',
      unit: 'g',
      parts: [
        part(
          'What is not in a true piece',
          product([of(many, 'times'), of(weight, 'g'), of(Number((100 - result.used * 100).toFixed(3)), 'percent')], 'g'),
        ),
      ],
      estimate: true,
      notes: ['Clean trim goes to stock, soup or a puree; weigh it, it is the measure of the cutting'],
    });
    return answer({
      figures: [
        each,
        figureOf({
          label: `Needed for ${needed} pieces`,
          unit: 'each',
          parts: [
            rounding(quotient(of(needed, 'times'), of(result.pieces, 'times'), 'each'), exact(many), 'up', measure(1, 'each'), {
              said: text('Whole vegetables'),
            }),
          ],
          estimate: true,
        }),
        used,
        trim,
      ],
      limits: ['The vegetable is taken as straight, round and peeled; a crooked one gives less.'],
      sources: ['Chords of the circle at the edge of each plank; volumes of a truncated cone, a ball, a block'],
      cautions: ['Round vegetables roll: make a flat side first.'],
      drawing: sectionDrawing(result, cut, shape !== 'block'),
      practice: `Sizes of "${set.name}"`,
      lines: [
        {
          item: 'vegetables to cut',
          amount: { ...amount(Math.round(needed * (weight / result.pieces) * result.used), 'g'), about: true },
          preparation: `${cut.name.toLowerCase()}, ${showCut(cut)}`,
          note: `${needed} pieces, ${result.pieces} from one`,
          yields: [{ kind: 'trim', fraction: `${Math.max(1, percent)}/100` }],
        },
      ],
    });
  },
};
