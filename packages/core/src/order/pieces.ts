import { exact, exactText, showFraction, ZERO, type Exact } from '../exact';
import { figure, given, labelled, measure, product, relation, rounding, sum, type Figure, type Measure, type Working } from '../figure';
import { isMissingFact, itemKey, LEFT_BY, piecesFor, toGrams, type FactBook, type Piece } from '../ingredients';
import { roundForKitchen, unitOf, type UnitCode } from '../quantity';
import { text, type Said } from '../words';
import type { Contribution } from './contributions';
import { shareOut } from './shareOut';

/** Lines that are bought as pieces of one kind, over all makings of a lesson: rounded together. */
export interface PieceGroup {
  /** The ingredient that is bought. */
  readonly buyKey: string;
  readonly item: string;
  readonly unit: UnitCode;
  readonly contributions: readonly Contribution[];
  /** What adds up to the pieces that are bought: the lines, then what rounding and sharing change. */
  readonly workings: readonly Working[];
  readonly notes: readonly Said[];
  /** Worked out when trays are asked for: an order has no use for them. */
  readonly onTrays: () => readonly PieceOnTray[];
}

/** Pieces on some trays of one kind. */
export interface PieceOnTray {
  readonly lines: readonly Contribution[];
  readonly from: number;
  readonly to: number;
  readonly figure: Figure;
}

/** What is counted in pieces, or bought as the piece it is a part of. */
export const isPiece = ({ piece, part }: Contribution): boolean => piece !== null || part !== null;

/** What a line is bought as: the whole of which it is a part, or itself. */
export const buyKeyOf = ({ part, line }: Contribution, book: FactBook): string => itemKey(part?.whole ?? line.item, book);

/** Pieces of one kind: of one ingredient, one unit, one size and one stated weight. */
function kindOf(contribution: Contribution, book: FactBook): string {
  const { line, unit, part } = contribution;
  return [buyKeyOf(contribution, book), part ? 'each' : unit, sortOf(line)].join('|');
}

/** Size, and what one weighs as the line says: pieces that differ in these are not added up as pieces. */
export const sortOf = ({ size, one, oneIs }: Contribution['line']): string =>
  [size, one ? `${one.min}-${one.max} ${one.unit}` : '', oneIs].join('|');

/** Which tray a contribution lies on: one kind for each kind of making, and one for what stands ready of a component. */
export const trayOf = ({ editionId, making }: Pick<Contribution, 'editionId' | 'making'>): string =>
  `${editionId} ${making.by}${making.separateFor ? ' separate' : ''}${making.standsReady ? ` ready ${making.standsReady}` : ''}`;
const isCounted = ({ unit }: Contribution) => unitOf(unit).dimension === 'count';
const countOf = ({ from, to }: { readonly from: number; readonly to: number }) => to - from;

/** A line as it is given out: a wedge is not cut again, so each making has whole ones. */
const givenOut = ({ each, part, piece }: Contribution): Working =>
  part?.use === 'cut' && piece === 'whole'
    ? rounding(each, exact(each.value.value).ceil(), 'up', measure(1, each.value.unit as UnitCode))
    : each;

/** Pieces of one line in one making, in wholes. */
const piecesOf = (contribution: Contribution): Exact => exact(givenOut(contribution).value.value).mul(contribution.part?.pieces ?? 1);

/** Wedges and slices of several makings come from one piece. */
const wayOf = ({ piece, part }: Contribution): Piece => (part?.use === 'cut' ? 'shared' : (piece ?? 'weighed'));

/** Equal makings of one tray that hold the same lines. */
interface Slice {
  readonly from: number;
  readonly to: number;
  readonly lines: readonly Contribution[];
  readonly piece: Piece;
  /** Pieces each of them takes, before rounding. */
  readonly need: Exact;
}

function slicesOf(contributions: readonly Contribution[]): readonly Slice[] {
  const trays = new Map<string, Contribution[]>();
  for (const contribution of contributions) {
    const tray = trays.get(trayOf(contribution));
    if (tray) tray.push(contribution);
    else trays.set(trayOf(contribution), [contribution]);
  }
  return [...trays.values()].flatMap((lines) => {
    const [first] = lines;
    const alike = lines.every(({ from, to }) => from === first!.from && to === first!.to);
    const cuts = alike ? [first!.from, first!.to] : [...new Set(lines.flatMap(({ from, to }) => [from, to]))].sort((a, b) => a - b);
    return cuts.slice(1).flatMap((to, index): Slice[] => {
      const from = cuts[index]!;
      const inside = alike ? lines : lines.filter((line) => line.from <= from && line.to >= to);
      if (inside.length === 0) return [];
      const need = piecesFor(inside.map((line) => ({ use: line.part?.use ?? 'flesh', pieces: piecesOf(line) })));
      return [{ from, to, lines: inside, piece: strictest(inside), need }];
    });
  });
}

/** The strictest way in which any of them is given out. */
function strictest(lines: readonly Contribution[]): Piece {
  const ways = new Set(lines.map(wayOf));
  return ways.has('whole') ? 'whole' : ways.has('shared') ? 'shared' : 'weighed';
}

const total = (slices: readonly Slice[], each: (slice: Slice) => Exact): Exact =>
  slices.reduce((all, slice) => all.add(each(slice).mul(countOf(slice))), ZERO);

const wholeOnes = (slices: readonly Slice[]): Exact => total(slices, ({ need }) => need.ceil());

/** Pieces that are cut for what is shared. */
const cutFor = (slices: readonly Slice[]): number =>
  slices.length === 0 ? 0 : shareOut(slices.map((slice) => ({ count: countOf(slice), each: slice.need })));

/** The groups of some contributions that are pieces, each with its rounding. */
export function pieceGroups(contributions: readonly Contribution[], book: FactBook): readonly PieceGroup[] {
  const groups = new Map<string, Contribution[]>();
  for (const contribution of contributions) {
    const key = kindOf(contribution, book);
    const group = groups.get(key);
    if (group) group.push(contribution);
    else groups.set(key, [contribution]);
  }
  return [...groups.values()].map((group) => groupOf(group, book));
}

function groupOf(contributions: readonly Contribution[], book: FactBook): PieceGroup {
  const first = contributions[0]!;
  const slices = slicesOf(contributions);
  const unit: UnitCode = first.part ? 'each' : first.unit;
  // Where every line is alone in its making, it is rounded in its own row, which reads best.
  const alone = slices.every(({ lines, piece }) => lines.length === 1 && piece === 'whole');
  const rows = contributions.map((contribution) => rowOf(contribution, unit, alone));
  const shown = rows.reduce((all, { value }) => all.add(exact(value.value)), ZERO);
  // All makings together: whole ones in each, parts cut out of shared ones, the rest added up.
  const of = (way: Piece) => slices.filter(({ piece }) => piece === way);
  const cut = cutFor(of('shared'));
  const bought = wholeOnes(of('whole'))
    .add(cut)
    .add(total(of('weighed'), ({ need }) => need));
  const buyKey = buyKeyOf(first, book);
  return {
    buyKey,
    item: contributions.find(({ line }) => itemKey(line.item, book) === buyKey)?.line.item ?? first.part!.whole,
    unit,
    contributions,
    workings: alone ? rows : [...rows, ...adjustments(slices, { shown, bought, cut, unit })],
    notes: [...otherChoice(slices, bought), ...leftOver(contributions, slices)],
    onTrays: () => slices.filter(({ lines }) => lines.some(isCounted)).map((slice) => onTray(slice, unit, book)),
  };
}

/** What a line adds, by its makings. */
function rowOf(contribution: Contribution, unit: UnitCode, rounded: boolean): Working {
  const { reference, called, line } = contribution;
  const pieces = inPieces(contribution, unit);
  const whole = rounded ? rounding(pieces, exact(pieces.value.value).ceil(), 'up', measure(1, unit)) : pieces;
  return product([given(measure(countOf(contribution), 'making')), whole], unit, {
    from: reference,
    said: called,
    by: { code: 'scaling', kind: line.scaling.kind },
  });
}

/** A line in the wholes it is taken of: a yolk is an egg, 45 ml of juice a lemon. */
function inPieces(contribution: Contribution, unit: UnitCode): Working {
  const { part } = contribution;
  const each = givenOut(contribution);
  if (each.value.unit === unit && part?.use !== 'cut') return each;
  const ratio = part!.pieces;
  const few = ratio.compare(1) < 0;
  const by = given(measure(few ? exact(1).div(ratio) : ratio, few ? each.value.unit : 'times'), {
    said: { code: 'of-one', item: part!.whole },
  });
  return ratio.equals(1) ? product([each, given(measure(1, 'times'))], unit) : few ? quotientIn(each, by, unit) : product([each, by], unit);
}

const quotientIn = (of: Working, by: Working, unit: UnitCode): Working =>
  relation([of, by], measure(exact(of.value.value).div(exact(by.value.value)), unit), {
    code: 'pieces-from',
    amount: of.value,
    each: by.value,
  });

/** What comes of one piece is counted once; what is cut or made up to whole ones takes more. */
function adjustments(
  slices: readonly Slice[],
  { shown, bought, cut, unit }: { shown: Exact; bought: Exact; cut: number; unit: UnitCode },
): readonly Working[] {
  const need = total(slices, (slice) => slice.need);
  const change = (value: Exact, said: Said) =>
    value.equals(0) ? [] : [relation([given(measure(value, unit))], measure(value, unit), said)];
  const shared = slices.filter(({ piece }) => piece === 'shared');
  const more = exact(cut).sub(total(shared, (slice) => slice.need));
  return [
    ...change(need.sub(shown), { code: 'from-one-piece' }),
    ...change(more, { code: 'cut-from', parts: partsSaid(shared), pieces: cut }),
    ...change(bought.sub(need).sub(more), { code: 'whole-each' }),
  ];
}

/** "14 × ⅜": how the pieces are cut. */
const partsSaid = (slices: readonly Slice[]): string =>
  slices.map((slice) => `${countOf(slice)} × ${showFraction(slice.need)}`).join(' and ');

/** What giving the pieces out another way would cost. */
function otherChoice(slices: readonly Slice[], bought: Exact): readonly Said[] {
  const now = slices.some(({ piece }) => piece === 'whole')
    ? 'whole'
    : slices.some(({ piece }) => piece === 'shared')
      ? 'shared'
      : 'weighed';
  const other = now === 'whole' ? 'shared' : 'whole';
  const pieces = other === 'whole' ? wholeOnes(slices) : exact(cutFor(slices));
  return pieces.equals(bought.ceil()) ? [] : [{ code: 'other-choice', now, other, pieces: pieces.valueOf() }];
}

/** Whites that yolks leave, and yolks that whites leave. */
function leftOver(contributions: readonly Contribution[], slices: readonly Slice[]): readonly Said[] {
  if (!contributions.some(({ part }) => part?.use === 'yolk' || part?.use === 'white')) return [];
  const taken = (use: 'yolk' | 'white') =>
    total(slices, ({ lines }) => lines.filter(({ part }) => part?.use === use).reduce((all, line) => all.add(piecesOf(line)), ZERO));
  const left = taken('yolk').sub(taken('white'));
  if (left.equals(0)) return [];
  return [{ code: 'leaves', count: exactText(left.abs().ceil()), item: LEFT_BY[left.compare(0) > 0 ? 'yolk' : 'white']! }];
}

/** What lies on one tray: whole pieces, or the part that is cut or measured out for it. */
function onTray({ from, to, lines, piece, need }: Slice, unit: UnitCode, book: FactBook): PieceOnTray {
  const { line, reference, called, part } = lines[0]!;
  const bare = lines.map((each) =>
    labelled(givenOut(each), { from: each.reference, by: { code: 'scaling', kind: each.line.scaling.kind } }),
  );
  const together =
    lines.length === 1 && (!part || part.use === 'cut')
      ? bare[0]!
      : lines.every((each) => each.part === null)
        ? sum(bare, unit)
        : relation(bare, measure(need, unit), { code: 'pieces-together' });
  const own = labelled(together, { from: reference, said: called, by: { code: 'scaling', kind: line.scaling.kind } });
  const whole = piece === 'whole' ? rounding(own, need.ceil(), 'up', measure(1, unit)) : own;
  const cut: readonly Said[] =
    piece === 'whole' || need.equals(need.floor()) ? [] : [{ code: piece === 'shared' ? 'cut-from-shared' : 'measured-out' }];
  const weight = piece === 'weighed' ? weightOf(lines[0]!, need, book) : [];
  const notes = new Map(
    [...lines.flatMap((each) => each.notes), ...partsOn(lines), ...cut, ...weight].map((said) => [JSON.stringify(said), said]),
  );
  return {
    lines,
    from,
    to,
    figure: figure(text(line.item), whole, { estimate: lines.some((each) => each.estimate), notes: [...notes.values()] }),
  };
}

/** About how many grams are measured out. */
function weightOf({ line, us, unit }: Contribution, pieces: Exact, book: FactBook): readonly Said[] {
  const one = line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
  const grams = toGrams(line.item, { value: pieces, unit }, { one, size: line.size, us }, book);
  return isMissingFact(grams) ? [] : [{ code: 'about-weight', amount: measure(roundForKitchen(grams.quantity).quantity.value, 'g') }];
}

/** What the pieces are for, where they are bought whole and used in part: "2 yolk", "1 wedge". */
function partsOn(lines: readonly Contribution[]): readonly Said[] {
  const used = lines.flatMap((line): readonly { readonly amount: Measure; readonly use: string }[] => {
    const { part } = line;
    if (!part || part.use === 'flesh') return [];
    const { value } = givenOut(line);
    // Alone it stands on its tray as what it is.
    if (part.use === 'cut') return lines.length > 1 ? [{ amount: measure(value.value, 'each'), use: part.cut! }] : [];
    return [{ amount: value, use: part.use }];
  });
  return used.length > 0 ? [{ code: 'for-parts', parts: used }] : [];
}
