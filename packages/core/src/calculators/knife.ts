import { cutPieces, isRound, showCut, SHIPPED_CUT_SETS, type CutSet, type Vegetable } from '../cuts';
import { angleDrawing, sectionDrawing } from '../drawing';
import { exact } from '../exact';
import { measure, product, quotient, rounding, sum } from '../figure';
import { amount } from '../quantity';
import { shownOf, text } from '../words';
import { MATTER_SPECS } from '../practice';
import { byFormula, figureOf, of, part, plain } from './figures';
import { answer, choice, number, refuse, type Calculator, type CalculatorContext } from './types';

const ANGLES = MATTER_SPECS['edge-angle'].practices.map(({ key }) => Number(key));

/** The angle that a spacer under the spine gives; the other way round of `spine`. */
export const angle: Calculator = {
  name: 'Angle of a spacer',
  asks: 'Which angle does a stack of coins or card under the spine give?',
  inputs: () => [
    number('blade', 'Width of the blade, edge to spine', 'mm', [5, 120, 45]),
    number('thickness', 'Thickness at the spine', 'mm', [0.5, 8, 2]),
    number('height', 'Height of the spacer', 'mm', [0.5, 60, 14.5]),
  ],
  compute: (given) => {
    const [blade, thickness, height] = [given.number('blade'), given.number('thickness'), given.number('height')];
    if (thickness >= blade) return refuse('thickness', { code: 'no.thicker-than-wide' }, { code: 'do.check-measures' });
    // The underside lies at w sin a − (t ÷ 2) cos a = R sin(a − φ).
    const [reach, lean] = [Math.hypot(blade, thickness / 2), Math.atan2(thickness / 2, blade)];
    const found = ((Math.asin(Math.min(1, height / reach)) + lean) * 180) / Math.PI;
    if (height >= reach || found > STEEPEST)
      return refuse('height', text(`This spacer gives more than ${STEEPEST}°, which is no edge.`), { code: 'do.check-measures' });
    return answer({
      figures: [
        figureOf({
          label: text('Angle a side'),
          unit: 'degree',
          parts: [
            byFormula(
              text('Right triangle'),
              text(
                `arcsin(${plain(height)} ÷ √(${plain(blade)}² + ${plain(thickness / 2)}²)) + arctan(${plain(thickness / 2)} ÷ ${plain(blade)})`,
              ),
              found,
              'degree',
            ),
          ],
          notes: [{ code: 'calc.feel-the-angle' }],
        }),
      ],
      limits: ['For blades ground alike on both sides, laid on the spacer by the edge of the spine.'],
      sources: ['Right triangle, the other way round: the underside lies at width × sine − half the spine × cosine'],
      cautions: [text('Edge away from the body, fingers off the edge, the stone on a damp cloth.')],
      step: {
        text: `Set the edge at ${plain(found, 0)}° a side, on ${plain(height, 1)} mm of spacer under the spine.`,
        minutes: null,
        hands: 'on',
      },
    });
  },
};

/** Steeper than this nothing is cut with. @source our own */
const STEEPEST = 45;

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
    if (thickness >= blade) return refuse('thickness', { code: 'no.thicker-than-wide' }, { code: 'do.check-measures' });
    const angles = typed === null ? ANGLES : [typed];
    const figures = angles.flatMap((angle) => {
      const radians = (angle * Math.PI) / 180;
      const middle = blade * Math.sin(radians);
      const under = (thickness / 2) * Math.cos(radians);
      const [wide, at] = [measure(blade, 'millimetre'), measure(angle, 'degree')];
      return [
        figureOf({
          label: { code: 'calc.spine-underside', angle: angles.length > 1 ? at : null },
          unit: 'millimetre',
          parts: [
            byFormula({ code: 'calc.blade-middle' }, { code: 'calc.sine', length: wide, angle: at }, middle, 'millimetre'),
            byFormula(
              { code: 'calc.less-half-spine' },
              { code: 'calc.half-cosine', length: measure(thickness, 'millimetre'), angle: at },
              -under,
              'millimetre',
            ),
          ],
          notes: [{ code: 'calc.feel-the-angle' }],
        }),
        ...(angles.length > 1
          ? []
          : [
              figureOf({
                label: { code: 'calc.spine-middle' },
                unit: 'millimetre',
                parts: [byFormula({ code: 'calc.right-triangle' }, { code: 'calc.sine', length: wide, angle: at }, middle, 'millimetre')],
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
      cautions: [text('Fingers stay off the edge; the stone lies on a damp cloth; wipe the blade away from the edge.')],
      practice: practices['edge-angle']
        ? { code: 'practice-in-force', matter: 'edge-angle', practice: practices['edge-angle'] }
        : { code: 'practice-open', matter: 'edge-angle' },
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

/** More than this means that a measure was typed in another unit. */
const MOST_PIECES = 20_000;

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
    number('weight', 'Weight of one', 'g', [1, 5000, 120], 'topped and peeled, as it was measured'),
  ],
  compute: (given, context) => {
    const set = setOf(context);
    const cut = set.cuts.find(({ key }) => key === given.choice('cut'));
    if (!cut) return refuse('cut', { code: 'no.no-such-cut', set: set.name }, { code: 'do.choose-cut' });
    const [length, thick, thin] = [given.number('length'), given.number('thick'), given.number('thin')];
    const shape = given.choice('shape');
    if (shape === 'tapered' && thin > thick) return refuse('thin', { code: 'no.ends-swapped' }, { code: 'do.swap-ends' });
    const vegetable: Vegetable =
      shape === 'ball'
        ? { shape: 'ball', diameter: length }
        : shape === 'block'
          ? { shape: 'block', length, width: thick, height: thin }
          : { shape: 'tapered', length, thick, thin };
    const result = cutPieces(vegetable, cut);
    if (result.pieces > MOST_PIECES)
      return refuse('length', { code: 'no.too-many-pieces', most: MOST_PIECES }, { code: 'do.check-millimetres' });
    if (result.pieces === 0)
      return refuse(
        'cut',
        { code: 'no.nothing-fits', cut: `${cut.name.toLowerCase()} of ${showCut(cut)}` },
        { code: 'do.larger-or-smaller' },
      );
    const [needed, weight] = [given.number('needed'), given.number('weight')];
    const many = Math.ceil(needed / result.pieces);
    const percent = Math.round(result.used * 100);
    const each = figureOf({
      label: { code: 'calc.true-pieces' },
      unit: 'each',
      parts: result.lengths.map(({ across, columns }, index) =>
        sum(
          columns.map((pieces) => of(pieces, 'each')),
          'each',
          { said: { code: 'calc.plank-by-plank', length: index + 1, across: measure(Number(across.toFixed(1)), 'millimetre') } },
        ),
      ),
      estimate: true,
      notes: [{ code: 'calc.careful-hand' }],
    });
    const used = figureOf({
      label: { code: 'calc.in-true-pieces' },
      unit: 'percent',
      parts: [
        byFormula(
          { code: 'calc.volume-of-pieces' },
          {
            code: 'calc.pieces-by-volume',
            pieces: result.pieces,
            each: measure(Number((result.pieceVolume / 1000).toFixed(2)), 'ml'),
            whole: measure(Number((result.vegetableVolume / 1000).toFixed(1)), 'ml'),
          },
          percent,
          'percent',
        ),
      ],
      estimate: true,
    });
    const trim = figureOf({
      label: { code: 'calc.trim-of-all' },
      unit: 'g',
      parts: [
        part(
          { code: 'calc.not-in-a-piece' },
          product([of(many, 'times'), of(weight, 'g'), of(Number((100 - result.used * 100).toFixed(3)), 'percent')], 'g'),
        ),
      ],
      estimate: true,
      notes: [{ code: 'calc.use-the-trim' }],
    });
    return answer({
      figures: [
        each,
        figureOf({
          label: { code: 'calc.needed-for', pieces: needed },
          unit: 'each',
          parts: [
            rounding(quotient(of(needed, 'times'), of(result.pieces, 'times'), 'each'), exact(many), 'up', measure(1, 'each'), {
              said: { code: 'calc.whole-vegetables' },
            }),
          ],
          estimate: true,
        }),
        used,
        trim,
      ],
      limits: ['The vegetable is taken as straight, round and peeled; a crooked one gives less.'],
      sources: ['Chords of the circle at the edge of each plank; volumes of a truncated cone, a ball, a block'],
      cautions: [text('Round vegetables roll: make a flat side first.')],
      ...(isRound(cut.shape) ? {} : { drawing: sectionDrawing(result, cut, shape !== 'block') }),
      practice: { code: 'sizes-of', set: set.name },
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
