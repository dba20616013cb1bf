// @vitest-environment happy-dom
import { Schema } from '@tiptap/pm/model';
import { EditorState, TextSelection } from '@tiptap/pm/state';
import ELK from 'elkjs/lib/elk.bundled.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED_CUT_SETS, writeInline } from '@pelvo/core';
import { cutRows, widestCut } from '../src/cuts/cutRows';
import { cutOf, draftOf } from '../src/cuts/setDraft';
import { newLesson, withTechnique } from '../src/lessons/lessonFields';
import { layOut, NODE, type MapTechnique } from '../src/progress/mapLayout';
import { fitScale, lineage, neighbour } from '../src/progress/mapView';
import { planPath } from '../src/progress/planPath';
import { missingOnCard, NEW_TECHNIQUE } from '../src/techniques/cardFields';
import { documentOf, linesOf } from '../src/techniques/editor/lineDocument';
import { moveLine } from '../src/techniques/editor/lineExtensions';

describe('lines in the editor', () => {
  it('come back as they went in, strong and emphasis included', () => {
    const word = fc.stringMatching(/^[A-Za-z0-9*_\\#.½é]{1,8}$/);
    const line = fc
      .array(fc.record({ text: word, strong: fc.boolean(), emphasis: fc.boolean() }), { minLength: 1, maxLength: 5 })
      .map((runs) => writeInline(runs));
    fc.assert(
      fc.property(fc.array(line, { maxLength: 6 }), (lines) => {
        expect(linesOf(documentOf(lines, true), true)).toEqual(lines.filter(Boolean));
      }),
    );
  });

  it('hold stars as they are where nothing is strong, and leave empty lines out', () => {
    expect(linesOf(documentOf(['2 * 3 mm', '', '  knife  '], false), false)).toEqual(['2 * 3 mm', 'knife']);
    expect(documentOf([], true).content?.[0]?.content).toHaveLength(1);
  });

  it('move up and down, and stay within the list', () => {
    const schema = new Schema({
      nodes: { doc: { content: 'list' }, list: { content: 'line+' }, line: { content: 'text*' }, text: {} },
      marks: { bold: {}, italic: {} },
    });
    const state = EditorState.create({ doc: schema.nodeFromJSON(documentOf(['one', 'two', 'three'], true)) });
    const at = state.apply(state.tr.setSelection(TextSelection.create(state.doc, 8)));
    const moved = at.apply(moveLine(at, 1)!);
    expect(linesOf(moved.doc.toJSON(), true)).toEqual(['one', 'three', 'two']);
    expect(moved.selection.$from.parent.textContent).toBe('two');
    expect(moveLine(moved, 1)).toBeNull();
    expect(linesOf(moved.apply(moveLine(moved, -1)!).doc.toJSON(), true)).toEqual(['one', 'two', 'three']);
  });
});

describe('what a card still lacks', () => {
  it('is told part by part', () => {
    const lacking = (fields = NEW_TECHNIQUE) => missingOnCard(fields).flatMap(({ anchor, missing }) => (missing ? [anchor] : []));
    expect(lacking()).toContain('card-steps');
    const care = missingOnCard({ ...NEW_TECHNIQUE, steps: ['Deep-fry the sage.'] }).find(({ anchor }) => anchor === 'card-care');
    expect(care?.missing).toMatch(/asked$/);
    const variants = [{ key: 'wet', name: 'wet', text: 'With water.' }];
    expect(lacking({ ...NEW_TECHNIQUE, variants })).toContain('card-ways');
    expect(lacking({ ...NEW_TECHNIQUE, variants, variant: 'wet' })).not.toContain('card-ways');
  });
});

const technique = (id: string, prerequisites: readonly string[] = [], strand: MapTechnique['strand'] = 'knife'): MapTechnique => ({
  id,
  name: id,
  strand,
  prerequisites,
});

describe('the map', () => {
  const few = [
    technique('grip'),
    technique('julienne', ['grip']),
    technique('dice', ['julienne', 'put away']),
    technique('sweat', ['dice'], 'cooking'),
    technique('rim', [], 'plating'),
  ];

  it('puts what comes before to the left, strands apart, and loses nothing', async () => {
    const layout = await layOut(new ELK(), few, 1.8);
    const at = new Map(layout.nodes.map((node) => [node.id, node]));
    expect(layout.nodes).toHaveLength(5);
    expect(at.get('grip')!.x).toBeLessThan(at.get('julienne')!.x);
    expect(at.get('julienne')!.x).toBeLessThan(at.get('dice')!.x);
    expect(layout.edges.map(({ from, to, across }) => [from, to, across])).toEqual([
      ['grip', 'julienne', false],
      ['julienne', 'dice', false],
      ['dice', 'sweat', true],
    ]);
    expect(layout.bands.map(({ strand }) => strand)).toEqual(['knife', 'plating', 'cooking']);
    expect(await layOut(new ELK(), [], 1.8)).toMatchObject({ nodes: [], edges: [], width: 0, height: 0 });
  });

  it('holds five hundred techniques without two of them in one place', async () => {
    const many = Array.from({ length: 500 }, (_, index) =>
      technique(`t${index}`, index % 7 === 0 ? [] : [`t${Math.floor(index / 2)}`], index % 3 === 0 ? 'cooking' : 'knife'),
    );
    const { nodes, width, height } = await layOut(new ELK(), many, 1.8);
    expect(nodes).toHaveLength(500);
    const cells = nodes.flatMap((a, index) =>
      nodes.slice(index + 1).filter((b) => Math.abs(a.x - b.x) < NODE.width && Math.abs(a.y - b.y) < NODE.height),
    );
    expect(cells).toEqual([]);
    expect(nodes.every(({ x, y }) => x >= 0 && y >= 0 && x + NODE.width <= width + 1 && y + NODE.height <= height + 1)).toBe(true);
  });

  it('is walked by arrows to the nearest that way', () => {
    const nodes = [
      { id: 'a', x: 0, y: 0 },
      { id: 'b', x: 200, y: 10 },
      { id: 'c', x: 180, y: 300 },
      { id: 'd', x: 0, y: 100 },
    ];
    const from = (id: string, arrow: Parameters<typeof neighbour>[1]) =>
      neighbour(
        nodes.find((each) => each.id === id)!,
        arrow,
        nodes,
      )?.id ?? null;
    expect([from('a', 'ArrowRight'), from('a', 'ArrowDown'), from('b', 'ArrowLeft'), from('a', 'ArrowUp')]).toEqual(['b', 'd', 'a', null]);
  });

  it('lights what leads to a technique and what it leads to, and nothing beside', () => {
    const prerequisites = new Map(few.map(({ id, prerequisites: before }) => [id, before]));
    expect([...lineage('julienne', prerequisites)].sort()).toEqual(['dice', 'grip', 'julienne', 'sweat']);
    expect([...lineage('rim', prerequisites)]).toEqual(['rim']);
  });

  it('is fitted to the width without becoming unreadable or blown up', () => {
    expect([fitScale(2000, 1000), fitScale(9000, 1000), fitScale(500, 1000), fitScale(0, 1000)]).toEqual([0.5, 0.35, 1, 1]);
    expect([fitScale(2000, 1000, true), NODE.height]).toEqual([1, 48]);
  });

  it('leads to a plan that names what was chosen, once', () => {
    const asked = new URL(planPath('c1', 't1', 'assess'), 'http://pelvo').searchParams;
    const once = withTechnique(newLesson(''), asked);
    expect([once.classId, once.techniques]).toEqual(['c1', [{ id: 't1', purpose: 'assess' }]]);
    expect(withTechnique(once, asked).techniques).toHaveLength(1);
    expect(withTechnique(newLesson('c2'), new URLSearchParams('technique=t2&purpose=fly')).techniques[0]!.purpose).toBe('introduce');
  });
});

describe('named cuts side by side', () => {
  it('stand a name a row, each set in its column, the finest of a shape first', () => {
    const rows = cutRows(SHIPPED_CUT_SETS);
    const julienne = rows.find(({ key }) => key === 'julienne')!;
    expect(julienne.cuts.map((cut) => cut?.thickness)).toEqual([2, 3.2, undefined]);
    // One name, with its accent or without.
    expect(rows.find(({ key }) => key === 'batonnet')!.cuts.map((cut) => cut?.name)).toEqual(['Bâtonnet', 'Batonnet', undefined]);
    expect(rows.length).toBe(new Set(SHIPPED_CUT_SETS.flatMap(({ cuts }) => cuts.map(({ key }) => key))).size);
    expect(rows.findIndex(({ key }) => key === 'fine-julienne')).toBeLessThan(rows.indexOf(julienne));
    expect(widestCut([])).toBe(10);
  });

  it('are typed as text and go out as numbers; what is no number goes as it stands', () => {
    const set = SHIPPED_CUT_SETS[0]!;
    expect(draftOf(set).cuts.map(cutOf)).toEqual(set.cuts);
    expect(cutOf({ ...draftOf(set).cuts[0]!, length: '2,5', width: 'wide', thickness: '' })).toMatchObject({
      length: 2.5,
      width: 'wide',
      thickness: '',
    });
  });
});
