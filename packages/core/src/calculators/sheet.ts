import { exact } from '../exact';
import { measure, quotient, rounding } from '../figure';
import { amount } from '../quantity';
import { text } from '../words';
import { byFormula, figureOf, of, part, plain } from './figures';
import { answer, choice, number, refuse, type Calculator } from './types';

/** Grams in a millilitre of dough. @source a working estimate of ours, not measured; weigh a piece to know */
const DENSITY = 1.2;
/** Of the scraps of one rolling, what the next gives again. @source a working estimate of ours, not measured: edges dry and dough tightens */
const ROLLED_AGAIN = 0.75;

interface Cutter {
  readonly round: boolean;
  readonly across: number;
  readonly along: number;
}

const areaOf = ({ round, across, along }: Cutter) => (round ? (Math.PI * across * across) / 4 : across * along);

/**
 * Pieces that a cutter takes out of a sheet: in rows, or for rounds in staggered rows where those hold more.
 *
 * @source plane geometry: staggered rows of circles lie √3/2 of a diameter apart
 * @example piecesOfSheet({ width: 300, length: 400 }, { round: true, across: 80, along: 80 }, 5) // 15: 3 × 4 in rows, 5 rows of 3 staggered
 */
export function piecesOfSheet(sheet: { readonly width: number; readonly length: number }, cutter: Cutter, gap: number): number {
  const fit = (room: number, size: number) => Math.max(0, Math.floor((room + gap + 1e-9) / (size + gap)));
  const inRows = (wide: number, long: number) => fit(wide, cutter.across) * fit(long, cutter.along);
  const straight = Math.max(inRows(sheet.width, sheet.length), inRows(sheet.length, sheet.width));
  if (!cutter.round) return straight;
  const staggered = (wide: number, long: number) => {
    const pitch = cutter.across + gap;
    const full = fit(wide, cutter.across);
    if (full === 0 || long < cutter.across) return 0;
    const rows = 1 + Math.floor((long - cutter.across + 1e-9) / (pitch * (Math.sqrt(3) / 2)));
    // Every second row is moved by half a pitch, and holds one less where that runs over the edge.
    const moved = fit(wide - pitch / 2, cutter.across);
    return Math.ceil(rows / 2) * full + Math.floor(rows / 2) * moved;
  };
  return Math.max(straight, staggered(sheet.width, sheet.length), staggered(sheet.length, sheet.width));
}

/** How far a count can be believed, by form. */
const LIMIT_OF = {
  sheet: 'Rested dough shrinks when it is cut: roll it a little larger. A tight one gives fewer when it is rolled again; rest it first.',
  roll: 'Cold and firm it slices cleanly; the ends are narrower and give less.',
  mould: 'What sticks to bowl and bag is not in a mould: the last one is often short. Set firm, it unmoulds cleanly.',
} as const;

/** Pieces from a sheet, a roll or moulds: as a range, beside what makings really gave. */
export const sheet: Calculator = {
  name: 'Pieces from a batch',
  asks: 'How many pieces does a batch give, rolled out, sliced or moulded, and how many batches for these plates?',
  inputs: () => [
    choice('form', 'It is', { sheet: 'rolled out and cut', roll: 'a roll that is sliced', mould: 'filled into moulds' }, 'sheet'),
    number('mass', 'One batch weighs', 'g', [1, 100_000, 600]),
    number('thick', 'Rolled to, or slice', 'mm', [0.5, 100, 3]),
    number('width', 'Sheet wide, or roll across', 'mm', [10, 2000, 300], 'for a sheet, as wide as it is rolled'),
    choice('cutter', 'Cutter', { round: 'round', square: 'square or oblong' }, 'round'),
    number('across', 'Cutter across', 'mm', [5, 600, 80]),
    number('along', 'Cutter along', 'mm', [5, 600], 'for an oblong one'),
    number('gap', 'Between pieces, or blade', 'mm', [0, 50, 3]),
    number('ends', 'Lost at each edge or end', 'mm', [0, 100, 5]),
    number('again', 'Rolled again', 'times', [0, 4, 1]),
    number('each', 'Filling or mould holds', 'g', [0, 5000, 0], 'a piece'),
    number('plates', 'Pieces needed', '', [1, 5000, 48]),
    number('gave', 'A batch really gave', 'pieces', [1, 5000], 'what you counted last time'),
  ],
  compute: (given) => {
    const [mass, thick, width, gap, ends] = [
      given.number('mass'),
      given.number('thick'),
      given.number('width'),
      given.number('gap'),
      given.number('ends'),
    ];
    const [form, each] = [given.choice('form'), given.number('each')];
    const across = given.number('across');
    const cutter: Cutter = {
      round: given.choice('cutter') !== 'square',
      across,
      along: given.choice('cutter') === 'square' ? (given.optional('along') ?? across) : across,
    };
    if (form === 'mould' && each === 0) return refuse('each', { code: 'no.mould-unweighed' }, { code: 'do.weigh-one' });
    const volume = (mass / DENSITY) * 1000;
    const length = form === 'roll' ? volume / ((Math.PI * width * width) / 4) : volume / thick / width;
    const first =
      form === 'mould'
        ? Math.floor(mass / each)
        : form === 'roll'
          ? Math.max(0, Math.floor((length - 2 * ends + gap + 1e-9) / (thick + gap)))
          : piecesOfSheet({ width: width - 2 * ends, length: length - 2 * ends }, cutter, gap);
    if (first === 0) return refuse(form === 'sheet' ? 'across' : 'mass', { code: 'no.no-piece' }, { code: 'do.larger-or-thinner' });
    const rolled = form === 'sheet' ? rerolled({ area: width * length, cutter, gap, first, again: given.number('again') }) : [];
    const most = first + rolled.reduce((all, count) => all + count, 0);
    const gave = given.optional('gave');
    const least = Math.min(first, gave ?? first);
    const top = Math.max(most, gave ?? most);
    const plates = given.number('plates');
    const batches = Math.ceil(plates / least);
    const scraps = form === 'sheet' ? Math.max(0, mass - (most * areaOf(cutter) * thick * DENSITY) / 1000) : 0;
    const size = measure(Number(length.toFixed(0)), 'millimetre');
    return answer({
      figures: [
        figureOf({
          label: { code: 'calc.pieces-at-least' },
          unit: 'each',
          parts: [
            byFormula(
              { code: form === 'sheet' ? 'calc.first-rolling' : form === 'roll' ? 'calc.slices-of' : 'calc.moulds-of' },
              { code: 'calc.batch-measures', length: size, width: measure(width, 'millimetre') },
              least,
              'each',
            ),
          ],
          estimate: true,
          notes: gave === null ? [{ code: 'calc.count-and-note' }] : [{ code: 'calc.gave-counts', gave, computed: first }],
        }),
        figureOf({
          label: { code: 'calc.pieces-at-most' },
          unit: 'each',
          parts: [
            part({ code: 'calc.first-rolling' }, of(first, 'each')),
            ...rolled.map((count, index) => part({ code: 'calc.rolled-again', time: index + 1 }, of(count, 'each'))),
            ...(top > most ? [part({ code: 'calc.more-really-given' }, of(top - most, 'each'))] : []),
          ],
          estimate: true,
        }),
        figureOf({
          label: { code: 'calc.batches-for', pieces: plates },
          unit: 'times',
          parts: [
            rounding(quotient(of(plates, 'each'), of(least, 'each'), 'times'), exact(batches), 'up', measure(1, 'times'), {
              said: { code: 'calc.whole-batches' },
            }),
          ],
          estimate: true,
        }),
        ...(scraps > 0
          ? [
              figureOf({
                label: { code: 'calc.scraps' },
                unit: 'g',
                parts: [part({ code: 'calc.not-in-a-piece' }, of(Number(scraps.toFixed(1)), 'g'))],
                estimate: true,
              }),
            ]
          : []),
        ...(form !== 'mould' && each > 0
          ? [
              figureOf({
                label: { code: 'calc.filling-in-all' },
                unit: 'g',
                parts: [part({ code: 'calc.pieces-by-filling' }, of(plates * each, 'g'))],
              }),
            ]
          : []),
      ],
      limits: [
        ...(least === top ? [] : [`Planned by the lower end: ${least} to ${top} a batch.`]),
        LIMIT_OF[form as keyof typeof LIMIT_OF],
      ],
      sources: ['Plane geometry; the density of dough and what scraps give again are our own estimates'],
      cautions: [text('Cutters and blades are pressed from above, fingers behind the edge. Filled pieces that wait are kept cold.')],
      lines: [
        {
          item: form === 'mould' ? 'mass to mould' : 'dough',
          amount: amount(Number((mass * batches).toFixed(0)), 'g', true),
          note: `${plain(batches)} batches, ${least === top ? top : `${least} to ${top}`} pieces each`,
        },
      ],
    });
  },
};

/** Pieces of each further rolling of the scraps. */
function rerolled({
  area,
  cutter,
  gap,
  first,
  again,
}: {
  area: number;
  cutter: Cutter;
  gap: number;
  first: number;
  again: number;
}): readonly number[] {
  const cell = (cutter.across + gap) * ((cutter.round ? cutter.across : cutter.along) + gap);
  const counts: number[] = [];
  let left = area - first * areaOf(cutter);
  for (let time = 0; time < again; time += 1) {
    const count = Math.floor((left * ROLLED_AGAIN) / cell);
    if (count === 0) break;
    counts.push(count);
    left -= count * areaOf(cutter);
  }
  return counts;
}
