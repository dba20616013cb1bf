import { describe, expect, it } from 'vitest';
import {
  cutPieces,
  drawCard,
  DRAWING_KINDS,
  matPages,
  sectionDrawing,
  SHIPPED_CUT_SETS,
  textWidth,
  toSvg,
  type CutSet,
  type Drawing,
} from '../src';

/** Labels that would be cut off at an edge of their drawing. */
function cutOff({ width, height, shapes }: Drawing): readonly string[] {
  return shapes.flatMap((shape) => {
    if (shape.kind !== 'text') return [];
    const wide = textWidth(shape.text, shape.size, shape.strong);
    const left = shape.x - { start: 0, middle: wide / 2, end: wide }[shape.anchor];
    const inside = left >= 0 && left + wide <= width && shape.y - shape.size * 0.8 >= 0 && shape.y + shape.size * 0.25 <= height;
    return inside ? [] : [`${shape.text} (${Math.round(left)} to ${Math.round(left + wide)} of ${width})`];
  });
}

const LONG = 'Very long name of a cut that somebody copied from a book and kept';
const longSet = (set: CutSet): CutSet => ({ ...set, name: LONG, cuts: set.cuts.map((cut) => ({ ...cut, name: LONG })) });

describe('drawings', () => {
  it('have room for all their words, those a school types too', () => {
    const drawn = ['15', '20', '25'].flatMap((angle) =>
      ['centred', 'off-centre'].flatMap((place) =>
        DRAWING_KINDS.filter((kind) => kind !== 'cut').map((kind) =>
          drawCard(
            { kind },
            { practices: { 'edge-angle': angle, 'plate-place': place }, cutSet: null, hand: place === 'centred' ? 'left' : 'right' },
          )!,
        ),
      ),
    );
    const cuts = SHIPPED_CUT_SETS.flatMap((set) =>
      [set, longSet(set)].flatMap((cutSet) => [
        ...cutSet.cuts.map(({ key }) => drawCard({ kind: 'cut', of: key }, { practices: {}, cutSet })!),
        ...matPages(cutSet, 'A4'),
        ...matPages(cutSet, 'LETTER'),
      ]),
    );
    expect([...drawn, ...cuts].flatMap(cutOff)).toEqual([]);
  });
  it('are turned over for the left hand, words still to be read, and only where a hand is in them', () => {
    const both = { practices: {}, cutSet: null };
    const [right, left] = [drawCard({ kind: 'grip' }, both)!, drawCard({ kind: 'grip' }, { ...both, hand: 'left' })!];
    const words = (drawing: Drawing) =>
      drawing.shapes.flatMap((shape) => (shape.kind === 'text' ? [[shape.text, shape.x, shape.anchor]] : []));
    // "thumb and first" began at 130 of 260 and ends there now.
    expect(words(right)[0]).toEqual(['thumb and first', 130, 'start']);
    expect(words(left)[0]).toEqual(['thumb and first', 130, 'end']);
    expect(toSvg(left)).toContain('transform="translate(260 0) scale(-1 1)"');
    expect(left.title).toContain('left hand');
    expect(drawCard({ kind: 'plate' }, { ...both, hand: 'left' })).toEqual(drawCard({ kind: 'plate' }, both));
    expect(drawCard({ kind: 'bulb' }, { practices: { 'bulb-cuts': 'layers' }, cutSet: null })!.title).toContain('none is level');
  });
  const context = { practices: {}, cutSet: SHIPPED_CUT_SETS[1]! };
  it('are there for every kind, with words for those who cannot see them', () => {
    for (const kind of DRAWING_KINDS) {
      const drawing = drawCard({ kind, of: 'julienne' }, context)!;
      expect(drawing.title.length).toBeGreaterThan(15);
      expect(toSvg(drawing)).toMatch(/^<svg .*<\/svg>$/);
    }
  });
  it('follow what is in force', () => {
    expect(drawCard({ kind: 'cut', of: 'julienne' }, context)!.title).toContain('3.2 × 3.2 × 50 mm');
    expect(drawCard({ kind: 'cut', of: 'julienne' }, { ...context, cutSet: null })!.title).toContain('2 × 2 × 50 mm');
    expect(drawCard({ kind: 'cut', of: 'no-such-cut' }, context)).toBeNull();
    expect(drawCard({ kind: 'angle' }, { ...context, practices: { 'edge-angle': '15' } })!.title).toContain('15 degrees');
    expect(drawCard({ kind: 'plate' }, { ...context, practices: { 'plate-place': 'centred' } })!.title).toContain('centred');
  });
  it('write their words safely into SVG', () => {
    expect(
      toSvg({ width: 1, height: 1, title: 't', shapes: [{ kind: 'text', x: 0, y: 0, text: '<script>&"', size: 1, anchor: 'start' }] }),
    ).toContain('&lt;script&gt;&amp;&quot;');
  });
  it('show as many cells as pieces', () => {
    const result = cutPieces({ shape: 'tapered', length: 50, thick: 30, thin: 30 }, { length: 50, width: 5, thickness: 5 });
    const cells = sectionDrawing(result, { thickness: 5, width: 5 }, true).shapes.filter(
      (shape) => shape.kind === 'path' && shape.fill === 'tile',
    );
    expect(cells).toHaveLength(result.lengths[0]!.pieces);
  });
});
